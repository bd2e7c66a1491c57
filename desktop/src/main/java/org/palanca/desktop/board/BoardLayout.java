package org.palanca.desktop.board;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;

/**
 * Where the elevations and the pad lie on the board, and how metres become pixels. Side and top share their run along
 * the vehicle, side and rear their heights, top and rear their widths, so that one hairline runs through all three.
 *
 * @param side area of the side elevation [px]
 * @param rear area of the rear elevation
 * @param top area of the top elevation
 * @param pad area of the travel pad
 * @param scale pixels a metre
 * @param along across-coordinate of side and top that lies in the middle of their areas [m]
 * @param lateral lateral coordinate in the middle of rear and top [m]
 * @param height height in the middle of side and rear [m]
 */
public record BoardLayout(
        Rectangle2D side,
        Rectangle2D rear,
        Rectangle2D top,
        Rectangle2D pad,
        double scale,
        double along,
        double lateral,
        double height) {
    private static final double GAP = 10;
    private static final double TITLE = 16;

    /** Room ahead of the foremost mount, so that there is somewhere to drag to [m]. */
    private static final double ROOM_INWARD = 0.42;

    private static final double ROOM_OUTWARD = 0.08;
    private static final double ROOM_SIDEWAYS = 0.07;
    private static final double ROOM_BELOW = 0.12;
    private static final double ROOM_ABOVE = 0.16;

    /** Where what is not shown lies: nowhere on any board [px]. */
    private static final Rectangle2D AWAY = new Rectangle2D(-20000, -20000, 400, 400);

    /**
     * What has to be in view, by its middle and its size along each direction of the vehicle [m].
     *
     * @param along middle of the across-coordinates of side and top
     * @param lateral middle of the lateral coordinates
     * @param height middle of the heights
     */
    record Extent(double along, double run, double lateral, double wide, double height, double tall) {}

    /** One elevation alone, as large as it goes, with room for its title above it [px]. */
    static BoardLayout alone(Elevation elevation, double width, double height, double title, Extent seen) {
        double across = elevation == Elevation.REAR ? seen.wide : seen.run;
        double up = elevation == Elevation.TOP ? seen.wide : seen.tall;
        double scale = Math.max(10, Math.min((width - 2 * GAP) / across, (height - 2 * GAP - title) / up));
        Rectangle2D whole = area(GAP, GAP, width - 2 * GAP, height - 2 * GAP);
        double lift = title / 2 / scale;
        return new BoardLayout(
                elevation == Elevation.SIDE ? whole : AWAY,
                elevation == Elevation.REAR ? whole : AWAY,
                elevation == Elevation.TOP ? whole : AWAY,
                AWAY,
                scale,
                seen.along,
                seen.lateral + (elevation == Elevation.TOP ? lift : 0),
                seen.height + lift);
    }

    /** What the user did to the view: 1, 0, 0, 0 shows everything. */
    public record Zoom(double times, double along, double lateral, double height) {
        /** Everything in view. */
        public static final Zoom FIT = new Zoom(1, 0, 0, 0);

        /**
         * Moved along with a drag in an elevation.
         *
         * @param dx pixels to the right
         * @param dy pixels down
         * @param scale pixels a metre
         */
        Zoom panned(Elevation elevation, double dx, double dy, double scale) {
            return centred(elevation, -dx / scale, dy / scale);
        }

        private Zoom centred(Elevation elevation, double across, double up) {
            return switch (elevation) {
                case SIDE -> new Zoom(times, along + across, lateral, height + up);
                case TOP -> new Zoom(times, along + across, lateral + up, height);
                case REAR -> new Zoom(times, along, lateral + across, height + up);
            };
        }

        /** Closer by a factor, or farther, round what is under a pixel of the layout that it gave. */
        Zoom scaled(double factor, BoardLayout now, double px, double py) {
            double next = Math.max(0.5, Math.min(12, times * factor));
            double kept = 1 - times / next;
            Zoom closer = new Zoom(next, along, lateral, height);
            return now.elevation(px, py)
                    .map(elevation -> {
                        Rectangle2D area = now.area(elevation);
                        double across = (px - (area.getMinX() + area.getMaxX()) / 2) / now.scale;
                        double up = ((area.getMinY() + area.getMaxY()) / 2 - py) / now.scale;
                        return closer.centred(elevation, kept * across, kept * up);
                    })
                    .orElse(closer);
        }
    }

    /** The same areas with the user's view in them. */
    BoardLayout seen(Zoom zoom) {
        return new BoardLayout(
                side,
                rear,
                top,
                pad,
                scale * zoom.times(),
                along + zoom.along(),
                lateral + zoom.lateral(),
                height + zoom.height());
    }

    /** Lays out all elevations and the pad. */
    public static BoardLayout of(double width, double height, double size, Vehicle vehicle, Axle axle, Zoom zoom) {
        return of(width, height, size, vehicle, axle, zoom, Optional.empty());
    }

    /**
     * Lays out a board of a size for one axle.
     *
     * @param size of text against normal, 1 to 1.5
     * @param alone the elevation that fills the board; empty for all of them and the pad
     */
    public static BoardLayout of(
            double width,
            double height,
            double size,
            Vehicle vehicle,
            Axle axle,
            Zoom zoom,
            Optional<Elevation> alone) {
        double line = axle.lineX(vehicle.wheelbase());
        double radius = axle.tyre().diameter() / 2;
        double inward = axle.place().outward() * -1;
        double farthest = radius;
        double outermost = radius;
        double highest = axle.tyre().diameter();
        for (Mount mount : axle.mounts()) {
            Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
            farthest = Math.max(farthest, inward * (at.getX() - line));
            outermost = Math.max(outermost, -inward * (at.getX() - line));
            highest = Math.max(highest, at.getZ());
        }
        double inner = line + inward * (farthest + ROOM_INWARD);
        double outer = line - inward * (outermost + ROOM_OUTWARD);
        double run = Math.abs(inner - outer);
        double wide = axle.track() + axle.tyre().width() + 2 * ROOM_SIDEWAYS;
        double tall = highest + ROOM_ABOVE + ROOM_BELOW;
        double title = TITLE * size;
        double middle = (highest + ROOM_ABOVE - ROOM_BELOW) / 2;
        if (alone.isPresent()) {
            Extent extent = new Extent(-(inner + outer) / 2, run, 0, wide, middle, tall);
            return alone(alone.get(), width, height, title, extent).seen(zoom);
        }
        double scale = Math.max(
                20, Math.min((width - 3 * GAP) / (run + wide), (height - 3 * GAP - 2 * title) / (tall + wide)));
        double sideWidth = width - 3 * GAP - wide * scale;
        double sideHeight = Math.min(height - 3 * GAP - wide * scale, tall * scale + title);
        double lowerTop = 2 * GAP + sideHeight;
        double lowerHeight = height - lowerTop - GAP;
        double right = 2 * GAP + sideWidth;
        double rightWidth = width - right - GAP;
        return new BoardLayout(
                        area(GAP, GAP, sideWidth, sideHeight),
                        area(right, GAP, rightWidth, sideHeight),
                        area(GAP, lowerTop, sideWidth, lowerHeight),
                        area(right, lowerTop, rightWidth, lowerHeight),
                        scale,
                        -(inner + outer) / 2,
                        0,
                        middle + title / 4 / scale)
                .seen(zoom);
    }

    private static Rectangle2D area(double x, double y, double width, double height) {
        return new Rectangle2D(x, y, Math.max(1, width), Math.max(1, height));
    }

    /** Area of an elevation [px]. */
    public Rectangle2D area(Elevation elevation) {
        return switch (elevation) {
            case SIDE -> side;
            case REAR -> rear;
            case TOP -> top;
        };
    }

    /** Pixel column of a point of an elevation's drawing. */
    public double x(Elevation elevation, double across) {
        Rectangle2D area = area(elevation);
        double middle = elevation == Elevation.REAR ? lateral : along;
        return (area.getMinX() + area.getMaxX()) / 2 + (across - middle) * scale;
    }

    /** Pixel row of a point of an elevation's drawing. */
    public double y(Elevation elevation, double up) {
        Rectangle2D area = area(elevation);
        double middle = elevation == Elevation.TOP ? lateral : height;
        return (area.getMinY() + area.getMaxY()) / 2 - (up - middle) * scale;
    }

    /** Pixels of a point. */
    public double x(Elevation elevation, Shape.Point point) {
        return x(elevation, point.across());
    }

    /** Pixels of a point. */
    public double y(Elevation elevation, Shape.Point point) {
        return y(elevation, point.up());
    }

    /** The drawing's point at a pixel [m]. */
    public Shape.Point point(Elevation elevation, double px, double py) {
        Rectangle2D area = area(elevation);
        double middleAcross = elevation == Elevation.REAR ? lateral : along;
        double middleUp = elevation == Elevation.TOP ? lateral : height;
        return new Shape.Point(
                middleAcross + (px - (area.getMinX() + area.getMaxX()) / 2) / scale,
                middleUp - (py - (area.getMinY() + area.getMaxY()) / 2) / scale);
    }

    /** Whether one elevation fills the board. */
    public boolean alone() {
        return pad.equals(AWAY);
    }

    /** The elevation under a pixel. */
    public Optional<Elevation> elevation(double px, double py) {
        for (Elevation elevation : Elevation.values()) {
            if (area(elevation).contains(px, py)) {
                return Optional.of(elevation);
            }
        }
        return Optional.empty();
    }
}
