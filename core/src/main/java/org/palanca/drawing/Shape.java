package org.palanca.drawing;

import java.util.List;

/** Something to draw, in metres across and up of its elevation. */
public sealed interface Shape {
    /** What it stands for; decides how it is drawn. */
    enum Role {
        GROUND,
        CENTRELINE,
        RAIL,
        TYRE,
        HOUSING,
        /** A moving part that is neither housing nor link. */
        BODY,
        LINK,
        /** A shock, stop or strap between its mounts. */
        SHOCK,
        /** What turns the wheels, with its joints. */
        SHAFT,
        /** Something described that may be touched. */
        PART,
        EXTENSION,
        REACTION,
        ROLL_AXIS,
        MEASURE
    }

    Role role();

    /** A point of the drawing [m]. */
    record Point(double across, double up) {}

    /** Straight strokes from point to point; {@code closed} goes back to the first. */
    record Path(Role role, List<Point> points, boolean closed) implements Shape {
        public Path {
            points = List.copyOf(points);
        }

        /** One stroke. */
        public static Path line(Role role, Point from, Point to) {
            return new Path(role, List.of(from, to), false);
        }
    }

    /** A circle [m]. */
    record Circle(Role role, Point centre, double radius) implements Shape {}

    /** A link between its two mounts; the name finds it again. */
    record Bar(Role role, String name, Point from, Point to) implements Shape {}

    /** A mount's centre. */
    record MountMark(Role role, String name, boolean onAxle, Point at) implements Shape {}
}
