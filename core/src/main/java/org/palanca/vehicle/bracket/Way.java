package org.palanca.vehicle.bracket;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A direction as it is said under the vehicle: the same word on both sides. */
public enum Way {
    AHEAD(Vector3D.PLUS_I),
    BEHIND(Vector3D.MINUS_I),
    OUT(Vector3D.PLUS_J),
    IN(Vector3D.MINUS_J),
    UP(Vector3D.PLUS_K),
    DOWN(Vector3D.MINUS_K);

    private final Vector3D onLeft;

    Way(Vector3D onLeft) {
        this.onLeft = onLeft;
    }

    /**
     * Of length 1, vehicle frame.
     *
     * @param y how far left of the centreline that is which it is said of [m]; on the centreline out is to the left
     */
    public Vector3D direction(double y) {
        return y < 0 ? new Vector3D(onLeft.getX(), -onLeft.getY(), onLeft.getZ()) : onLeft;
    }

    /** As it stands in word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
