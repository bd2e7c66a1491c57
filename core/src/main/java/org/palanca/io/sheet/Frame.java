package org.palanca.io.sheet;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.drawing.Elevation;

/** An elevation's place on a page. */
final class Frame {
    private final Elevation elevation;
    private final double left;
    private final double right;
    private final double bottom;
    private final double top;
    private double x;
    private double y;
    private double points;

    /** A frame round some places. */
    Frame(Elevation elevation, List<Vector3D> places) {
        this.elevation = elevation;
        left = places.stream().mapToDouble(elevation::across).min().orElse(0);
        right = places.stream().mapToDouble(elevation::across).max().orElse(0);
        bottom = places.stream().mapToDouble(elevation::up).min().orElse(0);
        top = places.stream().mapToDouble(elevation::up).max().orElse(0);
    }

    double width() {
        return right - left;
    }

    double height() {
        return top - bottom;
    }

    /** Puts its lower left corner at a point of the page, so many points to the metre. */
    void at(double leftPoints, double bottomPoints, double pointsPerMetre) {
        x = leftPoints;
        y = bottomPoints;
        points = pointsPerMetre;
    }

    double x(Vector3D place) {
        return x + (elevation.across(place) - left) * points;
    }

    double y(Vector3D place) {
        return y - (elevation.up(place) - bottom) * points;
    }
}
