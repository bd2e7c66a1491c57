package org.palanca.io.sheet;

import java.util.List;
import org.palanca.drawing.Shape;

/** The box around shapes [m]. */
record Extent(double left, double right, double bottom, double top) {
    static Extent of(List<Shape> shapes) {
        double[] box = {Double.MAX_VALUE, -Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Shape shape : shapes) {
            shape.visit(
                    path -> path.points().forEach(point -> include(box, point, 0)),
                    circle -> include(box, circle.centre(), circle.radius()),
                    bar -> bar.points().forEach(point -> include(box, point, 0)),
                    mark -> {
                        // Marks stand at ends of bars and on paths.
                    });
        }
        return new Extent(box[0], box[1], box[2], box[3]);
    }

    private static void include(double[] box, Shape.Point point, double around) {
        box[0] = Math.min(box[0], point.across() - around);
        box[1] = Math.max(box[1], point.across() + around);
        box[2] = Math.min(box[2], point.up() - around);
        box[3] = Math.max(box[3], point.up() + around);
    }

    double width() {
        return right - left;
    }

    double height() {
        return top - bottom;
    }
}
