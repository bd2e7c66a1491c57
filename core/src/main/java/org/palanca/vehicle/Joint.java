package org.palanca.vehicle;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import org.palanca.base.Cases;

/** What ties two bodies together other than a bar with a joint at each end. */
public sealed interface Joint {
    /** Answers by which it is; every kind has to be answered for. */
    <R> R match(
            Function<Ball, R> ball,
            Function<Hinge, R> hinge,
            Function<Guide, R> guide,
            Function<Strut, R> strut,
            Function<Clamp, R> clamp);

    /** Does something by which it is; every kind has to be seen to. */
    default void visit(
            Consumer<Ball> ball,
            Consumer<Hinge> hinge,
            Consumer<Guide> guide,
            Consumer<Strut> strut,
            Consumer<Clamp> clamp) {
        match(Cases.does(ball), Cases.does(hinge), Cases.does(guide), Cases.does(strut), Cases.does(clamp));
    }

    /** Unique within its axle, links included. */
    String name();

    /** The mounts it is placed by. */
    List<String> mounts();

    /** The body it ties to the body of its mounts. */
    BodyName body();

    /**
     * A ball, or a bushing that lets its arm tilt every way.
     *
     * @param mount where it is, on the body that carries the arm
     * @param body the other body
     * @param rate of the bushing in every direction [N/m]; empty: as the type needs
     */
    record Ball(String name, String mount, BodyName body, OptionalDouble rate) implements Joint {
        @Override
        public List<String> mounts() {
            return List.of(mount);
        }

        @Override
        public <R> R match(
                Function<Ball, R> ball,
                Function<Hinge, R> hinge,
                Function<Guide, R> guide,
                Function<Strut, R> strut,
                Function<Clamp, R> clamp) {
            return ball.apply(this);
        }
    }

    /**
     * A pin or a kingpin: only turning about the axis is free.
     *
     * @param from a mount on the axis
     * @param to another mount on the axis, on the same body; the axis points from the first to this one
     * @param body the body that turns on it
     */
    record Hinge(String name, String from, String to, BodyName body) implements Joint {
        @Override
        public List<String> mounts() {
            return List.of(from, to);
        }

        @Override
        public <R> R match(
                Function<Ball, R> ball,
                Function<Hinge, R> hinge,
                Function<Guide, R> guide,
                Function<Strut, R> strut,
                Function<Clamp, R> clamp) {
            return hinge.apply(this);
        }
    }

    /**
     * A straight guide: only sliding along it is free, as of a rack in its housing.
     *
     * @param from a mount on the line
     * @param to another mount on the line, on the same body
     * @param body the body that slides
     */
    record Guide(String name, String from, String to, BodyName body) implements Joint {
        @Override
        public List<String> mounts() {
            return List.of(from, to);
        }

        @Override
        public <R> R match(
                Function<Ball, R> ball,
                Function<Hinge, R> hinge,
                Function<Guide, R> guide,
                Function<Strut, R> strut,
                Function<Clamp, R> clamp) {
            return guide.apply(this);
        }
    }

    /**
     * A strut: its top mount stays on a line of the body that carries the strut.
     *
     * @param top on the frame
     * @param foot on the body whose line through foot and top slides
     */
    record Strut(String name, String top, String foot) implements Joint {
        @Override
        public BodyName body() {
            return BodyName.FRAME;
        }

        @Override
        public List<String> mounts() {
            return List.of(top, foot);
        }

        @Override
        public <R> R match(
                Function<Ball, R> ball,
                Function<Hinge, R> hinge,
                Function<Guide, R> guide,
                Function<Strut, R> strut,
                Function<Clamp, R> clamp) {
            return strut.apply(this);
        }
    }

    /**
     * An arm clamped to the axle by two bushings, fore and aft of it.
     *
     * @param front mount of one bushing, on the axle
     * @param rear mount of the other, on the axle
     * @param body the arm
     * @param rate of each bushing in every direction [N/m]; empty: as the type needs
     */
    record Clamp(String name, String front, String rear, BodyName body, OptionalDouble rate) implements Joint {
        @Override
        public List<String> mounts() {
            return List.of(front, rear);
        }

        @Override
        public <R> R match(
                Function<Ball, R> ball,
                Function<Hinge, R> hinge,
                Function<Guide, R> guide,
                Function<Strut, R> strut,
                Function<Clamp, R> clamp) {
            return clamp.apply(this);
        }
    }
}
