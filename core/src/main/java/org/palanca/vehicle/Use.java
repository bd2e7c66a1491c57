package org.palanca.vehicle;

import java.util.Locale;

/** What the vehicle is built for; chooses the default target bands. */
public enum Use {
    TRAIL,
    TRACK,
    DRAG,
    STREET;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
