package org.palanca.result.attitude;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/** Side-view angle of the steering axis against the chassis' vertical, upper end rearward positive. */
public final class CasterAngle extends DefinedResult {
    private static final double DRAWN = 0.35;

    public CasterAngle() {
        super(ResultKind.CASTER, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double design = motion.axle().caster().orElse(0);
        double topX = -Math.sin(design);
        double topZ = Math.cos(design);
        double x = motion.turned(0, topX, 0, topZ);
        double z = motion.turned(2, topX, 0, topZ);
        double angle = Math.atan(-x / z);
        trace.given("k_x", "symbol.kingpin_x", x, Quantity.RATIO);
        trace.given("k_z", "symbol.kingpin_z", z, Quantity.RATIO);
        trace.step("caster", "atan( - k_x / k_z )", angle, Quantity.ANGLE);
        double wheelX = motion.wheelCentre(1, 0);
        double wheelY = motion.wheelCentre(1, 1);
        double wheelZ = motion.wheelCentre(1, 2);
        trace.line(
                Construction.Kind.MEASURE,
                wheelX - DRAWN * x,
                wheelY,
                wheelZ - DRAWN * z,
                wheelX + DRAWN * x,
                wheelY,
                wheelZ + DRAWN * z);
        return angle;
    }
}
