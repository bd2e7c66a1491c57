package org.palanca.vehicle;

import java.util.Locale;

/** What a builder calls a link. The mechanism does not care; pairs, separations and band defaults do. */
public enum LinkRole {
    UPPER,
    LOWER,
    PANHARD;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
