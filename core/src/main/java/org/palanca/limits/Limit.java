package org.palanca.limits;

import java.util.Locale;
import org.palanca.words.Message;

/**
 * Something that can end the travel.
 *
 * @param kind what sort it is
 * @param id tells it from the others
 * @param what in words, as after "it ends because"
 */
public record Limit(Kind kind, String id, Message what) {
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
