package org.palanca.desktop.step.housing;

import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import org.palanca.desktop.theme.Theme;
import org.palanca.vehicle.housing.Straightness;

/** A tube's end seen from outside: a stroke to where it was pulled, a dot where the next bead goes. */
final class ClockFace extends Canvas {
    private static final double SIDE = 40;
    private static final double RADIUS = 15;

    ClockFace(Straightness found, Supplier<Theme> theme) {
        super(SIDE, SIDE);
        Theme colours = theme.get();
        GraphicsContext g = getGraphicsContext2D();
        double middle = SIDE / 2;
        g.setStroke(colours.second());
        g.setLineWidth(1.4);
        g.strokeOval(middle - RADIUS, middle - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.strokeLine(middle, middle - RADIUS - 4, middle, middle - RADIUS + 3);
        double pulled = Math.toRadians(found.pulledTo() * 30);
        g.setStroke(colours.line());
        g.setLineWidth(2);
        g.strokeLine(middle, middle, middle + RADIUS * Math.sin(pulled), middle - RADIUS * Math.cos(pulled));
        double bead = Math.toRadians(found.beadAt() * 30);
        g.setFill(colours.hand());
        g.fillOval(middle + RADIUS * Math.sin(bead) - 4, middle - RADIUS * Math.cos(bead) - 4, 8, 8);
    }
}
