package org.palanca.result.wheel;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;

/** Angle of a wheel in plan against the centreline: toe-in positive, or turned to the left positive. */
public final class Toe extends SideResult {
    /** Which way counts. */
    public enum Sense {
        /** Front edge inward positive. */
        TOE_IN,
        /** Turned to the left positive, on both sides. */
        STEER
    }

    private final Sense sense;

    public Toe(Sense sense, Side side) {
        super(sense == Sense.TOE_IN ? ResultKind.TOE : ResultKind.STEER_ANGLE, side, Motion.NONE, "source.definition");
        this.sense = sense;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        double angle = wheel.steerAngle();
        trace.given("a_x", "symbol.wheel_axis_x", wheel.axis(0), Quantity.RATIO);
        trace.given("a_y", "symbol.wheel_axis_y", wheel.axis(1), Quantity.RATIO);
        if (sense == Sense.TOE_IN && sign() > 0) {
            trace.step("toe", "atan( a_x / a_y )", -angle, Quantity.ANGLE);
            return -angle;
        }
        trace.step("angle", "atan( - a_x / a_y )", angle, Quantity.ANGLE);
        return angle;
    }
}
