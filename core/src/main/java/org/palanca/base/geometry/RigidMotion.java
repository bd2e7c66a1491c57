package org.palanca.base.geometry;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How something rigid was moved: turned about a point that came elsewhere. A solid that is moved many thousand times a
 * second has {@link org.palanca.base.solid.BodyFrame} instead, which is overwritten.
 *
 * @param rotation turns directions as they were into what they are now: {@code rotation.applyTo(before)}
 * @param from the point before [m]
 * @param to the same point now [m]
 */
public record RigidMotion(Rotation rotation, Vector3D from, Vector3D to) {
    /** Where a point is now that was there before [m]. */
    public Vector3D apply(Vector3D before) {
        return to.add(rotation.applyTo(before.subtract(from)));
    }

    /** Where a point was before that is there now [m]. */
    public Vector3D undo(Vector3D now) {
        return from.add(rotation.applyInverseTo(now.subtract(to)));
    }
}
