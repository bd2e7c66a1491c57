package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** Length of a shock at this pose: the distance of its two mounts. */
public final class ShockLength extends LineResult {
    public ShockLength(String shock, MountLine line) {
        super(ResultKind.SHOCK_LENGTH, shock, line, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double x = line().run(motion, 0);
        double y = line().run(motion, 1);
        double z = line().run(motion, 2);
        double length = line().length(motion);
        trace.given("x", "symbol.link_x", x, Quantity.LENGTH);
        trace.given("y", "symbol.link_y", y, Quantity.LENGTH);
        trace.given("z", "symbol.link_z", z, Quantity.LENGTH);
        trace.step("length", "sqrt( x * x + y * y + z * z )", length, Quantity.LENGTH);
        line().draw(motion, trace);
        return length;
    }
}
