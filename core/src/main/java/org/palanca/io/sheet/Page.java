package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;

/** One page, letter size, in the making. Texts stay within the room they are given by being set smaller. */
public final class Page {
    /** Letter size in points. */
    public static final double WIDTH = 612;

    public static final double HEIGHT = 792;
    private static final char NO_BREAK = '\u00a0';
    static final double MARGIN = 36;
    static final double RIGHT = WIDTH - MARGIN;

    private static final double FAINT = 0.3;
    private static final double FINE = 0.6;
    private static final double ARROW = 5;

    private final String title;
    private String mark = "";
    private final List<Ink> ink = new ArrayList<>();

    Page(String title) {
        this.title = title;
    }

    /** What the page is called. */
    public String title() {
        return title;
    }

    /** Eight letters that are others when anything it tells is another; empty where none is on it. */
    public String mark() {
        return mark;
    }

    void marked(String other) {
        mark = other;
    }

    /** Everything on it, in the order it is drawn. */
    public List<Ink> ink() {
        return List.copyOf(ink);
    }

    Page text(String text, double x, double y, double size, boolean bold) {
        // Where it may not break is settled by now.
        String printable = Letters.printable(text.replace(NO_BREAK, ' '), bold);
        ink.add(new Ink.Text(printable, x, y, size, bold));
        return this;
    }

    Page textWithin(String text, double x, double y, double size, boolean bold, double room) {
        double width = Letters.width(Letters.printable(text, bold), size, bold);
        return text(text, x, y, width > room ? size * room / width : size, bold);
    }

    Page textRight(String text, double right, double y, double size, boolean bold) {
        return text(text, right - Letters.width(Letters.printable(text, bold), size, bold), y, size, bold);
    }

    Page textMiddle(String text, double middle, double y, double size, boolean bold) {
        return text(text, middle - Letters.width(Letters.printable(text, bold), size, bold) / 2, y, size, bold);
    }

    /** Text over as many lines as it takes; gives the base line after the last. */
    double paragraph(String text, double x, double top, double size, boolean bold, double room) {
        double leading = size * 1.35;
        StringBuilder line = new StringBuilder();
        double y = top;
        for (String word : text.split(" ")) {
            String longer = line + (line.isEmpty() ? "" : " ") + word;
            if (!line.isEmpty() && Letters.width(longer, size, bold) > room) {
                text(line.toString(), x, y, size, bold);
                y += leading;
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        text(line.toString(), x, y, size, bold);
        return y + leading;
    }

    Page line(double x1, double y1, double x2, double y2, double width, double dash) {
        ink.add(new Ink.Line(x1, y1, x2, y2, width, dash));
        return this;
    }

    Page rule(double y) {
        return line(MARGIN, y, RIGHT, y, FINE, 0);
    }

    Page faintRule(double y) {
        return line(MARGIN, y, RIGHT, y, FAINT, 0);
    }

    Page box(double left, double top, double right, double bottom, double width) {
        line(left, top, right, top, width, 0);
        line(right, top, right, bottom, width, 0);
        line(right, bottom, left, bottom, width, 0);
        return line(left, bottom, left, top, width, 0);
    }

    Page circle(double x, double y, double radius, double width, boolean filled) {
        ink.add(new Ink.Circle(x, y, radius, width, filled));
        return this;
    }

    Page block(double x, double y, double width, double height) {
        ink.add(new Ink.Block(x, y, width, height));
        return this;
    }

    /** A blank to write in. */
    Page blank(double left, double right, double y) {
        return line(left, y, right, y, FINE, 0);
    }

    /** A square to tick; a hold is drawn double. */
    Page tick(double left, double base, double side, boolean hold) {
        box(left, base - side, left + side, base, FINE);
        if (hold) {
            box(left - 2, base - side - 2, left + side + 2, base + 2, 2 * FINE);
        }
        return this;
    }

    /** A level dimension line with its number over it, or beside it where it is too narrow. */
    Page dimension(double from, double to, double y, String text, double size) {
        line(from, y, to, y, FAINT, 0);
        arrow(from, y, to > from ? 1 : -1);
        arrow(to, y, to > from ? -1 : 1);
        double width = Letters.width(text, size, true);
        double room = Math.abs(to - from) - 4;
        return width <= room
                ? textMiddle(text, (from + to) / 2, y - 2.5, size, true)
                : textWithin(text, Math.min(from, to) + 2, y - 2.5, size, true, Math.max(room, 14));
    }

    private void arrow(double x, double y, int towards) {
        line(x, y, x + towards * ARROW, y - ARROW / 3, FINE, 0);
        line(x, y, x + towards * ARROW, y + ARROW / 3, FINE, 0);
    }

    /** A witness line. */
    Page witness(double x, double top, double bottom) {
        return line(x, top, x, bottom, FAINT, 0);
    }
}
