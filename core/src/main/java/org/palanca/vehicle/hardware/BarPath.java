package org.palanca.vehicle.hardware;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * The middle line of a bar from pin to pin in its own plane: straight pieces joined by arcs that touch them. x runs along the
 * line of the pins from the first, y to the side that the bar is turned to [m]. A bar without bends is one straight piece.
 *
 * <p>A bend that turns by a begins and ends R tan(a/2) from its corner and is R a long: the fillet of two lines.
 */
public final class BarPath {
    /** An arc is drawn and looked at in straight steps of no more than this [rad]: each is off it by a 700th of its radius. */
    private static final double ARC_STEP = Math.toRadians(6);

    private final List<Vector2D> corners;
    private final List<BarBend> bends;

    private BarPath(double pinToPin, List<BarBend> bends) {
        this.bends = List.copyOf(bends);
        corners = new ArrayList<>();
        corners.add(Vector2D.ZERO);
        bends.forEach(bend -> corners.add(new Vector2D(bend.along(), bend.off())));
        corners.add(new Vector2D(pinToPin, 0));
    }

    /** A bar as long as given from pin to pin [m], bent as given, or straight with no bends. */
    public static BarPath of(double pinToPin, List<BarBend> bends) {
        return new BarPath(pinToPin, bends);
    }

    /** How many bends it has. */
    public int bends() {
        return bends.size();
    }

    public BarBend bend(int index) {
        return bends.get(index);
    }

    /** From pin to pin, straight across [m]. */
    public double pinToPin() {
        return corners.get(corners.size() - 1).getX();
    }

    /** Whether it is one straight piece. */
    public boolean straight() {
        return bends.isEmpty();
    }

    /** Direction of a straight piece, of length 1: piece 0 begins at the first pin. */
    public Vector2D way(int piece) {
        return corners.get(piece + 1).subtract(corners.get(piece)).normalize();
    }

    /** How far a bend turns the bar [rad]: positive to the side that offsets count to. */
    public double angle(int bend) {
        Vector2D in = way(bend);
        Vector2D out = way(bend + 1);
        return Math.atan2(in.getX() * out.getY() - in.getY() * out.getX(), in.dotProduct(out));
    }

    /** From a bend's corner to where it begins and to where it ends [m]. */
    public double setback(int bend) {
        return bends.get(bend).radius() * Math.tan(Math.abs(angle(bend)) / 2);
    }

    /** What the bends leave straight of a piece [m]; negative where they leave none and are too wide for it. */
    public double straight(int piece) {
        double before = piece > 0 ? setback(piece - 1) : 0;
        double behind = piece < bends() ? setback(piece) : 0;
        return corners.get(piece).distance(corners.get(piece + 1)) - before - behind;
    }

    /** Length of a bend along the bar's middle [m]. */
    public double arc(int bend) {
        return bends.get(bend).radius() * Math.abs(angle(bend));
    }

    /** From the first pin to where a bend begins, along the bar's middle [m]. */
    public double start(int bend) {
        double length = straight(0);
        for (int i = 0; i < bend; i++) {
            length += arc(i) + straight(i + 1);
        }
        return length;
    }

    /** Along the bar's middle from pin to pin [m]: what it is long before it is bent. */
    public double length() {
        double length = straight(bends());
        return straight() ? length : start(bends() - 1) + arc(bends() - 1) + length;
    }

    /** The farthest that its middle stands off the line of the pins, either way [m]. */
    public double offset() {
        double most = 0;
        for (int i = 0; i < bends(); i++) {
            most = Math.max(most, offset(i));
        }
        return most;
    }

    /** The farthest that a bend stands off the line of the pins, either way [m]. */
    public double offset(int bend) {
        double most = Math.max(Math.abs(begin(bend).getY()), Math.abs(end(bend).getY()));
        boolean runsAlong = way(bend).getY() * way(bend + 1).getY() < 0;
        if (!runsAlong) {
            return most;
        }
        double crown =
                centre(bend).getY() - Math.signum(angle(bend)) * bends.get(bend).radius();
        return Math.max(most, Math.abs(crown));
    }

    private Vector2D begin(int bend) {
        return corners.get(bend + 1).subtract(setback(bend), way(bend));
    }

    private Vector2D end(int bend) {
        return corners.get(bend + 1).add(setback(bend), way(bend + 1));
    }

    /** Of the circle that a bend is part of: square to the piece before it, on the side that it turns to. */
    private Vector2D centre(int bend) {
        Vector2D in = way(bend);
        double radius = Math.signum(angle(bend)) * bends.get(bend).radius();
        return begin(bend).add(radius, new Vector2D(-in.getY(), in.getX()));
    }

    /**
     * Its middle line in straight steps.
     *
     * @param first how much of it is left out at the first pin, less than the first straight piece [m]
     * @param last at the second pin
     */
    public List<Vector2D> points(double first, double last) {
        List<Vector2D> all = new ArrayList<>();
        all.add(corners.get(0).add(first, way(0)));
        for (int i = 0; i < bends(); i++) {
            int steps = Math.max(1, (int) Math.ceil(Math.abs(angle(i)) / ARC_STEP));
            Vector2D centre = centre(i);
            Vector2D from = begin(i).subtract(centre);
            for (int k = 0; k <= steps; k++) {
                double turn = angle(i) * k / steps;
                double cos = Math.cos(turn);
                double sin = Math.sin(turn);
                all.add(centre.add(
                        new Vector2D(cos * from.getX() - sin * from.getY(), sin * from.getX() + cos * from.getY())));
            }
        }
        all.add(corners.get(corners.size() - 1).subtract(last, way(bends())));
        return all;
    }
}
