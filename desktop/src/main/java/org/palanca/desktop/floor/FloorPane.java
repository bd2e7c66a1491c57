package org.palanca.desktop.floor;

import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Vehicle;

/** One step on the floor: what stands in the middle, and a column beside it in the place of the results. */
public abstract class FloorPane extends VBox {
    private final Document document;
    private final BoardState state;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final Consumer<String> complain;
    private final VBox side = new VBox();
    private final ScrollPane sideScroll = new ScrollPane(side);

    /**
     * What every step on the floor is given.
     *
     * @param document the vehicle worked on
     * @param state which axle is on the board
     * @param words of the moment
     * @param theme of the moment
     * @param complain says what is wrong with something typed
     */
    public record Context(
            Document document,
            BoardState state,
            Supplier<Words> words,
            Supplier<Theme> theme,
            Consumer<String> complain) {}

    protected FloorPane(Context context) {
        document = context.document();
        state = context.state();
        words = context.words();
        theme = context.theme();
        complain = context.complain();
        getStyleClass().add("floor-pane");
        side.getStyleClass().add("floor-side");
        sideScroll.getStyleClass().add("strips");
        sideScroll.setFitToWidth(true);
        sideScroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        document.vehicleProperty().addListener((o, before, now) -> refresh());
        state.axleProperty().addListener((o, before, now) -> refresh());
    }

    /** The column beside it. */
    public Node side() {
        return sideScroll;
    }

    protected VBox sideColumn() {
        return side;
    }

    /** Shows everything on its boards again after zooming. */
    public void fit() {
        for (Node node : lookupAll(".board")) {
            if (node instanceof FloorBoard board) {
                board.fit();
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

    /** Makes labels and fields anew, for other words or units. */
    public abstract void relabel();

    /** Sets how large drawn text is, 1 for normal. */
    public abstract void setTextSize(double times);

    protected Document document() {
        return document;
    }

    protected Vehicle vehicle() {
        return document.vehicle();
    }

    protected Build build() {
        return document.vehicle().build();
    }

    protected AxlePlace place() {
        return state.axleProperty().get();
    }

    protected BoardState state() {
        return state;
    }

    protected Words words() {
        return words.get();
    }

    protected Supplier<Words> wordsSupplier() {
        return words;
    }

    protected Supplier<Theme> themeSupplier() {
        return theme;
    }

    protected void complain(String text) {
        complain.accept(text);
    }

    protected Consumer<String> complaints() {
        return complain;
    }

    /** Changes what is known from the floor, as one step that can be undone. */
    protected boolean change(UnaryOperator<Build> how, String what, Object... arguments) {
        Vehicle vehicle = document.vehicle();
        boolean done = document.change(
                vehicle.withBuild(how.apply(vehicle.build())), Message.of("change." + what, arguments), "");
        if (!done) {
            refresh();
        }
        return done;
    }
}
