package org.palanca.base.outline;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * A straight edge or an arc.
 *
 * @param from where it begins [m]
 * @param to where it ends [m]
 * @param bulge as of {@link Corner}
 */
public record Edge(Vector2D from, Vector2D to, double bulge) {
    private static final double STRAIGHT = 1e-12;

    public boolean straight() {
        return Math.abs(bulge) < STRAIGHT;
    }

    /** From end to end [m]. */
    public double chord() {
        return Vector2D.distance(from, to);
    }

    /** The angle that an arc turns through, to the left positive [rad]. */
    public double sweep() {
        return 4 * Math.atan(bulge);
    }

    /** Radius of an arc [m]. */
    public double radius() {
        return chord() * (1 + bulge * bulge) / (4 * Math.abs(bulge));
    }

    /** Middle of an arc [m]. */
    public Vector2D centre() {
        Vector2D half = to.subtract(from).scalarMultiply(0.5);
        double back = (1 - bulge * bulge) / (2 * bulge);
        return from.add(half).add(back, new Vector2D(-half.getY(), half.getX()));
    }

    /** Along it [m]. */
    public double length() {
        return straight() ? chord() : radius() * Math.abs(sweep());
    }

    /** What lies between the arc and its chord [m²], positive where the arc goes to the right of the chord. */
    double segment() {
        if (straight()) {
            return 0;
        }
        double angle = Math.abs(sweep());
        return Math.signum(bulge) * radius() * radius() * (angle - Math.sin(angle)) / 2;
    }

    /** From a place to the nearest of it [m]. */
    public double distance(Vector2D place) {
        if (straight()) {
            Vector2D along = to.subtract(from);
            double square = along.getNormSq();
            double part = square == 0 ? 0 : place.subtract(from).dotProduct(along) / square;
            return Vector2D.distance(place, from.add(Math.max(0, Math.min(1, part)), along));
        }
        Vector2D out = place.subtract(centre());
        Vector2D begin = from.subtract(centre());
        double turned = Math.atan2(begin.getX() * out.getY() - begin.getY() * out.getX(), begin.dotProduct(out));
        double onArc = Math.signum(bulge) * turned;
        double along = onArc < 0 ? onArc + 2 * Math.PI : onArc;
        return along <= Math.abs(sweep())
                ? Math.abs(out.getNorm() - radius())
                : Math.min(Vector2D.distance(place, from), Vector2D.distance(place, to));
    }

    /** Its beginning and places on it, without its end. */
    List<Vector2D> points(double stray) {
        if (straight()) {
            return List.of(from);
        }
        double widest = 2 * Math.acos(Math.max(0, 1 - stray / radius()));
        int steps = (int) Math.max(2, Math.ceil(Math.abs(sweep()) / widest));
        Vector2D centre = centre();
        Vector2D begin = from.subtract(centre);
        List<Vector2D> points = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            double angle = sweep() * i / steps;
            double cos = Math.cos(angle);
            double sin = Math.sin(angle);
            points.add(centre.add(
                    new Vector2D(begin.getX() * cos - begin.getY() * sin, begin.getX() * sin + begin.getY() * cos)));
        }
        return points;
    }
}
