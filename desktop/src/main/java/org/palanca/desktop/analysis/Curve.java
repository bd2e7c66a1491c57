package org.palanca.desktop.analysis;

/**
 * One line of a plot, in the units held inside [SI]; it is broken where a number is none.
 *
 * @param name what the key calls it
 * @param x along the axis that runs across
 * @param y along the axis that runs up, as many
 */
public record Curve(String name, double[] x, double[] y) {}
