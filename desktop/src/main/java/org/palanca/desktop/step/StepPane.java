package org.palanca.desktop.step;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.board.GripBoard;
import org.palanca.desktop.board.MeasuringTool;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.SafeFile;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Vehicle;

/** What a step shows: something in the middle of the window, and a column beside it where it has one of its own. */
public abstract class StepPane extends VBox {
    private final StepContext context;
    private final VBox inspector = new VBox();
    private final VBox side = new VBox();
    private final ScrollPane sideScroll = new ScrollPane(new VBox(inspector, side));

    protected StepPane(StepContext context) {
        this.context = context;
        setMinSize(0, 0);
        managedProperty().bind(visibleProperty());
        inspector.getStyleClass().add("inspector");
        inspector.managedProperty().bind(inspector.visibleProperty());
        inspector.setVisible(false);
        side.getStyleClass().add("floor-side");
        sideScroll.getStyleClass().add("strips");
        sideScroll.setFitToWidth(true);
        sideScroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        document().vehicleProperty().addListener((o, before, now) -> refresh());
        document().tryout().shownProperty().addListener((o, before, now) -> refresh());
        state().axleProperty().addListener((o, before, now) -> refresh());
    }

    /** The column beside it; empty where the results of the axle stay there. */
    public Optional<Node> side() {
        return Optional.of(sideScroll);
    }

    protected final VBox sideColumn() {
        return side;
    }

    /** Shows over the column what is picked on the drawing, with its fields; of a step that edits nothing there, nothing. */
    protected final void inspect(List<? extends Node> fields) {
        inspector.setVisible(!fields.isEmpty());
        inspector.getChildren().setAll(fields);
    }

    /** Shows everything on its boards again after zooming. */
    public void fit() {
        for (Node node : lookupAll(".board")) {
            if (node instanceof FloorBoard board) {
                board.fit();
            }
        }
    }

    /** Lets one view fill each of its boards, the one touched last, or shows all views again. */
    public void enlarge() {
        for (Node node : lookupAll(".board")) {
            if (node instanceof FloorBoard board) {
                board.enlarge(board.touched());
            }
        }
    }

    /** Shows the vehicle from any side in the place of one of each board's views, where a board has such a view. */
    public void turn() {
        for (Node node : lookupAll(".board")) {
            if (node instanceof FloorBoard board) {
                board.turn();
            }
        }
    }

    /** Does something with the tape and the rulers of each of its boards. */
    public void measure(Consumer<MeasuringTool> how) {
        for (Node node : lookupAll(".board")) {
            if (node instanceof FloorBoard board) {
                how.accept(board.tool());
            }
        }
    }

    /** Shows everything as it is now, if it can be seen. */
    public final void refresh() {
        if (isVisible() && getScene() != null) {
            Node focused = getScene().getFocusOwner();
            show();
            keepFocus(focused);
        }
    }

    /** Some parts are made anew when they are shown; the keyboard stays where it was. */
    private void keepFocus(Node focused) {
        boolean gone = focused != null && focused.getId() != null && focused.getScene() == null;
        if (gone) {
            Node again = getScene().lookup("#" + focused.getId());
            if (again != null) {
                again.requestFocus();
            }
        }
    }

    /** Shows everything as it is now. */
    protected abstract void show();

    /** Puts the keyboard where the step's work begins; false where it stays on the list of steps. */
    public boolean takeFocus() {
        return false;
    }

    /** Makes labels and fields anew, for other words or units. */
    public void relabel() {
        // Most are made anew whenever they are shown.
    }

    /** Sets how large drawn text is, 1 for normal. */
    public void setTextSize(double times) {
        // Written text follows the window's own size.
    }

    /** Stops what runs beside the window for it. */
    public void dispose() {
        // Most have nothing running.
    }

    /** What is in hand on its drawing and can be written about; empty where that is the step itself. */
    public Optional<Note.Subject> subject() {
        return lookupAll(".board").stream()
                .filter(GripBoard.class::isInstance)
                .flatMap(node -> ((GripBoard) node).inHand().stream())
                .map(grip -> new Note.Subject(
                        grip instanceof Grip.OnMount ? Note.Kind.MOUNT : Note.Kind.PART,
                        Optional.of(place()),
                        grip.name()))
                .findFirst();
    }

    /** What the step is given of the window. */
    public final StepContext context() {
        return context;
    }

    public final Document document() {
        return context.document();
    }

    public final Vehicle vehicle() {
        return document().vehicle();
    }

    public final Build build() {
        return vehicle().build();
    }

    /** The axle on the board. */
    public final AxlePlace place() {
        return state().axleProperty().get();
    }

    public final BoardState state() {
        return context.state();
    }

    public final Words words() {
        return context.words();
    }

    public final Supplier<Words> wordsSupplier() {
        return context::words;
    }

    public final Supplier<Theme> themeSupplier() {
        return context::theme;
    }

    public final void complain(String text) {
        context.complain(text);
    }

    public final Consumer<String> complaints() {
        return context::complain;
    }

    /** Changes what is known from the floor, as one step that can be undone. */
    public final boolean change(UnaryOperator<Build> how, String what, Object... arguments) {
        Vehicle vehicle = vehicle();
        boolean done = document()
                .change(vehicle.withBuild(how.apply(vehicle.build())), Message.of("change." + what, arguments), "");
        if (!done) {
            refresh();
        }
        return done;
    }

    /** Rows of a table that go out. */
    public interface Rows {
        void write(Appendable out) throws IOException;
    }

    /**
     * Writes a table where the user wants it, and says where it is.
     *
     * @param what it is of, as its proposed name ends
     */
    public final void writeTable(String what, Rows rows) {
        String proposed = vehicle().name().replace(' ', '-') + "-r" + vehicle().revision() + "-" + what + ".csv";
        context.files().toSave(words().text("file_window.table"), proposed).ifPresent(path -> {
            StringBuilder text = new StringBuilder();
            try {
                rows.write(text);
                SafeFile.write(path, text.toString().getBytes(StandardCharsets.UTF_8));
                context.tell(Message.of("make.table_written", path.getFileName().toString()));
            } catch (IOException e) {
                complain(words().text("file.cannot_write", path));
            }
        });
    }
}
