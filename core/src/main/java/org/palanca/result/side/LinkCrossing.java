package org.palanca.result.side;

import java.util.List;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.links.LinkEnds;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * The classic instant centre of a live axle as it is drawn on paper: where the line of the upper links and that of the lower
 * ones cross in side view, left and right averaged. The exact one, {@link InstantCentreResult}, is of the axle's motion with
 * all its members, and differs where a panhard, a drag link or converging links turn the axle as it rises.
 */
public final class LinkCrossing extends DefinedResult {
    /** Which of its coordinates. */
    public enum Coordinate {
        /** Ahead of the axle centre at this pose, negative behind. */
        AHEAD,
        /** Above the ground at this pose. */
        HEIGHT
    }

    private final Coordinate coordinate;
    private final LinkEnds[] uppers;
    private final LinkEnds[] lowers;

    public LinkCrossing(Coordinate coordinate, List<LinkEnds> uppers, List<LinkEnds> lowers) {
        super(
                coordinate == Coordinate.AHEAD ? ResultKind.LINK_CROSSING_AHEAD : ResultKind.LINK_CROSSING_HEIGHT,
                Motion.NONE,
                "source.link_crossing");
        this.coordinate = coordinate;
        this.uppers = uppers.toArray(LinkEnds[]::new);
        this.lowers = lowers.toArray(LinkEnds[]::new);
    }

    @Override
    public boolean seenFromTheSide() {
        return false;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double upperSlope = slope(motion, uppers);
        double lowerSlope = slope(motion, lowers);
        double upperUp = at(motion, uppers, 2) - upperSlope * (at(motion, uppers, 0) - motion.centreX());
        double lowerUp = at(motion, lowers, 2) - lowerSlope * (at(motion, lowers, 0) - motion.centreX());
        double ahead = (lowerUp - upperUp) / (upperSlope - lowerSlope);
        double height = upperUp + upperSlope * ahead - motion.ground();
        double asked = coordinate == Coordinate.AHEAD ? ahead : height;
        boolean far = InstantCentre.atInfinity(ahead, motion.vehicle().wheelbase());
        double result = far ? Math.copySign(Double.POSITIVE_INFINITY, Double.isNaN(asked) ? 1 : asked) : asked;
        trace.given("s_u", "symbol.uppers_slope", upperSlope, Quantity.RATIO);
        trace.given("s_l", "symbol.lowers_slope", lowerSlope, Quantity.RATIO);
        trace.given("z_u", "symbol.uppers_at_axle", upperUp, Quantity.LENGTH);
        trace.given("z_l", "symbol.lowers_at_axle", lowerUp, Quantity.LENGTH);
        trace.step("ahead", "( z_l - z_u ) / ( s_u - s_l )", ahead, Quantity.LENGTH);
        if (coordinate == Coordinate.HEIGHT) {
            trace.given("z_g", "symbol.ground", motion.ground(), Quantity.LENGTH);
            trace.step("height", "z_u + s_u * ahead - z_g", result, Quantity.LENGTH);
        }
        if (!far && trace.listening()) {
            double x = motion.centreX() + ahead;
            double z = height + motion.ground();
            trace.point("point.link_crossing", x, 0, z);
            for (LinkEnds link : List.of(uppers[0], lowers[0])) {
                trace.line(
                        Construction.Kind.EXTENSION,
                        motion.mount(link.to(), 0),
                        0,
                        motion.mount(link.to(), 2),
                        x,
                        0,
                        z);
            }
        }
        return result;
    }

    /** Rise over forward run of links' mean line. */
    private static double slope(AxleMotion motion, LinkEnds[] links) {
        double along = 0;
        double rise = 0;
        for (LinkEnds link : links) {
            along += link.run(motion, 0);
            rise += link.run(motion, 2);
        }
        return rise / along;
    }

    /** Mean of a component of the links' axle ends. */
    private static double at(AxleMotion motion, LinkEnds[] links, int component) {
        double sum = 0;
        for (LinkEnds link : links) {
            sum += motion.mount(link.to(), component);
        }
        return sum / links.length;
    }
}
