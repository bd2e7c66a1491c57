package org.palanca.result.shock;

import org.palanca.result.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;
import org.palanca.working.Trace;

/** Something read off a shock, stop or strap by the line between its mounts; its id ends in its name. */
abstract class LineResult extends DefinedResult {
    private final String name;
    private final MountLine line;

    /** @param id the part of the id before the name */
    LineResult(String id, String name, MountLine line, Quantity quantity, Motion motion, String source) {
        super(id + "." + name, quantity, motion, source);
        this.name = name;
        this.line = line;
    }

    @Override
    public final String subject() {
        return name;
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
