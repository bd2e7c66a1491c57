package org.palanca.desktop.step.axle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.study.fit.FitWords;
import org.palanca.study.fit.SquareCheck;
import org.palanca.study.fit.TyreClearance;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.survey.Box;

/** An axle in its wells: at ride, at the tightest pose as a ghost, with what it comes near to, its shaft and its diagonals. */
final class FitBoard extends FloorBoard {
    /** Room shown round the tyre in the close-up [m]. */
    private static final double CLOSE_UP = 0.28;

    /** Where names stand already: of two that would overlap the first is written. */
    private final List<Rectangle2D> named = new ArrayList<>();

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Vehicle vehicle;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxlePlace place;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Adjustment adjustment;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel ride;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel tight;

    private Optional<TyreClearance> rooms = Optional.empty();
    private Optional<TyreClearance.Room> least = Optional.empty();

    FitBoard(Supplier<Words> words, Supplier<Theme> theme) {
        super(words, theme, Views.ALL);
        setId("fit-board");
        panByHand();
    }

    /** Shows an axle; the tightest room of it is drawn at its pose. */
    void show(Vehicle next, AxlePlace at, Adjustment measured) {
        vehicle = next;
        place = at;
        adjustment = measured;
        ride = new AxleModel(next, at);
        tight = new AxleModel(next, at);
        Surroundings around = next.build().surroundings(at);
        boolean known = around.well().isPresent() || !around.obstacles().isEmpty();
        rooms = known ? Optional.of(TyreClearance.of(next, at)) : Optional.empty();
        least = rooms.flatMap(room -> room.least().stream().findFirst());
        least.ifPresent(room -> tight.moveTo(room.pose()));
        draw();
    }

    @Override
    protected List<Vector3D> inView() {
        if (vehicle == null) {
            return List.of(Vector3D.ZERO, Vector3D.PLUS_I);
        }
        Axle axle = ride.axle();
        List<Vector3D> places = new ArrayList<>(
                wheels(axle, vehicle.wheelbase(), 0.25, 0.1, axle.travel().bump()));
        Surroundings around = vehicle.build().surroundings(place);
        around.well()
                .ifPresent(well -> places.add(
                        new Vector3D(axle.lineX(vehicle.wheelbase()) + well.frontEdge(), well.outer(), well.top())));
        around.driveline().ifPresent(shaft -> places.add(shaft.output()));
        return places;
    }

    @Override
    protected void paint(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        if (vehicle == null) {
            return;
        }
        named.clear();
        lines(scribe, board, elevation);
        scribe.shapes(board, elevation, AxleDrawing.surroundings(vehicle, elevation), true);
        if (least.isPresent() && !least.get().pose().equals(WheelTravel.RIDE)) {
            scribe.shapes(board, elevation, AxleDrawing.axle(tight, elevation), true);
        }
        scribe.shapes(board, elevation, AxleDrawing.axle(ride, elevation), false);
        Surroundings around = vehicle.build().surroundings(place);
        around.well().ifPresent(well -> well(scribe, board, elevation, well));
        for (Obstacle obstacle : around.obstacles()) {
            obstacle(scribe, board, elevation, obstacle);
        }
        around.driveline().ifPresent(line -> shaft(scribe, board, elevation, line));
        if (elevation == Elevation.TOP) {
            diagonals(scribe, board, around);
        }
    }

    /** The quarter that three elevations leave free shows the tightest place large, at the pose where it is tight. */
    @Override
    protected void paintOver(ShapePainter scribe) {
        if (vehicle == null || least.isEmpty()) {
            return;
        }
        TyreClearance.Room room = least.get();
        BoardLayout board = scales().orElseThrow();
        Rectangle2D area = new Rectangle2D(
                board.rear().getMinX(),
                board.top().getMinY(),
                board.rear().getWidth(),
                board.top().getHeight());
        if (area.getWidth() < 120 || area.getHeight() < 120) {
            return;
        }
        Axle axle = tight.axle();
        double tall = axle.tyre().diameter() + CLOSE_UP;
        double wide = axle.tyre().width() + 2 * CLOSE_UP;
        double scale = Math.min(area.getWidth() / wide, (area.getHeight() - 40 * textSize()) / tall);
        Vector3D at = centre(room.side());
        Rectangle2D none = board.pad();
        BoardLayout close =
                new BoardLayout(none, area, none, none, scale, 0, -at.getY(), at.getZ() + 20 * textSize() / scale);
        scribe.clipped(area, () -> {
            scribe.shapes(close, Elevation.REAR, AxleDrawing.surroundings(vehicle, Elevation.REAR), true);
            scribe.shapes(close, Elevation.REAR, AxleDrawing.axle(tight, Elevation.REAR), false);
            Surroundings around = vehicle.build().surroundings(place);
            around.well().ifPresent(well -> wellBoxes(scribe, close, Elevation.REAR, well));
            around.obstacles().forEach(obstacle -> obstacle(scribe, close, Elevation.REAR, obstacle));
        });
        scribe.paragraph(
                words().text(
                                "fit.tightest",
                                FitWords.pose(room.pose()),
                                FitWords.name(room),
                                Message.length(Math.max(0, room.metres()))),
                area.getMinX() + 4,
                area.getMinY(),
                area.getWidth() - 8,
                room.metres() < TyreClearance.USUAL
                        ? scribe.theme().limit()
                        : scribe.theme().second(),
                13);
    }

    private Vector3D centre(Side side) {
        WheelMotion wheel = tight.motion().wheel(side.sign());
        return new Vector3D(wheel.centre(0), wheel.centre(1), wheel.centre(2));
    }

    private void well(ShapePainter scribe, BoardLayout board, Elevation elevation, WheelWell well) {
        wellBoxes(scribe, board, elevation, well);
        if (elevation == Elevation.REAR) {
            rooms.stream()
                    .flatMap(room -> room.rooms().stream())
                    .filter(one -> one.pose().equals(WheelTravel.RIDE) && one.side() == Side.RIGHT)
                    .forEach(one -> dimension(scribe, board, one, well));
        }
    }

    private void wellBoxes(ShapePainter scribe, BoardLayout board, Elevation elevation, WheelWell well) {
        double line = ride.axle().lineX(vehicle.wheelbase());
        for (Side side : Side.values()) {
            double in = side.sign() * well.inner();
            double out = side.sign() * well.outer();
            Box box = new Box(
                    line + well.rearEdge(),
                    line + well.frontEdge(),
                    Math.min(in, out),
                    Math.max(in, out),
                    ride.axle().tyre().loadedRadius(),
                    well.top());
            scribe.pen(scribe.theme().hand(), 1.8);
            scribe.path(board, elevation, box(box, elevation));
        }
    }

    private void dimension(ShapePainter scribe, BoardLayout board, TyreClearance.Room room, WheelWell well) {
        double up = ride.axle().tyre().loadedRadius();
        String text = words().units().text(room.metres(), Quantity.LENGTH).replace("-", "−");
        double level = board.y(Elevation.REAR, up + ride.axle().tyre().diameter() * 0.32);
        if (room.wall() == TyreClearance.Wall.INNER) {
            double wall = board.x(Elevation.REAR, well.inner());
            scribe.dimensionAcross(wall, wall + room.metres() * board.scale(), level, text);
        } else if (room.wall() == TyreClearance.Wall.OUTER) {
            double lip = board.x(Elevation.REAR, well.outer());
            scribe.dimensionAcross(lip - room.metres() * board.scale(), lip, level - 20 * textSize(), text);
        } else if (room.wall() == TyreClearance.Wall.TOP) {
            double roof = board.y(Elevation.REAR, well.top());
            scribe.dimensionUp(
                    board.x(Elevation.REAR, ride.axle().track() / 2), roof, roof + room.metres() * board.scale(), text);
        }
    }

    private void obstacle(ShapePainter scribe, BoardLayout board, Elevation elevation, Obstacle obstacle) {
        boolean hit = least.isPresent() && least.get().obstacle().equals(obstacle.name());
        scribe.pen(hit ? scribe.theme().limit() : scribe.theme().second(), hit ? 2.2 : 1.3);
        scribe.path(board, elevation, box(obstacle.room(), elevation));
        if (elevation == Elevation.TOP || hit) {
            Vector3D middle = obstacle.room().middle();
            double x = Math.max(
                    board.area(elevation).getMinX() + 60,
                    Math.min(board.area(elevation).getMaxX() - 60, board.x(elevation, elevation.across(middle))));
            double y = board.y(elevation, elevation.up(middle)) - 12 * textSize();
            double wide = obstacle.name().length() * 6.2 * textSize();
            Rectangle2D plate = new Rectangle2D(x - wide / 2, y - 8 * textSize(), wide, 16 * textSize());
            if (!hit && named.stream().anyMatch(plate::intersects)) {
                return;
            }
            named.add(plate);
            scribe.plated(
                    obstacle.name(),
                    x,
                    y,
                    TextAlignment.CENTER,
                    hit ? scribe.theme().limit() : scribe.theme().second(),
                    false,
                    13);
        }
    }

    private void shaft(ShapePainter scribe, BoardLayout board, Elevation elevation, Driveline line) {
        ShaftRun run = ShaftRun.at(ride, line);
        double x1 = board.x(elevation, elevation.across(line.output()));
        double y1 = board.y(elevation, elevation.up(line.output()));
        double x2 = board.x(elevation, elevation.across(run.pinion()));
        double y2 = board.y(elevation, elevation.up(run.pinion()));
        scribe.pen(scribe.theme().line(), 3);
        scribe.line(x1, y1, x2, y2);
        scribe.centre(x1, y1, scribe.theme().line());
        scribe.centre(x2, y2, scribe.theme().line());
        if (elevation == Elevation.SIDE) {
            scribe.plated(
                    words().units().text(run.length(), Quantity.LENGTH),
                    (x1 + x2) / 2,
                    (y1 + y2) / 2 - 14 * textSize(),
                    TextAlignment.CENTER,
                    scribe.theme().line(),
                    true,
                    14);
        }
    }

    private void diagonals(ShapePainter scribe, BoardLayout board, Surroundings around) {
        SquareCheck.of(adjustment, around).flatMap(SquareCheck::diagonals).ifPresent(crossed -> {
            scribe.pen(scribe.theme().hand(), 1.2, 9, 5);
            tape(scribe, board, crossed.leftMark(), around.rightEnd());
            tape(scribe, board, crossed.rightMark(), around.leftEnd());
        });
    }

    private void tape(ShapePainter scribe, BoardLayout board, String one, String other) {
        Vector3D a = adjustment.place(one);
        Vector3D b = adjustment.place(other);
        scribe.line(
                board.x(Elevation.TOP, Elevation.TOP.across(a)),
                board.y(Elevation.TOP, Elevation.TOP.up(a)),
                board.x(Elevation.TOP, Elevation.TOP.across(b)),
                board.y(Elevation.TOP, Elevation.TOP.up(b)));
    }
}
