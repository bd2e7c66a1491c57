package org.palanca.result.shock;

import org.palanca.result.AxleMotion;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/**
 * How far a shock moves for each inch its wheel does, in bump or in roll: positive where the wheel going up pushes it in.
 * From the instantaneous motion, no differences. On a live axle the two are different numbers: in roll the shock's lower
 * mount moves less than the wheel by how far inboard it sits.
 */
public final class MotionRatio extends LineResult {
    /** In which motion. */
    public enum In {
        BUMP,
        ROLL
    }

    private final In in;

    public MotionRatio(In in, String shock, MountLine line) {
        super(
                in == In.BUMP ? "motion_ratio" : "roll_motion_ratio",
                shock,
                line,
                Quantity.RATIO,
                in == In.BUMP ? Motion.HEAVE : Motion.ROLL,
                "source.motion_ratio");
        this.in = in;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double grows =
                in == In.BUMP ? line().heaveRate(motion) : line().rollRate(motion) * (line().side(motion) < 0 ? -1 : 1);
        trace.given("g", "symbol.grows_per_travel", grows, Quantity.RATIO);
        trace.step("ratio", "-1 * g", -grows, Quantity.RATIO);
        line().draw(motion, trace);
        return -grows;
    }
}
