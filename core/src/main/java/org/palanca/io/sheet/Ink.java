package org.palanca.io.sheet;

/** One thing on a page. Places in points (1/72 in) from its upper left corner, down positive. */
public sealed interface Ink {
    /**
     * What draws ink: a file format or a screen. A new kind of ink does not compile until each of them draws it.
     *
     * @param <E> what drawing may fail with
     */
    interface Pen<E extends Exception> {
        void text(Text text) throws E;

        void line(Line line) throws E;

        void circle(Circle circle) throws E;

        void block(Block block) throws E;
    }

    /** Has a pen draw it. */
    <E extends Exception> void drawnBy(Pen<E> pen) throws E;

    /** How far down the page it reaches; a circle by its middle. */
    double lowest();

    /**
     * A line of text.
     *
     * @param x of its start
     * @param y of its base line
     * @param size of its letters
     */
    record Text(String text, double x, double y, double size, boolean bold) implements Ink {
        @Override
        public <E extends Exception> void drawnBy(Pen<E> pen) throws E {
            pen.text(this);
        }

        @Override
        public double lowest() {
            return y;
        }
    }

    /**
     * A straight stroke.
     *
     * @param width of the pen
     * @param dash lengths of stroke and gap; 0 for a whole line
     */
    record Line(double x1, double y1, double x2, double y2, double width, double dash) implements Ink {
        @Override
        public <E extends Exception> void drawnBy(Pen<E> pen) throws E {
            pen.line(this);
        }

        @Override
        public double lowest() {
            return Math.max(y1, y2);
        }
    }

    /** A circle, filled or not. */
    record Circle(double x, double y, double radius, double width, boolean filled) implements Ink {
        @Override
        public <E extends Exception> void drawnBy(Pen<E> pen) throws E {
            pen.circle(this);
        }

        @Override
        public double lowest() {
            return y;
        }
    }

    /**
     * A filled rectangle.
     *
     * @param x of its left edge
     * @param y of its upper edge
     */
    record Block(double x, double y, double width, double height) implements Ink {
        @Override
        public <E extends Exception> void drawnBy(Pen<E> pen) throws E {
            pen.block(this);
        }

        @Override
        public double lowest() {
            return y + height;
        }
    }
}
