package org.palanca.drawing;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The vehicle seen from any side, without perspective: lengths along one direction are drawn alike everywhere. Orthographic
 * axonometry, as ISO 5456-3:1996 has it among the axonometric representations (named from memory).
 *
 * @param turn how far round the vehicle the eye stands [rad]: 0 in front, a quarter turn at its left, a half behind
 * @param tilt how far above the floor it looks from [rad]: 0 level, a quarter turn straight down
 */
public record Axonometry(double turn, double tilt) {
    /** From behind on the left, and a little above. */
    public static final Axonometry USUAL = new Axonometry(Math.toRadians(128), Math.toRadians(24));

    private static final double STEEPEST = Math.toRadians(89);

    /** Towards the eye, a unit vector in the vehicle frame. */
    public Vector3D towards() {
        return new Vector3D(Math.cos(tilt) * Math.cos(turn), Math.cos(tilt) * Math.sin(turn), Math.sin(tilt));
    }

    /** What is drawn to the right, a unit vector in the vehicle frame: level. */
    public Vector3D right() {
        return new Vector3D(-Math.sin(turn), Math.cos(turn), 0);
    }

    /** What is drawn upward, a unit vector in the vehicle frame. */
    public Vector3D upward() {
        return Vector3D.crossProduct(towards(), right());
    }

    /** How far across a place is drawn [m]. */
    public double across(Vector3D place) {
        return place.dotProduct(right());
    }

    /** How far up a place is drawn [m]. */
    public double up(Vector3D place) {
        return place.dotProduct(upward());
    }

    /** How near to the eye a place is [m]; more is nearer. */
    public double nearness(Vector3D place) {
        return place.dotProduct(towards());
    }

    /** Turned on, and tilted, by so much each [rad]; never upside down. */
    public Axonometry turned(double by, double tiltedBy) {
        double tilted = Math.max(-STEEPEST, Math.min(STEEPEST, tilt + tiltedBy));
        return new Axonometry(Math.IEEEremainder(turn + by, 2 * Math.PI), tilted);
    }

    /** The elevation whose plane is faced most: what is dragged moves in it. */
    public Elevation faced() {
        Vector3D towards = towards();
        double side = Math.abs(towards.getY());
        double rear = Math.abs(towards.getX());
        double top = Math.abs(towards.getZ());
        return top >= side && top >= rear ? Elevation.TOP : side >= rear ? Elevation.SIDE : Elevation.REAR;
    }

    /**
     * How something that is moved across this drawing moves in the elevation that is faced.
     *
     * @param across how far it is moved to the right of this drawing [m]
     * @param up how far up [m]
     */
    public Shape.Point inFaced(double across, double up) {
        Elevation faced = faced();
        // The two directions of that elevation, as they are drawn here.
        Vector3D one = faced.place(1, 0, Vector3D.ZERO);
        Vector3D other = faced.place(0, 1, Vector3D.ZERO);
        double a = across(one);
        double b = across(other);
        double c = up(one);
        double d = up(other);
        double det = a * d - b * c;
        return new Shape.Point((d * across - b * up) / det, (a * up - c * across) / det);
    }

    /**
     * Where an arrow leads in the elevation that is faced: along the direction of it that is drawn nearest to the arrow's.
     *
     * @param right how far the arrow leads to the right [m], and how far up; one of them is 0
     */
    public Shape.Point along(double right, double up) {
        Elevation faced = faced();
        Vector3D one = faced.place(1, 0, Vector3D.ZERO);
        Vector3D other = faced.place(0, 1, Vector3D.ZERO);
        boolean oneIsLevel = Math.abs(across(one)) >= Math.abs(across(other));
        Vector3D level = oneIsLevel ? one : other;
        Vector3D upright = oneIsLevel ? other : one;
        double along = right * Math.signum(across(level));
        double rise = up * Math.signum(up(upright));
        return oneIsLevel ? new Shape.Point(along, rise) : new Shape.Point(rise, along);
    }
}
