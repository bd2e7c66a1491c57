package org.palanca.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.drawing.Shape.Point;
import org.palanca.drawing.Shape.Role;

/** The lines of the vehicle as they are seen in an elevation. */
final class Projected implements Scriber {
    private final Elevation elevation;
    private final List<Shape> shapes = new ArrayList<>();

    Projected(Elevation elevation) {
        this.elevation = elevation;
    }

    /** What {@code draw} draws, as it is seen in an elevation. */
    static List<Shape> seen(Elevation elevation, Consumer<Scriber> draw) {
        Projected projected = new Projected(elevation);
        draw.accept(projected);
        return projected.shapes();
    }

    @Override
    public void path(Role role, List<Vector3D> places, boolean closed) {
        shapes.add(new Shape.Path(role, places.stream().map(this::point).toList(), closed));
    }

    @Override
    public void bar(Role role, String name, List<Vector3D> middle) {
        shapes.add(new Shape.Bar(role, name, middle.stream().map(this::point).toList()));
    }

    @Override
    public void ball(Role role, Vector3D centre, double radius) {
        shapes.add(new Shape.Circle(role, point(centre), radius));
    }

    /** Something that is seen in this elevation only. */
    void add(Shape shape) {
        shapes.add(shape);
    }

    List<Shape> shapes() {
        return List.copyOf(shapes);
    }

    Point point(Vector3D place) {
        return new Point(elevation.across(place), elevation.up(place));
    }
}
