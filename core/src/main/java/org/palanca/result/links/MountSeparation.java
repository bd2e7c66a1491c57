package org.palanca.result.links;

import java.util.List;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/** How far the upper links' mounts are above the lower links' at one end, left and right averaged, at this pose. */
public final class MountSeparation extends DefinedResult {
    /** Which end of the links. */
    public enum End {
        FRAME,
        AXLE
    }

    private final End end;
    private final int[] uppers;
    private final int[] lowers;

    public MountSeparation(End end, List<LinkEnds> uppers, List<LinkEnds> lowers) {
        super(
                end == End.FRAME ? ResultKind.SEPARATION_FRAME : ResultKind.SEPARATION_AXLE,
                Motion.NONE,
                "source.definition");
        this.end = end;
        this.uppers = indices(uppers);
        this.lowers = indices(lowers);
    }

    private int[] indices(List<LinkEnds> links) {
        return links.stream()
                .mapToInt(link -> end == End.FRAME ? link.from() : link.to())
                .toArray();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double upper = mean(motion, uppers, 2);
        double lower = mean(motion, lowers, 2);
        trace.given("z_u", "symbol.uppers_height", upper, Quantity.LENGTH);
        trace.given("z_l", "symbol.lowers_height", lower, Quantity.LENGTH);
        trace.step("apart", "z_u - z_l", upper - lower, Quantity.LENGTH);
        double x = mean(motion, uppers, 0);
        double y = motion.mount(uppers[0], 1);
        trace.line(Construction.Kind.MEASURE, x, y, upper, x, y, lower);
        return upper - lower;
    }

    private static double mean(AxleMotion motion, int[] mounts, int component) {
        double sum = 0;
        for (int mount : mounts) {
            sum += motion.mount(mount, component);
        }
        return sum / mounts.length;
    }
}
