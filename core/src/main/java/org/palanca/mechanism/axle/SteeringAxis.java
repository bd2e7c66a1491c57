package org.palanca.mechanism.axle;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;

/**
 * The line a wheel is steered about, by two mounts that lie on it: a kingpin, the outer balls of two arms, or the top of a
 * strut and the ball below it. Where links do not meet in a ball there is none.
 *
 * @param upper index of the upper mount in the axle's list
 * @param lower index of the lower mount
 */
public record SteeringAxis(int upper, int lower) {
    /** The axis of one side's wheel, if its mounts show one. */
    public static Optional<SteeringAxis> of(Axle axle, Side side) {
        if (!axle.independent()) {
            return kingpin(axle, BodyName.knuckle(side));
        }
        CornerArms arms = CornerArms.of(axle, side);
        return arms.upper().isPresent() && arms.lower().isPresent()
                ? Optional.of(new SteeringAxis(
                        arms.upper().get().ball(), arms.lower().get().ball()))
                : Optional.empty();
    }

    /** A pin, or two balls one over the other. */
    private static Optional<SteeringAxis> kingpin(Axle axle, BodyName knuckle) {
        for (Joint joint : axle.joints()) {
            if (joint instanceof Joint.Hinge hinge && hinge.body().equals(knuckle)) {
                return Optional.of(new SteeringAxis(axle.mountIndex(hinge.to()), axle.mountIndex(hinge.from())));
            }
        }
        List<String> balls = axle.joints().stream()
                .filter(Joint.Ball.class::isInstance)
                .map(Joint.Ball.class::cast)
                .filter(ball -> ball.body().equals(knuckle)
                        || axle.mount(ball.mount())
                                .filter(mount -> mount.body() == knuckle)
                                .isPresent())
                .map(Joint.Ball::mount)
                .sorted(Comparator.comparingDouble(
                        mount -> axle.position(mount, 0).getZ()))
                .toList();
        return balls.size() == 2
                ? Optional.of(new SteeringAxis(axle.mountIndex(balls.get(1)), axle.mountIndex(balls.get(0))))
                : Optional.empty();
    }
}
