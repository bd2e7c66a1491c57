package org.palanca.desktop.step.shocks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Curve;
import org.palanca.desktop.board.CurveView;
import org.palanca.desktop.board.MountDrag;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.MountMeasures;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.result.targets.MovePatch;
import org.palanca.study.ride.RideHeight;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.ride.RideWords;
import org.palanca.study.ride.ShockPlacing;
import org.palanca.study.ride.SpringAdvice;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Springing;

/** Shocks, springs, stops and straps: chosen, placed from the split wanted, set to the weight; what they do through travel. */
public final class ShocksPane extends StepPane {
    private static final double USUAL_FREQUENCY = 1.3;
    private static final double USUAL_SPLIT = 45;
    private static final double PATCH = 200;

    private final ShockBoard board;
    private final Sections sections = new Sections(
            "shocks", Arrays.stream(Section.values()).map(Section::id).toList());
    private final VBox held = new VBox();
    private final MountMeasures mount;
    private final CurveView curve;
    private final PatchView patch;
    private final WeightsForm weights;
    private final SizesForm sizes;
    private final SpringsForm springs = new SpringsForm(this);
    private final EndsForm ends = new EndsForm(this);
    private final LatestTask patches = LatestTask.patient("where a shock may go", Duration.millis(150));
    private double split = USUAL_SPLIT;
    private double frequency = USUAL_FREQUENCY;
    private OptionalDouble leanBack = OptionalDouble.empty();
    private OptionalDouble leanIn = OptionalDouble.empty();

    public ShocksPane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        sizes = new SizesForm(this, context.files());
        curve = new CurveView("spring-curve", themeSupplier());
        patch = new PatchView("shock-patch", wordsSupplier(), themeSupplier(), this::put);
        HBox inset = new HBox(curve, patch);
        HBox.setHgrow(curve, Priority.ALWAYS);
        patch.setMinWidth(PATCH);
        patch.setPrefWidth(PATCH);
        patch.managedProperty().bind(patch.visibleProperty());
        board = new ShockBoard(wordsSupplier(), themeSupplier(), document(), this::took, this::refresh, inset);
        mount = new MountMeasures("shock-mount", document(), wordsSupplier(), complaints());
        weights = new WeightsForm(this);
        setId("shocks-pane");
        VBox.setVgrow(board, Priority.ALWAYS);
        held.getStyleClass().add("section");
        held.managedProperty().bind(held.visibleProperty());
        sections.setOnOpened(this::opened);
        getChildren().setAll(board);
        inspect(List.of(held, sections));
        relabel();
    }

    /** What carries an axle and ends its travel, by what is edited at a time. */
    private enum Section {
        WEIGHTS,
        SHOCK,
        SPRINGS,
        STOPS,
        STRAPS,
        BARS;

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether a mount belongs to it. */
        boolean holds(Springing springing, String mount) {
            return switch (this) {
                case SHOCK ->
                    springing.shocks().stream()
                            .anyMatch(one ->
                                    one.upper().equals(mount) || one.lower().equals(mount));
                case STOPS ->
                    springing.stops().stream()
                            .anyMatch(
                                    one -> one.from().equals(mount) || one.to().equals(mount));
                case STRAPS ->
                    springing.straps().stream()
                            .anyMatch(
                                    one -> one.from().equals(mount) || one.to().equals(mount));
                default -> false;
            };
        }
    }

    private Optional<Section> section() {
        return sections.opened().map(name -> Section.valueOf(name.toUpperCase(Locale.ROOT)));
    }

    /** The mount in hand stays where it belongs to the part that was opened. */
    private void opened() {
        board.inHand()
                .filter(grip -> section()
                        .filter(one -> one.holds(springing(), grip.name()))
                        .isEmpty())
                .ifPresent(grip -> board.take(Optional.empty()));
        fillForm();
    }

    /** A mount in hand opens the fields of what hangs at it. */
    private void took() {
        board.inHand()
                .flatMap(grip -> Arrays.stream(Section.values())
                        .filter(one -> one.holds(springing(), grip.name()))
                        .findFirst())
                .filter(one -> !section().equals(Optional.of(one)))
                .ifPresent(one -> sections.open(Optional.of(one.id())));
        fillForm();
        patch();
    }

    /** The axle on the board. */
    Axle axle() {
        return vehicle().axle(place()).orElseThrow();
    }

    Springing springing() {
        return axle().springing();
    }

    /** Changes the axle's springs as one step that can be undone. */
    void spring(String what, UnaryOperator<Springing> how) {
        plan(what, vehicle().withAxle(axle().withSpringing(how.apply(springing()))));
    }

    void plan(String what, Vehicle next) {
        if (!document().change(next, Message.of("change.springing", words().text(what)), "")) {
            refresh();
        }
    }

    @Override
    public void relabel() {
        weights.relabel();
        sections.relabel(words());
    }

    @Override
    public void setTextSize(double times) {
        board.setTextSize(times);
        curve.setTextSize(times);
        patch.setTextSize(times);
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        if (bare() && section().isEmpty()) {
            // Where nothing hangs yet, that is what is asked for.
            sections.open(Optional.of(Section.SHOCK.id()));
        }
        board.show(vehicle(), place());
        if (board.moving()) {
            // The form waits until the hand rests; the numbers of what it moves do not.
            board.inHand().ifPresent(grip -> mount.show(new MountRef(place(), grip.name())));
        } else {
            fillForm();
        }
        showSide(RideStudy.of(vehicle(), place()));
        patch();
    }

    /** The shock in hand by either mount; else the first whose size is known. */
    private Optional<Shock> patched() {
        return board.inHand()
                .flatMap(grip -> springing().shocks().stream()
                        .filter(shock -> shock.size().isPresent())
                        .filter(shock -> shock.upper().equals(grip.name())
                                || shock.lower().equals(grip.name()))
                        .findFirst())
                .or(this::sized);
    }

    /** Where the upper mount of a shock may go so that shaft is left at both ends. */
    private void patch() {
        Optional<Shock> first = patched();
        patch.setVisible(first.isPresent());
        if (first.isEmpty()) {
            patches.drop();
            return;
        }
        Vehicle vehicle = vehicle();
        MountRef ref = new MountRef(place(), first.get().upper());
        List<String> both = List.of(
                "shaft_left_up." + first.get().name(),
                "shaft_left_down." + first.get().name());
        Vector3D lower = axle().position(first.get().lower(), vehicle.wheelbase());
        patches.ask(goOn -> MovePatch.ofAll(vehicle, ref, both, goOn), found -> patch.show(found, lower));
    }

    /** Puts an upper mount where its patch was pressed, settled as dragging settles it. */
    private void put(MountRef upper, Vector3D to) {
        Optional<Axle> axle = vehicle()
                .axle(upper.axle())
                .filter(one -> one.mount(upper.mount()).isPresent());
        if (axle.isEmpty()) {
            // The picture is of a vehicle that is no longer the one at hand; the next follows in a moment.
            return;
        }
        double grid = MountDrag.grid(words().units().length());
        Vector3D settled = new Vector3D(
                Math.rint(to.getX() / grid) * grid,
                axle.get().position(upper.mount(), vehicle().wheelbase()).getY(),
                Math.rint(to.getZ() / grid) * grid);
        Vehicle moved = MountMoves.moveTo(vehicle(), upper, settled);
        if (!document().change(moved, Message.of("change.moved", upper.mount()), "")) {
            refresh();
        }
    }

    // --- The form ----------------------------------------------------------------------------------------------------

    private void fillForm() {
        Words w = words();
        showHeld();
        sections.clear();
        section().ifPresent(one -> sections.fill(one.id(), fields(one, w)));
    }

    private List<Node> fields(Section of, Words w) {
        return switch (of) {
            case WEIGHTS -> List.of(weights.row(w));
            case SHOCK -> shock(w);
            case SPRINGS -> springs(w);
            case STOPS -> List.of(ends.stops(w));
            case STRAPS -> List.of(ends.straps(w));
            case BARS -> List.of(ends.swayBars(w));
        };
    }

    /** The mount in hand with its three measures. */
    private void showHeld() {
        held.setVisible(board.inHand().isPresent());
        board.inHand().ifPresent(grip -> {
            mount.show(new MountRef(place(), grip.name()));
            held.getChildren().setAll(Labels.sentence(grip.name(), "mount-name"));
            held.getChildren().addAll(mount.pairs());
        });
    }

    private boolean bare() {
        return springing().shocks().isEmpty() && springing().torsionBars().isEmpty();
    }

    private List<Node> shock(Words w) {
        if (bare()) {
            return List.of(startRow(w));
        }
        List<Node> all = new ArrayList<>();
        sized().ifPresent(shock -> all.add(sizes.row(w, shock)));
        sized().filter(shock -> onFrame(shock.upper())).ifPresent(shock -> all.add(splitFields(w, shock)));
        FlowPane files = row();
        sized().ifPresent(shock -> files.getChildren().addAll(sizes.files(w)));
        files.getChildren()
                .add(Labels.button(
                        "shock-drop",
                        w.text("shocks.drop"),
                        () -> plan("shocks.drop", SpringingMoves.dropShocks(vehicle(), place()))));
        all.add(files);
        return all;
    }

    private List<Node> springs(Words w) {
        if (bare()) {
            return List.of(Labels.sentence(w.text("shocks.none_to_spring"), "second"));
        }
        List<Node> all = new ArrayList<>();
        sprung().ifPresent(shock -> all.add(springs.rows(w, shock)));
        all.add(ends.torsionBars());
        all.add(setRow(w));
        return all;
    }

    /** The first shock whose size is known. */
    private Optional<Shock> sized() {
        return springing().shocks().stream()
                .filter(shock -> shock.size().isPresent())
                .findFirst();
    }

    /** The first with a spring. */
    private Optional<Shock> sprung() {
        return springing().shocks().stream()
                .filter(shock -> shock.spring().isPresent())
                .findFirst();
    }

    /** Nothing hangs here yet: what shall? */
    private Node startRow(Words w) {
        ComboBox<ShockLayout> layouts = new ComboBox<>();
        layouts.setId("shock-layout");
        layouts.setConverter(Choices.names(wordsSupplier(), layout -> "shocks.layout." + layout.id()));
        layouts.getItems().setAll(ShockLayout.values());
        layouts.setValue(axle().linkage().leaves().isEmpty() ? ShockLayout.COILOVER : ShockLayout.SHOCK);
        FlowPane start = row();
        start.getChildren()
                .addAll(
                        Labels.over(w.text("shocks.layout"), layouts),
                        Labels.button("shock-add", w.text("shocks.add"), () -> hang(layouts.getValue())));
        return start;
    }

    /** Hangs shocks on the axle and sets what springs them to the weight. */
    private void hang(ShockLayout layout) {
        Vehicle hung = SpringingMoves.addShocks(vehicle(), place(), sizes.usual(), layout);
        plan("shocks.add", RideHeight.set(hung, place()).orElse(hung));
    }

    static FlowPane row() {
        FlowPane row = new FlowPane(10, 4);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    void field(FlowPane row, String id, String label, Quantity quantity, double value, DoubleConsumer set) {
        MeasureField field = new MeasureField(quantity, wordsSupplier(), set, complaints());
        field.setId(id);
        field.show(value);
        row.getChildren().add(Labels.over(words().text(label), field, quantity, wordsSupplier()));
    }

    private Node setRow(Words w) {
        FlowPane row = row();
        if (springing().carries()) {
            row.getChildren().add(Labels.button("ride-set", w.text("shocks.ride_set"), this::setRide));
        }
        if (springing().carries() || axle().linkage().leaves().isEmpty()) {
            field(row, "wanted-frequency", "shocks.frequency", Quantity.FREQUENCY, frequency, v -> {
                frequency = v;
                suggest();
            });
            row.getChildren().add(Labels.button("spring-suggest", w.text("shocks.suggest"), this::suggest));
        }
        return row;
    }

    private boolean onFrame(String mount) {
        return axle().mount(mount).orElseThrow().body().equals(BodyName.FRAME);
    }

    private Node splitFields(Words w, Shock shock) {
        FlowPane row = row();
        field(row, "wanted-split", "shocks.split", Quantity.PERCENT, split, v -> split = v);
        double back = leanBack.orElse(lean(shock, true));
        double in = leanIn.orElse(lean(shock, false));
        field(row, "wanted-back", "shocks.lean_back", Quantity.ANGLE, back, v -> leanBack = OptionalDouble.of(v));
        field(row, "wanted-in", "shocks.lean_in", Quantity.ANGLE, in, v -> leanIn = OptionalDouble.of(v));
        row.getChildren().add(Labels.button("split-set", w.text("shocks.split_set"), () -> place(shock, back, in)));
        return row;
    }

    private double lean(Shock shock, boolean back) {
        var upper = axle().position(shock.upper(), vehicle().wheelbase());
        var lower = axle().position(shock.lower(), vehicle().wheelbase());
        double up = upper.getZ() - lower.getZ();
        return back
                ? Math.atan2(lower.getX() - upper.getX(), up)
                : Math.atan2(Math.abs(lower.getY()) - Math.abs(upper.getY()), up);
    }

    private void place(Shock shock, double back, double in) {
        if (split <= 0 || split >= 100) {
            complain(words().text("shocks.split_range"));
            return;
        }
        leanBack = OptionalDouble.empty();
        leanIn = OptionalDouble.empty();
        plan("shocks.split_set", ShockPlacing.withSplit(vehicle(), place(), shock.name(), split / 100, back, in));
    }

    private void setRide() {
        Optional<Vehicle> set = RideHeight.set(vehicle(), place());
        if (set.isEmpty()) {
            complain(words().text("shocks.no_setting"));
            return;
        }
        plan("shocks.ride_set", set.get());
    }

    /** A pair for the weight and frequency wanted, set to ride height. */
    void suggest() {
        SpringAdvice.fitted(vehicle(), place(), frequency)
                .ifPresentOrElse(
                        next -> plan("shocks.suggest", next), () -> complain(words().text("shocks.no_setting")));
    }

    // --- Beside it ---------------------------------------------------------------------------------------------------

    private void showSide(RideStudy study) {
        Words w = words();
        curve.setVisible(springing().carries());
        if (springing().carries()) {
            showCurve(study, w);
        }
        sideColumn()
                .getChildren()
                .setAll(VerdictColumn.of(RideWords.of(study), w, "shocks-headline", "shocks.start", "shocks.good"));
        if (!springing().names().isEmpty()) {
            sideColumn().getChildren().add(Labels.sentence(w.text("caution.springs"), "caution"));
        }
    }

    private void showCurve(RideStudy study, Words w) {
        double[] travel =
                study.curve().stream().mapToDouble(RideStudy.At::travel).toArray();
        double[] load = study.curve().stream()
                .mapToDouble(at -> (at.left() + at.right()) / 2)
                .toArray();
        double[] carried = new double[travel.length];
        Arrays.fill(carried, (study.wanted(1) + study.wanted(-1)) / 2);
        curve.show(
                w.text("shocks.curve"),
                List.of(
                        new Curve(w.text("shocks.curve_load"), travel, load),
                        new Curve(w.text("shocks.curve_weight"), travel, carried)),
                new CurveView.Axis(w.text("shocks.curve_travel"), Quantity.LENGTH),
                new CurveView.Axis(w.text("shocks.curve_axis"), Quantity.FORCE),
                w);
    }

    /** Stops what runs beside the window. */
    @Override
    public void dispose() {
        patches.dispose();
        weights.dispose();
    }
}
