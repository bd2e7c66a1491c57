package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.VerdictColumn;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.io.sheet.SheetKind;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.assessment.ClearanceGain;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.clearance.Nearest;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;

/** Cycle it: how far the axle really goes, what stops it, what would help, and where it is tight at the worst poses. */
public final class CyclePane extends StepPane {
    /** Pairs that are listed; more are on the printed sheet. */
    private static final int LISTED = 9;

    private final CycleBoard board;
    private final CycleWork work = new CycleWork();
    private final FlowPane poses = new FlowPane(6, 4);
    private final Inspector inspector;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Vehicle worked;

    private String workedFor = "";
    private List<TravelEnd> ends = List.of();
    private List<Message> atRide = List.of();
    private List<WorstPose> worst = List.of();
    private boolean failed;
    private Optional<TravelEnd> gainedFor = Optional.empty();
    private List<TravelGain> gains = List.of();
    private Optional<ClearanceStudy> study = Optional.empty();
    private Optional<ClearanceStudy.Tight> roomierFor = Optional.empty();
    private List<ClearanceGain> roomGains = List.of();
    private Optional<ClearanceStudy.Tight> marked = Optional.empty();

    public CyclePane(StepContext context) {
        super(context);
        getStyleClass().add("floor-pane");
        board = new CycleBoard(
                wordsSupplier(),
                themeSupplier(),
                document(),
                this::took,
                this::refresh,
                pose -> state().poseProperty().set(pose));
        inspector = new Inspector(this, context.files(), board::take);
        setId("cycle-pane");
        sideColumn().setId("cycle-side");
        VBox.setVgrow(board, Priority.ALWAYS);
        poses.getStyleClass().add("floor-entry");
        poses.setRowValignment(VPos.CENTER);
        getChildren().setAll(poses, board);
        state().poseProperty().addListener((o, before, now) -> moved());
        relabel();
    }

    private void moved() {
        if (isVisible() && vehicle().axle(place()).isPresent()) {
            board.show(vehicle(), place(), state().poseProperty().get());
            showNearest();
            begin();
        }
    }

    /** Takes a described part in hand, as pressing it does. */
    public void select(String part) {
        board.take(Optional.of(Grip.part(part)));
    }

    private void took() {
        showNearest();
        showFields();
    }

    /** What comes nearest to what is in hand, where the axle is now. */
    private void showNearest() {
        board.showNearest(board.inHand().flatMap(this::nearest));
    }

    private void showFields() {
        board.grips().ifPresent(grips -> inspect(inspector.rows(grips, board.inHand())));
    }

    private Optional<ClearanceStudy.Tight> nearest(Grip grip) {
        return Nearest.of(vehicle(), place(), state().poseProperty().get(), grip.bodies(axleNow()));
    }

    @Override
    public void relabel() {
        inspector.relabel();
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
        board.show(vehicle(), place(), state().poseProperty().get());
        showNearest();
        boolean moving = board.moving();
        if (moving) {
            board.inHand().ifPresent(inspector::moved);
        } else {
            showFields();
        }
        begin();
        // While something is moved the last answers stay, faint and out of reach, until there are new ones.
        sideColumn().setDisable(moving && ends.isEmpty());
        if (!sideColumn().isDisabled()) {
            showPoses();
            showSide();
        }
    }

    /** Works anew where the vehicle, the axle or the lock is another; a pose alone changes nothing. */
    private void begin() {
        double steer = Math.rint(state().poseProperty().get().steer());
        String now = place() + " " + steer;
        if (worked == vehicle() && workedFor.equals(now)) {
            return;
        }
        worked = vehicle();
        workedFor = now;
        study = Optional.empty();
        gains = List.of();
        gainedFor = Optional.empty();
        roomGains = List.of();
        roomierFor = Optional.empty();
        ends = List.of();
        worst = List.of();
        failed = false;
        marked = Optional.empty();
        board.mark(marked);
        board.showMap(Optional.empty());
        work.begin(
                vehicle(),
                place(),
                steer,
                new CycleWork.Hears(
                        this::heard,
                        map -> board.showMap(Optional.of(map)),
                        this::heard,
                        this::heard,
                        this::heardRoom,
                        this::failed));
    }

    /** Says so in the place of what is still being tried. */
    private void failed() {
        failed = true;
        sideColumn().setDisable(false);
        showSide();
    }

    private void heard(CycleWork.Endings found) {
        sideColumn().setDisable(false);
        ends = found.ends();
        worst = found.worst();
        atRide = found.atRide();
        showPoses();
        showSide();
    }

    private void heard(ClearanceStudy found) {
        study = Optional.of(found);
        if (!sideColumn().isDisabled()) {
            showSide();
        }
    }

    private void heard(TravelEnd end, List<TravelGain> found) {
        gainedFor = Optional.of(end);
        gains = found;
        showSide();
    }

    /** Goes to one of the worst poses, by its place in their list. */
    public void goTo(int number) {
        if (number < worst.size()) {
            state().poseProperty().set(worst.get(number).pose());
        }
    }

    /** Goes to the tightest place found so far. */
    public void goToTightest() {
        study.flatMap(found ->
                        found.tight().stream().filter(one -> !one.atRide()).findFirst())
                .ifPresent(this::goTo);
    }

    private void goTo(ClearanceStudy.Tight tight) {
        marked = Optional.of(tight);
        board.mark(marked);
        state().poseProperty().set(tight.pose());
    }

    private void showPoses() {
        Words w = words();
        List<Node> row = new ArrayList<>();
        row.add(Labels.button(
                "cycle-ride", w.text("cycle.ride"), () -> state().poseProperty().set(WheelTravel.RIDE)));
        for (WorstPose pose : worst) {
            Button go = Labels.button(
                    "cycle-" + pose.id().replace('_', '-').replace('.', '-'),
                    w.text("cycle.worst." + pose.id()),
                    () -> state().poseProperty().set(pose.pose()));
            go.setTooltip(new Tooltip(VerdictColumn.capital(w.text(CycleWords.pose(pose.pose()))) + ": "
                    + w.text(CycleWords.bounds(pose))));
            row.add(go);
        }
        Button sheet = Labels.button(
                "cycle-sheet", w.text("cycle.sheet"), () -> context().sheet(SheetKind.CYCLE, Optional.empty()));
        sheet.getStyleClass().add("main-action");
        row.add(sheet);
        poses.getChildren().setAll(row);
    }

    private void showSide() {
        Words w = words();
        List<Node> side = new ArrayList<>();
        for (Message one : atRide) {
            side.add(Labels.sentence(w.text(one), "limit"));
        }
        List<TravelEnd> sorted = CycleWords.worstFirst(ends);
        if (failed) {
            side.add(VerdictColumn.headline(w.text("cycle.failed"), "cycle-headline", true));
        }
        if (sorted.isEmpty() && !failed) {
            side.add(VerdictColumn.headline(w.text("cycle.wait"), "cycle-headline", false));
        } else if (!sorted.isEmpty()) {
            TravelEnd first = sorted.get(0);
            side.add(VerdictColumn.headline(w.text(CycleWords.end(first)), "cycle-headline", !first.asWanted()));
            if (!first.reached()) {
                side.addAll(gains(w));
            }
            for (TravelEnd end : sorted.subList(1, sorted.size())) {
                side.add(Labels.sentence(w.text(CycleWords.end(end)), end.asWanted() ? "working-why" : "limit"));
            }
        }
        side.addAll(tight(w));
        CollisionBodies.notDrawn(vehicle(), axleNow())
                .forEach(what -> side.add(Labels.sentence(w.text(what), "second")));
        side.add(Labels.sentence(w.text("caution.stands"), "caution"));
        sideColumn().getChildren().setAll(side);
    }

    private List<Node> gains(Words w) {
        List<Node> all = new ArrayList<>();
        if (gainedFor.isEmpty() && failed) {
            return all;
        }
        if (gainedFor.isEmpty()) {
            all.add(Labels.of(w.text("cycle.trying"), "second"));
            return all;
        }
        if (gains.isEmpty()) {
            all.add(Labels.sentence(w.text("cycle.no_gain"), "second"));
        }
        int number = 0;
        for (TravelGain gain : gains) {
            all.add(attempt(w, "cycle-try-" + number, gain.said(), gain.what(), gain.after()));
            number++;
        }
        return all;
    }

    /** What a change would give, over the button that makes it. */
    private Node attempt(Words w, String id, Message gives, Message what, Vehicle after) {
        String said = w.text(gives);
        Label label = Labels.sentence(VerdictColumn.capital(said), "working-why");
        Button attempt = Labels.button(
                id,
                w.text("trouble.try"),
                () -> document().tryout().begin(after, Message.of("change.gain", what), VerdictColumn.capital(said)));
        attempt.setAccessibleText(w.text("trouble.try") + ": " + said);
        return new VBox(3, label, attempt);
    }

    private List<Node> tight(Words w) {
        List<Node> all = new ArrayList<>();
        all.add(Labels.of(w.text("cycle.tight_title"), "working-title"));
        if (study.isEmpty()) {
            all.add(Labels.of(w.text(failed ? "cycle.failed" : "cycle.looking"), "second"));
            return all;
        }
        int number = 0;
        for (ClearanceStudy.Tight one : TightPairs.listed(study.get(), LISTED)) {
            Button go = new Button(w.text(CycleWords.tight(one)));
            go.setId("cycle-tight-" + number);
            go.setWrapText(true);
            go.setMaxWidth(Double.MAX_VALUE);
            go.getStyleClass().add("side-link");
            if (one.missing() > 0) {
                go.getStyleClass().add("side-link-limit");
            }
            go.setMinHeight(USE_PREF_SIZE);
            go.setOnAction(event -> goTo(one));
            all.add(go);
            number++;
        }
        all.addAll(roomier(w));
        boolean whole = study.get().done() >= 1;
        Label how = Labels.sentence(
                w.text(
                        whole ? "cycle.looked" : "cycle.looking_at",
                        Integer.toString(study.get().poses()),
                        Math.round(100 * study.get().done()) + " %"),
                "second");
        how.setId("cycle-progress");
        all.add(how);
        if (!whole) {
            all.add(Labels.button("cycle-stop", w.text("cycle.stop"), work::stop));
        }
        return all;
    }

    /** What would give the tightest pair its room, where nothing ends the travel too soon: that is to be mended first. */
    private List<Node> roomier(Words w) {
        List<Node> all = new ArrayList<>();
        boolean reached = !ends.isEmpty() && ends.stream().allMatch(TravelEnd::reached);
        if (roomierFor.isEmpty() || !reached) {
            return all;
        }
        all.add(Labels.sentence(
                w.text(
                        roomGains.isEmpty() ? "cycle.no_room_gain" : "cycle.room_gains",
                        roomierFor.get().one().name(),
                        roomierFor.get().other().name()),
                "second"));
        int number = 0;
        for (ClearanceGain gain : roomGains) {
            all.add(attempt(w, "cycle-room-" + number, gain.said(), gain.what(), gain.after()));
            number++;
        }
        return all;
    }

    private void heardRoom(ClearanceStudy.Tight tight, List<ClearanceGain> found) {
        roomierFor = Optional.of(tight);
        roomGains = found;
        showSide();
    }

    /** Stops what runs beside the window. */
    @Override
    public void dispose() {
        work.dispose();
    }

    /** Reads and writes places as they are taped from this axle. */
    PlaceText places() {
        return new PlaceText(AxleTape.of(vehicle(), place()));
    }

    Axle axleNow() {
        return vehicle().axle(place()).orElseThrow();
    }
}
