package org.palanca.desktop.step.shaft;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.desktop.theme.Theme;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.ShaftDrawing;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.BentJoint;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Vehicle;

/**
 * The shaft of a live axle from the side and from above, or the half-shafts of an independent one from behind, at the pose of
 * the moment, with the angle at each joint; where it runs at full bump and full droop stands faint behind it.
 */
final class ShaftBoard extends FloorBoard {
    private final boolean half;

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private AxleModel model;

    private List<AxleModel> ends = List.of();

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Function<AxleModel, List<BentJoint>> joints;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Drawn drawn;

    /** Lines of the shafts at a model's pose. */
    private interface Drawn {
        List<Shape> of(AxleModel model, Elevation elevation);
    }

    /** @param half whether it is for half-shafts, which are best seen from behind */
    ShaftBoard(Supplier<Words> words, Supplier<Theme> theme, boolean half) {
        super(words, theme, half ? Views.REAR : Views.SIDE_AND_TOP);
        this.half = half;
        setId(half ? "half-shaft-board" : "shaft-board");
        panByHand();
    }

    void show(Vehicle vehicle, AxlePlace place, WheelTravel pose, Driveline line) {
        joints = at -> BentJoint.of(at, line);
        drawn = (at, elevation) -> ShaftDrawing.shaft(at, line, elevation);
        show(vehicle, place, pose);
    }

    void show(Vehicle vehicle, AxlePlace place, WheelTravel pose, HalfShafts shafts) {
        joints = at -> BentJoint.of(at, shafts);
        drawn = (at, elevation) -> ShaftDrawing.halfShafts(at, shafts, elevation);
        show(vehicle, place, pose);
    }

    private void show(Vehicle vehicle, AxlePlace place, WheelTravel pose) {
        boolean same =
                model != null && model.vehicle() == vehicle && model.axle().place() == place;
        if (!same) {
            model = new AxleModel(vehicle, place);
            ends = List.of(
                    moved(vehicle, place, model.axle().travel().bump()),
                    moved(vehicle, place, -model.axle().travel().droop()));
        }
        model.toRide();
        model.moveTo(pose);
        draw();
    }

    private static AxleModel moved(Vehicle vehicle, AxlePlace place, double travel) {
        AxleModel model = new AxleModel(vehicle, place);
        model.moveTo(WheelTravel.both(travel));
        return model;
    }

    @Override
    protected List<Vector3D> inView() {
        if (model == null) {
            return List.of(Vector3D.ZERO, Vector3D.PLUS_I);
        }
        List<Vector3D> places = new ArrayList<>();
        Axle axle = model.axle();
        double line = axle.lineX(model.vehicle().wheelbase());
        double inward = -axle.place().outward();
        places.add(new Vector3D(line, 0, axle.tyre().loadedRadius()));
        for (AxleModel one : ends) {
            joints.apply(one).forEach(joint -> places.add(joint.at()));
        }
        if (!half) {
            Vector3D gearbox = joints.apply(model).get(0).at();
            places.add(gearbox.add(inward * ShaftDrawing.STUB, Vector3D.PLUS_I));
        }
        if (half) {
            double out = (axle.track() + axle.tyre().width()) / 2;
            double radius = axle.tyre().diameter() / 2;
            places.add(new Vector3D(line - radius, out, 0));
            places.add(new Vector3D(line + radius, -out, 2 * radius));
        }
        return places;
    }

    @Override
    protected void paint(ShapePainter scribe, BoardLayout board, Elevation elevation) {
        if (model == null) {
            return;
        }
        lines(scribe, board, elevation);
        scribe.shapes(board, elevation, AxleDrawing.surroundings(model.vehicle(), elevation), true);
        for (AxleModel end : ends) {
            scribe.shapes(board, elevation, drawn.of(end, elevation), true);
        }
        List<Shape> axle = AxleDrawing.axle(model, elevation).stream()
                .filter(shape -> half || shape.role() == Shape.Role.HOUSING || shape.role() == Shape.Role.TYRE)
                .toList();
        scribe.shapes(board, elevation, axle, half);
        scribe.shapes(board, elevation, drawn.of(model, elevation), false);
        if (elevation == (half ? Elevation.REAR : Elevation.SIDE)) {
            List<BentJoint> now = joints.apply(model);
            now.forEach(joint -> angle(scribe, board, elevation, joint));
            for (int i = 0; i + 1 < now.size(); i += 2) {
                length(scribe, board, elevation, now.get(i).at(), now.get(i + 1).at());
            }
        }
    }

    /** How long a shaft is between its joints, below its middle. */
    private void length(ShapePainter scribe, BoardLayout board, Elevation elevation, Vector3D from, Vector3D to) {
        Vector3D middle = from.add(to).scalarMultiply(0.5);
        scribe.plated(
                words().units().text(Vector3D.distance(from, to), Quantity.LENGTH),
                board.x(elevation, elevation.across(middle)),
                board.y(elevation, elevation.up(middle)) + 24 * textSize(),
                TextAlignment.CENTER,
                scribe.theme().second(),
                true,
                14);
    }

    /** The angle above a joint, in the colour of what is wrong where it binds. */
    private void angle(ShapePainter scribe, BoardLayout board, Elevation elevation, BentJoint joint) {
        double y = board.y(elevation, elevation.up(joint.at())) - 26 * textSize();
        scribe.plated(
                words().units().text(joint.angle(), Quantity.ANGLE),
                board.x(elevation, elevation.across(joint.at())),
                Math.max(board.area(elevation).getMinY() + 12 * textSize(), y),
                TextAlignment.CENTER,
                joint.binds() ? scribe.theme().limit() : scribe.theme().line(),
                true,
                17);
    }
}
