package org.palanca.vehicle.survey;

import java.util.Locale;

/**
 * A part of the vehicle and what may be done to it.
 *
 * @param name what the shop calls it
 * @param rule how far it may be changed
 * @param room where it is
 */
public record Zone(String name, Rule rule, Box room) {
    /** What may be done. */
    public enum Rule {
        NEVER_CUT,
        MAY_BEND,
        MAY_CUT;

        /** The name in files and word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
