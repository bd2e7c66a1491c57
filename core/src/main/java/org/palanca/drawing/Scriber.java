package org.palanca.drawing;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Takes the lines of the vehicle as they lie in space [m], vehicle frame; from where they are seen is its own business. */
interface Scriber {
    /** Straight strokes from place to place; {@code closed} goes back to the first. */
    void path(Shape.Role role, List<Vector3D> places, boolean closed);

    /** A link between its two mounts by its middle line, which is straight or has bends between. */
    void bar(Shape.Role role, String name, List<Vector3D> middle);

    /** A straight one. */
    default void bar(Shape.Role role, String name, Vector3D from, Vector3D to) {
        bar(role, name, List.of(from, to));
    }

    /** What looks round from everywhere. */
    void ball(Shape.Role role, Vector3D centre, double radius);

    /** One stroke. */
    default void line(Shape.Role role, Vector3D from, Vector3D to) {
        path(role, List.of(from, to), false);
    }
}
