package org.palanca.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.analysis.AxleAtHand;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.Axonometry;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.MovePatch;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;

/** The board as a control: draws the present analysis and turns pointer and keys into changes. */
public final class BoardView extends Region {
    private static final AtomicLong GESTURES = new AtomicLong();

    private final Document document;
    private final BoardState state;
    private final Supplier<Words> words;
    private final Supplier<Theme> theme;
    private final Canvas canvas = new Canvas();
    private final PadButtons padButtons;
    private BoardLayout.Zoom zoom = BoardLayout.Zoom.FIT;

    /** The elevation that fills the board; empty while all are shown. */
    private Optional<Elevation> alone = Optional.empty();

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private BoardLayout layout;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private PadLayout pad;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Analysis analysis;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Vehicle baseline;

    private double size = 1;
    private @Nullable MountRef hover;
    private Elevation lastElevation = Elevation.SIDE;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Rectangle2D padShown;

    /** The view from any side, and the elevation in whose place it stands while it is shown. */
    private final TurnedView turned;

    private final MeasuringTool tool;

    private Optional<Elevation> turnedAt = Optional.empty();

    /** Whether the view from any side was touched last. */
    private boolean inTurned;

    private @Nullable Gesture gesture;
    private boolean pulling;
    private final PatchSearch patches;
    private Optional<MovePatch> patch = Optional.empty();
    private Optional<WheelTravel> preview = Optional.empty();
    private final AxleAtHand previewed = new AxleAtHand();
    private final AxleAtHand unchanged = new AxleAtHand();
    private final AxleAtHand other = new AxleAtHand();

    /** What goes on between press and release. */
    private interface Gesture {
        void drag(MouseEvent event);
    }

    /** @param padCommands what the buttons under the travel pad do */
    public BoardView(
            Document document,
            BoardState state,
            Supplier<Words> words,
            Supplier<Theme> theme,
            List<Command> padCommands) {
        this.document = document;
        this.state = state;
        this.words = words;
        this.theme = theme;
        patches = new PatchSearch(state);
        setId("board");
        getStyleClass().add("board");
        setFocusTraversable(true);
        padButtons = new PadButtons(padCommands);
        tool = new MeasuringTool(this, this::layoutNow, words, this::draw);
        turned = new TurnedView(words, theme, new Turned());
        turned.setVisible(false);
        getChildren().addAll(canvas, padButtons, turned);
        setMinSize(200, 200);
        // The canvas takes what is left; it must not ask for what it had.
        setPrefSize(400, 300);
        listen();
    }

    private void listen() {
        focusedProperty().addListener((o, before, now) -> draw());
        state.selectionProperty().addListener((o, before, now) -> {
            draw();
            askPatch();
        });
        state.litProperty().addListener((o, before, now) -> askPatch());
        state.axleProperty().addListener((o, before, now) -> zoom = BoardLayout.Zoom.FIT);
        setOnMouseMoved(this::moved);
        setOnMouseExited(event -> {
            hover(null);
            preview(Optional.empty());
        });
        setOnMousePressed(this::pressed);
        setOnMouseDragged(event -> {
            if (gesture != null) {
                gesture.drag(event);
            }
        });
        setOnMouseReleased(event -> {
            gesture = null;
            if (pulling) {
                pulling = false;
                draw();
            }
            document.endGesture();
        });
        setOnScroll(this::scrolled);
        BoardKeys keys = new BoardKeys(document, state, words, this::seenFrom, () -> lastElevation);
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE && alone.isPresent()) {
                enlarge();
                event.consume();
            } else if (event.getCode().isArrowKey()
                    && !event.isShortcutDown()
                    && turned.isVisible()
                    && state.selectionProperty().get() == null) {
                turned.turnBy(event.getCode());
                event.consume();
            } else {
                keys.pressed(event);
            }
        });
    }

    /** Shows an analysis. */
    public void show(Analysis next, Vehicle against) {
        boolean otherVehicle =
                analysis == null || analysis.model().vehicle() != next.model().vehicle();
        analysis = next;
        baseline = against;
        draw();
        if (otherVehicle) {
            askPatch();
        }
        requestLayoutOfPad();
    }

    /** The pad's place changes with the axle, and with it its buttons'. */
    private void requestLayoutOfPad() {
        if (pad != null && !pad.square().equals(padShown)) {
            padShown = pad.square();
            requestLayout();
        }
    }

    /** The tape and the rulers of the board. */
    public MeasuringTool tool() {
        return tool;
    }

    /** From where the view from any side is seen, where that was touched last. */
    private Optional<Axonometry> seenFrom() {
        return inTurned && turned.isVisible() ? Optional.of(turned.seenFrom()) : Optional.empty();
    }

    /** Shows the vehicle from any side in the place of one view, of the next when asked again, at last of none. */
    public void turn() {
        turnedAt = TurnedView.nextPlace(turnedAt, alone);
        placeTurned();
        inTurned = turned.isVisible();
        draw();
    }

    private void placeTurned() {
        turned.lie(
                turnedAt.filter(at -> layout != null && (alone.isEmpty() || alone.get() == at))
                        .map(at -> layout.area(at)),
                alone.isPresent());
    }

    /** What the view from any side asks of the board. */
    private final class Turned implements TurnedView.Holder {
        @Override
        public Optional<Grips> grips() {
            return analysis == null ? Optional.empty() : Optional.of(Grips.mounts(analysis.model()));
        }

        @Override
        public Optional<Grip> inHand() {
            return Optional.ofNullable(state.selectionProperty().get()).map(Grip.OnMount::new);
        }

        @Override
        public void take(Optional<Grip> grip) {
            state.selectionProperty()
                    .set(grip.filter(Grip.OnMount.class::isInstance)
                            .map(one -> ((Grip.OnMount) one).ref())
                            .orElse(null));
        }

        @Override
        public TurnedView.Drag drag(Grip grip, Elevation elevation) {
            MountRef ref = ((Grip.OnMount) grip).ref();
            MountDrag drag = new MountDrag(
                    present(),
                    ref,
                    elevation,
                    new Shape.Point(0, 0),
                    words.get().units().length());
            String name = "drag " + GESTURES.incrementAndGet();
            return new TurnedView.Drag(
                    (by, free) -> document.change(drag.to(by, free), Message.of("change.moved", ref.mount()), name),
                    document::endGesture);
        }

        @Override
        public void touched() {
            requestFocus();
            inTurned = true;
        }

        @Override
        public void enlarge() {
            BoardView.this.enlarge(turnedAt.orElse(lastElevation));
        }
    }

    /** Sets how large text is, 1 for normal. */
    public void setTextSize(double times) {
        size = times;
        turned.setTextSize(times);
        requestLayout();
    }

    /** Shows everything again after zooming. */
    public void fit() {
        zoom = BoardLayout.Zoom.FIT;
        draw();
    }

    /** Lets one elevation fill the board, the one touched last; once more, and all are shown again. */
    public void enlarge() {
        enlarge(seenFrom().isPresent() ? turnedAt.orElse(lastElevation) : lastElevation);
    }

    private void enlarge(Elevation elevation) {
        alone = alone.isPresent() ? Optional.empty() : Optional.of(elevation);
        fit();
        placeTurned();
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
        if (layout != null) {
            padButtons.lie(layout, pad, size, words.get());
            padButtons.setVisible(padButtons.isVisible() && alone.isEmpty());
        }
        placeTurned();
    }

    /** Draws the frame anew. */
    public void draw() {
        if (analysis == null || canvas.getWidth() < 50 || canvas.getHeight() < 50) {
            return;
        }
        Vehicle vehicle = analysis.model().vehicle();
        Axle axle = analysis.model().axle();
        layout = BoardLayout.of(canvas.getWidth(), canvas.getHeight(), size, vehicle, axle, zoom, alone);
        // Its edges stay where they are under the pointer that pulls.
        Travel span = pulling ? pad.span() : PadLayout.reaching(axle.travel(), analysis.pose());
        pad = PadLayout.of(layout.pad(), axle.travel(), span, axle.steering().isPresent(), size);
        Theme colours = theme.get();
        var g = canvas.getGraphicsContext2D();
        g.setFill(colours.ground());
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Lettering.on(canvas).begin();
        ShapePainter scribe = new ShapePainter(g, colours, size);
        scribe.tell(tool.snaps());
        BoardPainter painter =
                new BoardPainter(scribe, layout, analysis, others(vehicle, axle), state, words.get(), tool);
        patch.filter(this::current).ifPresent(painter::setPatch);
        painter.draw(
                turned.isVisible() ? turnedAt : Optional.empty(),
                hover,
                preview.map(this::at).or(() -> before(vehicle, axle)));
        Analysis.StripValue shown = analysis.shown(state.litProperty().get());
        PadPainter padPainter = new PadPainter(scribe, pad, analysis, words.get());
        padPainter.draw(layout.pad(), shown, false);
        preview.ifPresent(pose -> padPainter.preview(pose, at(pose), shown));
        tool.paintOver(scribe);
        if (isFocused()) {
            scribe.pen(colours.second(), 1);
            g.strokeRect(0.5, 0.5, canvas.getWidth() - 1, canvas.getHeight() - 1);
        }
        if (turned.isVisible()) {
            turned.draw();
        }
    }

    private Optional<AxleModel> before(Vehicle vehicle, Axle axle) {
        if (baseline == vehicle
                || baseline.axle(axle.place()).filter(axle::equals).isPresent()) {
            return Optional.empty();
        }
        return baseline.axle(axle.place()).map(old -> unchanged.at(baseline, axle.place(), analysis.pose()));
    }

    private List<AxleModel> others(Vehicle vehicle, Axle axle) {
        return vehicle.axles().stream()
                .filter(one -> one.place() != axle.place())
                .map(one -> other.of(vehicle, one.place()))
                .toList();
    }

    private AxleModel at(WheelTravel pose) {
        return previewed.at(analysis.model().vehicle(), analysis.model().axle().place(), pose);
    }

    /** The axle as it is by now, for a gesture to hold on to while the one that is drawn goes on. */
    private AxleModel present() {
        AxleModel model = new AxleModel(document.vehicle(), state.axleProperty().get());
        model.moveTo(state.poseProperty().get());
        return model;
    }

    /** Where the selected mount may go for the result that is shown, found beside the drawing. */
    private void askPatch() {
        if (analysis != null) {
            patches.ask(analysis, found -> {
                patch = found;
                draw();
            });
        }
    }

    private boolean current(MovePatch found) {
        return found.mount().equals(state.selectionProperty().get());
    }

    /** Ends the work beside the window. */
    public void dispose() {
        patches.dispose();
    }

    // --- Pointer ---------------------------------------------------------------------------------------------------

    private Optional<MountRef> mountAt(MouseEvent event) {
        return layout.elevation(event.getX(), event.getY())
                .flatMap(elevation -> new BoardParts(analysis.model(), layout, elevation)
                        .mount(
                                event.getX(),
                                event.getY(),
                                state.selectionProperty().get()));
    }

    private void moved(MouseEvent event) {
        if (layout == null) {
            return;
        }
        boolean overPad = pad.square().contains(event.getX(), event.getY());
        preview(overPad ? Optional.of(poseAt(event)) : Optional.empty());
        hover(mountAt(event).orElse(null));
        boolean grabs = hover != null || part(event).isPresent();
        setCursor(grabs ? Cursor.MOVE : Cursor.DEFAULT);
    }

    private WheelTravel poseAt(MouseEvent event) {
        double steer = state.poseProperty().get().steer();
        return pad.pose(event.getX(), event.getY(), event.isShiftDown()).withSteer(steer);
    }

    /** The pose under the pointer, drawn faint before it is taken. */
    private void preview(Optional<WheelTravel> next) {
        if (!next.equals(preview)) {
            preview = next;
            draw();
        }
    }

    private void hover(@Nullable MountRef next) {
        if (next != hover && (next == null || !next.equals(hover))) {
            hover = next;
            draw();
        }
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        if (layout == null) {
            return;
        }
        if (pad.steer()
                .filter(line -> line.contains(event.getX(), event.getY()))
                .isPresent()) {
            gesture = this::steer;
            steer(event);
            return;
        }
        if (layout.pad().contains(event.getX(), event.getY())) {
            gesture = this::pull;
            pulling = true;
            pull(event);
            return;
        }
        Optional<MountRef> mount = mountAt(event);
        Elevation elevation = layout.elevation(event.getX(), event.getY()).orElse(lastElevation);
        lastElevation = elevation;
        inTurned = false;
        if (mount.isPresent() && event.getButton() == MouseButton.PRIMARY) {
            state.selectionProperty().set(mount.get());
            gesture = dragOf(mount.get(), List.of(), elevation, event);
        } else if (part(event).isPresent() && event.getButton() == MouseButton.PRIMARY) {
            List<String> together = part(event).get();
            MountRef first = new MountRef(analysis.model().axle().place(), together.get(0));
            gesture = dragOf(first, together.subList(1, together.size()), elevation, event);
        } else {
            if (event.isStillSincePress() && event.getClickCount() % 2 == 0) {
                enlarge(elevation);
            }
            gesture = panOf(event);
        }
    }

    /** The part under the pointer that is grabbed as a whole, where no mount is. */
    private Optional<List<String>> part(MouseEvent event) {
        return layout.elevation(event.getX(), event.getY())
                .flatMap(elevation ->
                        new BoardParts(analysis.model(), layout, elevation).at(event.getX(), event.getY()));
    }

    private void pull(MouseEvent event) {
        double steer = state.poseProperty().get().steer();
        state.poseProperty()
                .set(pad.pose(event.getX(), event.getY(), event.isShiftDown()).withSteer(steer));
    }

    private void steer(MouseEvent event) {
        state.poseProperty().set(state.poseProperty().get().withSteer(pad.steerAt(event.getX())));
    }

    private Gesture dragOf(MountRef ref, List<String> along, Elevation elevation, MouseEvent press) {
        Shape.Point grabbed = layout.point(elevation, press.getX(), press.getY());
        BoardLayout frozen = layout;
        MountDrag drag = new MountDrag(
                present(), ref, elevation, grabbed, words.get().units().length());
        String name = "drag " + GESTURES.incrementAndGet();
        return event -> {
            Shape.Point pointer = frozen.point(elevation, event.getX(), event.getY());
            document.change(
                    drag.to(pointer, event.isShiftDown(), along), Message.of("change.moved", ref.mount()), name);
        };
    }

    private Gesture panOf(MouseEvent press) {
        double startX = press.getX();
        double startY = press.getY();
        BoardLayout.Zoom start = zoom;
        double scale = layout.scale();
        Elevation elevation = layout.elevation(startX, startY).orElse(Elevation.SIDE);
        return event -> {
            zoom = start.panned(elevation, event.getX() - startX, event.getY() - startY, scale);
            draw();
        };
    }

    private void scrolled(ScrollEvent event) {
        if (layout != null && !layout.pad().contains(event.getX(), event.getY()) && event.getDeltaY() != 0) {
            zoom = zoom.scaled(event.getDeltaY() > 0 ? 1.12 : 1 / 1.12, layout, event.getX(), event.getY());
            draw();
            event.consume();
        }
    }

    /** Where a mount is drawn in the view from any side, in this control's own pixels; empty while that is not shown. */
    public Optional<Point2D> turnedPixel(MountRef mount) {
        return turned.isVisible()
                ? Optional.of(turned.localToParent(turned.pixel(new Grip.OnMount(mount))))
                : Optional.empty();
    }

    /** Where the elevations and the pad are now, in this control's own pixels; empty until something is shown. */
    public Optional<BoardLayout> layoutNow() {
        return Optional.ofNullable(layout);
    }

    /** Where the travel pad is now, in this control's own pixels; empty until something is shown. */
    public Optional<PadLayout> padNow() {
        return Optional.ofNullable(pad);
    }

    /** The pose under the pointer that is drawn faint, if any. */
    public Optional<WheelTravel> previewed() {
        return preview;
    }
}
