package org.palanca.desktop.step.shocks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.GripBoard;
import org.palanca.desktop.board.Grips;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.Shock;

/** The axle on its shocks at ride, full bump and full droop. */
public final class ShockBoard extends GripBoard {
    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Vehicle vehicle;

    private final Region inset;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel ride;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel bump;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private AxleModel droop;

    /**
     * A board to place shocks on.
     *
     * @param document the vehicle
     * @param took told when a mount is taken, or let go of
     * @param rested told when a drag has ended
     * @param inset stands in the quarter that the elevations leave free
     */
    ShockBoard(
            Supplier<Words> words,
            Supplier<Theme> theme,
            Document document,
            Runnable took,
            Runnable rested,
            Region inset) {
        super(words, theme, document, took, rested);
        this.inset = inset;
        getChildren().add(inset);
        setId("shock-board");
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        place();
    }

    /** Puts what stands in the free quarter there; one view alone leaves none free. */
    private void place() {
        scales().ifPresent(board -> {
            inset.setVisible(!board.alone());
            double x = board.rear().getMinX();
            double y = board.top().getMinY();
            // On whole pixels, or its lines are smeared.
            inset.resizeRelocate(
                    Math.rint(x),
                    Math.rint(y),
                    Math.rint(board.rear().getWidth()),
                    Math.rint(board.top().getHeight()));
        });
    }

    void show(Vehicle next, AxlePlace place) {
        vehicle = next;
        ride = new AxleModel(next, place);
        bump = new AxleModel(next, place);
        bump.moveTo(WheelTravel.both(ride.axle().travel().bump()));
        droop = new AxleModel(next, place);
        droop.moveTo(WheelTravel.both(-ride.axle().travel().droop()));
        keepWhatIsThere();
        draw();
        place();
    }

    @Override
    public Optional<Grips> grips() {
        return vehicle == null ? Optional.empty() : Optional.of(Grips.springing(ride));
    }

    @Override
    protected List<Vector3D> inView() {
        if (vehicle == null) {
            return List.of(Vector3D.ZERO, Vector3D.PLUS_I);
        }
        Axle axle = ride.axle();
        List<Vector3D> places = new ArrayList<>(wheels(axle, vehicle.wheelbase(), 0.1, 0, 0));
        for (String mount : axle.springing().mounts()) {
            places.add(axle.position(mount, vehicle.wheelbase()));
        }
        return places;
    }

    @Override
    protected void paint(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        if (vehicle == null) {
            return;
        }
        lines(scribe, board, elevation);
        paintBefore(scribe, board, elevation, ride.axle().place(), WheelTravel.RIDE);
        scribe.shapes(board, elevation, AxleDrawing.surroundings(vehicle, elevation), true);
        scribe.shapes(board, elevation, AxleDrawing.axle(bump, elevation), true);
        scribe.shapes(board, elevation, AxleDrawing.axle(droop, elevation), true);
        scribe.shapes(board, elevation, AxleDrawing.axle(ride, elevation), false);
        ride.axle().springing().mounts().forEach(mount -> {
            Vector3D at = AxleDrawing.mount(ride, mount);
            scribe.mount(
                    board.x(elevation, elevation.across(at)),
                    board.y(elevation, elevation.up(at)),
                    scribe.theme().line());
        });
        if (elevation == Elevation.REAR) {
            lengths(scribe, board);
        }
        paintHeld(scribe, board, elevation);
    }

    /** Each shock's length beside it, at ride. */
    private void lengths(ShapePainter scribe, BoardLayout board) {
        for (Shock shock : ride.axle().springing().shocks()) {
            Vector3D upper = AxleDrawing.mount(ride, shock.upper());
            double length = Vector3D.distance(upper, AxleDrawing.mount(ride, shock.lower()));
            scribe.plated(
                    words().units().text(length, Quantity.LENGTH),
                    board.x(Elevation.REAR, Elevation.REAR.across(upper)),
                    board.y(Elevation.REAR, Elevation.REAR.up(upper)) - 14 * textSize(),
                    TextAlignment.CENTER,
                    scribe.theme().line(),
                    true,
                    14);
        }
    }
}
