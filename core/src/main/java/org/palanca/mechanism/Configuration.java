package org.palanca.mechanism;

import java.util.Arrays;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.RigidMotion;

/**
 * Where every moving body is, and what the drivers ask for. Mutable and flat, so that the solver's loop allocates
 * nothing; hand out {@linkplain #pose motions} instead.
 */
public final class Configuration {
    private final Mechanism mechanism;
    private final double[] origin;
    private final double[] quaternion;
    private final double[] rotation;
    private final double[] driver;

    Configuration(Mechanism mechanism) {
        this.mechanism = mechanism;
        int bodies = mechanism.bodies().size();
        origin = new double[3 * bodies];
        quaternion = new double[4 * bodies];
        rotation = new double[9 * bodies];
        driver = new double[mechanism.drivers().size()];
        reset();
    }

    /** Back to the design pose, with every driver at zero. */
    public void reset() {
        for (int body = 0; body < mechanism.bodies().size(); body++) {
            Vector3D at = mechanism.bodies().get(body).origin();
            origin[3 * body] = at.getX();
            origin[3 * body + 1] = at.getY();
            origin[3 * body + 2] = at.getZ();
            quaternion[4 * body] = 1;
            quaternion[4 * body + 1] = 0;
            quaternion[4 * body + 2] = 0;
            quaternion[4 * body + 3] = 0;
            rotate(body);
        }
        Arrays.fill(driver, 0);
    }

    /** The same configuration in storage of its own. */
    public Configuration copy() {
        Configuration copy = new Configuration(mechanism);
        copy.set(this);
        return copy;
    }

    /** Takes over another configuration of the same mechanism. */
    public void set(Configuration other) {
        System.arraycopy(other.origin, 0, origin, 0, origin.length);
        System.arraycopy(other.quaternion, 0, quaternion, 0, quaternion.length);
        System.arraycopy(other.rotation, 0, rotation, 0, rotation.length);
        System.arraycopy(other.driver, 0, driver, 0, driver.length);
    }

    /** What driver {@code index} asks for, from the design pose [m or rad]. */
    public double driver(int index) {
        return driver[index];
    }

    public void setDriver(int index, double value) {
        driver[index] = value;
    }

    /**
     * Finds a point of a body.
     *
     * @param body the body's index, or -1 for the chassis
     * @param local the point relative to the body's origin at the design pose (for the chassis: in the vehicle frame)
     * @param out filled with the place (0 to 2) and the arm from the body's origin to it (3 to 5) [m]
     */
    public void locate(int body, double[] local, double[] out) {
        if (body < 0) {
            out[0] = local[0];
            out[1] = local[1];
            out[2] = local[2];
            return;
        }
        int r = 9 * body;
        int o = 3 * body;
        double x = local[0];
        double y = local[1];
        double z = local[2];
        double armX = rotation[r] * x + rotation[r + 1] * y + rotation[r + 2] * z;
        double armY = rotation[r + 3] * x + rotation[r + 4] * y + rotation[r + 5] * z;
        double armZ = rotation[r + 6] * x + rotation[r + 7] * y + rotation[r + 8] * z;
        out[0] = origin[o] + armX;
        out[1] = origin[o + 1] + armY;
        out[2] = origin[o + 2] + armZ;
        out[3] = armX;
        out[4] = armY;
        out[5] = armZ;
    }

    /** Turns a direction that is fixed to a body (-1: the chassis) from where it points at the design pose to now. */
    public void turn(int body, double[] direction, double[] out) {
        if (body < 0) {
            System.arraycopy(direction, 0, out, 0, 3);
            return;
        }
        for (int row = 0; row < 3; row++) {
            int r = 9 * body + 3 * row;
            out[row] = rotation[r] * direction[0] + rotation[r + 1] * direction[1] + rotation[r + 2] * direction[2];
        }
    }

    /** Entry of a body's rotation matrix, row by row; it turns design directions into present ones. */
    public double rotation(int body, int row, int column) {
        return rotation[9 * body + 3 * row + column];
    }

    /** Coordinate 0 to 2 of a body's origin [m]. */
    public double origin(int body, int axis) {
        return origin[3 * body + axis];
    }

    /**
     * Moves every body by a small twist.
     *
     * @param twist six a body: translation of its origin [m], then rotation vector [rad]
     * @param scale factor on the whole twist
     */
    public void apply(double[] twist, double scale) {
        for (int body = 0; body < origin.length / 3; body++) {
            int t = 6 * body;
            origin[3 * body] += scale * twist[t];
            origin[3 * body + 1] += scale * twist[t + 1];
            origin[3 * body + 2] += scale * twist[t + 2];
            turn(body, scale * twist[t + 3], scale * twist[t + 4], scale * twist[t + 5]);
        }
    }

    /**
     * Turns by the quaternion (1, half the rotation vector), made unit length: Cayley's map. It agrees with the exact
     * rotation to second order, which is all that Newton's method asks of it, and needs no trigonometry.
     */
    private void turn(int body, double wx, double wy, double wz) {
        int q = 4 * body;
        double x = wx / 2;
        double y = wy / 2;
        double z = wz / 2;
        double a = quaternion[q];
        double b = quaternion[q + 1];
        double c = quaternion[q + 2];
        double d = quaternion[q + 3];
        double na = a - x * b - y * c - z * d;
        double nb = b + x * a + y * d - z * c;
        double nc = c + y * a + z * b - x * d;
        double nd = d + z * a + x * c - y * b;
        double norm = 1 / Math.sqrt(na * na + nb * nb + nc * nc + nd * nd);
        quaternion[q] = na * norm;
        quaternion[q + 1] = nb * norm;
        quaternion[q + 2] = nc * norm;
        quaternion[q + 3] = nd * norm;
        rotate(body);
    }

    private void rotate(int body) {
        int q = 4 * body;
        int r = 9 * body;
        double a = quaternion[q];
        double b = quaternion[q + 1];
        double c = quaternion[q + 2];
        double d = quaternion[q + 3];
        rotation[r] = 1 - 2 * (c * c + d * d);
        rotation[r + 1] = 2 * (b * c - a * d);
        rotation[r + 2] = 2 * (b * d + a * c);
        rotation[r + 3] = 2 * (b * c + a * d);
        rotation[r + 4] = 1 - 2 * (b * b + d * d);
        rotation[r + 5] = 2 * (c * d - a * b);
        rotation[r + 6] = 2 * (b * d - a * c);
        rotation[r + 7] = 2 * (c * d + a * b);
        rotation[r + 8] = 1 - 2 * (b * b + c * c);
    }

    /** How a body was moved from the design pose to now. */
    public RigidMotion pose(int body) {
        int o = 3 * body;
        int q = 4 * body;
        // Hipparchus states the inverse quaternion for the same turn of vectors.
        Rotation turn = new Rotation(quaternion[q], -quaternion[q + 1], -quaternion[q + 2], -quaternion[q + 3], true);
        Vector3D now = new Vector3D(origin[o], origin[o + 1], origin[o + 2]);
        return new RigidMotion(turn, mechanism.bodies().get(body).origin(), now);
    }
}
