package org.palanca.result.steer;

import org.palanca.geometry.Side;
import org.palanca.result.AxleMotion;
import org.palanca.result.SideResult;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/** How fast a wheel toes in as it rises with the steering held: the slope of toe against travel at this pose. */
public final class BumpSteer extends SideResult {
    public BumpSteer(Side side) {
        super("bump_steer", side, Quantity.TURN_PER_TRAVEL, Motion.HEAVE, "source.twist");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double yaw = wheel(motion).heave().yaw();
        trace.given("w_z", "symbol.wheel_yaw", yaw, Quantity.TURN_PER_TRAVEL);
        double toeIn = -sign() * yaw;
        trace.step("slope", sign() > 0 ? "- w_z" : "w_z", toeIn, Quantity.TURN_PER_TRAVEL);
        return toeIn;
    }
}
