package org.palanca.mechanism.axle;

import org.palanca.base.geometry.Side;
import org.palanca.mechanism.Configuration;
import org.palanca.vehicle.Axle;

/**
 * One wheel at one pose: where it is, how it stands, and how it moves. Overwritten at each pose; nothing here allocates.
 *
 * <p>The wheel is rigid, of the loaded radius; its contact patch is its lowest point, found again at each pose.
 */
public final class WheelMotion {
    private final Side side;
    private final int carrier;
    private final int body;
    private final double radius;
    private final double[] centreLocal;
    private final double[] axisAtRide;
    private final double[] centre = new double[6];
    private final double[] axis = new double[3];
    private final double[] patch = new double[3];
    private final Twist heave = new Twist();
    private final Twist roll = new Twist();
    private final Twist steer = new Twist();
    private final Twist carrierHeave = new Twist();
    private final Twist carrierRoll = new Twist();

    /**
     * @param carrier index of the body whose rise is this wheel's travel
     * @param body index of the body the wheel turns on
     * @param centreLocal the wheel centre in that body, as {@link Configuration#locate} wants it
     */
    WheelMotion(Axle axle, Side side, int carrier, int body, double[] centreLocal) {
        this.side = side;
        this.carrier = carrier;
        this.body = body;
        this.centreLocal = centreLocal;
        radius = axle.tyre().loadedRadius();
        axisAtRide = axle.wheels().axis(side).toArray();
    }

    void at(Configuration configuration) {
        configuration.locate(body, centreLocal, centre);
        configuration.turn(body, axisAtRide, axis);
        // Downwards in the wheel's plane: minus the part of the chassis' z that is square to the wheel's axis.
        double down = radius / Math.sqrt(1 - axis[2] * axis[2]);
        patch[0] = centre[0] + down * axis[2] * axis[0];
        patch[1] = centre[1] + down * axis[2] * axis[1];
        patch[2] = centre[2] - down * (1 - axis[2] * axis[2]);
    }

    void modes(Configuration at, double[] heaveTwist, double[] rollTwist, double[] steerTwist) {
        take(heave, at, body, heaveTwist);
        take(roll, at, body, rollTwist);
        take(steer, at, body, steerTwist);
        take(carrierHeave, at, carrier, heaveTwist);
        take(carrierRoll, at, carrier, rollTwist);
    }

    private static void take(Twist twist, Configuration at, int body, double[] all) {
        twist.set(all, 6 * body, at.origin(body, 0), at.origin(body, 1), at.origin(body, 2));
    }

    public Side side() {
        return side;
    }

    /** Component 0 to 2 of the wheel centre [m]. */
    public double centre(int component) {
        return centre[component];
    }

    /** Component 0 to 2 of the wheel's axis, pointing to the left of the vehicle on both sides, of length 1. */
    public double axis(int component) {
        return axis[component];
    }

    /** Component 0 to 2 of the contact patch [m]. */
    public double patch(int component) {
        return patch[component];
    }

    /** How far the wheel is turned to the left against straight ahead [rad]. */
    public double steerAngle() {
        return Math.atan(-axis[0] / axis[1]);
    }

    /**
     * How fast {@link #steerAngle} grows in a motion of the wheel's body [rad per unit of the motion]: the exact derivative of
     * the angle as it is shown. It is the yaw rate alone only while the wheel stands upright: from the steer angle
     * atan(-a_x / a_y) and a' = w x a it is w_z - a_z (w_x a_x + w_y a_y) / (a_x^2 + a_y^2).
     */
    public double steerRate(Twist motion) {
        double level = axis[0] * axis[0] + axis[1] * axis[1];
        return motion.yaw() - axis[2] * (motion.roll() * axis[0] + motion.pitch() * axis[1]) / level;
    }

    /** Where the contact patch is at ride, outward from the middle of the tyre [m]: off it where the wheel leans. */
    public double patchOutAtRide() {
        // The axis at ride points left on both sides; down along the wheel's plane the patch leans to the axis' own
        // side.
        return side.sign() * radius * axisAtRide[2] * axisAtRide[1] / Math.sqrt(1 - axisAtRide[2] * axisAtRide[2]);
    }

    /** What the wheel's own body does while both wheels rise at unit rate, steering held. */
    public Twist heave() {
        return heave;
    }

    /** What it does while the left wheel rises at +1 and the right one at -1, steering held. */
    public Twist roll() {
        return roll;
    }

    /** What it does while the steering turns it to the left at unit rate of its driver, both wheels' travel held. */
    public Twist steer() {
        return steer;
    }

    Twist carrierHeave() {
        return carrierHeave;
    }

    Twist carrierRoll() {
        return carrierRoll;
    }
}
