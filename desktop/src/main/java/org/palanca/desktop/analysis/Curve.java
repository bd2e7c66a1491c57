package org.palanca.desktop.analysis;

/**
 * One line of a plot, in the units held inside [SI]; it is broken where a number is none.
 *
 * @param name what the key calls it
 * @param x along the axis that runs across
 * @param y along the axis that runs up, as many
 * @param past whether it is how things were, and not how they are
 */
public record Curve(String name, double[] x, double[] y, boolean past) {
    /** How things are. */
    public Curve(String name, double[] x, double[] y) {
        this(name, x, y, false);
    }

    /** The same as how things were. */
    public Curve past(String otherName) {
        return new Curve(otherName, x, y, true);
    }
}
