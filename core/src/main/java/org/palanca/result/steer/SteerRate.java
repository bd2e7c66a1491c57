package org.palanca.result.steer;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/** How fast both wheels together turn with rack or ram travel, or with the pitman arm's angle, at this pose. */
public final class SteerRate extends DefinedResult {
    private final boolean perAngle;

    /** @param perAngle whether a hinge is driven: then the rate is a plain ratio */
    public SteerRate(boolean perAngle) {
        super(
                perAngle ? "pitman_ratio" : "rack_rate",
                perAngle ? Quantity.RATIO : Quantity.TURN_PER_TRAVEL,
                Motion.STEER,
                "source.twist");
        this.perAngle = perAngle;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        Quantity quantity = quantity();
        double left = motion.wheel(1).steer().yaw();
        double right = motion.wheel(-1).steer().yaw();
        trace.given("w_l", perAngle ? "symbol.left_per_pitman" : "symbol.left_per_rack", left, quantity);
        trace.given("w_r", perAngle ? "symbol.right_per_pitman" : "symbol.right_per_rack", right, quantity);
        trace.step("rate", "( w_l + w_r ) / 2", (left + right) / 2, quantity);
        return (left + right) / 2;
    }
}
