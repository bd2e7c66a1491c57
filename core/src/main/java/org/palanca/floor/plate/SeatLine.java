package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;

/**
 * What a bracket is welded on, as it cuts the plane of an ear. In that plane x runs beside the bolt and y away from the seat, and the
 * bolt's middle is the origin: the seat lies below it.
 */
sealed interface SeatLine {
    /** Chords stray from a slanting tube's ellipse no farther than this [m]. */
    double STRAY = 5e-6;

    /** How high the seat stands there [m], negative below the bolt; empty where there is none of it. */
    OptionalDouble height(double x);

    /** The way along it from left to right [m]: corners that begin its edges, without its end. Both places lie on it. */
    List<Corner> along(double left, double right);

    /** Which way the bolt is from the seat, of length 1, vehicle frame: square to the bolt. */
    Vector3D up();

    /** A flat one, which the plane cuts in a level line. */
    record Flat(double y, Vector3D up) implements SeatLine {
        @Override
        public OptionalDouble height(double x) {
            return OptionalDouble.of(y);
        }

        @Override
        public List<Corner> along(double left, double right) {
            return List.of(Corner.straight(left, y));
        }
    }

    /**
     * A round tube, which the plane cuts in a circle, an ellipse or a level line.
     *
     * @param middle a place on its middle line, seen square to the plane [m]
     * @param off how far that place lies off the plane, the bolt's way positive [m]
     * @param axis its direction, of length 1: beside the bolt, away from the seat, and along the bolt
     * @param radius outside [m]
     */
    record Round(Vector2D middle, double off, Vector3D axis, double radius, Vector3D up) implements SeatLine {
        private static final double ALONG = 1e-9;

        /** What is left of a place square to the middle line is the radius long: an equation of the second degree for its height. */
        @Override
        public OptionalDouble height(double x) {
            double beside = x - middle.getX();
            double level = beside * axis.getX() - off * axis.getZ();
            double a = 1 - axis.getY() * axis.getY();
            double half = -axis.getY() * level;
            double rest = beside * beside + off * off - level * level - radius * radius;
            double root = half * half - a * rest;
            return a < ALONG || root < 0
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(middle.getY() + (Math.sqrt(root) - half) / a);
        }

        @Override
        public List<Corner> along(double left, double right) {
            Vector2D from = new Vector2D(left, height(left).orElseThrow());
            Vector2D to = new Vector2D(right, height(right).orElseThrow());
            if (Math.hypot(axis.getX(), axis.getY()) < ALONG) {
                double angle = Vector2D.angle(from.subtract(middle), to.subtract(middle));
                return List.of(new Corner(from, -Math.tan(angle / 4)));
            }
            List<Corner> corners = new ArrayList<>();
            corners.add(new Corner(from, 0));
            bend(from, to, corners);
            return corners;
        }

        /** Halves a chord until it is near enough to the ellipse. */
        private void bend(Vector2D from, Vector2D to, List<Corner> into) {
            double x = (from.getX() + to.getX()) / 2;
            Vector2D middle = new Vector2D(x, height(x).orElseThrow());
            if (Math.abs(middle.getY() - (from.getY() + to.getY()) / 2) < STRAY) {
                return;
            }
            bend(from, middle, into);
            into.add(new Corner(middle, 0));
            bend(middle, to, into);
        }
    }
}
