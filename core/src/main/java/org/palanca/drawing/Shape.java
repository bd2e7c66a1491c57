package org.palanca.drawing;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.palanca.base.Cases;

/** Something to draw, in metres across and up of its elevation. */
public sealed interface Shape {
    /** Answers by which it is; every kind has to be answered for. */
    <R> R match(Function<Path, R> path, Function<Circle, R> circle, Function<Bar, R> bar, Function<MountMark, R> mark);

    /** Does something by which it is; every kind has to be seen to. */
    default void visit(Consumer<Path> path, Consumer<Circle> circle, Consumer<Bar> bar, Consumer<MountMark> mark) {
        match(Cases.does(path), Cases.does(circle), Cases.does(bar), Cases.does(mark));
    }

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
        /** A plate of a bracket. */
        PLATE,
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

        @Override
        public <R> R match(
                Function<Path, R> path, Function<Circle, R> circle, Function<Bar, R> bar, Function<MountMark, R> mark) {
            return path.apply(this);
        }
    }

    /** A circle [m]. */
    record Circle(Role role, Point centre, double radius) implements Shape {
        @Override
        public <R> R match(
                Function<Path, R> path, Function<Circle, R> circle, Function<Bar, R> bar, Function<MountMark, R> mark) {
            return circle.apply(this);
        }
    }

    /** A link between its two mounts by its middle line; the name finds it again. */
    record Bar(Role role, String name, List<Point> points) implements Shape {
        public Bar {
            points = List.copyOf(points);
        }

        /** At its first mount. */
        public Point from() {
            return points.get(0);
        }

        /** At its second mount. */
        public Point to() {
            return points.get(points.size() - 1);
        }

        @Override
        public <R> R match(
                Function<Path, R> path, Function<Circle, R> circle, Function<Bar, R> bar, Function<MountMark, R> mark) {
            return bar.apply(this);
        }
    }

    /** A mount's centre. */
    record MountMark(Role role, String name, boolean onAxle, Point at) implements Shape {
        @Override
        public <R> R match(
                Function<Path, R> path, Function<Circle, R> circle, Function<Bar, R> bar, Function<MountMark, R> mark) {
            return mark.apply(this);
        }
    }
}
