package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;

/** Where a tyre's contact patch is at this pose, in the chassis' own axes: the lowest point of the wheel as it leans. */
public final class PatchPlace extends SideResult {
    /** Which of its coordinates. */
    public enum Coordinate {
        /** Ahead of the axle's line at ride. */
        AHEAD(ResultKind.PATCH_AHEAD),
        /** From the centreline to its own side. */
        OUT(ResultKind.PATCH_OUT),
        /** Above the ground at ride, carried along with the chassis. */
        UP(ResultKind.PATCH_UP);

        private final ResultKind kind;

        Coordinate(ResultKind kind) {
            this.kind = kind;
        }
    }

    private final Coordinate coordinate;

    public PatchPlace(Coordinate coordinate, Side side) {
        super(coordinate.kind, side, Motion.NONE, "source.definition");
        this.coordinate = coordinate;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        double place = switch (coordinate) {
            case AHEAD -> wheel.patch(0) - motion.designX();
            case OUT -> sign() * wheel.patch(1);
            case UP -> wheel.patch(2);
        };
        trace.given("p", "symbol.patch_place", place, Quantity.LENGTH);
        trace.step("place", "p", place, Quantity.LENGTH);
        return place;
    }
}
