package org.palanca.desktop.step;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.WrappingLabel;

/**
 * The stages of the job down the left side, one opened to its steps, each step with its state in words. A stage that is closed
 * says what is worst in it and how many of its steps are held besides.
 */
public final class StepList extends VBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("in-hand");
    private static final PseudoClass HELD = PseudoClass.getPseudoClass("held");
    private static final PseudoClass STALE = PseudoClass.getPseudoClass("stale");

    private final Supplier<Words> words;
    private final ObjectProperty<Step> open;
    private final List<Group> groups = new ArrayList<>();
    private final List<Entry> entries = new ArrayList<>();
    private final Map<Step, StepState> states = new HashMap<>();

    /** A button with a name and a line or two below it. */
    private record Lines(Button button, Label name, List<Label> below) {
        static Lines of(String id, String style, int below) {
            Label name = new Label();
            name.getStyleClass().add(style + "-name");
            VBox lines = new VBox(name);
            List<Label> labels = new ArrayList<>();
            for (int i = 0; i < below; i++) {
                Label label = new WrappingLabel();
                labels.add(label);
                lines.getChildren().add(label);
            }
            labels.get(below - 1).getStyleClass().add("rail-state");
            Button button = new Button();
            button.setId(id);
            button.setGraphic(lines);
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            button.getStyleClass().add(style);
            button.setMaxWidth(Double.MAX_VALUE);
            return new Lines(button, name, labels);
        }

        Label state() {
            return below.get(below.size() - 1);
        }

        void mark(PseudoClass what, boolean on) {
            button.pseudoClassStateChanged(what, on);
        }
    }

    /** A step with what shows it. */
    private record Entry(Step step, Lines lines) {}

    /** A stage with what shows it closed, and the list that it opens to. */
    private record Group(Stage stage, Lines lines, VBox list) {
        Label steps() {
            return lines.below().get(0);
        }
    }

    /**
     * @param stages in their order
     * @param open the step that is open; pressing another sets it
     */
    public StepList(List<Stage> stages, ObjectProperty<Step> open, Supplier<Words> words) {
        this.words = words;
        this.open = open;
        getStyleClass().add("rail");
        for (Stage stage : stages) {
            Group group = new Group(stage, Lines.of("stage-" + stage.id(), "rail-stage", 2), new VBox());
            group.steps().getStyleClass().add("rail-steps");
            group.list().setId("steps-" + stage.id());
            group.list().managedProperty().bind(group.list().visibleProperty());
            group.lines().button().setOnAction(event -> openStage(group));
            groups.add(group);
            for (Step step : stage.steps()) {
                Lines lines = Lines.of("step-" + step.id(), "rail-step", 1);
                lines.button().setOnAction(event -> open.set(step));
                entries.add(new Entry(step, lines));
                group.list().getChildren().add(lines.button());
            }
            getChildren().addAll(group.lines().button(), group.list());
        }
        open.addListener((o, before, now) -> follow(now));
        relabel();
        follow(open.get());
    }

    /** Opens the stage of the step that is open now. */
    private void follow(Step present) {
        entries.forEach(entry -> entry.lines().mark(SELECTED, entry.step() == present));
        groups.stream().filter(group -> group.stage().steps().contains(present)).forEach(this::openStage);
    }

    private void openStage(Group opened) {
        for (Group group : groups) {
            group.list().setVisible(group == opened);
            for (Label label : group.lines().below()) {
                label.setVisible(group != opened);
                label.setManaged(group != opened);
            }
            group.lines()
                    .mark(SELECTED, group != opened && group.stage().steps().contains(open.get()));
            tell(group);
        }
    }

    /** Puts the keyboard on a step, where it is when its pane opens. */
    public void focus(Step step) {
        entry(step).ifPresent(entry -> entry.lines().button().requestFocus());
    }

    /** How far down the list a step is: 0 at its top to 1 at its end. */
    public double place(Step step) {
        return entry(step)
                .map(entry -> sceneToLocal(entry.lines()
                                .button()
                                .localToScene(entry.lines().button().getLayoutBounds()))
                        .getCenterY())
                .map(at -> getHeight() > 0 ? at / getHeight() : 0)
                .orElse(0.0);
    }

    private Optional<Entry> entry(Step step) {
        return entries.stream().filter(entry -> entry.step() == step).findFirst();
    }

    /** Shows the names in the words of the moment; the steps' states follow when they are known. */
    public void relabel() {
        Words w = words.get();
        entries.forEach(
                entry -> entry.lines().name().setText(w.text(entry.step().key())));
        for (Group group : groups) {
            group.lines().name().setText(w.text(group.stage().key()));
            group.steps()
                    .setText(group.stage().steps().stream()
                            .map(step -> w.text(step.key()))
                            .collect(Collectors.joining(", ")));
            tell(group);
        }
    }

    /** Shows a step's state in words; a held step says what holds it. */
    public void show(Step step, StepState state) {
        states.put(step, state);
        entry(step).ifPresent(entry -> {
            entry.lines().state().setText(words.get().text(state.message()));
            entry.lines().mark(HELD, state.held());
            entry.lines().mark(STALE, false);
            entry.lines()
                    .button()
                    .setAccessibleText(entry.lines().name().getText() + ", "
                            + entry.lines().state().getText());
        });
        tellStageOf(step);
    }

    /** A step's state is of a vehicle that has changed since: it stays, faint, until there is a new one. */
    public void stale(Step step) {
        states.remove(step);
        entry(step).ifPresent(entry -> {
            entry.lines().mark(STALE, true);
            entry.lines().button().setAccessibleText(entry.lines().name().getText());
        });
        tellStageOf(step);
    }

    private void tellStageOf(Step step) {
        groups.stream().filter(group -> group.stage().steps().contains(step)).forEach(this::tell);
    }

    /** Says what is worst in a stage, once that is known of all its steps: until then the last stays, faint. */
    private void tell(Group group) {
        List<Step> steps = group.stage().steps();
        boolean known = states.keySet().containsAll(steps);
        Lines lines = group.lines();
        lines.mark(STALE, !known);
        if (known) {
            List<Step> held = steps.stream().filter(step -> state(step).held()).toList();
            lines.state().setText(held.isEmpty() ? nothingHeld(steps) : held(held));
            lines.mark(HELD, !held.isEmpty());
        }
        String name = lines.name().getText();
        lines.button().setAccessibleText(known ? name + ", " + lines.state().getText() : name);
    }

    /** The state of a step of which one is known. */
    private StepState state(Step step) {
        return Objects.requireNonNull(states.get(step));
    }

    private String held(List<Step> held) {
        Words w = words.get();
        String worst = w.text(
                "rail.stage_held",
                w.text(held.get(0).key()),
                w.text(state(held.get(0)).message()));
        int more = held.size() - 1;
        return more == 0 ? worst : w.text("rail.stage_more", worst, Integer.toString(more));
    }

    private String nothingHeld(List<Step> steps) {
        boolean looked = steps.stream().anyMatch(step -> state(step).kind() == StepState.Kind.FREE);
        return words.get().text(looked ? "rail.stage_free" : "rail.stage_nothing");
    }
}
