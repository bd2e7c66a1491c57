package org.palanca.result.corner;

import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.CornerArms;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * The classic instant centre as it is drawn on paper: where the planes of the upper and the lower arm cross, in front view in
 * the transverse plane through the wheel centre, in side view in the longitudinal one. It leaves out the tie rod or toe link,
 * so it is not the centre that the wheel moves about where that steers it; {@link CornerCentre} is. A strut stands for an arm
 * square to it at its top. Milliken and Milliken, Race Car Vehicle Dynamics (1995), ch. 17, named from memory.
 */
public final class ArmCrossing extends SideResult {
    /** Which view, and which of its coordinates there. */
    public enum Coordinate {
        /** Front view, inboard of the wheel centre positive. */
        INBOARD(ResultKind.ARM_CROSSING_INBOARD, true),
        /** Front view, above the ground. */
        HEIGHT(ResultKind.ARM_CROSSING_HEIGHT, true),
        /** Side view, ahead of the wheel centre positive. */
        AHEAD(ResultKind.ARM_CROSSING_AHEAD, false),
        /** Side view, above the ground. */
        SIDE_HEIGHT(ResultKind.ARM_CROSSING_SIDE_HEIGHT, false);

        private final ResultKind kind;
        private final boolean front;

        Coordinate(ResultKind kind, boolean front) {
            this.kind = kind;
            this.front = front;
        }
    }

    private final Coordinate coordinate;
    private final CornerArms.Arm upper;
    private final CornerArms.Arm lower;

    public ArmCrossing(Coordinate coordinate, CornerArms.Arm upper, CornerArms.Arm lower, Side side) {
        super(coordinate.kind, side, Motion.NONE, "source.arm_crossing");
        this.coordinate = coordinate;
        this.upper = upper;
        this.lower = lower;
    }

    @Override
    public boolean seenFromTheSide() {
        return false;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion wheel = wheel(motion);
        // In the view's plane a line is c (h - h_wheel) + n_z (z - z_wheel) = d, h being across or along.
        int across = coordinate.front ? 1 : 0;
        double upperAcross = normal(motion, upper, across);
        double upperUp = normal(motion, upper, 2);
        double upperOff = off(motion, wheel, upper);
        double lowerAcross = normal(motion, lower, across);
        double lowerUp = normal(motion, lower, 2);
        double lowerOff = off(motion, wheel, lower);
        double determinant = upperAcross * lowerUp - lowerAcross * upperUp;
        double away = (upperOff * lowerUp - lowerOff * upperUp) / determinant;
        double rise = (upperAcross * lowerOff - lowerAcross * upperOff) / determinant;
        double inward = coordinate.front ? -sign() * away : away;
        boolean far = InstantCentre.atInfinity(inward, motion.vehicle().wheelbase());
        trace.given("c_u", "symbol.upper_plane_across", upperAcross, Quantity.RATIO);
        trace.given("n_u", "symbol.upper_plane_up", upperUp, Quantity.RATIO);
        trace.given("d_u", "symbol.upper_plane_off", upperOff, Quantity.LENGTH);
        trace.given("c_l", "symbol.lower_plane_across", lowerAcross, Quantity.RATIO);
        trace.given("n_l", "symbol.lower_plane_up", lowerUp, Quantity.RATIO);
        trace.given("d_l", "symbol.lower_plane_off", lowerOff, Quantity.LENGTH);
        if (!far && trace.listening()) {
            double x = wheel.centre(0) + (coordinate.front ? 0 : away);
            double y = wheel.centre(1) + (coordinate.front ? away : 0);
            double z = wheel.centre(2) + rise;
            trace.point("point.arm_crossing", x, y, z);
            trace.line(Construction.Kind.EXTENSION, wheel.patch(0), wheel.patch(1), wheel.patch(2), x, y, z);
        }
        if (coordinate == Coordinate.INBOARD || coordinate == Coordinate.AHEAD) {
            double result = far ? Math.copySign(Double.POSITIVE_INFINITY, Double.isNaN(inward) ? 1 : inward) : inward;
            String formula = "( d_u * n_l - d_l * n_u ) / ( c_u * n_l - c_l * n_u )";
            boolean turned = coordinate.front && sign() > 0;
            trace.step("away", turned ? "-1 * " + formula : formula, result, Quantity.LENGTH);
            return result;
        }
        double height = wheel.centre(2) + rise - wheel.patch(2);
        double result = far ? Double.POSITIVE_INFINITY : height;
        trace.given("z_c", "symbol.wheel_height", wheel.centre(2), Quantity.LENGTH);
        trace.given("z_g", "symbol.ground", wheel.patch(2), Quantity.LENGTH);
        trace.step(
                "height", "z_c + ( c_u * d_l - c_l * d_u ) / ( c_u * n_l - c_l * n_u ) - z_g", result, Quantity.LENGTH);
        return result;
    }

    /** How far the arm's plane lies off the wheel centre, along its normal [m]. */
    private static double off(AxleMotion motion, WheelMotion wheel, CornerArms.Arm arm) {
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            sum += normal(motion, arm, i) * (motion.mount(arm.ball(), i) - wheel.centre(i));
        }
        return sum;
    }

    /** Component 0 to 2 of the normal of an arm's plane, of length 1. */
    private static double normal(AxleMotion motion, CornerArms.Arm arm, int component) {
        double x;
        double y;
        double z;
        if (arm instanceof CornerArms.StrutTop strut) {
            x = run(motion, strut.foot(), strut.ball(), 0);
            y = run(motion, strut.foot(), strut.ball(), 1);
            z = run(motion, strut.foot(), strut.ball(), 2);
        } else {
            CornerArms.PlaneArm wishbone = (CornerArms.PlaneArm) arm;
            double ax = run(motion, wishbone.front(), wishbone.ball(), 0);
            double ay = run(motion, wishbone.front(), wishbone.ball(), 1);
            double az = run(motion, wishbone.front(), wishbone.ball(), 2);
            double bx = run(motion, wishbone.front(), wishbone.rear(), 0);
            double by = run(motion, wishbone.front(), wishbone.rear(), 1);
            double bz = run(motion, wishbone.front(), wishbone.rear(), 2);
            x = ay * bz - az * by;
            y = az * bx - ax * bz;
            z = ax * by - ay * bx;
        }
        double length = Math.sqrt(x * x + y * y + z * z);
        return (component == 0 ? x : component == 1 ? y : z) / length;
    }

    private static double run(AxleMotion motion, int from, int to, int component) {
        return motion.mount(to, component) - motion.mount(from, component);
    }
}
