package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Tyre;

/** The shape of a wheel with its tyre. */
final class WheelSolid {
    /** A ring is made of so many pieces: a 17 in rim is 1.8 mm too thick inside by that. */
    private static final int RING = 24;

    private WheelSolid() {}

    /**
     * Filled where the rim is not known; else the tyre's ring, the rim's, and the disc at the mounting face.
     *
     * @param centre of the wheel [m], in the frame of what carries it
     * @param axis it turns about, of length 1
     */
    static Solid of(Axle axle, Vector3D centre, Vector3D axis, Side side) {
        Tyre tyre = axle.tyre();
        double radius = tyre.diameter() / 2;
        double shoulder = tyre.shoulder();
        Convex filled = Convex.wheel(centre, axis, radius, tyre.width() / 2, shoulder);
        if (axle.wheels().rim().isEmpty()) {
            return Solid.of(List.of(filled));
        }
        Rim rim = axle.wheels().rim().get();
        double seat = rim.diameter() / 2;
        double well = Math.max(seat / 2, seat - Rim.WELL);
        double rounding = Math.min(shoulder, 0.4 * (radius - seat));
        List<Convex> pieces =
                new ArrayList<>(Convex.ring(centre, axis, seat, radius, tyre.width() / 2, rounding, RING));
        pieces.addAll(
                Convex.ring(centre, axis, well, seat + rounding, rim.width() / 2 + Rim.FLANGE, Rim.FLANGE / 4, RING));
        Vector3D outward = axis.scalarMultiply(side.sign() * Math.signum(axis.getY()));
        Vector3D disc = centre.add(rim.offset() + Rim.FLANGE / 2, outward);
        pieces.add(Convex.wheel(disc, axis, well, Rim.FLANGE / 2, Rim.FLANGE / 4));
        double widest =
                Math.max(tyre.width() / 2, Math.max(rim.width() / 2 + Rim.FLANGE, Math.abs(rim.offset()) + Rim.FLANGE));
        return Solid.within(Convex.wheel(centre, axis, radius, widest, rounding), pieces);
    }
}
