package org.palanca.desktop.app;

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
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Vehicle;

/**
 * What the steps are given of the window.
 *
 * @param window that they stand in
 * @param files asks for files
 * @param analysis of the axle on the board
 * @param commands everything that can be done by name
 */
record WindowContext(MainWindow window, FileAsker files, ObservableValue<Analysis> analysis, WindowCommands commands)
        implements StepContext {
    @Override
    public Document document() {
        return window.document();
    }

    @Override
    public BoardState state() {
        return window.state();
    }

    @Override
    public Words words() {
        return window.words();
    }

    @Override
    public Theme theme() {
        return window.appearance().theme();
    }

    @Override
    public void complain(String text) {
        window.complain(text);
    }

    @Override
    public void tell(Message message) {
        window.tell(message);
    }

    @Override
    public void sheet(SheetKind kind, Optional<String> mount) {
        window.files().sheet(kind, mount);
    }

    @Override
    public List<Command> poseCommands() {
        return commands.poseCommands();
    }

    @Override
    public void note(Note.Subject about) {
        window.note(about);
    }

    @Override
    public void openBoard() {
        window.openStep().set(Steps.BOARD);
    }

    @Override
    public void openCopy(Vehicle vehicle) {
        window.started(vehicle);
    }
}
