package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.springing.ShockSize;

/** How much stroke a shock has left at this pose, until it is home or until it is out; negative where it would be passed. */
public final class ShaftLeft extends LineResult {
    /** Which end of its stroke. */
    public enum End {
        COLLAPSED,
        EXTENDED
    }

    private final End end;
    private final ShockSize size;

    public ShaftLeft(End end, String shock, ShockSize size, MountLine line) {
        super(
                end == End.COLLAPSED ? ResultKind.SHAFT_LEFT_UP : ResultKind.SHAFT_LEFT_DOWN,
                shock,
                line,
                Motion.NONE,
                "source.definition");
        this.end = end;
        this.size = size;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double length = length(motion, trace);
        boolean home = end == End.COLLAPSED;
        double limit = home ? size.collapsed() : size.extended();
        double left = home ? length - limit : limit - length;
        trace.given("e", home ? "symbol.shock_collapsed" : "symbol.shock_extended", limit, Quantity.LENGTH);
        trace.step("left", home ? "l - e" : "e - l", left, Quantity.LENGTH);
        return left;
    }
}
