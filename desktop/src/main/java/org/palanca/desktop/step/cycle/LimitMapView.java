package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.limits.LimitMap;
import org.palanca.vehicle.Travel;

/** Left travel against right as a square, each part of it struck through after what ends the way there, with its key. */
final class LimitMapView {
    /** Pairs of strokes that tell limits apart without colour: angle and gap [px]. */
    private static final int[][] STROKES = {{1, 7}, {-1, 7}, {1, 12}, {-1, 12}, {0, 7}, {2, 7}, {0, 12}, {2, 12}};

    /** Size of the key's words at normal text size. */
    private static final double KEY = 12.5;

    private static final double TITLE = 13;

    private final Supplier<Words> words;
    private Rectangle2D square = Rectangle2D.EMPTY;
    private double size = 1;

    /** What the edges stand for: what was worked out, and the plan's travel until then. */
    private Travel span = new Travel(1, 1);

    LimitMapView(Supplier<Words> words) {
        this.words = words;
    }

    /** Whether a pixel is on it. */
    boolean contains(double x, double y) {
        return square.contains(x, y);
    }

    /** The pose that a pixel stands for; empty beside the map. */
    Optional<WheelTravel> at(double x, double y, double steer) {
        if (!square.contains(x, y)) {
            return Optional.empty();
        }
        double droop = span.droop();
        double whole = droop + span.bump();
        double left = (x - square.getMinX()) / square.getWidth() * whole - droop;
        double right = (square.getMaxY() - y) / square.getHeight() * whole - droop;
        return Optional.of(new WheelTravel(left, right, steer));
    }

    /**
     * Draws it.
     *
     * @param area what it may take
     * @param textSize of words against normal
     * @param map empty while it is worked out
     * @param plan travel that is wanted; a line goes round it where the axle gets farther
     * @param pose where the axle is
     */
    void draw(
            ShapePainter scribe,
            Rectangle2D area,
            double textSize,
            Optional<LimitMap> map,
            Travel plan,
            WheelTravel pose) {
        size = textSize;
        span = map.map(LimitMap::span).orElse(plan);
        double keys = map.map(found -> keysHeight(scribe, found, area)).orElse(17 * size) + 20 * size;
        String title = words.get().text(map.isPresent() ? "cycle.map" : "cycle.map_wait");
        double head = scribe.paragraphHeight(title, area.getWidth() - 8, TITLE) + 4 * size;
        double edge = Math.min(area.getWidth() - 34 * size, area.getHeight() - head - 22 * size - keys);
        if (edge < 70) {
            square = Rectangle2D.EMPTY;
            return;
        }
        square = new Rectangle2D(area.getMinX() + 24 * size, area.getMinY() + head, edge, edge);
        scribe.paragraph(
                title,
                area.getMinX() + 4,
                area.getMinY(),
                area.getWidth() - 8,
                scribe.theme().second(),
                TITLE);
        scribe.graphics().setFill(scribe.theme().panel());
        scribe.graphics().fillRect(square.getMinX(), square.getMinY(), edge, edge);
        map.ifPresent(found -> cells(scribe, found, area));
        frame(scribe, plan, pose);
    }

    /** Limits by what they say of both sides alike: left and right of a thing are one entry of the key. */
    private static Map<List<Object>, List<Integer>> kinds(LimitMap map) {
        Map<List<Object>, List<Integer>> kinds = new LinkedHashMap<>();
        for (int i = 0; i < map.limits().size(); i++) {
            kinds.computeIfAbsent(map.limits().get(i).sideless(), any -> new ArrayList<>())
                    .add(i);
        }
        return kinds;
    }

    private void cells(ShapePainter scribe, LimitMap found, Rectangle2D area) {
        double edge = square.getWidth() / found.size();
        scribe.graphics().setFill(scribe.theme().faint().deriveColor(0, 1, 1, 0.55));
        for (int i = 0; i < found.size(); i++) {
            for (int j = 0; j < found.size(); j++) {
                if (found.at(j, i).isEmpty()) {
                    scribe.graphics()
                            .fillRect(
                                    square.getMinX() + j * edge,
                                    square.getMaxY() - (i + 1) * edge,
                                    edge + 0.5,
                                    edge + 0.5);
                }
            }
        }
        int number = 0;
        double y = square.getMaxY() + 36 * size;
        for (List<Integer> kind : kinds(found).values()) {
            Color colour = number < 4 ? scribe.theme().limit() : scribe.theme().hand();
            scribe.pen(colour, 1.3);
            int[] strokes = STROKES[number % STROKES.length];
            strike(scribe, strokes, found, kind);
            y += legend(scribe, strokes, key(found, kind), area, y);
            number++;
        }
    }

    /** The cells where a kind of limits comes first. */
    private void strike(ShapePainter scribe, int[] strokes, LimitMap found, List<Integer> kind) {
        double edge = square.getWidth() / found.size();
        for (int i = 0; i < found.size(); i++) {
            for (int j = 0; j < found.size(); j++) {
                if (kind.contains(found.first()[i * found.size() + j])) {
                    strike(scribe, strokes, square.getMinX() + j * edge, square.getMaxY() - (i + 1) * edge, edge);
                }
            }
        }
    }

    private String key(LimitMap found, List<Integer> kind) {
        return words.get().text(found.limits().get(kind.get(0)).what());
    }

    private double keysHeight(ShapePainter scribe, LimitMap found, Rectangle2D area) {
        return kinds(found).values().stream()
                .mapToDouble(kind -> scribe.paragraphHeight(key(found, kind), keyWidth(area), KEY))
                .sum();
    }

    private double keyWidth(Rectangle2D area) {
        return area.getWidth() - 26 * size;
    }

    /** Strokes and what they stand for, from the middle of its first line; tells how tall it is. */
    private double legend(ShapePainter scribe, int[] strokes, String what, Rectangle2D area, double y) {
        double box = 11 * size;
        strike(scribe, strokes, area.getMinX() + 6, y - box / 2, box);
        return scribe.paragraph(
                what,
                area.getMinX() + 12 + box,
                y - KEY * size * 0.65,
                keyWidth(area),
                scribe.theme().line(),
                KEY);
    }

    /** Strokes across a cell: rising, falling, level or upright. */
    private static void strike(ShapePainter scribe, int[] strokes, double x, double y, double edge) {
        int times = strokes[1] < 10 ? 2 : 1;
        for (int k = 0; k < times; k++) {
            double part = (k + 0.5) / times;
            switch (strokes[0]) {
                case 1 -> scribe.line(x + (part - 0.5) * edge, y + edge, x + (part + 0.5) * edge, y);
                case -1 -> scribe.line(x + (part - 0.5) * edge, y, x + (part + 0.5) * edge, y + edge);
                case 0 -> scribe.line(x, y + part * edge, x + edge, y + part * edge);
                default -> scribe.line(x + part * edge, y, x + part * edge, y + edge);
            }
        }
    }

    private void frame(ShapePainter scribe, Travel plan, WheelTravel pose) {
        scribe.pen(scribe.theme().second(), 1.4);
        scribe.graphics().strokeRect(square.getMinX(), square.getMinY(), square.getWidth(), square.getHeight());
        scribe.pen(scribe.theme().second(), 0.8, 6, 4);
        double x0 = x(0);
        double y0 = y(0);
        scribe.line(x0, square.getMinY(), x0, square.getMaxY());
        scribe.line(square.getMinX(), y0, square.getMaxX(), y0);
        scribe.pen(scribe.theme().second(), 1, 2, 3);
        scribe.graphics()
                .strokeRect(
                        x(-plan.droop()),
                        y(plan.bump()),
                        x(plan.bump()) - x(-plan.droop()),
                        y(-plan.droop()) - y(plan.bump()));
        Color second = scribe.theme().second();
        double below = square.getMaxY() + 11 * size;
        scribe.text(
                words.get().text("pad.left"),
                (square.getMinX() + square.getMaxX()) / 2,
                below,
                TextAlignment.CENTER,
                second,
                false,
                12);
        scribe.graphics().save();
        scribe.graphics().translate(square.getMinX() - 11 * size, (square.getMinY() + square.getMaxY()) / 2);
        scribe.graphics().rotate(-90);
        scribe.text(words.get().text("pad.right"), 0, 0, TextAlignment.CENTER, second, false, 12);
        scribe.graphics().restore();
        double x = x(pose.left());
        double y = y(pose.right());
        scribe.pen(scribe.theme().hand(), 2.6);
        scribe.graphics().strokeOval(x - 8, y - 8, 16, 16);
        scribe.line(x - 12, y, x + 12, y);
        scribe.line(x, y - 12, x, y + 12);
    }

    /** Pixel column of a left travel [m]. */
    private double x(double left) {
        return square.getMinX() + (left + span.droop()) / whole() * square.getWidth();
    }

    /** Pixel row of a right travel [m]. */
    private double y(double right) {
        return square.getMaxY() - (right + span.droop()) / whole() * square.getHeight();
    }

    private double whole() {
        return Math.max(1e-9, span.bump() + span.droop());
    }
}
