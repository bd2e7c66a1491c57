package org.palanca.desktop.analysis;

import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.TravelPath;
import org.palanca.study.steering.AlignmentCard;
import org.palanca.study.steering.JointLimit;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.study.steering.SecondBox;
import org.palanca.study.steering.SteerSweep;
import org.palanca.study.steering.TurningCircle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * Everything the steer step shows of one axle.
 *
 * @param place which axle
 * @param travel of the wheels at each point of the toe curves [m]
 * @param toeLeft of the left wheel there [rad], toe-in positive; NaN where it does not close
 * @param toeRight of the right wheel
 * @param largestToeChange of either wheel from ride through the travel [rad]; of no meaning where there is trouble
 * @param card alignment at the board's pose
 * @param sweep from lock to lock; empty where nothing steers
 * @param circle turning circle of the whole vehicle
 * @param tightest the joint that tilts most anywhere
 * @param secondBox what the second of two steering boxes has to do
 * @param dragLink how the drag link matches the panhard at ride, where there are both
 * @param trouble why toe can't be told through all of the travel, be it that the axle does not close or holds no wheel
 */
public record SteerStudy(
        AxlePlace place,
        double[] travel,
        double[] toeLeft,
        double[] toeRight,
        double largestToeChange,
        AlignmentCard card,
        Optional<SteerSweep> sweep,
        Optional<TurningCircle> circle,
        Optional<JointLimit> tightest,
        Optional<SecondBox> secondBox,
        Optional<DragLink> dragLink,
        Optional<Message> trouble) {
    /**
     * Drag link against panhard in front view.
     *
     * @param slopeGap slope of the drag link less that of the panhard [rad]
     * @param lengthGap length across of the drag link less that of the panhard [m]
     */
    public record DragLink(double slopeGap, double lengthGap) {}

    private static final int POSES = 33;

    /** Works it out. */
    public static SteerStudy of(Vehicle vehicle, AxlePlace place, WheelTravel pose) {
        AxleModel model = new AxleModel(vehicle, place);
        TravelPath heave = TravelPath.heave(model.axle(), POSES);
        double[] travel = new double[POSES];
        double[] left = new double[POSES];
        double[] right = new double[POSES];
        Optional<Message> trouble = model.closed() ? model.whyUnsound() : model.whyOpen();
        for (int i = 0; i < POSES; i++) {
            travel[i] = heave.at(i).left();
            boolean closes = model.moveTo(heave.at(i));
            if (!closes && trouble.isEmpty()) {
                trouble = model.whyOpen();
            }
            left[i] = closes ? -model.motion().wheel(1).steerAngle() : Double.NaN;
            right[i] = closes ? model.motion().wheel(-1).steerAngle() : Double.NaN;
        }
        model.toRide();
        model.moveTo(pose);
        AlignmentCard card = AlignmentCard.of(model, pose);
        boolean steers = model.axle().steering().isPresent();
        return new SteerStudy(
                place,
                travel,
                left,
                right,
                PickupAdvice.largestToeChange(vehicle, place),
                card,
                steers ? Optional.of(SteerSweep.run(model)) : Optional.empty(),
                TurningCircle.toTheLeft(vehicle),
                JointLimit.first(model),
                SecondBox.of(model),
                dragLink(model),
                trouble);
    }

    private static Optional<DragLink> dragLink(AxleModel model) {
        boolean both = model.results().stream().anyMatch(result -> result.id().equals("drag_link_slope_gap"));
        if (!both) {
            return Optional.empty();
        }
        model.toRide();
        return Optional.of(new DragLink(
                model.outcome(model.result("drag_link_slope_gap")).number(),
                model.outcome(model.result("drag_link_length_gap")).number()));
    }

    /** Toe of both wheels against travel, toe across and travel up. */
    public List<Curve> toeCurves(Words words) {
        return List.of(
                new Curve(words.text("side.left"), toeLeft, travel),
                new Curve(words.text("side.right"), toeRight, travel));
    }

    /** Ackermann percent against the inner wheel's angle, turning left. */
    public List<Curve> ackermannCurve(Words words) {
        List<SteerSweep.Turn> turns = sweep.orElseThrow().turns().stream()
                .filter(turn -> turn.steer() > 0 && turn.ackermann().isPresent())
                .toList();
        double[] inner = turns.stream().mapToDouble(SteerSweep.Turn::inner).toArray();
        double[] percent = turns.stream()
                .mapToDouble(turn -> turn.ackermann().orElseThrow())
                .toArray();
        return List.of(new Curve(words.text("steer.turning_left"), inner, percent));
    }
}
