package org.palanca.base.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.jspecify.annotations.Nullable;

/**
 * What holds some pieces of a solid, and the two halves of them that smaller ones hold: a ball, which is asked at once, and
 * round many pieces also a box that lies as they do, which is dearer to ask but holds a thin or slanting patch far closer
 * (Gottschalk, Lin and Manocha, 1996). Immutable.
 */
final class BoundingVolume {
    /** Fewer pieces than this are not worth a box. */
    private static final int MANY = 8;

    private static final List<ToDoubleFunction<Convex>> AXES = List.of(
            piece -> piece.middle().getX(),
            piece -> piece.middle().getY(),
            piece -> piece.middle().getZ());

    private static final List<Vector3D> SQUARE = List.of(Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K);

    /** Middle of the ball [m], body frame. */
    final double x;

    final double y;
    final double z;

    /** Radius of the ball [m]. */
    final double reach;

    /** The piece where there is one only. */
    final @Nullable Convex piece;

    /** Holds all of the pieces; null where the ball must do. */
    final @Nullable Convex cover;

    /** One half of the pieces; itself where there is one only. */
    final BoundingVolume one;

    /** The other half. */
    final BoundingVolume other;

    private BoundingVolume(Convex piece) {
        this.piece = piece;
        cover = piece;
        one = this;
        other = this;
        x = piece.middle().getX();
        y = piece.middle().getY();
        z = piece.middle().getZ();
        reach = piece.reach() + piece.radius();
    }

    private BoundingVolume(BoundingVolume one, BoundingVolume other, @Nullable Convex cover) {
        piece = null;
        this.cover = cover;
        this.one = one;
        this.other = other;
        double apart = Math.sqrt((one.x - other.x) * (one.x - other.x)
                + (one.y - other.y) * (one.y - other.y)
                + (one.z - other.z) * (one.z - other.z));
        BoundingVolume larger = one.reach >= other.reach ? one : other;
        BoundingVolume smaller = larger == one ? other : one;
        if (apart + smaller.reach <= larger.reach) {
            x = larger.x;
            y = larger.y;
            z = larger.z;
            reach = larger.reach;
        } else {
            reach = (apart + one.reach + other.reach) / 2;
            double part = (reach - one.reach) / apart;
            x = one.x + part * (other.x - one.x);
            y = one.y + part * (other.y - one.y);
            z = one.z + part * (other.z - one.z);
        }
    }

    /**
     * The tree of some pieces.
     *
     * @param cover a convex shape known to hold all of them; null where none is
     * @throws IllegalArgumentException when there are none
     */
    static BoundingVolume of(List<Convex> pieces, @Nullable Convex cover) {
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("a solid needs a piece");
        }
        return tree(new ArrayList<>(pieces), cover);
    }

    private static BoundingVolume tree(List<Convex> pieces, @Nullable Convex cover) {
        if (pieces.size() == 1) {
            return new BoundingVolume(pieces.get(0));
        }
        ToDoubleFunction<Convex> longest = AXES.get(0);
        double most = Double.NEGATIVE_INFINITY;
        for (ToDoubleFunction<Convex> axis : AXES) {
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (Convex piece : pieces) {
                double at = axis.applyAsDouble(piece);
                low = Math.min(low, at);
                high = Math.max(high, at);
            }
            if (high - low > most) {
                most = high - low;
                longest = axis;
            }
        }
        pieces.sort(Comparator.comparingDouble(longest));
        int half = pieces.size() / 2;
        return new BoundingVolume(
                tree(pieces.subList(0, half), null),
                tree(pieces.subList(half, pieces.size()), null),
                cover == null && pieces.size() >= MANY ? box(pieces) : cover);
    }

    /** The smaller of a box along the axes of the body and one along the principal axes of where the pieces lie. */
    private static Convex box(List<Convex> pieces) {
        Extent square = Extent.of(pieces, SQUARE);
        Extent lying = Extent.of(pieces, principal(pieces));
        return (lying.surface() < square.surface() ? lying : square).box();
    }

    private static List<Vector3D> principal(List<Convex> pieces) {
        Vector3D mean = Vector3D.ZERO;
        for (Convex piece : pieces) {
            mean = mean.add(1.0 / pieces.size(), piece.middle());
        }
        double[][] spread = new double[3][3];
        for (Convex piece : pieces) {
            double[] off = piece.middle().subtract(mean).toArray();
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    spread[i][j] += off[i] * off[j];
                }
            }
        }
        EigenDecompositionSymmetric axes = new EigenDecompositionSymmetric(new Array2DRowRealMatrix(spread, false));
        Vector3D first = new Vector3D(axes.getEigenvector(0).toArray()).normalize();
        Vector3D second = new Vector3D(axes.getEigenvector(1).toArray()).normalize();
        return List.of(first, second, Vector3D.crossProduct(first, second));
    }

    /** From where to where pieces reach along three directions that are square to one another [m]. */
    private record Extent(List<Vector3D> axes, double[] low, double[] high) {
        static Extent of(List<Convex> pieces, List<Vector3D> axes) {
            double[] low = new double[3];
            double[] high = new double[3];
            double[] at = new double[3];
            for (int k = 0; k < 3; k++) {
                Vector3D axis = axes.get(k);
                low[k] = Double.POSITIVE_INFINITY;
                high[k] = Double.NEGATIVE_INFINITY;
                for (Convex piece : pieces) {
                    piece.support(-axis.getX(), -axis.getY(), -axis.getZ(), at);
                    low[k] = Math.min(low[k], axis.dotProduct(new Vector3D(at)) - piece.radius());
                    piece.support(axis.getX(), axis.getY(), axis.getZ(), at);
                    high[k] = Math.max(high[k], axis.dotProduct(new Vector3D(at)) + piece.radius());
                }
            }
            return new Extent(axes, low, high);
        }

        /** Half of the surface of the box [m2]. */
        double surface() {
            double a = high[0] - low[0];
            double b = high[1] - low[1];
            double c = high[2] - low[2];
            return a * b + b * c + c * a;
        }

        Convex box() {
            List<Vector3D> corners = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                corners.add(new Vector3D(
                        (i & 1) == 0 ? low[0] : high[0],
                        axes.get(0),
                        (i & 2) == 0 ? low[1] : high[1],
                        axes.get(1),
                        (i & 4) == 0 ? low[2] : high[2],
                        axes.get(2)));
            }
            return Convex.hull(corners, 0);
        }
    }
}
