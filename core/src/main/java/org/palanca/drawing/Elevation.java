package org.palanca.drawing;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * From where the vehicle is looked at. The three line up as on a shop drawing: the nose is to the left in side and top
 * view, the top view stands below the side view, the rear view beside it.
 */
public enum Elevation {
    /** From the left: across is rearward, up is up. */
    SIDE,
    /** From above: across is rearward, up is to the right of the vehicle. */
    TOP,
    /** From behind: across is to the right of the vehicle, up is up. */
    REAR;

    /** How far across a place is drawn [m]. */
    public double across(Vector3D place) {
        return this == REAR ? -place.getY() : -place.getX();
    }

    /** How far up a place is drawn [m]. */
    public double up(Vector3D place) {
        return this == TOP ? -place.getY() : place.getZ();
    }

    /** The place seen at a point of the drawing, at the depth of another place [m]. */
    public Vector3D place(double across, double up, Vector3D depth) {
        return switch (this) {
            case SIDE -> new Vector3D(-across, depth.getY(), up);
            case TOP -> new Vector3D(-across, -up, depth.getZ());
            case REAR -> new Vector3D(depth.getX(), -across, up);
        };
    }
}
