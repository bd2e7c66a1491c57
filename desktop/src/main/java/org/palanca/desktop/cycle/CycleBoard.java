package org.palanca.desktop.cycle;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.clearance.ClearanceStudy;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.MountDrag;
import org.palanca.desktop.board.Scribe;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.ShaftDrawing;
import org.palanca.drawing.Shape;
import org.palanca.limits.LimitMap;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.units.LengthStyle;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;
import org.palanca.words.Message;
import org.palanca.words.Words;

/**
 * The axle at a pose with everything it may touch, the place in question marked, and in the free quarter the map of its travel,
 * each part of it struck through after what ends the way there.
 */
public final class CycleBoard extends FloorBoard {
    /** Radius of the ring round a mount in hand [px]. */
    private static final double RING = 11;

    private static final AtomicLong GESTURES = new AtomicLong();

    private final Hand hand;
    private final TravelMap travel;
    private Vehicle vehicle;
    private AxleModel model;
    private AxleModel ride;
    private Optional<LimitMap> map = Optional.empty();
    private Optional<ClearanceStudy.Tight> marked = Optional.empty();
    private WheelTravel pose = WheelTravel.RIDE;
    private Optional<Grip> inHand = Optional.empty();
    private Optional<Grip> under = Optional.empty();
    private Optional<ClearanceStudy.Tight> nearest = Optional.empty();
    private boolean dragging;
    private Elevation lastElevation = Elevation.SIDE;
    private Optional<Consumer<MouseEvent>> gesture = Optional.empty();

    /** What the board's hand does. */
    interface Hand {
        /** Goes to the pose that is asked for on the map. */
        void go(WheelTravel pose);

        /** Has taken something, or let go of it. */
        void took(Optional<Grip> grip);

        /** Has moved what it holds; changes of one gesture are one step of undo. */
        void moved(Grip grip, Vehicle after, String gesture);

        /** Has ended a gesture. */
        void rested();
    }

    CycleBoard(Supplier<Words> words, Supplier<Theme> theme, Hand hand) {
        super(words, theme, Views.ALL);
        this.hand = hand;
        travel = new TravelMap(words);
        setId("cycle-board");
        setFocusTraversable(true);
        focusedProperty().addListener((o, before, now) -> draw());
        setOnMouseMoved(this::over);
        setOnMouseExited(event -> hover(Optional.empty()));
        setOnMousePressed(this::pressed);
        setOnMouseDragged(event -> gesture.ifPresent(drag -> drag.accept(event)));
        setOnMouseReleased(event -> released());
        setOnKeyPressed(this::key);
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

    /** What is in hand, and what comes nearest to it at the pose. */
    void hold(Optional<Grip> grip, Optional<ClearanceStudy.Tight> comesNearest) {
        inHand = grip;
        nearest = comesNearest;
        draw();
    }

    /** Takes something in hand, as pressing it does. */
    void take(Grip grip) {
        hand.took(Optional.of(grip));
    }

    /** Whether something is being dragged just now. */
    boolean dragging() {
        return dragging;
    }

    /** What is in hand. */
    public Optional<Grip> inHand() {
        return inHand;
    }

    /** What comes nearest to what is in hand, at the pose. */
    public Optional<ClearanceStudy.Tight> nearest() {
        return nearest;
    }

    /** Where something is drawn in an elevation, in this control's own pixels: a mount's centre, a part's middle. */
    public Point2D pixel(Grip grip, Elevation elevation) {
        Vector3D at = new Grips(model).middle(grip);
        BoardLayout board = scales().orElseThrow();
        return new Point2D(board.x(elevation, elevation.across(at)), board.y(elevation, elevation.up(at)));
    }

    /** Pixels a metre. */
    public double pixelsPerMetre() {
        return scales().orElseThrow().scale();
    }

    // --- Pointer and keys ------------------------------------------------------------------------------------------

    private void over(MouseEvent event) {
        hover(grip(event));
        setCursor(under.isPresent() ? Cursor.MOVE : Cursor.DEFAULT);
    }

    private void hover(Optional<Grip> next) {
        if (!next.equals(under)) {
            under = next;
            draw();
        }
    }

    private Optional<Grip> grip(MouseEvent event) {
        return vehicle == null
                ? Optional.empty()
                : new Grips(model).at(scales().orElseThrow(), event.getX(), event.getY(), inHand);
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (vehicle == null) {
            return;
        }
        if (travel.contains(event.getX(), event.getY())) {
            gesture = Optional.of(this::onMap);
            onMap(event);
            return;
        }
        elevation(event).ifPresent(there -> lastElevation = there);
        Optional<Grip> grip = grip(event);
        hand.took(grip);
        dragging = grip.isPresent();
        gesture = Optional.of(grip.map(taken -> dragOf(taken, event)).orElseGet(() -> pan(event)));
        holdStill(dragging);
        if (grip.isEmpty() && event.isStillSincePress() && event.getClickCount() == 2) {
            fit();
        }
    }

    private void released() {
        gesture = Optional.empty();
        if (dragging) {
            dragging = false;
            holdStill(false);
            hand.rested();
        }
    }

    private Consumer<MouseEvent> dragOf(Grip grip, MouseEvent press) {
        BoardLayout board = scales().orElseThrow();
        Elevation elevation = lastElevation;
        Shape.Point grabbed = board.point(elevation, press.getX(), press.getY());
        String gestureName = "cycle drag " + GESTURES.incrementAndGet();
        BiFunction<Shape.Point, Boolean, Vehicle> move = mover(grip, elevation, grabbed);
        return event -> hand.moved(
                grip, move.apply(board.point(elevation, event.getX(), event.getY()), event.isShiftDown()), gestureName);
    }

    /** Where a pointer brings what was grabbed; from the vehicle as it is now. */
    private BiFunction<Shape.Point, Boolean, Vehicle> mover(Grip grip, Elevation elevation, Shape.Point grabbed) {
        LengthStyle style = words().units().length();
        if (grip instanceof Grip.OnMount mount) {
            MountDrag drag = new MountDrag(model, mount.ref(), elevation, grabbed, style);
            return drag::to;
        }
        AxleModel start = model;
        DescribedPart part = DescribedPart.find(vehicle, start.axle().place(), ((Grip.OnPart) grip).id())
                .orElseThrow();
        PartDrag drag = new PartDrag(start, part, elevation, style);
        return (pointer, free) ->
                drag.by(new Shape.Point(pointer.across() - grabbed.across(), pointer.up() - grabbed.up()), free);
    }

    private void key(KeyEvent event) {
        KeyCode code = event.getCode();
        if (vehicle == null || event.isShortcutDown()) {
            return;
        }
        if (code == KeyCode.ESCAPE) {
            hand.took(Optional.empty());
        } else if (code == KeyCode.CLOSE_BRACKET || code == KeyCode.OPEN_BRACKET) {
            List<Grip> all = new Grips(model).all();
            int at = inHand.map(all::indexOf).orElse(code == KeyCode.CLOSE_BRACKET ? -1 : 0);
            hand.took(Optional.of(all.get(Math.floorMod(at + (code == KeyCode.CLOSE_BRACKET ? 1 : -1), all.size()))));
        } else if (code.isArrowKey() && inHand.isPresent()) {
            nudge(inHand.get(), code, event.isShiftDown() ? 16 : 1);
        } else {
            return;
        }
        event.consume();
    }

    /** Moves what is in hand the way the arrow points in the elevation touched last. */
    private void nudge(Grip grip, KeyCode code, int steps) {
        double step = steps * MountDrag.grid(words().units().length());
        double across = code == KeyCode.RIGHT ? step : code == KeyCode.LEFT ? -step : 0;
        double up = code == KeyCode.UP ? step : code == KeyCode.DOWN ? -step : 0;
        Shape.Point from = new Shape.Point(0, 0);
        hand.moved(
                grip,
                mover(grip, lastElevation, from).apply(new Shape.Point(across, up), true),
                "cycle nudge " + grip.name());
    }

    private void onMap(MouseEvent event) {
        travel.at(event.getX(), event.getY(), model.axle().travel(), pose.steer())
                .ifPresent(hand::go);
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
        under.filter(grip -> !inHand.equals(under)).ifPresent(grip -> held(scribe, board, elevation, grip, false));
        inHand.ifPresent(grip -> held(scribe, board, elevation, grip, true));
        // The places are those of its pose: at another they would mark nothing.
        nearest.or(() -> marked)
                .filter(tight -> tight.pose().equals(pose))
                .ifPresent(tight -> mark(scribe, board, elevation, tight));
    }

    /** The outline of what a hand is on, or the ring round a mount, with its name beside it. */
    private void held(Scribe scribe, BoardLayout board, Elevation elevation, Grip grip, boolean taken) {
        Color colour = taken ? scribe.theme().hand() : scribe.theme().line();
        scribe.pen(colour, taken ? 3 : 2.4);
        List<Shape.Path> outlines = grip instanceof Grip.OnPart part
                ? new Grips(model).outlines(part, elevation)
                : List.of(round(AxleDrawing.mount(model, grip.name()), elevation, RING / board.scale()));
        DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        DoubleSummaryStatistics up = new DoubleSummaryStatistics();
        for (Shape.Path path : outlines) {
            scribe.path(board, elevation, path);
            path.points().forEach(corner -> across.accept(board.x(elevation, corner)));
            path.points().forEach(corner -> up.accept(board.y(elevation, corner)));
        }
        if (across.getCount() > 0 && (elevation == lastElevation || !taken)) {
            scribe.plated(
                    grip.name(),
                    across.getMin() - 8,
                    (up.getMin() + up.getMax()) / 2,
                    TextAlignment.RIGHT,
                    colour,
                    false,
                    14);
        }
    }

    private static Shape.Path round(Vector3D centre, Elevation elevation, double radius) {
        List<Shape.Point> points = IntStream.range(0, 24)
                .mapToObj(i -> new Shape.Point(
                        elevation.across(centre) + radius * Math.cos(Math.PI * i / 12),
                        elevation.up(centre) + radius * Math.sin(Math.PI * i / 12)))
                .toList();
        return new Shape.Path(Shape.Role.PART, points, true);
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
    protected void paintOver(Scribe scribe) {
        if (vehicle == null) {
            return;
        }
        if (isFocused()) {
            scribe.pen(scribe.theme().second(), 1);
            scribe.graphics().strokeRect(0.5, 0.5, getWidth() - 1, getHeight() - 1);
        }
        BoardLayout board = scales().orElseThrow();
        Rectangle2D area = new Rectangle2D(
                board.rear().getMinX(),
                board.top().getMinY(),
                board.rear().getWidth(),
                board.top().getHeight());
        if (inHand.isEmpty()) {
            scribe.text(
                    words().text("cycle.hand_hint"),
                    board.side().getMinX() + 4,
                    board.side().getMaxY() - 8 * textSize(),
                    TextAlignment.LEFT,
                    scribe.theme().second(),
                    false,
                    13);
        }
        travel.draw(scribe, area, textSize(), map, model.axle().travel(), pose);
    }
}
