package org.palanca.mechanism.axle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.solid.BodyFrame;
import org.palanca.mechanism.Configuration;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;

/**
 * Everything a result may look at, at one pose: where wheels and mounts are, and the instantaneous motions. Overwritten at
 * each pose by its {@link AxleKinematics}; nothing here allocates.
 *
 * <p>The two wheels' carriers together have a motion of their own, half the sum of theirs: on a live axle that is the
 * housing's, of independent wheels it is what the side view shows. So one side view serves both.
 *
 * <p>Heights above ground are taken from the height midway between the two contact patches.
 */
public final class AxleMotion {
    private final Vehicle vehicle;
    private final Axle axle;
    private final double designX;
    private final WheelMotion leftWheel;
    private final WheelMotion rightWheel;
    private final BodyFrame carrier = new BodyFrame();
    private final double[] mounts;
    private final double[] mountHeave;
    private final double[] mountRoll;
    private final double[] hinges;
    private final double[] bolts;
    private final double[] strains;
    private final Twist heave = new Twist();
    private final Twist roll = new Twist();
    private boolean heaveExists;
    private boolean rollExists;
    private boolean steerExists;
    private double centreX;
    private double centreY;
    private double centreZ;

    AxleMotion(Vehicle vehicle, Axle axle, WheelMotion leftWheel, WheelMotion rightWheel, int ends, int members) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.leftWheel = leftWheel;
        this.rightWheel = rightWheel;
        designX = axle.lineX(vehicle.wheelbase());
        mounts = new double[3 * axle.mounts().size()];
        mountHeave = new double[mounts.length];
        mountRoll = new double[mounts.length];
        hinges = new double[3 * axle.joints().size()];
        bolts = new double[3 * ends];
        strains = new double[members];
    }

    /** Writes where a body is now; allocates nothing. */
    static void locate(Configuration at, int body, BodyFrame into) {
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                into.rotation(row, column, at.rotation(body, row, column));
            }
            into.origin(row, at.origin(body, row));
        }
    }

    /** Takes over a pose. The first body is the left wheel's carrier: a live axle's housing. */
    void at(Configuration configuration) {
        locate(configuration, 0, carrier);
        leftWheel.at(configuration);
        rightWheel.at(configuration);
        if (axle.independent()) {
            centreX = (leftWheel.centre(0) + rightWheel.centre(0)) / 2;
            centreY = (leftWheel.centre(1) + rightWheel.centre(1)) / 2;
            centreZ = (leftWheel.centre(2) + rightWheel.centre(2)) / 2;
        } else {
            centreX = configuration.origin(0, 0);
            centreY = configuration.origin(0, 1);
            centreZ = configuration.origin(0, 2);
        }
    }

    void modes(Configuration at, Modes modes) {
        heaveExists = modes.heaves();
        rollExists = modes.rolls();
        steerExists = modes.steers();
        leftWheel.modes(at, modes.heave(), modes.roll(), modes.steer());
        rightWheel.modes(at, modes.heave(), modes.roll(), modes.steer());
        heave.mean(leftWheel.carrierHeave(), rightWheel.carrierHeave(), centreX, centreY, centreZ);
        roll.mean(leftWheel.carrierRoll(), rightWheel.carrierRoll(), centreX, centreY, centreZ);
    }

    void bolt(int end, double[] direction) {
        System.arraycopy(direction, 0, bolts, 3 * end, 3);
    }

    void strain(int member, double off) {
        strains[member] = off;
    }

    void mount(int index, double x, double y, double z) {
        mounts[3 * index] = x;
        mounts[3 * index + 1] = y;
        mounts[3 * index + 2] = z;
    }

    /** Takes over how a mount moves, from the twists of its body and its arm from the body's origin. */
    void mountRates(int index, int body, double[] located, Modes modes) {
        rate(mountHeave, 3 * index, body, located, modes.heave());
        rate(mountRoll, 3 * index, body, located, modes.roll());
    }

    private static void rate(double[] into, int at, int body, double[] located, double[] twists) {
        if (body < 0) {
            return;
        }
        int t = 6 * body;
        double wx = twists[t + 3];
        double wy = twists[t + 4];
        double wz = twists[t + 5];
        into[at] = twists[t] + wy * located[5] - wz * located[4];
        into[at + 1] = twists[t + 1] + wz * located[3] - wx * located[5];
        into[at + 2] = twists[t + 2] + wx * located[4] - wy * located[3];
    }

    void hinge(int joint, double angle, double heaveRate, double rollRate) {
        hinges[3 * joint] = angle;
        hinges[3 * joint + 1] = heaveRate;
        hinges[3 * joint + 2] = rollRate;
    }

    public Vehicle vehicle() {
        return vehicle;
    }

    public Axle axle() {
        return axle;
    }

    /** One of the wheels; {@code side} +1 left, -1 right. */
    public WheelMotion wheel(int side) {
        return side > 0 ? leftWheel : rightWheel;
    }

    /** The carriers' motion while both wheel centres rise at unit rate; undefined when {@link #heaveExists} is false. */
    public Twist heave() {
        return heave;
    }

    /** The carriers' motion while the left wheel centre rises at +1 and the right one at -1. */
    public Twist roll() {
        return roll;
    }

    public boolean heaveExists() {
        return heaveExists;
    }

    public boolean rollExists() {
        return rollExists;
    }

    /** Whether the steering can turn the wheels. */
    public boolean steerExists() {
        return steerExists;
    }

    /** Midway between the wheel centres, forward [m]. */
    public double centreX() {
        return centreX;
    }

    /** Midway between the wheel centres, to the left [m]. */
    public double centreY() {
        return centreY;
    }

    /** Midway between the wheel centres, up [m], vehicle frame. */
    public double centreZ() {
        return centreZ;
    }

    /** x of the axle line at ride [m]. */
    public double designX() {
        return designX;
    }

    /** Midway between the contact patches, forward [m]. */
    public double patchX() {
        return (leftWheel.patch(0) + rightWheel.patch(0)) / 2;
    }

    /** Midway between the contact patches, to the left [m]. */
    public double patchY() {
        return (leftWheel.patch(1) + rightWheel.patch(1)) / 2;
    }

    /** Height of the ground midway between the patches [m], vehicle frame. */
    public double ground() {
        return (leftWheel.patch(2) + rightWheel.patch(2)) / 2;
    }

    /** Component 0 to 2 of a wheel centre [m]; {@code side} +1 left, -1 right. */
    public double wheelCentre(int side, int component) {
        return wheel(side).centre(component);
    }

    /** A wheel centre [m]; {@code side} +1 left, -1 right. */
    public Vector3D wheelCentre(int side) {
        return new Vector3D(wheelCentre(side, 0), wheelCentre(side, 1), wheelCentre(side, 2));
    }

    /** Where a mount is [m], by its place in the axle. */
    public Vector3D mount(int index) {
        return new Vector3D(mount(index, 0), mount(index, 1), mount(index, 2));
    }

    /** Where the bolt of a link's end points now, by its place in {@link JointBolts}. */
    public Vector3D bolt(int end) {
        return new Vector3D(bolt(end, 0), bolt(end, 1), bolt(end, 2));
    }

    /** Component 0 to 2 of where the bolt of a link's end points now, by its place in {@link JointBolts}. */
    public double bolt(int end, int component) {
        return bolts[3 * end + component];
    }

    /** How far a member of the mechanism is pushed off what it would be if rigid [m]; 0 where it is rigid. */
    public double strain(int member) {
        return strains[member];
    }

    /** Component 0 to 2 of a direction of the housing at ride, as it points now. Live axles only. */
    public double turned(int component, double x, double y, double z) {
        return carrier.turned(component, x, y, z);
    }

    /** Component 0 to 2 of a mount's place now [m], by its index in the axle's list. */
    public double mount(int index, int component) {
        return mounts[3 * index + component];
    }

    /** Component 0 to 2 of a mount's velocity while both wheels rise at unit rate [m/m]. */
    public double mountHeave(int index, int component) {
        return mountHeave[3 * index + component];
    }

    /** Component 0 to 2 of a mount's velocity while the left wheel rises at +1 and the right one at -1 [m/m]. */
    public double mountRoll(int index, int component) {
        return mountRoll[3 * index + component];
    }

    /** How far a hinge has turned about its axis since ride [rad], by its place among the axle's joints. */
    public double hingeAngle(int joint) {
        return hinges[3 * joint];
    }

    /** How fast a hinge turns while both wheels rise at unit rate [rad/m]. */
    public double hingeHeave(int joint) {
        return hinges[3 * joint + 1];
    }

    /** How fast a hinge turns while the left wheel rises at +1 and the right one at -1 [rad/m]. */
    public double hingeRoll(int joint) {
        return hinges[3 * joint + 2];
    }

    /** The side-view instant centre of the heave motion in the plane y = 0. */
    public InstantCentre instantCentre() {
        double pitch = heave.pitch();
        double ahead = heave.up(centreX, 0) / pitch;
        double slope = -heave.forward(0, centreZ) / heave.up(centreX, 0);
        if (InstantCentre.atInfinity(ahead, vehicle().wheelbase())) {
            double distance = Double.isNaN(ahead) ? Double.POSITIVE_INFINITY : ahead;
            return new InstantCentre.AtInfinity(slope, distance);
        }
        return new InstantCentre.Finite(centreX + ahead, centreZ - heave.forward(0, centreZ) / pitch);
    }
}
