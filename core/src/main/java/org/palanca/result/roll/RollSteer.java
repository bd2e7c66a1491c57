package org.palanca.result.roll;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;
import org.palanca.vehicle.AxlePlace;
import org.palanca.working.Trace;

/**
 * How much the axle steers as it rolls, in percent of the roll angle, understeer positive.
 *
 * <p>Per unit axle roll the axle turns by wz / wx. In a left turn the body rolls left side up, so the axle rolls the
 * other way; a rear axle with wz / wx negative (roll axis nose down) then turns to the left, into the turn: understeer.
 * At the front it is the other way round.
 */
public final class RollSteer extends DefinedResult {
    public RollSteer() {
        super("roll_steer", Quantity.PERCENT, Motion.ROLL, "source.roll_axis");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double roll = motion.roll().roll();
        double yaw = motion.roll().yaw();
        trace.given("w_z", "symbol.axle_yaw", yaw, Quantity.TURN_PER_TRAVEL);
        trace.given("w_x", "symbol.axle_roll", roll, Quantity.TURN_PER_TRAVEL);
        double percent = percent(motion, yaw, roll, trace);
        if (trace.listening()) {
            RollAxisSlope.draw(motion, trace);
        }
        return percent;
    }

    /** Turn over roll in percent, understeer positive at this end of the vehicle; w_z and w_x must have been told. */
    static double percent(AxleMotion motion, double yaw, double roll, Trace trace) {
        double percent = 100 * yaw / roll;
        if (motion.axle().place() == AxlePlace.REAR) {
            trace.step("percent", "- 100 * w_z / w_x", -percent, Quantity.PERCENT);
            return -percent;
        }
        trace.step("percent", "100 * w_z / w_x", percent, Quantity.PERCENT);
        return percent;
    }
}
