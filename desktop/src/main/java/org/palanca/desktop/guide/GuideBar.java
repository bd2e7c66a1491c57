package org.palanca.desktop.guide;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.vehicle.Vehicle;

/** The task that is set, above the board, until it is done; work goes on beneath it, and it can be left at any time. */
public final class GuideBar extends HBox {
    private final Document document;
    private final BoardState state;
    private final ObservableValue<Analysis> analysis;
    private final BooleanSupplier trying;
    private final Supplier<Words> words;
    private final Consumer<String> open;
    private final Label count = Labels.of("", "trouble-mark");
    private final Label text = Labels.sentence("", "guide-text");
    private final Button show = new Button();
    private final Button skip = new Button();
    private final Button leave = new Button();
    private int at = -1;
    private int sheets;
    private Optional<Vehicle> begun = Optional.empty();

    /**
     * @param analysis of the axle on the board
     * @param trying whether a move is shown that is neither taken nor left yet
     * @param open opens a step by its id
     */
    public GuideBar(
            Document document,
            BoardState state,
            ObservableValue<Analysis> analysis,
            BooleanSupplier trying,
            Supplier<Words> words,
            Consumer<String> open) {
        this.trying = trying;
        this.document = document;
        this.state = state;
        this.analysis = analysis;
        this.words = words;
        this.open = open;
        setId("guide");
        getStyleClass().add("notice");
        setAlignment(Pos.CENTER_LEFT);
        setSpacing(12);
        count.setId("guide-count");
        count.setMinWidth(USE_PREF_SIZE);
        text.setId("guide-text");
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        button(show, "guide-show", () -> open.accept(task().step()));
        button(skip, "guide-skip", () -> begin(at + 1));
        button(leave, "guide-leave", this::leave);
        getChildren().addAll(count, text, show, skip, leave);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        document.vehicleProperty().addListener((o, before, now) -> look());
        document.baselineProperty().addListener((o, before, now) -> look());
        state.selectionProperty().addListener((o, before, now) -> look());
        state.litProperty().addListener((o, before, now) -> look());
        state.poseProperty().addListener((o, before, now) -> look());
        analysis.addListener((o, before, now) -> look());
    }

    private static void button(Button button, String id, Runnable action) {
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(event -> action.run());
    }

    /** Begins with the first task, on the demo vehicle. */
    public void start() {
        begin(0);
    }

    /** Leaves it; the vehicle stays as it is. */
    public void leave() {
        at = -1;
        setVisible(false);
    }

    /** Is told that a sheet is looked at. */
    public void sheetSeen() {
        sheets++;
        look();
    }

    /** Says the task in the words of this moment. */
    public void relabel() {
        if (at >= 0) {
            say();
        }
    }

    private GuidedTask task() {
        return GuidedTask.ALL.get(Math.min(at, GuidedTask.ALL.size() - 1));
    }

    private boolean over() {
        return at >= GuidedTask.ALL.size();
    }

    private void begin(int number) {
        at = number;
        sheets = 0;
        begun = Optional.of(document.vehicle());
        setVisible(true);
        if (!over()) {
            open.accept(task().step());
        }
        say();
    }

    private void say() {
        Words w = words.get();
        count.setText(
                over()
                        ? w.text("guide.over")
                        : w.text("guide.count", Integer.toString(at + 1), Integer.toString(GuidedTask.ALL.size())));
        text.setText(over() ? w.text("guide.done") : w.text("guide." + task().id()));
        show.setText(w.text("guide.show"));
        skip.setText(w.text("guide.skip"));
        leave.setText(w.text(over() ? "guide.close" : "guide.leave"));
        for (Button button : new Button[] {show, skip}) {
            button.setVisible(!over());
            button.setManaged(!over());
        }
    }

    /** Sets the next task when this one is done. */
    private void look() {
        if (at < 0 || over()) {
            return;
        }
        Vehicle vehicle = document.vehicle();
        Optional<Analysis> now = Optional.ofNullable(analysis.getValue())
                .filter(one -> one.model().vehicle() == vehicle);
        if (task().done()
                .test(new Situation(vehicle, begun.orElse(vehicle), state, now, trying.getAsBoolean(), sheets))) {
            begin(at + 1);
        }
    }
}
