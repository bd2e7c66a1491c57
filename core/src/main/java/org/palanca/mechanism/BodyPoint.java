package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A point fixed to a body.
 *
 * @param body the body's name, or {@link Body#GROUND}
 * @param atDesign where it is when the mechanism stands in its design pose [m]
 */
public record BodyPoint(String body, Vector3D atDesign) {}
