package org.palanca.study.load;

import java.util.Locale;

/** What a vehicle does that loads its links. */
public enum LoadCase {
    /** Braking as hard as the tyres grip. */
    BRAKE,
    /** Pushing as hard as they grip, forward and in reverse. */
    DRIVE,
    /** A bend, to either side, all on the outer wheel. */
    CORNER,
    /** One wheel or both at the top of the travel, pushed up hard. */
    BUMP,
    /** One wheel against a kerb or rock from the side. */
    KERB;

    /** The name in word keys and reports. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
