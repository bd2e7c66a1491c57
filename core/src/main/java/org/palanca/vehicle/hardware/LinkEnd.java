package org.palanca.vehicle.hardware;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is at one end of a link. Whatever is not known is left empty; then what depends on it is not told, and it is said what is
 * missing.
 *
 * @param kind what it is
 * @param name as it is ordered
 * @param reach from the pin's or ball's centre to the shoulder where the thread begins; of an end without a thread to the
 *     end of the tube [m]
 * @param shank its thread and what that is screwed into; empty for an end that is welded to the tube
 * @param misalignment how far it may tilt [rad], as its maker says
 * @param width across its ball or sleeve, as the ears clamp it [m]
 * @param ears of its bracket
 * @param bolt which way its bolt or stud points at ride; empty: square to the link, as bolts ordinarily are
 */
public record LinkEnd(
        Kind kind,
        String name,
        OptionalDouble reach,
        Optional<ThreadedShank> shank,
        OptionalDouble misalignment,
        OptionalDouble width,
        Optional<Ears> ears,
        Optional<BoltWay> bolt) {
    /** A jam nut and a joint's head reach out to this part of the way from its ball to its shank. */
    public static final double HEAD = 0.55;

    /** What an end can be. */
    public enum Kind {
        ROD_END(true, true),
        /** A spherical bearing in a cup that is welded to the tube. */
        CUP(false, true),
        /** Rubber or polyurethane in a sleeve that is welded across the tube's end. */
        BUSHING(false, false),
        /** A ball stud, as tie rods and drag links have. */
        BALL_STUD(true, true),
        /** A clevis, as a rack's inner end or a pushrod may have. */
        CLEVIS(true, false),
        /** Nothing that turns: the tube itself is welded there. */
        WELDED(false, false),
        /** Not chosen yet. */
        UNKNOWN(false, true);

        private final boolean threaded;
        private final boolean ball;

        Kind(boolean threaded, boolean ball) {
            this.threaded = threaded;
            this.ball = ball;
        }

        /** Whether the link may turn over about its pins as far as this end goes; it is taken to where that is not known. */
        public boolean ball() {
            return ball;
        }

        /** Whether it is screwed into the tube. */
        public boolean threaded() {
            return threaded;
        }

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** An end of which nothing is known but what it is. */
    public static LinkEnd of(Kind kind) {
        return new LinkEnd(
                kind,
                "",
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public LinkEnd withShank(Optional<ThreadedShank> other) {
        return new LinkEnd(kind, name, reach, other, misalignment, width, ears, bolt);
    }

    public LinkEnd withReach(OptionalDouble other) {
        return new LinkEnd(kind, name, other, shank, misalignment, width, ears, bolt);
    }

    public LinkEnd withMisalignment(OptionalDouble other) {
        return new LinkEnd(kind, name, reach, shank, other, width, ears, bolt);
    }

    public LinkEnd withWidth(OptionalDouble other) {
        return new LinkEnd(kind, name, reach, shank, misalignment, other, ears, bolt);
    }

    public LinkEnd withEars(Optional<Ears> other) {
        return new LinkEnd(kind, name, reach, shank, misalignment, width, other, bolt);
    }

    public LinkEnd withBolt(Optional<BoltWay> other) {
        return new LinkEnd(kind, name, reach, shank, misalignment, width, ears, other);
    }

    /**
     * How far it reaches out round its pin [m]: a sleeve or cup to where the tube is coped to it, a joint's head and jam nut to an
     * ordinary part of the way to its thread (common practice, no source); empty where its reach is not known.
     */
    public OptionalDouble headRadius() {
        if (reach.isEmpty()) {
            return reach;
        }
        boolean sleeve = kind == Kind.CUP || kind == Kind.BUSHING;
        return sleeve ? reach : OptionalDouble.of(HEAD * reach.getAsDouble());
    }

    /** The same with its thread cut the other way, where it has one. */
    public LinkEnd ofHand(Hand hand) {
        return withShank(shank.map(one -> one.withHand(hand)));
    }
}
