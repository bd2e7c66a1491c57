package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Edge;
import org.palanca.base.outline.Outline;

/**
 * A bracket of one piece before it is folded: one ear above, the other below as its picture, between them the back with what bends
 * on both its sides. Each ear ends where its fold begins. The ears are convex, so that beyond the ends of a fold there is no plate
 * beside it, and no relief has to be cut.
 *
 * @param outline round it [m]
 * @param openings holes in it
 * @param folds the two folds
 */
record FoldedFlat(Outline outline, List<Opening> openings, List<FoldLine> folds) {
    /**
     * Lays it out.
     *
     * @param upper the one ear
     * @param lower the other ear
     * @param holes of an ear
     * @param turn by which an ear's fold comes to lie below it [rad]
     * @param back between the folds [m]
     * @param ends left and right end of the back, as an ear lies once it is turned [m]
     */
    static FoldedFlat of(
            Ear upper, Ear lower, List<Opening> holes, double turn, Fold fold, double back, double[] ends) {
        Outline top = upper.outline().turned(turn);
        Outline low = lower.outline().turned(turn);
        Edge topFold = top.edges().get(upper.web());
        Edge lowFold = low.edges().get(lower.web());
        double half = back / 2 + fold.allowance();
        Vector2D lift = new Vector2D(0, half - topFold.from().getY());
        Vector2D drop = new Vector2D(0, half - lowFold.from().getY());
        List<Corner> corners = new ArrayList<>(round(top, upper.web(), lift));
        corners.add(Corner.straight(ends[0], back / 2));
        corners.add(Corner.straight(ends[0], -back / 2));
        corners.addAll(below(round(low, lower.web(), drop)));
        corners.add(Corner.straight(ends[1], -back / 2));
        corners.add(Corner.straight(ends[1], back / 2));
        List<Opening> openings = new ArrayList<>();
        for (Opening hole : holes) {
            Vector2D there = turned(hole.centre(), turn);
            openings.add(moved(hole, there.add(lift)));
            openings.add(moved(hole, below(there.add(drop))));
        }
        double line = back / 2 + fold.allowance() / 2;
        return new FoldedFlat(
                new Outline(corners),
                openings,
                List.of(line(topFold, ends, line, fold), line(lowFold, ends, -line, fold)));
    }

    static Vector2D turned(Vector2D place, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vector2D(place.getX() * cos - place.getY() * sin, place.getX() * sin + place.getY() * cos);
    }

    private static Opening moved(Opening hole, Vector2D to) {
        return new Opening(to, hole.diameter(), hole.length(), hole.direction(), hole.bolt(), hole.role());
    }

    /** Half-way between where a fold begins and where it ends. */
    private static FoldLine line(Edge edge, double[] ends, double y, Fold fold) {
        return new FoldLine(
                new Vector2D((edge.from().getX() + ends[0]) / 2, y),
                new Vector2D((edge.to().getX() + ends[1]) / 2, y),
                fold.angle(),
                fold.radius());
    }

    /** Round an ear from the right end of its fold to the left one. */
    private static List<Corner> round(Outline ear, int web, Vector2D by) {
        List<Corner> corners = ear.corners();
        List<Corner> all = new ArrayList<>();
        for (int i = 1; i <= corners.size(); i++) {
            Corner corner = corners.get((web + i) % corners.size());
            all.add(new Corner(corner.at().add(by), i == corners.size() ? 0 : corner.bulge()));
        }
        return all;
    }

    /** The picture of such a line below, from the left end to the right one. */
    private static List<Corner> below(List<Corner> line) {
        List<Corner> all = new ArrayList<>();
        for (int i = line.size() - 1; i >= 0; i--) {
            // An edge keeps its bulge when it is both mirrored and run through the other way.
            double bulge = i == 0 ? 0 : line.get(i - 1).bulge();
            all.add(new Corner(below(line.get(i).at()), bulge));
        }
        return all;
    }

    private static Vector2D below(Vector2D place) {
        return new Vector2D(place.getX(), -place.getY());
    }
}
