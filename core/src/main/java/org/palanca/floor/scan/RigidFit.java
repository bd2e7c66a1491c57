package org.palanca.floor.scan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.base.geometry.RigidMotion;

/**
 * The turn and shift that lay points over others with the least sum of squared distances: the singular value solution of
 * the matrix of both (Kabsch, Acta Crystallographica A32, 1976, from memory).
 *
 * @param motion about the middle of the points that are moved
 * @param misfit root of the mean squared distance left [m]
 */
public record RigidFit(RigidMotion motion, double misfit) {
    private static final int LEAST = 3;

    /** Points on a line don't fix the turn: second singular value against the first. */
    private static final double ON_A_LINE = 1e-6;

    /** How far the product of two orthogonal matrices may be from one. */
    private static final double ORTHOGONAL = 1e-9;

    /** Lays {@code points} over {@code places}, pair by pair; empty for fewer than three pairs or for pairs on one line. */
    public static Optional<RigidFit> of(List<Vector3D> points, List<Vector3D> places) {
        if (points.size() != places.size()) {
            throw new IllegalArgumentException(points.size() + " points, but " + places.size() + " places");
        }
        if (points.size() < LEAST) {
            return Optional.empty();
        }
        Vector3D from = middle(points);
        Vector3D to = middle(places);
        RealMatrix both = new Array2DRowRealMatrix(3, 3);
        for (int i = 0; i < points.size(); i++) {
            RealMatrix p = MatrixUtils.createColumnRealMatrix(
                    points.get(i).subtract(from).toArray());
            RealMatrix q =
                    MatrixUtils.createRowRealMatrix(places.get(i).subtract(to).toArray());
            both = both.add(p.multiply(q));
        }
        SingularValueDecomposition svd = new SingularValueDecomposition(both);
        double[] values = svd.getSingularValues();
        if (values[1] < ON_A_LINE * values[0] || values[0] == 0) {
            return Optional.empty();
        }
        RealMatrix turn = svd.getV().multiply(svd.getUT());
        if (new LUDecomposition(turn).getDeterminant() < 0) {
            RealMatrix mirror = MatrixUtils.createRealDiagonalMatrix(new double[] {1, 1, -1});
            turn = svd.getV().multiply(mirror).multiply(svd.getUT());
        }
        RigidMotion motion = new RigidMotion(new Rotation(turn.getData(), ORTHOGONAL), from, to);
        double square = 0;
        for (int i = 0; i < points.size(); i++) {
            square += motion.apply(points.get(i)).distanceSq(places.get(i));
        }
        return Optional.of(new RigidFit(motion, Math.sqrt(square / points.size())));
    }

    private static Vector3D middle(List<Vector3D> points) {
        Vector3D sum = Vector3D.ZERO;
        for (Vector3D point : points) {
            sum = sum.add(point);
        }
        return sum.scalarMultiply(1.0 / points.size());
    }

    /** All points moved. */
    public List<ScanPoint> apply(List<ScanPoint> points) {
        List<ScanPoint> moved = new ArrayList<>(points.size());
        points.forEach(point -> moved.add(new ScanPoint(point.name(), motion.apply(point.place()))));
        return moved;
    }
}
