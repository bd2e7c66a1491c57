package org.palanca.floor.cutting;

/**
 * How the end of a round tube is cut so that it closes round another round one: two cylinders that meet at an angle, the one's axis
 * beside the other's by an offset.
 *
 * <p>With r and R the outer radii, t the angle between the axes and e the offset, a line along the tube's skin at p round it
 * meets the other at s(p) = (sqrt(R^2 - (r sin p + e)^2) - r cos p cos t) / sin t from where the axes come nearest: put into the
 * equation of the cylinder. Common practice has it as the wrap round the tube; the derivation is ours.
 *
 * @param tube outer radius of the tube that is cut [m]
 * @param other outer radius of what it is set on [m]
 * @param angle between the axes [rad], more than 0 and no more than a right angle
 * @param offset of the one axis beside the other [m]
 */
public record TubeCope(double tube, double other, double angle, double offset) {
    /** Round the tube in so many steps where the nearest and the farthest place of the cut are looked for. */
    private static final int STEPS = 720;

    private static final double EPSILON = 1e-12;

    /**
     * Whether the cut closes: all of the tube meets the other, at an angle that a saw can cut.
     *
     * @param least angle [rad] that is asked for
     */
    public boolean closes(double least) {
        return tube + Math.abs(offset) <= other + EPSILON && angle >= least && angle <= Math.PI / 2 + EPSILON;
    }

    /**
     * How far along the tube its skin ends [m], from where the axes come nearest: larger is farther away from the other.
     *
     * @param round where on the tube [rad]: 0 on the side of the blunt angle between the axes, where the tube reaches farther
     *     than on the side of the sharp one
     */
    public double along(double round) {
        double beside = tube * Math.sin(round) + offset;
        double reach = Math.sqrt(Math.max(0, other * other - beside * beside));
        return (reach - tube * Math.cos(round) * Math.cos(angle)) / Math.sin(angle);
    }

    /** Where the tube's middle line would meet the other's skin [m]. */
    public double middle() {
        return Math.sqrt(Math.max(0, other * other - offset * offset)) / Math.sin(angle);
    }

    /** The nearest that any of its skin comes to the other's axis [m]. */
    public double nearest() {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < STEPS; i++) {
            least = Math.min(least, along(2 * Math.PI * i / STEPS));
        }
        return least;
    }

    /** The farthest that any of its skin ends from the other's axis [m]. */
    public double farthest() {
        double most = -Double.MAX_VALUE;
        for (int i = 0; i < STEPS; i++) {
            most = Math.max(most, along(2 * Math.PI * i / STEPS));
        }
        return most;
    }

    /** From the longest to the shortest place of the cut [m]. */
    public double depth() {
        return farthest() - nearest();
    }
}
