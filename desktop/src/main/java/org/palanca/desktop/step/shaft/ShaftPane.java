package org.palanca.desktop.step.shaft;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Curve;
import org.palanca.desktop.board.CurveView;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.control.TapedField;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.assessment.ShaftVerdicts;
import org.palanca.study.driveline.PinionAdvice;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;

/** The shaft: its joints' angles and how evenly it turns at every pose, and what turning the housing gives and takes. */
public final class ShaftPane extends StepPane {
    private static final double PICTURE = 300;

    private final ShaftBoard shaft;
    private final ShaftBoard halves;
    private final CurveView trade;
    private final FlowPane poses = new FlowPane(6, 4);
    private final DifferentialForm differential = new DifferentialForm(this);
    private final Sections sections =
            new Sections("shaft", List.of("half", "differential", "shaft", "output", "pinion"));

    public ShaftPane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        trade = new CurveView("shaft-trade", themeSupplier());
        shaft = new ShaftBoard(wordsSupplier(), themeSupplier(), false);
        halves = new ShaftBoard(wordsSupplier(), themeSupplier(), true);
        HBox pictures = new HBox(shaft, halves, trade);
        for (Region picture : List.of(shaft, halves, trade)) {
            picture.setMinSize(PICTURE, 200);
            picture.setPrefWidth(picture == trade ? PICTURE : 2 * PICTURE);
            picture.managedProperty().bind(picture.visibleProperty());
            HBox.setHgrow(picture, Priority.ALWAYS);
        }
        VBox.setVgrow(pictures, Priority.ALWAYS);
        poses.getStyleClass().add("floor-entry");
        setId("shaft-pane");
        getChildren().setAll(poses, pictures);
        inspect(List.of(sections));
        relabel();
        state().poseProperty().addListener((o, before, now) -> moved());
    }

    Axle axle() {
        return vehicle().axle(place()).orElseThrow();
    }

    double wheelbase() {
        return vehicle().wheelbase();
    }

    Surroundings around() {
        return build().surroundings(place());
    }

    void set(Surroundings next) {
        change(build -> build.with(place(), next), "shaft", words().text("step.shaft"));
    }

    @Override
    public void relabel() {
        // The fields are made anew when they are shown.
        sections.relabel(words());
    }

    @Override
    public void setTextSize(double times) {
        shaft.setTextSize(times);
        halves.setTextSize(times);
        trade.setTextSize(times);
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        sections.clear();
        sections.offer(
                axle().independent()
                        ? List.of("half", "differential", "shaft", "output")
                        : List.of("shaft", "output", "pinion"));
        if (axle().independent()) {
            halfShafts();
            take("half", around().halfShafts().isEmpty(), () -> set(around().withHalfShafts(half())));
            differential.fill(around().differential());
        }
        driveline();
        take("shaft", around().driveline().isEmpty(), () -> set(around().withDriveline(line())));
        showPoses();
        moved();
        picture();
        showSide();
    }

    /** Whose shaft happens to be just as the fields begin must be able to say so. */
    private void take(String section, boolean unknown, Runnable taken) {
        if (unknown) {
            sections.add(
                    section,
                    Labels.button(
                            section.equals("shaft") ? "shaft-take" : "shaft-take-" + section,
                            words().text("shaft.take"),
                            taken));
        }
    }

    /** The shaft where the axle is now. */
    private void moved() {
        if (!isVisible() || vehicle().axle(place()).isEmpty()) {
            return;
        }
        WheelTravel pose = state().poseProperty().get();
        boolean independent = axle().independent();
        halves.setVisible(independent);
        if (independent) {
            halves.show(vehicle(), place(), pose, half());
        }
        shaft.setVisible(!independent || around().driveline().isPresent());
        if (shaft.isVisible()) {
            shaft.show(vehicle(), place(), pose, line());
        }
    }

    private void showPoses() {
        double up = axle().travel().bump();
        double down = -axle().travel().droop();
        poses.getChildren()
                .setAll(
                        pose("ride", WheelTravel.RIDE),
                        pose("bump", WheelTravel.both(up)),
                        pose("droop", WheelTravel.both(down)),
                        pose("left_up", new WheelTravel(up, down)),
                        pose("right_up", new WheelTravel(down, up)));
    }

    private Node pose(String name, WheelTravel pose) {
        return Labels.button(
                "shaft-pose-" + name.replace('_', '-'),
                words().text("shaft.pose." + name),
                () -> state().poseProperty().set(pose));
    }

    private Driveline line() {
        return around().driveline().orElseGet(() -> {
            double inward = -place().outward();
            double x = axle().lineX(vehicle().wheelbase()) + inward * vehicle().wheelbase() * 0.5;
            Vector3D output =
                    new Vector3D(Quantity.LENGTH.onGrid(x), 0, axle().tyre().loadedRadius() + 0.2);
            return new Driveline(output, Math.toRadians(3), Lengths.inches(12), 0, 0, Lengths.inches(3));
        });
    }

    private void driveline() {
        Words w = words();
        Driveline now = line();
        ComboBox<Driveline.Joints> joints = new ComboBox<>();
        joints.setId("shaft-joints");
        joints.getItems().setAll(Driveline.Joints.values());
        joints.setConverter(Choices.names(wordsSupplier(), one -> "shaft.joints." + one.id()));
        joints.setValue(now.joints());
        joints.setOnAction(event -> set(around().withDriveline(line().withJoints(joints.getValue()))));
        sections.add("shaft", Labels.over(w.text("shaft.joints_title"), joints));
        FlowPane shaftRow = row("shaft");
        FlowPane outputRow = row("output");
        field(shaftRow, "limit", Quantity.ANGLE, now.limit(), Driveline::withLimit);
        field(shaftRow, "phase", Quantity.ANGLE, now.phase(), Driveline::withPhase);
        field(shaftRow, "slip", Quantity.LENGTH, now.slip(), Driveline::withSlip);
        field(outputRow, "output_angle", Quantity.ANGLE, now.outputAngle(), Driveline::withOutputAngle);
        output(outputRow, Axis.AHEAD, now);
        output(outputRow, Axis.LEFT, now);
        output(outputRow, Axis.UP, now);
        if (axle().independent()) {
            return;
        }
        FlowPane pinionRow = row("pinion");
        field(pinionRow, "reach", Quantity.LENGTH, now.reach(), Driveline::withReach);
        field(pinionRow, "offset", Quantity.LENGTH, now.offset(), Driveline::withOffset);
        field(pinionRow, "drop", Quantity.LENGTH, now.drop(), Driveline::withDrop);
        MeasureField pinion = new MeasureField(Quantity.ANGLE, wordsSupplier(), this::turn, complaints());
        pinion.setId("shaft-pinion");
        pinion.show(axle().pinion());
        pinionRow.getChildren().add(Labels.over(w.text("shaft.field.pinion"), pinion, Quantity.ANGLE, wordsSupplier()));
    }

    /** Where the joint at the gearbox is, along one axis. */
    private void output(FlowPane row, Axis axis, Driveline now) {
        place(row, "out_" + axis.id(), axis, now.output(), to -> set(around().withDriveline(line().withOutput(to))));
    }

    void place(FlowPane row, String name, Axis axis, Vector3D at, Consumer<Vector3D> set) {
        row.getChildren()
                .add(new TapedField(
                        "shaft-" + name.replace('_', '-'),
                        AxleTape.of(vehicle(), place()),
                        axis,
                        axis.of(at),
                        wordsSupplier(),
                        complaints(),
                        value -> {
                            double[] moved = at.toArray();
                            moved[axis.ordinal()] = Quantity.LENGTH.onGrid(value);
                            set.accept(new Vector3D(moved));
                        }));
    }

    private void turn(double pinion) {
        double kept = Quantity.ANGLE.onGrid(pinion);
        Vehicle turned = PinionAdvice.turned(vehicle(), place(), kept);
        if (!document().change(turned, Message.of("change.pinion", Message.angle(kept)), "")) {
            refresh();
        }
    }

    FlowPane row(String section) {
        FlowPane row = new FlowPane(8, 6);
        sections.add(section, row);
        return row;
    }

    private void field(
            FlowPane row, String name, Quantity quantity, double value, BiFunction<Driveline, Double, Driveline> with) {
        MeasureField field = new MeasureField(
                quantity, wordsSupplier(), v -> set(around().withDriveline(with.apply(line(), v))), complaints());
        field.setId("shaft-" + name.replace('_', '-'));
        field.show(value);
        row.getChildren().add(Labels.over(words().text("shaft.field." + name), field, quantity, wordsSupplier()));
    }

    HalfShafts half() {
        return around().halfShafts()
                .orElseGet(() -> new HalfShafts(
                        new Vector3D(
                                axle().lineX(vehicle().wheelbase()),
                                Lengths.inches(6),
                                axle().tyre().loadedRadius() + Lengths.inches(0.5)),
                        Lengths.inches(5),
                        Math.toRadians(22),
                        Lengths.inches(1.5)));
    }

    private void halfShafts() {
        HalfShafts now = half();
        FlowPane row = row("half");
        for (Axis axis : around().differential().isPresent() ? new Axis[0] : Axis.values()) {
            place(row, "inner_" + axis.id(), axis, now.inner(), to -> set(around().withHalfShafts(now.withInner(to))));
        }
        halfField(row, "inset", Quantity.LENGTH, now.inset(), HalfShafts::withInset);
        halfField(row, "half_limit", Quantity.ANGLE, now.limit(), HalfShafts::withLimit);
        halfField(row, "half_plunge", Quantity.LENGTH, now.plunge(), HalfShafts::withPlunge);
    }

    private void halfField(
            FlowPane row,
            String name,
            Quantity quantity,
            double value,
            BiFunction<HalfShafts, Double, HalfShafts> with) {
        MeasureField field = new MeasureField(
                quantity, wordsSupplier(), v -> set(around().withHalfShafts(with.apply(half(), v))), complaints());
        field.setId("shaft-" + name.replace('_', '-'));
        field.show(value);
        row.getChildren().add(Labels.over(words().text("shaft.field." + name), field, quantity, wordsSupplier()));
    }

    /** Turning the housing: the joints' angles, and on a steered axle caster on the same picture. */
    private void picture() {
        Words w = words();
        if (axle().independent()) {
            trade.setVisible(false);
            return;
        }
        trade.setVisible(true);
        List<PinionAdvice.Turned> all = PinionAdvice.tradeOff(vehicle(), place(), line());
        double[] pinion = all.stream().mapToDouble(PinionAdvice.Turned::pinion).toArray();
        List<Curve> curves = new ArrayList<>();
        curves.add(new Curve(
                w.text("shaft.curve.pinion"),
                pinion,
                all.stream().mapToDouble(PinionAdvice.Turned::atPinion).toArray()));
        boolean steered = all.get(0).caster().isPresent();
        curves.add(
                steered
                        ? new Curve(
                                w.text("shaft.curve.caster"),
                                pinion,
                                all.stream()
                                        .mapToDouble(one -> one.caster().orElseThrow())
                                        .toArray())
                        : new Curve(
                                w.text("shaft.curve.residual"),
                                pinion,
                                all.stream()
                                        .mapToDouble(PinionAdvice.Turned::residual)
                                        .toArray()));
        trade.show(
                w.text(steered ? "shaft.trade_caster" : "shaft.trade"),
                curves,
                new CurveView.Axis(w.text("shaft.field.pinion"), Quantity.ANGLE),
                new CurveView.Axis(w.text("shaft.curve.angles"), Quantity.ANGLE),
                w);
    }

    private void showSide() {
        Words w = words();
        List<Node> side = new ArrayList<>(VerdictColumn.of(
                ShaftVerdicts.of(vehicle(), place()),
                w,
                "shaft-headline",
                axle().independent() ? "shaft.half_start" : "shaft.start",
                "shaft.good"));
        if (!axle().independent() && around().driveline().isPresent()) {
            PinionAdvice.of(vehicle(), place(), line())
                    .wanted()
                    .ifPresent(wanted -> side.add(
                            1,
                            Labels.button(
                                    "shaft-turn", w.text("shaft.turn", Message.angle(wanted)), () -> turn(wanted))));
        }
        sideColumn().getChildren().setAll(side);
    }
}
