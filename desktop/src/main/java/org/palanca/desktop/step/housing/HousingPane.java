package org.palanca.desktop.step.housing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.InkView;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.WorkOrderView;
import org.palanca.floor.placing.BenchPlacing;
import org.palanca.floor.placing.BenchWords;
import org.palanca.io.sheet.HousingPages;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.check.HousingCheck;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.housing.WeldOrder;
import org.palanca.vehicle.work.WorkOrder;

/** Build or narrow the housing: type what is known, read what to cut; clock angles, dial readings, order of the work. */
public final class HousingPane extends StepPane {
    /** What an offset moved by this shows everywhere else [m]: 1 1/4 in. */
    private static final double OFFSET_TRIED = Lengths.inches(1.25);

    private final InkView drawing;
    private final FlowPane choices = new FlowPane(12, 6);
    private final Sections sections =
            new Sections("housing", List.of("lengths", "sides", "reused", "clocking", "brackets", "dial", "parts"));
    private final List<Runnable> refreshers = new ArrayList<>();
    private final WorkOrderView order;
    private final VBox parts = new VBox(4);
    private final LengthsForm lengths = new LengthsForm(this);
    private final ClockingForm clocking = new ClockingForm(this);
    private final DialForm dials = new DialForm(this);

    public HousingPane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        drawing = new InkView(themeSupplier());
        drawing.setId("housing-drawing");
        setId("housing-pane");
        VBox.setVgrow(drawing, Priority.ALWAYS);
        choices.getStyleClass().add("floor-entry");
        getChildren().setAll(choices, drawing);
        inspect(List.of(sections));
        order = new WorkOrderView(
                log -> change(build -> build.withLog(log), "work"),
                complaints(),
                step -> new HousingHolds(housing()).objection(step),
                context::note);
        relabel();
    }

    /** The housing of the axle on the board. */
    Housing housing() {
        return build().housing(place());
    }

    /** Changes it, as one step that can be undone. */
    void set(Housing next, String what) {
        change(build -> build.with(place(), next), "housing", what);
    }

    @Override
    public void relabel() {
        Words w = words();
        refreshers.clear();
        sections.clear();
        sections.relabel(w);
        choices(w);
        sections.fill("lengths", lengths.widths(w));
        sections.fill("sides", lengths.sides(w));
        sections.fill("reused", lengths.reused(w));
        sections.fill("clocking", clocking.fields(w));
        sections.fill("dial", dials.fields(w));
        sections.fill("parts", List.of(parts));
    }

    private void choices(Words w) {
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
        for (Region part : List.of(sheet, ends, schools)) {
            part.setMinWidth(USE_PREF_SIZE);
        }
        choices.getChildren().setAll(sheet, ends, schools);
    }

    private HBox segments(Map<String, Runnable> choices, Supplier<String> chosen) {
        HBox row = new HBox();
        row.getStyleClass().add("segments");
        ToggleGroup group = new ToggleGroup();
        new TreeMap<>(choices).forEach((key, choose) -> {
            ToggleButton button = new ToggleButton(words().text(key));
            button.setId(key.replaceAll("[._]", "-"));
            button.setToggleGroup(group);
            button.setOnAction(event -> choose.run());
            refreshers.add(() -> button.setSelected(chosen.get().equals(key)));
            row.getChildren().add(button);
        });
        return row;
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        refreshers.forEach(Runnable::run);
        SheetHead head = new SheetHead(vehicle(), "", LocalDate.now(ZoneId.systemDefault()), words());
        drawing.show(HousingPages.drawing(head, place()));
        lengths.refresh();
        clocking.refresh();
        dials.refresh();
        sections.fill("brackets", brackets());
        parts.getChildren().setAll(new PartsEditor(this, housing().parts()));
        showSide();
    }

    /** Where each bracket goes while the housing lies on the bench. */
    private List<Label> brackets() {
        Words w = words();
        BenchPlacing placing = BenchPlacing.of(vehicle(), place());
        List<Label> said = new ArrayList<>();
        if (!placing.missing().isEmpty()) {
            said.add(Labels.sentence(
                    w.text(
                            "bench_placing.missing",
                            placing.missing().stream().map(w::text).collect(Collectors.joining("; "))),
                    "limit"));
        }
        if (!placing.rows().isEmpty()) {
            said.add(Labels.sentence(
                    w.text("bench_placing.at", Message.angle(housing().benchPinion())), "second"));
        }
        for (BenchPlacing.Row row : placing.rows()) {
            said.add(Labels.sentence(row.mount(), "step-name"));
            String told = BenchWords.of(row).stream().map(w::text).collect(Collectors.joining("; "));
            Label label = Labels.sentence(VerdictColumn.capital(told) + ".", "working-why");
            label.setId("bracket-" + row.mount().replace(' ', '-'));
            said.add(label);
        }
        placing.pairs().forEach(pair -> said.add(Labels.sentence(w.text(BenchWords.of(pair)), "second")));
        return said;
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
}
