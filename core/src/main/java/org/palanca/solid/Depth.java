package org.palanca.solid;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How deep two convex cores are in one another, by the expanding polytope algorithm (van den Bergen 2003, section 4.3.8, from
 * memory): the shortest way on which one has to be drawn out. Used only where cores share room, so it may allocate.
 */
final class Depth {
    private static final int MOST_STEPS = 80;
    private static final double GOOD = 1e-9;

    private final Convex one;
    private final Place onePlace;
    private final Convex other;
    private final Place otherPlace;
    private final double[] a = new double[3];
    private final double[] b = new double[3];

    private Depth(Convex one, Place onePlace, Convex other, Place otherPlace) {
        this.one = one;
        this.onePlace = onePlace;
        this.other = other;
        this.otherPlace = otherPlace;
    }

    /** A triangle of the polytope, its normal outward and its distance from the origin. */
    private record Face(Vector3D p, Vector3D q, Vector3D r, Vector3D normal, double distance) {
        static Face of(Vector3D p, Vector3D q, Vector3D r) {
            Vector3D across = Vector3D.crossProduct(q.subtract(p), r.subtract(p));
            double size = across.getNorm();
            if (size < 1e-18) {
                return null;
            }
            Vector3D normal = across.scalarMultiply(1 / size);
            double distance = normal.dotProduct(p);
            // Outward is away from the origin, which the polytope holds.
            return distance < 0 ? new Face(p, r, q, normal.negate(), -distance) : new Face(p, q, r, normal, distance);
        }
    }

    /**
     * The way out [m]: of the first core, so that both just touch; zero where they only touch already.
     *
     * @param corners of the tetrahedron that GJK ended with
     */
    static Vector3D of(Convex one, Place onePlace, Convex other, Place otherPlace, double[][] corners) {
        if (corners.length < 4) {
            return Vector3D.ZERO;
        }
        return new Depth(one, onePlace, other, otherPlace).expand(corners);
    }

    private Vector3D expand(double[][] corners) {
        Vector3D[] v = new Vector3D[4];
        for (int i = 0; i < 4; i++) {
            v[i] = new Vector3D(corners[i]);
        }
        List<Face> faces = new ArrayList<>();
        for (int[] three : new int[][] {{0, 1, 2}, {0, 2, 3}, {0, 1, 3}, {1, 2, 3}}) {
            Face face = Face.of(v[three[0]], v[three[1]], v[three[2]]);
            if (face == null) {
                return Vector3D.ZERO;
            }
            faces.add(face);
        }
        Face nearest = faces.get(0);
        for (int step = 0; step < MOST_STEPS; step++) {
            nearest = faces.get(0);
            for (Face face : faces) {
                if (face.distance() < nearest.distance()) {
                    nearest = face;
                }
            }
            Vector3D far = support(nearest.normal());
            if (far.dotProduct(nearest.normal()) - nearest.distance() < GOOD || !grow(faces, far)) {
                break;
            }
        }
        return nearest.normal().scalarMultiply(-nearest.distance());
    }

    /** Puts a corner on: faces it can see go, and their rim is joined to it. */
    private static boolean grow(List<Face> faces, Vector3D far) {
        List<Vector3D[]> rim = new ArrayList<>();
        for (Iterator<Face> all = faces.iterator(); all.hasNext(); ) {
            Face face = all.next();
            if (face.normal().dotProduct(far.subtract(face.p())) > 1e-12) {
                all.remove();
                edge(rim, face.p(), face.q());
                edge(rim, face.q(), face.r());
                edge(rim, face.r(), face.p());
            }
        }
        for (Vector3D[] edge : rim) {
            Face face = Face.of(edge[0], edge[1], far);
            if (face != null) {
                faces.add(face);
            }
        }
        return !rim.isEmpty() && !faces.isEmpty();
    }

    /** An edge that two removed faces share is inside and goes. */
    private static void edge(List<Vector3D[]> rim, Vector3D from, Vector3D to) {
        boolean shared = rim.removeIf(edge -> edge[0] == to && edge[1] == from);
        if (!shared) {
            rim.add(new Vector3D[] {from, to});
        }
    }

    private Vector3D support(Vector3D n) {
        onePlace.support(one, n.getX(), n.getY(), n.getZ(), a);
        otherPlace.support(other, -n.getX(), -n.getY(), -n.getZ(), b);
        return new Vector3D(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
    }
}
