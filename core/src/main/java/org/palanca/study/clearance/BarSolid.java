package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wishbone;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;

/**
 * A link's tube and joints in the bar's own frame, bent as they are described. A bent bar between two balls turns over about its
 * pins as its weight, or whatever pushes it, wants: then it is there in every way that it can lie.
 */
final class BarSolid {
    /** A bar that turns over is laid down so often that each way lies within this part of its radius from the next. */
    private static final double APART = 0.5;

    private final BarPath path;
    private final Carrier carrier;
    private final double radius;
    private final double[] reach;
    private final double[] head;
    private final List<Double> ways;
    private final Axes axes;

    /** Where the bar's own plane lies in its carrier's frame: its first pin, along the line of its pins, and out. */
    private record Axes(Vector3D pin, Vector3D along, Vector3D out) {
        static final Axes OWN = new Axes(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J);
    }

    private BarSolid(
            BarPath path, Carrier carrier, Axes axes, double radius, double[] reach, double[] head, List<Double> ways) {
        this.path = path;
        this.carrier = carrier;
        this.axes = axes;
        this.radius = radius;
        this.reach = reach;
        this.head = head;
        this.ways = ways;
    }

    static BarSolid of(AxleModel model, Link link) {
        Vehicle vehicle = model.vehicle();
        Axle axle = model.axle();
        LinkHardware hardware = vehicle.hardware();
        LinkTube tube = hardware.tube(link);
        BarPath path = axle.path(link, vehicle.wheelbase());
        double radius = tube.outside() / 2;
        double[] reach = {reach(hardware, link, true), reach(hardware, link, false)};
        double[] head = {
            hardware.end(link, true).headRadius().orElse(LinkEnd.HEAD * reach[0]),
            hardware.end(link, false).headRadius().orElse(LinkEnd.HEAD * reach[1])
        };
        Optional<Wishbone> arm = Wishbone.of(axle).stream()
                .filter(one -> one.legs().contains(link))
                .filter(one -> model.bodyIndex(one.body()).isPresent())
                .findFirst();
        if (arm.isPresent()) {
            // A leg of an arm that carries something goes with it.
            int body = model.bodyIndex(arm.get().body()).orElseThrow();
            Vector3D pin = axle.position(link.from(), vehicle.wheelbase());
            Vector3D along =
                    axle.position(link.to(), vehicle.wheelbase()).subtract(pin).normalize();
            Vector3D out = link.make().shape().map(shape -> shape.out(along)).orElseGet(along::orthogonal);
            Axes axes = new Axes(pin.subtract(model.originAtRide(body)), along, out);
            return new BarSolid(path, new Carrier.Moving(body), axes, radius, reach, head, List.of(0.0));
        }
        Carrier.Anchor from = new Carrier.Anchor.AtMount(axle.mountIndex(link.from()));
        Optional<BarTurn> turn = BarTurn.of(vehicle, axle, link);
        Carrier carrier = turn.<Carrier>map(bent -> new Carrier.Bar(from, bent))
                .orElseGet(() -> new Carrier.Between(from, new Carrier.Anchor.AtMount(axle.mountIndex(link.to()))));
        List<Double> ways = turn.map(bent -> ways(
                        -bent.free(vehicle, axle, -1), bent.free(vehicle, axle, 1), APART * radius / path.offset()))
                .orElse(List.of(0.0));
        return new BarSolid(path, carrier, Axes.OWN, radius, reach, head, ways);
    }

    /** From the pin to where a link's thread begins, or its tube ends [m]; as usual where that is not known. */
    static double reach(LinkHardware hardware, Link link, boolean first) {
        return hardware.end(link, first).reach().orElse(hardware.eyeToShank());
    }

    private static List<Double> ways(double low, double high, double step) {
        List<Double> all = new ArrayList<>();
        int steps = (int) Math.ceil((high - low) / Math.max(step, Math.toRadians(1)));
        for (int i = 0; i <= steps; i++) {
            all.add(steps == 0 ? low : low + (high - low) * i / steps);
        }
        return all;
    }

    Carrier carrier() {
        return carrier;
    }

    /** The tube, which begins behind the joints. */
    Solid tube() {
        double behind = Math.max(reach[0], reach[1]) + radius;
        double first = Math.min(behind, path.straight() ? path.length() / 3 : path.straight(0));
        double last = Math.min(behind, path.straight() ? path.length() / 3 : path.straight(path.bends()));
        List<Vector2D> line = path.points(first, last);
        List<Convex> pieces = new ArrayList<>();
        for (double way : ways) {
            for (int i = 1; i < line.size(); i++) {
                pieces.add(Convex.capsule(place(line.get(i - 1), way), place(line.get(i), way), radius));
            }
        }
        return Solid.of(pieces);
    }

    /** The joint at its first or its second mount, with its jam nut. */
    Solid joint(boolean first) {
        double size = reach[first ? 0 : 1];
        double round = head[first ? 0 : 1];
        Vector2D pin = first ? Vector2D.ZERO : new Vector2D(path.pinToPin(), 0);
        Vector2D inward = first ? path.way(0) : path.way(path.bends()).negate();
        List<Convex> pieces = new ArrayList<>();
        for (double way : ways) {
            // A sleeve is as round as far as it reaches; a joint goes on to its thread.
            pieces.add(
                    round < size
                            ? Convex.capsule(place(pin, way), place(pin.add(size, inward), way), round)
                            : Convex.ball(place(pin, way), round));
        }
        return Solid.of(pieces);
    }

    private static Vector3D place(Vector2D inPlane, double turned) {
        return new Vector3D(inPlane.getX(), inPlane.getY() * Math.cos(turned), inPlane.getY() * Math.sin(turned));
    }
}
