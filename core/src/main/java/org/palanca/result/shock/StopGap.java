package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.springing.BumpStop;

/** How far a bump stop is from being met; negative while it is squeezed. */
public final class StopGap extends LineResult {
    private final double free;

    public StopGap(BumpStop stop, MountLine line) {
        super(ResultKind.STOP_GAP, stop.name(), line, Motion.NONE, "source.definition");
        free = stop.free();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double gap = length(motion, trace) - free;
        trace.given("h", "symbol.stop_free", free, Quantity.LENGTH);
        trace.step("gap", "l - h", gap, Quantity.LENGTH);
        return gap;
    }
}
