package org.palanca.base.outline;

import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * Where an edge of an outline begins.
 *
 * @param at its place [m]
 * @param bulge of the edge from here to the next corner: the tangent of a quarter of the angle that it turns through, to the left
 *     positive; 0 for a straight one. This is how DXF writes an arc between two vertices
 */
public record Corner(Vector2D at, double bulge) {
    /** The beginning of a straight edge. */
    public static Corner straight(double x, double y) {
        return new Corner(new Vector2D(x, y), 0);
    }
}
