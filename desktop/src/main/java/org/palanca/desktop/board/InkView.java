package org.palanca.desktop.board;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.sheet.Ink;
import org.palanca.io.sheet.Page;

/** A drawing as it will be on paper, as wide as there is room, in the window's colours. */
public final class InkView extends DrawnRegion {
    private static final double MARGIN = 26;

    /** Letters are drawn no smaller than can be read, so the first line needs room above. */
    private static final double TOP = 8;

    private List<Ink> ink = List.of();
    private double tall = 1;

    public InkView(Supplier<Theme> theme) {
        super(theme, 80, 40);
        setMinHeight(120);
    }

    /** Shows a drawing, as large as there is room for. */
    public void show(List<Ink> drawing) {
        ink = List.copyOf(drawing);
        tall = TOP + ink.stream().mapToDouble(Ink::lowest).max().orElse(1) + TOP / 2;
        requestLayout();
        draw();
    }

    private double scale(double width, double height) {
        return Math.min(width / (Page.WIDTH - 2 * MARGIN), height / tall);
    }

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        double scale = scale(width, height);
        double left = (width - Page.WIDTH * scale) / 2;
        double top = Math.max(0, (height - tall * scale) / 2) + TOP * scale;
        ScreenPen pen = new ScreenPen(g, colours, left, top, scale);
        ink.forEach(one -> one.drawnBy(pen));
    }

    /** Draws each thing on the screen. */
    private record ScreenPen(GraphicsContext g, Theme colours, double left, double top, double scale)
            implements Ink.Pen<RuntimeException> {
        @Override
        public void text(Ink.Text text) {
            double points = Math.max(12, text.size() * scale);
            // Ink tells the line that a text stands on; it is written about the middle of its height.
            Font font = text.bold() ? Fonts.figures(points) : Fonts.text(points);
            double x = left + text.x() * scale;
            double y = top + text.y() * scale - 0.35 * points;
            // Letters that are larger than the drawing wants them may need a second line.
            for (String line : Lettering.lines(text.text(), font, g.getCanvas().getWidth() - Math.max(0, x) - 4)) {
                Lettering.on(g.getCanvas())
                        .label(
                                line,
                                x,
                                y,
                                TextAlignment.LEFT,
                                text.bold() ? colours.line() : colours.second(),
                                colours.ground(),
                                font);
                y += 1.3 * points;
            }
        }

        @Override
        public void block(Ink.Block block) {
            g.setFill(colours.line());
            g.fillRect(
                    left + block.x() * scale, top + block.y() * scale, block.width() * scale, block.height() * scale);
        }

        @Override
        public void line(Ink.Line line) {
            g.setStroke(line.width() < 0.5 ? colours.second() : colours.line());
            g.setLineWidth(Math.max(1, line.width() * scale * 1.2));
            if (line.dash() > 0) {
                g.setLineDashes(line.dash() * scale);
            } else {
                g.setLineDashes();
            }
            g.strokeLine(
                    left + line.x1() * scale,
                    top + line.y1() * scale,
                    left + line.x2() * scale,
                    top + line.y2() * scale);
            g.setLineDashes();
        }

        @Override
        public void circle(Ink.Circle circle) {
            double r = circle.radius() * scale;
            double x = left + circle.x() * scale - r;
            double y = top + circle.y() * scale - r;
            if (circle.filled()) {
                g.setFill(colours.line());
                g.fillOval(x, y, 2 * r, 2 * r);
            } else {
                g.setStroke(colours.line());
                g.setLineWidth(Math.max(1, circle.width() * scale));
                g.strokeOval(x, y, 2 * r, 2 * r);
            }
        }
    }
}
