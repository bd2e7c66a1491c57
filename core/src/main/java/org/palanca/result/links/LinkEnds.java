package org.palanca.result.links;

import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Trace;

/**
 * The two mounts of a link by their indices in the axle's list.
 *
 * @param from index of the frame end
 * @param to index of the axle end
 */
public record LinkEnds(int from, int to) {
    /** Component 0 to 2 of the frame end [m]. */
    public double at(AxleMotion motion, int component) {
        return motion.mount(from, component);
    }

    /** Component 0 to 2 of the way from frame end to axle end [m]. */
    public double run(AxleMotion motion, int component) {
        return motion.mount(to, component) - motion.mount(from, component);
    }

    /** The link lit on the board, from mount to mount. */
    public void draw(AxleMotion motion, Trace trace) {
        trace.line(
                Construction.Kind.MEASURE,
                at(motion, 0),
                at(motion, 1),
                at(motion, 2),
                motion.mount(to, 0),
                motion.mount(to, 1),
                motion.mount(to, 2));
    }
}
