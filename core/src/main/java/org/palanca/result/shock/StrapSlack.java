package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.springing.Strap;

/** How much slack a limit strap has left; negative where it would have to be longer. */
public final class StrapSlack extends LineResult {
    private final double length;

    public StrapSlack(Strap strap, MountLine line) {
        super(ResultKind.STRAP_SLACK, strap.name(), line, Motion.NONE, "source.definition");
        length = strap.length();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double slack = length - length(motion, trace);
        trace.given("s", "symbol.strap_length", length, Quantity.LENGTH);
        trace.step("slack", "s - l", slack, Quantity.LENGTH);
        return slack;
    }
}
