package org.palanca.desktop.step.steer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Curve;
import org.palanca.desktop.analysis.SteerStudy;
import org.palanca.desktop.board.CurveView;
import org.palanca.desktop.board.MountDrag;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.Tryout;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.assessment.SteeringOffer;
import org.palanca.study.steering.JointLimit;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.study.steering.SteerSweep;
import org.palanca.study.steering.TurningCircle;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.SteeringChange;

/**
 * Steer: toe against travel as a builder plots it, one thing to do about it, the alignment card at the board's pose, and
 * what the steering does from lock to lock.
 */
public final class SteerPane extends StepPane {
    private static final Duration REST = Duration.millis(120);

    /** From this width on the two curves stand beside one another, at normal text size [px]. */
    private static final double WIDE = 760;

    private final GridPane plots = new GridPane();
    private final Label advice = Labels.sentence("", "side-headline");
    private final Button other = new Button();
    private final Button attempt = new Button();
    private final CurveView bump;
    private final CurveView ackermann;
    private final VBox card = new VBox(4);
    private final VBox facts = new VBox(6);
    private final LatestTask study = LatestTask.live("steer study", REST);
    private final LatestTask offering = LatestTask.patient("steering offers", REST);
    private final VBox offered = new VBox(8);
    private final FlowPane settings = new FlowPane(12, 6);
    private final Label complaint = Labels.sentence("", "limit");
    private PickupAdvice.Room room = PickupAdvice.Room.USUAL;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Studied latest;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Asked asked;

    private double textTimes = 1;
    private Tried tried = Tried.NOT_YET;
    private List<SteeringOffer> offers = List.of();

    public SteerPane(StepContext context) {
        super(context);
        VBox.setVgrow(plots, Priority.ALWAYS);
        getChildren().add(plots);
        state().poseProperty().addListener((o, before, now) -> refresh());
        setId("steer-pane");
        getStyleClass().add("steer-pane");
        bump = new CurveView("bump-steer-plot", themeSupplier());
        ackermann = new CurveView("ackermann-plot", themeSupplier());
        advice.setId("steer-advice");
        other.setId("steer-other-axle");
        other.getStyleClass().add("main-action");
        other.setWrapText(true);
        other.managedProperty().bind(other.visibleProperty());
        attempt.setId("steer-try");
        attempt.getStyleClass().add("main-action");
        attempt.setOnAction(event -> offers.stream().findFirst().ifPresent(this::attempt));
        offered.setId("steer-offers");
        settings.setRowValignment(VPos.BOTTOM);
        complaint.setId("steer-complaint");
        object("");
        card.setId("alignment-card");
        ackermann.managedProperty().bind(ackermann.visibleProperty());
        sideColumn().getChildren().addAll(advice, attempt, other, offered, settings, complaint, card, facts);
        widthProperty().addListener((o, before, now) -> lay());
    }

    /** Beside one another where there is room, else below; alone a curve has all of it. */
    private void lay() {
        plots.getChildren().clear();
        plots.getColumnConstraints().clear();
        plots.getRowConstraints().clear();
        boolean beside = getWidth() >= WIDE * textTimes;
        plots.add(bump, 0, 0);
        plots.add(ackermann, beside ? 1 : 0, beside ? 0 : 1);
        for (CurveView plot : new CurveView[] {bump, ackermann}) {
            plot.setPrefSize(1, 1);
            GridPane.setHgrow(plot, Priority.ALWAYS);
            GridPane.setVgrow(plot, Priority.ALWAYS);
        }
    }

    @Override
    public void setTextSize(double times) {
        textTimes = times;
        bump.setTextSize(times);
        ackermann.setTextSize(times);
        lay();
    }

    @Override
    protected void show() {
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        WheelTravel pose = state().poseProperty().get();
        Optional<Vehicle> was = document().tryout().shown().map(Tryout.Shown::before);
        study.ask(
                goOn -> new Studied(
                        SteerStudy.of(vehicle, place, pose), was.map(before -> SteerStudy.of(before, place, pose))),
                this::show);
        double grid = MountDrag.grid(words().units().length());
        Asked now = new Asked(vehicle, place, room, words());
        if (!now.same(asked)) {
            asked = now;
            tried = Tried.NOT_YET;
            offers = List.of();
            offering.ask(goOn -> SteeringOffer.of(vehicle, place, grid, now.room(), goOn), this::heard, () -> {
                tried = Tried.FAILED;
                showAgain();
            });
            showSettings();
        }
    }

    /**
     * What was found out.
     *
     * @param before of the vehicle as it was, while a change is tried
     */
    private record Studied(SteerStudy now, Optional<SteerStudy> before) {}

    private void showAgain() {
        if (latest != null) {
            show(latest);
        }
    }

    /** How far trying what would help has come. */
    private enum Tried {
        NOT_YET,
        YES,
        FAILED
    }

    /** What offers were asked for, and in which words: a pose alone asks for no others. */
    private record Asked(Vehicle vehicle, AxlePlace place, PickupAdvice.Room room, Words in) {
        boolean same(Asked other) {
            return other != null
                    && vehicle == other.vehicle
                    && place == other.place
                    && room.equals(other.room)
                    && in == other.in;
        }
    }

    private void heard(List<SteeringOffer> found) {
        tried = Tried.YES;
        offers = found;
        showAgain();
    }

    private void show(Studied studied) {
        Words w = words();
        SteerStudy found = studied.now();
        latest = studied;
        Optional<SteeringOffer> best = offers.stream().findFirst().filter(SteeringOffer::helps);
        advice.setText(sentence(found, best, w));
        attempt.setText(w.text("trouble.try"));
        attempt.setVisible(best.isPresent());
        attempt.setManaged(best.isPresent());
        showOffers(w);
        bump.show(
                w.text("steer.bump_title", w.text("axle." + found.place().id())),
                beside(found.toeCurves(w), studied.before().map(before -> before.toeCurves(w)), w),
                new CurveView.Axis(w.text("steer.toe_axis"), Quantity.ANGLE),
                new CurveView.Axis(w.text("steer.travel_axis"), Quantity.LENGTH),
                w);
        card.getChildren().setAll(AlignmentView.of(found.card(), w));
        boolean steers = found.sweep().isPresent();
        ackermann.setVisible(steers);
        offerOther(steers, w);
        if (steers) {
            ackermann.show(
                    w.text("steer.ackermann_title"),
                    beside(
                            found.ackermannCurve(w),
                            studied.before()
                                    .filter(before -> before.sweep().isPresent())
                                    .map(before -> before.ackermannCurve(w)),
                            w),
                    new CurveView.Axis(w.text("steer.inner_axis"), Quantity.ANGLE),
                    new CurveView.Axis(w.text("steer.percent_axis"), Quantity.PERCENT),
                    w);
        }
        facts(found, w);
    }

    /** Curves with those of the vehicle as it was, while a change is tried. */
    private static List<Curve> beside(List<Curve> now, Optional<List<Curve>> before, Words w) {
        List<Curve> all = new ArrayList<>(now);
        before.ifPresent(was -> was.forEach(one -> all.add(one.past(w.text("curve.before", one.name())))));
        return all;
    }

    /** Of an axle that nothing steers there is little to see here; where the other is steered, that is the one. */
    private void offerOther(boolean steers, Words w) {
        Optional<AxlePlace> steered = vehicle().axles().stream()
                .filter(axle -> axle.place() != place() && axle.steering().isPresent())
                .map(Axle::place)
                .findFirst();
        other.setVisible(!steers && steered.isPresent());
        steered.ifPresent(place -> {
            other.setText(w.text("steer.other_axle", w.text("axle." + place.id())));
            other.setOnAction(event -> state().axleProperty().set(place));
        });
    }

    /** Every way that was found, with what it does to toe, rods and Ackermann and what gets worse by it. */
    private void showOffers(Words w) {
        offered.getChildren().clear();
        if (offers.isEmpty()) {
            return;
        }
        offered.getChildren().add(Labels.of(w.text("steer.offers"), "form-title"));
        Vehicle vehicle = vehicle();
        Label now = Labels.sentence(w.text(offers.get(0).now(vehicle)), "second");
        now.setId("steer-now");
        offered.getChildren().add(now);
        int number = 0;
        for (SteeringOffer offer : offers) {
            String said = w.text(offer.said(vehicle));
            Label does = Labels.sentence(said, offer.worse().isEmpty() ? "working-why" : "limit");
            does.setId("steer-offer-" + number);
            Button take = Labels.button("steer-try-" + number, w.text("trouble.try"), () -> attempt(offer));
            take.setAccessibleText(w.text("trouble.try") + ": " + said);
            offered.getChildren().add(new VBox(3, does, take));
            number++;
        }
    }

    /** How far pickups may go, and what steers the axle: typed by the one who knows the vehicle. */
    private void showSettings() {
        Words w = words();
        Axle axle = vehicle().axle(place()).orElse(null);
        settings.getChildren().clear();
        if (axle == null) {
            return;
        }
        if (PickupAdvice.innerPickup(axle).isPresent()) {
            settings.getChildren()
                    .addAll(
                            within("along", room.along(), v -> new PickupAdvice.Room(v, room.across(), room.up())),
                            within("across", room.across(), v -> new PickupAdvice.Room(room.along(), v, room.up())),
                            within("up", room.up(), v -> new PickupAdvice.Room(room.along(), room.across(), v)));
        }
        ComboBox<StarterSteering> ways = new ComboBox<>();
        ways.setId("steer-by");
        // Its list is as wide as its longest name; the box stays within the column.
        ways.getStyleClass().add("column-choice");
        ways.setPromptText(w.text("steer.by"));
        ways.setConverter(Choices.names(wordsSupplier(), one -> "steering." + one.id()));
        for (StarterSteering one : StarterSteering.values()) {
            boolean asItIs = one == StarterSteering.NONE && axle.steering().isEmpty();
            if (one.suits(axle.type()) && !asItIs) {
                ways.getItems().add(one);
            }
        }
        ways.valueProperty().addListener((o, before, now) -> {
            if (now != null) {
                steerBy(now);
            }
        });
        if (!ways.getItems().isEmpty()) {
            settings.getChildren().add(new VBox(2, Labels.of(w.text("steer.by_title"), "second"), ways));
        }
    }

    private Node within(String which, double now, DoubleFunction<PickupAdvice.Room> next) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                wordsSupplier(),
                value -> {
                    room = next.apply(Math.max(0, value));
                    refresh();
                },
                this::object);
        field.setId("steer-room-" + which);
        field.show(now);
        return Labels.over(words().text("steer.room_" + which), field, Quantity.LENGTH, wordsSupplier());
    }

    /** Says what is wrong with what was typed, beside it; the empty text when all is well again. */
    private void object(String text) {
        complaint.setText(text);
        complaint.setVisible(!text.isEmpty());
        complaint.setManaged(!text.isEmpty());
    }

    private void steerBy(StarterSteering way) {
        Vehicle vehicle = vehicle();
        Axle changed = SteeringChange.to(vehicle, place(), way);
        document()
                .change(
                        vehicle.holding(changed),
                        Message.of("change.steering", Message.of("steering." + way.id())),
                        "");
    }

    private String sentence(SteerStudy found, Optional<SteeringOffer> best, Words w) {
        if (found.trouble().isPresent()) {
            return w.text(found.trouble().get());
        }
        String place = w.text("axle." + found.place().id());
        if (found.dragLink().isPresent()) {
            SteerStudy.DragLink drag = found.dragLink().get();
            return w.text(
                    "steer.drag_link",
                    place,
                    Message.angle(found.largestToeChange()),
                    Message.angle(Math.abs(drag.slopeGap())),
                    w.text(drag.slopeGap() < 0 ? "steer.flatter" : "steer.steeper"),
                    Message.length(Math.abs(drag.lengthGap())),
                    w.text(drag.lengthGap() < 0 ? "steer.shorter" : "steer.longer"));
        }
        if (PickupAdvice.innerPickup(vehicle().axle(found.place()).orElseThrow())
                .isEmpty()) {
            return w.text("steer.plain", place, Message.angle(found.largestToeChange()));
        }
        if (tried != Tried.YES) {
            return w.text(
                    tried == Tried.FAILED ? "steer.not_tried" : "steer.trying",
                    place,
                    Message.angle(found.largestToeChange()));
        }
        if (best.isEmpty()) {
            return w.text(
                    "steer.well",
                    Message.angle(found.largestToeChange()),
                    w.text("axle." + found.place().id()));
        }
        PickupAdvice what = best.get().choice();
        String move = w.text(
                "steer.move", best.get().move(vehicle()), Message.angle(what.then()), Message.angle(what.before()));
        return best.get().worse().isEmpty()
                ? move
                : move + " " + w.text("trouble.worse", best.get().worse().get(0).said());
    }

    private void attempt(SteeringOffer offer) {
        PickupAdvice what = offer.choice();
        document()
                .tryout()
                .begin(
                        what.after(),
                        Message.of("change.tried", what.mount().mount()),
                        words().text(offer.said(vehicle())));
    }

    /** Locks, turning circle and the joint that meets its limit first, a sentence each. */
    private void facts(SteerStudy found, Words w) {
        facts.getChildren().clear();
        facts.getChildren().add(Labels.of(w.text("steer.facts_title"), "form-title"));
        found.sweep().ifPresent(sweep -> {
            SteerSweep.Turn full = sweep.fullLeft();
            fact(w.text("steer.lock", Message.angle(full.inner()), Message.angle(full.outer())));
            full.ackermann()
                    .ifPresent(
                            percent -> fact(w.text("steer.ackermann_at_lock", AlignmentView.percent(percent / 100))));
        });
        found.circle()
                .ifPresent((TurningCircle circle) -> fact(w.text(
                        "steer.circle",
                        Message.onTheRoad(circle.diameter()),
                        Message.length(-circle.forwardOfFront()))));
        found.secondBox().ifPresent(box -> box.said().forEach(said -> fact(w.text(said))));
        found.tightest()
                .ifPresent((JointLimit joint) -> fact(w.text(
                        joint.room() < 0 ? "steer.joint_over" : "steer.joint",
                        joint.mount(),
                        Message.angle(joint.tilt()),
                        AlignmentView.poseText(joint.pose(), w),
                        Message.angle(joint.limit()))));
        if (found.sweep().isEmpty()) {
            fact(w.text("steer.not_steered"));
        }
        fact(w.text("steer.caution"));
    }

    private void fact(String text) {
        facts.getChildren().add(Labels.sentence(text, "working-meaning"));
    }

    /** Ends the work beside the window. */
    @Override
    public void dispose() {
        study.dispose();
        offering.dispose();
    }
}
