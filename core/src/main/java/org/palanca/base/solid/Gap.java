package org.palanca.base.solid;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Measures the gap between two solids. Remembers the direction in which the last two lay apart, one for each pair that asks
 * with a memory of its own; one a thread.
 */
public final class Gap {
    /** What is compared before anything was asked. */
    private static final Solid NOWHERE = Solid.of(List.of(Convex.ball(Vector3D.ZERO, 0)));

    /** How far past touching two solids are drawn apart to find where they touch [m]. */
    private static final double CLEAR = 1e-5;

    private final Gjk gjk = new Gjk();
    private final BodyFrame drawnOut = new BodyFrame();
    private final double[] axis = new double[3];
    private final double[] way = new double[3];
    private final double[] ca = new double[3];
    private final double[] cb = new double[3];
    private final double[] onA = new double[3];
    private final double[] onB = new double[3];
    private double best;
    private double known;
    private Solid one = NOWHERE;
    private Solid other = NOWHERE;
    private BodyFrame onePlace = new BodyFrame();
    private BodyFrame otherPlace = new BodyFrame();
    private double[] memory = new double[3];

    /**
     * The gap between two solids where they are now.
     *
     * @param enough a larger gap need not be worked out: any number not under it may come back
     * @param direction three numbers kept by who asks from one pose to the next, zeros at first: they say at once that two
     *     solids are still far enough apart
     * @return the gap [m], negative by how deep they are in one another
     */
    public double between(
            Solid first, BodyFrame firstPlace, Solid second, BodyFrame secondPlace, double enough, double[] direction) {
        one = first;
        other = second;
        onePlace = firstPlace;
        otherPlace = secondPlace;
        memory = direction;
        best = enough;
        known = Double.POSITIVE_INFINITY;
        look(first.root(), second.root(), memory[0], memory[1], memory[2]);
        return best;
    }

    /** The gap between two solids, worked out in any case. */
    public double between(Solid first, BodyFrame firstPlace, Solid second, BodyFrame secondPlace) {
        double gap = between(first, firstPlace, second, secondPlace, Double.POSITIVE_INFINITY, new double[3]);
        return inside() ? -gap : gap;
    }

    /** Whether one of the two lies within the other's closed skin without touching it. */
    public boolean inside() {
        return holds(one, onePlace, other, otherPlace) || holds(other, otherPlace, one, onePlace);
    }

    private static boolean holds(Solid outer, BodyFrame outerPlace, Solid inner, BodyFrame innerPlace) {
        double[] at = new double[3];
        BoundingVolume node = inner.root();
        while (node.piece == null) {
            node = node.one;
        }
        innerPlace.support(node.piece, 0, 0, 1, at);
        return outer.holds(outerPlace.local(at));
    }

    /** A number that the gap asked about last is not under; where it was not worked out, more than was enough. */
    public double known() {
        return known;
    }

    /** Nearest place on the first of the two asked about last [m], vehicle frame. */
    public Vector3D onFirst() {
        return new Vector3D(onA);
    }

    /** Nearest place on the second [m]. */
    public Vector3D onSecond() {
        return new Vector3D(onB);
    }

    /**
     * Looks at what two bounding volumes hold.
     *
     * @param x a direction from the second to the first along which they may lie apart, of length 1; zeros where none is known
     */
    private void look(BoundingVolume a, BoundingVolume b, double x, double y, double z) {
        double least = lower(a, b);
        if (least >= best) {
            known = Math.min(known, least);
            return;
        }
        if (a.piece != null && b.piece != null) {
            pieces(a.piece, b.piece, x, y, z);
            return;
        }
        double wx = x;
        double wy = y;
        double wz = z;
        if (a.cover != null && b.cover != null) {
            least = covers(a.cover, b.cover, x, y, z);
            if (least >= best) {
                known = Math.min(known, least);
                return;
            }
            wx = way[0];
            wy = way[1];
            wz = way[2];
        }
        if (b.piece != null || a.piece == null && a.reach >= b.reach) {
            boolean firstNearer = lower(a.one, b) <= lower(a.other, b);
            look(firstNearer ? a.one : a.other, b, wx, wy, wz);
            look(firstNearer ? a.other : a.one, b, wx, wy, wz);
        } else {
            boolean firstNearer = lower(a, b.one) <= lower(a, b.other);
            look(a, firstNearer ? b.one : b.other, wx, wy, wz);
            look(a, firstNearer ? b.other : b.one, wx, wy, wz);
        }
    }

    /** A number that the distance of two covers is not under; leaves in {@link #way} along which they lie apart. */
    private double covers(Convex a, Convex b, double x, double y, double z) {
        double round = a.radius() + b.radius();
        double parted = apart(a, b, x, y, z) - round;
        if (parted < best) {
            set(axis, x, y, z);
            double distance = gjk.distance(a, onePlace, b, otherPlace, axis, best + round);
            parted = distance > 0 ? distance - round : Double.NEGATIVE_INFINITY;
            unit(axis, way);
        } else {
            set(way, x, y, z);
        }
        if (a == one.root().cover && b == other.root().cover) {
            System.arraycopy(way, 0, memory, 0, 3);
        }
        return parted;
    }

    /** No two pieces in these two balls can be nearer. */
    private double lower(BoundingVolume a, BoundingVolume b) {
        onePlace.point(a.x, a.y, a.z, ca);
        otherPlace.point(b.x, b.y, b.z, cb);
        double x = ca[0] - cb[0];
        double y = ca[1] - cb[1];
        double z = ca[2] - cb[2];
        return Math.sqrt(x * x + y * y + z * z) - a.reach - b.reach;
    }

    private void pieces(Convex a, Convex b, double x, double y, double z) {
        double round = a.radius() + b.radius();
        double parted = apart(a, b, x, y, z) - round;
        if (parted >= best) {
            known = Math.min(known, parted);
            return;
        }
        boolean alone = one.pieces() == 1 && other.pieces() == 1;
        double distance;
        if (a.segment() && b.segment()) {
            distance = segments(a, b);
            set(axis, ca[0] - cb[0], ca[1] - cb[1], ca[2] - cb[2]);
        } else {
            if (alone) {
                set(axis, x, y, z);
            } else {
                onePlace.point(a.middle().getX(), a.middle().getY(), a.middle().getZ(), ca);
                otherPlace.point(
                        b.middle().getX(), b.middle().getY(), b.middle().getZ(), cb);
                set(axis, ca[0] - cb[0], ca[1] - cb[1], ca[2] - cb[2]);
            }
            distance = gjk.distance(a, onePlace, b, otherPlace, axis, best + round);
            if (distance == 0) {
                deep(a, b, round);
                return;
            }
            System.arraycopy(gjk.onA(), 0, ca, 0, 3);
            System.arraycopy(gjk.onB(), 0, cb, 0, 3);
        }
        if (alone && distance > 0) {
            unit(axis, memory);
        }
        known = Math.min(known, distance - round);
        if (distance - round < best) {
            best = distance - round;
            for (int k = 0; k < 3; k++) {
                double way = distance > 1e-15 ? (ca[k] - cb[k]) / distance : 0;
                onA[k] = ca[k] - a.radius() * way;
                onB[k] = cb[k] + b.radius() * way;
            }
        }
    }

    /** Distance of the planes square to a direction of length 1 that part the two, which no distance is less than. */
    private double apart(Convex a, Convex b, double x, double y, double z) {
        if (x == 0 && y == 0 && z == 0) {
            return Double.NEGATIVE_INFINITY;
        }
        onePlace.support(a, -x, -y, -z, ca);
        otherPlace.support(b, x, y, z, cb);
        return (ca[0] - cb[0]) * x + (ca[1] - cb[1]) * y + (ca[2] - cb[2]) * z;
    }

    /** A way from the second to the first as a direction of length 1; zeros where they lie in one another. */
    private static void unit(double[] way, double[] out) {
        double length = Math.sqrt(way[0] * way[0] + way[1] * way[1] + way[2] * way[2]);
        for (int k = 0; k < 3; k++) {
            out[k] = length > 0 ? way[k] / length : 0;
        }
    }

    private static void set(double[] into, double x, double y, double z) {
        into[0] = x;
        into[1] = y;
        into[2] = z;
    }

    private void deep(Convex a, Convex b, double round) {
        Vector3D out = Depth.of(a, onePlace, b, otherPlace, gjk.corners());
        double gap = -out.getNorm() - round;
        known = Math.min(known, gap);
        if (gap < best) {
            best = gap;
            touching(a, b, out);
        }
        if (one.pieces() == 1 && other.pieces() == 1) {
            for (int k = 0; k < 3; k++) {
                memory[k] = 0;
            }
        }
    }

    /** Drawn out by the shortest way the two just touch: there lie the places that are deepest in one another. */
    private void touching(Convex a, Convex b, Vector3D out) {
        Vector3D shift = out.add(out.getNorm() > 1e-12 ? CLEAR : 0, out.getNorm() > 1e-12 ? out.normalize() : out);
        drawnOut.set(onePlace);
        drawnOut.shift(shift);
        double[] way = shift.toArray();
        gjk.distance(a, drawnOut, b, otherPlace, way, Double.POSITIVE_INFINITY);
        double[] from = shift.toArray();
        for (int k = 0; k < 3; k++) {
            onA[k] = gjk.onA()[k] - from[k];
            onB[k] = gjk.onB()[k];
        }
    }

    private final double[] p1 = new double[3];
    private final double[] q1 = new double[3];
    private final double[] p2 = new double[3];
    private final double[] q2 = new double[3];

    /** Nearest points of two lines of finite length in closed form (Ericson, section 5.1.9), into ca and cb. */
    private double segments(Convex a, Convex b) {
        ends(a, onePlace, p1, q1);
        ends(b, otherPlace, p2, q2);
        double a11 = 0;
        double e = 0;
        double f = 0;
        double c = 0;
        double b12 = 0;
        for (int k = 0; k < 3; k++) {
            double d1 = q1[k] - p1[k];
            double d2 = q2[k] - p2[k];
            double r = p1[k] - p2[k];
            a11 += d1 * d1;
            e += d2 * d2;
            f += d2 * r;
            c += d1 * r;
            b12 += d1 * d2;
        }
        double s = 0;
        double t;
        if (a11 < 1e-18) {
            t = e < 1e-18 ? 0 : clamp(f / e);
        } else if (e < 1e-18) {
            t = 0;
            s = clamp(-c / a11);
        } else {
            double whole = a11 * e - b12 * b12;
            s = whole > 1e-12 * a11 * e ? clamp((b12 * f - c * e) / whole) : 0;
            t = (b12 * s + f) / e;
            if (t < 0) {
                t = 0;
                s = clamp(-c / a11);
            } else if (t > 1) {
                t = 1;
                s = clamp((b12 - c) / a11);
            }
        }
        double square = 0;
        for (int k = 0; k < 3; k++) {
            ca[k] = p1[k] + s * (q1[k] - p1[k]);
            cb[k] = p2[k] + t * (q2[k] - p2[k]);
            square += (ca[k] - cb[k]) * (ca[k] - cb[k]);
        }
        return Math.sqrt(square);
    }

    private static void ends(Convex piece, BodyFrame place, double[] from, double[] to) {
        piece.ends(from, to);
        place.point(from[0], from[1], from[2], from);
        place.point(to[0], to[1], to[2], to);
    }

    private static double clamp(double part) {
        return Math.max(0, Math.min(1, part));
    }
}
