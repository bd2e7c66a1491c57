package org.palanca.desktop.steps;

import java.util.Locale;

/** The steps of the job that work so far, in their order. */
public enum Step {
    GOALS,
    MEASURE,
    AXLE,
    HOUSING,
    LINKS,
    STEER,
    COMPARE,
    PLACE,
    CYCLE,
    SHOCKS,
    SHAFT,
    SLOPE,
    MAKE;

    /** Start of the step's word keys. */
    public String key() {
        return "step." + name().toLowerCase(Locale.ROOT);
    }
}
