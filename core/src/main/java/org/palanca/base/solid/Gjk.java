package org.palanca.base.solid;

/**
 * Distance between two convex cores and their nearest points, by GJK with the simplex reduced by Ericson's regions. One a
 * thread; allocates nothing.
 */
final class Gjk {
    private static final int MOST_STEPS = 64;

    /** Relative error of the distance's square at which the nearest points are good enough: finer, round shapes give slivers. */
    private static final double GOOD = 1e-9;

    /** Each face of a tetrahedron, its corners rising so that none is overwritten before it is moved, and the one opposite. */
    private static final int[][] FACES = {{0, 1, 2, 3}, {0, 2, 3, 1}, {0, 1, 3, 2}, {1, 2, 3, 0}};

    private final double[][] w = new double[4][3];
    private final double[][] a = new double[4][3];
    private final double[][] b = new double[4][3];
    private final double[] part = new double[4];
    private final double[] v = new double[3];
    private final double[] sa = new double[3];
    private final double[] sb = new double[3];
    private final double[] onA = new double[3];
    private final double[] onB = new double[3];

    /** The corners that the point nearest to the origin lies between, rising, with its share of each. */
    private final int[] between = new int[3];

    private final double[] share = new double[3];
    private int corners;
    private int size;

    /**
     * Works the distance out.
     *
     * @param axis start, a guess of the direction from B to A; filled with the way from B's nearest point to A's
     * @param enough a larger distance need not be worked out [m]: a number between this and it may come back, and a way
     *     along which the two are that far apart
     * @return distance of the cores [m], 0 where they share room; the nearest points are then undefined
     */
    double distance(Convex one, BodyFrame onePlace, Convex other, BodyFrame otherPlace, double[] axis, double enough) {
        size = 0;
        System.arraycopy(axis, 0, v, 0, 3);
        if (dot(v, v) < 1e-24) {
            v[0] = 1;
            v[1] = 0;
            v[2] = 0;
        }
        double square = Double.POSITIVE_INFINITY;
        for (int step = 0; step < MOST_STEPS; step++) {
            onePlace.support(one, -v[0], -v[1], -v[2], sa);
            otherPlace.support(other, v[0], v[1], v[2], sb);
            double x = sa[0] - sb[0];
            double y = sa[1] - sb[1];
            double z = sa[2] - sb[2];
            double along = v[0] * x + v[1] * y + v[2] * z;
            double gain = square - along;
            if (size > 0 && along > 0) {
                double most = Math.sqrt(square);
                double least = along / most;
                // Half of what is to spare is known: the rest would say no more for what it costs.
                if (least >= enough && 2 * (least - enough) >= most - enough) {
                    return least;
                }
            }
            if (size > 0 && (gain <= GOOD * square || known(x, y, z))) {
                break;
            }
            set(w[size], x, y, z);
            System.arraycopy(sa, 0, a[size], 0, 3);
            System.arraycopy(sb, 0, b[size], 0, 3);
            size++;
            if (!reduce()) {
                set(axis, 0, 0, 0);
                return 0;
            }
            double now = dot(v, v);
            if (now < 1e-22) {
                set(axis, 0, 0, 0);
                return 0;
            }
            if (now >= square) {
                break;
            }
            square = now;
            witness();
            System.arraycopy(v, 0, axis, 0, 3);
        }
        return Math.sqrt(square);
    }

    /** Corners of the difference of the two cores that hold the origin, after a distance of 0: four where they share room. */
    double[][] corners() {
        double[][] all = new double[size][];
        for (int i = 0; i < size; i++) {
            all[i] = w[i].clone();
        }
        return all;
    }

    /** Nearest point of the first core [m]. */
    double[] onA() {
        return onA;
    }

    /** Nearest point of the second core [m]. */
    double[] onB() {
        return onB;
    }

    private boolean known(double x, double y, double z) {
        for (int i = 0; i < size; i++) {
            if (w[i][0] == x && w[i][1] == y && w[i][2] == z) {
                return true;
            }
        }
        return false;
    }

    private void witness() {
        for (int k = 0; k < 3; k++) {
            double pa = 0;
            double pb = 0;
            for (int i = 0; i < size; i++) {
                pa += part[i] * a[i][k];
                pb += part[i] * b[i][k];
            }
            onA[k] = pa;
            onB[k] = pb;
        }
    }

    /** Keeps of the simplex what is nearest to the origin, and sets v to that point; false where it holds the origin. */
    private boolean reduce() {
        switch (size) {
            case 1 -> nearest(0);
            case 2 -> line();
            case 3 -> triangle(0, 1, 2);
            default -> {
                if (tetrahedron()) {
                    return false;
                }
            }
        }
        keepNearest();
        for (int k = 0; k < 3; k++) {
            double sum = 0;
            for (int i = 0; i < size; i++) {
                sum += part[i] * w[i][k];
            }
            v[k] = sum;
        }
        return true;
    }

    private void line() {
        double along = 0;
        double whole = 0;
        for (int k = 0; k < 3; k++) {
            double d = w[1][k] - w[0][k];
            along -= w[0][k] * d;
            whole += d * d;
        }
        if (along <= 0) {
            nearest(0);
        } else if (along >= whole) {
            nearest(1);
        } else {
            nearest(0, 1, along / whole);
        }
    }

    /** Ericson's regions of a triangle (section 5.1.5), about the origin. */
    private void triangle(int i, int j, int k) {
        double[] p = w[i];
        double[] q = w[j];
        double[] r = w[k];
        double d1 = along(p, q, p);
        double d2 = along(p, r, p);
        double d3 = along(p, q, q);
        double d4 = along(p, r, q);
        double d5 = along(p, q, r);
        double d6 = along(p, r, r);
        if (d1 <= 0 && d2 <= 0) {
            nearest(i);
            return;
        }
        if (d3 >= 0 && d4 <= d3) {
            nearest(j);
            return;
        }
        double vc = d1 * d4 - d3 * d2;
        if (vc <= 0 && d1 >= 0 && d3 <= 0) {
            nearest(i, j, d1 / (d1 - d3));
            return;
        }
        if (d6 >= 0 && d5 <= d6) {
            nearest(k);
            return;
        }
        double vb = d5 * d2 - d1 * d6;
        if (vb <= 0 && d2 >= 0 && d6 <= 0) {
            nearest(i, k, d2 / (d2 - d6));
            return;
        }
        double va = d3 * d6 - d5 * d4;
        if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
            nearest(j, k, (d4 - d3) / (d4 - d3 + d5 - d6));
            return;
        }
        double whole = va + vb + vc;
        nearest(i, j, k, vb / whole, vc / whole);
    }

    /** How far the origin lies from a place along an edge, times its length. */
    private static double along(double[] from, double[] to, double[] place) {
        double sum = 0;
        for (int n = 0; n < 3; n++) {
            sum -= (to[n] - from[n]) * place[n];
        }
        return sum;
    }

    /** Tries the faces the origin lies outside of; true where it lies outside of none. */
    private boolean tetrahedron() {
        double least = Double.POSITIVE_INFINITY;
        int[] face = null;
        for (int[] one : FACES) {
            if (outside(one)) {
                double square = faceDistance(one);
                if (square < least) {
                    least = square;
                    face = one;
                }
            }
        }
        if (face == null) {
            return true;
        }
        triangle(face[0], face[1], face[2]);
        return false;
    }

    private boolean outside(int[] face) {
        double[] p = w[face[0]];
        double[] q = w[face[1]];
        double[] r = w[face[2]];
        double[] s = w[face[3]];
        double nx = (q[1] - p[1]) * (r[2] - p[2]) - (q[2] - p[2]) * (r[1] - p[1]);
        double ny = (q[2] - p[2]) * (r[0] - p[0]) - (q[0] - p[0]) * (r[2] - p[2]);
        double nz = (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
        double origin = -(p[0] * nx + p[1] * ny + p[2] * nz);
        double inner = (s[0] - p[0]) * nx + (s[1] - p[1]) * ny + (s[2] - p[2]) * nz;
        // A flat tetrahedron has no inside: its faces are all tried.
        return origin * inner < 0 || Math.abs(inner) < 1e-18;
    }

    private double faceDistance(int[] face) {
        triangle(face[0], face[1], face[2]);
        double square = 0;
        for (int k = 0; k < 3; k++) {
            double sum = 0;
            for (int i = 0; i < corners; i++) {
                sum += share[i] * w[between[i]][k];
            }
            square += sum * sum;
        }
        return square;
    }

    private void nearest(int i) {
        corners = 1;
        between[0] = i;
        share[0] = 1;
    }

    private void nearest(int i, int j, double second) {
        corners = 2;
        between[0] = i;
        between[1] = j;
        share[0] = 1 - second;
        share[1] = second;
    }

    private void nearest(int i, int j, int k, double second, double third) {
        corners = 3;
        between[0] = i;
        between[1] = j;
        between[2] = k;
        share[0] = 1 - second - third;
        share[1] = second;
        share[2] = third;
    }

    /** Leaves the simplex the corners that the nearest point lies between. */
    private void keepNearest() {
        for (int i = 0; i < corners; i++) {
            move(between[i], i);
            part[i] = share[i];
        }
        size = corners;
    }

    private void move(int from, int to) {
        if (from != to) {
            System.arraycopy(w[from], 0, w[to], 0, 3);
            System.arraycopy(a[from], 0, a[to], 0, 3);
            System.arraycopy(b[from], 0, b[to], 0, 3);
        }
    }

    private static double dot(double[] p, double[] q) {
        return p[0] * q[0] + p[1] * q[1] + p[2] * q[2];
    }

    private static void set(double[] into, double x, double y, double z) {
        into[0] = x;
        into[1] = y;
        into[2] = z;
    }
}
