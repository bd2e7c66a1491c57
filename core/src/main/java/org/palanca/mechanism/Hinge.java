package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Two bodies that may only turn against each other about an axis: a revolute joint.
 *
 * @param name unique within its mechanism
 * @param carrier one body's name
 * @param carried the other's
 * @param onAxis the point where both are pinned, at the design pose [m]
 * @param along another point of the axis [m]; the farther away, the better conditioned
 */
public record Hinge(String name, String carrier, String carried, Vector3D onAxis, Vector3D along) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        Vector3D axis = along.subtract(onAxis).normalize();
        Vector3D first = axis.orthogonal();
        Vector3D second = Vector3D.crossProduct(axis, first);
        return new Offsets.Builder(mechanism, carrier, carried, 5)
                .row(onAxis, onAxis, axis)
                .row(onAxis, onAxis, first)
                .row(onAxis, onAxis, second)
                .row(onAxis, along, first)
                .row(onAxis, along, second)
                .held();
    }
}
