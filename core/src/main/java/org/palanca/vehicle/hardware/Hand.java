package org.palanca.vehicle.hardware;

import java.util.Locale;

/** Which way a thread is cut. */
public enum Hand {
    RIGHT,
    LEFT;

    /** As it stands in word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Hand other() {
        return this == RIGHT ? LEFT : RIGHT;
    }
}
