package org.palanca.result.attitude;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** How far the middle of the axle has moved from where it was designed to stand. */
public final class AxleShift extends DefinedResult {
    /** Which way. */
    public enum Direction {
        /** To the left positive. */
        SIDEWAYS,
        /** Away from the other axle positive: the wheelbase grows. */
        WHEELBASE
    }

    private final Direction direction;

    public AxleShift(Direction direction) {
        super(
                direction == Direction.SIDEWAYS ? ResultKind.SIDE_SHIFT : ResultKind.WHEELBASE_CHANGE,
                Motion.NONE,
                "source.definition");
        this.direction = direction;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        if (direction == Direction.SIDEWAYS) {
            trace.given("y_c", "symbol.axle_offset", motion.centreY(), Quantity.LENGTH);
            trace.step("shift", "y_c", motion.centreY(), Quantity.LENGTH);
            return motion.centreY();
        }
        double moved = motion.centreX() - motion.designX();
        double change = motion.axle().place().outward() * moved;
        trace.given("x_c", "symbol.axle_x", motion.centreX(), Quantity.LENGTH);
        trace.given("x_0", "symbol.axle_line", motion.designX(), Quantity.LENGTH);
        trace.step("change", change == moved ? "x_c - x_0" : "x_0 - x_c", change, Quantity.LENGTH);
        return change;
    }
}
