package org.palanca.result.steer;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.Twist;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.working.Trace;

/**
 * How fast a wheel's steer angle grows in a motion, told step by step. The angle is that of the wheel as it leans, so its rate
 * is the yaw rate of the knuckle only while the wheel stands upright.
 */
public final class SteerTurning {
    /** With the suffix of each symbol to be put in. */
    private static final String FORMULA = "w_z# - a_z# * ( w_x# * a_x# + w_y# * a_y# ) / ( a_x# * a_x# + a_y# * a_y# )";

    private SteerTurning() {}

    /**
     * The rate [rad per unit of the motion], to the left positive.
     *
     * @param suffix tells its symbols from those of another wheel; may be empty
     * @param perUnit what rotation in this motion measures
     */
    public static double told(WheelMotion wheel, Twist motion, String suffix, Quantity perUnit, Trace trace) {
        double rate = wheel.steerRate(motion);
        if (trace.listening()) {
            trace.given("w_x" + suffix, "symbol.wheel_turn_x", motion.roll(), perUnit);
            trace.given("w_y" + suffix, "symbol.wheel_turn_y", motion.pitch(), perUnit);
            trace.given("w_z" + suffix, "symbol.wheel_turn_z", motion.yaw(), perUnit);
            trace.given("a_x" + suffix, "symbol.wheel_axis_x", wheel.axis(0), Quantity.RATIO);
            trace.given("a_y" + suffix, "symbol.wheel_axis_y", wheel.axis(1), Quantity.RATIO);
            trace.given("a_z" + suffix, "symbol.wheel_axis_z", wheel.axis(2), Quantity.RATIO);
            trace.step("d" + suffix, FORMULA.replace("#", suffix), rate, perUnit);
        }
        return rate;
    }
}
