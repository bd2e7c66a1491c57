package org.palanca.result;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import org.palanca.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyNames;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;

/**
 * The line a wheel is steered about, by two mounts that lie on it: a kingpin, the outer balls of two wishbones, or the top
 * of a strut and the ball below it. Where links do not meet in a ball there is none.
 *
 * @param upper index of the upper mount in the axle's list
 * @param lower index of the lower mount
 */
public record SteeringAxis(int upper, int lower) {
    /** The axis of one side's wheel, if its mounts show one. */
    public static Optional<SteeringAxis> of(Axle axle, Side side) {
        String knuckle = BodyNames.knuckle(side);
        for (Joint joint : axle.joints()) {
            if (!axle.independent()
                    && joint instanceof Joint.Hinge hinge
                    && hinge.body().equals(knuckle)) {
                return Optional.of(new SteeringAxis(index(axle, hinge.to()), index(axle, hinge.from())));
            }
        }
        OptionalInt lower = ball(axle, knuckle, LinkRole.LOWER);
        OptionalInt upper = ball(axle, knuckle, LinkRole.UPPER);
        for (Joint joint : axle.joints()) {
            if (joint instanceof Joint.Strut strut && bodyOf(axle, strut.foot()).equals(knuckle)) {
                upper = OptionalInt.of(index(axle, strut.top()));
            }
        }
        return lower.isPresent() && upper.isPresent()
                ? Optional.of(new SteeringAxis(upper.getAsInt(), lower.getAsInt()))
                : Optional.empty();
    }

    /** The mount on the knuckle where two or more links of a role meet. */
    private static OptionalInt ball(Axle axle, String knuckle, LinkRole role) {
        List<Link> links = axle.links(role);
        Predicate<String> shared = name -> links.stream()
                        .filter(link -> link.from().equals(name) || link.to().equals(name))
                        .count()
                >= 2;
        for (Mount mount : axle.mounts()) {
            if (mount.body().equals(knuckle) && shared.test(mount.name())) {
                return OptionalInt.of(index(axle, mount.name()));
            }
        }
        return OptionalInt.empty();
    }

    private static String bodyOf(Axle axle, String mount) {
        return axle.mount(mount).map(Mount::body).orElse("");
    }

    private static int index(Axle axle, String mount) {
        return axle.mountIndex(mount);
    }
}
