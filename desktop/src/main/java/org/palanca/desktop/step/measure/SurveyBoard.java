package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.Elevation;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.floor.adjust.ErrorEllipse;
import org.palanca.floor.scan.Scan;
import org.palanca.floor.scan.ScanPoint;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;

/** Marks where they are, with their error ellipses, the tapes between them, what will be cut and what holds things up. */
final class SurveyBoard extends FloorBoard {
    private static final double REACH = 14;
    private static final double MARK = 4.5;

    /** Width of a letter of a name [px]. */

    /** The largest ellipse is drawn about so large [px]. */
    private static final double LARGEST_ELLIPSE = 40;

    private static final int[] TIMES = {1, 2, 5, 10, 20, 50, 100, 200};

    /** More dots than this are not to be told apart. */
    private static final int MOST_DOTS = 20_000;

    private final Supplier<Vehicle> vehicle;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Adjustment adjustment;

    private String from = "";
    private String to = "";
    private Optional<Adjustment.Residual> outlier = Optional.empty();
    private Scan scan = Scan.raw(List.of());
    private Optional<ScanPoint> picked = Optional.empty();
    private Consumer<String> pressedMark = name -> {};
    private Consumer<ScanPoint> pressedPoint = point -> {};
    private BiConsumer<Elevation, Vector3D> pressedPlace = (elevation, place) -> {};
    private @Nullable BiConsumer<Vector3D, Vector3D> drawnBox;
    private @Nullable Vector3D dragFrom;
    private @Nullable Vector3D dragTo;

    SurveyBoard(Supplier<Vehicle> vehicle, Supplier<Words> words, Supplier<Theme> theme) {
        super(words, theme, Views.SIDE_AND_TOP);
        this.vehicle = vehicle;
        setId("survey-board");
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
    }

    void onMark(Consumer<String> listener) {
        pressedMark = listener;
    }

    void onPoint(Consumer<ScanPoint> listener) {
        pressedPoint = listener;
    }

    void onPlace(BiConsumer<Elevation, Vector3D> listener) {
        pressedPlace = listener;
    }

    /** Until told otherwise, a drag in the top view draws a box; null ends that. */
    void drawBoxes(@Nullable BiConsumer<Vector3D, Vector3D> listener) {
        drawnBox = listener;
    }

    /** Shows a survey with a measurement in hand. */
    void show(Adjustment next, String inHandFrom, String inHandTo) {
        adjustment = next;
        outlier = next.outlier();
        from = inHandFrom;
        to = inHandTo;
        draw();
    }

    void show(Scan next, Optional<ScanPoint> inHand) {
        scan = next;
        picked = inHand;
        draw();
    }

    @Override
    protected List<Vector3D> inView() {
        List<Vector3D> places = new ArrayList<>();
        Vehicle shown = vehicle.get();
        double half = shown.axles().stream()
                .mapToDouble(axle -> axle.track() / 2)
                .max()
                .orElse(0.8);
        places.add(new Vector3D(0.45, half, 0));
        places.add(new Vector3D(-shown.wheelbase() - 0.45, -half, 0.9));
        if (adjustment != null) {
            adjustment.survey().marks().forEach(mark -> places.add(adjustment.place(mark.name())));
        }
        return places;
    }

    @Override
    protected void paint(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        plan(scribe, board, elevation, vehicle.get());
        if (adjustment == null) {
            return;
        }
        if (elevation == Elevation.TOP) {
            scaleNote(scribe, board);
        }
        new ZonePainter(scribe, board, adjustment.survey(), words()).draw(elevation);
        dots(scribe, board, elevation);
        tapes(scribe, board, elevation);
        int times = times(board);
        List<Mark> marks = new ArrayList<>(adjustment.survey().marks());
        marks.sort(Comparator.comparingInt(this::rank));
        for (Mark mark : marks) {
            mark(scribe, board, elevation, mark, times);
        }
        for (Mark mark : marks) {
            if (elevation == Elevation.TOP || inHand(mark)) {
                name(scribe, board, elevation, mark);
            }
        }
        if (dragFrom != null && dragTo != null && elevation == Elevation.TOP) {
            scribe.pen(scribe.theme().hand(), 1.6, 5, 4);
            scribe.path(board, elevation, box(between(dragFrom, dragTo), elevation));
        }
    }

    /** How much larger than they are the ellipses are drawn, under the lines. */
    private void scaleNote(ShapePainter scribe, BoardLayout board) {
        if (!adjustment.survey().marks().isEmpty()) {
            scribe.text(
                    words().text("measure.ellipses", Integer.toString(times(board))),
                    board.top().getMaxX() - 4,
                    board.top().getMinY() + 9 * textSize(),
                    TextAlignment.RIGHT,
                    scribe.theme().second(),
                    false,
                    13);
        }
    }

    private int times(BoardLayout board) {
        double largest = adjustment.survey().marks().stream()
                .mapToDouble(mark -> adjustment.uncertainty(mark.name()))
                .filter(uncertainty -> uncertainty > 0 && Double.isFinite(uncertainty))
                .max()
                .orElse(0.001);
        int best = TIMES[0];
        for (int times : TIMES) {
            if (largest * board.scale() * times <= LARGEST_ELLIPSE) {
                best = times;
            }
        }
        return best;
    }

    private void dots(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        List<ScanPoint> points = scan.points();
        int step = Math.max(1, points.size() / MOST_DOTS);
        scribe.graphics().setFill(scribe.theme().second());
        for (int i = 0; i < points.size(); i += step) {
            Vector3D at = points.get(i).place();
            scribe.graphics()
                    .fillRect(
                            board.x(elevation, elevation.across(at)) - 1,
                            board.y(elevation, elevation.up(at)) - 1,
                            2,
                            2);
        }
        picked.ifPresent(point -> scribe.centre(
                board.x(elevation, elevation.across(point.place())),
                board.y(elevation, elevation.up(point.place())),
                scribe.theme().hand()));
    }

    private void tapes(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        for (Reading reading : adjustment.survey().readings()) {
            boolean known = reading.kind().between()
                    && adjustment.survey().mark(reading.from()).isPresent()
                    && adjustment.survey().mark(reading.to()).isPresent();
            if (known) {
                boolean wrong = outlier.isPresent() && outlier.get().reading().equals(reading);
                if (wrong) {
                    scribe.pen(scribe.theme().limit(), 2.2, 8, 4);
                } else {
                    scribe.pen(scribe.theme().edge(), 1);
                }
                line(scribe, board, elevation, reading.from(), reading.to());
            }
        }
        boolean both = adjustment.survey().mark(from).isPresent()
                && adjustment.survey().mark(to).isPresent();
        if (both) {
            scribe.pen(scribe.theme().hand(), 2);
            line(scribe, board, elevation, from, to);
        }
    }

    private void line(ShapePainter scribe, BoardLayout board, Elevation elevation, String one, String other) {
        Vector3D a = adjustment.place(one);
        Vector3D b = adjustment.place(other);
        scribe.line(
                board.x(elevation, elevation.across(a)),
                board.y(elevation, elevation.up(a)),
                board.x(elevation, elevation.across(b)),
                board.y(elevation, elevation.up(b)));
    }

    private void mark(ShapePainter scribe, BoardLayout board, Elevation elevation, Mark mark, int times) {
        Vector3D at = adjustment.place(mark.name());
        double x = board.x(elevation, elevation.across(at));
        double y = board.y(elevation, elevation.up(at));
        boolean free = free(mark);
        Color colour = colour(scribe, mark);
        scribe.pen(colour, 1.4);
        scribe.line(x - MARK - 2, y, x + MARK + 2, y);
        scribe.line(x, y - MARK - 2, x, y + MARK + 2);
        if (free) {
            scribe.graphics().strokeRect(x - MARK, y - MARK, 2 * MARK, 2 * MARK);
        } else {
            scribe.graphics().strokeOval(x - MARK, y - MARK, 2 * MARK, 2 * MARK);
            ellipse(scribe, board, elevation, mark, x, y, times);
        }
    }

    private boolean inHand(Mark mark) {
        return mark.name().equals(from) || mark.name().equals(to);
    }

    private boolean free(Mark mark) {
        return !adjustment.free(mark.name()).isEmpty();
    }

    /** What is in hand is named first, then what is not held or goes; the others where there is room left. */
    private int rank(Mark mark) {
        if (inHand(mark)) {
            return 0;
        }
        return free(mark) ? 1 : 2;
    }

    private void name(ShapePainter scribe, BoardLayout board, Elevation elevation, Mark mark) {
        Vector3D at = adjustment.place(mark.name());
        String name = free(mark) ? words().text("measure.free_mark", mark.name()) : mark.name();
        double x = board.x(elevation, elevation.across(at));
        double y = board.y(elevation, elevation.up(at));
        double out = (elevation == Elevation.TOP && at.getY() > 0 ? 18 : -18) * textSize();
        for (double away : new double[] {out, -out, 2 * out, -2 * out}) {
            if (scribe.platedWhereFree(name, x, y + away, TextAlignment.CENTER, colour(scribe, mark), false, 13)) {
                return;
            }
        }
    }

    private Color colour(ShapePainter scribe, Mark mark) {
        if (inHand(mark)) {
            return scribe.theme().hand();
        }
        boolean goes = DatumLife.cutting(adjustment, mark).isPresent();
        return free(mark) || goes ? scribe.theme().limit() : scribe.theme().line();
    }

    private void ellipse(
            ShapePainter scribe, BoardLayout board, Elevation elevation, Mark mark, double x, double y, int times) {
        Axis up = elevation == Elevation.TOP ? Axis.LEFT : Axis.UP;
        ErrorEllipse ellipse = adjustment.ellipse(mark.name(), Axis.AHEAD, up);
        double major = ellipse.major() * board.scale() * times;
        double minor = ellipse.minor() * board.scale() * times;
        if (major < 1) {
            return;
        }
        // Forward is drawn to the left; in the top view left is drawn down, in the side view up is drawn up.
        double angle = elevation == Elevation.TOP ? Math.PI - ellipse.turn() : Math.PI + ellipse.turn();
        int n = 40;
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            double round = 2 * Math.PI * i / n;
            double a = major * Math.cos(round);
            double b = minor * Math.sin(round);
            xs[i] = x + a * Math.cos(angle) - b * Math.sin(angle);
            ys[i] = y + a * Math.sin(angle) + b * Math.cos(angle);
        }
        scribe.pen(scribe.theme().hand(), 1);
        scribe.graphics().strokePolygon(xs, ys, n);
    }

    // --- Pointer ---------------------------------------------------------------------------------------------------

    private void pressed(MouseEvent event) {
        Optional<Elevation> elevation = elevation(event);
        if (elevation.isEmpty() || adjustment == null || scales().isEmpty()) {
            return;
        }
        BoardLayout board = scales().get();
        if (drawnBox != null && elevation.get() == Elevation.TOP) {
            dragFrom = at(event, elevation.get());
            dragTo = dragFrom;
            return;
        }
        String nearest = null;
        double least = REACH;
        for (Mark mark : adjustment.survey().marks()) {
            Point2D pixel = pixel(mark.name(), elevation.get());
            double away = pixel.distance(event.getX(), event.getY());
            if (away < least) {
                least = away;
                nearest = mark.name();
            }
        }
        Vector3D place = at(event, elevation.get());
        Vector3D along = elevation.get() == Elevation.TOP ? Vector3D.PLUS_K : Vector3D.PLUS_J;
        Optional<ScanPoint> point = scan.nearest(place, along, REACH / board.scale());
        if (nearest != null) {
            pressedMark.accept(nearest);
        } else if (point.isPresent()) {
            pressedPoint.accept(point.get());
        } else if (event.getClickCount() % 2 == 0) {
            enlarge(elevation.get());
        } else {
            pressedPlace.accept(elevation.get(), place);
        }
    }

    private Vector3D at(MouseEvent event, Elevation elevation) {
        BoardLayout board = scales().orElseThrow();
        double across = board.point(elevation, event.getX(), event.getY()).across();
        double up = board.point(elevation, event.getX(), event.getY()).up();
        return elevation.place(across, up, Vector3D.ZERO);
    }

    private void dragged(MouseEvent event) {
        if (dragFrom != null) {
            dragTo = at(event, Elevation.TOP);
            draw();
        }
    }

    private void released(MouseEvent event) {
        if (dragFrom != null && drawnBox != null) {
            BiConsumer<Vector3D, Vector3D> done = drawnBox;
            Vector3D one = dragFrom;
            Vector3D other = dragTo;
            dragFrom = null;
            dragTo = null;
            done.accept(one, other);
        }
        dragFrom = null;
    }

    private static Box between(Vector3D one, Vector3D other) {
        return new Box(
                Math.min(one.getX(), other.getX()),
                Math.max(one.getX(), other.getX()),
                Math.min(one.getY(), other.getY()),
                Math.max(one.getY(), other.getY()),
                0,
                0);
    }

    /** Where a mark is drawn in an elevation, in this control's own pixels. */
    Point2D pixel(String mark, Elevation elevation) {
        BoardLayout board = scales().orElseThrow();
        Vector3D at = adjustment.place(mark);
        return new Point2D(board.x(elevation, elevation.across(at)), board.y(elevation, elevation.up(at)));
    }
}
