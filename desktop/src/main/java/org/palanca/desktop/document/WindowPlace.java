package org.palanca.desktop.document;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;

/**
 * Where the window stands.
 *
 * @param at its bounds while it is not maximised [px on the desktop]
 * @param maximised whether it fills its screen
 */
public record WindowPlace(Rectangle2D at, boolean maximised) {
    /** What the window is laid out for [px]. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    /** So much of the window's top must be on a screen, or it could not be taken hold of [px]. */
    private static final double GRIP = 80;

    /**
     * Where to put the window: where it was last, if that can still be seen.
     *
     * @param screens what there is to show it on, the main one first, bars and docks taken off
     * @return empty where the system may choose
     */
    public static Optional<WindowPlace> of(Optional<WindowPlace> last, List<Rectangle2D> screens) {
        for (Rectangle2D screen : screens) {
            if (last.isPresent() && holds(screen, last.get().at)) {
                WindowPlace place = last.get();
                // Of a window larger than its screen the foot could not be seen.
                boolean fills = smaller(screen, place.at.getWidth(), place.at.getHeight());
                return Optional.of(new WindowPlace(place.at, place.maximised || fills));
            }
        }
        return screens.stream()
                .limit(1)
                .filter(main -> smaller(main, WIDTH, HEIGHT))
                .map(main -> new WindowPlace(main, true))
                .findFirst();
    }

    private static boolean smaller(Rectangle2D screen, double width, double height) {
        return screen.getWidth() < width || screen.getHeight() < height;
    }

    private static boolean holds(Rectangle2D screen, Rectangle2D at) {
        double across = Math.min(screen.getMaxX(), at.getMaxX()) - Math.max(screen.getMinX(), at.getMinX());
        boolean topSeen = at.getMinY() >= screen.getMinY() && at.getMinY() + GRIP <= screen.getMaxY();
        return across >= GRIP && topSeen;
    }
}
