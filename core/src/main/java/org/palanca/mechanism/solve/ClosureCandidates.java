package org.palanca.mechanism.solve;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Which members and drivers to look at when a mechanism does not close. Of a small one all; of a large one those that
 * are farthest off where all equations are met as well as they can be together (damped least squares).
 */
final class ClosureCandidates {
    private static final int ALL_OF = 9;
    private static final int MOST = 8;
    private static final int STEPS = 25;
    private static final double DAMPING = 1e-6;
    private static final double LONGEST = 0.2;

    private ClosureCandidates() {}

    /** Places in the list of members, drivers counted on after them; likeliest first. */
    static List<Integer> of(Mechanism mechanism, Configuration from, double[] drivers) {
        int count = mechanism.members().size() + mechanism.drivers().size();
        if (count <= ALL_OF) {
            return IntStream.range(0, count).boxed().toList();
        }
        Linearisation equations = new Linearisation(mechanism);
        Configuration nearest = nearest(equations, from, drivers);
        equations.residualsAt(nearest);
        return IntStream.range(0, count)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -off(equations, i)))
                .limit(MOST)
                .toList();
    }

    private static double off(Linearisation equations, int i) {
        double sum = 0;
        for (int row = 0; row < equations.equations(i); row++) {
            double residual = equations.residual[equations.firstRow(i) + row];
            sum += residual * residual;
        }
        return sum;
    }

    private static Configuration nearest(Linearisation equations, Configuration from, double[] drivers) {
        Configuration at = from.copy();
        for (int d = 0; d < drivers.length; d++) {
            at.setDriver(d, drivers[d]);
        }
        int n = equations.columns;
        LuFactors factors = new LuFactors(n);
        double[] normal = new double[n * n];
        double[] right = new double[n];
        double[] step = new double[n];
        for (int i = 0; i < STEPS; i++) {
            equations.at(at);
            Arrays.fill(normal, 0);
            Arrays.fill(right, 0);
            for (int row = 0; row < equations.rows; row++) {
                for (int a = 0; a < n; a++) {
                    double entry = equations.jacobian[row * n + a];
                    right[a] -= entry * equations.residual[row];
                    for (int b = 0; b < n && entry != 0; b++) {
                        normal[a * n + b] += entry * equations.jacobian[row * n + b];
                    }
                }
            }
            for (int a = 0; a < n; a++) {
                normal[a * n + a] += DAMPING;
            }
            if (!factors.factor(normal, 0)) {
                return at;
            }
            factors.solve(right, step);
            double longest = Arrays.stream(step).map(Math::abs).max().orElse(0);
            at.apply(step, longest > LONGEST ? LONGEST / longest : 1);
        }
        return at;
    }
}
