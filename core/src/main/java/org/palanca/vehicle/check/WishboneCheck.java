package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Wishbone;

/** Looks over wishbones that carry something: whether they are there, and whether their legs are of one piece. */
final class WishboneCheck {
    /** Pivots nearer than this to one another tell no axis [m]. */
    private static final double SHORTEST_LINE = Lengths.inches(0.25);

    private final Axle axle;
    private final double wheelbase;
    private final String at;
    private final List<Finding> found = new ArrayList<>();

    private WishboneCheck(Axle axle, double wheelbase, String at) {
        this.axle = axle;
        this.wheelbase = wheelbase;
        this.at = at;
    }

    /**
     * What is wrong.
     *
     * @param bearing bodies that something is fixed to besides mounts
     * @param at where the axle stands in the file, as a JSON pointer
     * @param broken mounts that have no place
     */
    static List<Finding> of(Axle axle, double wheelbase, Set<BodyName> bearing, String at, Set<String> broken) {
        WishboneCheck check = new WishboneCheck(axle, wheelbase, at);
        List<Wishbone> arms = Wishbone.of(axle);
        for (Mount mount : axle.mounts()) {
            if (mount.body().isWishbone() && arm(arms, mount.body()).isEmpty()) {
                check.found.add(Finding.error(
                        at + "/mounts/" + mount.name() + "/body",
                        Message.of("check.no_such_arm", mount.name(), Message.of("body." + mount.body()))));
            }
        }
        for (Wishbone arm : arms) {
            boolean sound = axle.mount(arm.front()).isPresent()
                    && axle.mount(arm.rear()).isPresent()
                    && List.of(arm.ball(), arm.front(), arm.rear()).stream().noneMatch(broken::contains);
            if (sound && (axle.hasBody(arm.body()) || bearing.contains(arm.body()))) {
                check.bears(arm);
            }
        }
        return check.found;
    }

    private static Optional<Wishbone> arm(List<Wishbone> arms, BodyName body) {
        return arms.stream().filter(arm -> arm.body() == body).findFirst();
    }

    private void bears(Wishbone arm) {
        Message name = Message.of("body." + arm.body());
        if (arm.legs().size() > 2) {
            error(arm.legs().get(2), "check.arm_legs", name, arm.legs().get(2).name());
        }
        for (Link leg : arm.legs()) {
            if (leg.length().isPresent()) {
                error(leg, "check.arm_length", name, leg.name());
            }
            if (leg.rate().isPresent()) {
                error(leg, "check.arm_rate", name, leg.name());
            }
        }
        BodyName front = axle.mount(arm.front()).orElseThrow().body();
        BodyName rear = axle.mount(arm.rear()).orElseThrow().body();
        if (front != rear || front == arm.body()) {
            error(arm.legs().get(0), "check.arm_pivots", name, arm.front(), arm.rear());
        }
        double apart = Vector3D.distance(axle.position(arm.front(), wheelbase), axle.position(arm.rear(), wheelbase));
        if (apart < SHORTEST_LINE) {
            error(
                    arm.legs().get(0),
                    "check.joint_no_axis",
                    name,
                    arm.front() + ", " + arm.rear(),
                    Message.length(apart),
                    Message.length(SHORTEST_LINE));
        }
    }

    private void error(Link leg, String key, Object... arguments) {
        found.add(Finding.error(at + "/links/" + leg.name(), Message.of(key, arguments)));
    }
}
