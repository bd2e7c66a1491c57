package org.palanca.result.steer;

import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.SteeringAxis;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.AxlePlace;

/**
 * Ackermann percent: how much of the difference between the wheels that rolling about one point asks for is there, at the
 * steering of this pose.
 *
 * <p>100 (inner - outer) / (inner - ideal), the ideal outer angle from cot(ideal) - cot(inner) = W / L with W between the
 * steering axes at the ground (between the patches where no axis is known) and L the wheelbase: Dixon, Suspension Geometry
 * and Computation (2009), named from memory. Other definitions are in use. Toe at ride is left out of the angles.
 */
public final class Ackermann extends DefinedResult {
    /** Under this much steering the percent is a quotient of two rounding errors [rad]. */
    private static final double LEAST_STEER = Math.toRadians(1);

    private final SteeringAxis[] axes;

    /** @param axes the left wheel's steering axis and the right one's; empty where not known */
    public Ackermann(SteeringAxis... axes) {
        super(ResultKind.ACKERMANN, Motion.NONE, "source.ackermann");
        this.axes = axes.clone();
    }

    @Override
    public Message whyNone() {
        return Message.of("fault.straight_ahead");
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double toe = motion.axle().wheels().toe();
        int towardsRear = motion.axle().place() == AxlePlace.FRONT ? 1 : -1;
        // A rear axle steers the other way about for the same turn.
        double left = towardsRear * (motion.wheel(1).steerAngle() + toe);
        double right = towardsRear * (motion.wheel(-1).steerAngle() - toe);
        boolean turnsLeft = left + right > 0;
        double inner = turnsLeft ? left : -right;
        double outer = turnsLeft ? right : -left;
        double width = at(motion, 1) - at(motion, -1);
        double wheelbase = motion.vehicle().wheelbase();
        if (!(inner > LEAST_STEER)) {
            return Double.NaN;
        }
        double ideal = Math.atan(1 / (1 / Math.tan(inner) + width / wheelbase));
        double percent = 100 * (inner - outer) / (inner - ideal);
        trace.given("i", "symbol.inner_steer", inner, Quantity.ANGLE);
        trace.given("o", "symbol.outer_steer", outer, Quantity.ANGLE);
        trace.given("W", axes.length < 2 ? "symbol.patch_width" : "symbol.axis_width", width, Quantity.LENGTH);
        trace.given("L", "symbol.wheelbase", wheelbase, Quantity.LENGTH);
        trace.step("ideal", "atan( 1 / ( 1 / tan( i ) + W / L ) )", ideal, Quantity.ANGLE);
        trace.step("percent", "100 * ( i - o ) / ( i - ideal )", percent, Quantity.PERCENT);
        return percent;
    }

    /** Where the steering axis meets the ground, to the left. */
    private double at(AxleMotion motion, int side) {
        WheelMotion wheel = motion.wheel(side);
        if (axes.length < 2) {
            return wheel.patch(1);
        }
        SteeringAxis axis = axes[side > 0 ? 0 : 1];
        double upper = motion.mount(axis.upper(), 2);
        double times = (upper - wheel.patch(2)) / (upper - motion.mount(axis.lower(), 2));
        double y = motion.mount(axis.upper(), 1);
        return y + times * (motion.mount(axis.lower(), 1) - y);
    }
}
