package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Distances of points of one body from a place on another, along directions fixed to that other: each row is
 * n . (b - a) = 0 with n and a on the carrier and b on the carried body. Lines, planes, hinges and guides are made of
 * such rows; a row that a driver moves asks for n . (b - a) = value instead, or turns its direction by the value.
 */
final class Offsets implements Constraint {
    /** What the driver's value does to a row. */
    enum Driven {
        /** Nothing: the row holds. */
        NO,
        /** The offset equals the value [m]. */
        SLIDE,
        /** The direction is turned by the value [rad] towards minus the second direction. */
        TURN
    }

    private final int carrier;
    private final int carried;
    private final double[][] from;
    private final double[][] to;
    private final double[][] along;
    private final double[][] across;
    private final Driven driven;
    private final int driver;
    private final double[] atCarrier = new double[6];
    private final double[] atCarried = new double[6];
    private final double[] n = new double[3];
    private final double[] turned = new double[3];

    private Offsets(Builder builder, int driver, Driven driven) {
        carrier = builder.mechanism.bodyIndex(builder.carrier);
        carried = builder.mechanism.bodyIndex(builder.carried);
        from = builder.from;
        to = builder.to;
        along = builder.along;
        across = builder.across;
        this.driver = driver;
        this.driven = driven;
    }

    /** Collects rows. */
    static final class Builder {
        private final Mechanism mechanism;
        private final String carrier;
        private final String carried;
        private final double[][] from;
        private final double[][] to;
        private final double[][] along;
        private final double[][] across;
        private int rows;

        Builder(Mechanism mechanism, String carrier, String carried, int equations) {
            this.mechanism = mechanism;
            this.carrier = carrier;
            this.carried = carried;
            from = new double[equations][];
            to = new double[equations][];
            along = new double[equations][];
            across = new double[equations][];
        }

        /** A row that is zero when the carried point, where it stands at the design pose, is not off along n. */
        Builder row(Vector3D onCarrier, Vector3D onCarried, Vector3D n) {
            return row(onCarrier, onCarried, n, Vector3D.ZERO);
        }

        Builder row(Vector3D onCarrier, Vector3D onCarried, Vector3D n, Vector3D second) {
            from[rows] = mechanism.local(new BodyPoint(carrier, onCarrier));
            to[rows] = mechanism.local(new BodyPoint(carried, onCarried));
            along[rows] = n.toArray();
            across[rows] = second.toArray();
            rows++;
            return this;
        }

        Constraint held() {
            return new Offsets(this, 0, Driven.NO);
        }

        Constraint driven(int driver, Driven how) {
            return new Offsets(this, driver, how);
        }
    }

    @Override
    public int equations() {
        return along.length;
    }

    /** Finds both points and the row's direction, and gives how far off the row is. */
    private double locate(Configuration at, int row) {
        at.locate(carrier, from[row], atCarrier);
        at.locate(carried, to[row], atCarried);
        double[] direction = along[row];
        if (driven == Driven.TURN) {
            double cos = Math.cos(at.driver(driver));
            double sin = Math.sin(at.driver(driver));
            for (int axis = 0; axis < 3; axis++) {
                turned[axis] = cos * along[row][axis] - sin * across[row][axis];
            }
            direction = turned;
        }
        at.turn(carrier, direction, n);
        double off = 0;
        for (int axis = 0; axis < 3; axis++) {
            off += n[axis] * (atCarried[axis] - atCarrier[axis]);
        }
        return driven == Driven.SLIDE ? off - at.driver(driver) : off;
    }

    @Override
    public void residuals(Configuration at, double[] residual, int row) {
        for (int i = 0; i < along.length; i++) {
            residual[row + i] = locate(at, i);
        }
    }

    @Override
    public void linearise(Configuration at, double[] residual, double[] jacobian, int row, int columns) {
        for (int i = 0; i < along.length; i++) {
            residual[row + i] = locate(at, i);
            int first = (row + i) * columns;
            if (carried >= 0) {
                byTwist(jacobian, first + 6 * carried, 1, atCarried[3], atCarried[4], atCarried[5]);
            }
            if (carrier >= 0) {
                // The carrier turns the direction too, as if its arm reached to the carried point.
                byTwist(jacobian, first + 6 * carrier, -1, reach(at, 0), reach(at, 1), reach(at, 2));
            }
        }
    }

    private double reach(Configuration at, int axis) {
        return atCarried[axis] - at.origin(carrier, axis);
    }

    private void byTwist(double[] jacobian, int at, int sign, double bx, double by, double bz) {
        jacobian[at] = sign * n[0];
        jacobian[at + 1] = sign * n[1];
        jacobian[at + 2] = sign * n[2];
        jacobian[at + 3] = sign * (by * n[2] - bz * n[1]);
        jacobian[at + 4] = sign * (bz * n[0] - bx * n[2]);
        jacobian[at + 5] = sign * (bx * n[1] - by * n[0]);
    }

    /** From n(w_c) . (b(v, w) - o_c - v_c) expanded to the second order. */
    @Override
    public void addCurvature(Configuration at, double[] weights, int row, double[] hessian, int columns) {
        for (int i = 0; i < along.length; i++) {
            locate(at, i);
            double x = weights[row + i] * n[0];
            double y = weights[row + i] * n[1];
            double z = weights[row + i] * n[2];
            Curvature.ofPoint(hessian, columns, carried, atCarried, x, y, z);
            if (carrier < 0) {
                continue;
            }
            int turn = 6 * carrier + 3;
            Curvature.ofTurn(hessian, columns, turn, reach(at, 0), reach(at, 1), reach(at, 2), x, y, z);
            crossed(hessian, columns, turn, 6 * carrier, -1, x, y, z);
            if (carried >= 0) {
                crossed(hessian, columns, turn, 6 * carried, 1, x, y, z);
                turnByTurn(hessian, columns, turn, 6 * carried + 3, x, y, z);
            }
        }
    }

    /** w . (n x v) by the carrier's rotation and a velocity. */
    private static void crossed(
            double[] hessian, int columns, int turn, int move, int sign, double x, double y, double z) {
        Curvature.both(hessian, columns, turn, move + 1, -sign * z);
        Curvature.both(hessian, columns, turn, move + 2, sign * y);
        Curvature.both(hessian, columns, turn + 1, move, sign * z);
        Curvature.both(hessian, columns, turn + 1, move + 2, -sign * x);
        Curvature.both(hessian, columns, turn + 2, move, -sign * y);
        Curvature.both(hessian, columns, turn + 2, move + 1, sign * x);
    }

    /** (w_c x n) . (w x arm) by both rotations. */
    private void turnByTurn(double[] hessian, int columns, int turn, int other, double x, double y, double z) {
        double along = x * atCarried[3] + y * atCarried[4] + z * atCarried[5];
        for (int p = 0; p < 3; p++) {
            double component = p == 0 ? x : p == 1 ? y : z;
            for (int q = 0; q < 3; q++) {
                double value = (p == q ? along : 0) - atCarried[3 + q] * component;
                Curvature.both(hessian, columns, turn + q, other + p, value);
            }
        }
    }
}
