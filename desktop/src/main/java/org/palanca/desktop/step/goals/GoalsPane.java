package org.palanca.desktop.step.goals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.board.WholeVehicleView;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.strips.Verdicts;
import org.palanca.result.ResultWords;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

/** Goals: what the vehicle is for and its main sizes, below the whole vehicle drawn with them. */
public final class GoalsPane extends StepPane {
    private final WholeVehicleView drawing;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final Sections sections = new Sections("goals", List.of("vehicle", "front", "rear", "comments"));
    private List<AxlePlace> built = List.of();

    public GoalsPane(StepContext context) {
        super(context);
        drawing = new WholeVehicleView(this::vehicle, wordsSupplier(), themeSupplier());
        setId("goals-pane");
        getStyleClass().add("goals");
        VBox.setVgrow(drawing, Priority.ALWAYS);
        getChildren().addAll(drawing);
        inspect(List.of(sections));
        // What it is for and how large it is comes first.
        sections.open(Optional.of("vehicle"));
        drawing.setOnPick(
                picked -> sections.open(Optional.of(picked.map(AxlePlace::id).orElse("vehicle"))));
        context.analysis().addListener((o, before, now) -> targets());
    }

    /** Makes the form anew, for another language, other units or another vehicle. */
    private void form() {
        Words w = words();
        refreshers.clear();
        sections.clear();
        sections.relabel(w);
        sections.offer(Stream.concat(
                        Stream.concat(Stream.of("vehicle"), built.stream().map(AxlePlace::id)), Stream.of("comments"))
                .toList());
        sections.fill("vehicle", names(w));
        FlowPane whole = group("vehicle");
        for (Goal<Vehicle> goal : Goal.VEHICLE) {
            field(whole, goal, "goal-");
        }
        for (Axle axle : vehicle().axles()) {
            FlowPane group = group(axle.place().id());
            for (Goal<Axle> goal : Goal.AXLE) {
                field(group, of(axle.place(), goal), "goal-" + axle.place().id() + "-");
            }
        }
        comments(w);
    }

    @Override
    public void relabel() {
        built = List.of();
    }

    /** Shows the vehicle's numbers as they are now; makes the form when it is first wanted, and for other axles. */
    @Override
    protected void show() {
        List<AxlePlace> present = vehicle().axles().stream().map(Axle::place).toList();
        if (!present.equals(built)) {
            built = present;
            form();
        }
        refreshers.forEach(Runnable::run);
        drawing.draw();
        targets();
    }

    private List<Node> names(Words w) {
        TextField name = new TextField();
        name.setId("goal-name");
        name.setOnAction(event -> rename(name.getText()));
        name.focusedProperty().addListener((o, before, focused) -> {
            if (!focused) {
                rename(name.getText());
            }
        });
        refreshers.add(() -> {
            if (!name.isFocused()) {
                name.setText(vehicle().name());
            }
        });
        HBox uses = new HBox();
        uses.getStyleClass().add("segments");
        ToggleGroup group = new ToggleGroup();
        for (Use use : Use.values()) {
            ToggleButton button = new ToggleButton(w.text("use." + use.id()));
            button.setId("use-" + use.id());
            button.setToggleGroup(group);
            button.setOnAction(event -> {
                document().change(vehicle().withUse(use), Message.of("change.use"), "");
                button.setSelected(true);
            });
            refreshers.add(() -> button.setSelected(vehicle().use() == use));
            uses.getChildren().add(button);
        }
        Label revision = new Label();
        revision.getStyleClass().add("second");
        refreshers.add(() -> revision.setText(
                words().text("sheet.revision", Integer.toString(vehicle().revision()))));
        return List.of(labelled(w.text("goals.name"), name), labelled(w.text("goals.use"), uses), revision);
    }

    private void rename(String text) {
        if (!text.isBlank() && !text.equals(vehicle().name())) {
            document().change(vehicle().withName(text.strip()), Message.of("change.name"), "");
        }
    }

    private void comments(Words w) {
        TextArea comments = new TextArea();
        comments.setId("goal-comments");
        comments.setPrefRowCount(3);
        comments.setWrapText(true);
        comments.focusedProperty().addListener((o, before, focused) -> {
            if (!focused && !comments.getText().equals(vehicle().comments())) {
                document().change(vehicle().withComments(comments.getText()), Message.of("change.comments"), "");
            }
        });
        refreshers.add(() -> {
            if (!comments.isFocused()) {
                comments.setText(vehicle().comments());
            }
        });
        sections.fill("comments", List.of(labelled(w.text("goals.comments"), comments)));
    }

    private FlowPane group(String section) {
        FlowPane tiles = new FlowPane(8, 8);
        sections.add(section, tiles);
        return tiles;
    }

    /** The ranges wanted of the axle on the board, each with what it is: a press opens its working beside the board. */
    private void targets() {
        Analysis analysis = context().analysis().getValue();
        if (analysis == null || !isVisible()) {
            return;
        }
        Words w = words();
        List<Node> all = new ArrayList<>();
        all.add(Labels.of(w.text("goals.targets", w.text("axle." + place().id())), "form-title"));
        for (Analysis.StripValue strip : analysis.strips()) {
            if (strip.band().isPresent()) {
                all.add(target(strip, w));
            }
        }
        if (all.size() == 1) {
            all.add(Labels.sentence(w.text("goals.no_targets"), "second"));
        }
        sideColumn().getChildren().setAll(all);
    }

    private Node target(Analysis.StripValue strip, Words w) {
        boolean out = strip.mark().filter(mark -> mark.distance() != 0).isPresent();
        Button button = new Button(w.text(
                "goals.target",
                ResultWords.name(strip.result(), w),
                ResultWords.value(strip.result(), strip.outcome(), w).joined().replace("-", "−"),
                Verdicts.sentence(strip, w)));
        button.setId("target-" + strip.result().id());
        button.setWrapText(true);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinHeight(USE_PREF_SIZE);
        button.getStyleClass().add("side-link");
        if (out) {
            button.getStyleClass().add("side-link-limit");
        }
        button.setOnAction(event -> {
            state().litProperty().set(strip.result().id());
            context().openBoard();
        });
        return button;
    }

    private static VBox labelled(String text, Node field) {
        Label label = new Label(text);
        label.getStyleClass().add("second");
        label.setLabelFor(field);
        return new VBox(2, label, field);
    }

    /** A goal of an axle as one of the vehicle that has it. */
    private static Goal<Vehicle> of(AxlePlace place, Goal<Axle> goal) {
        return new Goal<>(
                goal.id(),
                goal.quantity(),
                vehicle -> goal.get().apply(vehicle.axle(place).orElseThrow()),
                (vehicle, value) ->
                        vehicle.withAxle(goal.with().apply(vehicle.axle(place).orElseThrow(), value)));
    }

    private void field(FlowPane group, Goal<Vehicle> goal, String prefix) {
        if (goal.get().apply(vehicle()).isEmpty()) {
            return;
        }
        String name = words().text(goal.key());
        MeasureField field = new MeasureField(
                goal.quantity(),
                wordsSupplier(),
                value -> change(name, goal.with().apply(vehicle(), value)),
                complaints());
        field.setId(prefix + goal.id());
        Label unit = new Label(words().units().unit(goal.quantity()));
        unit.getStyleClass().add("second");
        HBox row = new HBox(4, field, unit);
        row.setAlignment(Pos.CENTER_LEFT);
        group.getChildren().add(labelled(name, row));
        refreshers.add(() -> goal.get().apply(vehicle()).ifPresent(field::show));
    }

    private void change(String name, Vehicle next) {
        if (!document().change(next, Message.of("change.goal", name), "")) {
            refresh();
        }
    }
}
