package org.palanca.desktop.board;

import java.util.Arrays;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.LengthStyle;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;

/**
 * The arithmetic of moving a described part by hand: no nodes in it. What is dragged is the part as it is drawn, at the pose
 * the axle is in; what changes is where it sits at ride.
 */
public final class PartDrag {
    private final AxleModel start;
    private final DescribedPart part;
    private final Elevation elevation;
    private final double grid;

    /**
     * Takes hold of a part.
     *
     * @param start the axle as it is drawn
     * @param style decides the steps it moves by
     */
    public PartDrag(AxleModel start, DescribedPart part, Elevation elevation, LengthStyle style) {
        this.start = start;
        this.part = part;
        this.elevation = elevation;
        grid = MountDrag.grid(style);
    }

    /**
     * The vehicle with the part moved across and up the drawing.
     *
     * @param free whether it is not to go by whole steps of a tape
     */
    public Vehicle by(Shape.Point move, boolean free) {
        Vector3D atRide = atRide(elevation.place(move.across(), move.up(), Vector3D.ZERO));
        return part.moved(start.vehicle(), free ? atRide : settled(atRide));
    }

    /** Undoes how the body it sits on is turned at the pose. */
    private Vector3D atRide(Vector3D drawn) {
        int body = start.bodyIndex(part.part().body()).orElse(-1);
        return body < 0 ? drawn : start.pose(body).rotation().applyInverseTo(drawn);
    }

    private Vector3D settled(Vector3D move) {
        return new Vector3D(Arrays.stream(move.toArray())
                .map(value -> Math.rint(value / grid) * grid)
                .toArray());
    }
}
