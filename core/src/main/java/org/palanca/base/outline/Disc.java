package org.palanca.base.outline;

import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * A disc that a plate's outline is drawn round.
 *
 * @param centre its middle [m]
 * @param radius [m]; 0 for a sharp corner
 */
public record Disc(Vector2D centre, double radius) {
    /** A disc at a place. */
    public static Disc at(double x, double y, double radius) {
        return new Disc(new Vector2D(x, y), radius);
    }
}
