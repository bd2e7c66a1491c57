package org.palanca.mechanism;

/** Two points of two bodies that stay together and leave every rotation free. */
public record BallJoint(String name, BodyPoint a, BodyPoint b) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        return new BallConstraint(
                mechanism.bodyIndex(a.body()), mechanism.local(a), mechanism.bodyIndex(b.body()), mechanism.local(b));
    }

    private static final class BallConstraint implements Constraint {
        private final int bodyA;
        private final int bodyB;
        private final double[] localA;
        private final double[] localB;
        private final double[] atA = new double[6];
        private final double[] atB = new double[6];

        BallConstraint(int bodyA, double[] localA, int bodyB, double[] localB) {
            this.bodyA = bodyA;
            this.localA = localA;
            this.bodyB = bodyB;
            this.localB = localB;
        }

        @Override
        public int equations() {
            return 3;
        }

        @Override
        public void residuals(Configuration at, double[] residual, int row) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            for (int axis = 0; axis < 3; axis++) {
                residual[row + axis] = atB[axis] - atA[axis];
            }
        }

        @Override
        public void linearise(Configuration at, double[] residual, double[] jacobian, int row, int columns) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            for (int axis = 0; axis < 3; axis++) {
                residual[row + axis] = atB[axis] - atA[axis];
                if (bodyA >= 0) {
                    move(jacobian, (row + axis) * columns + 6 * bodyA, atA, axis, -1);
                }
                if (bodyB >= 0) {
                    move(jacobian, (row + axis) * columns + 6 * bodyB, atB, axis, 1);
                }
            }
        }

        @Override
        public void addCurvature(Configuration at, double[] weights, int row, double[] hessian, int columns) {
            at.locate(bodyA, localA, atA);
            at.locate(bodyB, localB, atB);
            double x = weights[row];
            double y = weights[row + 1];
            double z = weights[row + 2];
            Curvature.ofPoint(hessian, columns, bodyB, atB, x, y, z);
            Curvature.ofPoint(hessian, columns, bodyA, atA, -x, -y, -z);
        }

        private static void move(double[] jacobian, int at, double[] point, int axis, int sign) {
            int next = (axis + 1) % 3;
            int last = (axis + 2) % 3;
            jacobian[at + axis] = sign;
            // Component `axis` of w x arm.
            jacobian[at + 3 + next] = sign * point[3 + last];
            jacobian[at + 3 + last] = -sign * point[3 + next];
        }
    }
}
