package org.palanca.vehicle;

import org.palanca.base.units.Lengths;

/**
 * How far off a mount may come when it is tacked, and how far the bolt it is set up with lets it sit off.
 *
 * @param tolerance how far off it may come, the slop included [m]
 * @param hole in the bracket's ears [m]; 0 where it was not measured
 * @param bolt it is set up with [m]; 0 where it was not measured
 * @param offFloor whether the vehicle hangs on a rotisserie or lies on its back: no floor to measure from
 */
public record PlacingLimits(double tolerance, double hole, double bolt, boolean offFloor) {
    /** On the floor. */
    public PlacingLimits(double tolerance, double hole, double bolt) {
        this(tolerance, hole, bolt, false);
    }

    /** Where nothing else is said: 1/8 in, common practice, no source. The bolt fits its hole. */
    public static final PlacingLimits COMMON = new PlacingLimits(Lengths.inches(1.0 / 8), 0, 0);

    /** Half of what the bolt is smaller than its hole: how far off the middle it can sit [m]. */
    public double slop() {
        return hole > 0 && bolt > 0 ? Math.max(0, (hole - bolt) / 2) : 0;
    }

    /** Whether the bolt goes into the hole. */
    public boolean boltFits() {
        return bolt <= 0 || hole <= 0 || bolt <= hole;
    }

    /** What is left of the tolerance for a mount that was read back with its bolt in [m]; none or less where the slop is all. */
    public double left() {
        return tolerance - slop();
    }

    /** The same with a tolerance of so much [m]. */
    public PlacingLimits withTolerance(double other) {
        return new PlacingLimits(other, hole, bolt, offFloor);
    }

    /** The same with holes of that diameter [m]; 0 where it is not known. */
    public PlacingLimits withHole(double other) {
        return new PlacingLimits(tolerance, other, bolt, offFloor);
    }

    /** The same with a bolt of that diameter [m]; 0 where it is not known. */
    public PlacingLimits withBolt(double other) {
        return new PlacingLimits(tolerance, hole, other, offFloor);
    }

    /** The same on the floor, or off it. */
    public PlacingLimits withOffFloor(boolean other) {
        return new PlacingLimits(tolerance, hole, bolt, other);
    }
}
