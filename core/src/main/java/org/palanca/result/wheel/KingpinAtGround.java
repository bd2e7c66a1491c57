package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.SteeringAxis;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/** Where the steering axis meets the ground, seen from the contact patch, along and across the wheel. */
public final class KingpinAtGround extends SideResult {
    /** Which way from the patch. */
    public enum Direction {
        /** Mechanical trail: axis ahead of the patch positive. */
        TRAIL,
        /** Scrub radius: axis inboard of the patch positive. */
        SCRUB
    }

    private final Direction direction;
    private final SteeringAxis axis;

    public KingpinAtGround(Direction direction, SteeringAxis axis, Side side) {
        super(
                direction == Direction.TRAIL ? ResultKind.MECHANICAL_TRAIL : ResultKind.SCRUB_RADIUS,
                side,
                Motion.NONE,
                "source.definition");
        this.direction = direction;
        this.axis = axis;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        double reach = reach(motion, axis, wheel.patch(2));
        double x = along(motion, axis, reach, 0) - wheel.patch(0);
        double y = along(motion, axis, reach, 1) - wheel.patch(1);
        double steer = wheel.steerAngle();
        double cos = Math.cos(steer);
        double sin = Math.sin(steer);
        trace.given("x", "symbol.kingpin_ground_x", x, Quantity.LENGTH);
        trace.given("y", "symbol.kingpin_ground_y", y, Quantity.LENGTH);
        trace.given("d", "symbol.wheel_steer", steer, Quantity.ANGLE);
        if (trace.listening()) {
            draw(motion, axis, trace);
        }
        if (direction == Direction.TRAIL) {
            double trail = x * cos + y * sin;
            trace.step("trail", "x * cos( d ) + y * sin( d )", trail, Quantity.LENGTH);
            return trail;
        }
        double left = y * cos - x * sin;
        double scrub = -sign() * left;
        trace.step(
                "scrub",
                sign() > 0 ? "x * sin( d ) - y * cos( d )" : "y * cos( d ) - x * sin( d )",
                scrub,
                Quantity.LENGTH);
        return scrub;
    }

    /** How many times the way from the upper to the lower mount reaches the ground. */
    private static double reach(AxleMotion motion, SteeringAxis axis, double ground) {
        double upper = motion.mount(axis.upper(), 2);
        return (upper - ground) / (upper - motion.mount(axis.lower(), 2));
    }

    private static double along(AxleMotion motion, SteeringAxis axis, double times, int component) {
        double upper = motion.mount(axis.upper(), component);
        return upper + times * (motion.mount(axis.lower(), component) - upper);
    }

    /** The steering axis drawn on to the ground. */
    static void draw(AxleMotion motion, SteeringAxis axis, Trace trace) {
        double reach = reach(motion, axis, motion.ground());
        trace.line(
                Construction.Kind.EXTENSION,
                motion.mount(axis.upper(), 0),
                motion.mount(axis.upper(), 1),
                motion.mount(axis.upper(), 2),
                along(motion, axis, reach, 0),
                along(motion, axis, reach, 1),
                along(motion, axis, reach, 2));
    }
}
