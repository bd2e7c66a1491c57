package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A point of one body that stays in a plane of another. With a rate it is a spring's resistance along the plane's
 * normal.
 *
 * @param name unique within its mechanism
 * @param plane the body that holds the plane
 * @param normal of the plane at the design pose, of length 1
 * @param point the point that stays in it, where it is at the design pose [m]
 */
public record PointOnPlane(String name, String plane, Vector3D normal, BodyPoint point) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        Vector3D at = point.atDesign();
        return new Offsets.Builder(mechanism, plane, point.body(), 1)
                .row(at, at, normal)
                .held();
    }
}
