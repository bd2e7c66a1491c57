package org.palanca.base.solid;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Where a body's frame is now: a rotation row by row and an origin [m]. Overwritten as the body moves. */
public final class BodyFrame {
    private final double[] r = {1, 0, 0, 0, 1, 0, 0, 0, 1};
    private final double[] o = new double[3];

    /** Sets one entry of the rotation. */
    public void rotation(int row, int column, double value) {
        r[3 * row + column] = value;
    }

    /** Sets one coordinate of the origin [m]. */
    public void origin(int axis, double value) {
        o[axis] = value;
    }

    /** Component 0 to 2 of a direction of the body as it points now. */
    public double turned(int component, double x, double y, double z) {
        int row = 3 * component;
        return r[row] * x + r[row + 1] * y + r[row + 2] * z;
    }

    /** Turns and shifts a point of the body to where it is now. */
    void point(double x, double y, double z, double[] out) {
        out[0] = o[0] + r[0] * x + r[1] * y + r[2] * z;
        out[1] = o[1] + r[3] * x + r[4] * y + r[5] * z;
        out[2] = o[2] + r[6] * x + r[7] * y + r[8] * z;
    }

    /** Takes over where another is. */
    public void set(BodyFrame other) {
        System.arraycopy(other.r, 0, r, 0, r.length);
        System.arraycopy(other.o, 0, o, 0, o.length);
    }

    /** Moves it without turning [m]. */
    void shift(Vector3D by) {
        o[0] += by.getX();
        o[1] += by.getY();
        o[2] += by.getZ();
    }

    /** A distance that no point of the body within a reach of its frame's origin [m] has moved farther from another place. */
    public double moved(BodyFrame from, double reach) {
        double shift = 0;
        for (int k = 0; k < 3; k++) {
            shift += (o[k] - from.o[k]) * (o[k] - from.o[k]);
        }
        double turn = 0;
        for (int k = 0; k < 9; k++) {
            turn += (r[k] - from.r[k]) * (r[k] - from.r[k]);
        }
        return Math.sqrt(shift) + Math.sqrt(turn) * reach;
    }

    /** Where a point of the body is now [m]. */
    public Vector3D at(Vector3D local) {
        double[] out = new double[3];
        point(local.getX(), local.getY(), local.getZ(), out);
        return new Vector3D(out);
    }

    /** The point of a convex core that is farthest along a direction now. */
    void support(Convex piece, double x, double y, double z, double[] out) {
        piece.support(
                r[0] * x + r[3] * y + r[6] * z, r[1] * x + r[4] * y + r[7] * z, r[2] * x + r[5] * y + r[8] * z, out);
        point(out[0], out[1], out[2], out);
    }

    /** Where a place of now is in the body's frame. */
    Vector3D local(double[] now) {
        double x = now[0] - o[0];
        double y = now[1] - o[1];
        double z = now[2] - o[2];
        return new Vector3D(
                r[0] * x + r[3] * y + r[6] * z, r[1] * x + r[4] * y + r[7] * z, r[2] * x + r[5] * y + r[8] * z);
    }
}
