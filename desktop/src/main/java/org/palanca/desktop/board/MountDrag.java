package org.palanca.desktop.board;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/**
 * The arithmetic of moving a mount by hand: no nodes in it. What is dragged is the mount as it is drawn, at the pose the
 * axle is in; what changes is where it is bolted at ride.
 */
public final class MountDrag {
    private final Vehicle vehicle;
    private final MountRef ref;
    private final Elevation elevation;
    private final Vector3D drawnAtStart;
    private final Shape.Point grabbed;
    private final AxleModel start;
    private final double grid;

    /**
     * Takes hold of a mount.
     *
     * @param model the axle as it is drawn
     * @param grabbed where the pointer is in the elevation's drawing [m]
     * @param style decides the grid that mounts settle on: sixteenths, thirty-seconds, or whole millimetres
     */
    public MountDrag(AxleModel model, MountRef ref, Elevation elevation, Shape.Point grabbed, LengthStyle style) {
        this.vehicle = model.vehicle();
        this.ref = ref;
        this.elevation = elevation;
        this.grabbed = grabbed;
        this.start = model;
        this.grid = grid(style);
        drawnAtStart = AxleDrawing.mount(model, ref.mount());
    }

    /** The step a mount settles on in a style [m]. */
    public static double grid(LengthStyle style) {
        return switch (style) {
            case MILLIMETRES -> Lengths.MILLIMETRE;
            case INCH_THIRTY_SECONDS -> Lengths.INCH / 32;
            case INCH_SIXTEENTHS, INCH_DECIMAL -> Lengths.INCH / 16;
        };
    }

    /**
     * The vehicle with the mount under the pointer.
     *
     * @param pointer where the pointer is now [m]
     * @param free whether the mount is not to settle on the grid
     */
    public Vehicle to(Shape.Point pointer, boolean free) {
        double across = elevation.across(drawnAtStart) + pointer.across() - grabbed.across();
        double up = elevation.up(drawnAtStart) + pointer.up() - grabbed.up();
        Vector3D atRide = atRide(elevation.place(across, up, drawnAtStart));
        return MountMoves.moveTo(vehicle, ref, free ? atRide : settled(atRide));
    }

    /**
     * The vehicle with the mount under the pointer and others moved along with it.
     *
     * @param others mounts of the same axle that keep their distance to it
     */
    public Vehicle to(Shape.Point pointer, boolean free, List<String> others) {
        Vehicle moved = to(pointer, free);
        Vector3D by = position(moved, ref.mount()).subtract(position(vehicle, ref.mount()));
        for (String other : others) {
            Vector3D place = position(vehicle, other).add(by);
            moved = MountMoves.moveTo(moved, new MountRef(ref.axle(), other), place);
        }
        return moved;
    }

    private Vector3D position(Vehicle of, String mount) {
        return of.axle(ref.axle()).orElseThrow().position(mount, of.wheelbase());
    }

    /** Undoes the pose of the body that the mount rides on. */
    private Vector3D atRide(Vector3D drawn) {
        int body = start.mechanism()
                .bodyIndex(start.axle().mount(ref.mount()).orElseThrow().body().id());
        if (body < 0) {
            return drawn;
        }
        return start.pose(body).undo(drawn);
    }

    /** Settles the three measures a tape gives on the grid. Those that were not dragged stay as they were. */
    private Vector3D settled(Vector3D place) {
        Vector3D before = start.axle().position(ref.mount(), vehicle.wheelbase());
        double line = start.axle().lineX(vehicle.wheelbase());
        return new Vector3D(
                settled(place.getX() - line, before.getX() - line) + line,
                settled(place.getY(), before.getY()),
                settled(place.getZ(), before.getZ()));
    }

    private double settled(double value, double before) {
        return Math.abs(value - before) < grid / 4 ? before : Math.round(value / grid) * grid;
    }
}
