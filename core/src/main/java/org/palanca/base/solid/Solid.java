package org.palanca.base.solid;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * A shape in the frame of its body: convex pieces in a tree of balls, so that most of them need not be looked at. Immutable.
 */
public final class Solid {
    private static final List<ToDoubleFunction<Convex>> AXES = List.of(
            piece -> piece.middle().getX(),
            piece -> piece.middle().getY(),
            piece -> piece.middle().getZ());

    private final Node root;
    private final int pieces;
    private final List<Vector3D[]> skin;
    private final @Nullable Convex cover;

    private Solid(List<Convex> all, List<Vector3D[]> skin, @Nullable Convex cover) {
        root = tree(new ArrayList<>(all));
        pieces = all.size();
        this.skin = List.copyOf(skin);
        this.cover = cover;
    }

    /**
     * A shape of pieces.
     *
     * @throws IllegalArgumentException when there are none
     */
    public static Solid of(List<Convex> pieces) {
        return new Solid(pieces, List.of(), pieces.size() == 1 ? pieces.get(0) : null);
    }

    /**
     * A shape of pieces that all lie within a convex one: what is far enough from that need not be looked at piece by piece.
     *
     * @throws IllegalArgumentException when there are none
     */
    public static Solid within(Convex cover, List<Convex> pieces) {
        return new Solid(pieces, List.of(), cover);
    }

    /**
     * A shape whose skin is a closed mesh: what is inside it without touching it is found by counting skins on the way out.
     *
     * @param triangles three corners each [m]
     * @param off how far the skin may be off the real one, which makes it so much thicker [m]
     */
    public static Solid closedMesh(List<Vector3D[]> triangles, double off) {
        return new Solid(mesh(triangles, off), triangles, null);
    }

    /** A shape of triangles that need not close. */
    public static Solid openMesh(List<Vector3D[]> triangles, double off) {
        return new Solid(mesh(triangles, off), List.of(), null);
    }

    private static List<Convex> mesh(List<Vector3D[]> triangles, double off) {
        return triangles.stream()
                .map(corners -> Convex.hull(List.of(corners), off))
                .toList();
    }

    /** How many pieces it has. */
    public int pieces() {
        return pieces;
    }

    Node root() {
        return root;
    }

    /** A convex piece that holds all of it, or null where none is known. */
    @Nullable
    Convex cover() {
        return cover;
    }

    /** Middle of a ball that holds it [m], body frame. */
    public Vector3D middle() {
        return new Vector3D(root.x, root.y, root.z);
    }

    /** Radius of that ball [m]. */
    public double reach() {
        return root.reach;
    }

    /** Whether a place [m, body frame] lies within its closed skin; false where it has none. */
    boolean holds(Vector3D place) {
        if (skin.isEmpty() || Vector3D.distance(place, middle()) > reach()) {
            return false;
        }
        // A slanting way out, so that it does not run along edges of parts that are square.
        Vector3D way = new Vector3D(0.5377, 0.2683, 0.7993);
        int crossed = 0;
        for (Vector3D[] t : skin) {
            if (crosses(place, way, t)) {
                crossed++;
            }
        }
        return crossed % 2 == 1;
    }

    /** Moeller and Trumbore's test (1997). */
    private static boolean crosses(Vector3D from, Vector3D way, Vector3D[] t) {
        Vector3D e1 = t[1].subtract(t[0]);
        Vector3D e2 = t[2].subtract(t[0]);
        Vector3D p = Vector3D.crossProduct(way, e2);
        double det = e1.dotProduct(p);
        if (Math.abs(det) < 1e-18) {
            return false;
        }
        Vector3D s = from.subtract(t[0]);
        double u = s.dotProduct(p) / det;
        Vector3D q = Vector3D.crossProduct(s, e1);
        double v = way.dotProduct(q) / det;
        return u >= 0 && v >= 0 && u + v <= 1 && e2.dotProduct(q) / det > 0;
    }

    /** A ball round one piece, or round two smaller balls. */
    static final class Node {
        final double x;
        final double y;
        final double z;
        final double reach;
        /** Null for a ball round two smaller ones; those are the ball itself where it is round a piece. */
        final @Nullable Convex piece;

        final Node one;
        final Node other;

        private Node(Convex piece) {
            this.piece = piece;
            one = this;
            other = this;
            x = piece.middle().getX();
            y = piece.middle().getY();
            z = piece.middle().getZ();
            reach = piece.reach() + piece.radius();
        }

        private Node(Node one, Node other) {
            piece = null;
            this.one = one;
            this.other = other;
            double apart = Math.sqrt((one.x - other.x) * (one.x - other.x)
                    + (one.y - other.y) * (one.y - other.y)
                    + (one.z - other.z) * (one.z - other.z));
            Node larger = one.reach >= other.reach ? one : other;
            Node smaller = larger == one ? other : one;
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
    }

    private static Node tree(List<Convex> pieces) {
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("a solid needs a piece");
        }
        if (pieces.size() == 1) {
            return new Node(pieces.get(0));
        }
        ToDoubleFunction<Convex> longest = null;
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
        return new Node(
                tree(new ArrayList<>(pieces.subList(0, half))),
                tree(new ArrayList<>(pieces.subList(half, pieces.size()))));
    }
}
