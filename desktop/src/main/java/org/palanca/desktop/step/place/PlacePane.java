package org.palanca.desktop.step.place;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.InkView;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.step.Sections;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.SurveyStudy;
import org.palanca.desktop.step.WorkOrderView;
import org.palanca.floor.placing.BoltFit;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.FaceWords;
import org.palanca.floor.placing.MountAsBuilt;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.io.sheet.PlacingPage;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.result.ResultWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.work.WorkOrder;

/** Place: what the tape must show to put a mount where the board has it, what it showed, and what that does to the design. */
public final class PlacePane extends StepPane {
    private final InkView drawing;
    private final ComboBox<Shown> mounts = new ComboBox<>();
    private final Button before = new Button("‹");
    private final Button after = new Button("›");

    /** Whether the list of mounts is being filled, and not chosen from. */
    private boolean filling;

    private final Button print = new Button();
    private final Button printAll = new Button();
    private final VBox page = new VBox(8);
    private final Sections sections;
    private final WorkOrderView order;
    private final ReadingsTable readings = new ReadingsTable(this);
    private String chosen = "";

    private final SurveyStudy study = new SurveyStudy("placing");

    public PlacePane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        setId("place-pane");
        drawing = new InkView(themeSupplier());
        drawing.setId("place-drawing");
        VBox.setVgrow(drawing, Priority.ALWAYS);
        mounts.setId("place-mount");
        mounts.setVisibleRowCount(14);
        mounts.setOnAction(event -> {
            if (!filling && mounts.getValue() != null) {
                choose(mounts.getValue().name());
            }
        });
        before.setId("place-before");
        before.setOnAction(event -> step(-1));
        after.setId("place-after");
        after.setOnAction(event -> step(1));
        print.setId("place-print");
        print.getStyleClass().add("main-action");
        print.setOnAction(event -> context().sheet(SheetKind.PLACING, Optional.of(chosen)));
        printAll.setId("place-print-all");
        printAll.setOnAction(event -> context().sheet(SheetKind.PLACING, Optional.empty()));
        FlowPane choice = new FlowPane(6, 6, before, mounts, after, print, printAll);
        choice.getStyleClass().add("floor-entry");
        getChildren().setAll(choice, drawing);
        sections = new Sections("place", List.of("allowed", "loses"));
        inspect(List.of(page, sections));
        order = new WorkOrderView(
                log -> change(build -> build.withLog(log), "work"),
                complaints(),
                step -> new PlacingHolds(vehicle(), place()).objection(step),
                context::note);
    }

    @Override
    public Optional<Note.Subject> subject() {
        return Optional.of(chosen)
                .filter(name -> !name.isEmpty())
                .map(name -> new Note.Subject(Note.Kind.MOUNT, Optional.of(place()), name));
    }

    @Override
    public void relabel() {
        refresh();
    }

    private PlacingLimits limits() {
        return build().placing();
    }

    @Override
    protected void show() {
        if (vehicle().axle(place()).isEmpty()) {
            return;
        }
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        String wanted = chosen;
        study.ask(
                vehicle.build().survey(),
                () -> PlaceStudy.of(vehicle, place, wanted),
                this::show,
                () -> page.getChildren()
                        .setAll(SurveyStudy.waiting(vehicle.build().survey(), words())));
    }

    private void show(PlaceStudy found) {
        Words w = words();
        chosen = found.chosen();
        list(found);
        page.getChildren().clear();
        Optional<PlacingSheet> sheet = found.sheet();
        if (sheet.isEmpty()) {
            drawing.show(List.of());
            page.getChildren().add(Labels.sentence(w.text("placing.too_few_marks"), "big-sentence"));
        } else {
            SheetHead head = new SheetHead(vehicle(), "", LocalDate.now(ZoneId.systemDefault()), w);
            drawing.show(PlacingPage.drawing(head, found.adjustment(), sheet.get()));
            asBuilt(found.built(), w);
            page.getChildren().add(readings.table(sheet.get(), w));
            page.getChildren().add(readings.alsoRead(sheet.get(), w));
            sheet.get()
                    .faces()
                    .forEach(
                            face -> page.getChildren().add(Labels.sentence(w.text(FaceWords.of(face)), "working-why")));
        }
        sections.relabel(w);
        sections.fill("allowed", List.of(settings(w)));
        sections.fill(
                "loses",
                sheet.map(one -> List.of(loses(one, found.losses(), w))).orElse(List.of()));
        print.setText(w.text("placing.print_one"));
        printAll.setText(w.text("placing.print_all"));
        print.setDisable(sheet.isEmpty());
        printAll.setDisable(found.order().mounts().isEmpty());
        showSide(found, w);
    }

    /** A mount as the list shows it. */
    private record Shown(String name, String text) {
        @Override
        public String toString() {
            return text;
        }
    }

    /** Fills the list of mounts, in the order they are placed in, with what was read back ticked. */
    private void list(PlaceStudy found) {
        List<String> names =
                found.order().mounts().stream().map(MountRef::mount).toList();
        filling = true;
        mounts.getItems()
                .setAll(names.stream()
                        .map(name -> new Shown(name, names.indexOf(name) + 1 + "  " + name + found.tick(name)))
                        .toList());
        mounts.getSelectionModel().select(names.indexOf(chosen));
        filling = false;
        before.setAccessibleText(words().text("placing.before"));
        after.setAccessibleText(words().text("placing.after"));
        before.setDisable(names.isEmpty() || names.indexOf(chosen) == 0);
        after.setDisable(names.indexOf(chosen) == names.size() - 1);
    }

    private void choose(String name) {
        chosen = name;
        refresh();
    }

    private void step(int by) {
        int at = mounts.getSelectionModel().getSelectedIndex() + by;
        if (at >= 0 && at < mounts.getItems().size()) {
            choose(mounts.getItems().get(at).name());
        }
    }

    private FlowPane settings(Words w) {
        MeasureField within = new MeasureField(
                Quantity.LENGTH, wordsSupplier(), value -> set(limits().withTolerance(value)), complaints());
        within.fine().setId("place-tolerance");
        within.show(limits().tolerance());
        MeasureField holeField = new MeasureField(
                Quantity.LENGTH, wordsSupplier(), value -> set(limits().withHole(value)), complaints());
        holeField.fine().setId("place-hole");
        holeField.setOnCleared(() -> set(limits().withHole(0)));
        MeasureField boltField = new MeasureField(
                Quantity.LENGTH, wordsSupplier(), value -> set(limits().withBolt(value)), complaints());
        boltField.fine().setId("place-bolt");
        boltField.setOnCleared(() -> set(limits().withBolt(0)));
        showOrNone(holeField, limits().hole());
        showOrNone(boltField, limits().bolt());
        FlowPane row = new FlowPane(
                8,
                6,
                Labels.over(w.text("placing.tolerance"), within, Quantity.LENGTH, wordsSupplier()),
                Labels.over(w.text("placing.hole"), holeField, Quantity.LENGTH, wordsSupplier()),
                Labels.over(w.text("placing.bolt"), boltField, Quantity.LENGTH, wordsSupplier()));
        row.setRowValignment(VPos.BOTTOM);
        CheckBox offFloor = new CheckBox(w.text("placing.off_floor"));
        offFloor.setId("place-off-floor");
        offFloor.setSelected(limits().offFloor());
        offFloor.setOnAction(event -> set(limits().withOffFloor(offFloor.isSelected())));
        row.getChildren().add(offFloor);
        return row;
    }

    private static void showOrNone(MeasureField field, double value) {
        if (value > 0) {
            field.show(value);
        } else {
            field.showNone("");
        }
    }

    /** Keeps what was typed, unless the bolt can't be in that hole or would use up the tolerance. */
    private void set(PlacingLimits limits) {
        if (!limits.boltFits()) {
            complain(words().text("placing.bolt_too_thick", Message.fine(limits.bolt()), Message.fine(limits.hole())));
            refresh();
        } else if (limits.left() <= 0) {
            complain(words().text(
                            "placing.slop_too_large", Message.fine(limits.slop()), Message.fine(limits.tolerance())));
            refresh();
        } else {
            change(build -> build.withPlacing(limits), "placing_limits");
        }
    }

    private VBox loses(PlacingSheet sheet, List<Effect> losses, Words w) {
        VBox box = new VBox(2, Labels.of(w.text("placing.loses", Message.length(limits().tolerance())), "form-title"));
        losses.stream()
                .limit(3)
                .forEach(effect -> box.getChildren()
                        .add(effect(effect, effect.leavesBand() ? "placing.loss_out" : "placing.loss", w)));
        String slop = limits().slop() > 0
                ? w.text(
                        "placing.slop",
                        w.units().fine(2 * limits().slop()),
                        w.units().fine(limits().slop()))
                : w.text("placing.no_slop");
        box.getChildren().add(Labels.sentence(slop, "second"));
        box.getChildren()
                .add(Labels.sentence(w.text("placing.deviation", w.units().fine(sheet.deviation())), "second"));
        box.getChildren().add(Labels.sentence(w.text(sheet.promise()), sheet.promises() ? "second" : "limit"));
        sheet.level().ifPresent(level -> box.getChildren().add(Labels.sentence(w.text(level), "working-why")));
        return box;
    }

    private static Label effect(Effect effect, String key, Words w) {
        return Labels.sentence(
                w.text(
                        key,
                        ResultWords.name(effect.result(), w),
                        w.units()
                                .text(effect.planned(), effect.result().quantity())
                                .replace("-", "−"),
                        w.units()
                                .text(effect.there(), effect.result().quantity())
                                .replace("-", "−")),
                effect.leavesBand() ? "limit" : "working-why");
    }

    // --- What was found --------------------------------------------------------------------------------------------

    private void showSide(PlaceStudy found, Words w) {
        PlacingOrder placing = found.order();
        VBox side = sideColumn();
        side.getChildren().clear();
        if (!found.bolts().isEmpty()) {
            side.getChildren().add(Labels.of(w.text("placing.bolts"), "form-title"));
        }
        for (BoltFit fit : found.bolts()) {
            Label label = Labels.sentence(
                    w.text(fit.said()), fit.verdict() == BoltFit.Verdict.FORCED ? "limit" : "working-why");
            label.setId("bolt-" + fit.link().replace(' ', '-'));
            side.getChildren().add(label);
        }
        side.getChildren().add(Labels.of(w.text("placing.order"), "form-title"));
        WorkOrder work = new WorkOrder(PlacingOrder.job(place()), placing.steps(), build().log());
        order.show(work, w);
        side.getChildren().add(order);
        for (PlacingOrder.Taken taken : placing.taken()) {
            side.getChildren()
                    .add(Labels.sentence(
                            w.text(
                                    "placing.support",
                                    taken.mount(),
                                    taken.support().name(),
                                    taken.support().holds()),
                            "limit"));
        }
        placing.hidden()
                .forEach(hidden -> side.getChildren()
                        .add(Labels.sentence(
                                w.text(
                                        "placing.hidden",
                                        hidden.by(),
                                        hidden.reading().from(),
                                        hidden.behind()),
                                "second")));
        side.getChildren().add(Labels.sentence(w.text("sheet.caution"), "caution"));
    }

    /** Where the mount was found, and what that changes. */
    private void asBuilt(Optional<MountAsBuilt> placed, Words w) {
        Label headline = Labels.sentence(
                placed.map(one -> off(one, w)).orElse(w.text("placing.start", chosen)), "side-headline");
        headline.setId("place-headline");
        page.getChildren().add(headline);
        placed.ifPresent(one -> {
            if (one.off().getNorm() > limits().left()) {
                headline.getStyleClass().add("limit");
            }
            one.remarks().forEach(remark -> page.getChildren().add(Labels.sentence(w.text(remark.message()), "limit")));
            one.effects().stream()
                    .filter(effect -> differs(effect, w))
                    .forEach(effect -> page.getChildren()
                            .add(effect(effect, effect.leavesBand() ? "placing.now_out" : "placing.now", w)));
        });
    }

    /** Whether it can be seen in the figures. */
    private static boolean differs(Effect effect, Words w) {
        String planned = w.units().text(effect.planned(), effect.result().quantity());
        return !planned.equals(w.units().text(effect.there(), effect.result().quantity()));
    }

    private static String off(MountAsBuilt placed, Words w) {
        Vector3D off = placed.off();
        return w.text(
                "placing.off",
                placed.mount().mount(),
                w.units().fine(off.getNorm()),
                along(off.getX(), "placing.ahead", "placing.behind", w),
                along(off.getY(), "side.left", "side.right", w),
                along(off.getZ(), "placing.high", "placing.low", w),
                w.units()
                        .fine(Math.max(
                                placed.deviation(Axis.AHEAD),
                                Math.max(placed.deviation(Axis.LEFT), placed.deviation(Axis.UP)))));
    }

    private static String along(double metres, String positive, String negative, Words w) {
        return w.units().fine(Math.abs(metres)) + " " + w.text(metres >= 0 ? positive : negative);
    }

    @Override
    public void dispose() {
        study.dispose();
    }
}
