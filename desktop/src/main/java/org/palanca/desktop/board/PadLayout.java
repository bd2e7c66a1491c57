package org.palanca.desktop.board;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Travel;

/**
 * The travel pad's square: left wheel across, right wheel up, droop to bump, as far as the plan wants and the pose lies, which may
 * be farther where stops and straps let a wheel go on; and under it the steering from lock to lock,
 * where the axle steers. Steering to the left is on the left, as the driver sees it.
 *
 * @param square area [px]
 * @param plan travel that is wanted
 * @param span what its edges stand for: the plan, or more
 * @param steer area of the steering's line [px]; empty where nothing steers
 */
public record PadLayout(Rectangle2D square, Travel plan, Travel span, Optional<Rectangle2D> steer) {
    private static final double SNAP_PIXELS = 5;
    private static final double STEER_HEIGHT = 26;

    /** The largest square in an area, with room for its words and, below, its steering and its buttons. */
    public static PadLayout of(Rectangle2D area, Travel plan, Travel span, boolean steers, double size) {
        double left = 34 * size;
        double above = 40 * size;
        double wheel = steers ? STEER_HEIGHT * size : 0;
        double below = (roomForButtons(area, size) ? 62 : 34) * size + wheel;
        double edge = Math.max(40, Math.min(area.getWidth() - left - 12 * size, area.getHeight() - above - below));
        double x = area.getMinX() + (area.getWidth() - edge) / 2;
        Rectangle2D square = new Rectangle2D(x, area.getMinY() + above, edge, edge);
        Optional<Rectangle2D> line = steers
                ? Optional.of(new Rectangle2D(x, square.getMaxY() + 19 * size, edge, STEER_HEIGHT * size))
                : Optional.empty();
        return new PadLayout(square, plan, span, line);
    }

    /** Whether there is room for a row of buttons under the square; the menu has the same. */
    public static boolean roomForButtons(Rectangle2D area, double size) {
        return area.getWidth() > 300 * size && area.getHeight() > 280 * size;
    }

    private double whole() {
        return Math.max(1e-9, span.bump() + span.droop());
    }

    /** Pixel column of a left travel [m]. */
    public double x(double left) {
        return square.getMinX() + (left + span.droop()) / whole() * square.getWidth();
    }

    /** Pixel row of a right travel [m]. */
    public double y(double right) {
        return square.getMaxY() - (right + span.droop()) / whole() * square.getHeight();
    }

    /** The part of the square that the plan's travel takes [px]; what the map of the travel covers. */
    public Rectangle2D planned() {
        double left = x(-plan.droop());
        double top = y(plan.bump());
        return new Rectangle2D(left, top, x(plan.bump()) - left, y(-plan.droop()) - top);
    }

    /** A plan's travel, widened to a pose outside it. */
    public static Travel reaching(Travel plan, WheelTravel pose) {
        return new Travel(
                Math.max(plan.bump(), Math.max(pose.left(), pose.right())),
                Math.max(plan.droop(), -Math.min(pose.left(), pose.right())));
    }

    /** Where the buttons begin [px]. */
    double buttonsTop(double size) {
        return steer.map(line -> line.getMaxY() + 6 * size).orElse(square.getMaxY() + 24 * size);
    }

    /** Pixel column of a steering, from -1 full right to 1 full left. */
    public double steerX(double part) {
        return square.getMinX() + (1 - part) / 2 * square.getWidth();
    }

    /** The steering at a pixel column, near the middle straight ahead. */
    public double steerAt(double px) {
        double part = Math.max(-1, Math.min(1, 1 - 2 * (px - square.getMinX()) / square.getWidth()));
        return Math.abs(part) * square.getWidth() / 2 < SNAP_PIXELS ? 0 : part;
    }

    /**
     * The pose at a pixel, kept within the square; near ride it is ride, and near an even pose it is even.
     *
     * @param even whether both wheels are to move alike
     */
    public WheelTravel pose(double px, double py, boolean even) {
        double left = clamp((px - square.getMinX()) / square.getWidth() * whole() - span.droop());
        double right = clamp((square.getMaxY() - py) / square.getHeight() * whole() - span.droop());
        double snap = SNAP_PIXELS / square.getWidth() * whole();
        if (even || Math.abs(left - right) < snap) {
            left = (left + right) / 2;
            right = left;
        } else if (Math.abs(left + right) < snap) {
            left = (left - right) / 2;
            right = -left;
        }
        boolean nearRide = Math.abs(left) < snap && Math.abs(right) < snap;
        return nearRide ? WheelTravel.RIDE : new WheelTravel(left, right);
    }

    private double clamp(double value) {
        return Math.max(-span.droop(), Math.min(span.bump(), value));
    }
}
