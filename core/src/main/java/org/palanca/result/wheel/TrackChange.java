package org.palanca.result.wheel;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** How much farther apart the contact patches are than at ride, where leaning wheels stand them off the middle of the tyres. */
public final class TrackChange extends DefinedResult {
    public TrackChange() {
        super(ResultKind.TRACK_CHANGE, Motion.NONE, "source.definition");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double left = motion.wheel(1).patch(1);
        double right = motion.wheel(-1).patch(1);
        double track = motion.axle().track()
                + motion.wheel(1).patchOutAtRide()
                + motion.wheel(-1).patchOutAtRide();
        trace.given("y_l", "symbol.left_patch_y", left, Quantity.LENGTH);
        trace.given("y_r", "symbol.right_patch_y", right, Quantity.LENGTH);
        trace.given("t", "symbol.patch_track", track, Quantity.LENGTH);
        trace.step("change", "y_l - y_r - t", left - right - track, Quantity.LENGTH);
        return left - right - track;
    }
}
