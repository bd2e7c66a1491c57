package org.palanca.result.links;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.LinkRole;

/** Included angle between a pair of links as seen from above, at this pose. */
public final class PlanAngle extends DefinedResult {
    private final LinkEnds one;
    private final LinkEnds other;

    public PlanAngle(LinkRole role, LinkEnds one, LinkEnds other) {
        super(
                role == LinkRole.UPPER ? ResultKind.UPPER_PLAN_ANGLE : ResultKind.LOWER_PLAN_ANGLE,
                Motion.NONE,
                "source.definition");
        this.one = one;
        this.other = other;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double x1 = one.run(motion, 0);
        double y1 = one.run(motion, 1);
        double x2 = other.run(motion, 0);
        double y2 = other.run(motion, 1);
        double angle = Math.abs(Math.atan(y1 / x1) - Math.atan(y2 / x2));
        trace.given("x_1", "symbol.link1_x", x1, Quantity.LENGTH);
        trace.given("y_1", "symbol.link1_y", y1, Quantity.LENGTH);
        trace.given("x_2", "symbol.link2_x", x2, Quantity.LENGTH);
        trace.given("y_2", "symbol.link2_y", y2, Quantity.LENGTH);
        trace.step("angle", "abs( atan( y_1 / x_1 ) - atan( y_2 / x_2 ) )", angle, Quantity.ANGLE);
        if (trace.listening()) {
            extend(motion, one, trace);
            extend(motion, other, trace);
        }
        return angle;
    }

    /** The link drawn on to the centreline, where it crosses it within reach. */
    private static void extend(AxleMotion motion, LinkEnds link, Trace trace) {
        double y = link.at(motion, 1);
        double across = link.run(motion, 1);
        double times = -y / across;
        if (!(Math.abs(times) < 10)) {
            times = 1;
        }
        trace.line(
                Construction.Kind.EXTENSION,
                link.at(motion, 0),
                y,
                link.at(motion, 2),
                link.at(motion, 0) + times * link.run(motion, 0),
                y + times * across,
                link.at(motion, 2) + times * link.run(motion, 2));
    }
}
