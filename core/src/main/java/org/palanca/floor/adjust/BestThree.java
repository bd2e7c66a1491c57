package org.palanca.floor.adjust;

import java.util.List;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * The three readings of many that hold a place best. A reading of standard deviation s along the direction u adds u u' / s^2 to
 * the normal matrix of the place, and the three are taken whose inverse has the least trace.
 */
public final class BestThree {
    private BestThree() {}

    /**
     * The places of the three in a list; empty where no three hold the place, as when all lie on one line with it.
     *
     * @param normals what each reading adds to the normal matrix [1/m2]
     * @param given what is read in any case
     */
    public static List<Integer> of(List<RealMatrix> normals, RealMatrix given) {
        List<Integer> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < normals.size(); i++) {
            for (int j = i + 1; j < normals.size(); j++) {
                RealMatrix two = given.add(normals.get(i)).add(normals.get(j));
                for (int k = j + 1; k < normals.size(); k++) {
                    double variance = variance(two.add(normals.get(k)));
                    if (variance < least) {
                        least = variance;
                        best = List.of(i, j, k);
                    }
                }
            }
        }
        return best;
    }

    /** Sum of the three variances of a place [m2] by its normal matrix; infinite where a direction is not held. */
    public static double variance(RealMatrix normal) {
        DecompositionSolver solver = new LUDecomposition(normal).getSolver();
        return solver.isNonSingular() ? solver.getInverse().getTrace() : Double.POSITIVE_INFINITY;
    }
}
