package org.palanca.vehicle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A brake hose, breather or cable that hangs free between two bodies and has to follow the axle.
 *
 * @param name unique among the axle's hoses
 * @param from one end
 * @param to the other end
 * @param length free length from fitting to fitting [m]
 * @param bend least radius it may be bent to, at its middle line [m]; 0 where it does not matter
 */
public record Hose(String name, End from, End to, double length, double bend) {
    /** So much of a hose stays slack, so that it never pulls at its fittings [m]: 1/2 in, common practice, no source. */
    public static final double SLACK = 0.0127;

    /**
     * Where a fitting sits.
     *
     * @param body what it is fixed to
     * @param at its place at ride [m], vehicle frame
     */
    public record End(BodyName body, Vector3D at) {}

    public Hose withLength(double other) {
        return new Hose(name, from, to, other, bend);
    }

    public Hose withBend(double other) {
        return new Hose(name, from, to, length, other);
    }

    public Hose withEnds(End newFrom, End newTo) {
        return new Hose(name, newFrom, newTo, length, bend);
    }
}
