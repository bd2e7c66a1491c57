package org.palanca.result.side;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.AxlePlace;

/**
 * The anti percentage of one independent wheel: {@link AntiPercent} with this wheel's own slope in the place of the mean of
 * both, and the share of the whole axle. The mean of both wheels' is the axle's.
 */
public final class WheelAnti extends SideResult {
    private final AxlePlace place;
    private final AntiPercent.Force force;

    public WheelAnti(AxlePlace place, AntiPercent.Force force, Side side) {
        super(kind(place, force), side, Motion.HEAVE, "source.anti");
        this.place = place;
        this.force = force;
    }

    private static ResultKind kind(AxlePlace place, AntiPercent.Force force) {
        if (force == AntiPercent.Force.DRIVE) {
            return place == AxlePlace.REAR ? ResultKind.WHEEL_ANTI_SQUAT : ResultKind.WHEEL_ANTI_LIFT_DRIVE;
        }
        return place == AxlePlace.REAR ? ResultKind.WHEEL_ANTI_LIFT_BRAKE : ResultKind.WHEEL_ANTI_DIVE;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        boolean inboard = force.inboard(motion);
        double tangent = ReactionLine.tangent(wheel(motion), inboard, trace);
        double share = force.share(motion);
        double wheelbase = motion.vehicle().wheelbase();
        double height = motion.vehicle().mass().centreHeight();
        trace.given(
                "share",
                force == AntiPercent.Force.DRIVE ? "symbol.drive_share" : "symbol.brake_share",
                share,
                Quantity.RATIO);
        trace.given("L", "symbol.wheelbase", wheelbase, Quantity.LENGTH);
        trace.given("h", "symbol.cg_height", height, Quantity.LENGTH);
        int sense = -place.outward();
        double percent = sense * 100 * share * tangent * wheelbase / height;
        trace.step(
                "percent",
                sense > 0 ? "100 * share * tan_t * L / h" : "-100 * share * tan_t * L / h",
                percent,
                Quantity.PERCENT);
        return percent;
    }
}
