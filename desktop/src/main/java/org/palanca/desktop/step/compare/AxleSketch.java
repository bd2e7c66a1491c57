package org.palanca.desktop.step.compare;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** One axle from behind at ride, as small as a scheme's head. */
final class AxleSketch extends Region {
    private static final double MARGIN = 8;

    private final Vehicle vehicle;
    private final AxlePlace place;
    private final Supplier<Theme> theme;
    private final Canvas canvas = new Canvas();

    AxleSketch(Vehicle vehicle, AxlePlace place, Supplier<Theme> theme) {
        this.vehicle = vehicle;
        this.place = place;
        this.theme = theme;
        getChildren().add(canvas);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        if (getWidth() > 40) {
            draw();
        }
    }

    private void draw() {
        Theme colours = theme.get();
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(colours.ground());
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        AxleModel model = new AxleModel(vehicle, place);
        double wide = model.axle().track() + model.axle().tyre().width();
        double tall = model.axle().tyre().diameter() * 1.15;
        double scale = Math.min((canvas.getWidth() - 2 * MARGIN) / wide, (canvas.getHeight() - 2 * MARGIN) / tall);
        List<Shape> shapes = AxleDrawing.axle(model, Elevation.REAR);
        g.setStroke(colours.faint());
        g.setLineWidth(1);
        double ground = canvas.getHeight() - MARGIN;
        g.strokeLine(MARGIN, ground, canvas.getWidth() - MARGIN, ground);
        for (Shape shape : shapes) {
            shape(g, shape, colours, scale, ground);
        }
    }

    private void shape(GraphicsContext g, Shape shape, Theme colours, double scale, double ground) {
        double middle = canvas.getWidth() / 2;
        g.setStroke(shape.role() == Shape.Role.TYRE ? colours.second() : colours.line());
        g.setLineWidth(shape.role() == Shape.Role.BODY ? 2 : 1.2);
        shape.visit(
                path -> strokes(g, path.points(), path.closed(), scale, ground),
                circle -> {
                    double r = circle.radius() * scale;
                    g.strokeOval(
                            middle + circle.centre().across() * scale - r,
                            ground - circle.centre().up() * scale - r,
                            2 * r,
                            2 * r);
                },
                bar -> {
                    g.setLineWidth(2.6);
                    strokes(g, bar.points(), false, scale, ground);
                },
                mark -> {
                    // Too small to see at this scale.
                });
    }

    private void strokes(GraphicsContext g, List<Shape.Point> points, boolean closed, double scale, double ground) {
        double middle = canvas.getWidth() / 2;
        double[] xs =
                points.stream().mapToDouble(p -> middle + p.across() * scale).toArray();
        double[] ys = points.stream().mapToDouble(p -> ground - p.up() * scale).toArray();
        if (closed) {
            g.strokePolygon(xs, ys, xs.length);
        } else {
            g.strokePolyline(xs, ys, xs.length);
        }
    }
}
