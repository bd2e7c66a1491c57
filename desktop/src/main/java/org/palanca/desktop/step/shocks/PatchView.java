package org.palanca.desktop.step.shocks;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.DrawnRegion;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.Elevation;
import org.palanca.result.targets.MovePatch;
import org.palanca.vehicle.MountRef;

/**
 * A mount from the side, enlarged, with the places dusted where it may go. Pressing a place puts the mount there: on the whole
 * board a quarter of an inch is less than a pixel.
 */
final class PatchView extends DrawnRegion {
    private static final double MARGIN = 10;

    /** Width and height that it needs at normal text size [px]. */
    private static final double WIDE = 200;

    private static final double ROW = 21;

    private final Supplier<Words> words;
    private final BiConsumer<MountRef, Vector3D> put;
    private Optional<MovePatch> patch = Optional.empty();
    private Vector3D below = Vector3D.MINUS_K;
    private double left;
    private double top;
    private double cell;

    /** @param put takes the mount that is shown and the place that was pressed [m], vehicle frame */
    PatchView(String id, Supplier<Words> words, Supplier<Theme> theme, BiConsumer<MountRef, Vector3D> put) {
        super(theme, 60, 60);
        this.words = words;
        this.put = put;
        setId(id);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setCursor(Cursor.CROSSHAIR);
        setOnMousePressed(this::pressed);
    }

    /**
     * Shows a patch; empty while it is not known yet.
     *
     * @param other where the mount's part ends [m], vehicle frame, for its lean
     */
    void show(Optional<MovePatch> next, Vector3D other) {
        patch = next;
        next.ifPresent(found -> below = other.subtract(found.centre()).normalize());
        setAccessibleText(title());
        draw();
    }

    private String title() {
        String key = patch.isEmpty() ? "patch.wait" : patch.get().any() ? "patch.title" : "patch.nowhere";
        return words.get().text(key);
    }

    private static int cells() {
        return 2 * MovePatch.REACH + 1;
    }

    private void pressed(MouseEvent event) {
        // A press here is no press on the board below.
        event.consume();
        if (patch.isEmpty() || cell <= 0) {
            return;
        }
        double ahead = MovePatch.REACH + 0.5 - (event.getX() - left) / cell;
        double up = MovePatch.REACH + 0.5 - (event.getY() - top) / cell;
        if (Math.max(Math.abs(ahead), Math.abs(up)) <= MovePatch.REACH + 0.5) {
            MovePatch shown = patch.get();
            put.accept(shown.mount(), shown.centre().add(shown.step(), new Vector3D(ahead, 0, up)));
        }
    }

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        double size = textSize(WIDE, WIDE);
        ShapePainter scribe = new ShapePainter(g, colours, size);
        boolean nowhere = patch.isPresent() && !patch.get().any();
        scribe.text(
                title(),
                MARGIN,
                ROW * size * 0.7,
                TextAlignment.LEFT,
                nowhere ? colours.limit() : colours.line(),
                false,
                14);
        double edge = Math.min(width - 2 * MARGIN, height - 3.5 * ROW * size);
        cell = edge / cells();
        left = (width - edge) / 2;
        top = ROW * size * 1.4;
        patch.ifPresent(found -> squares(scribe, found, edge));
    }

    private void squares(ShapePainter scribe, MovePatch found, double edge) {
        Theme colours = scribe.theme();
        GraphicsContext g = scribe.graphics();
        g.setFill(colours.hand().deriveColor(0, 1, 1, 0.45));
        for (int i = 0; i < cells(); i++) {
            for (int j = 0; j < cells(); j++) {
                if (found.within()[i][j]) {
                    // Ahead is to the left, as in every side view.
                    g.fillRect(left + (cells() - 1 - j) * cell, top + (cells() - 1 - i) * cell, cell, cell);
                }
            }
        }
        scribe.pen(colours.faint(), 1);
        for (int i = 0; i <= cells(); i++) {
            scribe.line(left + i * cell, top, left + i * cell, top + edge);
            scribe.line(left, top + i * cell, left + edge, top + i * cell);
        }
        double x = left + edge / 2;
        double y = top + edge / 2;
        double across = Elevation.SIDE.across(below);
        double down = -Elevation.SIDE.up(below);
        double run = edge / 2 / Math.max(Math.abs(across), Math.abs(down));
        scribe.pen(colours.line(), 1.4);
        scribe.line(x, y, x + across * run, y + down * run);
        scribe.mount(x, y, colours.line());
        Words w = words.get();
        String reach = w.units().text(found.step() * MovePatch.REACH, Quantity.LENGTH);
        under(scribe, w.text("patch.each_way", reach), 0.6, edge);
        under(scribe, w.text("patch.press"), 1.5, edge);
    }

    private void under(ShapePainter scribe, String text, double rows, double edge) {
        scribe.text(
                text,
                left + edge / 2,
                top + edge + rows * ROW * textSize(WIDE, WIDE),
                TextAlignment.CENTER,
                scribe.theme().second(),
                false,
                13);
    }
}
