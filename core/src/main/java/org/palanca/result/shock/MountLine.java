package org.palanca.result.shock;

import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.links.LinkEnds;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.Axle;

/**
 * The straight line between two mounts, which a shock, stop or strap lies on.
 *
 * @param upper index of one mount
 * @param lower index of the other
 */
public record MountLine(int upper, int lower) {
    /**
     * Between two mounts of an axle.
     *
     * @throws IllegalArgumentException when one is missing
     */
    public static MountLine of(Axle axle, String upper, String lower) {
        return new MountLine(axle.mountIndex(upper), axle.mountIndex(lower));
    }

    /** Component 0 to 2 of the way from the lower to the upper mount [m]. */
    public double run(AxleMotion motion, int component) {
        return motion.mount(upper, component) - motion.mount(lower, component);
    }

    /** Distance between the mounts [m]. */
    public double length(AxleMotion motion) {
        double x = run(motion, 0);
        double y = run(motion, 1);
        double z = run(motion, 2);
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** How fast the distance grows while both wheels rise at unit rate [m/m]. */
    public double heaveRate(AxleMotion motion) {
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            sum += run(motion, i) * (motion.mountHeave(upper, i) - motion.mountHeave(lower, i));
        }
        return sum / length(motion);
    }

    /** How fast the distance grows while the left wheel rises at +1 and the right one at -1 [m/m]. */
    public double rollRate(AxleMotion motion) {
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            sum += run(motion, i) * (motion.mountRoll(upper, i) - motion.mountRoll(lower, i));
        }
        return sum / length(motion);
    }

    /** Which wheel it belongs to: +1 left, -1 right, 0 in the middle, by where its lower mount is. */
    public int side(AxleMotion motion) {
        double y = motion.mount(lower, 1);
        return Math.abs(y) < 1e-3 ? 0 : (int) Math.signum(y);
    }

    /** The line lit on the board. */
    void draw(AxleMotion motion, Trace trace) {
        if (trace.listening()) {
            new LinkEnds(upper, lower).draw(motion, trace);
        }
    }
}
