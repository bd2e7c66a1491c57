package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.SteeringAxis;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;

/** Lean of the steering axis in one view, against the chassis' vertical. */
public final class KingpinAngle extends SideResult {
    /** From where it is looked at. */
    public enum View {
        /** Caster: upper end rearward positive. */
        SIDE,
        /** Kingpin inclination: upper end inward positive. */
        FRONT
    }

    private final View view;
    private final SteeringAxis axis;

    public KingpinAngle(View view, SteeringAxis axis, Side side) {
        super(
                view == View.SIDE ? ResultKind.KINGPIN_CASTER : ResultKind.KINGPIN_INCLINATION,
                side,
                Motion.NONE,
                "source.definition");
        this.view = view;
        this.axis = axis;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        int component = view == View.SIDE ? 0 : 1;
        int towards = view == View.SIDE ? -1 : -sign();
        double lean = towards * (motion.mount(axis.upper(), component) - motion.mount(axis.lower(), component));
        double rise = motion.mount(axis.upper(), 2) - motion.mount(axis.lower(), 2);
        double angle = Math.atan(lean / rise);
        trace.given("b", view == View.SIDE ? "symbol.kingpin_back" : "symbol.kingpin_in", lean, Quantity.LENGTH);
        trace.given("c", "symbol.kingpin_up", rise, Quantity.LENGTH);
        trace.step("angle", "atan( b / c )", angle, Quantity.ANGLE);
        if (trace.listening()) {
            KingpinAtGround.draw(motion, axis, trace);
        }
        return angle;
    }
}
