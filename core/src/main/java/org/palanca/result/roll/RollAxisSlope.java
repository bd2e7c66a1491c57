package org.palanca.result.roll;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/** Side-view slope of the line the axle rolls about: nose up positive, tan = wz / wx of the roll motion. */
public final class RollAxisSlope extends DefinedResult {
    private static final double DRAWN_EACH_WAY = 1.2;

    public RollAxisSlope() {
        super(ResultKind.ROLL_AXIS_SLOPE, Motion.ROLL, "source.roll_axis");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double roll = motion.roll().roll();
        double yaw = motion.roll().yaw();
        double slope = Math.atan(yaw / roll);
        trace.given("w_z", "symbol.axle_yaw", yaw, Quantity.TURN_PER_TRAVEL);
        trace.given("w_x", "symbol.axle_roll", roll, Quantity.TURN_PER_TRAVEL);
        trace.step("slope", "atan( w_z / w_x )", slope, Quantity.ANGLE);
        if (trace.listening()) {
            draw(motion, trace);
        }
        return slope;
    }

    /** The axis through the roll centre, a stretch to each side of the axle. */
    static void draw(AxleMotion motion, Trace trace) {
        double z = motion.centreZ()
                + motion.roll().left(motion.centreX(), motion.centreZ())
                        / motion.roll().roll();
        double rise = DRAWN_EACH_WAY * motion.roll().yaw() / motion.roll().roll();
        double x = motion.centreX();
        trace.point("point.roll_centre", x, 0, z);
        trace.line(Construction.Kind.ROLL_AXIS, x - DRAWN_EACH_WAY, 0, z - rise, x + DRAWN_EACH_WAY, 0, z + rise);
    }
}
