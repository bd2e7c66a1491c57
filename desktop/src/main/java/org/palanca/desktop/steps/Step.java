package org.palanca.desktop.steps;

import java.util.Locale;

/** The steps that work so far, in the order of the job. */
public enum Step {
    GOALS,
    LINKS,
    STEER,
    COMPARE,
    MAKE;

    /** Start of the step's word keys. */
    public String key() {
        return "step." + name().toLowerCase(Locale.ROOT);
    }
}
