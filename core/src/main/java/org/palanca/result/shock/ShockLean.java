package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** How far a shock leans from upright in one view: top rearward, or top inward, positive. */
public final class ShockLean extends LineResult {
    /** From which side it is looked at. */
    public enum View {
        SIDE,
        FRONT
    }

    private final View view;

    public ShockLean(View view, String shock, MountLine line) {
        super(
                view == View.SIDE ? ResultKind.SHOCK_LEAN_SIDE : ResultKind.SHOCK_LEAN_FRONT,
                shock,
                line,
                Motion.NONE,
                "source.definition");
        this.view = view;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double up = line().run(motion, 2);
        double over = view == View.SIDE ? -line().run(motion, 0) : -line().run(motion, 1) * line().side(motion);
        double lean = Math.atan2(over, up);
        trace.given("z", "symbol.lean_up", up, Quantity.LENGTH);
        trace.given("s", view == View.SIDE ? "symbol.lean_back" : "symbol.lean_in", over, Quantity.LENGTH);
        trace.step("lean", "atan( s / z )", lean, Quantity.ANGLE);
        line().draw(motion, trace);
        return lean;
    }
}
