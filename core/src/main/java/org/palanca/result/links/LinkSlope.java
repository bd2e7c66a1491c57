package org.palanca.result.links;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** Slope of a link that runs across, in front view: rising to the outside positive, from whichever end is farther in. */
public final class LinkSlope extends LinkResult {
    public LinkSlope(String link, LinkEnds ends) {
        super(ResultKind.LINK_SLOPE, link, ends);
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        LinkEnds ends = ends();
        double inner = Math.abs(ends.at(motion, 1));
        double outer = Math.abs(ends.at(motion, 1) + ends.run(motion, 1));
        double across = Math.abs(ends.run(motion, 1));
        double rise = inner <= outer ? ends.run(motion, 2) : -ends.run(motion, 2);
        double slope = Math.atan(rise / across);
        trace.given("y", "symbol.link_across", across, Quantity.LENGTH);
        trace.given("z", "symbol.link_rise_out", rise, Quantity.LENGTH);
        trace.step("slope", "atan( z / y )", slope, Quantity.ANGLE);
        ends.draw(motion, trace);
        return slope;
    }
}
