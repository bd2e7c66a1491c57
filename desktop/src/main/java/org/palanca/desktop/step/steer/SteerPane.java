package org.palanca.desktop.step.steer;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.SteerStudy;
import org.palanca.desktop.board.CurveView;
import org.palanca.desktop.board.MountDrag;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.MeasureField;
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
    private static final double PLOT_WIDTH = 330;
    private static final double PLOT_HEIGHT = 330;

    private final ScrollPane scroll = new ScrollPane();
    private final VBox page = new VBox(14);
    private final Label advice = new Label();
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
    private SteerStudy latest;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Asked asked;

    private Tried tried = Tried.NOT_YET;
    private List<SteeringOffer> offers = List.of();

    public SteerPane(StepContext context) {
        super(context);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        state().poseProperty().addListener((o, before, now) -> refresh());
        scroll.getStyleClass().add("steer-pane");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        page.getStyleClass().add("pane-page");
        scroll.setContent(page);
        bump = new CurveView("bump-steer-plot", themeSupplier());
        ackermann = new CurveView("ackermann-plot", themeSupplier());
        advice.setWrapText(true);
        advice.setId("steer-advice");
        advice.getStyleClass().add("big-sentence");
        attempt.setId("steer-try");
        attempt.getStyleClass().add("main-action");
        attempt.setOnAction(event -> offers.stream().findFirst().ifPresent(this::attempt));
        offered.setId("steer-offers");
        settings.setRowValignment(VPos.BOTTOM);
        complaint.setId("steer-complaint");
        object("");
        for (CurveView plot : new CurveView[] {bump, ackermann}) {
            plot.setPrefSize(PLOT_WIDTH, PLOT_HEIGHT);
        }
        card.setId("alignment-card");
        FlowPane plots = new FlowPane(18, 14, bump, card, ackermann, facts);
        page.getChildren().addAll(advice, attempt, offered, settings, complaint, plots);
    }

    @Override
    public void setTextSize(double times) {
        for (CurveView plot : new CurveView[] {bump, ackermann}) {
            plot.setTextSize(times);
            plot.setPrefSize(PLOT_WIDTH * times, PLOT_HEIGHT * times);
        }
    }

    @Override
    public Optional<Node> side() {
        return Optional.empty();
    }

    @Override
    protected void show() {
        Vehicle vehicle = vehicle();
        AxlePlace place = place();
        WheelTravel pose = state().poseProperty().get();
        study.ask(goOn -> SteerStudy.of(vehicle, place, pose), this::show);
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

    private void show(SteerStudy found) {
        Words w = words();
        latest = found;
        Optional<SteeringOffer> best = offers.stream().findFirst().filter(SteeringOffer::helps);
        advice.setText(sentence(found, best, w));
        attempt.setText(w.text("trouble.try"));
        attempt.setVisible(best.isPresent());
        attempt.setManaged(best.isPresent());
        showOffers(w);
        bump.show(
                w.text("steer.bump_title", w.text("axle." + found.place().id())),
                found.toeCurves(w),
                new CurveView.Axis(w.text("steer.toe_axis"), Quantity.ANGLE),
                new CurveView.Axis(w.text("steer.travel_axis"), Quantity.LENGTH),
                w);
        card.getChildren().setAll(AlignmentView.of(found.card(), w));
        boolean steers = found.sweep().isPresent();
        ackermann.setVisible(steers);
        ackermann.setManaged(steers);
        if (steers) {
            ackermann.show(
                    w.text("steer.ackermann_title"),
                    found.ackermannCurve(w),
                    new CurveView.Axis(w.text("steer.inner_axis"), Quantity.ANGLE),
                    new CurveView.Axis(w.text("steer.percent_axis"), Quantity.PERCENT),
                    w);
        }
        facts(found, w);
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
            HBox.setHgrow(does, Priority.ALWAYS);
            does.setMaxWidth(Double.MAX_VALUE);
            take.setMinWidth(USE_PREF_SIZE);
            HBox row = new HBox(12, does, take);
            row.setAlignment(Pos.CENTER_LEFT);
            offered.getChildren().add(row);
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
        document().change(what.after(), Message.of("change.tried", what.mount().mount()), "");
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
        found.tightest()
                .ifPresent((JointLimit joint) -> fact(w.text(
                        joint.tilt() > JointLimit.COMMON_LIMIT ? "steer.joint_over" : "steer.joint",
                        joint.mount(),
                        Message.angle(joint.tilt()),
                        AlignmentView.poseText(joint.pose(), w),
                        Message.angle(JointLimit.COMMON_LIMIT))));
        if (found.sweep().isEmpty()) {
            fact(w.text("steer.not_steered"));
        }
        fact(w.text("steer.caution"));
    }

    private void fact(String text) {
        Label label = Labels.of(text, "working-meaning");
        label.setWrapText(true);
        label.setMaxWidth(PLOT_WIDTH + 60);
        facts.getChildren().add(label);
    }

    /** Ends the work beside the window. */
    @Override
    public void dispose() {
        study.dispose();
        offering.dispose();
    }
}
