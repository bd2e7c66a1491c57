package org.palanca.desktop.control;

import java.util.HashMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;

/**
 * Heights that a control wants at the widths it was asked for, until something in it changes. The toolkit keeps none of a
 * control that wraps, and measures its text anew whenever anything beside it changes.
 */
public final class KnownHeights {
    private final Map<Double, Double> heights = new HashMap<>();

    /** The height at a width, measured if it is not known. */
    public double at(double width, DoubleUnaryOperator measure) {
        Double known = heights.get(width);
        if (known == null) {
            known = measure.applyAsDouble(width);
            heights.put(width, known);
        }
        return known;
    }

    /** Something changed. */
    public void forget() {
        heights.clear();
    }
}
