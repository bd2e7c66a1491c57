package org.palanca.result.steer;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.links.LinkEnds;
import org.palanca.result.working.Trace;

/**
 * How far drag link and panhard are from swinging alike, seen from the front: their slopes and their lengths. Where both
 * agree, the axle moves sideways as the drag link's end does, and a bump does not steer.
 */
public final class DragLinkMatch extends DefinedResult {
    /** What is compared. */
    public enum Of {
        /** Slope of the drag link less that of the panhard, both rising to the left positive. */
        SLOPE,
        /** Length across of the drag link less that of the panhard. */
        LENGTH
    }

    private final Of of;
    private final LinkEnds dragLink;
    private final LinkEnds panhard;

    public DragLinkMatch(Of of, LinkEnds dragLink, LinkEnds panhard) {
        super(
                of == Of.SLOPE ? ResultKind.DRAG_LINK_SLOPE_GAP : ResultKind.DRAG_LINK_LENGTH_GAP,
                Motion.NONE,
                "source.drag_link");
        this.of = of;
        this.dragLink = dragLink;
        this.panhard = panhard;
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double y1 = dragLink.run(motion, 1);
        double z1 = dragLink.run(motion, 2);
        double y2 = panhard.run(motion, 1);
        double z2 = panhard.run(motion, 2);
        trace.given("y_1", "symbol.drag_link_y", y1, Quantity.LENGTH);
        trace.given("z_1", "symbol.drag_link_z", z1, Quantity.LENGTH);
        trace.given("y_2", "symbol.panhard_y", y2, Quantity.LENGTH);
        trace.given("z_2", "symbol.panhard_z", z2, Quantity.LENGTH);
        dragLink.draw(motion, trace);
        panhard.draw(motion, trace);
        if (of == Of.SLOPE) {
            double gap = Math.atan(z1 / y1) - Math.atan(z2 / y2);
            trace.step("gap", "atan( z_1 / y_1 ) - atan( z_2 / y_2 )", gap, Quantity.ANGLE);
            return gap;
        }
        double gap = Math.sqrt(y1 * y1 + z1 * z1) - Math.sqrt(y2 * y2 + z2 * z2);
        trace.step("gap", "sqrt( y_1 * y_1 + z_1 * z_1 ) - sqrt( y_2 * y_2 + z_2 * z_2 )", gap, Quantity.LENGTH);
        return gap;
    }
}
