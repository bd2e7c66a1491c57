package org.palanca.desktop.board;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Words;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;

/** The vehicle in one elevation, or in several that line up, without travel pad: what is drawn on it is the subclass's. */
public abstract class FloorBoard extends DrawnRegion {
    private static final double GAP = 10;
    private static final double TITLE = 18;
    private static final double ROOM = 0.14;

    private final Supplier<Words> words;
    private final Views views;
    private final MeasuringTool tool;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private BoardLayout layout;

    private boolean still;
    private Optional<Consumer<MouseEvent>> panning = Optional.empty();
    private BoardLayout.Zoom zoom = BoardLayout.Zoom.FIT;

    /** The elevation that fills the board; empty while all are shown. */
    private Optional<Elevation> alone = Optional.empty();

    /** The view from any side, on a board that has one, and the elevation in whose place it stands. */
    private Optional<TurnedView> turned = Optional.empty();

    private Optional<Elevation> turnedAt = Optional.empty();

    /** Which elevations it shows. */
    protected enum Views {
        SIDE_AND_TOP,
        /** The view from behind beside the side view. */
        ALL,
        REAR;

        private boolean shows(Elevation elevation) {
            return this == ALL || (this == REAR) == (elevation == Elevation.REAR);
        }
    }

    protected FloorBoard(Supplier<Words> words, Supplier<Theme> theme, Views views) {
        super(theme, 80, 80);
        this.words = words;
        this.views = views;
        setMinSize(200, 160);
        setPrefSize(400, 300);
        tool = new MeasuringTool(this, this::scales, words, this::draw);
        setOnScroll(this::scrolled);
        addEventFilter(MouseEvent.MOUSE_PRESSED, event -> {
            if (event.getButton() != MouseButton.PRIMARY && layout != null) {
                panning = Optional.of(pan(event));
                event.consume();
            }
        });
        addEventFilter(
                MouseEvent.MOUSE_DRAGGED,
                event -> panning.ifPresent(pan -> {
                    pan.accept(event);
                    event.consume();
                }));
        addEventFilter(MouseEvent.MOUSE_RELEASED, event -> panning = Optional.empty());
    }

    /** Where a press means nothing else, a drag with any button pulls the drawing along, and a double press enlarges a view. */
    protected void panByHand() {
        setOnMousePressed(event -> {
            if (event.getClickCount() % 2 == 0) {
                elevation(event).ifPresentOrElse(this::enlarge, this::fit);
            }
            panning = layout == null ? Optional.empty() : Optional.of(pan(event));
        });
    }

    private void scrolled(ScrollEvent event) {
        if (layout != null && !still && event.getDeltaY() != 0) {
            zoom = zoom.scaled(event.getDeltaY() > 0 ? 1.12 : 1 / 1.12, layout, event.getX(), event.getY());
            draw();
            event.consume();
        }
    }

    /** Shows everything again after zooming. */
    public void fit() {
        zoom = BoardLayout.Zoom.FIT;
        draw();
    }

    /** Lets one elevation fill the board; once more, and all are shown again. */
    public void enlarge(Elevation elevation) {
        if (views != Views.REAR) {
            alone = alone.isPresent() ? Optional.empty() : Optional.of(elevation);
        }
        fit();
        placeTurned();
        requestLayout();
    }

    /** The tape and the rulers of the board. */
    public final MeasuringTool tool() {
        return tool;
    }

    /** The axle line that rulers along the vehicle start at [m], forward of the front axle's. */
    protected double axleLine() {
        return 0;
    }

    /** Gives the board a view from any side, shown in an elevation's place when it is asked for. */
    final void giveTurned(TurnedView view) {
        turned = Optional.of(view);
        view.setVisible(false);
        getChildren().add(view);
    }

    /** The view from any side, while it is shown. */
    final Optional<TurnedView> turnedShown() {
        return turned.filter(TurnedView::isVisible);
    }

    /** Shows the vehicle from any side in the place of one view, of the next when asked again, at last of none. */
    public void turn() {
        if (turned.isPresent()) {
            turnedAt = TurnedView.nextPlace(turnedAt, alone);
            placeTurned();
            draw();
        }
    }

    /** The elevation in whose place the view from any side stands; the side while it stands nowhere. */
    final Elevation turnedPlace() {
        return turnedAt.orElse(Elevation.SIDE);
    }

    private void placeTurned() {
        turned.ifPresent(view -> view.lie(
                turnedAt.filter(at -> layout != null && (alone.isEmpty() || alone.get() == at))
                        .map(at -> layout.area(at)),
                alone.isPresent()));
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        placeTurned();
    }

    @Override
    public void setTextSize(double times) {
        super.setTextSize(times);
        turned.ifPresent(view -> view.setTextSize(times));
    }

    /** The elevation that what is asked for by keys is meant of: the side unless another was touched. */
    public Elevation touched() {
        return Elevation.SIDE;
    }

    /** Pixels a metre, as it is drawn now; it must have been drawn. */
    public double pixelsPerMetre() {
        return scales().orElseThrow().scale();
    }

    /** A drag that pulls the drawing along from where it was pressed. */
    protected Consumer<MouseEvent> pan(MouseEvent press) {
        BoardLayout.Zoom start = zoom;
        double scale = scales().orElseThrow().scale();
        Elevation elevation = elevation(press).orElse(Elevation.SIDE);
        return event -> {
            zoom = start.panned(elevation, event.getX() - press.getX(), event.getY() - press.getY(), scale);
            draw();
        };
    }

    /** Places that must be in view; at least two. */
    protected abstract List<Vector3D> inView();

    /** Draws one elevation; its area is clipped already. */
    protected abstract void paint(ShapePainter scribe, BoardLayout board, Elevation elevation);

    /** Draws what lies over all elevations. */
    protected void paintOver(ShapePainter scribe) {
        // Nothing by itself.
    }

    protected Words words() {
        return words.get();
    }

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        double size = textSize();
        if (!still || layout == null) {
            layout = lay(inView(), width, height).seen(zoom);
        }
        ShapePainter scribe = new ShapePainter(g, colours, size);
        scribe.tell(tool.snaps());
        for (Elevation elevation : Elevation.values()) {
            boolean covered = turnedShown().isPresent() && turnedAt.equals(Optional.of(elevation));
            if (views.shows(elevation) && !covered) {
                Rectangle2D area = layout.area(elevation);
                String name = words().text("board." + elevation.name().toLowerCase(Locale.ROOT));
                scribe.view(area, alone.isPresent() ? words().text("board.alone", name) : name, () -> {
                    paint(scribe, layout, elevation);
                    tool.paint(scribe, layout, elevation, axleLine());
                });
            }
        }
        paintOver(scribe);
        tool.paintOver(scribe);
        turnedShown().ifPresent(TurnedView::draw);
    }

    private BoardLayout lay(List<Vector3D> places, double width, double height) {
        double[] along =
                range(places.stream().mapToDouble(Elevation.SIDE::across).toArray());
        double[] lateral = range(places.stream().mapToDouble(Elevation.TOP::up).toArray());
        double[] up = range(places.stream().mapToDouble(Elevation.SIDE::up).toArray());
        double run = along[1] - along[0];
        double wide = lateral[1] - lateral[0];
        double tall = up[1] - up[0];
        double title = TITLE * textSize();
        Optional<Elevation> only = views == Views.REAR ? Optional.of(Elevation.REAR) : alone;
        if (only.isPresent()) {
            BoardLayout.Extent extent = new BoardLayout.Extent(
                    (along[0] + along[1]) / 2, run, (lateral[0] + lateral[1]) / 2, wide, (up[0] + up[1]) / 2, tall);
            return BoardLayout.alone(only.get(), width, height, title, extent);
        }
        boolean withRear = views == Views.ALL;
        double across = withRear ? run + wide : run;
        double scale = Math.max(
                10,
                Math.min((width - (withRear ? 3 : 2) * GAP) / across, (height - 3 * GAP - 2 * title) / (tall + wide)));
        double sideHeight = (height - 3 * GAP) * (tall * scale + title) / ((tall + wide) * scale + 2 * title);
        double rearWidth = withRear ? (width - 3 * GAP) * wide / across : 1;
        double sideWidth = withRear ? width - 3 * GAP - rearWidth : width - 2 * GAP;
        Rectangle2D side = new Rectangle2D(GAP, GAP, Math.max(1, sideWidth), Math.max(1, sideHeight));
        Rectangle2D top = new Rectangle2D(
                GAP, 2 * GAP + sideHeight, Math.max(1, sideWidth), Math.max(1, height - 3 * GAP - sideHeight));
        Rectangle2D rear = new Rectangle2D(2 * GAP + sideWidth, GAP, Math.max(1, rearWidth), Math.max(1, sideHeight));
        Rectangle2D none = new Rectangle2D(width - 1, height - 1, 1, 1);
        return new BoardLayout(
                side,
                withRear ? rear : none,
                top,
                none,
                scale,
                (along[0] + along[1]) / 2,
                (lateral[0] + lateral[1]) / 2,
                (up[0] + up[1]) / 2 + title / 2 / scale);
    }

    private static double[] range(double[] values) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (double value : values) {
            least = Math.min(least, value);
            most = Math.max(most, value);
        }
        return new double[] {least - ROOM, most + ROOM};
    }

    /** While something is dragged the drawing must not be fitted anew under the pointer. */
    protected void holdStill(boolean now) {
        still = now;
        draw();
    }

    /** The elevation under the pointer. */
    protected Optional<Elevation> elevation(MouseEvent event) {
        return layout == null ? Optional.empty() : layout.elevation(event.getX(), event.getY());
    }

    protected Optional<BoardLayout> scales() {
        return Optional.ofNullable(layout);
    }

    /** The vehicle as it is planned, faint, with ground and centreline. */
    protected void plan(ShapePainter scribe, BoardLayout board, Elevation elevation, Vehicle vehicle) {
        scribe.shapes(board, elevation, AxleDrawing.surroundings(vehicle, elevation), true);
        for (Axle axle : vehicle.axles()) {
            scribe.shapes(board, elevation, AxleDrawing.axle(new AxleModel(vehicle, axle.place()), elevation), true);
        }
        lines(scribe, board, elevation);
    }

    /** Ground or centreline. */
    protected void lines(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        Rectangle2D area = board.area(elevation);
        if (elevation == Elevation.TOP) {
            scribe.pen(scribe.theme().faint(), 1.2, 14, 4, 3, 4);
        } else {
            scribe.pen(scribe.theme().second(), 1.4);
        }
        double y = board.y(elevation, 0);
        scribe.line(area.getMinX(), y, area.getMaxX(), y);
    }

    /**
     * Opposite corners of the room an axle's wheels take up at ride.
     *
     * @param wheelbase of the vehicle [m]
     * @param ahead how much more to show ahead and behind [m]
     * @param beside how much more to show on both sides [m]
     * @param above how much more to show over the wheels [m]
     * @return vehicle frame [m]
     */
    protected static List<Vector3D> wheels(Axle axle, double wheelbase, double ahead, double beside, double above) {
        double line = axle.lineX(wheelbase);
        double along = axle.tyre().diameter() / 2 + ahead;
        double half = axle.track() / 2 + axle.tyre().width() / 2 + beside;
        return List.of(
                new Vector3D(line - along, half, 0),
                new Vector3D(line + along, -half, axle.tyre().diameter() + above));
    }

    /** A box as it is seen. */
    public static Shape.Path box(Box box, Elevation elevation) {
        Vector3D low = new Vector3D(box.rear(), box.right(), box.bottom());
        Vector3D high = new Vector3D(box.front(), box.left(), box.top());
        double x1 = elevation.across(low);
        double x2 = elevation.across(high);
        double y1 = elevation.up(low);
        double y2 = elevation.up(high);
        return new Shape.Path(
                Shape.Role.BODY,
                List.of(
                        new Shape.Point(x1, y1),
                        new Shape.Point(x2, y1),
                        new Shape.Point(x2, y2),
                        new Shape.Point(x1, y2)),
                true);
    }
}
