package org.palanca.mechanism;

/** Sets how far a point has risen against the chassis since the design pose: wheel travel. */
public record HeightDriver(String name, BodyPoint point) implements Driver {
    @Override
    public Constraint bind(Mechanism mechanism, int index) {
        return new HeightConstraint(
                mechanism.bodyIndex(point.body()),
                mechanism.local(point),
                point.atDesign().getZ(),
                index);
    }

    private static final class HeightConstraint implements Constraint {
        private final int body;
        private final double[] local;
        private final double heightAtDesign;
        private final int driver;
        private final double[] at = new double[6];

        HeightConstraint(int body, double[] local, double heightAtDesign, int driver) {
            this.body = body;
            this.local = local;
            this.heightAtDesign = heightAtDesign;
            this.driver = driver;
        }

        @Override
        public int equations() {
            return 1;
        }

        @Override
        public void residuals(Configuration where, double[] residual, int row) {
            where.locate(body, local, at);
            residual[row] = at[2] - heightAtDesign - where.driver(driver);
        }

        @Override
        public void linearise(Configuration where, double[] residual, double[] jacobian, int row, int columns) {
            where.locate(body, local, at);
            residual[row] = at[2] - heightAtDesign - where.driver(driver);
            int first = row * columns + 6 * body;
            jacobian[first + 2] = 1;
            jacobian[first + 3] = at[4];
            jacobian[first + 4] = -at[3];
        }

        @Override
        public void addCurvature(Configuration where, double[] weights, int row, double[] hessian, int columns) {
            where.locate(body, local, at);
            Curvature.ofPoint(hessian, columns, body, at, 0, 0, weights[row]);
        }
    }
}
