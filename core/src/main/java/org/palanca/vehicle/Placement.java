package org.palanca.vehicle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;

/** How a mount's place is stated. A file keeps the way it was measured. */
public sealed interface Placement {
    /** By coordinates in the vehicle frame [m]. */
    record At(Vector3D point) implements Placement {}

    /**
     * As a tape gives it.
     *
     * @param ahead ahead of its own axle's line at ride, negative behind [m]
     * @param side which side of the centreline
     * @param out out from the centreline [m], not negative
     * @param up up from the floor at ride [m]
     */
    record Taped(double ahead, Side side, double out, double up) implements Placement {}

    /** The mirror image of another mount of the same axle across the centreline; it follows that mount. */
    record MirrorOf(String mount) implements Placement {}
}
