package org.palanca.base.outline;

import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** The upright rectangle round something [m]. */
public record Bounds(double left, double bottom, double right, double top) {
    /** That of places; of none it is nothing at the origin. */
    public static Bounds of(List<Vector2D> places) {
        double left = places.stream().mapToDouble(Vector2D::getX).min().orElse(0);
        double right = places.stream().mapToDouble(Vector2D::getX).max().orElse(0);
        double bottom = places.stream().mapToDouble(Vector2D::getY).min().orElse(0);
        double top = places.stream().mapToDouble(Vector2D::getY).max().orElse(0);
        return new Bounds(left, bottom, right, top);
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return top - bottom;
    }
}
