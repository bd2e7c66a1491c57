package org.palanca.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.paint.Color;
import javafx.scene.shape.Polygon;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.AxleAtHand;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Axonometry;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.HiddenLines;
import org.palanca.drawing.Shape;
import org.palanca.drawing.TurnedDrawing;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.edit.DescribedPart;

/**
 * The whole vehicle from any side, in the place of one of a board's views. A drag beside everything turns it; what is taken hold of
 * is moved in the plane that is faced most. What lies behind something else is drawn faint.
 */
final class TurnedView extends DrawnRegion {
    /** A mount is taken within this of its centre [px]. */
    private static final double MOUNT = 11;

    private static final double MARGIN = 0.06;

    /** So close a mount has room for its circle [px/m]. */
    private static final double CLOSE = 180;

    /** How far a pixel of a drag turns it [rad]. */
    private static final double PER_PIXEL = Math.toRadians(0.45);

    /** How far an arrow key turns it [rad]. */
    private static final double PER_KEY = Math.toRadians(5);

    private final Supplier<Words> words;
    private final Holder holder;
    private final AxleAtHand other = new AxleAtHand();
    private Axonometry view = Axonometry.USUAL;
    private double times = 1;
    private Point2D shift = Point2D.ZERO;
    private double scale = 100;
    private Vector3D centre = Vector3D.ZERO;
    private boolean whole;
    private boolean still;
    private Optional<Consumer<MouseEvent>> gesture = Optional.empty();
    private Optional<Drag> drag = Optional.empty();

    /** The board that it stands on. */
    interface Holder {
        /** What can be taken hold of, with the axle as it is drawn; empty while nothing is shown. */
        Optional<Grips> grips();

        /** What is in hand. */
        Optional<Grip> inHand();

        /** Takes something in hand, as pressing it does; empty lets go. */
        void take(Optional<Grip> grip);

        /** Begins to move something in an elevation's plane, from where it is. */
        Drag drag(Grip grip, Elevation elevation);

        /** Is told that it was pressed: the keyboard is the board's. */
        void touched();

        /** Lets it fill the board, or shows all views again. */
        void enlarge();
    }

    /**
     * Something that is being moved.
     *
     * @param to moves it on: how far from where it was grabbed, in the elevation's plane [m], and whether it is not to settle on
     *     the grid
     * @param end lets go of it
     */
    record Drag(BiConsumer<Shape.Point, Boolean> to, Runnable end) {}

    TurnedView(Supplier<Words> words, Supplier<Theme> theme, Holder holder) {
        super(theme, 60, 60);
        this.words = words;
        this.holder = holder;
        setId("turned-view");
        setOnMousePressed(this::pressed);
        setOnMouseDragged(event -> {
            gesture.ifPresent(one -> one.accept(event));
            event.consume();
        });
        setOnMouseReleased(event -> {
            released();
            event.consume();
        });
        setOnMouseMoved(event -> {
            setCursor(at(event.getX(), event.getY()).isPresent() ? Cursor.MOVE : Cursor.OPEN_HAND);
            event.consume();
        });
        setOnScroll(this::scrolled);
    }

    /**
     * In which view's place it stands next, when it is asked for once more: behind, above, beside, then nowhere.
     *
     * @param now where it stands
     * @param alone the view that fills the board, which it covers or leaves
     */
    static Optional<Elevation> nextPlace(Optional<Elevation> now, Optional<Elevation> alone) {
        if (alone.isPresent()) {
            return now.equals(alone) ? Optional.empty() : alone;
        }
        if (now.isEmpty()) {
            return Optional.of(Elevation.REAR);
        }
        return switch (now.get()) {
            case REAR -> Optional.of(Elevation.TOP);
            case TOP -> Optional.of(Elevation.SIDE);
            case SIDE -> Optional.empty();
        };
    }

    /**
     * Lies in a view's place, or nowhere.
     *
     * @param area the view's; empty where it is not shown
     * @param all whether all of the vehicle is fitted into it, or the axle at hand alone
     */
    void lie(Optional<Rectangle2D> area, boolean all) {
        setVisible(area.isPresent());
        area.ifPresent(place -> {
            // On whole pixels, or its lines are smeared.
            resizeRelocate(
                    Math.rint(place.getMinX()),
                    Math.rint(place.getMinY()),
                    Math.rint(place.getWidth()),
                    Math.rint(place.getHeight()));
            whole = all;
            fit();
        });
    }

    /** Shows everything again after zooming. */
    void fit() {
        times = 1;
        shift = Point2D.ZERO;
        draw();
    }

    /** From where it is seen. */
    Axonometry seenFrom() {
        return view;
    }

    /** Turns it a step of a key: to the right and up for positive numbers. */
    void turn(int right, int up) {
        view = view.turned(right * PER_KEY, up * PER_KEY);
        draw();
    }

    /** Turns it as an arrow key points. */
    void turnBy(KeyCode arrow) {
        turn(
                arrow == KeyCode.RIGHT ? 1 : arrow == KeyCode.LEFT ? -1 : 0,
                arrow == KeyCode.UP ? 1 : arrow == KeyCode.DOWN ? -1 : 0);
    }

    /** Where something is drawn [px]. */
    Point2D pixel(Grip grip) {
        return pixel(holder.grips().orElseThrow().middle(grip));
    }

    private Point2D pixel(Vector3D place) {
        return new Point2D(x(view.across(place)), y(view.up(place)));
    }

    private double x(double across) {
        return getWidth() / 2 + shift.getX() + (across - view.across(centre)) * scale;
    }

    private double y(double up) {
        return getHeight() / 2 + shift.getY() - (up - view.up(centre)) * scale;
    }

    // --- Pointer -----------------------------------------------------------------------------------------------------

    private void pressed(MouseEvent event) {
        event.consume();
        holder.touched();
        if (holder.grips().isEmpty()) {
            return;
        }
        Optional<Grip> grip =
                event.getButton() == MouseButton.PRIMARY ? at(event.getX(), event.getY()) : Optional.empty();
        if (event.getButton() != MouseButton.PRIMARY) {
            gesture = Optional.of(pan(event));
            return;
        }
        holder.take(grip);
        if (grip.isPresent()) {
            still = true;
            gesture = Optional.of(move(grip.get(), event));
        } else if (event.isStillSincePress() && event.getClickCount() % 2 == 0) {
            holder.enlarge();
        } else {
            gesture = Optional.of(turning(event));
        }
    }

    private void released() {
        gesture = Optional.empty();
        still = false;
        drag.ifPresent(begun -> begun.end().run());
        drag = Optional.empty();
        draw();
    }

    private Consumer<MouseEvent> turning(MouseEvent press) {
        Axonometry start = view;
        return event -> {
            view = start.turned(-(event.getX() - press.getX()) * PER_PIXEL, (event.getY() - press.getY()) * PER_PIXEL);
            draw();
        };
    }

    private Consumer<MouseEvent> pan(MouseEvent press) {
        Point2D start = shift;
        return event -> {
            shift = start.add(event.getX() - press.getX(), event.getY() - press.getY());
            draw();
        };
    }

    private Consumer<MouseEvent> move(Grip grip, MouseEvent press) {
        Drag begun = holder.drag(grip, view.faced());
        drag = Optional.of(begun);
        return event -> begun.to()
                .accept(
                        view.inFaced((event.getX() - press.getX()) / scale, -(event.getY() - press.getY()) / scale),
                        event.isShiftDown());
    }

    private void scrolled(ScrollEvent event) {
        if (!still && event.getDeltaY() != 0) {
            double factor = event.getDeltaY() > 0 ? 1.12 : 1 / 1.12;
            double next = Math.max(0.5, Math.min(12, times * factor));
            // What is under the pointer stays there.
            Point2D from = new Point2D(event.getX() - getWidth() / 2, event.getY() - getHeight() / 2);
            shift = from.subtract(from.subtract(shift).multiply(next / times));
            times = next;
            draw();
        }
        event.consume();
    }

    /** What is under a pixel: a mount before a part, the nearest and the smallest. */
    private Optional<Grip> at(double px, double py) {
        return holder.grips().flatMap(grips -> {
            Grip best = null;
            double least = Double.POSITIVE_INFINITY;
            for (Grip grip : grips.all()) {
                double rank = grip instanceof Grip.OnPart part
                        ? area(grips.model(), part.ref(), px, py)
                        : pixel(grips.middle(grip)).distance(px, py) - 2 * MOUNT;
                boolean near = grip instanceof Grip.OnPart ? rank < Double.POSITIVE_INFINITY : rank < -MOUNT;
                if (near && rank < least) {
                    least = rank;
                    best = grip;
                }
            }
            return Optional.ofNullable(best);
        });
    }

    /** Drawn size of the piece of a part under a pixel [px2]; infinite where none of it is there. */
    private double area(AxleModel model, PartRef ref, double px, double py) {
        double least = Double.POSITIVE_INFINITY;
        DescribedPart part =
                DescribedPart.find(model.vehicle(), model.axle().place(), ref).orElseThrow();
        for (List<Vector3D> piece : PartShape.pieces(model, part.part())) {
            List<Double> corners = new ArrayList<>();
            double twice = 0;
            List<double[]> outline = PartShape.outline(piece.stream()
                    .map(this::pixel)
                    .map(at -> new double[] {at.getX(), at.getY()})
                    .toList());
            for (int i = 0; i < outline.size(); i++) {
                double[] one = outline.get(i);
                double[] next = outline.get((i + 1) % outline.size());
                corners.add(one[0]);
                corners.add(one[1]);
                twice += one[0] * next[1] - next[0] * one[1];
            }
            boolean inside = new Polygon(
                            corners.stream().mapToDouble(Double::doubleValue).toArray())
                    .contains(px, py);
            if (inside) {
                least = Math.min(least, Math.abs(twice) / 2);
            }
        }
        return least;
    }

    // --- How it looks ------------------------------------------------------------------------------------------------

    @Override
    protected void paint(GraphicsContext g, Theme colours, double width, double height) {
        Optional<Grips> grips = holder.grips();
        if (grips.isEmpty()) {
            return;
        }
        AxleModel model = grips.get().model();
        List<AxleModel> axles = new ArrayList<>(List.of(model));
        model.vehicle().axles().stream()
                .filter(axle -> axle.place() != model.axle().place())
                .forEach(axle -> axles.add(other.at(model.vehicle(), axle.place(), WheelTravel.RIDE)));
        TurnedDrawing drawing = TurnedDrawing.of(model.vehicle(), axles, view);
        if (!still) {
            frame(model, drawing, width, height);
        }
        ShapePainter scribe = new ShapePainter(g, colours, textSize());
        Optional<PartRef> held =
                holder.inHand().filter(Grip.OnPart.class::isInstance).map(grip -> ((Grip.OnPart) grip).ref());
        scribe.view(
                new Rectangle2D(0, 0, width, height),
                words.get().text(whole ? "board.turned_alone" : "board.turned"),
                () -> {
                    List<HiddenLines.Seen> all = HiddenLines.of(drawing, view, 2.5 / scale);
                    all.stream().filter(HiddenLines.Seen::hidden).forEach(seen -> stroke(scribe, seen, held));
                    all.stream().filter(seen -> !seen.hidden()).forEach(seen -> stroke(scribe, seen, held));
                    marks(scribe, grips.get());
                });
        scribe.pen(colours.faint(), 1);
        g.strokeRect(0.5, 0.5, width - 1, height - 1);
    }

    /** All of the vehicle, or of the axle at hand, as large however it is turned. */
    private void frame(AxleModel model, TurnedDrawing drawing, double width, double height) {
        List<Vector3D> places = new ArrayList<>();
        if (whole) {
            drawing.lines().forEach(line -> places.addAll(line.places()));
        } else {
            model.axle().mounts().forEach(mount -> places.add(AxleDrawing.mount(model, mount.name())));
            places.addAll(FloorBoard.wheels(model.axle(), model.vehicle().wheelbase(), 0, 0, 0));
        }
        double[] low = {1e9, 1e9, 1e9};
        double[] high = {-1e9, -1e9, -1e9};
        for (Vector3D place : places) {
            double[] at = place.toArray();
            for (int i = 0; i < 3; i++) {
                low[i] = Math.min(low[i], at[i]);
                high[i] = Math.max(high[i], at[i]);
            }
        }
        centre = new Vector3D((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
        // What stands on a round table stays in sight however that is turned.
        double table = places.stream()
                .mapToDouble(place -> Math.hypot(place.getX() - centre.getX(), place.getY() - centre.getY()))
                .max()
                .orElse(1);
        double tall = high[2] - low[2];
        double needed = 2 * table * Math.abs(Math.sin(view.tilt())) + tall * Math.cos(view.tilt());
        scale = times * (1 - MARGIN) * Math.min(width / (2 * table), height / Math.max(0.1, needed));
    }

    private void stroke(ShapePainter scribe, HiddenLines.Seen seen, Optional<PartRef> held) {
        boolean inHand = held.isPresent() && seen.of().equals(held);
        if (inHand) {
            scribe.pen(scribe.theme().hand(), seen.hidden() ? 1.2 : 2.6);
        } else {
            scribe.penFor(seen.path().role(), seen.hidden());
        }
        int n = seen.path().points().size();
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = x(seen.path().points().get(i).across());
            ys[i] = y(seen.path().points().get(i).up());
        }
        scribe.graphics().strokePolyline(xs, ys, n);
    }

    /** The mounts that can be taken hold of, the one in hand ringed and named. */
    private void marks(ShapePainter scribe, Grips grips) {
        Optional<Grip> held = holder.inHand();
        for (Grip grip : grips.all()) {
            if (grip instanceof Grip.OnMount) {
                Point2D at = pixel(grips.middle(grip));
                boolean inHand = held.filter(grip::equals).isPresent();
                Color colour = inHand ? scribe.theme().hand() : scribe.theme().line();
                if (scale > CLOSE || inHand) {
                    scribe.mount(at.getX(), at.getY(), colour);
                } else {
                    scribe.graphics().setFill(colour);
                    scribe.graphics().fillOval(at.getX() - 2.5, at.getY() - 2.5, 5, 5);
                }
                if (inHand) {
                    scribe.ring(at.getX(), at.getY(), false);
                }
            }
        }
        held.filter(grips.all()::contains).ifPresent(grip -> {
            Point2D at = pixel(grips.middle(grip));
            scribe.plated(
                    grip.name(),
                    at.getX() - 16,
                    at.getY() - 16,
                    TextAlignment.RIGHT,
                    scribe.theme().hand(),
                    false,
                    14);
        });
    }
}
