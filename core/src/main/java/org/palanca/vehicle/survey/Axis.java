package org.palanca.vehicle.survey;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** One coordinate of the vehicle frame. */
public enum Axis {
    /** Forward of the front axle line. */
    AHEAD,
    /** Left of the centreline. */
    LEFT,
    /** Above the floor. */
    UP;

    /** The name in files and word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** This coordinate of a place [m]. */
    public double of(Vector3D place) {
        return switch (this) {
            case AHEAD -> place.getX();
            case LEFT -> place.getY();
            case UP -> place.getZ();
        };
    }
}
