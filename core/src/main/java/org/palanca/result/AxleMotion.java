package org.palanca.result;

import org.palanca.geometry.InstantCentre;
import org.palanca.mechanism.Configuration;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;

/**
 * Everything a result may look at, at one pose: where axle, wheels and mounts are, and the two instantaneous motions.
 * Overwritten at each pose by its {@link AxleModel}; nothing here allocates.
 *
 * <p>The contact patch is the lowest point of a rigid wheel of the loaded radius, found again at each pose. Heights
 * above ground are taken from the height midway between the two patches.
 */
public final class AxleMotion {
    private final Vehicle vehicle;
    private final Axle axle;
    private final double designX;
    private final double radius;
    private final double halfTrack;
    private final double[] rotation = new double[9];
    private final double[] mounts;
    private final Twist heave = new Twist();
    private final Twist roll = new Twist();
    private boolean heaveExists;
    private boolean rollExists;
    private double centreX;
    private double centreY;
    private double centreZ;
    private double patchX;
    private double patchY;
    private double patchZ;

    AxleMotion(Vehicle vehicle, Axle axle) {
        this.vehicle = vehicle;
        this.axle = axle;
        designX = axle.lineX(vehicle.wheelbase());
        radius = axle.tyre().loadedRadius();
        halfTrack = axle.track() / 2;
        mounts = new double[3 * axle.mounts().size()];
    }

    /** Takes over the pose of the only moving body. */
    void at(Configuration configuration) {
        for (int row = 0; row < 3; row++) {
            rotation[3 * row] = configuration.rotation(0, row, 0);
            rotation[3 * row + 1] = configuration.rotation(0, row, 1);
            rotation[3 * row + 2] = configuration.rotation(0, row, 2);
        }
        centreX = configuration.origin(0, 0);
        centreY = configuration.origin(0, 1);
        centreZ = configuration.origin(0, 2);
        // Downwards in the wheel's plane: minus the part of the chassis' z that is square to the wheel's axis.
        double axisX = rotation[1];
        double axisY = rotation[4];
        double axisZ = rotation[7];
        double square = 1 / Math.sqrt(1 - axisZ * axisZ);
        patchX = centreX + radius * square * axisZ * axisX;
        patchY = centreY + radius * square * axisZ * axisY;
        patchZ = centreZ - radius * square * (1 - axisZ * axisZ);
    }

    void modes(boolean heaveIsFree, double[] heaveTwist, boolean rollIsFree, double[] rollTwist) {
        heaveExists = heaveIsFree;
        rollExists = rollIsFree;
        heave.set(heaveTwist, centreX, centreY, centreZ);
        roll.set(rollTwist, centreX, centreY, centreZ);
    }

    void mount(int index, double x, double y, double z) {
        mounts[3 * index] = x;
        mounts[3 * index + 1] = y;
        mounts[3 * index + 2] = z;
    }

    public Vehicle vehicle() {
        return vehicle;
    }

    public Axle axle() {
        return axle;
    }

    /** The motion in which both wheel centres rise at unit rate, or undefined when {@link #heaveExists} is false. */
    public Twist heave() {
        return heave;
    }

    /** The motion in which the left wheel centre rises at +1 and the right one at -1. */
    public Twist roll() {
        return roll;
    }

    public boolean heaveExists() {
        return heaveExists;
    }

    public boolean rollExists() {
        return rollExists;
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
        return patchX;
    }

    /** Midway between the contact patches, to the left [m]. */
    public double patchY() {
        return patchY;
    }

    /** Height of the ground midway between the patches [m], vehicle frame. */
    public double ground() {
        return patchZ;
    }

    /** Component 0 to 2 of a wheel centre [m]; {@code side} +1 left, -1 right. */
    public double wheelCentre(int side, int component) {
        double centre = component == 0 ? centreX : component == 1 ? centreY : centreZ;
        return centre + side * halfTrack * rotation[3 * component + 1];
    }

    /** Component 0 to 2 of a design direction as it points now. */
    public double turned(int component, double x, double y, double z) {
        int r = 3 * component;
        return rotation[r] * x + rotation[r + 1] * y + rotation[r + 2] * z;
    }

    /** Component 0 to 2 of a mount's place now [m], by its index in the axle's list. */
    public double mount(int index, int component) {
        return mounts[3 * index + component];
    }

    /** The side-view instant centre of the heave motion in the plane y = 0. */
    public InstantCentre instantCentre() {
        double pitch = heave.pitch();
        double ahead = heave.up(centreX, 0) / pitch;
        double slope = -heave.forward(0, centreZ) / heave.up(centreX, 0);
        if (!(Math.abs(ahead) <= InstantCentre.FARTHEST)) {
            double distance = Double.isNaN(ahead) ? Double.POSITIVE_INFINITY : ahead;
            return new InstantCentre.AtInfinity(slope, distance);
        }
        return new InstantCentre.Finite(centreX + ahead, centreZ - heave.forward(0, centreZ) / pitch);
    }
}
