package org.palanca.mechanism.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** Steps kept against Broyden's matrix itself, updated and inverted by a library for general use (Hipparchus). */
class BroydenStepsTest {
    private static final int SIZE = 5;
    private static final int STEPS = 9;
    private static final int TAKEN = 7;

    /** Discretised x'' = exp(x), with x = 0 at both ends. */
    private static RealVector residual(RealVector x) {
        RealVector f = new ArrayRealVector(SIZE);
        for (int i = 0; i < SIZE; i++) {
            double before = i == 0 ? 0 : x.getEntry(i - 1);
            double after = i == SIZE - 1 ? 0 : x.getEntry(i + 1);
            f.setEntry(i, before - 2 * x.getEntry(i) + after - 0.3 * Math.exp(x.getEntry(i)));
        }
        return f;
    }

    /** Of the straight part alone: factors that are a good way off. */
    private static RealMatrix start() {
        RealMatrix matrix = new Array2DRowRealMatrix(SIZE, SIZE);
        for (int i = 0; i < SIZE; i++) {
            matrix.setEntry(i, i, -2);
            if (i > 0) {
                matrix.setEntry(i, i - 1, 1);
                matrix.setEntry(i - 1, i, 1);
            }
        }
        return matrix;
    }

    private static RealVector step(RealMatrix matrix, RealVector residual) {
        return new LUDecomposition(matrix).getSolver().solve(residual.mapMultiply(-1));
    }

    @Test
    void theStepsAreThoseOfTheUpdatedMatrix() {
        BroydenSteps steps = new BroydenSteps(SIZE, STEPS);
        RealVector x = new ArrayRealVector(SIZE);
        RealMatrix updated = start();
        for (int run = 0; run < 2; run++) {
            // Begun anew, nothing of the run before may be left.
            steps.begin();
            x = new ArrayRealVector(SIZE);
            updated = start();
            for (int i = 0; i < TAKEN; i++) {
                double[] step = step(start(), residual(x)).toArray();
                assertThat(steps.better(step)).isTrue();
                RealVector expected = step(updated, residual(x));
                for (int k = 0; k < SIZE; k++) {
                    assertThat(step[k]).as("step %d", i).isCloseTo(expected.getEntry(k), within(1e-12));
                }
                RealVector next = x.add(expected);
                RealVector change = residual(next).subtract(residual(x));
                RealVector off = change.subtract(updated.operate(expected));
                updated = updated.add(off.outerProduct(expected).scalarMultiply(1 / expected.dotProduct(expected)));
                x = next;
            }
        }
        RealVector old = new ArrayRealVector(SIZE);
        for (int i = 0; i < TAKEN; i++) {
            old = old.add(step(start(), residual(old)));
        }
        assertThat(residual(old).getNorm())
                .as("on old factors alone")
                .isGreaterThan(30 * residual(x).getNorm());
    }

    /** The old factors tell less than a quarter of the change: no step of theirs is made four times as long. */
    @Test
    void whereTheFactorsAreOfNoUseTheirOwnStepIsLeft() {
        BroydenSteps steps = new BroydenSteps(1, 3);
        double[] step = {1};
        assertThat(steps.better(step)).isTrue();
        step[0] = 0.9;
        assertThat(steps.better(step)).isFalse();
        assertThat(step[0]).isEqualTo(0.9);
        steps.begin();
        for (int i = 0; i < 3; i++) {
            step[0] = 1;
            steps.begin();
            assertThat(steps.better(step)).isTrue();
        }
        step[0] = 0;
        steps.begin();
        assertThat(steps.better(step)).as("nothing left to go").isFalse();
    }
}
