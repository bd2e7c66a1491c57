package org.palanca.study.fit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.survey.Mark;

/**
 * Whether an axle stands square, centred and where it should, from the adjusted marks at its two ends.
 *
 * @param thrust how far the axle's line is turned in plan, the way that sends the vehicle to the left positive [rad]
 * @param thrustDeviation its standard deviation [rad]
 * @param off of the axle's middle from the centreline, left positive [m]
 * @param leftAhead of its left end ahead of the front axle line [m]
 * @param rightAhead of its right end [m]
 * @param diagonals the check by two crossed tapes; empty where no pair of marks left and right is measured
 */
public record SquareCheck(
        double thrust,
        double thrustDeviation,
        double off,
        double leftAhead,
        double rightAhead,
        Optional<Diagonals> diagonals) {
    /** Diagonals that agree within this are square enough for many [m]: 1/8 in, common practice, no source. */
    public static final double COMMON_RULE = Lengths.inches(1.0 / 8);

    /** A pair of marks lies opposite when the two match within this [m]. */
    private static final double OPPOSITE = Lengths.inches(2);

    /**
     * Two crossed tapes.
     *
     * @param leftMark mark on the left of the frame
     * @param rightMark mark on its right
     * @param toRightEnd from the left mark to the right end [m]
     * @param toLeftEnd from the right mark to the left end [m]
     * @param expected how much longer the first is because the marks themselves are not opposite [m]
     */
    public record Diagonals(String leftMark, String rightMark, double toRightEnd, double toLeftEnd, double expected) {
        /** How much longer the first is than it should be [m]: 0 when square. */
        public double off() {
            return toRightEnd - toLeftEnd - expected;
        }
    }

    /** Checks an axle; empty where its two ends are not both measured. */
    public static Optional<SquareCheck> of(Adjustment adjustment, Surroundings around) {
        List<Mark> placed = adjustment.placed();
        boolean both = List.of(around.leftEnd(), around.rightEnd()).stream()
                .allMatch(name -> placed.stream().anyMatch(mark -> mark.name().equals(name)));
        return both && !around.leftEnd().equals(around.rightEnd())
                ? Optional.of(measured(adjustment, around))
                : Optional.empty();
    }

    private static SquareCheck measured(Adjustment adjustment, Surroundings around) {
        Vector3D left = adjustment.place(around.leftEnd());
        Vector3D right = adjustment.place(around.rightEnd());
        double apart = left.getY() - right.getY();
        double thrust = Math.atan2(right.getX() - left.getX(), apart);
        double both = adjustment.deviation(around.leftEnd(), around.rightEnd(), Vector3D.PLUS_I);
        return new SquareCheck(
                thrust,
                both / Math.abs(apart),
                (left.getY() + right.getY()) / 2,
                left.getX(),
                right.getX(),
                diagonals(adjustment, around, left, right));
    }

    /** The pair of lasting marks most nearly opposite one another and farthest from the axle. */
    private static Optional<Diagonals> diagonals(
            Adjustment adjustment, Surroundings around, Vector3D left, Vector3D right) {
        List<Mark> lasting = DatumLife.lasting(adjustment).stream()
                .filter(mark ->
                        !mark.name().equals(around.leftEnd()) && !mark.name().equals(around.rightEnd()))
                .toList();
        Optional<Diagonals> best = Optional.empty();
        double farthest = 0;
        for (Mark one : lasting) {
            Vector3D a = adjustment.place(one.name());
            Optional<Mark> other = lasting.stream()
                    .filter(mark -> Vector3D.distance(mirror(a), adjustment.place(mark.name())) < OPPOSITE)
                    .min(Comparator.comparingDouble(
                            mark -> Vector3D.distance(mirror(a), adjustment.place(mark.name()))));
            double away = Math.abs(a.getX() - (left.getX() + right.getX()) / 2);
            if (a.getY() > 0 && other.isPresent() && away > farthest) {
                farthest = away;
                Vector3D b = adjustment.place(other.get().name());
                best = Optional.of(crossed(one.name(), other.get().name(), a, b, left, right));
            }
        }
        return best;
    }

    private static Diagonals crossed(String one, String other, Vector3D a, Vector3D b, Vector3D left, Vector3D right) {
        // What a square, centred axle of this width at this distance would give with the marks where they are.
        double x = (left.getX() + right.getX()) / 2;
        double half = (left.getY() - right.getY()) / 2;
        double z = (left.getZ() + right.getZ()) / 2;
        double expected =
                Vector3D.distance(a, new Vector3D(x, -half, z)) - Vector3D.distance(b, new Vector3D(x, half, z));
        return new Diagonals(one, other, Vector3D.distance(a, right), Vector3D.distance(b, left), expected);
    }

    private static Vector3D mirror(Vector3D place) {
        return new Vector3D(place.getX(), -place.getY(), place.getZ());
    }
}
