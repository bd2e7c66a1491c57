package org.palanca.desktop.board;

import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;

/** A region that is drawn by hand, as large as it is given room, in the theme of the moment. */
public abstract class DrawnRegion extends Region {
    private final Canvas canvas = new Canvas();
    private final Supplier<Theme> theme;
    private final double leastWidth;
    private final double leastHeight;
    private double size = 1;

    /**
     * @param leastWidth less room is left empty [px]
     * @param leastHeight the same in height [px]
     */
    protected DrawnRegion(Supplier<Theme> theme, double leastWidth, double leastHeight) {
        this.theme = theme;
        this.leastWidth = leastWidth;
        this.leastHeight = leastHeight;
        getStyleClass().add("board");
        getChildren().add(canvas);
    }

    /** Draws it; all has been cleared to the ground's colour. */
    protected abstract void paint(GraphicsContext g, Theme colours, double width, double height);

    /** Sets how large its words are, 1 for normal. */
    public void setTextSize(double times) {
        size = times;
        draw();
    }

    protected double textSize() {
        return size;
    }

    /**
     * How large its words may be where a small drawing must keep room for its lines: as set, but not larger than fits, and
     * never less than normal.
     *
     * @param wide width that it needs at normal size [px]
     * @param high height that it needs at normal size [px]
     */
    protected double textSize(double wide, double high) {
        return Math.max(1, Math.min(size, Math.min(getWidth() / wide, getHeight() / high)));
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    /** Draws everything anew. */
    public final void draw() {
        double width = canvas.getWidth();
        double height = canvas.getHeight();
        if (width < leastWidth || height < leastHeight) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        Theme colours = theme.get();
        g.setFill(colours.ground());
        g.fillRect(0, 0, width, height);
        Lettering.on(canvas).begin();
        paint(g, colours, width, height);
    }
}
