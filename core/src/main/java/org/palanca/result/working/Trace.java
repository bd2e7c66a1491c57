package org.palanca.result.working;

import org.palanca.base.units.Quantity;

/** Listens while a result is computed. */
public interface Trace {
    /** Hears nothing and costs nothing. */
    Trace NONE = new Trace() {
        @Override
        public void given(String symbol, String meaning, double value, Quantity quantity) {}

        @Override
        public void step(String symbol, String formula, double value, Quantity quantity) {}

        @Override
        public void point(String label, double x, double y, double z) {}

        @Override
        public void line(Construction.Kind kind, double x1, double y1, double z1, double x2, double y2, double z2) {}
    };

    /** Whether anyone listens; construction lines that cost something to find are left out when not. */
    default boolean listening() {
        return this != NONE;
    }

    /**
     * A number that goes in.
     *
     * @param symbol its letters in formulas
     * @param meaning key of its meaning in words
     */
    void given(String symbol, String meaning, double value, Quantity quantity);

    /**
     * A number worked out from those before it. The last step is the result.
     *
     * @param formula with symbols, numbers, {@code + - * / ^ ( )} and functions, each set off by blanks
     */
    void step(String symbol, String formula, double value, Quantity quantity);

    /** A point of the construction [m], vehicle frame; {@code label} is a word key. */
    void point(String label, double x, double y, double z);

    /** A line of the construction [m], vehicle frame. */
    void line(Construction.Kind kind, double x1, double y1, double z1, double x2, double y2, double z2);
}
