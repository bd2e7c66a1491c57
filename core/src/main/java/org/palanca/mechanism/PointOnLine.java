package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A point of one body that stays on a line of another: a ball in a tube, or the top of a strut on its slider.
 *
 * @param name unique within its mechanism
 * @param line the body that holds the line
 * @param direction of the line at the design pose
 * @param point the point that stays on it, where it is at the design pose [m]
 */
public record PointOnLine(String name, String line, Vector3D direction, BodyPoint point) implements Member {
    @Override
    public Constraint bind(Mechanism mechanism) {
        Vector3D first = direction.orthogonal();
        Vector3D second = Vector3D.crossProduct(direction.normalize(), first);
        Vector3D at = point.atDesign();
        return new Offsets.Builder(mechanism, line, point.body(), 2)
                .row(at, at, first)
                .row(at, at, second)
                .held();
    }
}
