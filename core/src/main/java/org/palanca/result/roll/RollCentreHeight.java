package org.palanca.result.roll;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * Kinematic roll centre: the point of the centre plane, in the transverse plane through the wheel centres, that does not
 * move sideways in the roll motion.
 */
public final class RollCentreHeight extends DefinedResult {
    /** From where the height is taken. */
    public enum Above {
        /** The ground at this pose. */
        GROUND,
        /** The ground at ride, carried along with the chassis. */
        CHASSIS_DATUM
    }

    private final Above above;

    public RollCentreHeight(Above above) {
        super(
                above == Above.GROUND ? ResultKind.ROLL_CENTRE_HEIGHT : ResultKind.ROLL_CENTRE_HEIGHT_CHASSIS,
                Motion.ROLL,
                "source.roll_centre");
        this.above = above;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double sideways = motion.roll().left(motion.centreX(), motion.centreZ());
        double rate = motion.roll().roll();
        double z = motion.centreZ() + sideways / rate;
        trace.given("z_c", "symbol.axle_height", motion.centreZ(), Quantity.LENGTH);
        trace.given("v_y", "symbol.axle_left", sideways, Quantity.PER_TRAVEL);
        trace.given("w_x", "symbol.axle_roll", rate, Quantity.TURN_PER_TRAVEL);
        trace.point("point.roll_centre", motion.centreX(), 0, z);
        if (above == Above.CHASSIS_DATUM) {
            trace.step("height", "z_c + v_y / w_x", z, Quantity.LENGTH);
            return z;
        }
        double height = z - motion.ground();
        trace.given("z_g", "symbol.ground", motion.ground(), Quantity.LENGTH);
        trace.step("height", "z_c + v_y / w_x - z_g", height, Quantity.LENGTH);
        trace.line(Construction.Kind.MEASURE, motion.centreX(), 0, motion.ground(), motion.centreX(), 0, z);
        return height;
    }
}
