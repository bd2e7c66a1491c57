package org.palanca.study.terrain;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How steep it may get until the vehicle tips, standing still, and which wheels let go on the way. A rigid block of the same
 * track and height would tip at atan(t / 2 h); springs and links let the weight lean out and tip it sooner.
 *
 * @param way towards which it tips
 * @param angle of the slope at which it tips [rad]
 * @param letting wheels in the order in which they lift, before or as it tips
 * @param lightest wheel that carries least at that slope: the one that lets go first where none has before
 * @param block angle at which a rigid block would tip [rad]
 */
public record TipStudy(Way way, double angle, List<Lift> letting, int lightest, double block) {
    private static final double STEP = Math.toRadians(1);
    private static final double STEEPEST = Math.toRadians(75);
    private static final int HALVINGS = 12;

    public TipStudy {
        letting = List.copyOf(letting);
    }

    /** Which way it falls. */
    public enum Way {
        /** Right side downhill. */
        RIGHT,
        LEFT,
        /** Nose uphill. */
        BACKWARD,
        FORWARD;

        Ground slope(Ground from, double angle) {
            return switch (this) {
                case RIGHT -> from.withAcross(angle);
                case LEFT -> from.withAcross(-angle);
                case BACKWARD -> from.withClimb(angle);
                case FORWARD -> from.withClimb(-angle);
            };
        }

        /** The two wheels that stand uphill. */
        int[] uphill() {
            return switch (this) {
                case RIGHT -> new int[] {0, 2};
                case LEFT -> new int[] {1, 3};
                case BACKWARD -> new int[] {0, 1};
                case FORWARD -> new int[] {2, 3};
            };
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A wheel that lifts at an angle of the slope [rad]. */
    public record Lift(int wheel, double angle) {}

    /**
     * Tilts the ground until the vehicle tips.
     *
     * @param from the ground it begins on, with what lies under its wheels
     */
    public static TipStudy of(StandingVehicle vehicle, Ground from, Way way) {
        List<Lift> letting = new ArrayList<>();
        vehicle.reset();
        double good = 0;
        double bad = STEEPEST;
        int lightest = 0;
        for (double angle = 0; angle <= STEEPEST; angle += STEP) {
            Optional<StaticEquilibrium> rest = vehicle.follow(way.slope(from, angle));
            if (rest.isEmpty() || tips(rest.get(), way)) {
                bad = angle;
                break;
            }
            note(rest.get(), angle, letting);
            lightest = lightest(rest.get());
            good = angle;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            vehicle.reset();
            Optional<StaticEquilibrium> rest = walk(vehicle, from, way, middle);
            if (rest.isEmpty() || tips(rest.get(), way)) {
                bad = middle;
            } else {
                note(rest.get(), middle, letting);
                lightest = lightest(rest.get());
                good = middle;
            }
        }
        vehicle.reset();
        return new TipStudy(way, good, letting, lightest, block(vehicle, way));
    }

    /** Up to an angle in steps, for a start far away may not find its way. */
    private static Optional<StaticEquilibrium> walk(StandingVehicle vehicle, Ground from, Way way, double angle) {
        Optional<StaticEquilibrium> rest = vehicle.rest(from);
        for (double at = STEP * 4; at < angle && rest.isPresent(); at += STEP * 4) {
            rest = vehicle.follow(way.slope(from, at));
        }
        return rest.isPresent() ? vehicle.follow(way.slope(from, angle)) : rest;
    }

    private static void note(StaticEquilibrium rest, double angle, List<Lift> letting) {
        for (int wheel = 0; wheel < 4; wheel++) {
            int one = wheel;
            if (rest.lifted(one) && letting.stream().noneMatch(lift -> lift.wheel() == one)) {
                letting.add(new Lift(one, angle));
            }
        }
    }

    private static int lightest(StaticEquilibrium rest) {
        return rest.loads().indexOf(Collections.min(rest.loads()));
    }

    private static boolean tips(StaticEquilibrium rest, Way way) {
        for (int wheel : way.uphill()) {
            if (!rest.lifted(wheel)) {
                return false;
            }
        }
        return true;
    }

    private static double block(StandingVehicle standing, Way way) {
        var mass = standing.vehicle().mass();
        double reach = switch (way) {
            case RIGHT, LEFT ->
                standing.vehicle().axles().stream()
                                .mapToDouble(axle -> axle.track())
                                .average()
                                .orElseThrow()
                        / 2;
            case BACKWARD -> standing.vehicle().wheelbase() - mass.centreBehindFront();
            case FORWARD -> mass.centreBehindFront();
        };
        return Math.atan(reach / mass.centreHeight());
    }
}
