package org.palanca.result.wheel;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/** How much farther apart the contact patches are than the design track. */
public final class TrackChange extends DefinedResult {
    public TrackChange() {
        super("track_change", Quantity.LENGTH, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double left = motion.wheel(1).patch(1);
        double right = motion.wheel(-1).patch(1);
        double track = motion.axle().track();
        trace.given("y_l", "symbol.left_patch_y", left, Quantity.LENGTH);
        trace.given("y_r", "symbol.right_patch_y", right, Quantity.LENGTH);
        trace.given("t", "symbol.track", track, Quantity.LENGTH);
        trace.step("change", "y_l - y_r - t", left - right - track, Quantity.LENGTH);
        return left - right - track;
    }
}
