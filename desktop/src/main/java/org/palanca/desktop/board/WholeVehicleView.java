package org.palanca.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** The whole vehicle from the side at ride, with wheelbase and centre of gravity dimensioned. */
public final class WholeVehicleView extends DrawnRegion {
    private final Supplier<Vehicle> shown;
    private final Supplier<Words> words;
    private double scale;
    private double left;
    private double ground;

    /** @param shown gives the vehicle to draw */
    public WholeVehicleView(Supplier<Vehicle> shown, Supplier<Words> words, Supplier<Theme> theme) {
        super(theme, 50, 1);
        this.shown = shown;
        this.words = words;
        setMinSize(200, 160);
    }

    /** Tells {@code pick} what is pressed: an axle by its wheel, the vehicle elsewhere. */
    public void setOnPick(Consumer<Optional<AxlePlace>> pick) {
        setOnMousePressed(event -> pick.accept(shown.get().axles().stream()
                .filter(axle -> Math.hypot(
                                event.getX() - x(-axle.lineX(shown.get().wheelbase())),
                                event.getY() - y(axle.tyre().loadedRadius()))
                        < axle.tyre().diameter() / 2 * scale)
                .findFirst()
                .map(Axle::place)));
    }

    /** The vehicle as it is now. */
    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        Vehicle vehicle = shown.get();
        double tallest = vehicle.axles().stream()
                .mapToDouble(axle -> axle.tyre().diameter())
                .max()
                .orElse(1);
        double run = vehicle.wheelbase() + tallest * 2.1;
        scale = Math.min(getWidth() / run, (getHeight() - 70) / (tallest * 1.25));
        left = (getWidth() - vehicle.wheelbase() * scale) / 2;
        // In the middle of the room there is, with room for the wheelbase under it.
        ground = Math.min(getHeight() - 46, (getHeight() + tallest * 1.25 * scale) / 2);
        g.setStroke(colours.second());
        g.setLineWidth(1.4);
        g.strokeLine(12, ground, getWidth() - 12, ground);
        AxleDrawing.surroundings(vehicle, Elevation.SIDE).forEach(shape -> shape(g, shape, colours));
        for (Axle axle : vehicle.axles()) {
            AxleDrawing.axle(new AxleModel(vehicle, axle.place()), Elevation.SIDE)
                    .forEach(shape -> shape(g, shape, colours));
        }
        dimensions(g, vehicle, colours);
    }

    private double x(double across) {
        return left + across * scale;
    }

    private double y(double up) {
        return ground - up * scale;
    }

    private void shape(GraphicsContext g, Shape shape, Theme colours) {
        g.setStroke(shape.role() == Shape.Role.RAIL ? colours.edge() : colours.second());
        g.setLineWidth(1.3);
        shape.visit(path -> path(g, path), circle -> circle(g, circle), bar -> bar(g, bar, colours), mark -> {
            // Too small to see at this scale.
        });
    }

    private void circle(GraphicsContext g, Shape.Circle circle) {
        double r = circle.radius() * scale;
        g.strokeOval(x(circle.centre().across()) - r, y(circle.centre().up()) - r, 2 * r, 2 * r);
    }

    private void bar(GraphicsContext g, Shape.Bar bar, Theme colours) {
        g.setStroke(colours.line());
        g.setLineWidth(3);
        strokes(g, bar.points(), false);
    }

    private void path(GraphicsContext g, Shape.Path path) {
        strokes(g, path.points(), path.closed());
    }

    private void strokes(GraphicsContext g, List<Shape.Point> points, boolean closed) {
        double[] xs = points.stream().mapToDouble(p -> x(p.across())).toArray();
        double[] ys = points.stream().mapToDouble(p -> y(p.up())).toArray();
        if (closed) {
            g.strokePolygon(xs, ys, xs.length);
        } else {
            g.strokePolyline(xs, ys, xs.length);
        }
    }

    private void dimensions(GraphicsContext g, Vehicle vehicle, Theme colours) {
        Words w = words.get();
        across(g, colours, 0, vehicle.wheelbase(), ground + 30, w.units().text(vehicle.wheelbase(), Quantity.LENGTH));
        double behind = vehicle.mass().centreBehindFront();
        double height = vehicle.mass().centreHeight();
        double cx = x(behind);
        double cy = y(height);
        g.setStroke(colours.hand());
        g.setLineWidth(2);
        g.strokeOval(cx - 11, cy - 11, 22, 22);
        g.setFill(colours.hand());
        g.fillArc(cx - 11, cy - 11, 22, 22, 0, 90, ArcType.ROUND);
        g.fillArc(cx - 11, cy - 11, 22, 22, 180, 90, ArcType.ROUND);
        g.setLineWidth(1);
        g.strokeLine(cx, cy + 11, cx, ground);
        text(g, colours, w.units().text(height, Quantity.LENGTH), cx + 8, (cy + ground) / 2 + 14, TextAlignment.LEFT);
        across(g, colours, 0, behind, cy - 26, w.units().text(behind, Quantity.LENGTH));
        String centre = w.text("goals.cg");
        Lettering.on(g.getCanvas())
                .label(centre, cx + 16, cy - 2, TextAlignment.LEFT, colours.line(), colours.ground(), Fonts.text(14));
    }

    private void across(GraphicsContext g, Theme colours, double from, double to, double y, String label) {
        g.setStroke(colours.hand());
        g.setLineWidth(1);
        g.strokeLine(x(from), y, x(to), y);
        g.strokeLine(x(from), y - 6, x(from), y + 6);
        g.strokeLine(x(to), y - 6, x(to), y + 6);
        double middle = x((from + to) / 2);
        text(g, colours, label, middle, y, TextAlignment.CENTER);
    }

    private static void text(GraphicsContext g, Theme colours, String text, double x, double y, TextAlignment side) {
        Lettering.on(g.getCanvas()).label(text, x, y, side, colours.line(), colours.ground(), Fonts.figures(15));
    }
}
