package org.palanca.vehicle;

/** Which end of the vehicle an axle is at. */
public enum AxlePlace {
    FRONT,
    REAR;

    /** The name in files, ids and word keys. */
    public String id() {
        return this == FRONT ? "front" : "rear";
    }

    /** +1 where forward is towards the end of the vehicle this axle is at, -1 at the rear. */
    public int outward() {
        return this == FRONT ? 1 : -1;
    }
}
