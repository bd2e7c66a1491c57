package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.SetBolts;

/**
 * Which way the bolt of each link's end points at ride. Where nothing says so in a description, the ordinary way is taken:
 * square to the link, and as nearly across the vehicle as that allows for links that run fore and aft, as nearly upright
 * for those that run across, which have studs or eyes that lie flat. On a knuckle with a steering axis the stud lies along that
 * axis, so that turning the wheel turns the stud in its joint and tilts nothing; on an arm that turns on a pin, such as a
 * pitman arm, a relay or a bellcrank, along its pin. A joint is set without misalignment at ride. Where the description says
 * which way a bolt points, that is taken, and the joint stands off its middle at ride by as much as the link does. A vehicle let
 * down or lifted keeps its bolts as they were set.
 *
 * @param ends one an end, each link's {@code from} before its {@code to}
 */
public record JointBolts(List<End> ends) {
    public JointBolts {
        ends = List.copyOf(ends);
    }

    /**
     * One end of a link.
     *
     * @param link its name
     * @param first whether it is the link's first end
     * @param mount index of the mount it is bolted to
     * @param other index of the mount at its other end
     * @param direction of the bolt at ride, of length 1, vehicle frame
     * @param shank direction of the bar as it leaves the pin at ride, of length 1, vehicle frame: of a bent bar not that of
     *     the other pin
     * @param set by how much that stands off the plane square to the bolt at ride, towards the bolt positive [rad]
     */
    public record End(
            String link, boolean first, int mount, int other, Vector3D direction, Vector3D shank, double set) {
        /** How far the joint there may tilt [rad]. */
        public double limit(Vehicle vehicle, Axle axle) {
            Link bar = axle.link(link).orElseThrow();
            return vehicle.build().rules().joint(bar, vehicle.hardware().end(bar, first));
        }
    }

    /** The ends of all links of an axle. */
    public static JointBolts of(Axle axle, double wheelbase) {
        List<End> ends = new ArrayList<>();
        for (Link link : axle.links()) {
            int from = axle.mountIndex(link.from());
            int to = axle.mountIndex(link.to());
            Vector3D along = axle.position(link.to(), wheelbase)
                    .subtract(axle.position(link.from(), wheelbase))
                    .normalize();
            Vector3D bolt = bolt(along, link.role());
            Vector3D leaves = along;
            Vector3D arrives = along.negate();
            if (link.make().shape().isPresent()) {
                BarPath path = axle.path(link, wheelbase);
                Vector3D out = link.make().shape().get().out(along);
                leaves = inSpace(path.way(0), along, out);
                arrives = inSpace(path.way(path.bends()), along, out).negate();
            }
            ends.add(end(link, true, axle, from, to, leaves, bolt));
            ends.add(end(link, false, axle, to, from, arrives, bolt));
        }
        return new JointBolts(ends);
    }

    private static Vector3D inSpace(Vector2D way, Vector3D along, Vector3D out) {
        return new Vector3D(way.getX(), along, way.getY(), out);
    }

    private static End end(
            Link link, boolean first, Axle axle, int mount, int other, Vector3D shank, Vector3D ordinary) {
        Optional<SetBolts> kept = link.make().bolts();
        if (kept.isPresent()) {
            Vector3D direction = kept.get().direction(first).normalize();
            return new End(
                    link.name(),
                    first,
                    mount,
                    other,
                    direction,
                    shank,
                    kept.get().set(first));
        }
        Optional<Vector3D> known = (first ? link.make().from() : link.make().to())
                .flatMap(LinkEnd::bolt)
                .map(BoltWay::direction);
        if (known.isPresent()) {
            return new End(link.name(), first, mount, other, known.get(), shank, 0);
        }
        Vector3D bolt = stud(axle, axle.mounts().get(mount).body()).orElse(ordinary);
        double set = Math.asin(Math.max(-1, Math.min(1, shank.dotProduct(bolt))));
        return new End(link.name(), first, mount, other, bolt, shank, set);
    }

    /** Upwards along the steering axis for what is bolted to a knuckle that has one, along the pin for what turns on one. */
    private static Optional<Vector3D> stud(Axle axle, BodyName body) {
        for (Side side : Side.values()) {
            if (body.equals(BodyName.knuckle(side))) {
                return SteeringAxis.of(axle, side)
                        .map(axis -> place(axle, axis.upper())
                                .subtract(place(axle, axis.lower()))
                                .normalize());
            }
        }
        return axle.joints().stream()
                .filter(joint -> joint instanceof Joint.Hinge && joint.body().equals(body))
                .map(joint -> (Joint.Hinge) joint)
                .map(pin -> axle.position(pin.to(), 0).subtract(axle.position(pin.from(), 0)))
                .filter(pin -> pin.getNorm() > 0)
                .map(Vector3D::normalize)
                .findFirst();
    }

    /** A place for directions only: the wheelbase cancels. */
    private static Vector3D place(Axle axle, int mount) {
        return axle.position(axle.mounts().get(mount).name(), 0);
    }

    private static Vector3D bolt(Vector3D along, LinkRole role) {
        boolean flat = role == LinkRole.TIE_ROD || role == LinkRole.DRAG_LINK;
        boolean across = Math.abs(along.getY()) > Math.abs(along.getX());
        Vector3D wished = flat ? Vector3D.PLUS_K : across ? Vector3D.PLUS_I : Vector3D.PLUS_J;
        Vector3D square = wished.subtract(along.scalarMultiply(wished.dotProduct(along)));
        return square.getNorm() < 1e-6 ? along.orthogonal() : square.normalize();
    }
}
