package org.palanca.study.travel;

import java.util.Optional;
import org.palanca.mechanism.axle.WheelTravel;

/**
 * A pose that a builder cycles the axle to and looks at: both wheels up until a bump stop is solid, both down until a strap is
 * tight, one up and the other hanging, each at straight ahead and at both locks. It is where the hardware lets the axle get to,
 * not the travel that was wished for; where nothing bounds the travel it is the plan's, and says so.
 *
 * @param id names it: {@code bump}, {@code droop}, {@code left_up}, {@code right_up}, and {@code .left} or {@code .right} for
 *     the lock
 * @param pose where
 * @param up what stops the rising wheel, or both; empty where nothing known does
 * @param down what stops the falling wheel, or both; empty where nothing known does
 */
public record WorstPose(
        String id, WheelTravel pose, Optional<TravelBounds.Bound> up, Optional<TravelBounds.Bound> down) {
    /** Whether something known bounds it each way that it goes. */
    public boolean bounded() {
        boolean rises = pose.left() > 0 || pose.right() > 0;
        boolean falls = pose.left() < 0 || pose.right() < 0;
        return (!rises || up.isPresent()) && (!falls || down.isPresent());
    }

    /** The pose without its lock: {@code bump} of {@code bump.left}. */
    public String way() {
        return pose.steer() == 0 ? id : id.substring(0, id.indexOf('.'));
    }
}
