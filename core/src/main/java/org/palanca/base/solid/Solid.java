package org.palanca.base.solid;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * A shape in the frame of its body: convex pieces in a tree of bounding volumes, so that most of them need not be looked at. Immutable.
 */
public final class Solid {
    private final BoundingVolume root;
    private final int pieces;
    private final List<Vector3D[]> skin;

    private Solid(List<Convex> all, List<Vector3D[]> skin, @Nullable Convex cover) {
        root = BoundingVolume.of(all, cover);
        pieces = all.size();
        this.skin = List.copyOf(skin);
    }

    /**
     * A shape of pieces.
     *
     * @throws IllegalArgumentException when there are none
     */
    public static Solid of(List<Convex> pieces) {
        return new Solid(pieces, List.of(), null);
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

    BoundingVolume root() {
        return root;
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
}
