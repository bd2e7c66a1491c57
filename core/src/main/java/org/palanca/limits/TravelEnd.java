package org.palanca.limits;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.clearance.Clearances;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.units.Lengths;
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
 */
public record TravelEnd(Way way, double steer, double travel, double wanted, Optional<Limits.Border> border) {
    /** Steps from ride to the farthest pose looked at. */
    private static final int STEPS = 40;

    /** How far past the travel of the plan is looked [m]. */
    private static final double PAST = Lengths.inches(3);

    /** Less than this no tape reads [m]: 1/64 in. */
    private static final double A_HAIR = Lengths.inches(1.0 / 64);

    /** Directions from ride. */
    public enum Way {
        UP(1, 1),
        DOWN(-1, -1),
        LEFT_UP(1, -1),
        RIGHT_UP(-1, 1);

        private final int left;
        private final int right;

        Way(int left, int right) {
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

        /** The pose at a part of the travel of the plan, more than 1 past it. */
        WheelTravel pose(Axle axle, double part, double steer) {
            return new WheelTravel(wheel(axle, left) * part, wheel(axle, right) * part, steer);
        }

        private static double wheel(Axle axle, int up) {
            return up > 0 ? axle.travel().bump() : -axle.travel().droop();
        }
    }

    /** Whether the travel of the plan is reached, as near as a tape can tell. */
    public boolean reached() {
        return travel >= wanted - A_HAIR;
    }

    /** Looks one way. Leaves the model at ride. */
    public static TravelEnd of(Limits limits, Way way, double steer) {
        Axle axle = limits.model().axle();
        double wanted = way.wanted(axle);
        double farthest = wanted <= 0 ? 0 : (wanted + PAST) / wanted;
        limits.model().toRide();
        double before = 0;
        WheelTravel clear = way.pose(axle, 0, steer);
        Optional<Limits.Border> border = Optional.empty();
        if (limits.passed(clear).isPresent()) {
            border = Optional.of(new Limits.Border(clear, limits.passed(clear).get()));
        }
        for (int i = 1; i <= STEPS && border.isEmpty(); i++) {
            WheelTravel pose = way.pose(axle, farthest * i / STEPS, steer);
            if (limits.passed(pose).isPresent()) {
                border = limits.border(clear, pose);
            }
            if (border.isEmpty()) {
                clear = pose;
                before = farthest * i / STEPS;
            }
        }
        limits.model().toRide();
        double part = border.map(end -> Math.max(
                        part(end.pose().left(), way.pose(axle, 1, steer).left()),
                        part(end.pose().right(), way.pose(axle, 1, steer).right())))
                .orElse(before);
        return new TravelEnd(way, steer, part * wanted, wanted, border);
    }

    private static double part(double travel, double whole) {
        return whole == 0 ? 0 : travel / whole;
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
