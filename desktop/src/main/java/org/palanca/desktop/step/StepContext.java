package org.palanca.desktop.step;

import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Vehicle;

/** What every step is given of the window it stands in. */
public interface StepContext {
    /** The vehicle worked on. */
    Document document();

    /** Which axle is on the board, at which pose, with what selected. */
    BoardState state();

    /** The words and units of this moment. */
    Words words();

    /** The colours of this moment. */
    Theme theme();

    /** Says what is wrong with something typed, until the next change. */
    void complain(String text);

    /** Says something above the board until it is dismissed. */
    void tell(Message message);

    /** Asks the user for files. */
    FileAsker files();

    /**
     * Writes a sheet of the axle on the board where the user wants it.
     *
     * @param mount the one mount it is of, where the sheet is of mounts; empty for all
     */
    void sheet(SheetKind kind, Optional<String> mount);

    /** The axle on the board analysed at its pose; null until the first is worked out. */
    ObservableValue<Analysis> analysis();

    /** What moves the axle to a pose that has a name. */
    List<Command> poseCommands();

    /** Opens what is written about something, to be written on. */
    void note(Note.Subject about);

    /** Opens the step that shows the board. */
    void openBoard();

    /** Opens a vehicle that was made from this one, as work of its own that has no file yet; work that is not safe is asked about. */
    void openCopy(Vehicle vehicle);
}
