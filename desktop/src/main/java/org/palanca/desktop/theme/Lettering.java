package org.palanca.desktop.theme;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/**
 * The lettering of one drawing: writes words and figures on a canvas, knows what has been written since the drawing was begun, and
 * finds a place for a label where it neither covers another nor is cut at the edge. One to a canvas; window's thread only.
 */
public final class Lettering {
    private static final int REMEMBERED = 600;
    private static final Text RULER = new Text();

    /** Measured once: the same words are written in each frame of a drag. */
    private static final Map<Measured, Double> WIDTHS = new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Measured, Double> eldest) {
            return size() > REMEMBERED;
        }
    };

    /** How far from where it belongs a label may go, in lines up or down, the nearest first. */
    private static final int[] LINES = {0, -1, 1, -2, 2, -3, 3, -4, 4};

    private final GraphicsContext g;
    private final List<Written> written = new ArrayList<>();
    private Rectangle2D room;

    private record Measured(Font font, String text) {}

    /**
     * A text on the canvas.
     *
     * @param bounds where it is [px]
     * @param room what it may take: the view it stands in
     */
    public record Written(String text, Bounds bounds, Rectangle2D room) {}

    private Lettering(Canvas canvas) {
        g = canvas.getGraphicsContext2D();
        room = whole();
    }

    /** The lettering of a canvas. */
    public static Lettering on(Canvas canvas) {
        return (Lettering) canvas.getProperties().computeIfAbsent(Lettering.class, any -> new Lettering(canvas));
    }

    private Rectangle2D whole() {
        Canvas canvas = g.getCanvas();
        return new Rectangle2D(0, 0, Math.max(0, canvas.getWidth()), Math.max(0, canvas.getHeight()));
    }

    /** Forgets what was written: the drawing is begun anew. */
    public void begin() {
        written.clear();
        room = whole();
    }

    /** Writes what {@code draw} writes into one view of the drawing. */
    public void within(Rectangle2D view, Runnable draw) {
        Rectangle2D before = room;
        room = view;
        draw.run();
        room = before;
    }

    /** What has been written. */
    public List<Written> written() {
        return Collections.unmodifiableList(written);
    }

    /** How wide a text is in a font [px]. */
    public static double width(String text, Font font) {
        return WIDTHS.computeIfAbsent(new Measured(font, text), any -> {
            RULER.setFont(font);
            RULER.setText(text);
            return RULER.getLayoutBounds().getWidth();
        });
    }

    /** Writes a text at a point, the middle of its height there. */
    public void write(String text, double x, double y, TextAlignment side, Color colour, Font font) {
        Bounds bounds = bounds(text, x, y, side, font);
        written.add(new Written(text, g.getTransform().transform(bounds), room));
        ink(text, x, y, side, colour, font);
    }

    /** Keeps a place free for a text that is written over everything else. */
    public Runnable reserve(String text, double x, double y, TextAlignment side, Color colour, Font font) {
        written.add(new Written(text, bounds(text, x, y, side, font), room));
        return () -> ink(text, x, y, side, colour, font);
    }

    private void ink(String text, double x, double y, TextAlignment side, Color colour, Font font) {
        g.setFill(colour);
        g.setFont(font);
        g.setTextAlign(side);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, x, y);
    }

    /**
     * Writes a label on a plate of the ground's colour, so that lines behind it do not cross it out: at a point, or as near to it
     * as there is a free place in the view.
     */
    public void label(String text, double x, double y, TextAlignment side, Color colour, Color ground, Font font) {
        Bounds wanted = bounds(text, x, y, side, font);
        Bounds free = free(g.getTransform().transform(wanted));
        double dx = free.getMinX() - g.getTransform().transform(wanted).getMinX();
        double dy = free.getMinY() - g.getTransform().transform(wanted).getMinY();
        written.add(new Written(text, free, room));
        g.setFill(ground.deriveColor(0, 1, 1, 0.88));
        g.fillRect(wanted.getMinX() + dx - 3, wanted.getMinY() + dy, wanted.getWidth() + 6, wanted.getHeight());
        ink(text, x + dx, y + dy, side, colour, font);
    }

    private static Bounds bounds(String text, double x, double y, TextAlignment side, Font font) {
        double wide = width(text, font);
        double high = font.getSize() * 1.15;
        double left = side == TextAlignment.LEFT ? x : side == TextAlignment.RIGHT ? x - wide : x - wide / 2;
        return new BoundingBox(left, y - high / 2, wide, high);
    }

    /** Whether a text can stand at a point without covering another or being cut. */
    public boolean free(String text, double x, double y, TextAlignment side, Font font) {
        Bounds wanted = g.getTransform().transform(bounds(text, x, y, side, font));
        return isFree(wanted)
                && new BoundingBox(room.getMinX(), room.getMinY(), room.getWidth(), room.getHeight()).contains(wanted);
    }

    private boolean isFree(Bounds there) {
        return written.stream().noneMatch(other -> other.bounds().intersects(there));
    }

    private Bounds free(Bounds wanted) {
        for (int lines : LINES) {
            for (double beside : new double[] {0, wanted.getWidth() / 2, -wanted.getWidth() / 2}) {
                Bounds there = inside(wanted, beside, lines * wanted.getHeight());
                if (isFree(there)) {
                    return there;
                }
            }
        }
        return inside(wanted, 0, 0);
    }

    /** A text in lines that are no wider than {@code width} [px], broken between words; a longer word stands alone. */
    public static List<String> lines(String text, Font font, double width) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word, font) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** Moved by as much as it takes to lie in the view, where it fits there at all. */
    private Bounds inside(Bounds wanted, double beside, double down) {
        double margin = 3;
        double left = Math.max(
                room.getMinX() + margin,
                Math.min(room.getMaxX() - margin - wanted.getWidth(), wanted.getMinX() + beside));
        double top = Math.max(room.getMinY(), Math.min(room.getMaxY() - wanted.getHeight(), wanted.getMinY() + down));
        return new BoundingBox(left, top, wanted.getWidth(), wanted.getHeight());
    }
}
