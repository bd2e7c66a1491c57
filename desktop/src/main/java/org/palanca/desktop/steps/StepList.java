package org.palanca.desktop.steps;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.document.BoardState;

/** The steps of the job down the left side, each with its state in words. */
public final class StepList extends VBox {
    private static final PseudoClass IN_HAND = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass HELD = PseudoClass.getPseudoClass("held");

    private final Supplier<Words> words;
    private final Map<Step, Button> buttons = new EnumMap<>(Step.class);
    private final Map<Step, Label> names = new EnumMap<>(Step.class);
    private final Map<Step, Label> states = new EnumMap<>(Step.class);

    public StepList(BoardState state, Supplier<Words> words) {
        this.words = words;
        getStyleClass().add("rail");
        for (Step step : Step.values()) {
            Label name = new Label();
            name.getStyleClass().add("rail-name");
            Label how = new Label();
            how.getStyleClass().add("rail-state");
            Button button = new Button();
            button.setId("step-" + step.name().toLowerCase(Locale.ROOT));
            button.setGraphic(new VBox(name, how));
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().add("rail-step");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(event -> state.stepProperty().set(step));
            buttons.put(step, button);
            names.put(step, name);
            states.put(step, how);
            getChildren().add(button);
        }
        state.stepProperty().addListener((o, before, now) -> mark(now));
        mark(state.stepProperty().get());
    }

    private void mark(Step present) {
        buttons.forEach((step, button) -> button.pseudoClassStateChanged(IN_HAND, step == present));
    }

    /** Puts the keyboard on a step, where it is when its pane opens. */
    public void focus(Step step) {
        buttons.get(step).requestFocus();
    }

    /** Shows a step's name; its state follows when it is known. */
    public void name(Step step) {
        names.get(step).setText(words.get().text(step.key()));
    }

    /** Shows a step's state in words; a held step says what holds it. */
    public void show(Step step, String how, boolean held) {
        names.get(step).setText(words.get().text(step.key()));
        states.get(step).setText(how);
        buttons.get(step).pseudoClassStateChanged(HELD, held);
        buttons.get(step).setAccessibleText(names.get(step).getText() + ", " + how);
    }
}
