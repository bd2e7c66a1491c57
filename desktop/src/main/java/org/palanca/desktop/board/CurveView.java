package org.palanca.desktop.board;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.Angles;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Curve;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;

/** Curves on ruled axes with a number at every rule: the first line whole, the second in strokes, what they are held against in dots. */
public final class CurveView extends DrawnRegion {
    private static final double LEFT = 66;
    private static final double RIGHT = 16;
    private static final double BOTTOM = 44;
    private static final double ROW = 21;
    private static final double SAMPLE = 24;
    private static final int RULES = 4;

    /** Room that it needs at normal text size [px]. */
    private static final double WIDE = 260;

    private static final double HIGH = 230;

    /** Room for a number at a rule, across and up, at normal text size [px]. */
    private static final double NUMBER = 28;

    private static final double NUMBER_HIGH = 15;

    /** What runs along an axis. */
    public record Axis(String name, Quantity quantity) {}

    private String title = "";
    private List<Curve> curves = List.of();

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Axis across;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Axis up;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Words words;

    private double lowX;
    private double highX;
    private double lowY;
    private double highY;
    private double top;
    private double size = 1;

    public CurveView(String id, Supplier<Theme> theme) {
        super(theme, 100, 60);
        setId(id);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Shows curves over one pair of axes. */
    public void show(String newTitle, List<Curve> newCurves, Axis newAcross, Axis newUp, Words newWords) {
        title = newTitle;
        curves = newCurves;
        across = newAcross;
        up = newUp;
        words = newWords;
        setAccessibleText(title);
        draw();
    }

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        if (words == null) {
            return;
        }
        size = textSize(WIDE, HIGH);
        g.setFill(colours.panel());
        g.fillRect(0, 0, width, height);
        range();
        double y = ROW * size * 0.7;
        for (String line : Lettering.lines(title, Fonts.text(14 * size), width - 16)) {
            text(g, colours, line, 8, y, TextAlignment.LEFT, 14);
            y += ROW * size;
        }
        top = key(g, colours, y) + ROW * size * 0.8;
        rules(g, colours);
        for (int i = 0; i < curves.size(); i++) {
            pen(g, colours, curves.get(i), i);
            curve(g, curves.get(i));
        }
        g.setLineDashes();
    }

    private static void pen(GraphicsContext g, Theme colours, Curve curve, int number) {
        g.setStroke(curve.past() ? colours.second() : number == 0 ? colours.hand() : colours.line());
        g.setLineDashes(curve.past() ? new double[] {2, 4} : number == 0 ? new double[0] : new double[] {7, 5});
        g.setLineWidth(curve.past() ? 1.6 : 2.4);
    }

    /** The span of all curves, zero within it where it is near, never empty. */
    private void range() {
        lowX = lowY = Double.POSITIVE_INFINITY;
        highX = highY = Double.NEGATIVE_INFINITY;
        for (Curve curve : curves) {
            for (int i = 0; i < curve.x().length; i++) {
                if (!Double.isNaN(curve.x()[i]) && !Double.isNaN(curve.y()[i])) {
                    lowX = Math.min(lowX, curve.x()[i]);
                    highX = Math.max(highX, curve.x()[i]);
                    lowY = Math.min(lowY, curve.y()[i]);
                    highY = Math.max(highY, curve.y()[i]);
                }
            }
        }
        double leastX = switch (across.quantity()) {
            case ANGLE -> Math.toRadians(0.25);
            case LENGTH -> 0.004;
            default -> 1;
        };
        double leastY = up.quantity() == Quantity.PERCENT ? 10 : 0.01;
        double padX = Math.max(leastX, (highX - lowX) * 0.08);
        double padY = Math.max(leastY, (highY - lowY) * 0.04);
        lowX -= padX;
        highX += padX;
        lowY -= padY;
        highY += padY;
    }

    private double x(double value) {
        return LEFT * size + (value - lowX) / (highX - lowX) * (getWidth() - LEFT * size - RIGHT);
    }

    private double y(double value) {
        return getHeight() - BOTTOM * size - (value - lowY) / (highY - lowY) * (getHeight() - top - BOTTOM * size);
    }

    /** Rules at round numbers of the unit that is shown, so that a curve can be read off. */
    private void rules(GraphicsContext g, Theme colours) {
        double left = LEFT * size;
        double bottom = getHeight() - BOTTOM * size;
        double stepX = step(highX - lowX, getWidth() - left - RIGHT, NUMBER, across.quantity());
        for (double value = Math.ceil(lowX / stepX) * stepX; value <= highX; value += stepX) {
            g.setStroke(colours.faint());
            g.setLineWidth(1);
            g.strokeLine(x(value), top, x(value), bottom);
            text(g, colours, figure(value, across, stepX), x(value), bottom + 12 * size, TextAlignment.CENTER, 12);
        }
        double stepY = step(highY - lowY, bottom - top, NUMBER_HIGH, up.quantity());
        for (double value = Math.ceil(lowY / stepY) * stepY; value <= highY; value += stepY) {
            g.setStroke(colours.faint());
            g.setLineWidth(1);
            g.strokeLine(left, y(value), getWidth() - RIGHT, y(value));
            text(g, colours, figure(value, up, stepY), left - 6, y(value), TextAlignment.RIGHT, 12);
        }
        g.setStroke(colours.second());
        g.setLineWidth(1.4);
        if (lowX < 0 && highX > 0) {
            g.strokeLine(x(0), top, x(0), bottom);
        }
        if (lowY < 0 && highY > 0) {
            g.strokeLine(left, y(0), getWidth() - RIGHT, y(0));
        }
        text(g, colours, across.name(), (left + getWidth()) / 2, bottom + 31 * size, TextAlignment.CENTER, 13);
    }

    /** From rule to rule: a round number, and room for the number at each. */
    private double step(double span, double room, double number, Quantity quantity) {
        double step = round(span / RULES, quantity);
        while (step < span && step / span * room < number * size) {
            step = round(2 * step, quantity);
        }
        return step;
    }

    /** The nearest of 1, 2 and 5 times a power of ten, in the unit the quantity is read in. */
    private double round(double step, Quantity quantity) {
        double unit = words.units().size(quantity);
        double decade = Math.pow(10, Math.floor(Math.log10(step / unit)));
        double lead = step / unit / decade;
        return (lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10) * decade * unit;
    }

    /** Angles and shares with as many decimals as their rules need: bump steer is told in hundredths of a degree. */
    private String figure(double value, Axis axis, double step) {
        double unit = words.units().size(axis.quantity());
        int decimals = (int) Math.max(0, Math.ceil(-Math.log10(step / unit) - 1e-9));
        if (axis.quantity() == Quantity.ANGLE) {
            return Angles.format(value, decimals).replace("-", "−") + "°";
        }
        if (axis.quantity() == Quantity.PERCENT) {
            return Lengths.decimal(value, decimals).replace("-", "−") + " %";
        }
        return words.units().format(value, axis.quantity()).joined().replace("-", "−");
    }

    /** In one stroke as far as there are numbers, so that its dashes run on. */
    private void curve(GraphicsContext g, Curve curve) {
        double[] xs = new double[curve.x().length];
        double[] ys = new double[xs.length];
        int n = 0;
        for (int i = 0; i < xs.length; i++) {
            if (Double.isNaN(curve.x()[i]) || Double.isNaN(curve.y()[i])) {
                g.strokePolyline(xs, ys, n);
                n = 0;
            } else {
                xs[n] = x(curve.x()[i]);
                ys[n] = y(curve.y()[i]);
                n++;
            }
        }
        g.strokePolyline(xs, ys, n);
    }

    /** What runs up and which line is which, from left to right, in as many rows as it takes; tells the last one's middle. */
    private double key(GraphicsContext g, Theme colours, double first) {
        double x = 8;
        double y = first;
        text(g, colours, up.name(), x, y, TextAlignment.LEFT, 13);
        x += wide(up.name()) + ROW * size;
        for (int i = 0; i < curves.size(); i++) {
            String name = curves.get(i).name();
            double needs = SAMPLE * size + 6 + wide(name);
            if (x + needs > getWidth() - RIGHT && x > 8) {
                x = 8;
                y += ROW * size;
            }
            pen(g, colours, curves.get(i), i);
            g.strokeLine(x, y, x + SAMPLE * size, y);
            g.setLineDashes();
            text(g, colours, name, x + SAMPLE * size + 6, y, TextAlignment.LEFT, 13);
            x += needs + ROW * size;
        }
        return y;
    }

    /** How wide a word of the key is [px]. */
    private double wide(String name) {
        return Lettering.width(name, Fonts.text(13 * size));
    }

    private void text(
            GraphicsContext g, Theme colours, String text, double x, double y, TextAlignment side, double points) {
        Lettering.on(g.getCanvas()).write(text, x, y, side, colours.line(), Fonts.text(points * size));
    }
}
