package org.palanca.base.outline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * A closed line of straight edges and arcs in a plane, inside to the left of it: counter-clockwise.
 *
 * @param corners where its edges begin, in their order; the last edge ends at the first corner
 */
public record Outline(List<Corner> corners) {
    /** Corners nearer to one another than this are one [m]. */
    private static final double SAME = 1e-9;

    /** An arc is not written longer than this [rad]: nearer to a full turn its bulge loses its accuracy. */
    private static final double LONGEST_ARC = 1.75 * Math.PI;

    public Outline {
        if (corners.size() < 2) {
            throw new IllegalArgumentException("an outline has two corners at least");
        }
        corners = List.copyOf(corners);
    }

    /** A circle. */
    public static Outline circle(Vector2D centre, double radius) {
        return new Outline(List.of(
                new Corner(centre.add(new Vector2D(radius, 0)), 1),
                new Corner(centre.subtract(new Vector2D(radius, 0)), 1)));
    }

    /** A slot with round ends. */
    public static Outline slot(Vector2D centre, double width, double length, double direction) {
        Vector2D along = new Vector2D(Math.cos(direction), Math.sin(direction));
        double half = (length - width) / 2;
        return hull(List.of(
                new Disc(centre.add(half, along), width / 2), new Disc(centre.subtract(half, along), width / 2)));
    }

    /** A rectangle from one corner to the opposite one. */
    public static Outline rectangle(double left, double bottom, double right, double top) {
        return new Outline(List.of(
                Corner.straight(left, bottom),
                Corner.straight(right, bottom),
                Corner.straight(right, top),
                Corner.straight(left, top)));
    }

    /** The same with round corners. */
    public static Outline rectangle(double left, double bottom, double right, double top, double corner) {
        return corner <= 0
                ? rectangle(left, bottom, right, top)
                : hull(List.of(
                        Disc.at(left + corner, bottom + corner, corner),
                        Disc.at(right - corner, bottom + corner, corner),
                        Disc.at(right - corner, top - corner, corner),
                        Disc.at(left + corner, top - corner, corner)));
    }

    /**
     * The shortest line round some discs, as a cord would lie round pegs: arcs on them and straight edges that touch two. Found by
     * turning a line once round them: it lies on the disc that reaches farthest in its direction, until another overtakes.
     *
     * @throws IllegalArgumentException without a disc
     */
    public static Outline hull(List<Disc> discs) {
        int on = 0;
        for (int i = 1; i < discs.size(); i++) {
            if (reach(discs.get(i), 0) > reach(discs.get(on), 0) + SAME) {
                on = i;
            }
        }
        List<Corner> corners = new ArrayList<>();
        double turned = 0;
        // Each disc can be touched more than once, but no more often than there are pairs.
        for (int guard = 0; turned < 2 * Math.PI && guard <= discs.size() * discs.size() + 1; guard++) {
            double step = 2 * Math.PI - turned;
            int next = on;
            for (int i = 0; i < discs.size(); i++) {
                double overtaken = i == on ? Double.POSITIVE_INFINITY : overtaken(discs.get(on), discs.get(i), turned);
                if (overtaken < step - 1e-12) {
                    step = overtaken;
                    next = i;
                }
            }
            Disc disc = discs.get(on);
            corners.add(new Corner(touch(disc, turned), disc.radius() > 0 ? Math.tan(step / 4) : 0));
            if (next != on) {
                corners.add(new Corner(touch(disc, turned + step), 0));
            }
            turned += step;
            on = next;
        }
        List<Corner> kept = tidied(corners);
        // All others lie within one disc.
        return kept.size() < 2 ? circle(discs.get(on).centre(), discs.get(on).radius()) : new Outline(kept);
    }

    private static double reach(Disc disc, double direction) {
        return disc.centre().getX() * Math.cos(direction) + disc.centre().getY() * Math.sin(direction) + disc.radius();
    }

    private static Vector2D touch(Disc disc, double direction) {
        return disc.centre().add(disc.radius(), new Vector2D(Math.cos(direction), Math.sin(direction)));
    }

    /** How much farther a line has to be turned until another disc reaches as far [rad]; infinite where it never does. */
    private static double overtaken(Disc on, Disc other, double turned) {
        Vector2D apart = other.centre().subtract(on.centre());
        double distance = apart.getNorm();
        double ratio = (on.radius() - other.radius()) / Math.max(distance, SAME);
        if (distance < SAME || Math.abs(ratio) >= 1) {
            return Double.POSITIVE_INFINITY;
        }
        double at = Math.atan2(apart.getY(), apart.getX()) - Math.acos(ratio);
        double ahead = (at - turned) % (2 * Math.PI);
        double step = ahead < -1e-9 ? ahead + 2 * Math.PI : Math.max(0, ahead);
        // One that begins to fall behind here was ahead until now: it has been left, and is not met again at once.
        return step > 2 * Math.PI - 1e-9 ? 0 : step;
    }

    /** Without edges of no length, and with an arc that was begun in its middle as one. */
    private static List<Corner> tidied(List<Corner> corners) {
        List<Corner> kept = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Vector2D next = corners.get((i + 1) % corners.size()).at();
            if (Vector2D.distance(corners.get(i).at(), next) > SAME) {
                kept.add(corners.get(i));
            }
        }
        if (kept.size() > 2) {
            Corner last = kept.get(kept.size() - 1);
            Corner first = kept.get(0);
            double turn = 4 * (Math.atan(last.bulge()) + Math.atan(first.bulge()));
            boolean oneArc = last.bulge() > 0 && first.bulge() > 0 && turn < LONGEST_ARC;
            if (oneArc && sameCircle(last, first, kept.get(1))) {
                kept.set(kept.size() - 1, new Corner(last.at(), Math.tan(turn / 4)));
                kept.remove(0);
            }
        }
        return kept;
    }

    private static boolean sameCircle(Corner one, Corner other, Corner end) {
        Vector2D first = new Edge(one.at(), other.at(), one.bulge()).centre();
        Vector2D second = new Edge(other.at(), end.at(), other.bulge()).centre();
        return Vector2D.distance(first, second) < SAME;
    }

    /** Its edges, each from its corner to the next. */
    public List<Edge> edges() {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            edges.add(new Edge(
                    corners.get(i).at(),
                    corners.get((i + 1) % corners.size()).at(),
                    corners.get(i).bulge()));
        }
        return edges;
    }

    /** What it encloses [m²]; negative where it runs clockwise. */
    public double area() {
        double twice = 0;
        for (Edge edge : edges()) {
            twice += edge.from().getX() * edge.to().getY()
                    - edge.to().getX() * edge.from().getY();
            twice += 2 * edge.segment();
        }
        return twice / 2;
    }

    /** Round it [m]. */
    public double length() {
        return edges().stream().mapToDouble(Edge::length).sum();
    }

    /** From a place to the nearest of its line [m]. */
    public double distance(Vector2D place) {
        return edges().stream().mapToDouble(edge -> edge.distance(place)).min().orElseThrow();
    }

    /**
     * Places along it in order, the first not repeated; arcs by chords that stray from them no farther than is asked for.
     *
     * @param stray [m]
     */
    public List<Vector2D> points(double stray) {
        List<Vector2D> points = new ArrayList<>();
        edges().forEach(edge -> points.addAll(edge.points(stray)));
        return points;
    }

    /** Whether a place lies inside. */
    public boolean contains(Vector2D place) {
        List<Vector2D> ring = points(1e-6);
        boolean inside = false;
        for (int i = 0; i < ring.size(); i++) {
            Vector2D a = ring.get(i);
            Vector2D b = ring.get((i + 1) % ring.size());
            boolean crosses = a.getY() > place.getY() != b.getY() > place.getY();
            if (crosses) {
                double x = a.getX() + (place.getY() - a.getY()) / (b.getY() - a.getY()) * (b.getX() - a.getX());
                inside ^= place.getX() < x;
            }
        }
        return inside;
    }

    /** As seen from behind: mirrored across the line x = 0. */
    public Outline mirrored() {
        List<Corner> turned = new ArrayList<>();
        for (int i = corners.size() - 1; i >= 0; i--) {
            Vector2D at = corners.get((i + 1) % corners.size()).at();
            // An edge keeps its bulge when it is both mirrored and run through the other way.
            turned.add(new Corner(
                    new Vector2D(-at.getX(), at.getY()), corners.get(i).bulge()));
        }
        return new Outline(turned);
    }

    public Outline moved(Vector2D by) {
        return moved(at -> at.add(by));
    }

    /** Turned about the origin, to the left positive [rad]. */
    public Outline turned(double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return moved(at -> new Vector2D(at.getX() * cos - at.getY() * sin, at.getX() * sin + at.getY() * cos));
    }

    private Outline moved(UnaryOperator<Vector2D> way) {
        return new Outline(corners.stream()
                .map(corner -> new Corner(way.apply(corner.at()), corner.bulge()))
                .toList());
    }

    /** Left, lowest, right and highest of its places [m]. */
    public Bounds bounds() {
        return Bounds.of(points(1e-5));
    }

    /** Whether another outline is this one moved and turned, to within so much in lengths [m]. */
    public boolean congruent(Outline other, double within) {
        List<Edge> mine = edges();
        List<Edge> theirs = new ArrayList<>(other.edges());
        if (mine.size() != theirs.size()) {
            return false;
        }
        for (int shift = 0; shift < theirs.size(); shift++) {
            if (alike(mine, theirs, within)) {
                return true;
            }
            Collections.rotate(theirs, 1);
        }
        return false;
    }

    /** All distances between corners tell a shape but for its hand, and the bulges tell that. */
    private static boolean alike(List<Edge> mine, List<Edge> theirs, double within) {
        for (int i = 0; i < mine.size(); i++) {
            if (Math.abs(mine.get(i).bulge() - theirs.get(i).bulge())
                            * mine.get(i).chord()
                    > within) {
                return false;
            }
            for (int k = 0; k < i; k++) {
                double here = Vector2D.distance(mine.get(i).from(), mine.get(k).from());
                double there =
                        Vector2D.distance(theirs.get(i).from(), theirs.get(k).from());
                if (Math.abs(here - there) > within) {
                    return false;
                }
            }
        }
        return Math.signum(new Outline(ring(mine)).area()) == Math.signum(new Outline(ring(theirs)).area());
    }

    private static List<Corner> ring(List<Edge> edges) {
        return edges.stream().map(edge -> new Corner(edge.from(), edge.bulge())).toList();
    }
}
