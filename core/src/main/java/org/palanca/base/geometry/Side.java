package org.palanca.base.geometry;

/** Left or right of the centreline, as seen by the driver. */
public enum Side {
    LEFT(1),
    RIGHT(-1);

    private final int sign;

    Side(int sign) {
        this.sign = sign;
    }

    /** Sign of y on this side. */
    public int sign() {
        return sign;
    }

    public Side opposite() {
        return this == LEFT ? RIGHT : LEFT;
    }

    public String id() {
        return this == LEFT ? "left" : "right";
    }

    /** The side a point with this y [m] is on; the centreline counts as left. */
    public static Side of(double y) {
        return y < 0 ? RIGHT : LEFT;
    }
}
