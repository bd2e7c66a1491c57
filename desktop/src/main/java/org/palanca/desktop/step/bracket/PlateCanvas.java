package org.palanca.desktop.step.bracket;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Bounds;
import org.palanca.base.outline.Outline;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.FoldLine;
import org.palanca.floor.plate.Opening;
import org.palanca.io.plate.CutTable;

/** A plate drawn flat and to scale, with its size, its holes and its folds; or what a cut table would do to it. */
final class PlateCanvas {
    /** Chords stray so far from arcs where they are drawn [px]. */
    private static final double STRAY = 0.2;

    /** Room left of the plate for its height and under it for its width, at normal text [px]. */
    private static final double LEFT = 84;

    private static final double UNDER = 30;
    private static final double EDGE = 14;

    /** Room to its right for what is said of its holes, at normal text [px]. */
    private static final double RIGHT = 78;

    private final GraphicsContext g;
    private final Theme theme;
    private final double scale;
    private final double size;
    private final double left;
    private final double bottom;

    private PlateCanvas(Canvas canvas, Bounds bounds, Theme theme, double scale, double size, double margin) {
        g = canvas.getGraphicsContext2D();
        this.theme = theme;
        this.scale = scale;
        this.size = size;
        left = margin - bounds.left() * scale;
        bottom = EDGE + bounds.top() * scale;
    }

    /**
     * A plate as it is cut.
     *
     * @param scale dots on the screen by a metre
     * @param size of the text, 1 for normal
     */
    static Canvas of(FlatPart flat, Words words, Theme theme, double scale, double size) {
        Bounds bounds = flat.outline().bounds();
        double margin = LEFT * size;
        Canvas canvas = new Canvas(
                margin + bounds.width() * scale + RIGHT * size, EDGE + bounds.height() * scale + UNDER * size);
        PlateCanvas drawn = new PlateCanvas(canvas, bounds, theme, scale, size, margin);
        drawn.plate(flat, words);
        return canvas;
    }

    /** What a cut table would cut: the middle of its kerf, and where it pierces. */
    static Canvas of(CutTable.Job job, Theme theme, double scale, double size) {
        Bounds bounds = extent(job);
        Canvas canvas = new Canvas(2 * EDGE + bounds.width() * scale, 2 * EDGE + bounds.height() * scale);
        PlateCanvas drawn = new PlateCanvas(canvas, bounds, theme, scale, size, EDGE);
        drawn.job(job);
        return canvas;
    }

    /** What a table's drawing takes up, its torch with it [m]. */
    static Bounds extent(CutTable.Job job) {
        return Bounds.of(Stream.concat(
                        job.drawn().stream().flatMap(one -> one.points(1e-3).stream()),
                        job.torches().stream()
                                .flatMap(one -> Stream.concat(one.path().stream(), Stream.of(one.pierced()))))
                .toList());
    }

    private void plate(FlatPart flat, Words words) {
        g.setLineWidth(1.8);
        g.setStroke(theme.line());
        outline(flat.outline());
        Lettering lettering = Lettering.on(g.getCanvas());
        for (Opening hole : flat.openings()) {
            hole(hole);
        }
        g.setStroke(theme.second());
        g.setLineWidth(1);
        g.setLineDashes(8, 4);
        for (FoldLine fold : flat.folds()) {
            line(fold.from(), fold.to());
        }
        g.setLineDashes();
        sizes(flat, lettering, words);
    }

    private void hole(Opening hole) {
        g.setStroke(theme.line());
        g.setLineWidth(1.4);
        outline(hole.outline());
        g.setStroke(theme.second());
        g.setLineWidth(0.8);
        double arm = hole.length() / 2 + 5 / scale;
        Vector2D at = hole.centre();
        line(at.add(new Vector2D(-arm, 0)), at.add(new Vector2D(arm, 0)));
        line(at.add(new Vector2D(0, -arm)), at.add(new Vector2D(0, arm)));
    }

    /** Height at its left, width under it, and what a hole is across at its right. */
    private void sizes(FlatPart flat, Lettering lettering, Words words) {
        Bounds bounds = flat.outline().bounds();
        g.setStroke(theme.second());
        g.setLineWidth(1);
        double foot = y(bounds.bottom()) + 13 * size;
        g.strokeLine(x(bounds.left()), foot, x(bounds.right()), foot);
        tick(x(bounds.left()), foot, false);
        tick(x(bounds.right()), foot, false);
        double side = x(bounds.left()) - 42 * size;
        g.strokeLine(side, y(bounds.bottom()), side, y(bounds.top()));
        reach(bounds.bottom(), side, bounds.left());
        reach(bounds.top(), side, bounds.left());
        tick(side, y(bounds.bottom()), true);
        tick(side, y(bounds.top()), true);
        lettering.label(
                words.units().text(bounds.width(), Quantity.LENGTH),
                x((bounds.left() + bounds.right()) / 2),
                foot + 1,
                TextAlignment.CENTER,
                theme.line(),
                theme.ground(),
                Fonts.figures(13 * size));
        lettering.label(
                words.units().text(bounds.height(), Quantity.LENGTH),
                side,
                y((bounds.bottom() + bounds.top()) / 2),
                TextAlignment.CENTER,
                theme.line(),
                theme.ground(),
                Fonts.figures(13 * size));
        flat.openings().stream().findFirst().ifPresent(hole -> {
            double beside = x(bounds.right()) + 8;
            double from = x(hole.centre().getX() + hole.diameter() / 2);
            g.strokeLine(from, y(hole.centre().getY()), beside, y(hole.centre().getY()));
            lettering.write(
                    "Ø " + words.units().text(hole.diameter(), Quantity.LENGTH),
                    beside + 3,
                    y(hole.centre().getY()),
                    TextAlignment.LEFT,
                    theme.line(),
                    Fonts.figures(13 * size));
        });
    }

    /** From a height's line towards the plate. */
    private void reach(double up, double side, double plate) {
        g.setLineWidth(0.6);
        g.strokeLine(side + 8, y(up), x(plate) - 4, y(up));
        g.setLineWidth(1);
    }

    private void tick(double x, double y, boolean across) {
        if (across) {
            g.strokeLine(x - 4, y, x + 4, y);
        } else {
            g.strokeLine(x, y - 4, x, y + 4);
        }
    }

    private void job(CutTable.Job job) {
        g.setLineWidth(1);
        g.setStroke(theme.second());
        job.drawn().forEach(this::outline);
        boolean cut = job.refused().isEmpty();
        g.setStroke(cut ? theme.hand() : theme.limit());
        g.setFill(cut ? theme.hand() : theme.limit());
        g.setLineWidth(1.4);
        if (!cut) {
            g.setLineDashes(5, 4);
        }
        for (CutTable.Torch torch : job.torches()) {
            closed(torch.path());
            line(torch.pierced(), torch.path().get(0));
            g.fillOval(x(torch.pierced().getX()) - 3, y(torch.pierced().getY()) - 3, 6, 6);
        }
        g.setLineDashes();
    }

    private void outline(Outline outline) {
        closed(outline.points(STRAY / scale));
    }

    private void closed(List<Vector2D> points) {
        double[] xs = points.stream().mapToDouble(at -> x(at.getX())).toArray();
        double[] ys = points.stream().mapToDouble(at -> y(at.getY())).toArray();
        g.strokePolygon(xs, ys, xs.length);
    }

    private void line(Vector2D from, Vector2D to) {
        g.strokeLine(x(from.getX()), y(from.getY()), x(to.getX()), y(to.getY()));
    }

    private double x(double right) {
        return left + right * scale;
    }

    private double y(double up) {
        return bottom - up * scale;
    }
}
