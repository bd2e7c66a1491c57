package org.palanca.vehicle;

/** What the vehicle is built for; chooses the default target bands. */
public enum Use {
    TRAIL,
    TRACK,
    DRAG,
    STREET;

    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
