package org.palanca.result.shock;

import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/** Something read off a shock, stop or strap by the line between its mounts; its id ends in its name. */
abstract class LineResult extends DefinedResult {
    private final MountLine line;

    LineResult(ResultKind kind, String name, MountLine line, Motion motion, String source) {
        super(kind, name, motion, source);
        this.line = line;
    }

    final MountLine line() {
        return line;
    }

    /** The length as a given, drawn on the board. */
    final double length(AxleMotion motion, Trace trace) {
        double length = line.length(motion);
        trace.given("l", "symbol.between_mounts", length, Quantity.LENGTH);
        line.draw(motion, trace);
        return length;
    }
}
