package org.palanca.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;

/** Corners, ends, centres and edges as they were drawn last [px]: what a measuring point settles on. */
final class SnapPoints {
    private static final double REACH = 10;

    private final List<Point2D> points = new ArrayList<>();
    private final List<Point2D[]> edges = new ArrayList<>();

    /** Forgets all: the drawing is begun anew. */
    void begin() {
        points.clear();
        edges.clear();
    }

    void point(double x, double y) {
        points.add(new Point2D(x, y));
    }

    /** An edge with both its ends. */
    void edge(double x1, double y1, double x2, double y2) {
        point(x1, y1);
        point(x2, y2);
        edges.add(new Point2D[] {new Point2D(x1, y1), new Point2D(x2, y2)});
    }

    /** The nearest corner, end or centre within reach of a pixel; else the nearest place on an edge; else the pixel itself. */
    Point2D near(double x, double y) {
        Point2D at = new Point2D(x, y);
        return nearest(points, at)
                .or(() -> nearest(
                        edges.stream().map(edge -> foot(edge[0], edge[1], at)).toList(), at))
                .orElse(at);
    }

    private static Optional<Point2D> nearest(List<Point2D> all, Point2D at) {
        Point2D best = null;
        double least = REACH;
        for (Point2D one : all) {
            double away = one.distance(at);
            if (away < least) {
                least = away;
                best = one;
            }
        }
        return Optional.ofNullable(best);
    }

    private static Point2D foot(Point2D from, Point2D to, Point2D at) {
        Point2D along = to.subtract(from);
        double length = along.dotProduct(along);
        double part =
                length == 0 ? 0 : Math.max(0, Math.min(1, at.subtract(from).dotProduct(along) / length));
        return from.add(along.multiply(part));
    }
}
