package org.palanca.vehicle;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.Cases;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * Something with a shape that may be touched, fixed to one body of an axle or to the frame.
 *
 * @param name what the shop calls it
 * @param body what it is fixed to
 * @param kind decides how much room it wants
 * @param form its shape at ride, vehicle frame
 * @param joined names of what it is welded or bolted to, and so may share room with: other parts, obstacles, mounts
 * @param canMove whether it may be put somewhere else to make room; empty: as its kind usually may
 * @param moment of service room: when it must be open
 */
public record Part(
        String name,
        BodyName body,
        Kind kind,
        Form form,
        Set<String> joined,
        Optional<Boolean> canMove,
        ServiceMoment moment) {
    public Part {
        joined = Collections.unmodifiableSet(new TreeSet<>(joined));
    }

    /** A part that is joined to nothing, and may be moved as its kind usually may. */
    public Part(String name, BodyName body, Kind kind, Form form) {
        this(name, body, kind, form, Set.of(), Optional.empty(), ServiceMoment.RIDE);
    }

    /** What sort of thing it is; each sort has a least clearance of its own in {@link ClearanceRules}. */
    public enum Kind {
        /** Frame, engine, sump, tank: does not move against the frame. */
        FIXED,
        /** Moves with the axle or steering. */
        MOVING,
        TYRE,
        /** Shaft, gearbox, differential. */
        DRIVELINE,
        /** No metal: room that must stay open, to draw an engine or a bolt or get a socket in. */
        SERVICE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A shape at ride [m], vehicle frame. */
    public sealed interface Form {
        /** Answers by which it is; every kind has to be answered for. */
        <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points);

        /** Does something by which it is; every kind has to be seen to. */
        default void visit(
                Consumer<BoxForm> box,
                Consumer<TubeForm> tube,
                Consumer<OutlineForm> outline,
                Consumer<MeshForm> mesh,
                Consumer<PointsForm> points) {
            match(Cases.does(box), Cases.does(tube), Cases.does(outline), Cases.does(mesh), Cases.does(points));
        }

        /** The same shape somewhere else [m]. */
        Form moved(Vector3D by);

        /** Places that it runs through or lies between [m]. */
        List<Vector3D> places();

        /** Midway between the outermost of its places [m]. */
        default Vector3D middle() {
            double[] low = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
            double[] high = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
            for (Vector3D place : places()) {
                double[] at = place.toArray();
                for (int i = 0; i < at.length; i++) {
                    low[i] = Math.min(low[i], at[i]);
                    high[i] = Math.max(high[i], at[i]);
                }
            }
            return new Vector3D((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
        }
    }

    /** Square to the vehicle. */
    public record BoxForm(Box box) implements Form {
        @Override
        public Form moved(Vector3D by) {
            return new BoxForm(box.moved(by));
        }

        @Override
        public List<Vector3D> places() {
            return List.of(
                    new Vector3D(box.rear(), box.right(), box.bottom()),
                    new Vector3D(box.front(), box.left(), box.top()));
        }

        @Override
        public <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points) {
            return box.apply(this);
        }
    }

    /**
     * A round bar with round ends, or a routed line: tube, exhaust, hose.
     *
     * @param points along its middle, at least one: one alone is a ball
     * @param radius of the tube
     * @param bend least radius its middle may be bent to; empty where it is not bent or nobody minds
     */
    public record TubeForm(List<Vector3D> points, double radius, OptionalDouble bend) implements Form {
        public TubeForm {
            points = List.copyOf(points);
        }

        @Override
        public Form moved(Vector3D by) {
            return new TubeForm(points.stream().map(by::add).toList(), radius, bend);
        }

        @Override
        public List<Vector3D> places() {
            return points;
        }

        @Override
        public <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points) {
            return tube.apply(this);
        }
    }

    /**
     * An outline drawn out along an axis of the vehicle.
     *
     * @param along the axis it is drawn out along
     * @param outline its corners in order, by the two other axes in the order ahead, left, up
     * @param from where it begins on the axis
     * @param to where it ends
     */
    public record OutlineForm(Axis along, List<Corner> outline, double from, double to) implements Form {
        public OutlineForm {
            outline = List.copyOf(outline);
        }

        /** A corner by the two axes that the outline lies in, in the order ahead, left, up. */
        public record Corner(double first, double second) {}

        @Override
        public List<Vector3D> places() {
            return outline.stream()
                    .flatMap(corner -> Stream.of(place(corner, from), place(corner, to)))
                    .toList();
        }

        private Vector3D place(Corner corner, double at) {
            return switch (along) {
                case AHEAD -> new Vector3D(at, corner.first(), corner.second());
                case LEFT -> new Vector3D(corner.first(), at, corner.second());
                case UP -> new Vector3D(corner.first(), corner.second(), at);
            };
        }

        @Override
        public Form moved(Vector3D by) {
            double[] all = by.toArray();
            int axis = along.ordinal();
            double one = all[axis == 0 ? 1 : 0];
            double other = all[axis == 2 ? 1 : 2];
            return new OutlineForm(
                    along,
                    outline.stream()
                            .map(corner -> new Corner(corner.first() + one, corner.second() + other))
                            .toList(),
                    from + all[axis],
                    to + all[axis]);
        }

        @Override
        public <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points) {
            return outline.apply(this);
        }
    }

    /**
     * A skin of triangles, as imported.
     *
     * @param vertices places
     * @param triangles three indices of vertices each
     * @param off how far it may be off the skin it was made from, where it was thinned out
     */
    public record MeshForm(List<Vector3D> vertices, List<Triangle> triangles, double off) implements Form {
        public MeshForm {
            vertices = List.copyOf(vertices);
            triangles = List.copyOf(triangles);
        }

        /** Indices of its three vertices. */
        public record Triangle(int a, int b, int c) {}

        @Override
        public Form moved(Vector3D by) {
            return new MeshForm(vertices.stream().map(by::add).toList(), triangles, off);
        }

        @Override
        public List<Vector3D> places() {
            return vertices;
        }

        @Override
        public <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points) {
            return mesh.apply(this);
        }
    }

    /**
     * Points of a scan, each taken as a ball.
     *
     * @param points places
     * @param radius of each ball: half of how far points lie apart closes the gaps between them
     */
    public record PointsForm(List<Vector3D> points, double radius) implements Form {
        public PointsForm {
            points = List.copyOf(points);
        }

        @Override
        public Form moved(Vector3D by) {
            return new PointsForm(points.stream().map(by::add).toList(), radius);
        }

        @Override
        public List<Vector3D> places() {
            return points;
        }

        @Override
        public <R> R match(
                Function<BoxForm, R> box,
                Function<TubeForm, R> tube,
                Function<OutlineForm, R> outline,
                Function<MeshForm, R> mesh,
                Function<PointsForm, R> points) {
            return points.apply(this);
        }
    }

    public Part withForm(Form other) {
        return new Part(name, body, kind, other, joined, canMove, moment);
    }

    public Part withBody(BodyName other) {
        return new Part(name, other, kind, form, joined, canMove, moment);
    }

    public Part withKind(Kind other) {
        return new Part(name, body, other, form, joined, canMove, moment);
    }

    public Part withJoined(Set<String> other) {
        return new Part(name, body, kind, form, other, canMove, moment);
    }

    public Part withCanMove(boolean other) {
        return new Part(name, body, kind, form, joined, Optional.of(other), moment);
    }

    public Part withMoment(ServiceMoment other) {
        return new Part(name, body, kind, form, joined, canMove, other);
    }

    /**
     * Whether it may be put somewhere else to make room. What is bought and built in, an engine, a tank, a gearbox, a tyre,
     * stays where it is unless it is said to be movable; what hangs on the axle is the shop's own bracket.
     */
    public boolean movable() {
        return canMove.orElse(kind == Kind.MOVING);
    }

    public boolean onFrame() {
        return body.equals(BodyName.FRAME);
    }
}
