package org.palanca.study.limits;

import java.util.List;
import java.util.Locale;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.words.Message;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;

/**
 * Something that can end the travel.
 *
 * @param kind what sort it is
 * @param subject the name of what it is about: a shock, a strap, a mount; empty text where two things touch
 * @param touching the two bodies that touch; empty where it is about one
 * @param what in words, as after "it ends because"
 */
public record Limit(Kind kind, String subject, List<CollisionId> touching, Message what) {
    public Limit {
        touching = List.copyOf(touching);
    }

    /** About one thing. */
    static Limit of(Kind kind, String subject, Message what) {
        return new Limit(kind, subject, List.of(), what);
    }

    /** Two things that touch. */
    public static Limit touch(CollisionBody one, CollisionBody other) {
        return new Limit(
                Kind.TOUCH, "", List.of(one.id(), other.id()), Message.of("limit.touch", one.name(), other.name()));
    }

    /** Tells it from the others. */
    public String id() {
        StringBuilder id = new StringBuilder(kind.id()).append(' ').append(subject);
        touching.forEach(body -> id.append(body).append(' '));
        return id.toString();
    }

    /** What it and the same on the other side have in common. */
    public List<Object> sideless() {
        return List.of(
                kind,
                SidedName.of(subject).stem(),
                touching.stream().map(CollisionId::sideless).toList());
    }

    /** Sorts of limits, in the order in which they are drawn and listed. */
    public enum Kind {
        /** Two things touch. */
        TOUCH,
        SHOCK_COLLAPSED,
        SHOCK_EXTENDED,
        /** A bump stop squeezed solid. */
        STOP,
        STRAP,
        /** A hose pulled. */
        HOSE_TIGHT,
        /** A hose bent more than it may be, in the gentlest way it can lie. */
        HOSE_KINKED,
        COIL_BIND,
        /** A coil off its seat. */
        SPRING_LOOSE,
        U_JOINT,
        SLIP,
        /** A link's joint tilted to its limit. */
        JOINT,
        /** A bushing pushed by more than any gives. */
        BUSHING,
        /** A member that can't close. */
        OPEN;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
