package org.palanca.result.side;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.Twist;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.AxlePlace;

/**
 * How much of the load that moves along the vehicle goes through the links instead of the springs, in percent.
 *
 * <p>percent = 100 share tan(t) L / h, with tan(t) = -vx / vz in the heave motion, of the contact patch where the
 * wheel's carrier takes the torque (live axle, outboard brakes) and of the wheel centre where the chassis does, L the
 * design wheelbase, h the design height of the whole vehicle's centre of gravity, and share the part of the thrust or braking at this axle. Signs: 100 means the springs neither shorten nor lengthen, so
 * the formula changes sign at the front axle, whose load falls under thrust and rises under braking while the force on
 * the patch points the other way. From virtual work; Gillespie (1992), ch. 7; Milliken and Milliken (1995), ch. 17.
 */
public final class AntiPercent extends DefinedResult {
    /** What force acts at the patch. */
    public enum Force {
        DRIVE,
        BRAKE;

        /** Whether the chassis takes its torque. */
        boolean inboard(AxleMotion motion) {
            return this == DRIVE
                    ? motion.axle().traction().inboardDrive()
                    : motion.axle().traction().inboardBrakes();
        }

        /** Part of the whole at the axle. */
        double share(AxleMotion motion) {
            return this == DRIVE ? motion.axle().driveShare() : motion.axle().brakeShare();
        }
    }

    private final AxlePlace place;
    private final Force force;

    public AntiPercent(AxlePlace place, Force force) {
        super(kind(place, force), Motion.HEAVE, "source.anti");
        this.place = place;
        this.force = force;
    }

    private static ResultKind kind(AxlePlace place, Force force) {
        if (force == Force.DRIVE) {
            return place == AxlePlace.REAR ? ResultKind.ANTI_SQUAT : ResultKind.ANTI_LIFT_DRIVE;
        }
        return place == AxlePlace.REAR ? ResultKind.ANTI_LIFT_BRAKE : ResultKind.ANTI_DIVE;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        boolean inboard = force.inboard(motion);
        double tangent = ReactionLine.tangent(motion, inboard, trace);
        double share = force.share(motion);
        double wheelbase = motion.vehicle().wheelbase();
        double height = motion.vehicle().mass().centreHeight();
        trace.given("share", force == Force.DRIVE ? "symbol.drive_share" : "symbol.brake_share", share, Quantity.RATIO);
        trace.given("L", "symbol.wheelbase", wheelbase, Quantity.LENGTH);
        trace.given("h", "symbol.cg_height", height, Quantity.LENGTH);
        double percent = 100 * share * tangent * wheelbase / height;
        if (place == AxlePlace.FRONT) {
            percent = -percent;
            trace.step("percent", "- 100 * share * tan_t * L / h", percent, Quantity.PERCENT);
        } else {
            trace.step("percent", "100 * share * tan_t * L / h", percent, Quantity.PERCENT);
        }
        if (trace.listening()) {
            construct(motion, inboard ? motion.centreZ() : motion.ground(), tangent, trace);
        }
        return percent;
    }

    /** The reaction line as far as the other axle, where 100 % would pass at the height of the centre of gravity. */
    private void construct(AxleMotion motion, double from, double tangent, Trace trace) {
        double reach = -place.outward() * motion.vehicle().wheelbase();
        Twist heave = motion.heave();
        if (heave.pitch() != 0) {
            double x = motion.centreX() + heave.up(motion.centreX(), 0) / heave.pitch();
            double z = motion.centreZ() - heave.forward(0, motion.centreZ()) / heave.pitch();
            trace.point("point.instant_centre", x, 0, z);
        }
        trace.line(
                Construction.Kind.REACTION,
                motion.patchX(),
                0,
                from,
                motion.patchX() + reach,
                0,
                from + reach * tangent);
    }
}
