package org.palanca.mechanism.axle;

/**
 * How a body moves at an instant, per metre of wheel travel: velocity of one of its points, and rotation. Velocities are
 * of points imagined fixed to the body, relative to the chassis. Overwritten at each pose.
 */
public final class Twist {
    private double x;
    private double y;
    private double z;
    private double vx;
    private double vy;
    private double vz;
    private double wx;
    private double wy;
    private double wz;

    /** Takes over a body's six numbers from a place in an array, stated at the body's origin. */
    void set(double[] twist, int at, double originX, double originY, double originZ) {
        x = originX;
        y = originY;
        z = originZ;
        vx = twist[at];
        vy = twist[at + 1];
        vz = twist[at + 2];
        wx = twist[at + 3];
        wy = twist[at + 4];
        wz = twist[at + 5];
    }

    /**
     * Half the sum of two motions, stated at a place: for two uprights what they do together as one body. A live axle's
     * housing gives itself.
     */
    void mean(Twist one, Twist other, double atX, double atY, double atZ) {
        double forward = (one.forward(atY, atZ) + other.forward(atY, atZ)) / 2;
        double left = (one.left(atX, atZ) + other.left(atX, atZ)) / 2;
        double up = (one.up(atX, atY) + other.up(atX, atY)) / 2;
        wx = (one.wx + other.wx) / 2;
        wy = (one.wy + other.wy) / 2;
        wz = (one.wz + other.wz) / 2;
        x = atX;
        y = atY;
        z = atZ;
        vx = forward;
        vy = left;
        vz = up;
    }

    /** Forward velocity of the body's point now at a height and an offset from the centreline [m/m]. */
    public double forward(double atY, double atZ) {
        return vx + wy * (atZ - z) - wz * (atY - y);
    }

    /** Velocity to the left of the body's point now at a place [m/m]. */
    public double left(double atX, double atZ) {
        return vy + wz * (atX - x) - wx * (atZ - z);
    }

    /** Upward velocity of the body's point now at a place [m/m]. */
    public double up(double atX, double atY) {
        return vz + wx * (atY - y) - wy * (atX - x);
    }

    /** Rotation about the forward axis [rad/m]. */
    public double roll() {
        return wx;
    }

    /** Rotation about the left axis [rad/m]. */
    public double pitch() {
        return wy;
    }

    /** Rotation about the upward axis [rad/m]. */
    public double yaw() {
        return wz;
    }
}
