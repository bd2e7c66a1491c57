package org.palanca.desktop.cycle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.clearance.ClearanceStudy;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.Scribe;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.ShaftDrawing;
import org.palanca.limits.Limit;
import org.palanca.limits.LimitMap;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Message;
import org.palanca.words.Words;

/**
 * The axle at a pose with everything it may touch, the place in question marked, and in the free quarter the map of its travel,
 * each part of it struck through after what ends the way there.
 */
final class CycleBoard extends FloorBoard {
    /** Pairs of strokes that tell limits apart without colour: angle and gap [px]. */
    private static final int[][] STROKES = {{1, 7}, {-1, 7}, {1, 12}, {-1, 12}, {0, 7}, {2, 7}, {0, 12}, {2, 12}};

    private final Consumer<WheelTravel> moved;
    private Vehicle vehicle;
    private AxleModel model;
    private AxleModel ride;
    private Optional<LimitMap> map = Optional.empty();
    private Optional<ClearanceStudy.Tight> marked = Optional.empty();
    private WheelTravel pose = WheelTravel.RIDE;
    private Rectangle2D square = Rectangle2D.EMPTY;

    /** @param moved takes the pose that is asked for on the map */
    CycleBoard(Supplier<Words> words, Supplier<Theme> theme, Consumer<WheelTravel> moved) {
        super(words, theme, Views.ALL);
        this.moved = moved;
        setId("cycle-board");
        setOnMousePressed(this::onMap);
        setOnMouseDragged(this::onMap);
    }

    /** Shows an axle at a pose. */
    void show(Vehicle next, AxlePlace place, WheelTravel at) {
        if (next != vehicle || model.axle().place() != place) {
            vehicle = next;
            model = new AxleModel(next, place);
            ride = new AxleModel(next, place);
        }
        pose = at;
        model.toRide();
        model.moveTo(at);
        draw();
    }

    /** Shows what ends the travel. */
    void showMap(Optional<LimitMap> next) {
        map = next;
        draw();
    }

    /** Marks the place where two things come nearest. */
    void mark(Optional<ClearanceStudy.Tight> next) {
        marked = next;
        draw();
    }

    private void onMap(MouseEvent event) {
        if (vehicle == null || !square.contains(event.getX(), event.getY())) {
            return;
        }
        Axle axle = model.axle();
        double droop = axle.travel().droop();
        double whole = droop + axle.travel().bump();
        double left = (event.getX() - square.getMinX()) / square.getWidth() * whole - droop;
        double right = (square.getMaxY() - event.getY()) / square.getHeight() * whole - droop;
        moved.accept(new WheelTravel(left, right, pose.steer()));
    }

    @Override
    protected List<Vector3D> inView() {
        if (vehicle == null) {
            return List.of(Vector3D.ZERO, Vector3D.PLUS_I);
        }
        Axle axle = model.axle();
        double line = axle.lineX(vehicle.wheelbase());
        double radius = axle.tyre().diameter() / 2;
        double half = axle.track() / 2 + axle.tyre().width() / 2;
        List<Vector3D> places = new ArrayList<>();
        places.add(new Vector3D(line - radius - 0.15, half, 0));
        places.add(new Vector3D(
                line + radius + 0.15,
                -half,
                axle.tyre().diameter() + axle.travel().bump()));
        axle.mounts().forEach(mount -> places.add(axle.position(mount.name(), vehicle.wheelbase())));
        return places;
    }

    @Override
    protected void paint(Scribe scribe, BoardLayout board, Elevation elevation) {
        if (vehicle == null) {
            return;
        }
        lines(scribe, board, elevation);
        scribe.shapes(board, elevation, AxleDrawing.surroundings(vehicle, elevation), true);
        scribe.pen(scribe.theme().second(), 1.2);
        for (Obstacle obstacle :
                vehicle.build().surroundings(model.axle().place()).obstacles()) {
            scribe.path(board, elevation, box(obstacle.room(), elevation));
        }
        scribe.shapes(board, elevation, AxleDrawing.parts(model, elevation), false);
        if (!pose.equals(WheelTravel.RIDE)) {
            scribe.shapes(board, elevation, AxleDrawing.axle(ride, elevation), true);
        }
        scribe.shapes(board, elevation, AxleDrawing.axle(model, elevation), false);
        scribe.shapes(board, elevation, ShaftDrawing.of(model, elevation), false);
        // The places are those of its pose: at another they would mark nothing.
        marked.filter(tight -> tight.pose().equals(pose)).ifPresent(tight -> mark(scribe, board, elevation, tight));
    }

    /** A ring round the place, a stroke from the one to the other, and the room left. */
    private void mark(Scribe scribe, BoardLayout board, Elevation elevation, ClearanceStudy.Tight tight) {
        double x1 = board.x(elevation, elevation.across(tight.onOne()));
        double y1 = board.y(elevation, elevation.up(tight.onOne()));
        double x2 = board.x(elevation, elevation.across(tight.onOther()));
        double y2 = board.y(elevation, elevation.up(tight.onOther()));
        Color colour =
                tight.missing() > 0 ? scribe.theme().limit() : scribe.theme().hand();
        scribe.pen(colour, 2.4);
        scribe.line(x1, y1, x2, y2);
        double r = Math.max(12, Math.hypot(x1 - x2, y1 - y2) / 2 + 8);
        scribe.graphics().strokeOval((x1 + x2) / 2 - r, (y1 + y2) / 2 - r, 2 * r, 2 * r);
        scribe.plated(
                words().text("cycle.mark", Message.length(tight.room())),
                (x1 + x2) / 2 + r + 4,
                (y1 + y2) / 2,
                TextAlignment.LEFT,
                colour,
                true,
                15);
    }

    @Override
    protected void paintOver(Scribe scribe) {
        if (vehicle == null) {
            return;
        }
        BoardLayout board = scales().orElseThrow();
        Rectangle2D area = new Rectangle2D(
                board.rear().getMinX(),
                board.top().getMinY(),
                board.rear().getWidth(),
                board.top().getHeight());
        double keys = map.map(found -> kinds(found).size()).orElse(1) * 17 * textSize() + 20 * textSize();
        double edge = Math.min(area.getWidth() - 34 * textSize(), area.getHeight() - 44 * textSize() - keys);
        if (edge < 70) {
            square = Rectangle2D.EMPTY;
            return;
        }
        square = new Rectangle2D(area.getMinX() + 24 * textSize(), area.getMinY() + 22 * textSize(), edge, edge);
        scribe.text(
                words().text(map.isPresent() ? "cycle.map" : "cycle.map_wait"),
                area.getMinX() + 4,
                area.getMinY() + 9 * textSize(),
                TextAlignment.LEFT,
                scribe.theme().second(),
                false,
                13);
        scribe.graphics().setFill(scribe.theme().panel());
        scribe.graphics().fillRect(square.getMinX(), square.getMinY(), edge, edge);
        map.ifPresent(found -> cells(scribe, found, area));
        frame(scribe);
    }

    /** Limits by what they say of both sides alike: left and right of a thing are one entry of the key. */
    private static Map<String, List<Integer>> kinds(LimitMap map) {
        Map<String, List<Integer>> kinds = new LinkedHashMap<>();
        for (int i = 0; i < map.limits().size(); i++) {
            Limit limit = map.limits().get(i);
            String key = limit.kind() + sideless(limit.id());
            kinds.computeIfAbsent(key, any -> new ArrayList<>()).add(i);
        }
        return kinds;
    }

    private static String sideless(String id) {
        return id.replace("left", "").replace("right", "");
    }

    private void cells(Scribe scribe, LimitMap found, Rectangle2D area) {
        double edge = square.getWidth() / found.size();
        scribe.graphics().setFill(scribe.theme().faint().deriveColor(0, 1, 1, 0.55));
        for (int i = 0; i < found.size(); i++) {
            for (int j = 0; j < found.size(); j++) {
                if (found.at(j, i).isEmpty()) {
                    scribe.graphics()
                            .fillRect(
                                    square.getMinX() + j * edge,
                                    square.getMaxY() - (i + 1) * edge,
                                    edge + 0.5,
                                    edge + 0.5);
                }
            }
        }
        int number = 0;
        double y = square.getMaxY() + 36 * textSize();
        for (List<Integer> kind : kinds(found).values()) {
            int[] strokes = STROKES[number % STROKES.length];
            Color colour = number < 4 ? scribe.theme().limit() : scribe.theme().hand();
            scribe.pen(colour, 1.3);
            for (int i = 0; i < found.size(); i++) {
                for (int j = 0; j < found.size(); j++) {
                    if (kind.contains(found.first()[i * found.size() + j])) {
                        strike(scribe, strokes, square.getMinX() + j * edge, square.getMaxY() - (i + 1) * edge, edge);
                    }
                }
            }
            double box = 11 * textSize();
            strike(scribe, strokes, area.getMinX() + 6, y - box / 2, box);
            scribe.clipped(
                    new Rectangle2D(area.getMinX(), y - 10 * textSize(), area.getWidth(), 20 * textSize()), () -> {});
            scribe.text(
                    words().text(found.limits().get(kind.get(0)).what()),
                    area.getMinX() + 12 + box,
                    y,
                    TextAlignment.LEFT,
                    scribe.theme().line(),
                    false,
                    12.5);
            y += 17 * textSize();
            number++;
        }
    }

    /** Strokes across a cell: rising, falling, level or upright. */
    private static void strike(Scribe scribe, int[] strokes, double x, double y, double edge) {
        int times = strokes[1] < 10 ? 2 : 1;
        for (int k = 0; k < times; k++) {
            double part = (k + 0.5) / times;
            switch (strokes[0]) {
                case 1 -> scribe.line(x + (part - 0.5) * edge, y + edge, x + (part + 0.5) * edge, y);
                case -1 -> scribe.line(x + (part - 0.5) * edge, y, x + (part + 0.5) * edge, y + edge);
                case 0 -> scribe.line(x, y + part * edge, x + edge, y + part * edge);
                default -> scribe.line(x + part * edge, y, x + part * edge, y + edge);
            }
        }
    }

    private void frame(Scribe scribe) {
        Axle axle = model.axle();
        double droop = axle.travel().droop();
        double whole = Math.max(1e-9, droop + axle.travel().bump());
        scribe.pen(scribe.theme().second(), 1.4);
        scribe.graphics().strokeRect(square.getMinX(), square.getMinY(), square.getWidth(), square.getHeight());
        scribe.pen(scribe.theme().second(), 0.8, 6, 4);
        double x0 = square.getMinX() + droop / whole * square.getWidth();
        double y0 = square.getMaxY() - droop / whole * square.getHeight();
        scribe.line(x0, square.getMinY(), x0, square.getMaxY());
        scribe.line(square.getMinX(), y0, square.getMaxX(), y0);
        Color second = scribe.theme().second();
        double below = square.getMaxY() + 11 * textSize();
        scribe.text(
                words().text("pad.left"),
                (square.getMinX() + square.getMaxX()) / 2,
                below,
                TextAlignment.CENTER,
                second,
                false,
                12);
        scribe.graphics().save();
        scribe.graphics().translate(square.getMinX() - 11 * textSize(), (square.getMinY() + square.getMaxY()) / 2);
        scribe.graphics().rotate(-90);
        scribe.text(words().text("pad.right"), 0, 0, TextAlignment.CENTER, second, false, 12);
        scribe.graphics().restore();
        double x = square.getMinX() + (pose.left() + droop) / whole * square.getWidth();
        double y = square.getMaxY() - (pose.right() + droop) / whole * square.getHeight();
        scribe.pen(scribe.theme().hand(), 2.6);
        scribe.graphics().strokeOval(x - 8, y - 8, 16, 16);
        scribe.line(x - 12, y, x + 12, y);
        scribe.line(x, y - 12, x, y + 12);
    }
}
