package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Why a mechanism does not close: for each member and driver in turn, everything else is held and that one is let go;
 * what it then lacks is its gap. The member with the smallest gap is the cheapest to change and comes first.
 *
 * @param gaps one for every member or driver whose change alone would let the rest close, smallest first
 * @param freedoms what is free, loose and blocked at the last pose that closed
 */
public record ClosureDiagnosis(List<Gap> gaps, Freedoms freedoms) {
    /** Weight of the equation that is let go, against 1 for the others. */
    private static final double LET_GO = 1e-3;

    /** The others count as closed within this [m]. */
    private static final double OTHERS_CLOSED = 1e-5;

    private static final int MOST_STEPS = 200;
    private static final double FIRST_DAMPING = 1e-3;
    private static final double LARGEST_DAMPING = 1e9;

    public ClosureDiagnosis {
        gaps = List.copyOf(gaps);
    }

    /**
     * What one member or driver lacks.
     *
     * @param name the member's or driver's name
     * @param driver whether it is a driver: then the pose asked for is out of reach by the amount
     * @param amount for a rod, distance of its ends less its length [m]: positive when the rod is too short; for a
     *     driver, value reached less value asked for
     */
    public record Gap(String name, boolean driver, double amount) {}

    /** Looks for what is in the way of the drivers' values. */
    public static ClosureDiagnosis of(Mechanism mechanism, Configuration from, double[] drivers) {
        List<Gap> gaps = new ArrayList<>();
        int members = mechanism.members().size();
        for (int i = 0; i < members + mechanism.drivers().size(); i++) {
            Configuration trial = mechanism.atDesign();
            trial.set(from);
            for (int d = 0; d < drivers.length; d++) {
                trial.setDriver(d, drivers[d]);
            }
            boolean driver = i >= members;
            String name = driver
                    ? mechanism.drivers().get(i - members).name()
                    : mechanism.members().get(i).name();
            Linearisation equations = new Linearisation(mechanism);
            relax(equations, trial, i);
            if (largestOther(equations, i) < OTHERS_CLOSED) {
                gaps.add(new Gap(name, driver, largestOwn(equations, i)));
            }
        }
        gaps.sort(Comparator.comparingDouble(gap -> Math.abs(gap.amount())));
        return new ClosureDiagnosis(gaps, Freedoms.at(mechanism, from));
    }

    /** Levenberg's damped least squares with one member's equations nearly let go. */
    private static void relax(Linearisation equations, Configuration trial, int letGo) {
        Configuration kept = trial.copy();
        double damping = FIRST_DAMPING;
        equations.at(trial);
        double cost = cost(equations, letGo);
        for (int i = 0; i < MOST_STEPS && damping < LARGEST_DAMPING; i++) {
            equations.at(kept);
            double[] step = dampedStep(equations, letGo, damping);
            trial.set(kept);
            trial.apply(step, 1);
            equations.at(trial);
            double next = cost(equations, letGo);
            if (next < cost) {
                boolean done = cost - next < 1e-14 * cost;
                cost = next;
                kept.set(trial);
                damping /= 5;
                if (done) {
                    break;
                }
            } else {
                damping *= 4;
            }
        }
        equations.at(kept);
    }

    private static double[] dampedStep(Linearisation equations, int letGo, double damping) {
        int n = equations.columns;
        RealMatrix stacked = MatrixUtils.createRealMatrix(equations.rows + n, n);
        RealVector right = MatrixUtils.createRealVector(new double[equations.rows + n]);
        for (int i = 0; i < equations.rows; i++) {
            double weight = weight(equations, letGo, i);
            right.setEntry(i, -weight * equations.residual[i]);
            for (int j = 0; j < n; j++) {
                stacked.setEntry(i, j, weight * equations.jacobian[i * n + j]);
            }
        }
        for (int j = 0; j < n; j++) {
            stacked.setEntry(equations.rows + j, j, Math.sqrt(damping) * LET_GO);
        }
        return new QRDecomposition(stacked).getSolver().solve(right).toArray();
    }

    private static double weight(Linearisation equations, int letGo, int row) {
        return own(equations, letGo, row) ? LET_GO : 1;
    }

    private static boolean own(Linearisation equations, int member, int row) {
        int first = equations.firstRow(member);
        return row >= first && row < first + equations.equations(member);
    }

    private static double cost(Linearisation equations, int letGo) {
        double sum = 0;
        for (int i = 0; i < equations.rows; i++) {
            double part = weight(equations, letGo, i) * equations.residual[i];
            sum += part * part;
        }
        return sum;
    }

    private static double largestOther(Linearisation equations, int letGo) {
        double largest = 0;
        for (int i = 0; i < equations.rows; i++) {
            if (!own(equations, letGo, i)) {
                largest = Math.max(largest, Math.abs(equations.residual[i]));
            }
        }
        return largest;
    }

    private static double largestOwn(Linearisation equations, int letGo) {
        double largest = 0;
        int first = equations.firstRow(letGo);
        for (int i = first; i < first + equations.equations(letGo); i++) {
            if (Math.abs(equations.residual[i]) > Math.abs(largest)) {
                largest = equations.residual[i];
            }
        }
        return largest;
    }
}
