package org.palanca.result.roll;

import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Kinematic roll centre of two independent wheels: where the normals to the paths of both contact patches cross, in the
 * transverse plane. Off the centre plane where the sides differ, and far away where the normals are nearly parallel.
 */
public final class PatchRollCentre extends DefinedResult {
    /** Which of its coordinates. */
    public enum Coordinate {
        /** Above the ground at this pose. */
        HEIGHT,
        /** Above the ground at ride, carried along with the chassis. */
        CHASSIS_HEIGHT,
        /** From the centreline, to the left positive. */
        OFFSET
    }

    private final Coordinate coordinate;

    public PatchRollCentre(Coordinate coordinate) {
        super(kind(coordinate), Motion.HEAVE, "source.patch_roll_centre");
        this.coordinate = coordinate;
    }

    private static ResultKind kind(Coordinate coordinate) {
        return switch (coordinate) {
            case HEIGHT -> ResultKind.ROLL_CENTRE_HEIGHT;
            case CHASSIS_HEIGHT -> ResultKind.ROLL_CENTRE_HEIGHT_CHASSIS;
            case OFFSET -> ResultKind.ROLL_CENTRE_OFFSET;
        };
    }

    @Override
    public boolean seenFromTheSide() {
        return false;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        WheelMotion left = motion.wheel(1);
        WheelMotion right = motion.wheel(-1);
        double slopeLeft = slope(left);
        double slopeRight = slope(right);
        // Along each normal z = z_patch - slope (y - y_patch), with slope the path's sideways over its upward part.
        double across = left.patch(1) * slopeLeft - right.patch(1) * slopeRight + left.patch(2) - right.patch(2);
        double y = across / (slopeLeft - slopeRight);
        boolean far = InstantCentre.atInfinity(y, motion.vehicle().wheelbase());
        double z = left.patch(2) - slopeLeft * (y - left.patch(1));
        trace.given("y_l", "symbol.left_patch_y", left.patch(1), Quantity.LENGTH);
        trace.given("y_r", "symbol.right_patch_y", right.patch(1), Quantity.LENGTH);
        trace.given("z_l", "symbol.left_patch_z", left.patch(2), Quantity.LENGTH);
        trace.given("z_r", "symbol.right_patch_z", right.patch(2), Quantity.LENGTH);
        trace.given("s_l", "symbol.left_patch_slope", slopeLeft, Quantity.RATIO);
        trace.given("s_r", "symbol.right_patch_slope", slopeRight, Quantity.RATIO);
        trace.step("y", "( y_l * s_l - y_r * s_r + z_l - z_r ) / ( s_l - s_r )", y, Quantity.LENGTH);
        if (!far && trace.listening()) {
            draw(motion, y, z, trace);
        }
        if (coordinate == Coordinate.OFFSET) {
            return far ? Double.POSITIVE_INFINITY : y;
        }
        // Alike on both sides the normals cross at the centre whatever their slope, also when both are level.
        double height = far ? levelOrInfinite(left, right, slopeLeft) : z;
        if (coordinate == Coordinate.CHASSIS_HEIGHT) {
            trace.step("height", "z_l - s_l * ( y - y_l )", height, Quantity.LENGTH);
            return height;
        }
        trace.given("z_g", "symbol.ground", motion.ground(), Quantity.LENGTH);
        trace.step("height", "z_l - s_l * ( y - y_l ) - z_g", height - motion.ground(), Quantity.LENGTH);
        return height - motion.ground();
    }

    /** Both normals level at one height: the roll centre is at that height; otherwise it is far away. */
    private static double levelOrInfinite(WheelMotion left, WheelMotion right, double slope) {
        boolean level = slope == 0 && left.patch(2) == right.patch(2);
        return level ? left.patch(2) : Double.POSITIVE_INFINITY;
    }

    private static double slope(WheelMotion wheel) {
        return wheel.heave().left(wheel.patch(0), wheel.patch(2))
                / wheel.heave().up(wheel.patch(0), wheel.patch(1));
    }

    private static void draw(AxleMotion motion, double y, double z, Trace trace) {
        trace.point("point.roll_centre", motion.centreX(), y, z);
        for (int side = 1; side >= -1; side -= 2) {
            WheelMotion wheel = motion.wheel(side);
            trace.line(
                    Construction.Kind.EXTENSION,
                    wheel.patch(0),
                    wheel.patch(1),
                    wheel.patch(2),
                    motion.centreX(),
                    y,
                    z);
        }
    }
}
