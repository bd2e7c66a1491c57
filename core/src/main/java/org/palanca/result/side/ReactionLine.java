package org.palanca.result.side;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Slope of the line along which thrust reaches the chassis: tan(t) = -vx / vz, of the contact patch where the wheel's
 * carrier takes the torque, of the wheel centre where the chassis does. Of two independent wheels the mean of both counts,
 * as equal forces on them do by virtual work.
 */
public final class ReactionLine extends DefinedResult {
    public ReactionLine() {
        super(ResultKind.REACTION_LINE, Motion.HEAVE, "source.anti");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        boolean inboard = motion.axle().traction().inboardDrive();
        double tangent = tangent(motion, inboard, trace);
        double from = inboard ? motion.centreZ() : motion.ground();
        double angle = Math.atan(tangent);
        trace.step("t", "atan( tan_t )", angle, Quantity.ANGLE);
        double reach = motion.vehicle().wheelbase() * -motion.axle().place().outward();
        trace.line(
                Construction.Kind.REACTION,
                motion.patchX(),
                0,
                from,
                motion.patchX() + reach,
                0,
                from + reach * tangent);
        return angle;
    }

    /** The slope, rise over forward run, told step by step. */
    static double tangent(AxleMotion motion, boolean inboard, Trace trace) {
        double forward = (forward(motion.wheel(1), inboard) + forward(motion.wheel(-1), inboard)) / 2;
        double up = (up(motion.wheel(1), inboard) + up(motion.wheel(-1), inboard)) / 2;
        return tangent(forward, up, inboard, trace);
    }

    /** The slope of one wheel. */
    static double tangent(WheelMotion wheel, boolean inboard, Trace trace) {
        return tangent(forward(wheel, inboard), up(wheel, inboard), inboard, trace);
    }

    private static double tangent(double forward, double up, boolean inboard, Trace trace) {
        trace.given("v_x", inboard ? "symbol.wheel_forward" : "symbol.patch_forward", forward, Quantity.PER_TRAVEL);
        trace.given("v_z", inboard ? "symbol.wheel_up" : "symbol.patch_up", up, Quantity.PER_TRAVEL);
        double tangent = -forward / up;
        trace.step("tan_t", "- v_x / v_z", tangent, Quantity.RATIO);
        return tangent;
    }

    private static double forward(WheelMotion wheel, boolean inboard) {
        return inboard
                ? wheel.heave().forward(wheel.centre(1), wheel.centre(2))
                : wheel.heave().forward(wheel.patch(1), wheel.patch(2));
    }

    private static double up(WheelMotion wheel, boolean inboard) {
        return inboard
                ? wheel.heave().up(wheel.centre(0), wheel.centre(1))
                : wheel.heave().up(wheel.patch(0), wheel.patch(1));
    }
}
