package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/** Lean of a wheel against the chassis' vertical, top outward positive. */
public final class Camber extends SideResult {
    public Camber(Side side) {
        super(ResultKind.CAMBER, side, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        double x = wheel.axis(0);
        double y = wheel.axis(1);
        double outwardZ = sign() * wheel.axis(2);
        double camber = Math.atan(-outwardZ / Math.sqrt(x * x + y * y));
        trace.given("a_x", "symbol.wheel_axis_x", x, Quantity.RATIO);
        trace.given("a_y", "symbol.wheel_axis_y", y, Quantity.RATIO);
        trace.given("a_z", "symbol.wheel_axis_outward_z", outwardZ, Quantity.RATIO);
        trace.step("camber", "atan( - a_z / sqrt( a_x * a_x + a_y * a_y ) )", camber, Quantity.ANGLE);
        trace.line(
                Construction.Kind.MEASURE,
                wheel.patch(0),
                wheel.patch(1),
                wheel.patch(2),
                2 * wheel.centre(0) - wheel.patch(0),
                2 * wheel.centre(1) - wheel.patch(1),
                2 * wheel.centre(2) - wheel.patch(2));
        return camber;
    }
}
