package org.palanca.floor.plate;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.housing.HousingSize;

/** Finds what a bracket is welded on: as its rules say, or the bare tube of its axle. */
final class SeatFinder {
    /** A bolt that slants more than this to its face is not taken [rad]. */
    private static final double SLANTED = Math.toRadians(60);

    /** Thinner metal wants an overlay before anything is welded to it [m]: common practice, no source. */
    private static final double THIN = Lengths.inches(0.125);

    private final Vehicle vehicle;
    private final Axle axle;
    private final Mount mount;
    private final Bracket bracket;
    private final Vector3D at;
    private final Remarks remarks;

    SeatFinder(Vehicle vehicle, Axle axle, Mount mount, Bracket bracket, Remarks remarks) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.mount = mount;
        this.bracket = bracket;
        this.remarks = remarks;
        at = axle.position(mount.name(), vehicle.wheelbase());
    }

    /** What it is welded on; empty where nobody said or where it can't be, which is remarked. */
    Optional<Ground> of(Bolted bolted) {
        if (bracket.seat().isPresent()) {
            return bracket.seat().get().match(face -> face(face, bolted), tube -> tube(tube, bolted));
        }
        if (axle.independent() || !mount.body().equals(BodyName.AXLE)) {
            remarks.missing(Message.of("bracket.missing.seat", mount.name()));
            return Optional.empty();
        }
        return housing(bolted);
    }

    private Optional<Ground> face(Seat.Face face, Bolted bolted) {
        Vector3D into = face.way().direction(at.getY());
        double slant = into.dotProduct(bolted.bolt());
        Vector3D square = into.subtract(slant, bolted.bolt());
        double bevel = Math.asin(Math.min(1, Math.abs(slant)));
        if (bevel > SLANTED) {
            remarks.fault(Message.of(
                    "bracket.fault.into_face",
                    mount.name(),
                    Message.of("bracket.way." + face.way().id())));
            return Optional.empty();
        }
        double part = square.getNorm();
        Vector3D up = square.normalize().negate();
        wall(face.wall());
        return Optional.of(new Ground(
                up,
                up.crossProduct(bolted.bolt()),
                bevel,
                false,
                0,
                off -> new SeatLine.Flat(-(face.distance() - off * slant) / part, up)));
    }

    private Optional<Ground> tube(Seat.Tube tube, Bolted bolted) {
        Vector3D out = Way.OUT.direction(at.getY());
        Vector3D first = tube.along() == BoltWay.UPRIGHT ? Vector3D.PLUS_I : Vector3D.PLUS_K;
        Vector3D second = tube.along() == BoltWay.ACROSS ? Vector3D.PLUS_I : out;
        Vector3D from = new Vector3D(Math.cos(tube.clock()), first, Math.sin(tube.clock()), second);
        wall(tube.wall());
        return round(from.scalarMultiply(-tube.distance()), tube.along().direction(), tube.diameter() / 2, bolted);
    }

    /** The axle's own tube: where the bolt stands round it follows from where it stands at all. */
    private Optional<Ground> housing(Bolted bolted) {
        HousingBody body = HousingBody.of(vehicle, axle);
        if (body.tube().assumed()) {
            remarks.missing(Message.of("bracket.missing.tube", mount.name()));
            return Optional.empty();
        }
        Vector3D middle =
                new Vector3D(axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius());
        double beside = Math.abs(at.getY() - body.middle().getY());
        if (beside < body.differential().radius() || at.getY() > body.left() || -at.getY() > body.right()) {
            remarks.missing(Message.of("bracket.missing.beside_tube", mount.name()));
            return Optional.empty();
        }
        wall(vehicle.build().housing(axle.place()).sum().size(HousingSize.TUBE_WALL));
        return round(middle.subtract(at), Vector3D.PLUS_J, body.tube().radius(), bolted);
    }

    private Optional<Ground> round(Vector3D place, Vector3D axis, double radius, Bolted bolted) {
        Vector3D bolt = bolted.bolt();
        Vector3D towards = place.subtract(place.dotProduct(axis), axis);
        Vector3D square = towards.subtract(towards.dotProduct(bolt), bolt);
        if (square.getNorm() < Math.cos(SLANTED) * towards.getNorm() || towards.getNorm() < radius) {
            remarks.fault(Message.of("bracket.fault.into_tube", mount.name()));
            return Optional.empty();
        }
        Vector3D up = square.normalize().negate();
        Vector3D right = up.crossProduct(bolt);
        Vector3D seen = new Vector3D(axis.dotProduct(right), axis.dotProduct(up), axis.dotProduct(bolt));
        double along = Math.abs(seen.getZ());
        double bevel = Math.min(Math.acos(Math.min(1, along)), Math.asin(Math.min(1, along)));
        return Optional.of(new Ground(
                up,
                right,
                bevel,
                true,
                2 * radius,
                off -> new SeatLine.Round(
                        new Vector2D(place.dotProduct(right), place.dotProduct(up)),
                        place.dotProduct(bolt) - off,
                        seen,
                        radius,
                        up)));
    }

    /** Thin metal cracks beside a bracket that is welded right on it. */
    private void wall(OptionalDouble typed) {
        OptionalDouble wall =
                typed.isPresent() || !mount.onFrame() || vehicle.rails().isEmpty()
                        ? typed
                        : vehicle.rails().get().section().map(RailSection::wall).stream()
                                .mapToDouble(Double::doubleValue)
                                .findFirst();
        if (wall.isEmpty()) {
            remarks.note(Message.of("bracket.note.wall"));
        } else if (wall.getAsDouble() < THIN) {
            remarks.note(Message.of("bracket.note.overlay", Message.fine(wall.getAsDouble())));
        }
    }
}
