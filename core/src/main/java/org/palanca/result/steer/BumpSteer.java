package org.palanca.result.steer;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;

/** How fast a wheel toes in as it rises with the steering held: the slope of toe against travel at this pose. */
public final class BumpSteer extends SideResult {
    public BumpSteer(Side side) {
        super(ResultKind.BUMP_STEER, side, Motion.HEAVE, "source.twist");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double left = SteerTurning.told(wheel(motion), wheel(motion).heave(), "", Quantity.TURN_PER_TRAVEL, trace);
        double toeIn = -sign() * left;
        trace.step("slope", sign() > 0 ? "- d" : "d", toeIn, Quantity.TURN_PER_TRAVEL);
        return toeIn;
    }
}
