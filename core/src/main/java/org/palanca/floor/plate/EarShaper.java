package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Disc;
import org.palanca.base.outline.Outline;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.Ears;

/**
 * Draws the ears of a bracket: a cord round its eyes and its foot, the foot cut to what it is welded on. The back stands on a flat
 * seat between the ears; on a tube it stands on their flank, which a bracket of one piece with its ears round a tube has, too.
 */
final class EarShaper {
    /** A foot on a tube is no wider than this part of its diameter. */
    private static final double ON_TUBE = 0.96;

    /** An ordinary foot on a tube, in its diameters. */
    private static final double FOOT_ON_TUBE = 0.8;

    /** A tall ear spreads by this part of its height. */
    private static final double SPREAD = 0.5;

    /** A link that leaves its bolt more askew than this to the seat tells which flank it leaves free. */
    private static final double TELLS = 0.2;

    private static final double NONE = 1e-6;

    private final Vehicle vehicle;
    private final Axle axle;
    private final Mount mount;
    private final Bracket bracket;
    private final Bolted bolted;
    private final Ears ears;
    private final Ground ground;
    private final Remarks remarks;

    EarShaper(
            Vehicle vehicle,
            Axle axle,
            Mount mount,
            Bracket bracket,
            Bolted bolted,
            Ears ears,
            Ground ground,
            Remarks remarks) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.mount = mount;
        this.bracket = bracket;
        this.bolted = bolted;
        this.ears = ears;
        this.ground = ground;
        this.remarks = remarks;
    }

    /** From a hole's middle to the edge round it [m]. */
    double eye() {
        return bracket.edge().orElse(Bracket.EDGE * ears.bolt());
    }

    /** Inside radius of a fold [m]. */
    double radius() {
        return bracket.bendRadius().orElse(ears.thickness());
    }

    boolean backed() {
        return bracket.form() != Bracket.Form.EARS;
    }

    /** Whether the back stands on the ears' flank. */
    boolean onFlank() {
        return backed() && ground.round();
    }

    /** From the bolt down to what it is welded on, in the middle of the bracket [m]. */
    double height() {
        return -ground.at().apply(0).height(0).orElse(-eye());
    }

    /** How wide it is where it is welded [m]. */
    double foot() {
        double ordinary = ground.round()
                ? Math.min(FOOT_ON_TUBE * ground.diameter(), 2 * eye())
                : 2 * eye() + SPREAD * Math.max(0, height() - eye());
        return bracket.foot().orElse(ordinary);
    }

    /** The flank that a back stands on: the one that the link leaves free, or where that is not told the lower one. */
    double flank() {
        double leaves = bolted.away().dotProduct(ground.right());
        if (Math.abs(leaves) > TELLS) {
            return -Math.signum(leaves);
        }
        return ground.right().getZ() > 0 ? -1 : 1;
    }

    /** From the bolt to the outside of a back on the flank [m]: the joint clears it, and a fold leaves the eye whole. */
    double flankAt() {
        double joint =
                bolted.head().orElse(eye()) + vehicle.build().rules().wanted(Part.Kind.MOVING) + ears.thickness();
        return bracket.form() == Bracket.Form.FOLDED
                ? Math.max(joint, eye() + ears.thickness() + radius())
                : Math.max(joint, eye());
    }

    /**
     * An ear.
     *
     * @param off how far its middle stands off the bolt's middle [m]
     * @param folded whether it ends where its fold begins, and not where the back's outside would be
     * @return empty where there is none, which is remarked
     */
    Optional<Ear> ear(double off, boolean folded) {
        SeatLine seat = ground.at().apply(off);
        double bend = folded ? ears.thickness() + radius() : 0;
        double shift = shiftSign() * bracket.shift();
        double low = shift - foot() / 2;
        double high = shift + foot() / 2;
        if (onFlank()) {
            double web = flank() * (flankAt() - bend);
            low = flank() < 0 ? web : low;
            high = flank() < 0 ? high : web;
        }
        boolean missed = seat.height(low).isEmpty() || seat.height(high).isEmpty();
        if (missed || ground.round() && high - low > ON_TUBE * ground.diameter() + NONE) {
            remarks.fault(Message.of(
                    "bracket.fault.foot_wide",
                    mount.name(),
                    Message.length(high - low),
                    Message.length(ON_TUBE * ground.diameter())));
            return Optional.empty();
        }
        // On a flat seat the fold lies above it.
        List<Corner> along = folded && !ground.round()
                ? List.of(Corner.straight(low, seat.height(0).orElseThrow() + bend))
                : seat.along(low, high);
        Vector2D first = along.get(0).at();
        Vector2D last = folded && !ground.round()
                ? new Vector2D(high, first.getY())
                : new Vector2D(high, seat.height(high).orElseThrow());
        Vector2D top = new Vector2D(flank() < 0 ? low : high, 0);
        List<Disc> discs = new ArrayList<>();
        discs.add(new Disc(Vector2D.ZERO, eye()));
        otherHoles().forEach(hole -> discs.add(new Disc(hole, eye())));
        discs.add(new Disc(first, 0));
        discs.add(new Disc(last, 0));
        if (onFlank()) {
            discs.add(new Disc(top, 0));
        }
        Outline hull = Outline.hull(discs);
        int bottom = Ear.edge(hull, first, last);
        if (bottom < 0) {
            remarks.fault(nearSeat(folded, -seat.height(0).orElse(0)));
            return Optional.empty();
        }
        List<Corner> corners = new ArrayList<>(hull.corners());
        corners.remove(bottom);
        corners.addAll(bottom, along);
        Outline outline = new Outline(corners);
        if (!backed()) {
            return Optional.of(new Ear(outline, -1, off));
        }
        int web = !onFlank()
                ? Ear.edge(outline, first, last)
                : flank() < 0 ? Ear.edge(outline, top, first) : Ear.edge(outline, last, top);
        if (web < 0) {
            remarks.fault(nearSeat(folded, height()));
            return Optional.empty();
        }
        return Optional.of(new Ear(outline, web, off));
    }

    private Message nearSeat(boolean folded, double left) {
        return folded
                ? Message.of(
                        "bracket.fault.near_fold", mount.name(), Message.length(eye() + ears.thickness() + radius()))
                : Message.of(
                        "bracket.fault.near_seat", mount.name(), Message.length(left, eye()), Message.length(eye()));
    }

    /** The bracket's other holes, in the plane of its ears [m]. */
    List<Vector2D> otherHoles() {
        Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
        Mount master = mount.placement() instanceof Placement.MirrorOf mirror
                ? axle.mount(mirror.mount()).orElseThrow()
                : mount;
        List<Vector2D> all = new ArrayList<>();
        for (Hole hole : master.holes()) {
            Vector3D there = axle.position(hole, vehicle.wheelbase());
            Vector3D here = master == mount ? there : new Vector3D(there.getX(), -there.getY(), there.getZ());
            Vector3D from = here.subtract(at);
            all.add(new Vector2D(from.dotProduct(ground.right()), from.dotProduct(ground.up())));
            double beside = Math.abs(from.dotProduct(bolted.bolt()));
            if (beside > Lengths.inches(1.0 / 16)) {
                remarks.fault(
                        Message.of("bracket.fault.hole_beside", mount.name(), hole.name(), Message.length(beside)));
            }
        }
        return all;
    }

    /** Every hole of an ear. */
    List<Opening> openings() {
        List<Opening> all = new ArrayList<>();
        all.add(Opening.round(Vector2D.ZERO, ears.hole(), ears.bolt(), Opening.Role.LOCATES));
        otherHoles().forEach(hole -> all.add(Opening.round(hole, ears.hole(), ears.bolt(), Opening.Role.LOCATES)));
        return all;
    }

    /** 1 where the plane's x runs ahead, or out where it runs across, or up where it is upright; else -1. */
    private double shiftSign() {
        double[] along = ground.right().toArray();
        int most = 0;
        for (int i = 1; i < along.length; i++) {
            most = Math.abs(along[i]) > Math.abs(along[most]) + NONE ? i : most;
        }
        boolean onRight = axle.position(mount.name(), vehicle.wheelbase()).getY() < 0;
        return (most == 1 && onRight ? -1 : 1) * Math.signum(along[most]);
    }
}
