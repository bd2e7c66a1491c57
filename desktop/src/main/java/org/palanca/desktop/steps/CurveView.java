package org.palanca.desktop.steps;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.palanca.desktop.analysis.SteerStudy.Curve;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Theme;
import org.palanca.units.Angles;
import org.palanca.units.Lengths;
import org.palanca.units.Quantity;
import org.palanca.words.Words;

/** One or two curves on ruled axes with a number at every rule: the first line whole, the second in strokes. */
public final class CurveView extends Region {
    private static final double LEFT = 62;
    private static final double RIGHT = 16;
    private static final double TOP = 58;
    private static final double BOTTOM = 44;
    private static final int RULES = 4;

    /** What runs along an axis. */
    public record Axis(String name, Quantity quantity) {}

    private final Supplier<Theme> theme;
    private final Canvas canvas = new Canvas();
    private String title = "";
    private List<Curve> curves = List.of();
    private Axis across;
    private Axis up;
    private Words words;
    private double lowX;
    private double highX;
    private double lowY;
    private double highY;

    public CurveView(String id, Supplier<Theme> theme) {
        this.theme = theme;
        setId(id);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        getChildren().add(canvas);
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
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private void draw() {
        if (words == null || canvas.getWidth() < 100) {
            return;
        }
        Theme colours = theme.get();
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(colours.panel());
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        range();
        text(g, colours, title, 8, 14, TextAlignment.LEFT, 14);
        rules(g, colours);
        g.setLineWidth(2.4);
        for (int i = 0; i < curves.size(); i++) {
            g.setStroke(i == 0 ? colours.hand() : colours.line());
            g.setLineDashes(i == 0 ? new double[0] : new double[] {7, 5});
            curve(g, curves.get(i));
        }
        g.setLineDashes();
        key(g, colours);
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
        return LEFT + (value - lowX) / (highX - lowX) * (canvas.getWidth() - LEFT - RIGHT);
    }

    private double y(double value) {
        return canvas.getHeight() - BOTTOM - (value - lowY) / (highY - lowY) * (canvas.getHeight() - TOP - BOTTOM);
    }

    /** Rules at round numbers of the unit that is shown, so that a curve can be read off. */
    private void rules(GraphicsContext g, Theme colours) {
        double left = LEFT;
        double bottom = canvas.getHeight() - BOTTOM;
        double stepX = round((highX - lowX) / RULES, across.quantity());
        for (double value = Math.ceil(lowX / stepX) * stepX; value <= highX; value += stepX) {
            g.setStroke(colours.faint());
            g.setLineWidth(1);
            g.strokeLine(x(value), TOP, x(value), bottom);
            text(g, colours, figure(value, across), x(value), bottom + 12, TextAlignment.CENTER, 12);
        }
        double stepY = round((highY - lowY) / RULES, up.quantity());
        for (double value = Math.ceil(lowY / stepY) * stepY; value <= highY; value += stepY) {
            g.setStroke(colours.faint());
            g.setLineWidth(1);
            g.strokeLine(left, y(value), canvas.getWidth() - RIGHT, y(value));
            text(g, colours, figure(value, up), left - 6, y(value), TextAlignment.RIGHT, 12);
        }
        g.setStroke(colours.second());
        g.setLineWidth(1.4);
        if (lowX < 0 && highX > 0) {
            g.strokeLine(x(0), TOP, x(0), bottom);
        }
        if (lowY < 0 && highY > 0) {
            g.strokeLine(left, y(0), canvas.getWidth() - RIGHT, y(0));
        }
        text(g, colours, across.name(), (left + canvas.getWidth()) / 2, bottom + 30, TextAlignment.CENTER, 13);
        text(g, colours, up.name(), 8, TOP - 20, TextAlignment.LEFT, 13);
    }

    /** The nearest of 1, 2 and 5 times a power of ten, in the unit the quantity is read in. */
    private double round(double step, Quantity quantity) {
        boolean inches = quantity == Quantity.LENGTH && words.units().length().inches();
        double unit = inches ? Lengths.INCH : quantity == Quantity.LENGTH ? 0.001 : 1 / quantity.toFile(1);
        double decade = Math.pow(10, Math.floor(Math.log10(step / unit)));
        double lead = step / unit / decade;
        return (lead < 1.5 ? 1 : lead < 3.5 ? 2 : lead < 7.5 ? 5 : 10) * decade * unit;
    }

    /** An angle with two decimals: bump steer is told in hundredths of a degree. */
    private String figure(double value, Axis axis) {
        if (axis.quantity() == Quantity.ANGLE) {
            return Angles.format(value, 2).replace("-", "−") + "°";
        }
        return words.units().format(value, axis.quantity()).joined().replace("-", "−");
    }

    private void curve(GraphicsContext g, Curve curve) {
        for (int i = 1; i < curve.x().length; i++) {
            boolean drawn = !Double.isNaN(curve.x()[i - 1]) && !Double.isNaN(curve.x()[i]);
            if (drawn) {
                g.strokeLine(x(curve.x()[i - 1]), y(curve.y()[i - 1]), x(curve.x()[i]), y(curve.y()[i]));
            }
        }
    }

    private void key(GraphicsContext g, Theme colours) {
        double at = canvas.getWidth() - RIGHT;
        for (int i = curves.size() - 1; i >= 0; i--) {
            String name = curves.get(i).name();
            text(g, colours, name, at, 14, TextAlignment.RIGHT, 13);
            double wide = name.length() * 7 + 8;
            g.setStroke(i == 0 ? colours.hand() : colours.line());
            g.setLineDashes(i == 0 ? new double[0] : new double[] {7, 5});
            g.setLineWidth(2.4);
            g.strokeLine(at - wide - 24, 14, at - wide, 14);
            g.setLineDashes();
            at -= wide + 36;
        }
    }

    private static void text(
            GraphicsContext g, Theme colours, String text, double x, double y, TextAlignment side, double points) {
        g.setFill(colours.line());
        g.setFont(Fonts.text(points));
        g.setTextAlign(side);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, x, y);
    }
}
