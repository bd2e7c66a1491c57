package org.palanca.desktop.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
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
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

/** Goals: what the vehicle is for and its main sizes, below the whole vehicle drawn with them. */
public final class GoalsPane extends VBox {
    private final Document document;
    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final WholeVehicleView drawing;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final VBox form = new VBox();

    public GoalsPane(Document document, Supplier<Words> words, Supplier<Theme> theme, Consumer<String> complain) {
        this.document = document;
        this.words = words;
        this.complain = complain;
        drawing = new WholeVehicleView(document::vehicle, words, theme);
        setId("goals-pane");
        getStyleClass().add("goals");
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        form.getStyleClass().add("form");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        drawing.setPrefHeight(320);
        drawing.setMinHeight(180);
        getChildren().addAll(drawing, scroll);
        document.vehicleProperty().addListener((o, before, now) -> {
            boolean sameAxles = before.axles().size() == now.axles().size();
            if (sameAxles) {
                refresh();
            } else {
                build();
            }
        });
    }

    /** Makes the form anew, for another language, other units or another vehicle. */
    public void build() {
        form.getChildren().clear();
        if (!isVisible()) {
            return;
        }
        Words w = words.get();
        refreshers.clear();
        form.getChildren().clear();
        form.getChildren().add(names(w));
        TilePane whole = group(w.text("goals.whole"));
        field(
                whole,
                w.text("goals.wheelbase"),
                Quantity.LENGTH,
                "goal-wheelbase",
                Vehicle::wheelbase,
                Vehicle::withWheelbase);
        field(
                whole,
                w.text("goals.mass"),
                Quantity.MASS,
                "goal-mass",
                v -> v.mass().mass(),
                (v, kg) -> v.withMass(new MassProperties(
                        kg, v.mass().centreBehindFront(), v.mass().centreHeight())));
        field(
                whole,
                w.text("goals.cg_behind"),
                Quantity.LENGTH,
                "goal-cg-behind",
                v -> v.mass().centreBehindFront(),
                (v, m) -> v.withMass(
                        new MassProperties(v.mass().mass(), m, v.mass().centreHeight())));
        field(
                whole,
                w.text("goals.cg_height"),
                Quantity.LENGTH,
                "goal-cg-height",
                v -> v.mass().centreHeight(),
                (v, m) ->
                        v.withMass(new MassProperties(v.mass().mass(), v.mass().centreBehindFront(), m)));
        for (Axle axle : document.vehicle().axles()) {
            axle(axle.place(), w);
        }
        comments(w);
        refresh();
    }

    /** Shows the vehicle's numbers as they are now; makes the form when it is first wanted. */
    public void refresh() {
        if (!isVisible()) {
            return;
        }
        if (form.getChildren().isEmpty()) {
            build();
            return;
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
                name.setText(document.vehicle().name());
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
                document.change(document.vehicle().withUse(use), Message.of("change.use"), "");
                button.setSelected(true);
            });
            refreshers.add(() -> button.setSelected(document.vehicle().use() == use));
            uses.getChildren().add(button);
        }
        Label revision = new Label();
        revision.getStyleClass().add("second");
        refreshers.add(() -> revision.setText(words.get()
                .text("sheet.revision", Integer.toString(document.vehicle().revision()))));
        FlowPane row = new FlowPane(
                12, 8, labelled(w.text("goals.name"), name), labelled(w.text("goals.use"), uses), revision);
        row.setAlignment(Pos.BOTTOM_LEFT);
        return row;
    }

    private void rename(String text) {
        if (!text.isBlank() && !text.equals(document.vehicle().name())) {
            document.change(document.vehicle().withName(text.strip()), Message.of("change.name"), "");
        }
    }

    private void axle(AxlePlace place, Words w) {
        TilePane group = group(w.text("axle." + place.id()));
        String id = "goal-" + place.id() + "-";
        axleField(
                group,
                place,
                w.text("goals.tyre"),
                Quantity.LENGTH,
                id + "tyre",
                a -> a.tyre().diameter(),
                (a, m) -> tyre(
                        a,
                        new Tyre(
                                m,
                                a.tyre().loadedRadius() * m / a.tyre().diameter(),
                                a.tyre().width())));
        axleField(
                group,
                place,
                w.text("goals.loaded"),
                Quantity.LENGTH,
                id + "loaded",
                a -> a.tyre().loadedRadius(),
                (a, m) -> tyre(a, new Tyre(a.tyre().diameter(), m, a.tyre().width())));
        axleField(
                group,
                place,
                w.text("goals.tyre_width"),
                Quantity.LENGTH,
                id + "tyre-width",
                a -> a.tyre().width(),
                (a, m) -> tyre(a, new Tyre(a.tyre().diameter(), a.tyre().loadedRadius(), m)));
        axleField(group, place, w.text("goals.track"), Quantity.LENGTH, id + "track", Axle::track, GoalsPane::track);
        axleField(
                group,
                place,
                w.text("goals.bump"),
                Quantity.LENGTH,
                id + "bump",
                a -> a.travel().bump(),
                (a, m) -> a.withTravel(new Travel(m, a.travel().droop())));
        axleField(
                group,
                place,
                w.text("goals.droop"),
                Quantity.LENGTH,
                id + "droop",
                a -> a.travel().droop(),
                (a, m) -> a.withTravel(new Travel(a.travel().bump(), m)));
        axleField(
                group,
                place,
                w.text("goals.pinion"),
                Quantity.ANGLE,
                id + "pinion",
                Axle::pinion,
                (a, r) -> a.withAngles(r, a.caster()));
        if (document.vehicle().axle(place).orElseThrow().caster().isPresent()) {
            axleField(
                    group,
                    place,
                    w.text("goals.caster"),
                    Quantity.ANGLE,
                    id + "caster",
                    a -> a.caster().orElse(0),
                    (a, r) -> a.withAngles(a.pinion(), OptionalDouble.of(r)));
        }
        axleField(
                group,
                place,
                w.text("goals.camber"),
                Quantity.ANGLE,
                id + "camber",
                a -> a.wheels().camber(),
                (a, r) -> standing(a, r, a.wheels().toe()));
        axleField(
                group,
                place,
                w.text("goals.toe"),
                Quantity.ANGLE,
                id + "toe",
                a -> a.wheels().toe(),
                (a, r) -> standing(a, a.wheels().camber(), r));
        axleField(
                group,
                place,
                w.text("goals.drive"),
                Quantity.PERCENT,
                id + "drive",
                a -> a.driveShare() * 100,
                (a, p) -> shares(a, p / 100, a.brakeShare()));
        axleField(
                group,
                place,
                w.text("goals.brake"),
                Quantity.PERCENT,
                id + "brake",
                a -> a.brakeShare() * 100,
                (a, p) -> shares(a, a.driveShare(), p / 100));
    }

    private static Axle tyre(Axle a, Tyre tyre) {
        return a.withWheels(a.wheels().withTyre(tyre));
    }

    private static Axle track(Axle a, double track) {
        return a.withWheels(a.wheels().withTrack(track));
    }

    private static Axle standing(Axle a, double camber, double toe) {
        return a.withWheels(a.wheels().standing(camber, toe));
    }

    private static Axle shares(Axle a, double drive, double brake) {
        return a.withTraction(a.traction().withShares(drive, brake));
    }

    private void comments(Words w) {
        TextArea comments = new TextArea();
        comments.setId("goal-comments");
        comments.setPrefRowCount(3);
        comments.setWrapText(true);
        comments.focusedProperty().addListener((o, before, focused) -> {
            if (!focused && !comments.getText().equals(document.vehicle().comments())) {
                document.change(document.vehicle().withComments(comments.getText()), Message.of("change.comments"), "");
            }
        });
        refreshers.add(() -> {
            if (!comments.isFocused()) {
                comments.setText(document.vehicle().comments());
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

    private void axleField(
            TilePane group,
            AxlePlace place,
            String name,
            Quantity quantity,
            String id,
            Function<Axle, Double> get,
            BiFunction<Axle, Double, Axle> with) {
        field(
                group,
                name,
                quantity,
                id,
                vehicle -> get.apply(vehicle.axle(place).orElseThrow()),
                (vehicle, value) ->
                        vehicle.withAxle(with.apply(vehicle.axle(place).orElseThrow(), value)));
    }

    private void field(
            TilePane group,
            String name,
            Quantity quantity,
            String id,
            Function<Vehicle, Double> get,
            BiFunction<Vehicle, Double, Vehicle> with) {
        MeasureField field = new MeasureField(
                quantity, words, value -> change(name, with.apply(document.vehicle(), value)), complain);
        field.setId(id);
        Label unit = new Label(words.get().units().unit(quantity));
        unit.getStyleClass().add("second");
        HBox row = new HBox(4, field, unit);
        row.setAlignment(Pos.CENTER_LEFT);
        group.getChildren().add(labelled(name, row));
        refreshers.add(() -> field.show(get.apply(document.vehicle())));
    }

    private void change(String name, Vehicle next) {
        if (!document.change(next, Message.of("change.goal", name), "")) {
            refresh();
        }
    }
}
