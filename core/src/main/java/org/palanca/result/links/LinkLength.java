package org.palanca.result.links;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** A link's length pin to pin: the distance of its two mounts at this pose, the same at every pose that closes. */
public final class LinkLength extends LinkResult {
    public LinkLength(String link, LinkEnds ends) {
        super(ResultKind.LINK_LENGTH, link, ends);
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        LinkEnds ends = ends();
        double x = ends.run(motion, 0);
        double y = ends.run(motion, 1);
        double z = ends.run(motion, 2);
        double length = Math.sqrt(x * x + y * y + z * z);
        trace.given("x", "symbol.link_x", x, Quantity.LENGTH);
        trace.given("y", "symbol.link_y", y, Quantity.LENGTH);
        trace.given("z", "symbol.link_z", z, Quantity.LENGTH);
        trace.step("length", "sqrt( x * x + y * y + z * z )", length, Quantity.LENGTH);
        ends.draw(motion, trace);
        return length;
    }
}
