package org.palanca.desktop.step.goals;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.WholeVehicleView;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

/** Goals: what the vehicle is for and its main sizes, below the whole vehicle drawn with them. */
public final class GoalsPane extends StepPane {
    private final WholeVehicleView drawing;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final VBox form = new VBox();
    private List<AxlePlace> built = List.of();

    public GoalsPane(StepContext context) {
        super(context);
        drawing = new WholeVehicleView(this::vehicle, wordsSupplier(), themeSupplier());
        setId("goals-pane");
        getStyleClass().add("goals");
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        form.getStyleClass().add("form");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        drawing.setPrefHeight(320);
        drawing.setMinHeight(180);
        getChildren().addAll(drawing, scroll);
    }

    /** Makes the form anew, for another language, other units or another vehicle. */
    private void form() {
        Words w = words();
        refreshers.clear();
        form.getChildren().clear();
        form.getChildren().add(names(w));
        TilePane whole = group(w.text("goals.whole"));
        for (Goal<Vehicle> goal : Goal.VEHICLE) {
            field(whole, goal, "goal-");
        }
        for (Axle axle : vehicle().axles()) {
            TilePane group = group(w.text("axle." + axle.place().id()));
            for (Goal<Axle> goal : Goal.AXLE) {
                field(group, of(axle.place(), goal), "goal-" + axle.place().id() + "-");
            }
        }
        comments(w);
    }

    @Override
    public Optional<Node> side() {
        return Optional.empty();
    }

    @Override
    public void relabel() {
        form.getChildren().clear();
    }

    /** Shows the vehicle's numbers as they are now; makes the form when it is first wanted, and for other axles. */
    @Override
    protected void show() {
        List<AxlePlace> present = vehicle().axles().stream().map(Axle::place).toList();
        if (form.getChildren().isEmpty() || !present.equals(built)) {
            built = present;
            form();
        }
        refreshers.forEach(Runnable::run);
        drawing.draw();
    }

    private FlowPane names(Words w) {
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
        FlowPane row = new FlowPane(
                12, 8, labelled(w.text("goals.name"), name), labelled(w.text("goals.use"), uses), revision);
        row.setAlignment(Pos.BOTTOM_LEFT);
        return row;
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
        form.getChildren().add(labelled(w.text("goals.comments"), comments));
    }

    private TilePane group(String title) {
        Label label = new Label(title);
        label.getStyleClass().add("form-title");
        TilePane tiles = new TilePane(12, 8);
        tiles.setTileAlignment(Pos.BOTTOM_LEFT);
        form.getChildren().addAll(label, tiles);
        return tiles;
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

    private void field(TilePane group, Goal<Vehicle> goal, String prefix) {
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
