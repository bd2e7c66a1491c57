package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/**
 * How far a shock moves for each inch its wheel does, in bump, in roll or by itself: positive where the wheel going up pushes it in.
 * From the instantaneous motion, no differences. On a live axle the two are different numbers: in roll the shock's lower
 * mount moves less than the wheel by how far inboard it sits.
 */
public final class MotionRatio extends LineResult {
    /** In which motion. */
    public enum In {
        /** Both wheels together: the total. */
        BUMP,
        /** One wheel up, the other down. */
        ROLL,
        /** Its own wheel alone, the other held. */
        OWN_WHEEL
    }

    private final In in;

    public MotionRatio(In in, String shock, MountLine line) {
        super(kind(in), shock, line, in == In.BUMP ? Motion.HEAVE : Motion.ROLL, "source.motion_ratio");
        this.in = in;
    }

    private static ResultKind kind(In in) {
        return switch (in) {
            case BUMP -> ResultKind.MOTION_RATIO;
            case ROLL -> ResultKind.ROLL_MOTION_RATIO;
            case OWN_WHEEL -> ResultKind.WHEEL_MOTION_RATIO;
        };
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double roll = in == In.BUMP ? 0 : line().rollRate(motion) * (line().side(motion) < 0 ? -1 : 1);
        double grows = switch (in) {
            case BUMP -> line().heaveRate(motion);
            case ROLL -> roll;
            case OWN_WHEEL -> (line().heaveRate(motion) + roll) / 2;
        };
        trace.given("g", "symbol.grows_per_travel", grows, Quantity.RATIO);
        trace.step("ratio", "-1 * g", -grows, Quantity.RATIO);
        line().draw(motion, trace);
        return -grows;
    }
}
