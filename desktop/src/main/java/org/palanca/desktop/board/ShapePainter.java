package org.palanca.desktop.board;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;

/** Draws shapes and shop-drawing marks in a theme's lines. */
public final class ShapePainter {
    private static final double LINK_HALF_WIDTH = 3.2;
    private static final double MOUNT_RADIUS = 5.5;

    final GraphicsContext g;
    final Theme theme;
    final double size;
    private final Lettering lettering;
    private Optional<SnapPoints> snaps = Optional.empty();

    /**
     * A scribe for one frame.
     *
     * @param size of text against normal, 1 to 1.5
     */
    public ShapePainter(GraphicsContext g, Theme theme, double size) {
        this.g = g;
        this.theme = theme;
        this.size = size;
        lettering = Lettering.on(g.getCanvas());
    }

    public void clipped(Rectangle2D area, Runnable draw) {
        g.save();
        g.beginPath();
        // On whole pixels: only then does the toolkit clip by a rectangle instead of a mask, which costs ten times
        // more.
        double left = Math.rint(area.getMinX());
        double top = Math.rint(area.getMinY());
        g.rect(left, top, Math.rint(area.getMaxX()) - left, Math.rint(area.getMaxY()) - top);
        g.clip();
        lettering.within(area, draw);
        g.restore();
    }

    /** Takes up a pen; dashes go stroke, gap, stroke … */
    public void pen(Color colour, double width, double... dashes) {
        g.setStroke(colour);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
    }

    /** Tells what it draws of the vehicle from now on to who wants to settle on it. */
    void tell(Optional<SnapPoints> wanted) {
        snaps = wanted;
    }

    /** The colours it draws with. */
    public Theme theme() {
        return theme;
    }

    /** What it draws on, for what has no method here. */
    public GraphicsContext graphics() {
        return g;
    }

    /** One stroke in the pen at hand. */
    public void line(double x1, double y1, double x2, double y2) {
        g.strokeLine(x1, y1, x2, y2);
    }

    /** Text about a point, in the figures' or the text's font. */
    public void text(
            String text, double x, double y, TextAlignment side, Color colour, boolean figures, double points) {
        lettering.write(text, x, y, side, colour, font(figures, points));
    }

    private Font font(boolean figures, double points) {
        return figures ? Fonts.figures(points * size) : Fonts.text(points * size);
    }

    /** How wide a text is [px]. */
    public double width(String text, boolean figures, double points) {
        return Lettering.width(text, font(figures, points));
    }

    /** Text plated like a label, but only where it covers nothing and is not cut; tells whether it was written. */
    public boolean platedWhereFree(
            String text, double x, double y, TextAlignment side, Color colour, boolean figures, double points) {
        boolean free = lettering.free(text, x, y, side, font(figures, points));
        if (free) {
            plated(text, x, y, side, colour, figures, points);
        }
        return free;
    }

    /**
     * A text in as many lines as its width takes, from its upper left corner.
     *
     * @return how tall it is [px]
     */
    public double paragraph(String text, double x, double top, double width, Color colour, double points) {
        double line = points * size * 1.3;
        List<String> lines = Lettering.lines(text, font(false, points), width);
        for (int i = 0; i < lines.size(); i++) {
            text(lines.get(i), x, top + (i + 0.5) * line, TextAlignment.LEFT, colour, false, points);
        }
        return lines.size() * line;
    }

    /** How tall such a text is [px]. */
    public double paragraphHeight(String text, double width, double points) {
        return Lettering.lines(text, font(false, points), width).size() * points * size * 1.3;
    }

    /** A view of the drawing: its name in the upper left corner stays free of what is drawn into it. */
    public void view(Rectangle2D area, String name, Runnable draw) {
        Runnable title = lettering.reserve(
                name,
                area.getMinX() + 4,
                area.getMinY() + 9 * size,
                TextAlignment.LEFT,
                theme.second(),
                font(false, 13));
        clipped(area, draw);
        title.run();
    }

    /**
     * Text on a plate of the ground's colour, so that lines behind it do not cross it out; where another stands there already, or
     * the view ends, a little beside.
     */
    public void plated(
            String text, double x, double y, TextAlignment side, Color colour, boolean figures, double points) {
        lettering.label(text, x, y, side, colour, theme.ground(), font(figures, points));
    }

    /** Size of text against normal. */
    public double size() {
        return size;
    }

    /** An axle and what stands round it as they were, in dashed lines under what they are now. */
    public void before(BoardLayout layout, Elevation elevation, AxleModel was) {
        for (Shape shape : AxleDrawing.axle(was, elevation)) {
            if (shape instanceof Shape.Bar bar) {
                pen(theme.second(), 1, 5, 5);
                path(layout, elevation, new Shape.Path(bar.role(), bar.points(), false));
            } else if (shape instanceof Shape.Path path && path.role() == Shape.Role.BODY) {
                pen(theme.second(), 1, 2, 5);
                path(layout, elevation, path);
            }
        }
        pen(theme.second(), 1, 5, 5);
        for (Shape shape : AxleDrawing.parts(was, elevation)) {
            if (shape instanceof Shape.Path path) {
                path(layout, elevation, path);
            }
        }
    }

    /** Shapes of an elevation; {@code quiet} draws all of them faint, as a ghost. */
    public void shapes(BoardLayout layout, Elevation elevation, List<Shape> shapes, boolean quiet) {
        for (Shape shape : shapes) {
            penFor(shape.role(), quiet);
            shape.visit(
                    path -> path(layout, elevation, path),
                    circle -> circle(layout, elevation, circle),
                    bar -> bar(layout, elevation, bar, quiet ? theme.faint() : theme.line()),
                    mark -> {
                        // Mounts are drawn by the board, which knows which is selected.
                    });
        }
    }

    private void circle(BoardLayout layout, Elevation elevation, Shape.Circle circle) {
        double r = circle.radius() * layout.scale();
        double x = layout.x(elevation, circle.centre());
        double y = layout.y(elevation, circle.centre());
        snaps.ifPresent(known -> {
            known.point(x, y);
            for (int[] quarter : new int[][] {{1, 0}, {0, 1}, {-1, 0}, {0, -1}}) {
                known.point(x + quarter[0] * r, y + quarter[1] * r);
            }
        });
        g.strokeOval(x - r, y - r, 2 * r, 2 * r);
    }

    /** A path in the pen at hand. */
    public void path(BoardLayout layout, Elevation elevation, Shape.Path path) {
        int n = path.points().size();
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = layout.x(elevation, path.points().get(i));
            ys[i] = layout.y(elevation, path.points().get(i));
        }
        snaps.ifPresent(known -> {
            for (int i = path.closed() ? 0 : 1; i < n; i++) {
                int before = (i + n - 1) % n;
                known.edge(xs[before], ys[before], xs[i], ys[i]);
            }
        });
        if (path.closed()) {
            g.strokePolygon(xs, ys, n);
        } else {
            g.strokePolyline(xs, ys, n);
        }
    }

    void penFor(Shape.Role role, boolean quiet) {
        if (quiet) {
            pen(theme.faint(), 1);
            return;
        }
        switch (role) {
            case TYRE -> pen(theme.second(), 1.6);
            case HOUSING -> pen(theme.second(), 1.2);
            case BODY -> pen(theme.line(), 2.4);
            case RAIL -> pen(theme.edge(), 1.2);
            case REACTION -> pen(theme.hand(), 1.8);
            case ROLL_AXIS -> pen(theme.hand(), 1.6, 12, 3, 3, 3);
            case EXTENSION -> pen(theme.hand(), 1, 7, 5);
            case MEASURE -> pen(theme.hand(), 1.2);
            case CENTRELINE -> pen(theme.faint(), 1, 14, 4, 3, 4);
            case PART -> pen(theme.line(), 1.6);
            case PLATE -> pen(theme.line(), 1.1);
            case GROUND, LINK, SHOCK, SHAFT -> pen(theme.line(), 1.4);
        }
    }

    /** A link as the tube it is: two lines, with the plate's colour between. */
    void bar(BoardLayout layout, Elevation elevation, Shape.Bar bar, Color colour) {
        double[] xs = bar.points().stream()
                .mapToDouble(point -> layout.x(elevation, point))
                .toArray();
        double[] ys = bar.points().stream()
                .mapToDouble(point -> layout.y(elevation, point))
                .toArray();
        int last = xs.length - 1;
        snaps.ifPresent(known -> {
            for (int i = 1; i <= last; i++) {
                known.edge(xs[i - 1], ys[i - 1], xs[i], ys[i]);
            }
        });
        if (last > 1) {
            bent(xs, ys, colour);
            return;
        }
        double length = Math.hypot(xs[1] - xs[0], ys[1] - ys[0]);
        if (length < 1) {
            return;
        }
        double nx = -(ys[1] - ys[0]) / length * LINK_HALF_WIDTH;
        double ny = (xs[1] - xs[0]) / length * LINK_HALF_WIDTH;
        g.setFill(theme.ground());
        g.fillPolygon(
                new double[] {xs[0] + nx, xs[1] + nx, xs[1] - nx, xs[0] - nx},
                new double[] {ys[0] + ny, ys[1] + ny, ys[1] - ny, ys[0] - ny},
                4);
        pen(colour, 1.4);
        line(xs[0] + nx, ys[0] + ny, xs[1] + nx, ys[1] + ny);
        line(xs[0] - nx, ys[0] - ny, xs[1] - nx, ys[1] - ny);
    }

    /** Two lines beside one with bends: a broad stroke with the plate's colour over its inside. */
    private void bent(double[] xs, double[] ys, Color colour) {
        StrokeLineCap cap = g.getLineCap();
        StrokeLineJoin join = g.getLineJoin();
        g.setLineCap(StrokeLineCap.BUTT);
        g.setLineJoin(StrokeLineJoin.ROUND);
        pen(colour, 2 * LINK_HALF_WIDTH + 1.4);
        g.strokePolyline(xs, ys, xs.length);
        pen(theme.ground(), 2 * LINK_HALF_WIDTH - 1.4);
        g.strokePolyline(xs, ys, xs.length);
        g.setLineCap(cap);
        g.setLineJoin(join);
    }

    /** A mount: a punched centre in a scribed circle. */
    public void mount(double x, double y, Color colour) {
        g.setFill(theme.ground());
        g.fillOval(x - MOUNT_RADIUS, y - MOUNT_RADIUS, 2 * MOUNT_RADIUS, 2 * MOUNT_RADIUS);
        pen(colour, 1.6);
        g.strokeOval(x - MOUNT_RADIUS, y - MOUNT_RADIUS, 2 * MOUNT_RADIUS, 2 * MOUNT_RADIUS);
        g.setFill(colour);
        g.fillOval(x - 1.6, y - 1.6, 3.2, 3.2);
    }

    /** The ring around what is in hand; broken for the side that follows. */
    void ring(double x, double y, boolean follows) {
        if (follows) {
            pen(theme.hand(), 1.6, 4, 3);
        } else {
            pen(theme.hand(), 2.4);
        }
        double r = MOUNT_RADIUS + 5;
        g.strokeOval(x - r, y - r, 2 * r, 2 * r);
        g.setLineDashes();
    }

    /** A centre mark: a cross in a circle. */
    public void centre(double x, double y, Color colour) {
        pen(colour, 1.8);
        g.strokeOval(x - 5, y - 5, 10, 10);
        line(x - 10, y, x + 10, y);
        line(x, y - 10, x, y + 10);
    }

    /** A dimension between two columns, with end strokes and its number in a gap. */
    public void dimensionAcross(double x1, double x2, double y, String text) {
        double left = Math.min(x1, x2);
        double right = Math.max(x1, x2);
        double half = width(text, true, 13) / 2 + 6;
        double middle = (left + right) / 2;
        pen(theme.hand(), 1);
        line(left, y - 5, left, y + 5);
        line(right, y - 5, right, y + 5);
        if (right - left > 2 * half + 8) {
            line(left, y, middle - half, y);
            line(middle + half, y, right, y);
            plated(text, middle, y, TextAlignment.CENTER, theme.line(), true, 13);
        } else {
            line(left, y, right, y);
            plated(text, right + 8, y, TextAlignment.LEFT, theme.line(), true, 13);
        }
    }

    /** A dimension between two rows. */
    public void dimensionUp(double x, double y1, double y2, String text) {
        pen(theme.hand(), 1);
        line(x, y1, x, y2);
        line(x - 5, y1, x + 5, y1);
        line(x - 5, y2, x + 5, y2);
        plated(text, x - 9, (y1 + y2) / 2, TextAlignment.RIGHT, theme.line(), true, 13);
    }
}
