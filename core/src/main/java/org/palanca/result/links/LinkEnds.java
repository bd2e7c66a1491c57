package org.palanca.result.links;

import org.palanca.result.AxleMotion;

/**
 * The two mounts of a link by their indices in the axle's list.
 *
 * @param from index of the frame end
 * @param to index of the axle end
 */
public record LinkEnds(int from, int to) {
    /** Component 0 to 2 of the frame end [m]. */
    double at(AxleMotion motion, int component) {
        return motion.mount(from, component);
    }

    /** Component 0 to 2 of the way from frame end to axle end [m]. */
    double run(AxleMotion motion, int component) {
        return motion.mount(to, component) - motion.mount(from, component);
    }
}
