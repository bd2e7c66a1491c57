package org.palanca.base.solid;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;

/**
 * How deep two convex cores are in one another, by the expanding polytope algorithm (van den Bergen 2003, section 4.3.8, from
 * memory): the shortest way on which one has to be drawn out. Used only where cores share room, so it may allocate.
 */
final class Depth {
    private static final int MOST_STEPS = 80;
    private static final double GOOD = 1e-9;

    /** Nearer than this to a plane or line a corner lies on it [m]. */
    private static final double OFF = 1e-10;

    private final Convex one;
    private final BodyFrame onePlace;
    private final Convex other;
    private final BodyFrame otherPlace;
    private final double[] a = new double[3];
    private final double[] b = new double[3];

    private Depth(Convex one, BodyFrame onePlace, Convex other, BodyFrame otherPlace) {
        this.one = one;
        this.onePlace = onePlace;
        this.other = other;
        this.otherPlace = otherPlace;
    }

    /**
     * A triangle of the polytope, its corners anticlockwise as seen from outside, and its distance from the origin. That may
     * come out as a little less than nothing where the two only just touch: a face is never turned round for it, or its
     * neighbours would no longer run the other way along the edges they share.
     */
    private record Face(Vector3D p, Vector3D q, Vector3D r, Vector3D normal, double distance) {
        /** Null where the corners lie on a line. */
        static @Nullable Face of(Vector3D p, Vector3D q, Vector3D r) {
            Vector3D across = Vector3D.crossProduct(q.subtract(p), r.subtract(p));
            double size = across.getNorm();
            if (size < 1e-18) {
                return null;
            }
            Vector3D normal = across.scalarMultiply(1 / size);
            return new Face(p, q, r, normal, normal.dotProduct(p));
        }

        boolean sees(Vector3D place) {
            return normal.dotProduct(place.subtract(p)) > 1e-12;
        }

        /** The same, turned so that a place inside lies behind it; null where the corners lie on a line. */
        static @Nullable Face outward(Vector3D p, Vector3D q, Vector3D r, Vector3D inside) {
            Face face = of(p, q, r);
            return face == null || face.normal().dotProduct(inside.subtract(p)) <= 0 ? face : of(p, r, q);
        }
    }

    /**
     * The way out [m]: of the first core, so that both just touch; zero where they only touch already.
     *
     * @param corners of the simplex that GJK ended with: a tetrahedron round the origin, or what the origin lies on
     */
    static Vector3D of(Convex one, BodyFrame onePlace, Convex other, BodyFrame otherPlace, double[][] corners) {
        Depth depth = new Depth(one, onePlace, other, otherPlace);
        List<Vector3D> simplex = new ArrayList<>();
        for (double[] corner : corners) {
            simplex.add(new Vector3D(corner));
        }
        return depth.filledOut(simplex) ? depth.expand(simplex) : Vector3D.ZERO;
    }

    /**
     * Makes a tetrahedron of less: things that lie square to one another often have the origin on an edge or a face of what GJK
     * looked at, however deep they are in one another. False where it can't be: a corner on the origin is a place where the
     * two only touch, and what has no thickness any way has no depth.
     */
    private boolean filledOut(List<Vector3D> simplex) {
        if (simplex.size() == 2) {
            Vector3D along = simplex.get(1).subtract(simplex.get(0));
            Vector3D beside = along.orthogonal();
            Vector3D third = Vector3D.crossProduct(along, beside).normalize();
            add(simplex, List.of(beside, third, beside.negate(), third.negate()));
        }
        if (simplex.size() == 3) {
            Vector3D across = Vector3D.crossProduct(
                    simplex.get(1).subtract(simplex.get(0)), simplex.get(2).subtract(simplex.get(0)));
            if (across.getNorm() > 0) {
                Vector3D normal = across.normalize();
                add(simplex, List.of(normal, normal.negate()));
            }
        }
        return simplex.size() == 4;
    }

    /** Adds the corner that lies farthest off in one of some directions, if any lies off at all. */
    private void add(List<Vector3D> simplex, List<Vector3D> ways) {
        Vector3D from = simplex.get(0);
        Vector3D best = null;
        double farthest = OFF;
        for (Vector3D way : ways) {
            Vector3D far = support(way);
            double off = far.subtract(from).dotProduct(way);
            if (off > farthest) {
                farthest = off;
                best = far;
            }
        }
        if (best != null) {
            simplex.add(best);
        }
    }

    private Vector3D expand(List<Vector3D> v) {
        List<Face> faces = new ArrayList<>();
        for (int[] three : new int[][] {{0, 1, 2, 3}, {0, 2, 3, 1}, {0, 1, 3, 2}, {1, 2, 3, 0}}) {
            Face face = Face.outward(v.get(three[0]), v.get(three[1]), v.get(three[2]), v.get(three[3]));
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
        return nearest.normal().scalarMultiply(-Math.max(0, nearest.distance()));
    }

    /** Puts a corner on: faces it can see go, and their rim is joined to it. Answers false, and leaves all, where it can't. */
    private static boolean grow(List<Face> faces, Vector3D far) {
        List<Vector3D[]> rim = new ArrayList<>();
        int seen = 0;
        for (Face face : faces) {
            if (face.sees(far)) {
                seen++;
                edge(rim, face.p(), face.q());
                edge(rim, face.q(), face.r());
                edge(rim, face.r(), face.p());
            }
        }
        List<Face> joined = new ArrayList<>();
        for (Vector3D[] edge : rim) {
            Face face = Face.of(edge[0], edge[1], far);
            if (face == null) {
                return false;
            }
            joined.add(face);
        }
        if (joined.isEmpty() || seen == faces.size()) {
            return false;
        }
        faces.removeIf(face -> face.sees(far));
        faces.addAll(joined);
        return true;
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
