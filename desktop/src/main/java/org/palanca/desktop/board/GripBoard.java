package org.palanca.desktop.board;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.AxleAtHand;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.Tryout;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.Axonometry;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;

/**
 * A board on which things are taken hold of: dragged with the pointer, or moved by arrow keys in the elevation touched last.
 * Elsewhere a drag pulls the drawing along.
 */
public abstract class GripBoard extends FloorBoard {
    /** Radius of the ring round a mount in hand [px]. */
    private static final double RING = 11;

    private static final AtomicLong GESTURES = new AtomicLong();

    private final Document document;
    private final AxleAtHand before = new AxleAtHand();
    private final Runnable took;
    private final Runnable rested;
    private Optional<Grip> inHand = Optional.empty();
    private Optional<Grip> under = Optional.empty();
    private boolean dragging;
    private boolean arrowHeld;
    private Elevation lastElevation = Elevation.SIDE;

    /** Whether the view from any side was touched last. */
    private boolean inTurned;

    private Optional<Consumer<MouseEvent>> gesture = Optional.empty();

    /**
     * A board to work on a vehicle with.
     *
     * @param document the vehicle
     * @param took told when something is taken, or let go of
     * @param rested told when a drag has ended, or an arrow key is let go of
     */
    protected GripBoard(
            Supplier<Words> words, Supplier<Theme> theme, Document document, Runnable took, Runnable rested) {
        super(words, theme, Views.ALL);
        this.document = document;
        this.took = took;
        this.rested = rested;
        giveTurned(new TurnedView(words, theme, new Turned()));
        setFocusTraversable(true);
        focusedProperty().addListener((o, before, now) -> {
            draw();
            arrowReleased();
        });
        setOnMouseMoved(this::over);
        setOnMouseExited(event -> hover(Optional.empty()));
        setOnMousePressed(this::pressed);
        setOnMouseDragged(event -> gesture.ifPresent(drag -> drag.accept(event)));
        setOnMouseReleased(event -> released());
        setOnKeyPressed(this::key);
        setOnKeyReleased(event -> {
            if (event.getCode().isArrowKey()) {
                arrowReleased();
            }
        });
    }

    /** What there is to take hold of, as it is drawn; empty while nothing is shown. */
    public abstract Optional<Grips> grips();

    /** What a press means beside everything that can be taken hold of, where it means anything. */
    public Optional<Consumer<MouseEvent>> elsewhere(MouseEvent press) {
        return Optional.empty();
    }

    @Override
    public Elevation touched() {
        return inTurned && turnedShown().isPresent() ? turnedPlace() : lastElevation;
    }

    @Override
    public void turn() {
        super.turn();
        inTurned = turnedShown().isPresent();
    }

    /** What is in hand. */
    public Optional<Grip> inHand() {
        return inHand;
    }

    /** Takes something in hand, as pressing it does; empty lets go. */
    public void take(Optional<Grip> grip) {
        inHand = grip;
        draw();
        took.run();
    }

    @Override
    protected double axleLine() {
        return grips().map(known ->
                        known.model().axle().lineX(known.model().vehicle().wheelbase()))
                .orElse(0.0);
    }

    /** Lets go of what is not there any more. */
    public void keepWhatIsThere() {
        List<Grip> there = grips().map(Grips::all).orElse(List.of());
        inHand = inHand.filter(there::contains);
        under = under.filter(there::contains);
    }

    /** Whether something is being moved just now, by the pointer or by an arrow key that is held down. */
    public boolean moving() {
        return dragging || arrowHeld;
    }

    /** Where something is drawn in an elevation, in this control's own pixels: a mount's centre, a part's middle. */
    public Point2D pixel(Grip grip, Elevation elevation) {
        Vector3D at = grips().orElseThrow().middle(grip);
        BoardLayout board = scales().orElseThrow();
        return new Point2D(board.x(elevation, elevation.across(at)), board.y(elevation, elevation.up(at)));
    }

    /** What the view from any side asks of the board. */
    private final class Turned implements TurnedView.Holder {
        @Override
        public Optional<Grips> grips() {
            return GripBoard.this.grips();
        }

        @Override
        public Optional<Grip> inHand() {
            return inHand;
        }

        @Override
        public void take(Optional<Grip> grip) {
            GripBoard.this.take(grip);
        }

        @Override
        public TurnedView.Drag drag(Grip grip, Elevation elevation) {
            dragging = true;
            holdStill(true);
            Shape.Point from = new Shape.Point(0, 0);
            BiFunction<Shape.Point, Boolean, Vehicle> move = mover(grip, elevation, from);
            String gestureName = "grip " + GESTURES.incrementAndGet();
            return new TurnedView.Drag(
                    (by, free) -> moved(grip, move.apply(by, free), gestureName), GripBoard.this::released);
        }

        @Override
        public void touched() {
            requestFocus();
            inTurned = true;
        }

        @Override
        public void enlarge() {
            GripBoard.this.enlarge(turnedPlace());
        }
    }

    /** Where something is drawn in the view from any side, in this control's own pixels; empty while that is not shown. */
    public Optional<Point2D> turnedPixel(Grip grip) {
        return turnedShown().map(view -> view.localToParent(view.pixel(grip)));
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
        return grips().flatMap(known -> known.at(scales().orElseThrow(), event.getX(), event.getY(), inHand));
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (grips().isEmpty()) {
            return;
        }
        gesture = elsewhere(event);
        if (gesture.isPresent()) {
            gesture.get().accept(event);
            return;
        }
        elevation(event).ifPresent(there -> {
            lastElevation = there;
            inTurned = false;
        });
        Optional<Grip> grip = grip(event);
        take(grip);
        dragging = grip.isPresent();
        gesture = Optional.of(grip.map(taken -> dragOf(taken, event)).orElseGet(() -> pan(event)));
        holdStill(dragging);
        if (grip.isEmpty() && event.isStillSincePress() && event.getClickCount() % 2 == 0) {
            elevation(event).ifPresentOrElse(this::enlarge, this::fit);
        }
    }

    private void released() {
        gesture = Optional.empty();
        if (dragging) {
            dragging = false;
            holdStill(false);
            document.endGesture();
            rested.run();
        }
    }

    private Consumer<MouseEvent> dragOf(Grip grip, MouseEvent press) {
        BoardLayout board = scales().orElseThrow();
        Elevation elevation = lastElevation;
        Shape.Point grabbed = board.point(elevation, press.getX(), press.getY());
        String gestureName = "grip " + GESTURES.incrementAndGet();
        BiFunction<Shape.Point, Boolean, Vehicle> move = mover(grip, elevation, grabbed);
        return event -> moved(
                grip, move.apply(board.point(elevation, event.getX(), event.getY()), event.isShiftDown()), gestureName);
    }

    /** Where a pointer brings what was grabbed; from the vehicle as it is now. */
    private BiFunction<Shape.Point, Boolean, Vehicle> mover(Grip grip, Elevation elevation, Shape.Point grabbed) {
        LengthStyle style = words().units().length();
        AxleModel model = grips().orElseThrow().model();
        if (grip instanceof Grip.OnMount mount) {
            MountDrag drag = new MountDrag(model, mount.ref(), elevation, grabbed, style);
            return drag::to;
        }
        DescribedPart part = DescribedPart.find(model.vehicle(), model.axle().place(), ((Grip.OnPart) grip).ref())
                .orElseThrow();
        PartDrag drag = new PartDrag(model, part, elevation, style);
        return (pointer, free) ->
                drag.by(new Shape.Point(pointer.across() - grabbed.across(), pointer.up() - grabbed.up()), free);
    }

    private void moved(Grip grip, Vehicle after, String gestureName) {
        document.change(after, Message.of("change.moved", grip.name()), gestureName);
    }

    private void key(KeyEvent event) {
        KeyCode code = event.getCode();
        if (grips().isEmpty() || event.isShortcutDown()) {
            return;
        }
        if (code == KeyCode.ESCAPE) {
            take(Optional.empty());
        } else if (code == KeyCode.CLOSE_BRACKET || code == KeyCode.OPEN_BRACKET) {
            takeNext(code == KeyCode.CLOSE_BRACKET ? 1 : -1);
        } else if (code.isArrowKey() && inHand.isEmpty() && turnedShown().isPresent()) {
            turnedShown().get().turnBy(code);
        } else if (code.isArrowKey() && inHand.isPresent()) {
            arrowHeld = true;
            nudge(inHand.get(), code, event.isShiftDown() ? 16 : 1);
        } else {
            return;
        }
        event.consume();
    }

    /** A key that repeats outruns whatever is made anew at each of its moves: that waits until the key is let go of. */
    private void arrowReleased() {
        if (arrowHeld) {
            arrowHeld = false;
            rested.run();
        }
    }

    /** Takes the next of all there is, or the one before; where there is nothing, nothing. */
    private void takeNext(int step) {
        List<Grip> all = grips().orElseThrow().all();
        if (!all.isEmpty()) {
            int at = inHand.map(all::indexOf).orElse(step > 0 ? -1 : 0);
            take(Optional.of(all.get(Math.floorMod(at + step, all.size()))));
        }
    }

    /** Moves what is in hand the way the arrow points in the elevation touched last. */
    private void nudge(Grip grip, KeyCode code, int steps) {
        double step = steps * MountDrag.grid(words().units().length());
        double across = code == KeyCode.RIGHT ? step : code == KeyCode.LEFT ? -step : 0;
        double up = code == KeyCode.UP ? step : code == KeyCode.DOWN ? -step : 0;
        Shape.Point from = new Shape.Point(0, 0);
        Optional<Axonometry> seen = inTurned ? turnedShown().map(TurnedView::seenFrom) : Optional.empty();
        Elevation elevation = seen.map(Axonometry::faced).orElse(lastElevation);
        Shape.Point by = seen.map(view -> view.along(across, up)).orElse(new Shape.Point(across, up));
        moved(grip, mover(grip, elevation, from).apply(by, true), "nudge " + grip.name());
    }

    // --- How it looks ------------------------------------------------------------------------------------------------

    /** While a change is tried, the axle as it was at the same pose, in dashed lines. */
    protected final void paintBefore(
            ShapePainter scribe, BoardLayout board, Elevation elevation, AxlePlace place, WheelTravel pose) {
        document.tryout()
                .shown()
                .map(Tryout.Shown::before)
                .filter(vehicle -> vehicle.axle(place).isPresent())
                .ifPresent(vehicle -> scribe.before(board, elevation, before.at(vehicle, place, pose)));
    }

    /** What a hand is over, and what it holds, in an elevation. */
    public void paintHeld(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        grips().ifPresent(known -> {
            under.filter(grip -> !inHand.equals(under))
                    .ifPresent(grip -> held(scribe, board, elevation, known, grip, false));
            inHand.ifPresent(grip -> held(scribe, board, elevation, known, grip, true));
        });
    }

    /** The outline of what a hand is on, or the ring round a mount, with its name beside it. */
    private void held(
            ShapePainter scribe, BoardLayout board, Elevation elevation, Grips known, Grip grip, boolean taken) {
        Color colour = taken ? scribe.theme().hand() : scribe.theme().line();
        scribe.pen(colour, taken ? 3 : 2.4);
        List<Shape.Path> outlines = grip instanceof Grip.OnPart part
                ? known.outlines(part, elevation)
                : List.of(round(known.middle(grip), elevation, RING / board.scale()));
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

    @Override
    protected void paintOver(ShapePainter scribe) {
        if (isFocused()) {
            scribe.pen(scribe.theme().second(), 1);
            scribe.graphics().strokeRect(0.5, 0.5, getWidth() - 1, getHeight() - 1);
        }
    }
}
