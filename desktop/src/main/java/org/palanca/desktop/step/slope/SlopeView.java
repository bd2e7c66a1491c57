package org.palanca.desktop.step.slope;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.DrawnRegion;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.terrain.Ground;
import org.palanca.study.terrain.StaticEquilibrium;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Vehicle;

/** The vehicle where it comes to rest, from the side and from behind, with the load under each wheel and the plumb line. */
final class SlopeView extends DrawnRegion {
    private static final double TITLE = 20;

    private final Supplier<Words> words;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Vehicle vehicle;

    private Ground ground = Ground.LEVEL;
    private Optional<StaticEquilibrium> rest = Optional.empty();

    SlopeView(Supplier<Words> words, Supplier<Theme> theme) {
        super(theme, 120, 100);
        this.words = words;
        setId("slope-view");
        setMinSize(200, 160);
    }

    void show(Vehicle next, Ground on, Optional<StaticEquilibrium> at) {
        vehicle = next;
        ground = on;
        rest = at;
        draw();
    }

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        if (vehicle == null) {
            return;
        }
        ShapePainter scribe = new ShapePainter(g, colours, textSize());
        double side = width * 0.6;
        view(Elevation.SIDE, new Rectangle2D(0, 0, side, height), scribe);
        view(Elevation.REAR, new Rectangle2D(side, 0, width - side, height), scribe);
    }

    private void view(Elevation elevation, Rectangle2D area, ShapePainter scribe) {
        GraphicsContext g = scribe.graphics();
        double size = textSize();
        boolean fromSide = elevation == Elevation.SIDE;
        double slope = fromSide ? ground.climb() : ground.across();
        double length =
                fromSide ? vehicle.wheelbase() * 1.4 : vehicle.axles().get(0).track() * 1.45;
        double height = vehicle.axles().get(0).tyre().diameter() * 1.6;
        double tall = height + Math.abs(Math.sin(slope)) * length;
        double scale = Math.min(
                area.getWidth() * 0.94 / (length * Math.cos(slope) + height * Math.abs(Math.sin(slope))),
                (area.getHeight() - 2.6 * TITLE * size) / tall);
        double middle = fromSide ? vehicle.wheelbase() / 2 : 0;
        Rectangle2D none = new Rectangle2D(-10, -10, 1, 1);
        double centreX = (area.getMinX() + area.getMaxX()) / 2;
        double spare = Math.max(0, area.getHeight() - 2.6 * TITLE * size - tall * scale) / 2;
        double base = area.getMaxY() - 1.3 * TITLE * size - spare - Math.abs(Math.sin(slope)) * length / 2 * scale;
        // A layout in which the middle of the ground is where the picture turns about.
        Rectangle2D frame = new Rectangle2D(centreX - 500, base - 500, 1000, 1000);
        BoardLayout layout = fromSide
                ? new BoardLayout(frame, none, none, none, scale, middle, 0, 0)
                : new BoardLayout(none, frame, none, none, scale, middle, 0, 0);
        scribe.clipped(area, () -> {
            g.save();
            g.translate(centreX, base);
            g.rotate(Math.toDegrees(slope));
            g.translate(-centreX, -base);
            ground(scribe, layout, elevation, length, middle);
            vehicle(scribe, layout, elevation);
            loads(scribe, layout, elevation);
            g.restore();
            plumb(scribe, layout, elevation, centreX, base, slope);
        });
        scribe.text(
                words.get().text(fromSide ? "slope.side" : "slope.rear"),
                area.getMinX() + 8,
                area.getMinY() + TITLE * size / 2 + 2,
                TextAlignment.LEFT,
                scribe.theme().second(),
                false,
                13);
    }

    private void ground(ShapePainter scribe, BoardLayout layout, Elevation elevation, double length, double middle) {
        double y = layout.y(elevation, 0);
        scribe.pen(scribe.theme().line(), 2);
        scribe.line(layout.x(elevation, middle - length / 2), y, layout.x(elevation, middle + length / 2), y);
        for (int wheel = 0; wheel < 4; wheel++) {
            double rock = ground.rocks().get(wheel);
            if (rock == 0 || elevation == Elevation.REAR && wheel < 2) {
                continue;
            }
            double at = layout.x(elevation, across(elevation, wheel));
            double half = 0.22 * layout.scale();
            double top = y - rock * layout.scale();
            scribe.graphics().setFill(scribe.theme().faint());
            scribe.graphics()
                    .fillPolygon(
                            new double[] {at - half, at - half / 2, at + half / 2, at + half},
                            new double[] {y, top, top, y},
                            4);
        }
    }

    private double across(Elevation elevation, int wheel) {
        AxlePlace place = wheel < 2 ? AxlePlace.FRONT : AxlePlace.REAR;
        Axle axle = vehicle.axle(place).orElseThrow();
        double side = wheel % 2 == 0 ? axle.track() / 2 : -axle.track() / 2;
        return elevation.across(new Vector3D(axle.lineX(vehicle.wheelbase()), side, 0));
    }

    /** The chassis lifted and turned against the ground about its own origin. */
    private void vehicle(ShapePainter scribe, BoardLayout layout, Elevation elevation) {
        GraphicsContext g = scribe.graphics();
        g.save();
        boolean fromSide = elevation == Elevation.SIDE;
        double x = layout.x(elevation, 0);
        double y = layout.y(elevation, 0);
        rest.ifPresent(at -> {
            g.translate(0, -at.lift() * layout.scale());
            g.translate(x, y);
            g.rotate(Math.toDegrees(fromSide ? at.pitch() : at.roll()));
            g.translate(-x, -y);
            if (!fromSide) {
                // Seen from behind the rear stands higher by how far the nose is down.
                double rise = Math.sin(at.pitch()) * vehicle.wheelbase();
                g.translate(0, rise * layout.scale());
            }
        });
        scribe.shapes(layout, elevation, AxleDrawing.surroundings(vehicle, elevation), false);
        for (AxlePlace place : fromSide ? List.of(AxlePlace.FRONT, AxlePlace.REAR) : List.of(AxlePlace.REAR)) {
            AxleModel model = new AxleModel(vehicle, place);
            rest.ifPresent(at -> model.moveTo(at.travel(place)));
            scribe.shapes(layout, elevation, AxleDrawing.axle(model, elevation), rest.isEmpty());
        }
        g.restore();
    }

    private void loads(ShapePainter scribe, BoardLayout layout, Elevation elevation) {
        if (rest.isEmpty()) {
            return;
        }
        Words w = words.get();
        double y = layout.y(elevation, 0) + 15 * textSize();
        List<Double> loads = rest.get().loads();
        if (elevation == Elevation.SIDE) {
            load(scribe, w, layout.x(elevation, across(elevation, 0)), y, loads.get(0) + loads.get(1));
            load(scribe, w, layout.x(elevation, across(elevation, 2)), y, loads.get(2) + loads.get(3));
            return;
        }
        load(scribe, w, layout.x(elevation, across(elevation, 2)), y, loads.get(2));
        load(scribe, w, layout.x(elevation, across(elevation, 3)), y, loads.get(3));
    }

    private void load(ShapePainter scribe, Words w, double x, double y, double newtons) {
        scribe.plated(
                w.units().text(newtons, Quantity.FORCE),
                x,
                y,
                TextAlignment.CENTER,
                newtons <= 0 ? scribe.theme().limit() : scribe.theme().hand(),
                true,
                16);
    }

    /** Straight down from where the whole weight acts: it tips when this falls outside the wheels. */
    private void plumb(
            ShapePainter scribe, BoardLayout layout, Elevation elevation, double pivotX, double pivotY, double slope) {
        MassProperties mass = vehicle.mass();
        Vector3D centre = new Vector3D(-mass.centreBehindFront(), 0, mass.centreHeight());
        double x = layout.x(elevation, elevation.across(centre)) - pivotX;
        double y = layout.y(elevation, elevation.up(centre)) - pivotY;
        double turn = slope
                + rest.map(at -> elevation == Elevation.SIDE ? at.pitch() : at.roll())
                        .orElse(0.0);
        double px = pivotX + x * Math.cos(turn) - y * Math.sin(turn);
        double py = pivotY + x * Math.sin(turn) + y * Math.cos(turn);
        scribe.pen(scribe.theme().hand(), 1.4, 7, 5);
        scribe.line(px, py, px, py + mass.centreHeight() * layout.scale() * 1.3);
        scribe.pen(scribe.theme().hand(), 2);
        scribe.graphics().strokeOval(px - 7, py - 7, 14, 14);
        scribe.line(px - 10, py, px + 10, py);
        scribe.line(px, py - 10, px, py + 10);
    }
}
