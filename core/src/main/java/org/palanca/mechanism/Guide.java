package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A body that may only slide along a line fixed to another, without turning: a prismatic joint, such as a rack in its
 * housing.
 *
 * @param name unique within its mechanism
 * @param carrier the body that holds the line
 * @param carried the body that slides
 * @param from a point of the line at the design pose [m]
 * @param to another point of the line [m]
 */
public record Guide(String name, String carrier, String carried, Vector3D from, Vector3D to) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        Vector3D span = to.subtract(from);
        Vector3D first = span.orthogonal();
        Vector3D second = Vector3D.crossProduct(span.normalize(), first);
        Vector3D beside = from.add(first.scalarMultiply(span.getNorm()));
        return new Offsets.Builder(mechanism, carrier, carried, 5)
                .row(from, from, first)
                .row(from, from, second)
                .row(from, to, first)
                .row(from, to, second)
                .row(from, beside, second)
                .held();
    }
}
