package org.palanca.mechanism.solve;

import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * One member or driver let go while all others hold: walks along the motions that the others leave free, downhill in the
 * let-go one's gap, back onto the others' equations after each step, with steps that shrink when they do not help.
 */
final class MemberRelease {
    private static final double OTHERS_CLOSED = 1e-9;
    private static final double FIRST_STEP = 0.05;
    private static final double SHORTEST_STEP = 1e-8;
    private static final double FLAT = 1e-7;

    /** Added to each row's square [m/m]: equations that repeat others then share instead of dividing by nothing. */
    private static final double RIDGE = 1e-11;

    /** Steps for one body; more bodies get fewer, so that an answer comes while a hand is still on the mouse. */
    private static final int MOST_STEPS = 300;

    private static final int FEWEST_STEPS = 60;
    private static final int MOST_CORRECTIONS = 25;
    private static final double LONGEST_CORRECTION = 0.3;

    private final Mechanism mechanism;
    private final Linearisation equations;
    private final int letGo;
    private final int mostSteps;
    private final int[] others;
    private final LuFactors factors;
    private final double[] gram;
    private final double[] right;
    private final double[] weights;

    MemberRelease(Mechanism mechanism, int letGo) {
        this.mechanism = mechanism;
        this.letGo = letGo;
        equations = new Linearisation(mechanism);
        mostSteps = Math.max(FEWEST_STEPS, MOST_STEPS / mechanism.bodies().size());
        others = IntStream.range(0, equations.rows).filter(row -> !own(row)).toArray();
        factors = new LuFactors(others.length);
        gram = new double[others.length * others.length];
        right = new double[others.length];
        weights = new double[others.length];
    }

    /** The signed gap that is left at best, or empty when the others do not close either. */
    OptionalDouble leastGap(Configuration from, double[] drivers) {
        Configuration present = mechanism.atDesign();
        present.set(from);
        for (int d = 0; d < drivers.length; d++) {
            present.setDriver(d, drivers[d]);
        }
        if (!closeOthers(present)) {
            return OptionalDouble.empty();
        }
        Configuration trial = present.copy();
        double gap = gap();
        double step = FIRST_STEP;
        for (int i = 0; i < mostSteps && step > SHORTEST_STEP && gap > OTHERS_CLOSED; i++) {
            equations.at(present);
            RealVector downhill = downhill();
            double slope = downhill.getNorm();
            if (slope < FLAT) {
                break;
            }
            double length = Math.min(step, gap / slope);
            trial.set(present);
            trial.apply(downhill.mapMultiply(length / slope).toArray(), 1);
            if (closeOthers(trial) && gap() < gap) {
                gap = gap();
                present.set(trial);
                step *= 1.5;
            } else {
                step /= 3;
            }
        }
        equations.at(present);
        return OptionalDouble.of(signedGap());
    }

    private boolean own(int row) {
        int first = equations.firstRow(letGo);
        return row >= first && row < first + equations.equations(letGo);
    }

    private double gap() {
        double sum = 0;
        for (int i = 0; i < equations.rows; i++) {
            sum += own(i) ? equations.residual[i] * equations.residual[i] : 0;
        }
        return Math.sqrt(sum);
    }

    private double signedGap() {
        boolean single = equations.equations(letGo) == 1;
        return single ? equations.residual[equations.firstRow(letGo)] : gap();
    }

    /** Shortest corrections until the others hold; false when they cannot. */
    private boolean closeOthers(Configuration configuration) {
        double[] step = new double[equations.columns];
        for (int i = 0; i < MOST_CORRECTIONS; i++) {
            equations.at(configuration);
            double largest = 0;
            for (int k = 0; k < others.length; k++) {
                right[k] = -equations.residual[others[k]];
                largest = Math.max(largest, Math.abs(right[k]));
            }
            if (largest < OTHERS_CLOSED) {
                return true;
            }
            if (!(largest < Double.POSITIVE_INFINITY) || !factorGram()) {
                return false;
            }
            leastNorm(step);
            double longest = 0;
            for (double part : step) {
                longest = Math.max(longest, Math.abs(part));
            }
            configuration.apply(step, longest > LONGEST_CORRECTION ? LONGEST_CORRECTION / longest : 1);
        }
        return false;
    }

    /** Products of the others' rows with one another; what repeats is kept from dividing by nothing. */
    private boolean factorGram() {
        int n = equations.columns;
        for (int a = 0; a < others.length; a++) {
            for (int b = 0; b <= a; b++) {
                double sum = a == b ? RIDGE : 0;
                for (int j = 0; j < n; j++) {
                    sum += equations.jacobian[others[a] * n + j] * equations.jacobian[others[b] * n + j];
                }
                gram[a * others.length + b] = sum;
                gram[b * others.length + a] = sum;
            }
        }
        return factors.factor(gram, 0);
    }

    /** The shortest step that changes the others' equations by {@link #right}. */
    private void leastNorm(double[] step) {
        factors.solve(right, weights);
        Arrays.fill(step, 0);
        for (int k = 0; k < others.length; k++) {
            for (int j = 0; j < equations.columns; j++) {
                step[j] += weights[k] * equations.jacobian[others[k] * equations.columns + j];
            }
        }
    }

    /** The way the gap shrinks fastest among the motions that the others allow. */
    private RealVector downhill() {
        double gap = Math.max(gap(), 1e-300);
        RealVector gradient = new ArrayRealVector(equations.columns);
        for (int i = 0; i < equations.rows; i++) {
            for (int j = 0; own(i) && j < equations.columns; j++) {
                gradient.addToEntry(j, equations.residual[i] / gap * equations.jacobian[i * equations.columns + j]);
            }
        }
        for (int k = 0; k < others.length; k++) {
            right[k] = 0;
            for (int j = 0; j < equations.columns; j++) {
                right[k] += equations.jacobian[others[k] * equations.columns + j] * gradient.getEntry(j);
            }
        }
        double[] held = new double[equations.columns];
        if (factorGram()) {
            leastNorm(held);
        }
        return new ArrayRealVector(held).subtract(gradient);
    }
}
