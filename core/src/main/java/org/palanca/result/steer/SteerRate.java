package org.palanca.result.steer;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** How fast both wheels together turn with rack or ram travel, or with the pitman arm's angle, at this pose. */
public final class SteerRate extends DefinedResult {
    /** @param perAngle whether a hinge is driven: then the rate is a plain ratio */
    public SteerRate(boolean perAngle) {
        super(perAngle ? ResultKind.PITMAN_RATIO : ResultKind.RACK_RATE, Motion.STEER, "source.twist");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        Quantity quantity = quantity();
        double left = SteerTurning.told(motion.wheel(1), motion.wheel(1).steer(), "_l", quantity, trace);
        double right = SteerTurning.told(motion.wheel(-1), motion.wheel(-1).steer(), "_r", quantity, trace);
        trace.step("rate", "( d_l + d_r ) / 2", (left + right) / 2, quantity);
        return (left + right) / 2;
    }
}
