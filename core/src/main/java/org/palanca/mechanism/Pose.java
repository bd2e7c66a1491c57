package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where a body is.
 *
 * @param origin its origin [m], vehicle frame
 * @param rotation turns directions fixed to the body, as they stood at the design pose, into present ones: {@code
 *     rotation.applyTo(design)}
 */
public record Pose(Vector3D origin, Rotation rotation) {
    /** Where a point fixed to the body is now, given where it and the body's origin were at the design pose [m]. */
    public Vector3D carry(Vector3D atDesign, Vector3D originAtDesign) {
        return origin.add(rotation.applyTo(atDesign.subtract(originAtDesign)));
    }
}
