package org.palanca.result;

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

    void set(double[] twist, double originX, double originY, double originZ) {
        x = originX;
        y = originY;
        z = originZ;
        vx = twist[0];
        vy = twist[1];
        vz = twist[2];
        wx = twist[3];
        wy = twist[4];
        wz = twist[5];
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
