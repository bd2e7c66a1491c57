package org.palanca.desktop.step.axle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.BoxFields;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.SurveyStudy;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.study.fit.FitWords;
import org.palanca.study.fit.TyreClearance;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Mark;

/** Place the axle: the tyre in its well at every pose that matters, square under the frame, and where the shaft runs. */
public final class FitPane extends StepPane {
    private static final List<String> PARTS = List.of("tyre", "upright", "well", "rails", "ends", "obstacles");

    private final FitBoard board;
    private final SurveyStudy study = new SurveyStudy("axle fit");
    private final Sections sections = new Sections("axle", PARTS);
    private final List<Runnable> refreshers = new ArrayList<>();
    private final RailsForm rails = new RailsForm(this);
    private final VBox obstacles = new VBox(8);
    private final ComboBox<String> leftEnd = new ComboBox<>();
    private final ComboBox<String> rightEnd = new ComboBox<>();
    private boolean filling;

    public FitPane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        board = new FitBoard(wordsSupplier(), themeSupplier());
        setId("axle-pane");
        VBox.setVgrow(board, Priority.ALWAYS);
        getChildren().setAll(board);
        inspect(List.of(sections));
        leftEnd.setId("fit-left-end");
        rightEnd.setId("fit-right-end");
        leftEnd.setOnAction(event -> ends());
        rightEnd.setOnAction(event -> ends());
        relabel();
    }

    private Surroundings around() {
        return build().surroundings(place());
    }

    private Axle axle() {
        return vehicle().axle(place()).orElseThrow();
    }

    private WheelWell well() {
        return around().well().orElseGet(() -> TyreClearance.usualWell(axle()));
    }

    @Override
    public void relabel() {
        Words w = words();
        refreshers.clear();
        sections.clear();
        sections.relabel(w);
        tyreFields();
        uprightFields();
        wellFields();
        FlowPane ends = new FlowPane(
                12, 6, Labels.over(w.text("fit.left_end"), leftEnd), Labels.over(w.text("fit.right_end"), rightEnd));
        sections.fill("ends", List.of(ends));
        sections.fill("obstacles", List.of(obstacles));
    }

    private void tyreFields() {
        FlowPane tyre = group("tyre");
        whole(tyre, "wheelbase", Vehicle::wheelbase, Vehicle::withWheelbase);
        axleField(
                tyre,
                "track",
                Axle::track,
                (axle, v) -> axle.withWheels(axle.wheels().withTrack(v)));
        axleField(
                tyre,
                "diameter",
                axle -> axle.tyre().diameter(),
                (axle, v) -> tyre(
                        axle,
                        new Tyre(
                                v,
                                axle.tyre().loadedRadius() * v / axle.tyre().diameter(),
                                axle.tyre().width())));
        axleField(
                tyre,
                "width",
                axle -> axle.tyre().width(),
                (axle, v) ->
                        tyre(axle, new Tyre(axle.tyre().diameter(), axle.tyre().loadedRadius(), v)));
        Sized<Rim> rim = new Sized<>(Wheels::rim, axle -> Rim.ordinary(axle.tyre()), Wheels::withRim);
        sized(tyre, "rim_diameter", rim, Rim::diameter, (r, v) -> new Rim(v, r.width(), r.backspacing()));
        sized(tyre, "rim_width", rim, Rim::width, (r, v) -> new Rim(r.diameter(), v, r.backspacing()));
        sized(tyre, "backspacing", rim, Rim::backspacing, (r, v) -> new Rim(r.diameter(), r.width(), v));
    }

    private void uprightFields() {
        FlowPane group = group("upright");
        Sized<Upright> upright = new Sized<>(Wheels::upright, axle -> Upright.ORDINARY, Wheels::withUpright);
        sized(group, "upright_thickness", upright, Upright::thickness, Upright::withThickness);
        sized(group, "hub_diameter", upright, Upright::hubDiameter, Upright::withHubDiameter);
        sized(group, "hub_width", upright, Upright::hubWidth, Upright::withHubWidth);
        sized(group, "brake_diameter", upright, Upright::brakeDiameter, Upright::withBrakeDiameter);
        sized(group, "brake_width", upright, Upright::brakeWidth, Upright::withBrakeWidth);
        sections.add("upright", Labels.sentence(words().text("fit.upright_how"), "second"));
    }

    private void wellFields() {
        FlowPane well = group("well");
        well(
                well,
                "rear_edge",
                a -> -a.rearEdge(),
                (a, v) -> new WheelWell(-v, a.frontEdge(), a.top(), a.inner(), a.outer(), a.wanted()));
        well(
                well,
                "front_edge",
                WheelWell::frontEdge,
                (a, v) -> new WheelWell(a.rearEdge(), v, a.top(), a.inner(), a.outer(), a.wanted()));
        well(
                well,
                "top",
                WheelWell::top,
                (a, v) -> new WheelWell(a.rearEdge(), a.frontEdge(), v, a.inner(), a.outer(), a.wanted()));
        well(
                well,
                "inner",
                WheelWell::inner,
                (a, v) -> new WheelWell(a.rearEdge(), a.frontEdge(), a.top(), v, a.outer(), a.wanted()));
        well(
                well,
                "outer",
                WheelWell::outer,
                (a, v) -> new WheelWell(a.rearEdge(), a.frontEdge(), a.top(), a.inner(), v, a.wanted()));
        well(
                well,
                "wanted",
                WheelWell::wanted,
                (a, v) -> new WheelWell(a.rearEdge(), a.frontEdge(), a.top(), a.inner(), a.outer(), v));
    }

    private static Axle tyre(Axle axle, Tyre tyre) {
        return axle.withWheels(axle.wheels().withTyre(tyre));
    }

    /**
     * What of the wheels need not be known.
     *
     * @param get what is known of it
     * @param ordinary what the first size that is typed is added to
     * @param set the wheels with it
     */
    private record Sized<T>(
            Function<Wheels, Optional<T>> get, Function<Axle, T> ordinary, BiFunction<Wheels, T, Wheels> set) {}

    /** One size of such a thing. The first that is typed makes one with an ordinary rest; 0 is not known. */
    private <T> void sized(
            FlowPane group, String name, Sized<T> thing, ToDoubleFunction<T> get, BiFunction<T, Double, T> with) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                wordsSupplier(),
                value -> {
                    Wheels wheels = axle().wheels();
                    T now = thing.get()
                            .apply(wheels)
                            .orElseGet(() -> thing.ordinary().apply(axle()));
                    Wheels next = thing.set().apply(wheels, with.apply(now, value));
                    planned(name, vehicle().withAxle(axle().withWheels(next)));
                },
                complaints());
        field.setId("fit-" + name.replace('_', '-'));
        group.getChildren()
                .add(Labels.over(words().text("fit.field." + name), field, Quantity.LENGTH, wordsSupplier()));
        refreshers.add(() -> {
            double known =
                    thing.get().apply(axle().wheels()).map(get::applyAsDouble).orElse(0.0);
            if (known > 0) {
                field.show(known);
            } else {
                field.showNone("–");
            }
        });
    }

    private FlowPane group(String section) {
        FlowPane tiles = new FlowPane(8, 6);
        sections.add(section, tiles);
        return tiles;
    }

    private void field(FlowPane group, String name, Quantity quantity, DoubleSupplier get, DoubleConsumer set) {
        MeasureField field = new MeasureField(quantity, wordsSupplier(), set, complaints());
        field.setId("fit-" + name.replace('_', '-'));
        group.getChildren().add(Labels.over(words().text("fit.field." + name), field, quantity, wordsSupplier()));
        refreshers.add(() -> field.show(get.getAsDouble()));
    }

    private void whole(
            FlowPane group, String name, ToDoubleFunction<Vehicle> get, BiFunction<Vehicle, Double, Vehicle> with) {
        field(
                group,
                name,
                Quantity.LENGTH,
                () -> get.applyAsDouble(vehicle()),
                value -> planned(name, with.apply(vehicle(), value)));
    }

    private void axleField(
            FlowPane group, String name, ToDoubleFunction<Axle> get, BiFunction<Axle, Double, Axle> with) {
        field(
                group,
                name,
                Quantity.LENGTH,
                () -> get.applyAsDouble(axle()),
                value -> planned(name, vehicle().withAxle(with.apply(axle(), value))));
    }

    private void planned(String name, Vehicle next) {
        if (!document().change(next, Message.of("change.goal", words().text("fit.field." + name)), "")) {
            refresh();
        }
    }

    private void well(
            FlowPane group,
            String name,
            ToDoubleFunction<WheelWell> get,
            BiFunction<WheelWell, Double, WheelWell> with) {
        field(
                group,
                name,
                Quantity.LENGTH,
                () -> get.applyAsDouble(well()),
                value -> known(name, around().withWell(with.apply(well(), value))));
    }

    private void known(String name, Surroundings next) {
        change(build -> build.with(place(), next), "fit", words().text("fit.field." + name));
    }

    /** What is in the way, each as a box with a name. */
    private void showObstacles() {
        Words w = words();
        obstacles.getChildren().clear();
        List<Obstacle> all = around().obstacles();
        for (int i = 0; i < all.size(); i++) {
            obstacles.getChildren().add(obstacle(i, all.get(i), w));
        }
        TextField name = new TextField();
        name.setId("obstacle-new");
        name.setPromptText(w.text("fit.obstacle_new"));
        name.setOnAction(event -> addObstacle(name.getText()));
        Button add = new Button(w.text("parts.add"));
        add.setId("obstacle-add");
        add.setOnAction(event -> addObstacle(name.getText()));
        obstacles.getChildren().add(new FlowPane(8, 6, name, add));
    }

    private VBox obstacle(int i, Obstacle obstacle, Words w) {
        Button gone = new Button("✕");
        gone.getStyleClass().add("pad-button");
        gone.setId("obstacle-drop-" + i);
        gone.setAccessibleText(w.text("parts.remove", obstacle.name()));
        gone.setOnAction(event -> {
            List<Obstacle> next = new ArrayList<>(around().obstacles());
            next.remove(i);
            known("obstacle", around().withObstacles(next));
        });
        BoxFields sides = new BoxFields(
                "obstacle-" + i,
                obstacle.room(),
                AxleTape.of(vehicle(), place()),
                wordsSupplier(),
                complaints(),
                box -> {
                    List<Obstacle> next = new ArrayList<>(around().obstacles());
                    next.set(i, new Obstacle(obstacle.name(), box));
                    known("obstacle", around().withObstacles(next));
                });
        FlowPane head = new FlowPane(10, 4, Labels.of(obstacle.name(), "step-name"), gone);
        head.setRowValignment(VPos.CENTER);
        return new VBox(4, head, sides);
    }

    /** A new one stands behind the axle, to be put where the tape says. */
    private void addObstacle(String name) {
        if (name.isBlank()) {
            return;
        }
        double behind = axle().lineX(vehicle().wheelbase()) - axle().tyre().diameter();
        double up = axle().tyre().loadedRadius();
        List<Obstacle> next = new ArrayList<>(around().obstacles());
        next.add(new Obstacle(name.strip(), new Box(behind - 0.1, behind, -0.1, 0.1, up, up + 0.2)));
        known("obstacle", around().withObstacles(next));
    }

    private void ends() {
        boolean both = leftEnd.getValue() != null && rightEnd.getValue() != null;
        if (!filling && both) {
            change(
                    build -> build.with(place(), around().withEnds(leftEnd.getValue(), rightEnd.getValue())),
                    "fit",
                    words().text("fit.ends"));
        }
    }

    @Override
    public void setTextSize(double times) {
        board.setTextSize(times);
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        refreshers.forEach(Runnable::run);
        boolean uprights = axle().hasBody(BodyName.knuckle(Side.LEFT));
        sections.offer(PARTS.stream()
                .filter(part -> uprights || !part.equals("upright"))
                .toList());
        filling = true;
        List<String> names = build().survey().marks().stream().map(Mark::name).toList();
        for (ComboBox<String> box : List.of(leftEnd, rightEnd)) {
            if (!box.getItems().equals(names)) {
                box.getItems().setAll(names);
            }
        }
        leftEnd.setValue(around().leftEnd().isEmpty() ? null : around().leftEnd());
        rightEnd.setValue(around().rightEnd().isEmpty() ? null : around().rightEnd());
        filling = false;
        showObstacles();
        sections.fill("rails", rails.rows(vehicle().rails()));
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        study.ask(
                vehicle.build().survey(),
                () -> {
                    Adjustment adjustment = Adjustment.of(vehicle.build().survey());
                    return new Fit(vehicle, place, adjustment, FitWords.of(vehicle, place, adjustment));
                },
                this::show,
                () -> sideColumn()
                        .getChildren()
                        .setAll(SurveyStudy.waiting(vehicle.build().survey(), words())));
    }

    /** An axle against what stands round it, with where the survey has its marks. */
    private record Fit(Vehicle vehicle, AxlePlace place, Adjustment adjustment, List<Verdict> said) {}

    private void show(Fit fit) {
        board.show(fit.vehicle(), fit.place(), fit.adjustment());
        showSide(fit.said());
    }

    @Override
    public void dispose() {
        study.dispose();
    }

    private void showSide(List<Verdict> said) {
        List<Node> side = VerdictColumn.of(said, words(), "fit-headline", "fit.start", "fit.fits");
        boolean bare = around().well().isEmpty() && around().obstacles().isEmpty();
        if (bare && !said.isEmpty()) {
            side.add(Labels.sentence(words().text("fit.start"), "second"));
        }
        sideColumn().getChildren().setAll(side);
    }
}
