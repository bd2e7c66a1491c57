package org.palanca.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;

/**
 * Tape and rule on a board's drawing. Two points tell how far apart they are as they are seen, and how much of that is level and
 * upright; a third tells the angle at the second. Points settle on what is drawn. Rulers along the edges start at the axle line, the
 * centreline and the floor.
 */
public final class MeasuringTool {
    private static final double TICK = 5;

    /** Between two numbers of a ruler at the least [px], at normal text size. */
    private static final double APART = 46;

    private final Region board;
    private final Supplier<Optional<BoardLayout>> layout;
    private final Supplier<Words> words;
    private final Runnable redraw;
    private final SnapPoints snaps = new SnapPoints();
    private final List<Shape.Point> points = new ArrayList<>();
    private Optional<Elevation> in = Optional.empty();
    private Optional<Point2D> under = Optional.empty();
    private boolean on;
    private boolean rulers;

    /**
     * @param board whose presses it takes while it is in hand
     * @param layout where the elevations lie now
     */
    MeasuringTool(Region board, Supplier<Optional<BoardLayout>> layout, Supplier<Words> words, Runnable redraw) {
        this.board = board;
        this.layout = layout;
        this.words = words;
        this.redraw = redraw;
        board.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> {
            if (on) {
                pressed(event);
                event.consume();
            }
        });
        board.addEventFilter(MouseEvent.MOUSE_DRAGGED, event -> {
            if (on) {
                event.consume();
            }
        });
        board.addEventFilter(MouseEvent.MOUSE_MOVED, event -> {
            if (on) {
                under = Optional.of(snaps.near(event.getX(), event.getY()));
                redraw.run();
                event.consume();
            }
        });
        board.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (on && event.getCode() == KeyCode.ESCAPE) {
                toggle();
                event.consume();
            }
        });
    }

    /** Takes the tape in hand, or puts it away with what it measured. */
    public void toggle() {
        on = !on;
        points.clear();
        in = Optional.empty();
        under = Optional.empty();
        if (on) {
            board.requestFocus();
        }
        redraw.run();
    }

    /** Lays rulers along the edges of the views, or takes them away. */
    public void toggleRulers() {
        rulers = !rulers;
        redraw.run();
    }

    /** What a painter tells of what it draws; nobody wants to know while the tape is away. */
    Optional<SnapPoints> snaps() {
        snaps.begin();
        return on ? Optional.of(snaps) : Optional.empty();
    }

    /** What has been measured, as it is written on the drawing; empty before there are two points. */
    public Optional<String> said() {
        return points.size() < 2 ? Optional.empty() : Optional.of(points.size() == 2 ? distance() : angle());
    }

    private void pressed(MouseEvent event) {
        Optional<Elevation> elevation = layout.get().flatMap(now -> now.elevation(event.getX(), event.getY()));
        if (elevation.isEmpty()) {
            return;
        }
        if (!in.equals(elevation) || points.size() == 3) {
            points.clear();
            in = elevation;
        }
        Point2D at = snaps.near(event.getX(), event.getY());
        points.add(layout.get().orElseThrow().point(elevation.get(), at.getX(), at.getY()));
        redraw.run();
    }

    private String length(double metres) {
        return words.get().units().text(metres, Quantity.LENGTH).replace("-", "−");
    }

    private String distance() {
        Shape.Point a = points.get(0);
        Shape.Point b = points.get(1);
        return words.get()
                .text(
                        "tool.distance",
                        length(Math.hypot(b.across() - a.across(), b.up() - a.up())),
                        length(Math.abs(b.across() - a.across())),
                        length(Math.abs(b.up() - a.up())));
    }

    private String angle() {
        Shape.Point corner = points.get(1);
        double one = Math.atan2(points.get(0).up() - corner.up(), points.get(0).across() - corner.across());
        double other =
                Math.atan2(points.get(2).up() - corner.up(), points.get(2).across() - corner.across());
        double between = Math.abs(Math.IEEEremainder(other - one, 2 * Math.PI));
        return words.get().text("tool.angle", words.get().units().text(between, Quantity.ANGLE));
    }

    // --- How it looks ------------------------------------------------------------------------------------------------

    /** Draws rulers and what is measured over an elevation. */
    void paint(ShapePainter scribe, BoardLayout board, Elevation elevation, double axleLine) {
        if (rulers) {
            ruler(scribe, board, elevation, axleLine);
        }
        if (on && in.equals(Optional.of(elevation))) {
            tape(scribe, board, elevation);
        }
    }

    /** Draws what lies over all: where the next point would settle, and what to do. */
    void paintOver(ShapePainter scribe) {
        if (!on) {
            return;
        }
        under.ifPresent(at -> {
            scribe.pen(scribe.theme().hand(), 1.4);
            scribe.line(at.getX() - 9, at.getY(), at.getX() + 9, at.getY());
            scribe.line(at.getX(), at.getY() - 9, at.getX(), at.getY() + 9);
        });
        scribe.plated(
                words.get().text("tool.hint"),
                board.getWidth() / 2,
                12 * scribe.size(),
                TextAlignment.CENTER,
                scribe.theme().hand(),
                false,
                13);
    }

    private void tape(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        scribe.pen(scribe.theme().hand(), 1.8);
        for (int i = 0; i < points.size(); i++) {
            double x = board.x(elevation, points.get(i));
            double y = board.y(elevation, points.get(i));
            scribe.centre(x, y, scribe.theme().hand());
            if (i > 0) {
                scribe.line(board.x(elevation, points.get(i - 1)), board.y(elevation, points.get(i - 1)), x, y);
            }
        }
        said().ifPresent(text -> {
            Shape.Point last = points.get(points.size() - 1);
            Shape.Point before = points.get(points.size() - 2);
            scribe.plated(
                    text,
                    (board.x(elevation, last) + board.x(elevation, before)) / 2,
                    (board.y(elevation, last) + board.y(elevation, before)) / 2 - 16 * scribe.size(),
                    TextAlignment.CENTER,
                    scribe.theme().hand(),
                    true,
                    15);
        });
    }

    private void ruler(ShapePainter scribe, BoardLayout board, Elevation elevation, double axleLine) {
        Rectangle2D area = board.area(elevation);
        double zero = elevation == Elevation.REAR ? 0 : -axleLine;
        double step = step(APART * scribe.size() / board.scale());
        scribe.pen(scribe.theme().second(), 1);
        double bottom = area.getMaxY() - 1;
        scribe.line(area.getMinX(), bottom, area.getMaxX(), bottom);
        Shape.Point low = board.point(elevation, area.getMinX(), area.getMaxY());
        Shape.Point high = board.point(elevation, area.getMaxX(), area.getMinY());
        for (long i = (long) Math.ceil((low.across() - zero) / step); zero + i * step < high.across(); i++) {
            double x = board.x(elevation, zero + i * step);
            scribe.line(x, bottom, x, bottom - TICK);
            number(scribe, i * step, x, bottom - 11 * scribe.size(), TextAlignment.CENTER);
        }
        double left = area.getMinX() + 1;
        scribe.line(left, area.getMinY(), left, area.getMaxY());
        for (long i = (long) Math.ceil(low.up() / step); i * step < high.up(); i++) {
            double y = board.y(elevation, i * step);
            scribe.line(left, y, left + TICK, y);
            number(scribe, i * step, left + TICK + 3, y, TextAlignment.LEFT);
        }
    }

    private void number(ShapePainter scribe, double metres, double x, double y, TextAlignment side) {
        LengthStyle style = words.get().units().length();
        String text = Lengths.format(Math.abs(metres), style);
        scribe.platedWhereFree(text, x, y, side, scribe.theme().second(), true, 10.5);
    }

    /** The next of the steps of a tape that is no shorter than a length [m]. */
    private double step(double least) {
        boolean inches = words.get().units().length().inches();
        double unit = inches ? Lengths.INCH : 10 * Lengths.MILLIMETRE;
        for (double times : inches ? new double[] {1, 2, 4, 6, 12, 24} : new double[] {1, 2, 5, 10, 20, 50}) {
            if (times * unit >= least) {
                return times * unit;
            }
        }
        return (inches ? 48 : 100) * unit;
    }
}
