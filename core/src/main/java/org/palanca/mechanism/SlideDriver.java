package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Sets how far a body has slid along a direction of another since the design pose: rack or ram travel.
 *
 * @param name unique within its mechanism
 * @param carrier the body that holds the direction
 * @param direction of length 1 at the design pose
 * @param point a point of the body that slides
 */
public record SlideDriver(String name, String carrier, Vector3D direction, BodyPoint point) implements Driver {
    @Override
    public Constraint bind(Mechanism mechanism, int index) {
        Vector3D at = point.atDesign();
        return new Offsets.Builder(mechanism, carrier, point.body(), 1)
                .row(at, at, direction)
                .driven(index, Offsets.Driven.SLIDE);
    }
}
