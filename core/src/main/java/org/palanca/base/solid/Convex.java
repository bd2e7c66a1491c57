package org.palanca.base.solid;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A convex piece in the frame of its body: a core, and a ball of some radius rolled all round it. Immutable; asking
 * allocates nothing.
 */
public abstract class Convex {
    private final double radius;

    Convex(double radius) {
        this.radius = radius;
    }

    /** Radius of the ball rolled round the core [m]. */
    public final double radius() {
        return radius;
    }

    /** Writes the point of the core that lies farthest along a direction of any length. */
    abstract void support(double x, double y, double z, double[] out);

    /** Middle of a ball that holds the core. */
    abstract Vector3D middle();

    /** Radius of that ball, the rolled ball not counted [m]. */
    abstract double reach();

    /** A ball. */
    public static Convex ball(Vector3D centre, double radius) {
        return new Points(List.of(centre), radius);
    }

    /** A bar with round ends. */
    public static Convex capsule(Vector3D from, Vector3D to, double radius) {
        return new Points(List.of(from, to), radius);
    }

    /** A box square to the axes, by two opposite corners. */
    public static Convex box(Vector3D low, Vector3D high) {
        double[] x = {low.getX(), high.getX()};
        double[] y = {low.getY(), high.getY()};
        double[] z = {low.getZ(), high.getZ()};
        Vector3D[] corners = new Vector3D[8];
        for (int i = 0; i < 8; i++) {
            corners[i] = new Vector3D(x[i & 1], y[i >> 1 & 1], z[i >> 2]);
        }
        return new Points(List.of(corners), 0);
    }

    /** The smallest convex shape round some points, grown by a radius. */
    public static Convex hull(List<Vector3D> points, double radius) {
        return new Points(points, radius);
    }

    /**
     * A wheel: a disc with rounded shoulders.
     *
     * @param axis direction of its axle, any length
     * @param radius outer radius
     * @param half half of its width
     * @param shoulder radius of its shoulders, at most the half width and the radius
     */
    public static Convex wheel(Vector3D centre, Vector3D axis, double radius, double half, double shoulder) {
        return new Disc(centre, axis.normalize(), radius - shoulder, half - shoulder, shoulder);
    }

    /**
     * A ring round an axle, in as many pieces as asked. Its outer side is exact; its inner side runs straight from piece to
     * piece and so is too thick by {@code inner (1 - cos(pi / pieces))} at most, on the safe side.
     *
     * @param axis direction of its axle, any length
     * @param inner inner radius
     * @param outer outer radius
     * @param half half of its width
     * @param rounding radius of its edges, less than the half width and than half of its thickness
     * @param pieces three or more
     */
    public static List<Convex> ring(
            Vector3D centre, Vector3D axis, double inner, double outer, double half, double rounding, int pieces) {
        Vector3D unit = axis.normalize();
        Vector3D first = unit.orthogonal();
        Vector3D second = Vector3D.crossProduct(unit, first);
        List<Convex> all = new ArrayList<>();
        for (int i = 0; i < pieces; i++) {
            double turn = 2 * Math.PI * i / pieces;
            Vector3D towards = new Vector3D(Math.cos(turn), first, Math.sin(turn), second);
            all.add(new Arc(
                    centre,
                    unit,
                    towards,
                    Math.PI / pieces,
                    new double[] {inner + rounding, outer - rounding, half - rounding},
                    rounding));
        }
        return all;
    }

    /** A core of points: one, two, or the corners of a polyhedron. */
    private static final class Points extends Convex {
        private final double[] at;
        private final Vector3D middle;
        private final double reach;

        Points(List<Vector3D> points, double radius) {
            super(radius);
            at = new double[3 * points.size()];
            Vector3D low = points.get(0);
            Vector3D high = low;
            for (int i = 0; i < points.size(); i++) {
                Vector3D point = points.get(i);
                System.arraycopy(point.toArray(), 0, at, 3 * i, 3);
                low = new Vector3D(
                        Math.min(low.getX(), point.getX()),
                        Math.min(low.getY(), point.getY()),
                        Math.min(low.getZ(), point.getZ()));
                high = new Vector3D(
                        Math.max(high.getX(), point.getX()),
                        Math.max(high.getY(), point.getY()),
                        Math.max(high.getZ(), point.getZ()));
            }
            middle = low.add(high).scalarMultiply(0.5);
            reach = points.stream()
                    .mapToDouble(point -> Vector3D.distance(point, middle))
                    .max()
                    .orElse(0);
        }

        @Override
        void support(double x, double y, double z, double[] out) {
            int best = 0;
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < at.length; i += 3) {
                double along = at[i] * x + at[i + 1] * y + at[i + 2] * z;
                if (along > most) {
                    most = along;
                    best = i;
                }
            }
            out[0] = at[best];
            out[1] = at[best + 1];
            out[2] = at[best + 2];
        }

        @Override
        boolean segment() {
            return at.length <= 6;
        }

        @Override
        void ends(double[] from, double[] to) {
            System.arraycopy(at, 0, from, 0, 3);
            System.arraycopy(at, at.length - 3, to, 0, 3);
        }

        @Override
        Vector3D middle() {
            return middle;
        }

        @Override
        double reach() {
            return reach;
        }
    }

    /** Whether the core is a line or a point, for which there is a closed form. */
    boolean segment() {
        return false;
    }

    /** The two ends of a core that is a line or a point. */
    void ends(double[] from, double[] to) {
        throw new IllegalStateException("only a line has ends");
    }

    /** A core that is a round disc with some width. */
    private static final class Disc extends Convex {
        private static final double ALONG = 1e-8;

        private final Vector3D centre;
        private final double ax;
        private final double ay;
        private final double az;
        private final double round;
        private final double half;

        Disc(Vector3D centre, Vector3D axis, double round, double half, double shoulder) {
            super(shoulder);
            this.centre = centre;
            this.round = Math.max(0, round);
            this.half = Math.max(0, half);
            ax = axis.getX();
            ay = axis.getY();
            az = axis.getZ();
        }

        @Override
        void support(double x, double y, double z, double[] out) {
            double along = x * ax + y * ay + z * az;
            double rx = x - along * ax;
            double ry = y - along * ay;
            double rz = z - along * az;
            double size = Math.sqrt(rx * rx + ry * ry + rz * rz);
            // Almost along the axle the rim's direction is rounding: the middle of the face is as far but for that.
            double rim = size > ALONG * Math.abs(along) ? round / size : 0;
            double side = along >= 0 ? half : -half;
            out[0] = centre.getX() + side * ax + rim * rx;
            out[1] = centre.getY() + side * ay + rim * ry;
            out[2] = centre.getZ() + side * az + rim * rz;
        }

        @Override
        Vector3D middle() {
            return centre;
        }

        @Override
        double reach() {
            return Math.hypot(round, half);
        }
    }

    /** A piece of a ring: what lies between two radii, two faces and two half-planes through the axle. */
    private static final class Arc extends Convex {
        private final Vector3D centre;
        private final double[] axis;
        private final double[] towards;
        private final double[] beside;
        private final double cos;
        private final double sin;
        private final double inner;
        private final double outer;
        private final double half;
        private final double out;

        Arc(Vector3D centre, Vector3D axis, Vector3D towards, double angle, double[] section, double rounding) {
            super(rounding);
            this.centre = centre;
            this.axis = axis.toArray();
            this.towards = towards.toArray();
            beside = Vector3D.crossProduct(axis, towards).toArray();
            cos = Math.cos(angle);
            sin = Math.sin(angle);
            inner = section[0];
            outer = section[1];
            half = section[2];
            out = (inner * cos + outer) / 2;
        }

        @Override
        void support(double x, double y, double z, double[] to) {
            double along = x * axis[0] + y * axis[1] + z * axis[2];
            double p = x * towards[0] + y * towards[1] + z * towards[2];
            double q = x * beside[0] + y * beside[1] + z * beside[2];
            double size = Math.hypot(p, q);
            double away;
            double aside;
            if (p > cos * size) {
                away = outer * p / size;
                aside = outer * q / size;
            } else {
                // Beyond its edges the farthest is one of the two corners on that side.
                double edge = q >= 0 ? sin : -sin;
                double radius = cos * p + edge * q >= 0 ? outer : inner;
                away = radius * cos;
                aside = radius * edge;
            }
            double side = along >= 0 ? half : -half;
            for (int k = 0; k < 3; k++) {
                to[k] = side * axis[k] + away * towards[k] + aside * beside[k];
            }
            to[0] += centre.getX();
            to[1] += centre.getY();
            to[2] += centre.getZ();
        }

        @Override
        Vector3D middle() {
            return centre.add(new Vector3D(towards).scalarMultiply(out));
        }

        @Override
        double reach() {
            double corner = Math.hypot(outer * cos - out, outer * sin);
            double within = Math.hypot(inner * cos - out, inner * sin);
            return Math.hypot(half, Math.max(outer - out, Math.max(corner, within)));
        }
    }
}
