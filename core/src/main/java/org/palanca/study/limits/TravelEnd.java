package org.palanca.study.limits;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * How far the axle really goes one way from ride, and what ends it.
 *
 * @param way which way
 * @param steer part of the lock
 * @param travel of the wheel that goes farther [m]
 * @param wanted travel of the plan that way [m]
 * @param border where it ends and why; empty where nothing known ends it within what was looked at
 * @param leavesOut what is in one another at ride already and so could not be looked at on the way
 */
public record TravelEnd(
        Way way, double steer, double travel, double wanted, Optional<Limits.Border> border, List<Limit> leavesOut) {
    /** Steps from ride to the farthest pose looked at. */
    private static final int STEPS = 40;

    /** How far past the travel of the plan is looked where nothing bounds it [m]. */
    private static final double PAST = Lengths.inches(3);

    /** How far past the pose that the hardware allows is looked, so that what ends it is met [m]. */
    private static final double BEYOND = Lengths.inches(0.25);

    /** Less than this no tape reads [m]: 1/64 in. */
    private static final double A_HAIR = Lengths.inches(1.0 / 64);

    /** What is to be said of an end. */
    public enum Verdict {
        /** The plan's travel is there, and a bump stop or a strap ends it. */
        AS_WANTED,
        /** Less than the plan's travel. */
        SHORT,
        /** The plan's travel is there, but a shock takes the blow at its end. */
        ON_THE_SHOCK,
        /** The plan's travel is there, but before a stop or a strap ends it something else does. */
        MEETS_FIRST,
        /** No stop, strap or shock ends it: how far it goes is not known. */
        UNBOUNDED,
        /** Something shares room at ride already: the travel is told without it. */
        OVERLAPS
    }

    /** Directions from ride. */
    public enum Way {
        UP(WorstPose.Way.BUMP, 1, 1),
        DOWN(WorstPose.Way.DROOP, -1, -1),
        LEFT_UP(WorstPose.Way.LEFT_UP, 1, -1),
        RIGHT_UP(WorstPose.Way.RIGHT_UP, -1, 1);

        private final WorstPose.Way worst;
        private final int left;
        private final int right;

        Way(WorstPose.Way worst, int left, int right) {
            this.worst = worst;
            this.left = left;
            this.right = right;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Travel of the plan this way [m]: in a twist the wheel that goes farther names it. */
        double wanted(Axle axle) {
            return switch (this) {
                case UP -> axle.travel().bump();
                case DOWN -> axle.travel().droop();
                case LEFT_UP, RIGHT_UP ->
                    Math.max(axle.travel().bump(), axle.travel().droop());
            };
        }

        /** The pose of the plan. */
        WheelTravel plan(Axle axle, double steer) {
            return new WheelTravel(wheel(axle, left), wheel(axle, right), steer);
        }

        private static double wheel(Axle axle, int up) {
            return up > 0 ? axle.travel().bump() : -axle.travel().droop();
        }
    }

    public TravelEnd {
        leavesOut = List.copyOf(leavesOut);
    }

    /** What is to be said of it. */
    public Verdict verdict() {
        if (travel < wanted - A_HAIR) {
            return Verdict.SHORT;
        }
        if (!leavesOut.isEmpty()) {
            return Verdict.OVERLAPS;
        }
        if (border.isEmpty()) {
            return Verdict.UNBOUNDED;
        }
        return switch (border.get().limit().kind()) {
            case STOP, STRAP -> Verdict.AS_WANTED;
            case SHOCK_COLLAPSED, SHOCK_EXTENDED -> Verdict.ON_THE_SHOCK;
            case OPEN -> Verdict.UNBOUNDED;
            default -> Verdict.MEETS_FIRST;
        };
    }

    /** Whether the travel of the plan is there, and ends as it should. */
    public boolean asWanted() {
        return verdict() == Verdict.AS_WANTED;
    }

    /** Whether the travel of the plan is reached, whatever ends it, as near as a tape can tell. */
    public boolean reached() {
        return travel >= wanted - A_HAIR;
    }

    /** What is missing to the plan [m]; negative where there is more. */
    public double missing() {
        return wanted - travel;
    }

    /** Looks one way. Leaves the model at ride. */
    public static TravelEnd of(Limits limits, Way way, double steer) {
        Axle axle = limits.model().axle();
        double wanted = way.wanted(axle);
        WheelTravel target = target(limits, way, steer);
        WheelTravel start = WheelTravel.RIDE.withSteer(steer);
        limits.model().toRide();
        WheelTravel clear = start;
        Optional<Limits.Border> border = Optional.empty();
        if (limits.passed(clear).isPresent()) {
            border = Optional.of(new Limits.Border(clear, limits.passed(clear).get()));
        }
        for (int i = 1; i <= STEPS && border.isEmpty(); i++) {
            WheelTravel pose = Limits.between(start, target, (double) i / STEPS);
            if (limits.passed(pose).isPresent()) {
                border = limits.border(clear, pose);
            }
            if (border.isEmpty()) {
                clear = pose;
            }
        }
        limits.model().toRide();
        WheelTravel end = border.map(Limits.Border::pose).orElse(clear);
        double travel = Math.max(way.left * end.left(), way.right * end.right());
        return new TravelEnd(way, steer, travel, wanted, border, limits.passedAtRide());
    }

    /** A little past where the hardware lets it go, or where nothing bounds it past the plan. */
    private static WheelTravel target(Limits limits, Way way, double steer) {
        Axle axle = limits.model().axle();
        WorstPose worst = limits.envelope().worst(way.worst, steer);
        WheelTravel aim = worst.bounded() ? worst.pose() : way.plan(axle, steer);
        double far = Math.max(Math.abs(aim.left()), Math.abs(aim.right()));
        double on = far <= 0 ? 1 : (far + (worst.bounded() ? BEYOND : PAST)) / far;
        return new WheelTravel(aim.left() * on, aim.right() * on, steer);
    }

    /** All four ways with the steering straight ahead. */
    public static List<TravelEnd> all(Vehicle vehicle, AxlePlace place) {
        return all(new Limits(new Clearances(new AxleModel(vehicle, place))));
    }

    /** All four ways with the steering straight ahead. */
    public static List<TravelEnd> all(Limits limits) {
        List<TravelEnd> ends = new ArrayList<>();
        for (Way way : Way.values()) {
            ends.add(of(limits, way, 0));
        }
        return ends;
    }
}
