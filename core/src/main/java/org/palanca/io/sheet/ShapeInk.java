package org.palanca.io.sheet;

import java.util.List;
import org.palanca.drawing.Shape;

/** Puts shapes of a drawing on a page. */
final class ShapeInk {
    private static final double FAINT = 0.3;
    private static final double FINE = 0.6;
    private static final double BAR = 1.4;
    private static final double MOUNT = 2;

    private ShapeInk() {}

    /**
     * Draws shapes whose origin comes to a place of the page.
     *
     * @param x of the origin [points]
     * @param y of the origin [points], down positive
     * @param points a metre
     */
    static void draw(Page page, List<Shape> shapes, double x, double y, double points) {
        for (Shape shape : shapes) {
            shape.visit(
                    path -> path(page, path, x, y, points),
                    circle -> page.circle(
                            x + circle.centre().across() * points,
                            y - circle.centre().up() * points,
                            circle.radius() * points,
                            FINE,
                            false),
                    bar -> strokes(page, bar.points(), x, y, points, BAR),
                    mark -> page.circle(
                            x + mark.at().across() * points, y - mark.at().up() * points, MOUNT, FINE, true));
        }
    }

    private static void path(Page page, Shape.Path path, double x, double y, double points) {
        double width = path.role() == Shape.Role.RAIL ? FAINT : FINE;
        List<Shape.Point> all = path.points();
        strokes(page, all, x, y, points, width);
        if (path.closed() && all.size() > 1) {
            line(page, all.get(all.size() - 1), all.get(0), x, y, points, width);
        }
    }

    private static void strokes(Page page, List<Shape.Point> all, double x, double y, double points, double width) {
        for (int i = 1; i < all.size(); i++) {
            line(page, all.get(i - 1), all.get(i), x, y, points, width);
        }
    }

    private static void line(
            Page page, Shape.Point from, Shape.Point to, double x, double y, double points, double width) {
        page.line(
                x + from.across() * points,
                y - from.up() * points,
                x + to.across() * points,
                y - to.up() * points,
                width,
                0);
    }
}
