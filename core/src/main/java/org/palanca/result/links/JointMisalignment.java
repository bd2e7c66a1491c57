package org.palanca.result.links;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.JointBolts;
import org.palanca.result.ResultKind;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/**
 * How far the most tilted joint of a link is tilted at this pose: the angle by which the link leaves the plane square to
 * the joint's bolt. The bolts' directions are those of {@link JointBolts}; at ride no joint is tilted.
 */
public final class JointMisalignment extends DefinedResult {
    private final int[] mounts;
    private final int[] others;

    public JointMisalignment(JointBolts bolts) {
        super(ResultKind.JOINT_MISALIGNMENT, Motion.NONE, "source.misalignment");
        mounts = bolts.ends().stream().mapToInt(JointBolts.End::mount).toArray();
        others = bolts.ends().stream().mapToInt(JointBolts.End::other).toArray();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        int most = 0;
        double largest = 0;
        for (int end = 0; end < mounts.length; end++) {
            double sine = Math.abs(sine(motion, end));
            if (sine > largest) {
                largest = sine;
                most = end;
            }
        }
        double angle = Math.asin(Math.min(1, largest));
        trace.given("s", "symbol.bolt_along_link", largest, Quantity.RATIO);
        trace.step("tilt", "asin( s )", angle, Quantity.ANGLE);
        if (trace.listening()) {
            new LinkEnds(mounts[most], others[most]).draw(motion, trace);
        }
        return angle;
    }

    /** Sine of the tilt of one end: the part of the bolt's direction that lies along the link. */
    public double sine(AxleMotion motion, int end) {
        double x = motion.mount(others[end], 0) - motion.mount(mounts[end], 0);
        double y = motion.mount(others[end], 1) - motion.mount(mounts[end], 1);
        double z = motion.mount(others[end], 2) - motion.mount(mounts[end], 2);
        double along = x * motion.bolt(end, 0) + y * motion.bolt(end, 1) + z * motion.bolt(end, 2);
        return along / Math.sqrt(x * x + y * y + z * z);
    }
}
