package org.palanca.study.travel;

import java.util.Locale;
import java.util.Optional;
import org.palanca.mechanism.axle.WheelTravel;

/**
 * A pose that a builder cycles the axle to and looks at: both wheels up until a bump stop is solid, both down until a strap is
 * tight, one up and the other hanging, each at straight ahead and at both locks. It is where the hardware lets the axle get to,
 * not the travel that was wished for; where nothing bounds the travel it is the plan's, and says so.
 *
 * @param way which way the wheels went
 * @param pose where, with the lock
 * @param up what stops the rising wheel, or both; empty where nothing known does
 * @param down what stops the falling wheel, or both; empty where nothing known does
 */
public record WorstPose(Way way, WheelTravel pose, Optional<TravelBounds.Bound> up, Optional<TravelBounds.Bound> down) {
    /** Whether something known bounds it each way that it goes. */
    public boolean bounded() {
        boolean rises = pose.left() > 0 || pose.right() > 0;
        boolean falls = pose.left() < 0 || pose.right() < 0;
        return (!rises || up.isPresent()) && (!falls || down.isPresent());
    }

    /** Which way each wheel goes. */
    public enum Way {
        BUMP(1, 1),
        DROOP(-1, -1),
        LEFT_UP(1, -1),
        RIGHT_UP(-1, 1);

        private final int left;
        private final int right;

        Way(int left, int right) {
            this.left = left;
            this.right = right;
        }

        /** +1 where the left wheel rises, -1 where it falls. */
        int left() {
            return left;
        }

        /** +1 where the right wheel rises, -1 where it falls. */
        int right() {
            return right;
        }

        /** Whether both wheels go the same way. */
        boolean together() {
            return left == right;
        }
    }

    /** Its name in words and output: {@code bump}, or {@code bump.left} at full left lock. */
    public String id() {
        String lock = pose.steer() > 0 ? ".left" : pose.steer() < 0 ? ".right" : "";
        return way.name().toLowerCase(Locale.ROOT) + lock;
    }
}
