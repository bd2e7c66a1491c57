package org.palanca.vehicle.survey;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A box square to the vehicle frame [m]: room that something takes, or that is cut.
 *
 * @param rear smallest x
 * @param front largest x
 * @param right smallest y
 * @param left largest y
 * @param bottom smallest z
 * @param top largest z
 */
public record Box(double rear, double front, double right, double left, double bottom, double top) {
    /** Whether a place lies in it or on its face. */
    public boolean contains(Vector3D place) {
        return place.getX() >= rear
                && place.getX() <= front
                && place.getY() >= right
                && place.getY() <= left
                && place.getZ() >= bottom
                && place.getZ() <= top;
    }

    /** Whether the two share room, more than a face. */
    public boolean overlaps(Box other) {
        return shared(other).volume() > 0;
    }

    /** The room that both take; of no volume where they share none. */
    public Box shared(Box other) {
        return new Box(
                Math.max(rear, other.rear),
                Math.min(front, other.front),
                Math.max(right, other.right),
                Math.min(left, other.left),
                Math.max(bottom, other.bottom),
                Math.min(top, other.top));
    }

    /** Room in it [m3]; 0 where a side is turned inside out. */
    public double volume() {
        return Math.max(0, front - rear) * Math.max(0, left - right) * Math.max(0, top - bottom);
    }

    /** From a place to the nearest point of it [m]; 0 inside. */
    public double distance(Vector3D place) {
        double x = Math.max(0, Math.max(rear - place.getX(), place.getX() - front));
        double y = Math.max(0, Math.max(right - place.getY(), place.getY() - left));
        double z = Math.max(0, Math.max(bottom - place.getZ(), place.getZ() - top));
        return Math.sqrt(x * x + y * y + z * z);
    }

    /** The same box somewhere else [m]. */
    public Box moved(Vector3D by) {
        return new Box(
                rear + by.getX(),
                front + by.getX(),
                right + by.getY(),
                left + by.getY(),
                bottom + by.getZ(),
                top + by.getZ());
    }

    /** Its middle. */
    public Vector3D middle() {
        return new Vector3D((rear + front) / 2, (right + left) / 2, (bottom + top) / 2);
    }
}
