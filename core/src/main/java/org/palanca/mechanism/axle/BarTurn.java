package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarShape;

/**
 * How a bent bar turns in space as its pins move. Its pins say where their line goes; about that line it goes with its bolts: as
 * far as both turn on the average, or with the one alone that a bushing, a clevis or a weld holds it to. Between two
 * balls nothing holds it, and it can turn over besides until a joint tilts as far as it may.
 */
public final class BarTurn {
    /** A bolt within this of the line of the pins says nothing of how the bar turns about it [as a sine]. */
    private static final double ALONG = 0.1;

    private static final int HALVINGS = 40;

    private final JointBolts.End from;
    private final JointBolts.End to;
    private final List<Integer> bolts = new ArrayList<>();
    private final List<Vector3D> directions = new ArrayList<>();
    private final Vector3D along;
    private final Vector3D out;
    private final boolean held;

    private BarTurn(Axle axle, int link, JointBolts ends, BarShape shape, LinkHardware hardware) {
        Link bar = axle.links().get(link);
        from = ends.ends().get(2 * link);
        to = ends.ends().get(2 * link + 1);
        // For directions only: the wheelbase cancels.
        along = axle.position(bar.to(), 0)
                .subtract(axle.position(bar.from(), 0))
                .normalize();
        out = shape.out(along);
        boolean firstHolds = !hardware.end(bar, true).kind().ball();
        boolean secondHolds = !hardware.end(bar, false).kind().ball();
        // A leg that is welded to another is held by that, and lies as both its pins do.
        held = firstHolds || secondHolds || axle.welded(bar);
        for (int end = 0; end < 2; end++) {
            boolean none = !firstHolds && !secondHolds;
            if (none || (end == 0 ? firstHolds : secondHolds)) {
                bolts.add(2 * link + end);
                directions.add((end == 0 ? from : to).direction());
            }
        }
    }

    /** Of a bar that is bent; empty for a straight one, which looks the same however it turns about its pins. */
    public static Optional<BarTurn> of(Vehicle vehicle, Axle axle, Link link) {
        return link.make()
                .shape()
                .filter(shape -> !shape.bends().isEmpty())
                .map(shape -> new BarTurn(
                        axle,
                        axle.links().indexOf(link),
                        JointBolts.of(axle, vehicle.wheelbase()),
                        shape,
                        vehicle.hardware()));
    }

    /** From the first pin to the second at ride, of length 1, vehicle frame. */
    public Vector3D along() {
        return along;
    }

    /** The direction in which its offsets count at ride, of length 1. */
    public Vector3D out() {
        return out;
    }

    /** Whether an end holds it so that it can't turn over about its pins. */
    public boolean held() {
        return held;
    }

    /** How it has turned since ride. */
    public Rotation since(AxleMotion motion) {
        Vector3D now =
                mount(motion, to.mount()).subtract(mount(motion, from.mount())).normalize();
        Rotation line = new Rotation(along, now);
        double sum = 0;
        int counted = 0;
        for (int i = 0; i < bolts.size(); i++) {
            Vector3D bolt = motion.bolt(bolts.get(i));
            Vector3D was = square(line.applyTo(directions.get(i)), now);
            Vector3D is = square(bolt, now);
            if (was.getNorm() > ALONG && is.getNorm() > ALONG) {
                sum += Math.atan2(now.dotProduct(was.crossProduct(is)), was.dotProduct(is));
                counted++;
            }
        }
        double turn = counted > 0 ? sum / counted : 0;
        return new Rotation(now, turn, RotationConvention.VECTOR_OPERATOR).applyTo(line);
    }

    /**
     * How far it may turn over about its pins from how it is set at ride before a joint tilts as far as it may [rad]: nought
     * where an end holds it, a quarter turn where nothing ends it.
     *
     * @param way +1 by the right hand from the first pin to the second, -1 the other way
     */
    public double free(Vehicle vehicle, Axle axle, int way) {
        if (held) {
            return 0;
        }
        double most = Math.PI / 2;
        for (JointBolts.End end : List.of(from, to)) {
            most = Math.min(most, free(end, end.limit(vehicle, axle), way));
        }
        return most;
    }

    private double free(JointBolts.End end, double limit, int way) {
        // A joint without a bolt of its own is set without tilt: its eye lies along the bolt. Else as near as the bar
        // lets it.
        Vector3D square = square(end.direction(), end.shank());
        Vector3D eye = end.set() != 0 || square.getNorm() < ALONG ? end.direction() : square.normalize();
        if (tilt(end, eye, 0) >= limit) {
            return 0;
        }
        double low = 0;
        double high = Math.PI / 2;
        if (tilt(end, eye, way * high) < limit) {
            return high;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (tilt(end, eye, way * middle) < limit) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private double tilt(JointBolts.End end, Vector3D eye, double turned) {
        Vector3D now = new Rotation(along, turned, RotationConvention.VECTOR_OPERATOR).applyTo(eye);
        double between = Vector3D.angle(now, end.direction());
        return Math.min(between, Math.PI - between);
    }

    private static Vector3D square(Vector3D direction, Vector3D axis) {
        return direction.subtract(direction.dotProduct(axis), axis);
    }

    private static Vector3D mount(AxleMotion motion, int index) {
        return motion.mount(index);
    }
}
