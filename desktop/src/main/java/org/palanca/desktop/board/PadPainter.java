package org.palanca.desktop.board;

import java.util.List;
import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.BandMap;
import org.palanca.result.sweep.BandMap.Place;
import org.palanca.vehicle.TargetBand;

/** Draws the travel pad: where the axle can go, and where the shown result leaves its band. */
final class PadPainter {
    private static final double ROOM_FOR_WORDS = 210;

    private final ShapePainter scribe;
    private final PadLayout pad;
    private final Analysis analysis;
    private final Words words;

    PadPainter(ShapePainter scribe, PadLayout pad, Analysis analysis, Words words) {
        this.scribe = scribe;
        this.pad = pad;
        this.analysis = analysis;
        this.words = words;
    }

    void draw(Rectangle2D area, Analysis.StripValue strip, boolean focused) {
        Rectangle2D square = pad.square();
        scribe.text(
                words.text("pad.title", BoardPainter.caption(strip, words)),
                area.getMinX() + 4,
                area.getMinY() + 9 * scribe.size,
                TextAlignment.LEFT,
                scribe.theme.second(),
                false,
                13);
        scribe.g.setFill(scribe.theme.panel());
        scribe.g.fillRect(square.getMinX(), square.getMinY(), square.getWidth(), square.getHeight());
        map(strip);
        key(area, strip);
        frame(square, focused);
        dot();
        pad.steer().ifPresent(this::steer);
    }

    /**
     * Over the band: strokes rising; under it: strokes falling; out of reach: crossed. In band: plain. Neighbouring cells
     * are drawn as one fill or one stroke, since this is drawn anew at each step of a drag.
     */
    private void map(Analysis.StripValue strip) {
        // A map of what was shown before says nothing of this.
        if (!analysis.map().result().equals(strip.result().id())) {
            return;
        }
        Place[][] cells = cells();
        scribe.g.setFill(scribe.theme.faint().deriveColor(0, 1, 1, 0.55));
        double edge = pad.planned().getWidth() / cells.length;
        for (int i = 0; i < cells.length; i++) {
            for (int j = 0; j < cells.length; j++) {
                int start = j;
                while (j < cells.length && cells[i][j] == Place.IN_BAND) {
                    j++;
                }
                if (j > start) {
                    double y = pad.planned().getMaxY() - (i + 1) * edge;
                    scribe.g.fillRect(pad.planned().getMinX() + start * edge, y, (j - start) * edge, edge + 0.5);
                }
            }
        }
        strokes(cells, Place.HIGH, 1, scribe.theme.limit());
        strokes(cells, Place.LOW, -1, scribe.theme.second());
        strokes(cells, Place.OUT_OF_REACH, 1, scribe.theme.edge());
        strokes(cells, Place.OUT_OF_REACH, -1, scribe.theme.edge());
    }

    private Place[][] cells() {
        BandMap map = analysis.map().map();
        Place[][] cells = new Place[map.size()][map.size()];
        for (int i = 0; i < map.size(); i++) {
            for (int j = 0; j < map.size(); j++) {
                cells[i][j] = map.at(j, i);
            }
        }
        return cells;
    }

    /** Diagonal strokes through all cells of a kind; {@code rise} +1 for strokes rising to the right, -1 for falling. */
    private void strokes(Place[][] cells, Place kind, int rise, Color colour) {
        int n = cells.length;
        double edge = pad.planned().getWidth() / n;
        double left = pad.planned().getMinX();
        double bottom = pad.planned().getMaxY();
        scribe.pen(colour, 1);
        for (int diagonal = -n + 1; diagonal < 2 * n; diagonal++) {
            int start = -1;
            for (int j = 0; j <= n; j++) {
                int i = diagonal + rise * j;
                boolean there = j < n && i >= 0 && i < n && cells[i][j] == kind;
                if (there && start < 0) {
                    start = j;
                } else if (!there && start >= 0) {
                    double first = diagonal + rise * start + (rise > 0 ? 0 : 1);
                    double last = first + rise * (j - start);
                    scribe.line(left + start * edge, bottom - first * edge, left + j * edge, bottom - last * edge);
                    start = -1;
                }
            }
        }
    }

    private void key(Rectangle2D area, Analysis.StripValue strip) {
        double y = area.getMinY() + 26 * scribe.size;
        double x = area.getMinX() + 4;
        if (strip.band().isEmpty()) {
            scribe.text(words.text("strip.no_band"), x, y, TextAlignment.LEFT, scribe.theme.second(), false, 12);
            return;
        }
        double at = x;
        for (TargetBand.Verdict verdict :
                List.of(TargetBand.Verdict.IN_BAND, TargetBand.Verdict.HIGH, TargetBand.Verdict.LOW)) {
            // What has no room beside the others is left out: its strokes are those of its word.
            if (at + keyWidth(verdict) < area.getMaxX()) {
                at = keyMark(at, y, verdict);
            }
        }
    }

    private double keyWidth(TargetBand.Verdict verdict) {
        return 10 * scribe.size + 4 + scribe.width(words.text("verdict." + verdict), false, 12);
    }

    private double keyMark(double x, double y, TargetBand.Verdict verdict) {
        double edge = 10 * scribe.size;
        double top = y - edge / 2;
        switch (verdict) {
            case IN_BAND -> {
                scribe.g.setFill(scribe.theme.faint());
                scribe.g.fillRect(x, top, edge, edge);
            }
            case HIGH -> {
                scribe.pen(scribe.theme.limit(), 1.4);
                scribe.line(x, top + edge, x + edge, top);
                scribe.line(x, top + edge / 2, x + edge / 2, top);
                scribe.line(x + edge / 2, top + edge, x + edge, top + edge / 2);
            }
            case LOW -> {
                scribe.pen(scribe.theme.second(), 1.4);
                scribe.line(x, top, x + edge, top + edge);
                scribe.line(x + edge / 2, top, x + edge, top + edge / 2);
                scribe.line(x, top + edge / 2, x + edge / 2, top + edge);
            }
        }
        String word = words.text("verdict." + verdict);
        scribe.text(word, x + edge + 4, y, TextAlignment.LEFT, scribe.theme.second(), false, 12);
        return x + edge + scribe.width(word, false, 12) + 14 * scribe.size;
    }

    private void frame(Rectangle2D square, boolean focused) {
        scribe.pen(focused ? scribe.theme.hand() : scribe.theme.second(), focused ? 2.2 : 1.4);
        scribe.g.strokeRect(square.getMinX(), square.getMinY(), square.getWidth(), square.getHeight());
        Rectangle2D planned = pad.planned();
        scribe.pen(scribe.theme.second(), 1, 2, 3);
        scribe.g.strokeRect(planned.getMinX(), planned.getMinY(), planned.getWidth(), planned.getHeight());
        scribe.pen(scribe.theme.second(), 0.8, 6, 4);
        scribe.line(pad.x(0), square.getMinY(), pad.x(0), square.getMaxY());
        scribe.line(square.getMinX(), pad.y(0), square.getMaxX(), pad.y(0));
        scribe.pen(scribe.theme.faint(), 1, 3, 5);
        scribe.line(square.getMinX(), square.getMaxY(), square.getMaxX(), square.getMinY());
        boolean room = square.getWidth() > ROOM_FOR_WORDS * scribe.size;
        String droop = edge("pad.edge_droop", "−", pad.span().droop(), room);
        String bump = edge("pad.edge_bump", "+", pad.span().bump(), room);
        double below = square.getMaxY() + 10 * scribe.size;
        var second = scribe.theme.second();
        boolean ends = scribe.width(droop, false, 12) + scribe.width(bump, false, 12) + 12 < square.getWidth();
        if (ends) {
            scribe.text(droop, square.getMinX(), below, TextAlignment.LEFT, second, false, 12);
            scribe.text(bump, square.getMaxX(), below, TextAlignment.RIGHT, second, false, 12);
        }
        scribe.text(
                words.text("pad.left"),
                (square.getMinX() + square.getMaxX()) / 2,
                below + (room ? 0 : 13 * scribe.size),
                TextAlignment.CENTER,
                second,
                false,
                12);
        scribe.g.save();
        scribe.g.translate(square.getMinX() - 11 * scribe.size, square.getMaxY());
        scribe.g.rotate(-90);
        if (ends) {
            scribe.text(droop, 0, 0, TextAlignment.LEFT, second, false, 12);
            scribe.text(bump, square.getHeight(), 0, TextAlignment.RIGHT, second, false, 12);
        }
        scribe.text(
                words.text("pad.right"),
                square.getHeight() / 2,
                room ? 0 : -13 * scribe.size,
                TextAlignment.CENTER,
                second,
                false,
                12);
        scribe.g.restore();
    }

    /** An edge of the pad in words, or where there is no room for them by its number with a sign. */
    private String edge(String key, String sign, double travel, boolean inWords) {
        String number = words.units().format(travel, Quantity.LENGTH).number();
        return inWords ? words.text(key, number) : sign + number;
    }

    /** Whether a column is in the right half of the pad: words beside it then go to its left. */
    private boolean onTheRight(double x) {
        return x > (pad.square().getMinX() + pad.square().getMaxX()) / 2;
    }

    private void dot() {
        WheelTravel pose = analysis.pose();
        double x = pad.x(pose.left());
        double y = pad.y(pose.right());
        scribe.g.setFill(scribe.theme.ground());
        scribe.g.fillOval(x - 9, y - 9, 18, 18);
        scribe.pen(scribe.theme.hand(), 2.6);
        scribe.g.strokeOval(x - 9, y - 9, 18, 18);
        scribe.line(x - 14, y, x + 14, y);
        scribe.line(x, y - 14, x, y + 14);
        boolean reached = analysis.strips().get(0).outcome() instanceof Outcome.Value
                || analysis.model().closed();
        if (!reached) {
            boolean onLeft = onTheRight(x);
            scribe.plated(
                    words.text("pad.out_of_reach"),
                    onLeft ? x - 18 : x + 18,
                    y,
                    onLeft ? TextAlignment.RIGHT : TextAlignment.LEFT,
                    scribe.theme.limit(),
                    false,
                    13);
        }
    }

    /**
     * The pose under the pointer, with what the shown result is there.
     *
     * @param there the axle at that pose
     */
    void preview(WheelTravel pose, AxleModel there, Analysis.StripValue strip) {
        double x = pad.x(pose.left());
        double y = pad.y(pose.right());
        scribe.pen(scribe.theme.line(), 1.2, 3, 3);
        scribe.g.strokeOval(x - 8, y - 8, 16, 16);
        String text = there.closed()
                ? ResultWords.value(
                                strip.result(),
                                there.outcome(there.result(strip.result().id())),
                                words)
                        .joined()
                        .replace("-", "−")
                : words.text("pad.out_of_reach");
        boolean onLeft = onTheRight(x);
        scribe.plated(
                text,
                onLeft ? x - 14 : x + 14,
                y - 16,
                onLeft ? TextAlignment.RIGHT : TextAlignment.LEFT,
                scribe.theme.line(),
                true,
                14);
    }

    /** The steering's line with its locks, straight ahead marked, and where it stands. */
    private void steer(Rectangle2D line) {
        double y = (line.getMinY() + line.getMaxY()) / 2;
        Color second = scribe.theme.second();
        scribe.pen(second, 1.4);
        scribe.line(pad.steerX(1), y, pad.steerX(-1), y);
        for (double part : new double[] {1, 0.5, 0, -0.5, -1}) {
            double half = part == 0 ? 7 : 4;
            scribe.line(pad.steerX(part), y - half, pad.steerX(part), y + half);
        }
        double part = analysis.pose().steer();
        double x = pad.steerX(part);
        scribe.g.setFill(scribe.theme.ground());
        scribe.g.fillOval(x - 7, y - 7, 14, 14);
        scribe.pen(scribe.theme.hand(), 2.4);
        scribe.g.strokeOval(x - 7, y - 7, 14, 14);
        boolean room = line.getWidth() > ROOM_FOR_WORDS * scribe.size;
        String word = part == 0
                ? words.text("pad.straight")
                : words.text(part > 0 ? "pad.steer_left" : "pad.steer_right", Math.round(Math.abs(part) * 100) + " %");
        if (room) {
            boolean leftHalf = part > 0;
            scribe.plated(
                    word,
                    leftHalf ? pad.steerX(-1) : pad.steerX(1),
                    y,
                    leftHalf ? TextAlignment.RIGHT : TextAlignment.LEFT,
                    second,
                    false,
                    12);
        }
    }
}
