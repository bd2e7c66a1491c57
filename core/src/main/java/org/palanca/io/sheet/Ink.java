package org.palanca.io.sheet;

/** One thing on a page. Places in points (1/72 in) from its upper left corner, down positive. */
public sealed interface Ink {
    /**
     * A line of text.
     *
     * @param x of its start
     * @param y of its base line
     * @param size of its letters
     */
    record Text(String text, double x, double y, double size, boolean bold) implements Ink {}

    /**
     * A straight stroke.
     *
     * @param width of the pen
     * @param dash lengths of stroke and gap; 0 for a whole line
     */
    record Line(double x1, double y1, double x2, double y2, double width, double dash) implements Ink {}

    /** A circle, filled or not. */
    record Circle(double x, double y, double radius, double width, boolean filled) implements Ink {}
}
