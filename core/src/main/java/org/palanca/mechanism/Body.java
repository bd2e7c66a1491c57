package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A rigid body that moves against the chassis.
 *
 * @param name unique within its mechanism
 * @param origin the point its motion is stated at, at the design pose [m]
 */
public record Body(String name, Vector3D origin) {
    /** The body that stands still: the chassis. */
    public static final String GROUND = "frame";
}
