package org.palanca.floor.placing;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.palanca.floor.adjust.Adjustment;

/**
 * What several readings say together about the place of one mount. With the directions u as rows of U and S the covariance of
 * the readings, the tapes' own spread and what the marks' places have in common both in it, the place is G times the readings,
 * G = (U' S^-1 U)^-1 U' S^-1: generalised least squares (Aitken 1935, from memory), which is what adjusting the mount together
 * with the whole survey comes to.
 */
final class JointReadings {
    private static final int AXES = 3;

    private final RealMatrix gain;
    private final RealMatrix places;
    private final RealMatrix marks;

    private JointReadings(RealMatrix gain, RealMatrix places, RealMatrix marks) {
        this.gain = gain;
        this.places = places;
        this.marks = marks;
    }

    /** Sets it up; empty where the readings leave a direction free. */
    static Optional<JointReadings> of(Adjustment adjustment, List<Ray> rays) {
        int count = rays.size();
        RealMatrix directions = MatrixUtils.createRealMatrix(count, AXES);
        RealMatrix marks = MatrixUtils.createRealMatrix(count, count);
        RealMatrix all = MatrixUtils.createRealMatrix(count, count);
        for (int i = 0; i < count; i++) {
            directions.setRow(i, rays.get(i).direction().toArray());
            for (int j = 0; j < count; j++) {
                marks.setEntry(i, j, common(adjustment, rays.get(i), rays.get(j)));
                all.setEntry(i, j, marks.getEntry(i, j));
            }
            double spread = rays.get(i).spread();
            all.addToEntry(i, i, spread * spread);
        }
        RealMatrix weighted = new LUDecomposition(all).getSolver().solve(directions);
        DecompositionSolver normal = new LUDecomposition(directions.transpose().multiply(weighted)).getSolver();
        if (!normal.isNonSingular()) {
            return Optional.empty();
        }
        RealMatrix gain = normal.solve(weighted.transpose());
        return Optional.of(new JointReadings(gain, normal.getInverse(), marks));
    }

    /**
     * One way to measure to a mount.
     *
     * @param mark where the tape starts; empty where it is the floor
     * @param direction from there to the mount
     * @param metres the reading with the mount in its place
     * @param spread standard deviation of the instrument [m]
     */
    record Ray(String mark, Vector3D direction, double metres, double spread) {
        /** Standard deviation of the reading, the mark's uncertainty along it included [m]. */
        double deviation(Adjustment adjustment) {
            return mark.isEmpty() ? spread : Math.hypot(spread, adjustment.deviation(mark, direction));
        }
    }

    private static double common(Adjustment adjustment, Ray one, Ray other) {
        return one.mark().isEmpty() || other.mark().isEmpty()
                ? 0
                : adjustment.covariance(one.mark(), one.direction(), other.mark(), other.direction());
    }

    /** Standard deviation of the place [m]: the root of the sum of its three variances, the marks' own uncertainty included. */
    double deviation() {
        return Math.sqrt(places.getTrace());
    }

    /** The part of it that comes from where the marks are, which no care in reading takes away [m]. */
    double uncertaintyOfMarks() {
        return Math.sqrt(
                Math.max(0, gain.multiply(marks).multiply(gain.transpose()).getTrace()));
    }

    /** How far the place is off at most when each reading is off by at most one, in whichever sense [m per m]. */
    double worst() {
        int count = gain.getColumnDimension();
        double worst = 0;
        // The length of the place's error is a convex function of the readings' errors: it is greatest in a corner.
        for (int corner = 0; corner < 1 << count; corner++) {
            double square = 0;
            for (int axis = 0; axis < AXES; axis++) {
                double sum = 0;
                for (int i = 0; i < count; i++) {
                    sum += (corner >> i & 1) == 0 ? gain.getEntry(axis, i) : -gain.getEntry(axis, i);
                }
                square += sum * sum;
            }
            worst = Math.max(worst, square);
        }
        return Math.sqrt(worst);
    }
}
