package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Bounds;

/**
 * Where a plate has room for its engraving: clear of holes, folds and edges.
 *
 * @param at left end of the letters' foot [m]
 * @param height of the letters [m]
 */
public record MarkPlace(Vector2D at, double height) {
    /** A letter with its gap is so wide for its height: as plotters' letters are. */
    public static final double LETTER = 0.75;

    private static final double[] HEIGHTS = {0.006, 0.005, 0.004, 0.003, 0.0025, 0.002};

    /** Metal round the letters, in heights. */
    private static final double ROOM = 0.4;

    private static final int STEPS = 24;

    /** The place where it has most room at the largest height that fits; empty where none does. */
    public static Optional<MarkPlace> of(FlatPart part, String mark) {
        Bounds bounds = part.outline().bounds();
        for (double height : HEIGHTS) {
            double wide = mark.length() * LETTER * height;
            double margin = ROOM * height;
            double most = margin;
            Vector2D best = null;
            for (int i = 0; i <= STEPS; i++) {
                for (int k = 0; k <= STEPS; k++) {
                    Vector2D at = new Vector2D(
                            bounds.left() + (bounds.width() - wide) * i / STEPS,
                            bounds.bottom() + (bounds.height() - height) * k / STEPS);
                    double room = room(part, at, wide, height, most);
                    if (room > most) {
                        most = room;
                        best = at;
                    }
                }
            }
            if (best != null) {
                return Optional.of(new MarkPlace(best, height));
            }
        }
        return Optional.empty();
    }

    /** From the letters to the nearest edge, hole or fold [m]; no more is asked once it is less than enough. */
    private static double room(FlatPart part, Vector2D at, double wide, double height, double enough) {
        double least = Double.MAX_VALUE;
        for (Vector2D place : places(at, wide, height)) {
            for (Opening hole : part.openings()) {
                least = Math.min(least, Vector2D.distance(place, hole.centre()) - hole.length() / 2);
            }
            for (FoldLine fold : part.folds()) {
                least = Math.min(least, Math.abs(place.getY() - fold.from().getY()) - fold.radius());
            }
            least = Math.min(least, part.outline().distance(place));
            if (least <= enough) {
                return least;
            }
        }
        return part.outline().contains(at) ? least : 0;
    }

    private static List<Vector2D> places(Vector2D at, double wide, double height) {
        List<Vector2D> all = new ArrayList<>();
        for (int i = 0; i <= 6; i++) {
            for (int k = 0; k <= 2; k++) {
                all.add(at.add(new Vector2D(wide * i / 6, height * k / 2)));
            }
        }
        return all;
    }
}
