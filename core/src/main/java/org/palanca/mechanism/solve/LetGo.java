package org.palanca.mechanism.solve;

import java.util.OptionalDouble;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * One member or driver let go while all others hold: walks along the motions that the others leave free, downhill in the
 * let-go one's gap, back onto the others' equations after each step, with steps that shrink when they do not help.
 */
final class LetGo {
    private static final double OTHERS_CLOSED = 1e-9;
    private static final double FIRST_STEP = 0.05;
    private static final double SHORTEST_STEP = 1e-8;
    private static final double FLAT = 1e-7;
    private static final int MOST_STEPS = 300;
    private static final int MOST_CORRECTIONS = 25;
    private static final double LONGEST_CORRECTION = 0.3;

    private final Mechanism mechanism;
    private final Linearisation equations;
    private final int letGo;

    LetGo(Mechanism mechanism, int letGo) {
        this.mechanism = mechanism;
        this.letGo = letGo;
        equations = new Linearisation(mechanism);
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
        for (int i = 0; i < MOST_STEPS && step > SHORTEST_STEP && gap > OTHERS_CLOSED; i++) {
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
        for (int i = 0; i < MOST_CORRECTIONS; i++) {
            equations.at(configuration);
            RealVector residual = new ArrayRealVector(othersRows());
            RealMatrix jacobian = others(residual);
            if (residual.getLInfNorm() < OTHERS_CLOSED) {
                return true;
            }
            RealVector step =
                    new SingularValueDecomposition(jacobian).getSolver().solve(residual.mapMultiply(-1));
            double longest = step.getLInfNorm();
            configuration.apply(step.toArray(), longest > LONGEST_CORRECTION ? LONGEST_CORRECTION / longest : 1);
        }
        return false;
    }

    private int othersRows() {
        return equations.rows - equations.equations(letGo);
    }

    private RealMatrix others(RealVector residual) {
        RealMatrix jacobian = new Array2DRowRealMatrix(othersRows(), equations.columns);
        int row = 0;
        for (int i = 0; i < equations.rows; i++) {
            if (own(i)) {
                continue;
            }
            residual.setEntry(row, equations.residual[i]);
            for (int j = 0; j < equations.columns; j++) {
                jacobian.setEntry(row, j, equations.jacobian[i * equations.columns + j]);
            }
            row++;
        }
        return jacobian;
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
        RealMatrix jacobian = others(new ArrayRealVector(othersRows()));
        RealVector held = new SingularValueDecomposition(jacobian).getSolver().solve(jacobian.operate(gradient));
        return held.subtract(gradient);
    }
}
