package org.palanca.result.side;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.Twist;
import org.palanca.units.Quantity;
import org.palanca.working.Construction;
import org.palanca.working.Trace;

/** Slope of the line from the contact patch along which thrust reaches the chassis: tan(t) = -vx / vz there. */
public final class ReactionLine extends DefinedResult {
    public ReactionLine() {
        super("reaction_line", Quantity.ANGLE, Motion.HEAVE, "source.anti");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double tangent = tangent(motion, trace);
        double angle = Math.atan(tangent);
        trace.step("t", "atan( tan_t )", angle, Quantity.ANGLE);
        double reach = motion.vehicle().wheelbase() * -motion.axle().place().outward();
        trace.line(
                Construction.Kind.REACTION,
                motion.patchX(),
                0,
                motion.ground(),
                motion.patchX() + reach,
                0,
                motion.ground() + reach * tangent);
        return angle;
    }

    /** The slope, rise over forward run, told step by step. */
    static double tangent(AxleMotion motion, Trace trace) {
        Twist heave = motion.heave();
        double forward = heave.forward(motion.patchY(), motion.ground());
        double up = heave.up(motion.patchX(), motion.patchY());
        trace.given("v_x", "symbol.patch_forward", forward, Quantity.PER_TRAVEL);
        trace.given("v_z", "symbol.patch_up", up, Quantity.PER_TRAVEL);
        double tangent = -forward / up;
        trace.step("tan_t", "- v_x / v_z", tangent, Quantity.RATIO);
        return tangent;
    }
}
