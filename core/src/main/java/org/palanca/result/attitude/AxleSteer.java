package org.palanca.result.attitude;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** How far the whole axle is turned in plan at this pose, to the left positive. */
public final class AxleSteer extends DefinedResult {
    public AxleSteer() {
        super(ResultKind.AXLE_STEER, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double x = motion.turned(0, 0, 1, 0);
        double y = motion.turned(1, 0, 1, 0);
        double angle = Math.atan(-x / y);
        trace.given("a_x", "symbol.axle_line_x", x, Quantity.RATIO);
        trace.given("a_y", "symbol.axle_line_y", y, Quantity.RATIO);
        trace.step("steer", "atan( - a_x / a_y )", angle, Quantity.ANGLE);
        return angle;
    }
}
