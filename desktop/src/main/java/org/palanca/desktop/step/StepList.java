package org.palanca.desktop.step;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;

/** The steps of the job down the left side, each with its state in words. */
public final class StepList extends VBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass HELD = PseudoClass.getPseudoClass("held");
    private static final PseudoClass STALE = PseudoClass.getPseudoClass("stale");

    private final Supplier<Words> words;
    private final List<Entry> entries = new ArrayList<>();

    /** A step with what shows it. */
    private record Entry(Step step, Button button, Label name, Label state) {}

    /**
     * @param steps in their order
     * @param open the one that is open; pressing another sets it
     */
    public StepList(List<Step> steps, ObjectProperty<Step> open, Supplier<Words> words) {
        this.words = words;
        getStyleClass().add("rail");
        for (Step step : steps) {
            Label name = new Label();
            name.getStyleClass().add("rail-name");
            Label state = new Label();
            state.getStyleClass().add("rail-state");
            Button button = new Button();
            button.setId("step-" + step.id());
            button.setGraphic(new VBox(name, state));
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().add("rail-step");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(event -> open.set(step));
            entries.add(new Entry(step, button, name, state));
            getChildren().add(button);
        }
        open.addListener((o, before, now) -> mark(now));
        mark(open.get());
        relabel();
    }

    private void mark(Step present) {
        entries.forEach(entry -> entry.button().pseudoClassStateChanged(SELECTED, entry.step() == present));
    }

    /** Puts the keyboard on a step, where it is when its pane opens. */
    public void focus(Step step) {
        entries.stream()
                .filter(entry -> entry.step() == step)
                .forEach(entry -> entry.button().requestFocus());
    }

    /** Shows the steps' names in the words of the moment; their states follow when they are known. */
    public void relabel() {
        entries.forEach(
                entry -> entry.name().setText(words.get().text(entry.step().key())));
    }

    /** Shows a step's state in words; a held step says what holds it. */
    public void show(Step step, StepState state) {
        for (Entry entry : entries) {
            if (entry.step() == step) {
                entry.state().setText(words.get().text(state.message()));
                entry.button().pseudoClassStateChanged(HELD, state.held());
                entry.button().pseudoClassStateChanged(STALE, false);
                entry.button()
                        .setAccessibleText(
                                entry.name().getText() + ", " + entry.state().getText());
            }
        }
    }

    /** A step's state is of a vehicle that has changed since: it stays, faint, until there is a new one. */
    public void stale(Step step) {
        for (Entry entry : entries) {
            if (entry.step() == step) {
                entry.button().pseudoClassStateChanged(STALE, true);
                entry.button().setAccessibleText(entry.name().getText());
            }
        }
    }
}
