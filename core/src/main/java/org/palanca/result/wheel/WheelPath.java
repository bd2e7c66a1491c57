package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.Twist;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;

/**
 * Slope of the path of a wheel's centre in side view as both wheels rise: how far it leans back from upright. A wheel that
 * moves rearward as it rises swallows bumps more softly.
 */
public final class WheelPath extends SideResult {
    public WheelPath(Side side) {
        super(ResultKind.WHEEL_PATH, side, Motion.HEAVE, "source.twist");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        Twist heave = wheel.heave();
        double forward = heave.forward(wheel.centre(1), wheel.centre(2));
        double up = heave.up(wheel.centre(0), wheel.centre(1));
        double slope = Math.atan(-forward / up);
        trace.given("v_x", "symbol.wheel_forward", forward, Quantity.PER_TRAVEL);
        trace.given("v_z", "symbol.wheel_up", up, Quantity.PER_TRAVEL);
        trace.step("slope", "atan( - v_x / v_z )", slope, Quantity.ANGLE);
        return slope;
    }
}
