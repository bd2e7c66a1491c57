package org.palanca.vehicle.hardware;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Which way a joint's bolt or stud points at ride, where that is known: along one of the vehicle's axes. */
public enum BoltWay {
    ACROSS(Vector3D.PLUS_J),
    ALONG(Vector3D.PLUS_I),
    UPRIGHT(Vector3D.PLUS_K);

    private final Vector3D direction;

    BoltWay(Vector3D direction) {
        this.direction = direction;
    }

    /** Of length 1, vehicle frame. */
    public Vector3D direction() {
        return direction;
    }

    /** As it stands in word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
