package org.palanca.study.clearance;

import java.util.Locale;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.vehicle.PartRef;

/**
 * Tells a body that may touch something from the others of its axle. Several bodies may share one where a thing is made of
 * several, such as the body of a shock and its shaft.
 *
 * @param sort what sort of thing it is
 * @param subject which of its sort: a link's name, a side
 * @param end which of its ends, where it has two; else empty text
 */
public record CollisionId(Sort sort, String subject, String end) {
    /** Sorts of bodies. */
    public enum Sort {
        LINK,
        /** One end of a link: its joint with its jam nut. */
        JOINT,
        /** The bracket ears at a mount. */
        EARS,
        /** The plate behind the joint in a bracket. */
        BACK,
        /** Room that a bolt is drawn out through, and a wrench put on it. */
        BOLT_ROOM,
        /** An arm, lever, leaf spring, rack, ram or bar. */
        ARM,
        SHOCK,
        TYRE,
        HOUSING,
        SHAFT,
        RAIL,
        /** A shape the user described. */
        PART,
        /** A box on the frame the user described. */
        OBSTACLE,
        GROUND;

        /** The one of this sort with a name. */
        public CollisionId of(String subject) {
            return new CollisionId(this, subject, "");
        }

        /** The one of this sort on a side. */
        public CollisionId of(Side side) {
            return of(side.id());
        }
    }

    /** The joint at one end of a link. */
    static CollisionId joint(String link, boolean atFrom) {
        return new CollisionId(Sort.JOINT, link, atFrom ? "from" : "to");
    }

    /** The body of something the user described. */
    public static CollisionId of(PartRef part) {
        return (part.obstacle() ? Sort.OBSTACLE : Sort.PART).of(part.name());
    }

    /** What the user described that it is the body of; empty where it is none of that. */
    public Optional<PartRef> part() {
        return switch (sort) {
            case PART -> Optional.of(PartRef.part(subject));
            case OBSTACLE -> Optional.of(PartRef.obstacle(subject));
            case LINK, JOINT, EARS, BACK, BOLT_ROOM, ARM, SHOCK, TYRE, HOUSING, SHAFT, RAIL, GROUND -> Optional.empty();
        };
    }

    /** What it and its counterpart across the centreline have in common. */
    public CollisionId sideless() {
        return new CollisionId(sort, SidedName.of(subject).stem(), end);
    }

    /** As reports write it, such as {@code link:upper left}. */
    @Override
    public String toString() {
        return sort.name().toLowerCase(Locale.ROOT) + ":" + subject + (end.isEmpty() ? "" : " " + end);
    }
}
