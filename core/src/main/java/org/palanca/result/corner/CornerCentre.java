package org.palanca.result.corner;

import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.Twist;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Instant centre of one wheel as it rises with the steering held, in a plane through the wheel centre: the point of that
 * plane with no velocity in it. It is exact and includes the toe link; the crossing of the arms on paper is not and does
 * not. Infinite where the arms are parallel.
 */
public final class CornerCentre extends SideResult {
    /** Which plane, and which of its coordinates there. */
    public enum Coordinate {
        /** Front view: swing arm length, inboard of the wheel centre positive. */
        FRONT_INBOARD,
        /** Front view: height above the ground. */
        FRONT_HEIGHT,
        /** Side view: ahead of the wheel centre positive. */
        SIDE_AHEAD,
        /** Side view: height above the ground. */
        SIDE_HEIGHT
    }

    private final Coordinate coordinate;
    private final boolean front;

    public CornerCentre(Coordinate coordinate, Side side) {
        super(kind(coordinate), side, Motion.HEAVE, "source.corner_centre");
        this.coordinate = coordinate;
        front = coordinate == Coordinate.FRONT_INBOARD || coordinate == Coordinate.FRONT_HEIGHT;
    }

    private static ResultKind kind(Coordinate coordinate) {
        return switch (coordinate) {
            case FRONT_INBOARD -> ResultKind.SWING_ARM;
            case FRONT_HEIGHT -> ResultKind.FRONT_CENTRE_HEIGHT;
            case SIDE_AHEAD -> ResultKind.SIDE_CENTRE_AHEAD;
            case SIDE_HEIGHT -> ResultKind.SIDE_CENTRE_HEIGHT;
        };
    }

    @Override
    public boolean seenFromTheSide() {
        return false;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        Twist heave = wheel.heave();
        double up = heave.up(wheel.centre(0), wheel.centre(1));
        double turn = front ? heave.roll() : heave.pitch();
        // Left of the centre by -up / roll; ahead of it by up / pitch.
        double away = front ? sign() * up / turn : up / turn;
        boolean far = InstantCentre.atInfinity(away, motion.vehicle().wheelbase());
        trace.given("v_z", "symbol.wheel_up", up, Quantity.PER_TRAVEL);
        if (coordinate == Coordinate.FRONT_INBOARD || coordinate == Coordinate.SIDE_AHEAD) {
            double result = far ? Math.copySign(Double.POSITIVE_INFINITY, Double.isNaN(away) ? 1 : away) : away;
            String formula = front && sign() < 0 ? "- v_z / w" : "v_z / w";
            trace.given("w", front ? "symbol.wheel_roll" : "symbol.wheel_pitch", turn, Quantity.TURN_PER_TRAVEL);
            trace.step("away", formula, result, Quantity.LENGTH);
            draw(wheel, heave, away, far, trace);
            return result;
        }
        double across =
                front ? heave.left(wheel.centre(0), wheel.centre(2)) : -heave.forward(wheel.centre(1), wheel.centre(2));
        double height = wheel.centre(2) + across / turn - wheel.patch(2);
        trace.given("z_c", "symbol.wheel_height", wheel.centre(2), Quantity.LENGTH);
        trace.given("v", front ? "symbol.wheel_left" : "symbol.wheel_back", across, Quantity.PER_TRAVEL);
        trace.given("w", front ? "symbol.wheel_roll" : "symbol.wheel_pitch", turn, Quantity.TURN_PER_TRAVEL);
        trace.given("z_g", "symbol.ground", wheel.patch(2), Quantity.LENGTH);
        double result = far ? Double.POSITIVE_INFINITY : height;
        trace.step("height", "z_c + v / w - z_g", result, Quantity.LENGTH);
        draw(wheel, heave, away, far, trace);
        return result;
    }

    private void draw(WheelMotion wheel, Twist heave, double away, boolean far, Trace trace) {
        if (far || !trace.listening()) {
            return;
        }
        double x = wheel.centre(0) + (front ? 0 : away);
        double y = wheel.centre(1) - (front ? sign() * away : 0);
        double z = wheel.centre(2)
                + (front
                        ? heave.left(wheel.centre(0), wheel.centre(2)) / heave.roll()
                        : -heave.forward(wheel.centre(1), wheel.centre(2)) / heave.pitch());
        trace.point("point.instant_centre", x, y, z);
        trace.line(Construction.Kind.EXTENSION, wheel.patch(0), wheel.patch(1), wheel.patch(2), x, y, z);
    }
}
