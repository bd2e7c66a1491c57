package org.palanca.vehicle.work;

import java.util.Locale;

/** When a service room must be open. */
public enum ServiceMoment {
    /** The vehicle on its wheels at ride height. */
    RIDE,
    /** The frame on stands, the axle hanging at full droop. */
    STANDS,
    /** The same with the wheels off. */
    WHEELS_OFF;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
