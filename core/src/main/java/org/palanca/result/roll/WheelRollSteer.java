package org.palanca.result.roll;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.steer.SteerTurning;
import org.palanca.result.working.Trace;

/**
 * How much the wheels themselves steer as one rises and the other falls, steering held, both averaged: in percent of the
 * angle of the line between their centres in front view, understeer positive. Of a live axle with knuckles it includes what
 * the drag link does. Both are derivatives of the angles that are shown.
 */
public final class WheelRollSteer extends DefinedResult {
    /** @param kind {@link ResultKind#ROLL_STEER} where it is the axle's only one, another where the housing has its own */
    public WheelRollSteer(ResultKind kind) {
        super(kind, Motion.ROLL, "source.roll_axis");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion left = motion.wheel(1);
        WheelMotion right = motion.wheel(-1);
        double turnLeft = SteerTurning.told(left, left.roll(), "_l", Quantity.TURN_PER_TRAVEL, trace);
        double turnRight = SteerTurning.told(right, right.roll(), "_r", Quantity.TURN_PER_TRAVEL, trace);
        double across = left.centre(1) - right.centre(1);
        double rise = left.centre(2) - right.centre(2);
        double widens = sideways(left) - sideways(right);
        double rises = upward(left) - upward(right);
        double yaw = (turnLeft + turnRight) / 2;
        double roll = (rises * across - rise * widens) / (across * across + rise * rise);
        trace.given("Y", "symbol.centres_across", across, Quantity.LENGTH);
        trace.given("Z", "symbol.centres_rise", rise, Quantity.LENGTH);
        trace.given("v_Y", "symbol.centres_widen", widens, Quantity.PER_TRAVEL);
        trace.given("v_Z", "symbol.centres_rise_rate", rises, Quantity.PER_TRAVEL);
        trace.step("turn", "( d_l + d_r ) / 2", yaw, Quantity.TURN_PER_TRAVEL);
        trace.step("roll", "( v_Z * Y - Z * v_Y ) / ( Y * Y + Z * Z )", roll, Quantity.TURN_PER_TRAVEL);
        return RollSteer.percent(motion, yaw, roll, trace);
    }

    private static double sideways(WheelMotion wheel) {
        return wheel.roll().left(wheel.centre(0), wheel.centre(2));
    }

    private static double upward(WheelMotion wheel) {
        return wheel.roll().up(wheel.centre(0), wheel.centre(1));
    }
}
