package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.drawing.Elevation;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyFix;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.floor.instrument.InstrumentLine;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/** Measure: press two marks, type what the tape says. Where everything is, how sure that is, and which reading is likely wrong. */
public final class MeasurePane extends StepPane {
    private final SurveyBoard board;
    private final ComboBox<ReadingKind> kind = new ComboBox<>();
    private final ComboBox<Instrument> instrument = new ComboBox<>();
    private final ComboBox<String> from = new ComboBox<>();
    private final ComboBox<String> to = new ComboBox<>();
    private final TextField value = new TextField();
    private final Label unit = Labels.of("", "second");
    private final Button add = new Button();
    private final Label hint = Labels.sentence("", "working-meaning");
    private final NewMarkRow newMark = new NewMarkRow(() -> makeMark(Optional.empty()));
    private final Button importPoints = new Button();
    private final RoomEditor rooms;
    private final VBox tools = new VBox(6);
    private final GaugeRow gauge;
    private final ReadingList list;
    private final SurveyWork work = new SurveyWork(wordsSupplier(), this::show);
    private final RemarkList remarkList = new RemarkList(this::made, this::takeUp);

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Adjustment adjustment;

    private List<SurveyRemark> remarks = List.of();
    private final ScanImport scan;
    private boolean filling;

    public MeasurePane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        board = new SurveyBoard(this::vehicle, wordsSupplier(), themeSupplier());
        scan = new ScanImport(this, board);
        gauge = new GaugeRow(wordsSupplier(), complaints(), this::fromGauge);
        rooms = new RoomEditor(this);
        list = new ReadingList(wordsSupplier(), complaints(), this::corrected);
        setId("measure-pane");
        VBox.setVgrow(board, Priority.ALWAYS);
        entry();
        board.onMark(this::pressMark);
        board.onPoint(scan::pick);
        board.onPlace(this::pressPlace);
        relabel();
    }

    private void entry() {
        kind.setId("measure-kind");
        kind.getItems().setAll(ReadingKind.values());
        kind.setConverter(Choices.names(wordsSupplier(), one -> "survey.kind." + one.id()));
        kind.valueProperty().addListener((o, before, now) -> kindChosen());
        instrument.setId("measure-instrument");
        instrument.setConverter(Choices.names(wordsSupplier(), one -> "survey.instrument." + one.id()));
        from.setId("measure-from");
        to.setId("measure-to");
        from.valueProperty().addListener((o, before, now) -> inHand());
        to.valueProperty().addListener((o, before, now) -> inHand());
        value.setId("measure-value");
        value.getStyleClass().add("big-entry");
        value.setOnAction(event -> take());
        add.setId("measure-add");
        add.getStyleClass().add("main-action");
        add.setOnAction(event -> take());
        hint.setId("measure-hint");
        HBox number = new HBox(6, value, unit, add);
        number.setAlignment(Pos.CENTER_LEFT);
        FlowPane first = new FlowPane(8, 6, kind, from, to, number, instrument);
        first.setRowValignment(VPos.CENTER);
        importPoints.setId("import-points");
        importPoints.setOnAction(event -> scan.read());
        for (Region part : new Region[] {kind, from, to, instrument, add, importPoints}) {
            part.setMinWidth(USE_PREF_SIZE);
        }
        tools.getChildren().setAll(importPoints, rooms.starter(), gauge);
        tools.getStyleClass().add("side-card");
        first.getStyleClass().add("floor-entry");
        getChildren().setAll(first, hint, board, newMark);
        kind.setValue(ReadingKind.DISTANCE);
    }

    @Override
    public void relabel() {
        Words w = words();
        add.setText(w.text("measure.add"));
        newMark.relabel(w);
        importPoints.setText(w.text("measure.import"));
        from.setPromptText(w.text("measure.from"));
        to.setPromptText(w.text("measure.to"));
        kind.setConverter(Choices.names(wordsSupplier(), one -> "survey.kind." + one.id()));
        instrument.setConverter(Choices.names(wordsSupplier(), one -> "survey.instrument." + one.id()));
        gauge.relabel();
        rooms.relabel();
        kindChosen();
    }

    @Override
    public void setTextSize(double times) {
        board.setTextSize(times);
    }

    private void kindChosen() {
        ReadingKind chosen = kind.getValue();
        boolean two = chosen.between();
        to.setVisible(two);
        to.setManaged(two);
        boolean number = chosen != ReadingKind.PLUMB;
        value.setVisible(number);
        unit.setVisible(number);
        unit.setText(words().units().unit(chosen.quantity()));
        instrument
                .getItems()
                .setAll(Arrays.stream(Instrument.values())
                        .filter(one -> one.quantity() == chosen.quantity())
                        .toList());
        instrument.setValue(chosen.usual());
        inHand();
    }

    @Override
    protected void show() {
        Survey survey = build().survey();
        filling = true;
        List<String> names = survey.marks().stream().map(Mark::name).toList();
        scan.keepFor(names);
        fill(from, names);
        fill(to, names);
        filling = false;
        work.ask(survey, this::adjusted);
        if (!work.told().isEmpty()) {
            forgetAnother(names);
            showSide();
        }
    }

    /** What was adjusted of another vehicle must not stand in while this one's survey is worked out. */
    private void forgetAnother(List<String> names) {
        if (adjustment != null && adjustment.survey().marks().stream().noneMatch(mark -> names.contains(mark.name()))) {
            adjustment = Adjustment.of(Survey.NONE);
            remarks = List.of();
            board.show(adjustment, "", "");
        }
    }

    private void adjusted(SurveyWork.Adjusted found) {
        adjustment = found.adjustment();
        remarks = found.remarks();
        board.show(adjustment, hand(from), hand(to));
        showSide();
        hint();
    }

    private static void fill(ComboBox<String> box, List<String> names) {
        String kept = box.getValue();
        if (!box.getItems().equals(names)) {
            box.getItems().setAll(names);
            box.setValue(names.contains(kept) ? kept : null);
        }
    }

    @Override
    public Optional<Note.Subject> subject() {
        return Optional.of(hand(from))
                .filter(name -> !name.isEmpty())
                .map(name -> new Note.Subject(Note.Kind.MARK, Optional.empty(), name));
    }

    private static String hand(ComboBox<String> box) {
        return box.getValue() == null ? "" : box.getValue();
    }

    private void inHand() {
        if (!filling && adjustment != null) {
            board.show(adjustment, hand(from), kind.getValue().between() ? hand(to) : "");
            showSide();
            hint();
        }
    }

    // --- Taking readings -------------------------------------------------------------------------------------------

    /** The first mark pressed is where the tape is held, the next where it is read; a third starts again. */
    private void pressMark(String name) {
        if (scan.isPicked()) {
            scan.name(name);
            return;
        }
        boolean two = kind.getValue().between();
        if (!two || hand(from).isEmpty() || !hand(to).isEmpty() || hand(from).equals(name)) {
            from.setValue(name);
            to.setValue(null);
        } else {
            to.setValue(name);
        }
        if (!two || !hand(to).isEmpty()) {
            value.requestFocus();
        }
    }

    private void take() {
        ReadingKind what = kind.getValue();
        if (hand(from).isEmpty() || what.between() && hand(to).isEmpty()) {
            complain(words().text(what.between() ? "measure.two_marks" : "measure.one_mark"));
            return;
        }
        Optional<List<Double>> values = what == ReadingKind.PLUMB ? Optional.of(List.of()) : typed(what.quantity());
        if (values.isEmpty()) {
            return;
        }
        take(values.get(), instrument.getValue());
    }

    private void take(List<Double> values, Instrument with) {
        ReadingKind what = kind.getValue();
        Reading reading =
                new Reading(what, hand(from), what.between() ? hand(to) : "", values, with, OptionalDouble.empty());
        boolean done = change(
                build -> build.withSurvey(build.survey().with(reading)),
                "reading",
                words().text(SurveyRemark.phrase(reading)));
        if (done) {
            complain("");
            value.clear();
            value.requestFocus();
        }
    }

    /** Several repeats may be typed at once, parted by a semicolon. */
    private Optional<List<Double>> typed(Quantity quantity) {
        List<Double> values = new ArrayList<>();
        try {
            for (String one : value.getText().split(";")) {
                values.add(quantity.onGrid(words().units().parse(one.strip(), quantity)));
            }
            return Optional.of(values);
        } catch (MeasureFormatException e) {
            complain(words().text(e));
            return Optional.empty();
        }
    }

    private void fromGauge(InstrumentLine.Kind what, double reading) {
        boolean angle = what == InstrumentLine.Kind.ANGLE;
        if (angle != (kind.getValue().quantity() == Quantity.ANGLE)) {
            complain(words().text(angle ? "gauge.is_angle" : "gauge.is_distance"));
            return;
        }
        if (hand(from).isEmpty() || kind.getValue().between() && hand(to).isEmpty()) {
            complain(words().text(kind.getValue().between() ? "measure.two_marks" : "measure.one_mark"));
            return;
        }
        take(List.of(what.quantity().onGrid(reading)), angle ? Instrument.ANGLE_FINDER : Instrument.LASER);
    }

    /** What the others say of the measurement in hand, what was read of it, and what its image on the other side reads. */
    private void hint() {
        Words w = words();
        ReadingKind what = kind.getValue();
        // A mark that was just made is not in what is still being adjusted.
        boolean known = work.told().isEmpty();
        boolean named = known && !hand(from).isEmpty() && (!what.between() || !hand(to).isEmpty());
        if (!named || hand(from).equals(hand(to))) {
            hint.setText(w.text(build().survey().marks().isEmpty() ? "measure.start" : "measure.press"));
            return;
        }
        Reading wanted = Reading.of(what, hand(from), what.between() ? hand(to) : "", 1);
        hint.setText(ReadingHint.of(adjustment, wanted, w));
    }

    // --- Marks -----------------------------------------------------------------------------------------------------

    private void pressPlace(Elevation elevation, Vector3D place) {
        if (!newMark.typed().isEmpty()) {
            makeMark(Optional.of(NewMarkRow.pressed(elevation == Elevation.TOP, place)));
        }
    }

    private void makeMark(Optional<Vector3D> place) {
        String name = newMark.typed();
        if (scan.isPicked() && !name.isEmpty()) {
            newMark.clear();
            scan.name(name);
            return;
        }
        if (name.isEmpty() || build().survey().mark(name).isPresent()) {
            complain(words().text(name.isEmpty() ? "measure.name_wanted" : "measure.name_taken", name));
            return;
        }
        Mark mark = newMark.mark(place, -vehicle().wheelbase() / 2);
        if (change(build -> build.withSurvey(build.survey().with(mark)), "mark", name)) {
            complain("");
            newMark.clear();
            pressMark(name);
        }
    }

    private void made(SurveyFix fix) {
        change(
                build -> build.withSurvey(fix.in(build.survey())),
                "reading",
                words().text(SurveyRemark.phrase(fix.before())));
    }

    private void takeUp(SurveyRemark remark) {
        remark.marks().stream()
                .findFirst()
                .ifPresent(name ->
                        select(name, remark.marks().size() > 1 ? remark.marks().get(1) : null));
    }

    private void showSide() {
        Words w = words();
        VBox side = sideColumn();
        side.getChildren().setAll(work.told());
        if (adjustment == null) {
            return;
        }
        if (side.getChildren().isEmpty()) {
            side.getChildren()
                    .addAll(remarkList.first(adjustment.survey().marks().isEmpty(), remarks, w));
        }
        side.getChildren().add(new Keypad(value, this::take, w.text("measure.add")));
        if (!hand(from).isEmpty()) {
            side.getChildren().add(markCard(hand(from), w));
        }
        if (kind.getValue().between() && !hand(to).isEmpty()) {
            side.getChildren().add(markCard(hand(to), w));
        }
        side.getChildren().add(tools);
        rooms.card().ifPresent(side.getChildren()::add);
        side.getChildren().add(remarkList.others(remarks, w));
        if (!adjustment.survey().readings().isEmpty()) {
            list.show(adjustment);
            side.getChildren().add(list);
        }
        if (!adjustment.survey().cuts().isEmpty()) {
            side.getChildren().add(Labels.sentence(w.text("caution.cut"), "caution"));
        }
    }

    private MarkCard markCard(String name, Words w) {
        MarkCard card = new MarkCard(this);
        card.show(name, adjustment, readings(name), w);
        return card;
    }

    /** Readings of the measurement in hand, so that a wrong one can be taken away. */
    private List<Reading> readings(String name) {
        boolean pair = kind.getValue().between() && !hand(from).isEmpty() && !hand(to).isEmpty();
        return build().survey().readings().stream()
                .filter(reading -> reading.touches(name))
                .filter(reading -> !pair || reading.touches(hand(from)) && reading.touches(hand(to)))
                .filter(reading -> !pair || name.equals(hand(to)))
                .toList();
    }

    /** A reading with other values, or without any: it is gone then. */
    void corrected(Reading before, Optional<Reading> after) {
        SurveyFix fix = new SurveyFix(SurveyRemark.phrase(before), before, after);
        change(
                build -> build.withSurvey(fix.in(build.survey())),
                after.isPresent() ? "reading" : "reading_gone",
                words().text(SurveyRemark.phrase(before)));
    }

    /** The survey as it was adjusted last. */
    Adjustment adjustment() {
        return adjustment;
    }

    /** Has a mark named, beginning with what it is called elsewhere. */
    void nameMark(String proposed) {
        newMark.propose(proposed);
    }

    SurveyBoard board() {
        return board;
    }

    /** Hangs up the gauge, and ends what goes on beside the window. */
    @Override
    public void dispose() {
        gauge.stop();
        work.dispose();
        scan.dispose();
    }

    /** Where a mark is drawn on the screen, for tests and pictures. */
    public Point2D onScreen(String mark, Elevation elevation) {
        return board.localToScreen(board.pixel(mark, elevation));
    }

    /** Selects the marks of a measurement, as pressing them does. */
    public void select(String first, @Nullable String second) {
        from.setValue(first);
        to.setValue(second);
    }
}
