package org.palanca.result.roll;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/**
 * How much the wheels themselves steer as one rises and the other falls, steering held, both averaged: in percent of the
 * slope between their centres, understeer positive. Of a live axle with knuckles it includes what the drag link does.
 */
public final class WheelRollSteer extends DefinedResult {
    /** @param id {@code roll_steer} where it is the axle's only one, another where the housing has its own */
    public WheelRollSteer(String id) {
        super(id, Quantity.PERCENT, Motion.ROLL, "source.roll_axis");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double yaw = (motion.wheel(1).roll().yaw() + motion.wheel(-1).roll().yaw()) / 2;
        double roll = 2 / (motion.wheelCentre(1, 1) - motion.wheelCentre(-1, 1));
        trace.given("w_z", "symbol.wheels_yaw", yaw, Quantity.TURN_PER_TRAVEL);
        trace.given("w_x", "symbol.wheels_roll", roll, Quantity.TURN_PER_TRAVEL);
        return RollSteer.percent(motion, yaw, roll, trace);
    }
}
