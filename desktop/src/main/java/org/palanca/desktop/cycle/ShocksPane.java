package org.palanca.desktop.cycle;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.DoubleConsumer;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.desktop.analysis.SteerStudy;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestOnly;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.floor.FloorPane;
import org.palanca.desktop.floor.SaidColumn;
import org.palanca.desktop.steps.CurveView;
import org.palanca.io.SafeFile;
import org.palanca.io.csv.ShockCsv;
import org.palanca.ride.RideHeight;
import org.palanca.ride.RideStudy;
import org.palanca.ride.RideWords;
import org.palanca.ride.ShockPlacing;
import org.palanca.ride.SpringAdvice;
import org.palanca.springing.Air;
import org.palanca.springing.BumpStop;
import org.palanca.springing.Coil;
import org.palanca.springing.Coils;
import org.palanca.springing.Shock;
import org.palanca.springing.ShockCatalogue;
import org.palanca.springing.ShockSize;
import org.palanca.springing.Spring;
import org.palanca.springing.Springing;
import org.palanca.springing.Strap;
import org.palanca.springing.SwayBar;
import org.palanca.springing.TorsionBar;
import org.palanca.targets.MovePatch;
import org.palanca.units.Lengths;
import org.palanca.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyNames;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.words.Message;
import org.palanca.words.Words;

/** Shocks, springs, stops and straps: chosen, placed from the split wanted, set to the weight; what they do through travel. */
public final class ShocksPane extends FloorPane {
    private static final double FORM = 250;
    private static final double USUAL_FREQUENCY = 1.3;
    private static final double USUAL_SPLIT = 45;

    private final ShockBoard board;
    private final VBox form = new VBox(4);
    private final CurveView curve;
    private final ScaleRow scales;
    private final FileWindow files;
    private final LatestOnly patches = new LatestOnly("where a shock may go", Duration.millis(150));
    private List<ShockSize> catalogue = ShockCatalogue.generic();
    private double split = USUAL_SPLIT;
    private double frequency = USUAL_FREQUENCY;
    private OptionalDouble leanBack = OptionalDouble.empty();
    private OptionalDouble leanIn = OptionalDouble.empty();

    /** Asks for files. */
    public interface FileWindow {
        Optional<Path> toOpen(String title);

        Optional<Path> toSave(String title, String name);
    }

    public ShocksPane(Context context, FileWindow files) {
        super(context);
        this.files = files;
        curve = new CurveView("spring-curve", themeSupplier());
        board = new ShockBoard(wordsSupplier(), themeSupplier(), curve);
        scales = new ScaleRow(wordsSupplier(), complaints(), this::weighed);
        setId("shocks-pane");
        VBox.setVgrow(board, Priority.ALWAYS);
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefHeight(FORM);
        scroll.setMinHeight(FORM);
        form.getStyleClass().add("form");
        getChildren().setAll(board, scroll);
    }

    private Axle axle() {
        return vehicle().axle(place()).orElseThrow();
    }

    private Springing springing() {
        return axle().springing();
    }

    /** Changes the axle's springs as one step that can be undone. */
    private void spring(String what, UnaryOperator<Springing> how) {
        plan(what, vehicle().withAxle(axle().withSpringing(how.apply(springing()))));
    }

    private void plan(String what, Vehicle next) {
        if (!document().change(next, Message.of("change.springing", words().text(what)), "")) {
            refresh();
        }
    }

    private void weights(UnaryOperator<Weights> how) {
        Weights now = Weights.of(vehicle(), place());
        change(build -> build.with(place(), how.apply(now)), "weights", words().text("axle." + place().id()));
    }

    /** Takes what four scales show. */
    private void weighed(double[] pads) {
        int at = place() == AxlePlace.FRONT ? 0 : 2;
        weights(w -> new Weights(
                pads[at], pads[at + 1], Math.min(w.unsprung(), 0.9 * 2 * Math.min(pads[at], pads[at + 1]))));
    }

    @Override
    public void relabel() {
        scales.relabel();
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
        board.show(vehicle(), place());
        fillForm();
        showSide(RideStudy.of(vehicle(), place()));
        patch();
    }

    /** Where the upper mount of the first shock may go so that shaft is left at both ends. */
    private void patch() {
        Optional<Shock> first = sized();
        if (first.isEmpty()) {
            patches.drop();
            board.showPatch(Optional.empty());
            return;
        }
        Vehicle vehicle = vehicle();
        MountRef ref = new MountRef(place(), first.get().upper());
        List<String> both = List.of(
                "shaft_left_up." + first.get().name(),
                "shaft_left_down." + first.get().name());
        patches.ask(goOn -> MovePatch.ofAll(vehicle, ref, both, goOn), board::showPatch);
    }

    // --- The form ----------------------------------------------------------------------------------------------------

    private void fillForm() {
        Words w = words();
        List<Node> all = new ArrayList<>();
        all.add(weightRow(w));
        if (springing().shocks().isEmpty() && springing().torsionBars().isEmpty()) {
            all.add(startRow(w));
        } else {
            sized().ifPresent(shock -> all.add(sizeRow(w, shock)));
            sprung().ifPresent(shock -> all.add(springRow(w, shock)));
            all.add(setRow(w));
        }
        all.add(endRow(w));
        all.add(barRow(w));
        form.getChildren().setAll(all);
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
                        Labels.of(w.text("shocks.none_yet"), "form-title"),
                        Labels.over(w.text("shocks.layout"), layouts),
                        Labels.button("shock-add", w.text("shocks.add"), () -> hang(layouts.getValue())));
        return start;
    }

    /** Hangs shocks on the axle and sets what springs them to the weight. */
    private void hang(ShockLayout layout) {
        Vehicle hung = SpringingMoves.addShocks(vehicle(), place(), catalogue.get(3), layout);
        plan("shocks.add", RideHeight.set(hung, place()).orElse(hung));
    }

    private static FlowPane row() {
        FlowPane row = new FlowPane(10, 4);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    private void field(FlowPane row, String id, String label, Quantity quantity, double value, DoubleConsumer set) {
        MeasureField field = new MeasureField(quantity, wordsSupplier(), set, complaints());
        field.setId(id);
        field.show(value);
        row.getChildren().add(Labels.over(words().text(label), field, quantity, wordsSupplier()));
    }

    private Node weightRow(Words w) {
        FlowPane row = row();
        Weights now = Weights.of(vehicle(), place());
        row.getChildren().add(Labels.of(w.text("shocks.weights"), "form-title"));
        field(
                row,
                "weight-left",
                "shocks.weight_left",
                Quantity.MASS,
                now.left(),
                v -> weights(x -> new Weights(v, x.right(), x.unsprung())));
        field(
                row,
                "weight-right",
                "shocks.weight_right",
                Quantity.MASS,
                now.right(),
                v -> weights(x -> new Weights(x.left(), v, x.unsprung())));
        field(
                row,
                "weight-unsprung",
                "shocks.unsprung",
                Quantity.MASS,
                now.unsprung(),
                v -> weights(x -> new Weights(x.left(), x.right(), v)));
        scales.show(vehicle());
        row.getChildren().add(scales);
        return row;
    }

    private Node sizeRow(Words w, Shock first) {
        FlowPane row = row();
        row.getChildren().add(Labels.of(w.text("shocks.shock"), "form-title"));
        ComboBox<String> models = new ComboBox<>();
        models.setId("shock-model");
        models.getItems().setAll(catalogue.stream().map(ShockSize::model).toList());
        first.size().ifPresent(size -> models.setValue(size.model()));
        models.setOnAction(event -> catalogue.stream()
                .filter(size -> size.model().equals(models.getValue()))
                .findFirst()
                .ifPresent(size -> sizes(any -> size)));
        row.getChildren()
                .addAll(
                        Labels.over(w.text("shocks.catalogue"), models),
                        Labels.button("shock-csv-in", w.text("shocks.csv_in"), this::readCatalogue),
                        Labels.button("shock-csv-out", w.text("shocks.csv_out"), this::writeCatalogue));
        first.size().ifPresent(size -> {
            size(row, "collapsed", size.collapsed(), (s, v) -> sized(s, v, s.extended(), s.body(), s.coil()));
            size(row, "extended", size.extended(), (s, v) -> sized(s, s.collapsed(), v, s.body(), s.coil()));
            size(row, "body", size.body(), (s, v) -> sized(s, s.collapsed(), s.extended(), v, s.coil()));
            size(row, "coil", size.coil(), (s, v) -> sized(s, s.collapsed(), s.extended(), s.body(), v));
        });
        return row;
    }

    private static ShockSize sized(ShockSize s, double collapsed, double extended, double body, double coil) {
        return new ShockSize(s.model(), collapsed, extended, body, coil, s.eye());
    }

    private void size(FlowPane row, String name, double value, BiFunction<ShockSize, Double, ShockSize> with) {
        field(
                row,
                "shock-" + name,
                "shocks.size." + name,
                Quantity.LENGTH,
                value,
                v -> sizes(size -> with.apply(size, v)));
    }

    private void sizes(UnaryOperator<ShockSize> how) {
        spring(
                "shocks.shock",
                s -> s.mapShocks(shock -> shock.withSize(shock.size().map(how))));
    }

    private void readCatalogue() {
        files.toOpen(words().text("shocks.csv_in")).ifPresent(path -> {
            try {
                List<ShockSize> own = ShockCsv.read(Files.readString(path, StandardCharsets.UTF_8));
                catalogue = ShockCatalogue.with(catalogue, own);
                refresh();
            } catch (ShockCsv.Bad e) {
                complain(words().text(e.told()));
            } catch (IOException e) {
                complain(words().text("file.cannot_read", path.toString()));
            }
        });
    }

    private void writeCatalogue() {
        files.toSave(words().text("shocks.csv_out"), "shocks.csv").ifPresent(path -> {
            try {
                SafeFile.write(path, ShockCsv.text(catalogue).getBytes(StandardCharsets.UTF_8));
            } catch (IOException e) {
                complain(words().text("file.cannot_write", path.toString()));
            }
        });
    }

    private Node springRow(Words w, Shock first) {
        FlowPane row = row();
        Spring spring = first.spring().orElseThrow();
        row.getChildren().add(Labels.of(w.text("shocks.springs"), "form-title"));
        if (spring instanceof Coils coils) {
            for (int i = 0; i < coils.coils().size(); i++) {
                coil(row, i, coils.coils().get(i), coils.coils().size());
            }
            field(
                    row,
                    "spring-preload",
                    "shocks.preload",
                    Quantity.LENGTH,
                    coils.preload(),
                    v -> coils(c -> c.withPreload(v)));
            if (coils.coils().size() < 3) {
                row.getChildren().add(Labels.button("coil-add", w.text("shocks.coil_add"), this::addCoil));
            }
            if (coils.coils().size() > 1) {
                row.getChildren()
                        .add(Labels.button(
                                "coil-drop",
                                w.text("shocks.coil_drop"),
                                () -> coils(c ->
                                        new Coils(c.coils().subList(1, c.coils().size()), c.preload()))));
            }
            if (first.size().isPresent()) {
                row.getChildren().add(Labels.button("spring-air", w.text("shocks.to_air"), this::toAir));
            }
        } else if (spring instanceof Air air) {
            field(
                    row,
                    "air-pressure",
                    "shocks.pressure",
                    Quantity.PRESSURE,
                    air.pressure(),
                    v -> air(a -> a.withPressure(v)));
            field(
                    row,
                    "air-diameter",
                    "shocks.air_diameter",
                    Quantity.LENGTH,
                    air.diameter(),
                    v -> air(a -> new Air(v, a.column(), a.pressure(), a.exponent())));
            field(
                    row,
                    "air-column",
                    "shocks.air_column",
                    Quantity.LENGTH,
                    air.column(),
                    v -> air(a -> new Air(a.diameter(), v, a.pressure(), a.exponent())));
            field(
                    row,
                    "air-exponent",
                    "shocks.air_exponent",
                    Quantity.RATIO,
                    air.exponent(),
                    v -> air(a -> new Air(a.diameter(), a.column(), a.pressure(), v)));
            row.getChildren().add(Labels.button("spring-coils", w.text("shocks.to_coils"), this::suggest));
        }
        return row;
    }

    private void coil(FlowPane row, int index, Coil coil, int of) {
        String name = of == 1 ? "one" : index == 0 ? "upper" : index == of - 1 ? "lower" : "middle";
        String id = "coil-" + index + "-";
        FlowPane group = row();
        group.getChildren().add(Labels.of(words().text("shocks.coil." + name), "second"));
        field(
                group,
                id + "rate",
                "shocks.rate",
                Quantity.RATE,
                coil.rate(),
                v -> coil(index, c -> new Coil(v, c.free(), c.solid(), c.stop())));
        field(
                group,
                id + "free",
                "shocks.free",
                Quantity.LENGTH,
                coil.free(),
                v -> coil(index, c -> new Coil(c.rate(), v, c.solid(), c.stop())));
        field(
                group,
                id + "solid",
                "shocks.solid",
                Quantity.LENGTH,
                coil.solid(),
                v -> coil(index, c -> new Coil(c.rate(), c.free(), v, c.stop())));
        if (of > 1 && index < of - 1) {
            field(
                    group,
                    id + "stop",
                    "shocks.crossover",
                    Quantity.LENGTH,
                    coil.stop().orElse(coil.room()),
                    v -> coil(index, c -> new Coil(c.rate(), c.free(), c.solid(), OptionalDouble.of(v))));
        }
        group.setPrefWrapLength(520);
        row.getChildren().add(group);
    }

    private void coils(UnaryOperator<Coils> how) {
        spring(
                "shocks.springs",
                s -> s.mapShocks(shock -> shock.withSpring(
                        shock.spring().map(one -> one instanceof Coils coils ? how.apply(coils) : one))));
    }

    private void coil(int index, UnaryOperator<Coil> how) {
        coils(coils -> {
            List<Coil> next = new ArrayList<>(coils.coils());
            next.set(index, how.apply(next.get(index)));
            return new Coils(next, coils.preload());
        });
    }

    private void addCoil() {
        coils(coils -> {
            List<Coil> next = new ArrayList<>(coils.coils());
            Coil lower = next.get(0);
            next.add(
                    0,
                    new Coil(
                            lower.rate() * 0.6,
                            Lengths.inches(12),
                            Lengths.inches(4.25),
                            OptionalDouble.of(Lengths.inches(4))));
            return new Coils(next, coils.preload());
        });
    }

    private void air(UnaryOperator<Air> how) {
        spring(
                "shocks.springs",
                s -> s.mapShocks(shock ->
                        shock.withSpring(shock.spring().map(one -> one instanceof Air air ? how.apply(air) : one))));
    }

    /** Air in the place of the coils, pumped so that it carries the weight. */
    private void toAir() {
        Springing next = springing()
                .mapShocks(shock -> shock.spring().isPresent() && shock.size().isPresent()
                        ? shock.withSpring(Optional.of(Air.ordinary(shock.size().get())))
                        : shock);
        Vehicle aired = vehicle().withAxle(axle().withSpringing(next));
        plan("shocks.to_air", RideHeight.set(aired, place()).orElse(aired));
    }

    private Node setRow(Words w) {
        FlowPane row = row();
        row.getChildren().add(Labels.of(w.text("shocks.set"), "form-title"));
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
        sized().filter(shock -> onFrame(shock.upper())).ifPresent(shock -> splitFields(row, w, shock));
        row.getChildren()
                .add(Labels.button(
                        "shock-drop",
                        w.text("shocks.drop"),
                        () -> plan("shocks.drop", SpringingMoves.dropShocks(vehicle(), place()))));
        return row;
    }

    private boolean onFrame(String mount) {
        return axle().mount(mount).orElseThrow().body().equals(BodyNames.FRAME);
    }

    private void splitFields(FlowPane row, Words w, Shock shock) {
        field(row, "wanted-split", "shocks.split", Quantity.PERCENT, split, v -> split = v);
        double back = leanBack.orElse(lean(shock, true));
        double in = leanIn.orElse(lean(shock, false));
        field(row, "wanted-back", "shocks.lean_back", Quantity.ANGLE, back, v -> leanBack = OptionalDouble.of(v));
        field(row, "wanted-in", "shocks.lean_in", Quantity.ANGLE, in, v -> leanIn = OptionalDouble.of(v));
        row.getChildren().add(Labels.button("split-set", w.text("shocks.split_set"), () -> place(shock, back, in)));
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
    private void suggest() {
        SpringAdvice.fitted(vehicle(), place(), frequency)
                .ifPresentOrElse(
                        next -> plan("shocks.suggest", next), () -> complain(words().text("shocks.no_setting")));
    }

    private Node endRow(Words w) {
        FlowPane row = row();
        row.getChildren().add(Labels.of(w.text("shocks.ends"), "form-title"));
        List<BumpStop> stops = springing().stops();
        if (stops.isEmpty()) {
            row.getChildren()
                    .add(Labels.button(
                            "stop-add",
                            w.text("shocks.stop_add"),
                            () -> plan(
                                    "shocks.stop_add",
                                    ShockPlacing.stopsAt(
                                            SpringingMoves.addStops(vehicle(), place()),
                                            place(),
                                            axle().travel().bump()))));
        } else {
            stopField(
                    row,
                    "free",
                    BumpStop::free,
                    (s, v) -> new BumpStop(s.name(), s.from(), s.to(), v, s.collapsed(), s.forces()));
            stopField(
                    row,
                    "collapsed",
                    BumpStop::collapsed,
                    (s, v) -> new BumpStop(s.name(), s.from(), s.to(), s.free(), v, s.forces()));
            List<Double> forces = stops.get(0).forces();
            field(
                    row,
                    "stop-force",
                    "shocks.stop_force",
                    Quantity.FORCE,
                    forces.get(forces.size() - 1),
                    v -> spring(
                            "shocks.ends",
                            s -> s.withStops(s.stops().stream()
                                    .map(stop -> stop.withLastForce(v))
                                    .toList())));
            row.getChildren()
                    .add(Labels.button(
                            "stop-set",
                            w.text("shocks.stop_set"),
                            () -> plan(
                                    "shocks.stop_set",
                                    ShockPlacing.stopsAt(
                                            vehicle(), place(), axle().travel().bump()))));
        }
        List<Strap> straps = springing().straps();
        if (straps.isEmpty()) {
            row.getChildren()
                    .add(Labels.button(
                            "strap-add",
                            w.text("shocks.strap_add"),
                            () -> plan(
                                    "shocks.strap_add",
                                    ShockPlacing.strapsAt(
                                            SpringingMoves.addStraps(vehicle(), place()),
                                            place(),
                                            axle().travel().droop()))));
        } else {
            field(
                    row,
                    "strap-length",
                    "shocks.strap_length",
                    Quantity.LENGTH,
                    straps.get(0).length(),
                    v -> spring(
                            "shocks.strap_length",
                            s -> s.withStraps(s.straps().stream()
                                    .map(strap -> strap.withLength(v))
                                    .toList())));
            row.getChildren()
                    .add(Labels.button(
                            "strap-set",
                            w.text("shocks.strap_set"),
                            () -> plan(
                                    "shocks.strap_set",
                                    ShockPlacing.strapsAt(
                                            vehicle(), place(), axle().travel().droop()))));
        }
        return row;
    }

    private void stopField(
            FlowPane row, String name, ToDoubleFunction<BumpStop> get, BiFunction<BumpStop, Double, BumpStop> with) {
        field(
                row,
                "stop-" + name,
                "shocks.stop_" + name,
                Quantity.LENGTH,
                get.applyAsDouble(springing().stops().get(0)),
                v -> spring(
                        "shocks.ends",
                        s -> s.withStops(s.stops().stream()
                                .map(stop -> with.apply(stop, v))
                                .toList())));
    }

    private Node barRow(Words w) {
        FlowPane row = row();
        for (SwayBar bar : springing().swayBars()) {
            field(
                    row,
                    "sway-" + bar.name(),
                    "shocks.sway",
                    Quantity.TWIST_RATE,
                    bar.rate(),
                    v -> spring(
                            "shocks.sway",
                            s -> s.withSwayBars(s.swayBars().stream()
                                    .map(one -> new SwayBar(one.name(), one.left(), one.right(), v))
                                    .toList())));
        }
        if (springing().swayBars().isEmpty()) {
            row.getChildren()
                    .add(Labels.button(
                            "sway-add",
                            w.text("shocks.sway_add"),
                            () -> plan("shocks.sway_add", SpringingMoves.addSwayBar(vehicle(), place()))));
        }
        for (TorsionBar bar : springing().torsionBars()) {
            field(
                    row,
                    "torsion-" + bar.name(),
                    "shocks.torsion",
                    Quantity.TWIST_RATE,
                    bar.rate(),
                    v -> spring(
                            "shocks.torsion",
                            s -> s.withTorsionBars(s.torsionBars().stream()
                                    .map(one -> new TorsionBar(one.name(), one.joint(), v, one.windUp()))
                                    .toList())));
        }
        return row;
    }

    // --- Beside it
    // ----------------------------------------------------------------------------------------------------

    private void showSide(RideStudy study) {
        Words w = words();
        curve.setVisible(springing().carries());
        if (springing().carries()) {
            showCurve(study, w);
        }
        sideColumn()
                .getChildren()
                .setAll(SaidColumn.of(RideWords.of(study), w, "shocks-headline", "shocks.start", "shocks.good"));
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
                        new SteerStudy.Curve(w.text("shocks.curve_load"), travel, load),
                        new SteerStudy.Curve(w.text("shocks.curve_weight"), travel, carried)),
                new CurveView.Axis(w.text("shocks.curve_travel"), Quantity.LENGTH),
                new CurveView.Axis(w.text("shocks.curve_load"), Quantity.FORCE),
                w);
    }

    /** Stops what runs beside the window. */
    public void dispose() {
        patches.dispose();
        scales.stop();
    }
}
