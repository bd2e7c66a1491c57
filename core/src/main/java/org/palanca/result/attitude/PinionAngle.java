package org.palanca.result.attitude;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Pinion shaft against the chassis' horizontal, nose up positive. The pinion points towards the other axle: forward on a
 * rear axle, rearward on a front axle.
 */
public final class PinionAngle extends DefinedResult {
    private static final double DRAWN = 0.6;

    public PinionAngle() {
        super(ResultKind.PINION_ANGLE, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double design = motion.axle().pinion();
        double noseX = -motion.axle().place().outward() * Math.cos(design);
        double noseZ = Math.sin(design);
        double x = motion.turned(0, noseX, 0, noseZ);
        double y = motion.turned(1, noseX, 0, noseZ);
        double z = motion.turned(2, noseX, 0, noseZ);
        double angle = Math.atan(z / Math.sqrt(x * x + y * y));
        trace.given("n_x", "symbol.pinion_x", x, Quantity.RATIO);
        trace.given("n_y", "symbol.pinion_y", y, Quantity.RATIO);
        trace.given("n_z", "symbol.pinion_z", z, Quantity.RATIO);
        trace.step("pinion", "atan( n_z / sqrt( n_x * n_x + n_y * n_y ) )", angle, Quantity.ANGLE);
        trace.line(
                Construction.Kind.MEASURE,
                motion.centreX(),
                motion.centreY(),
                motion.centreZ(),
                motion.centreX() + DRAWN * x,
                motion.centreY() + DRAWN * y,
                motion.centreZ() + DRAWN * z);
        return angle;
    }
}
