package org.palanca.result.roll;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.AxlePlace;

/**
 * How much the axle steers as it rolls, in percent of the roll angle, understeer positive.
 *
 * <p>The derivative of the axle's steer angle against its roll, both as they are shown; at ride that is wz / wx, the direction
 * of the screw. Per unit axle roll the axle turns by so much. In a left turn the body rolls left side up, so the axle rolls the
 * other way; a rear axle with wz / wx negative (roll axis nose down) then turns to the left, into the turn: understeer.
 * At the front it is the other way round.
 */
public final class RollSteer extends DefinedResult {
    public RollSteer() {
        super(ResultKind.ROLL_STEER, Motion.ROLL, "source.roll_axis");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double x = motion.turned(0, 0, 1, 0);
        double y = motion.turned(1, 0, 1, 0);
        double z = motion.turned(2, 0, 1, 0);
        double wx = motion.roll().roll();
        double wy = motion.roll().pitch();
        double wz = motion.roll().yaw();
        double level = x * x + y * y;
        double turn = wz - z * (wx * x + wy * y) / level;
        double roll = (wx * y - wy * x) / Math.sqrt(level);
        trace.given("w_x", "symbol.axle_roll", wx, Quantity.TURN_PER_TRAVEL);
        trace.given("w_y", "symbol.axle_roll_pitch", wy, Quantity.TURN_PER_TRAVEL);
        trace.given("w_z", "symbol.axle_yaw", wz, Quantity.TURN_PER_TRAVEL);
        trace.given("a_x", "symbol.axle_line_x", x, Quantity.RATIO);
        trace.given("a_y", "symbol.axle_line_y", y, Quantity.RATIO);
        trace.given("a_z", "symbol.axle_line_z", z, Quantity.RATIO);
        trace.step(
                "turn",
                "w_z - a_z * ( w_x * a_x + w_y * a_y ) / ( a_x * a_x + a_y * a_y )",
                turn,
                Quantity.TURN_PER_TRAVEL);
        trace.step("roll", "( w_x * a_y - w_y * a_x ) / sqrt( a_x * a_x + a_y * a_y )", roll, Quantity.TURN_PER_TRAVEL);
        double percent = percent(motion, turn, roll, trace);
        if (trace.listening()) {
            RollAxisSlope.draw(motion, trace);
        }
        return percent;
    }

    /** Turn over roll in percent, understeer positive at this end of the vehicle; {@code turn} and {@code roll} must have been told. */
    static double percent(AxleMotion motion, double turn, double roll, Trace trace) {
        double percent = 100 * turn / roll;
        if (motion.axle().place() == AxlePlace.REAR) {
            trace.step("percent", "- 100 * turn / roll", -percent, Quantity.PERCENT);
            return -percent;
        }
        trace.step("percent", "100 * turn / roll", percent, Quantity.PERCENT);
        return percent;
    }
}
