package org.palanca.result.side;

import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.Twist;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Where the side-view instant centre lies: the point of the centre plane (y = 0) that neither rises nor moves forward
 * in the heave motion. Infinite where the links are parallel.
 */
public final class InstantCentreResult extends DefinedResult {
    /** Which of its coordinates. */
    public enum Coordinate {
        /** Ahead of the axle centre at this pose, negative behind. */
        AHEAD,
        /** Above the ground at this pose. */
        HEIGHT
    }

    private final Coordinate coordinate;

    public InstantCentreResult(Coordinate coordinate) {
        super(
                coordinate == Coordinate.AHEAD ? ResultKind.INSTANT_CENTRE_AHEAD : ResultKind.INSTANT_CENTRE_HEIGHT,
                Motion.HEAVE,
                "source.instant_centre");
        this.coordinate = coordinate;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        Twist heave = motion.heave();
        double forward = heave.forward(0, motion.centreZ());
        double up = heave.up(motion.centreX(), 0);
        double pitch = heave.pitch();
        double ahead = up / pitch;
        double asked = coordinate == Coordinate.AHEAD ? ahead : motion.centreZ() - forward / pitch - motion.ground();
        boolean far = InstantCentre.atInfinity(ahead, motion.vehicle().wheelbase());
        double result = far ? Math.copySign(Double.POSITIVE_INFINITY, Double.isNaN(asked) ? 1 : asked) : asked;
        if (coordinate == Coordinate.AHEAD) {
            trace.given("v_z", "symbol.axle_up", up, Quantity.PER_TRAVEL);
            trace.given("w_y", "symbol.axle_pitch", pitch, Quantity.TURN_PER_TRAVEL);
            trace.step("ahead", "v_z / w_y", result, Quantity.LENGTH);
        } else {
            trace.given("z_c", "symbol.axle_height", motion.centreZ(), Quantity.LENGTH);
            trace.given("v_x", "symbol.axle_forward", forward, Quantity.PER_TRAVEL);
            trace.given("w_y", "symbol.axle_pitch", pitch, Quantity.TURN_PER_TRAVEL);
            trace.given("z_g", "symbol.ground", motion.ground(), Quantity.LENGTH);
            trace.step("height", "z_c - v_x / w_y - z_g", result, Quantity.LENGTH);
        }
        if (!far && trace.listening()) {
            construct(motion, motion.centreX() + ahead, motion.centreZ() - forward / pitch, trace);
        }
        return result;
    }

    private static void construct(AxleMotion motion, double x, double z, Trace trace) {
        trace.point("point.instant_centre", x, 0, z);
        trace.line(Construction.Kind.MEASURE, motion.centreX(), 0, z, x, 0, z);
        trace.line(Construction.Kind.MEASURE, x, 0, motion.ground(), x, 0, z);
    }
}
