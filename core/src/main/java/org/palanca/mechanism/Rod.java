package org.palanca.mechanism;

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

        /** Speed of a point along a direction: direction for translation, arm x direction for rotation. */
        private static void along(double[] jacobian, int at, double[] point, double x, double y, double z) {
            jacobian[at] += x;
            jacobian[at + 1] += y;
            jacobian[at + 2] += z;
            jacobian[at + 3] += point[4] * z - point[5] * y;
            jacobian[at + 4] += point[5] * x - point[3] * z;
            jacobian[at + 5] += point[3] * y - point[4] * x;
        }
    }
}
