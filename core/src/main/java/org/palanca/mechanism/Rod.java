package org.palanca.mechanism;

import java.util.Arrays;

/**
 * A bar with a ball at each end: a constant distance between two points.
 *
 * @param length centre to centre [m]
 */
public record Rod(String name, BodyPoint a, BodyPoint b, double length) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        return new RodConstraint(
                mechanism.bodyIndex(a.body()),
                mechanism.local(a),
                mechanism.bodyIndex(b.body()),
                mechanism.local(b),
                length);
    }

    private static final class RodConstraint implements Constraint {
        private final int bodyA;
        private final int bodyB;
        private final double[] localA;
        private final double[] localB;
        private final double length;
        private final double[] atA = new double[6];
        private final double[] atB = new double[6];
        private final double[] way = new double[36];
        private final double[] along = new double[12];

        RodConstraint(int bodyA, double[] localA, int bodyB, double[] localB, double length) {
            this.bodyA = bodyA;
            this.localA = localA;
            this.bodyB = bodyB;
            this.localB = localB;
            this.length = length;
        }

        @Override
        public int equations() {
            return 1;
        }

        @Override
        public void residuals(Configuration at, double[] residual, int row) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            double x = atB[0] - atA[0];
            double y = atB[1] - atA[1];
            double z = atB[2] - atA[2];
            residual[row] = Math.sqrt(x * x + y * y + z * z) - length;
        }

        @Override
        public void linearise(Configuration at, double[] residual, double[] jacobian, int row, int columns) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            double x = atB[0] - atA[0];
            double y = atB[1] - atA[1];
            double z = atB[2] - atA[2];
            double apart = Math.sqrt(x * x + y * y + z * z);
            residual[row] = apart - length;
            double unit = apart == 0 ? 0 : 1 / apart;
            if (bodyA >= 0) {
                along(jacobian, row * columns + 6 * bodyA, atA, -x * unit, -y * unit, -z * unit);
            }
            if (bodyB >= 0) {
                along(jacobian, row * columns + 6 * bodyB, atB, x * unit, y * unit, z * unit);
            }
        }

        @Override
        public void addCurvature(Configuration at, double[] weights, int row, double[] hessian, int columns) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            double x = atB[0] - atA[0];
            double y = atB[1] - atA[1];
            double z = atB[2] - atA[2];
            double apart = Math.sqrt(x * x + y * y + z * z);
            if (apart == 0) {
                return;
            }
            double ux = x / apart;
            double uy = y / apart;
            double uz = z / apart;
            double weight = weights[row];
            Curvature.ofPoint(hessian, columns, bodyB, atB, weight * ux, weight * uy, weight * uz);
            Curvature.ofPoint(hessian, columns, bodyA, atA, -weight * ux, -weight * uy, -weight * uz);
            // What the ends move square to the bar lengthens it in the second order.
            int first = bodyA < 0 ? 6 : 0;
            int end = bodyB < 0 ? 6 : 12;
            if (bodyA >= 0) {
                moved(0, -1, atA);
            }
            if (bodyB >= 0) {
                moved(6, 1, atB);
            }
            for (int i = first; i < end; i++) {
                along[i] = ux * way[3 * i] + uy * way[3 * i + 1] + uz * way[3 * i + 2];
            }
            double times = weight / apart;
            for (int i = first; i < end; i++) {
                int into = i < 6 ? 6 * bodyA + i : 6 * bodyB + i - 6;
                for (int j = i; j < end; j++) {
                    double square = way[3 * i] * way[3 * j]
                            + way[3 * i + 1] * way[3 * j + 1]
                            + way[3 * i + 2] * way[3 * j + 2]
                            - along[i] * along[j];
                    int column = j < 6 ? 6 * bodyA + j : 6 * bodyB + j - 6;
                    hessian[into * columns + column] += times * square;
                    if (i != j) {
                        hessian[column * columns + into] += times * square;
                    }
                }
            }
        }

        /** How the way from end to end changes by the six unknowns of a body: its translation, then w x arm. */
        private void moved(int from, double sign, double[] at) {
            int w = 3 * from;
            Arrays.fill(way, w, w + 18, 0);
            way[w] = sign;
            way[w + 4] = sign;
            way[w + 8] = sign;
            way[w + 10] = -sign * at[5];
            way[w + 11] = sign * at[4];
            way[w + 12] = sign * at[5];
            way[w + 14] = -sign * at[3];
            way[w + 15] = -sign * at[4];
            way[w + 16] = sign * at[3];
        }

        /** Speed of a point along a direction: direction for translation, arm x direction for rotation. */
        private static void along(double[] jacobian, int at, double[] point, double x, double y, double z) {
            jacobian[at] = x;
            jacobian[at + 1] = y;
            jacobian[at + 2] = z;
            jacobian[at + 3] = point[4] * z - point[5] * y;
            jacobian[at + 4] = point[5] * x - point[3] * z;
            jacobian[at + 5] = point[3] * y - point[4] * x;
        }
    }
}
