package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.GripBoard;
import org.palanca.desktop.board.Grips;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.ShaftDrawing;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.limits.LimitMap;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Vehicle;

/**
 * The axle at a pose with everything it may touch, the place in question marked, and in the free quarter the map of its travel,
 * each part of it struck through after what ends the way there.
 */
public final class CycleBoard extends GripBoard {
    private final Consumer<WheelTravel> go;
    private final LimitMapView travel;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Vehicle vehicle;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel model;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel ride;

    private Optional<LimitMap> map = Optional.empty();
    private Optional<ClearanceStudy.Tight> marked = Optional.empty();
    private WheelTravel pose = WheelTravel.RIDE;
    private Optional<ClearanceStudy.Tight> nearest = Optional.empty();

    /**
     * A board to cycle an axle on.
     *
     * @param document the vehicle
     * @param took told when something is taken, or let go of
     * @param rested told when a drag has ended
     * @param go takes the pose that is asked for on the map
     */
    CycleBoard(
            Supplier<Words> words,
            Supplier<Theme> theme,
            Document document,
            Runnable took,
            Runnable rested,
            Consumer<WheelTravel> go) {
        super(words, theme, document, took, rested);
        this.go = go;
        travel = new LimitMapView(words);
        setId("cycle-board");
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
        keepWhatIsThere();
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

    /** Tells what comes nearest to what is in hand. */
    void showNearest(Optional<ClearanceStudy.Tight> next) {
        nearest = next;
        draw();
    }

    /** What comes nearest to what is in hand, at the pose. */
    public Optional<ClearanceStudy.Tight> nearest() {
        return nearest;
    }

    @Override
    public Optional<Grips> grips() {
        return vehicle == null ? Optional.empty() : Optional.of(Grips.everything(model));
    }

    @Override
    public Optional<Consumer<MouseEvent>> elsewhere(MouseEvent press) {
        return travel.contains(press.getX(), press.getY()) ? Optional.of(this::onMap) : Optional.empty();
    }

    private void onMap(MouseEvent event) {
        travel.at(event.getX(), event.getY(), pose.steer()).ifPresent(go);
    }

    @Override
    protected List<Vector3D> inView() {
        if (vehicle == null) {
            return List.of(Vector3D.ZERO, Vector3D.PLUS_I);
        }
        Axle axle = model.axle();
        List<Vector3D> places = new ArrayList<>(
                wheels(axle, vehicle.wheelbase(), 0.15, 0, axle.travel().bump()));
        axle.mounts().forEach(mount -> places.add(axle.position(mount.name(), vehicle.wheelbase())));
        return places;
    }

    @Override
    protected void paint(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        if (vehicle == null) {
            return;
        }
        lines(scribe, board, elevation);
        paintBefore(scribe, board, elevation, model.axle().place(), pose);
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
        paintHeld(scribe, board, elevation);
        // The places are those of its pose: at another they would mark nothing.
        nearest.or(() -> marked)
                .filter(tight -> tight.pose().equals(pose))
                .ifPresent(tight -> mark(scribe, board, elevation, tight));
    }

    /** A ring round the place, a stroke from the one to the other, and the room left. */
    private void mark(ShapePainter scribe, BoardLayout board, Elevation elevation, ClearanceStudy.Tight tight) {
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
        String text = words().text(
                        tight.touches() ? "cycle.mark_touch" : "cycle.mark", Message.length(Math.abs(tight.room())));
        boolean beside = (x1 + x2) / 2 + r + text.length() * 10 * textSize()
                < board.area(elevation).getMaxX();
        scribe.plated(
                text,
                beside ? (x1 + x2) / 2 + r + 4 : (x1 + x2) / 2,
                beside ? (y1 + y2) / 2 : (y1 + y2) / 2 + r + 12 * textSize(),
                beside ? TextAlignment.LEFT : TextAlignment.CENTER,
                colour,
                true,
                15);
    }

    @Override
    protected void paintOver(ShapePainter scribe) {
        if (vehicle == null) {
            return;
        }
        super.paintOver(scribe);
        BoardLayout board = scales().orElseThrow();
        Rectangle2D area = new Rectangle2D(
                board.rear().getMinX(),
                board.top().getMinY(),
                board.rear().getWidth(),
                board.top().getHeight());
        if (inHand().isEmpty()) {
            String hint = words().text("cycle.hand_hint");
            double wide = board.side().getWidth() - 8;
            scribe.paragraph(
                    hint,
                    board.side().getMinX() + 4,
                    board.side().getMaxY() - scribe.paragraphHeight(hint, wide, 13),
                    wide,
                    scribe.theme().second(),
                    13);
        }
        travel.draw(scribe, area, textSize(), map, model.axle().travel(), pose);
    }
}
