package org.palanca.vehicle.edit;

import java.util.Locale;

/** Ways of carrying and damping an axle that can be hung on it. */
public enum ShockLayout {
    /** Spring round the shock. */
    COILOVER,
    /** A shock on its own, as beside leaf springs. */
    SHOCK,
    /** A coil between seats of its own and a shock beside it. */
    SHOCK_AND_SPRING,
    /** A pushrod turns a rocker on the frame, which works a coilover that lies along the frame. */
    PUSHROD,
    /** A lever on the frame twists a bar; a drop link holds it to the axle; a shock beside it. */
    TORSION_BAR;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
