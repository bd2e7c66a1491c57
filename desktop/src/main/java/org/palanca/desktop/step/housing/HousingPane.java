package org.palanca.desktop.step.housing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.InkView;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.WorkOrderView;
import org.palanca.io.sheet.HousingPages;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.check.HousingCheck;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.DialWords;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.housing.Straightness;
import org.palanca.vehicle.housing.WeldOrder;
import org.palanca.vehicle.work.WorkOrder;
import org.palanca.vehicle.work.WorkStep;

/** Build or narrow the housing: type what is known, read what to cut; clock angles, dial readings, order of the work. */
public final class HousingPane extends StepPane {
    private static final double DRAWN = 290;
    private static final double THOUSANDTH = 0.001 * Lengths.INCH;

    /** What an offset moved by this shows everywhere else [m]: 1 1/4 in. */
    private static final double OFFSET_TRIED = Lengths.inches(1.25);

    private static final List<HousingSize> WIDTHS = List.of(
            HousingSize.WHEEL_FACES,
            HousingSize.ENDS,
            HousingSize.PINION_OFFSET,
            HousingSize.TUBE_DIAMETER,
            HousingSize.DIFFERENTIAL_DIAMETER,
            HousingSize.TRACK,
            HousingSize.TYRE_WIDTH,
            HousingSize.FRAME_OUT,
            HousingSize.FRAME_ROOM,
            HousingSize.WHEEL_OFFSET,
            HousingSize.RIM_WIDTH,
            HousingSize.RIM_LIPS,
            HousingSize.BACKSPACING);

    private static final List<String> SIDED = List.of(
            "STACK",
            "HALF",
            "STOP",
            "ENTERS",
            "END",
            "TUBE",
            "TUBE_AND_END",
            "BARE",
            "OLD_HALF",
            "CUT_OFF",
            "GEAR",
            "SHAFT_INNER",
            "SHAFT_OUTER",
            "SHAFT",
            "ENGAGED");

    private final InkView drawing;
    private final VBox form = new VBox(6);
    private final List<Runnable> refreshers = new ArrayList<>();
    private final WorkOrderView order;
    private final VBox clocked = new VBox(4);
    private final VBox parts = new VBox(4);
    private final VBox rounds = new VBox(4);
    private final ComboBox<Side> dialSide = new ComboBox<>();
    private final ComboBox<DialReading.Stage> dialStage = new ComboBox<>();
    private final ComboBox<DialReading.Way> dialWay = new ComboBox<>();
    private final TextField[] clock = new TextField[4];
    private MeasureField dialReach;
    private double reach = Lengths.inches(4);

    public HousingPane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        drawing = new InkView(themeSupplier());
        drawing.setId("housing-drawing");
        setId("housing-pane");
        drawing.setMinHeight(DRAWN);
        drawing.setPrefHeight(DRAWN);
        form.getStyleClass().add("form");
        ScrollPane scroll = new ScrollPane(form);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(drawing, scroll);
        order = new WorkOrderView(log -> change(build -> build.withLog(log), "work"), complaints(), this::objection);
        relabel();
    }

    private Housing housing() {
        return build().housing(place());
    }

    private void set(Housing next, String what) {
        change(build -> build.with(place(), next), "housing", what);
    }

    @Override
    public void relabel() {
        Words w = words();
        refreshers.clear();
        form.getChildren().clear();
        form.getChildren().add(choices(w));
        form.getChildren().add(Labels.sentence(w.text("housing.how"), "second"));
        TilePane widths = new TilePane(12, 6);
        for (HousingSize size : WIDTHS) {
            widths.getChildren()
                    .add(Labels.over(w.text(HousingSum.name(size)), field(size), Quantity.LENGTH, wordsSupplier()));
        }
        form.getChildren().add(widths);
        form.getChildren().add(sides(w));
        form.getChildren().add(Labels.of(w.text("housing.clocking"), "form-title"));
        form.getChildren().add(bench(w));
        form.getChildren().add(clocked);
        form.getChildren().add(dials(w));
        form.getChildren().add(rounds);
        form.getChildren().add(Labels.of(w.text("housing.parts"), "form-title"));
        form.getChildren().add(parts);
    }

    // --- Lengths ---------------------------------------------------------------------------------------------------

    /** Typed sizes stand bold; what follows from them is hinted at, and can be typed over. */
    private MeasureField field(HousingSize size) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                wordsSupplier(),
                value -> set(housing().with(size, OptionalDouble.of(value)), words().text(HousingSum.name(size))),
                complaints());
        field.setId("housing-" + size.id().replace('_', '-'));
        field.setOnCleared(
                () -> set(housing().with(size, OptionalDouble.empty()), words().text(HousingSum.name(size))));
        refreshers.add(() -> {
            HousingSum sum = housing().sum();
            if (sum.known().containsKey(size)) {
                field.show(sum.known().get(size));
            } else {
                field.showNone(
                        sum.size(size).isPresent()
                                ? words().units()
                                        .format(sum.size(size).getAsDouble(), Quantity.LENGTH)
                                        .number()
                                        .replace("-", "−")
                                : "");
            }
            String tells = words().text(HousingSum.name(size))
                    + (sum.size(size).isPresent()
                            ? ", " + words().units().text(sum.size(size).getAsDouble(), Quantity.LENGTH)
                            : "");
            field.setAccessibleText(tells);
        });
        return field;
    }

    private GridPane sides(Words w) {
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(4);
        grid.add(Labels.of(w.text("side.left"), "form-title"), 1, 0);
        grid.add(Labels.of(w.text("side.right"), "form-title"), 2, 0);
        grid.add(Labels.of(w.text("side.left"), "form-title"), 4, 0);
        grid.add(Labels.of(w.text("side.right"), "form-title"), 5, 0);
        int half = (SIDED.size() + 1) / 2;
        for (int i = 0; i < SIDED.size(); i++) {
            String base = SIDED.get(i);
            int column = i < half ? 0 : 3;
            int row = 1 + i % half;
            Label name = Labels.of(w.text("housing.pair." + base.toLowerCase(Locale.ROOT)), "second");
            name.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(name, column, row);
            grid.add(field(HousingSize.valueOf(base + "_LEFT")), column + 1, row);
            grid.add(field(HousingSize.valueOf(base + "_RIGHT")), column + 2, row);
        }
        return grid;
    }

    private FlowPane choices(Words w) {
        HBox ends = segments(
                Arrays.stream(Housing.Ends.values())
                        .collect(Collectors.toMap(
                                one -> "housing.ends." + one.id(),
                                one -> () -> set(housing().withEnds(one), w.text("housing.ends." + one.id())))),
                () -> "housing.ends." + housing().ends().id());
        HBox schools = segments(
                Arrays.stream(Housing.School.values())
                        .collect(Collectors.toMap(
                                one -> "housing.school." + one.id(),
                                one -> () -> set(housing().withSchool(one), w.text("housing.school." + one.id())))),
                () -> "housing.school." + housing().school().id());
        Button sheet = new Button(w.text("housing.print"));
        sheet.setId("housing-sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(event -> context().sheet(SheetKind.HOUSING, Optional.empty()));
        FlowPane row = new FlowPane(12, 6, sheet, ends, schools);
        for (Node part : row.getChildren()) {
            ((Region) part).setMinWidth(USE_PREF_SIZE);
        }
        return row;
    }

    private HBox segments(Map<String, Runnable> choices, Supplier<String> chosen) {
        HBox row = new HBox();
        row.getStyleClass().add("segments");
        ToggleGroup group = new ToggleGroup();
        choices.keySet().stream().sorted().forEach(key -> {
            ToggleButton button = new ToggleButton(words().text(key));
            button.setId(key.replaceAll("[._]", "-"));
            button.setToggleGroup(group);
            button.setOnAction(event -> choices.get(key).run());
            refreshers.add(() -> button.setSelected(chosen.get().equals(key)));
            row.getChildren().add(button);
        });
        return row;
    }

    // --- Clock angles ----------------------------------------------------------------------------------------------

    private FlowPane bench(Words w) {
        MeasureField pinion = new MeasureField(
                Quantity.ANGLE,
                wordsSupplier(),
                value -> set(housing().withBenchPinion(value), w.text("housing.bench_pinion")),
                complaints());
        pinion.setId("housing-bench-pinion");
        refreshers.add(() -> pinion.show(housing().benchPinion()));
        TextField name = new TextField();
        name.setId("clocked-name");
        name.setPromptText(w.text("housing.clocked_name"));
        ComboBox<ClockedPart.Kind> kind = new ComboBox<>();
        kind.setId("clocked-kind");
        kind.getItems().setAll(ClockedPart.Kind.values());
        kind.setValue(ClockedPart.Kind.LINK_TAB);
        kind.setConverter(Choices.names(wordsSupplier(), one -> "housing.kind." + one.id()));
        Button add = new Button(w.text("housing.clocked_add"));
        add.setId("clocked-add");
        add.setOnAction(event -> {
            if (!name.getText().isBlank()) {
                List<ClockedPart> next = new ArrayList<>(housing().clocked());
                next.add(new ClockedPart(name.getText().strip(), kind.getValue(), 0));
                name.clear();
                set(housing().withClocked(next), w.text("housing.clocking"));
            }
        });
        FlowPane row = new FlowPane(
                10,
                6,
                Labels.over(w.text("housing.bench_pinion"), pinion, Quantity.ANGLE, wordsSupplier()),
                name,
                kind,
                add);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    private void clocked() {
        Words w = words();
        double ride = vehicle().axle(place()).orElseThrow().pinion();
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(4);
        grid.add(Labels.of(w.text("housing.at_ride"), "second"), 1, 0);
        grid.add(Labels.of(w.text("housing.on_bench_short"), "second"), 2, 0);
        int row = 1;
        for (ClockedPart part : housing().clocked()) {
            MeasureField atRide =
                    new MeasureField(Quantity.ANGLE, wordsSupplier(), value -> replaced(part, value), complaints());
            atRide.setId("clocked-" + part.name().replace(' ', '-'));
            atRide.show(part.atRide());
            Label bench = Labels.of(
                    w.units()
                            .text(part.reading(ride, housing().benchPinion()), Quantity.ANGLE)
                            .replace("-", "−"),
                    "card-number");
            bench.setId("bench-" + part.name().replace(' ', '-'));
            Button gone = new Button("✕");
            gone.getStyleClass().add("pad-button");
            gone.setOnAction(event -> set(
                    housing()
                            .withClocked(housing().clocked().stream()
                                    .filter(one -> !one.equals(part))
                                    .toList()),
                    w.text("housing.clocking")));
            grid.add(
                    Labels.of(
                            part.name() + " – "
                                    + w.text("housing.kind." + part.kind().id()),
                            "working-why"),
                    0,
                    row);
            grid.add(Labels.withUnit(atRide, Quantity.ANGLE, wordsSupplier()), 1, row);
            grid.add(bench, 2, row);
            grid.add(gone, 3, row);
            row++;
        }
        clocked.getChildren().setAll(grid);
        housing().clocked().stream()
                .filter(part -> part.kind() == ClockedPart.Kind.KNUCKLE)
                .findFirst()
                .ifPresent(knuckle -> clocked.getChildren()
                        .add(Labels.sentence(
                                w.text("housing.caster_trade", Message.angle(knuckle.reading(ride, 0))), "second")));
    }

    private void replaced(ClockedPart part, double atRide) {
        List<ClockedPart> next = new ArrayList<>(housing().clocked());
        next.set(next.indexOf(part), new ClockedPart(part.name(), part.kind(), atRide));
        set(housing().withClocked(next), part.name());
    }

    // --- Straightness ----------------------------------------------------------------------------------------------

    private VBox dials(Words w) {
        dialSide.setId("dial-side");
        dialSide.getItems().setAll(Side.values());
        dialSide.setConverter(Choices.names(wordsSupplier(), one -> "housing.dial." + one.id()));
        dialSide.setValue(Side.LEFT);
        dialStage.setId("dial-stage");
        dialStage.getItems().setAll(DialReading.Stage.values());
        dialStage.setConverter(Choices.names(
                wordsSupplier(), one -> "housing.stage." + one.name().toLowerCase(Locale.ROOT)));
        dialStage.setValue(DialReading.Stage.BETWEEN);
        dialWay.setId("dial-way");
        dialWay.getItems().setAll(DialReading.Way.values());
        dialWay.setConverter(Choices.names(
                wordsSupplier(), one -> "housing.way." + one.name().toLowerCase(Locale.ROOT)));
        dialWay.setValue(DialReading.Way.FACE);
        dialReach = new MeasureField(Quantity.LENGTH, wordsSupplier(), value -> reach = value, complaints());
        dialReach.setId("dial-reach");
        dialReach.show(reach);
        HBox hours = new HBox(6);
        hours.setAlignment(Pos.BOTTOM_LEFT);
        String[] names = {"12", "3", "6", "9"};
        for (int i = 0; i < clock.length; i++) {
            clock[i] = new TextField();
            clock[i].setId("dial-" + names[i]);
            clock[i].setPrefColumnCount(4);
            clock[i].setOnAction(event -> addRound());
            hours.getChildren().add(Labels.over(names[i], clock[i]));
        }
        Button add = new Button(w.text("housing.dial_add"));
        add.setId("dial-add");
        add.getStyleClass().add("main-action");
        add.setOnAction(event -> addRound());
        MeasureField accepted = new MeasureField(
                Quantity.LENGTH,
                wordsSupplier(),
                value -> set(housing().withAccepted(value), w.text("housing.accepted")),
                complaints());
        accepted.fine().setId("housing-accepted");
        refreshers.add(() -> accepted.show(housing().accepted()));
        FlowPane first = new FlowPane(
                8,
                6,
                dialSide,
                dialStage,
                dialWay,
                Labels.over(w.text("housing.dial_reach"), dialReach, Quantity.LENGTH, wordsSupplier()),
                hours,
                add,
                Labels.over(w.text("housing.accepted"), accepted, Quantity.LENGTH, wordsSupplier()));
        first.setRowValignment(VPos.BOTTOM);
        return new VBox(
                6,
                Labels.of(w.text("housing.straightness"), "form-title"),
                Labels.sentence(w.text("housing.dial_note"), "second"),
                first);
    }

    private void addRound() {
        double[] values = new double[4];
        for (int i = 0; i < clock.length; i++) {
            String text = clock[i].getText().strip().replace('−', '-');
            if (!text.matches("[-+]?(\\d+\\.?\\d*|\\.\\d+)")) {
                complain(words().text("housing.dial_number", text));
                clock[i].requestFocus();
                return;
            }
            double number = Double.parseDouble(text);
            // Thousandths are read out as whole numbers: 5 on the dial is 0.005.
            values[i] = Quantity.LENGTH.onGrid(text.contains(".") ? number * Lengths.INCH : number * THOUSANDTH);
        }
        Side side = dialSide.getValue();
        DialReading reading = new DialReading(
                dialStage.getValue(), dialWay.getValue(), reach, values[0], values[1], values[2], values[3]);
        set(housing().with(side, reading), words().text("housing.dial." + side.id()));
        complain("");
        for (TextField field : clock) {
            field.clear();
        }
        clock[0].requestFocus();
    }

    private void rounds() {
        Words w = words();
        rounds.getChildren().clear();
        for (Side side : Side.values()) {
            List<DialReading> taken = housing().dial(side);
            for (DialReading dial : taken) {
                Straightness found = Straightness.of(side, dial);
                rounds.getChildren().add(round(side, dial, found, w));
            }
        }
    }

    private HBox round(Side side, DialReading dial, Straightness found, Words w) {
        boolean good = found.verdict(housing().accepted(), housing().seat()) == Straightness.Verdict.GOOD;
        Label label = Labels.sentence(w.text(DialWords.of(housing(), side, dial)), good ? "working-why" : "limit");
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        List<DialReading> taken = housing().dial(side);
        label.setId("round-" + side.id() + "-" + taken.indexOf(dial));
        Button gone = new Button("✕");
        gone.getStyleClass().add("pad-button");
        gone.setMinWidth(Region.USE_PREF_SIZE);
        gone.setOnAction(event -> set(
                housing()
                        .withDial(
                                side, taken.stream().filter(one -> one != dial).toList()),
                w.text("housing.dial." + side.id())));
        HBox row = new HBox(8, new ClockFace(found, themeSupplier()), label, gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    // --- Everything ------------------------------------------------------------------------------------------------

    @Override
    public void setTextSize(double times) {
        drawing.setMinHeight(DRAWN);
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        refreshers.forEach(Runnable::run);
        SheetHead head = new SheetHead(vehicle(), "", LocalDate.now(ZoneId.systemDefault()), words());
        drawing.show(HousingPages.drawing(head, place()));
        clocked();
        rounds();
        parts.getChildren().setAll(new PartsEditor(this, housing().parts()));
        showSide();
    }

    /** Takes over the list of bought parts. */
    void setParts(List<PurchasedPart> next) {
        set(housing().withParts(next), words().text("housing.parts"));
    }

    private void showSide() {
        Words w = words();
        List<Message> faults =
                HousingCheck.faults(vehicle(), vehicle().axle(place()).orElseThrow());
        boolean known = !housing().sizes().isEmpty();
        String headline = !known ? w.text("housing.start") : faults.isEmpty() ? cutLine(w) : w.text(faults.get(0));
        Label first = Labels.sentence(headline, "side-headline");
        first.setId("housing-headline");
        if (known && !faults.isEmpty()) {
            first.getStyleClass().add("limit");
        }
        sideColumn().getChildren().setAll(first);
        faults.stream()
                .skip(1)
                .forEach(fault -> sideColumn().getChildren().add(Labels.sentence(w.text(fault), "limit")));
        if (known) {
            offsetTried(w).ifPresent(sideColumn().getChildren()::add);
            driveShaft(w).ifPresent(sideColumn().getChildren()::add);
        }
        sideColumn().getChildren().add(Labels.of(w.text("housing.order"), "form-title"));
        WorkOrder work = new WorkOrder(place().id() + ".housing", WeldOrder.of(housing()), build().log());
        order.show(work, w);
        sideColumn().getChildren().add(order);
        sideColumn().getChildren().add(Labels.sentence(w.text("caution.cut"), "caution"));
        sideColumn().getChildren().add(Labels.sentence(w.text("sheet.caution"), "caution"));
    }

    private String cutLine(Words w) {
        HousingSum sum = housing().sum();
        OptionalDouble left = sum.size(HousingSize.TUBE_LEFT);
        OptionalDouble right = sum.size(HousingSize.TUBE_RIGHT);
        if (left.isEmpty() || right.isEmpty()) {
            left = sum.size(HousingSize.TUBE_AND_END_LEFT);
            right = sum.size(HousingSize.TUBE_AND_END_RIGHT);
        }
        return left.isPresent() && right.isPresent()
                ? w.text("housing.cut_line", Message.length(left.getAsDouble()), Message.length(right.getAsDouble()))
                : w.text("housing.more_wanted");
    }

    /** What all else does when the pinion goes 1 1/4 in further to the right. */
    private Optional<Node> offsetTried(Words w) {
        HousingSum sum = housing().sum();
        OptionalDouble offset = sum.size(HousingSize.PINION_OFFSET);
        if (offset.isEmpty() || !sum.known().containsKey(HousingSize.PINION_OFFSET)) {
            return Optional.empty();
        }
        HousingSum moved = sum.with(HousingSize.PINION_OFFSET, offset.getAsDouble() - OFFSET_TRIED);
        OptionalDouble left = moved.size(HousingSize.TUBE_AND_END_LEFT);
        OptionalDouble right = moved.size(HousingSize.TUBE_AND_END_RIGHT);
        OptionalDouble shaftLeft = moved.size(HousingSize.SHAFT_LEFT);
        OptionalDouble shaftRight = moved.size(HousingSize.SHAFT_RIGHT);
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        String text = shaftLeft.isPresent() && shaftRight.isPresent()
                ? w.text(
                        "housing.offset_tried_shafts",
                        Message.length(OFFSET_TRIED),
                        Message.length(left.getAsDouble()),
                        Message.length(right.getAsDouble()),
                        Message.length(shaftLeft.getAsDouble()),
                        Message.length(shaftRight.getAsDouble()))
                : w.text(
                        "housing.offset_tried",
                        Message.length(OFFSET_TRIED),
                        Message.length(left.getAsDouble()),
                        Message.length(right.getAsDouble()));
        Label label = Labels.sentence(text, "second");
        label.setId("housing-offset-tried");
        return Optional.of(label);
    }

    private Optional<Node> driveShaft(Words w) {
        return build().surroundings(place()).driveline().map(line -> {
            ShaftOrder shaft = ShaftOrder.of(new AxleModel(vehicle(), place()), line);
            String key = shaft.spare() < 0 ? "housing.drive_shaft_short" : "housing.drive_shaft";
            return Labels.sentence(
                    w.text(
                            key,
                            Message.length(shaft.ride().length()),
                            Message.length(shaft.plunge()),
                            Message.length(shaft.slip()),
                            Message.length(Math.max(0, shaft.outAtRide())),
                            Message.length(Math.abs(shaft.spare()))),
                    shaft.spare() < 0 ? "limit" : "second");
        });
    }

    /** A hold is not ticked against what has been measured. */
    private Optional<Message> objection(WorkStep step) {
        return switch (step.name()) {
            case "housing.parts_meet" ->
                PurchasedPart.mismatches(housing().parts()).stream().findFirst();
            case "housing.dial_between" -> missing(DialReading.Stage.BETWEEN);
            case "housing.dial_after" -> missing(DialReading.Stage.AFTER).or(this::notSquare);
            case "housing.ends_square" -> notSquare();
            default -> Optional.empty();
        };
    }

    private Optional<Message> missing(DialReading.Stage stage) {
        for (Side side : Side.values()) {
            if (housing().dial(side).stream().noneMatch(dial -> dial.stage() == stage)) {
                return Optional.of(Message.of(
                        "housing.dial_missing",
                        Message.of("housing.dial." + side.id()),
                        Message.of("housing.stage." + stage.name().toLowerCase(Locale.ROOT))));
            }
        }
        return Optional.empty();
    }

    private Optional<Message> notSquare() {
        for (Side side : Side.values()) {
            List<DialReading> taken = housing().dial(side);
            if (taken.isEmpty()) {
                return Optional.of(Message.of(
                        "housing.dial_missing",
                        Message.of("housing.dial." + side.id()),
                        Message.of("housing.stage.after")));
            }
            Straightness last = Straightness.of(side, taken.get(taken.size() - 1));
            Straightness.Verdict verdict =
                    last.verdict(housing().accepted(), housing().seat());
            if (verdict == Straightness.Verdict.OPEN) {
                return Optional.of(DialWords.of(housing(), side, taken.get(taken.size() - 1)));
            }
            if (verdict == Straightness.Verdict.BEAD) {
                return Optional.of(Message.of(
                        "housing.not_square",
                        Message.of("housing.dial." + side.id()),
                        DialWords.oClock(last.beadAt())));
            }
        }
        return Optional.empty();
    }
}
