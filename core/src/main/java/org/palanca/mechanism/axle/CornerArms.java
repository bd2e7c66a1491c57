package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Wishbone;

/**
 * The arms that carry one wheel, however they are described: two links that meet in a ball, an arm on a hinge with a ball at
 * its end, or a strut. Of a live axle, the balls or the pin of its kingpin.
 *
 * @param upper empty where there is none, or links do not meet
 * @param lower likewise
 */
public record CornerArms(Optional<Arm> upper, Optional<Arm> lower) {
    /** What holds one end of the steering axis. */
    public sealed interface Arm {
        /** Index of the mount that the steering axis runs through. */
        int ball();
    }

    /**
     * An arm in a plane.
     *
     * @param ball index of the mount of its outer ball
     * @param front index of a mount on its inner axis
     * @param rear index of another
     */
    public record PlaneArm(int ball, int front, int rear) implements Arm {}

    /**
     * A strut: its top moves as if on an arm square to the strut.
     *
     * @param ball index of its top mount
     * @param foot index of the mount that its line runs through, on the wheel's body
     */
    public record StrutTop(int ball, int foot) implements Arm {}

    /** An arm with the height of its ball. */
    private record Placed(Arm arm, double up) {}

    /** The arms of one side's wheel. */
    public static CornerArms of(Axle axle, Side side) {
        BodyName knuckle = BodyName.knuckle(side);
        Optional<Arm> upper = meeting(axle, side, LinkRole.UPPER);
        Optional<Arm> lower = meeting(axle, side, LinkRole.LOWER);
        for (Joint joint : axle.joints()) {
            if (joint instanceof Joint.Strut strut && body(axle, strut.foot()).equals(knuckle)) {
                upper = Optional.of(new StrutTop(axle.mountIndex(strut.top()), axle.mountIndex(strut.foot())));
            }
        }
        List<Placed> hinged = hinged(axle, knuckle);
        for (Placed arm : hinged) {
            boolean below = arm.up() < axle.tyre().loadedRadius();
            if (lower.isEmpty() && (below || upper.isPresent())) {
                lower = Optional.of(arm.arm());
            } else if (upper.isEmpty()) {
                upper = Optional.of(arm.arm());
            }
        }
        return new CornerArms(upper, lower);
    }

    private static Optional<Arm> meeting(Axle axle, Side side, LinkRole role) {
        return Wishbone.of(axle, side, role)
                .map(arm -> new PlaneArm(
                        axle.mountIndex(arm.ball()), axle.mountIndex(arm.front()), axle.mountIndex(arm.rear())));
    }

    /** Arms that turn on a hinge of the frame and end in a ball on the knuckle, the lowest first. */
    private static List<Placed> hinged(Axle axle, BodyName knuckle) {
        List<Placed> arms = new ArrayList<>();
        for (Joint joint : axle.joints()) {
            if (!(joint instanceof Joint.Ball ball)) {
                continue;
            }
            BodyName own = body(axle, ball.mount());
            if (own != knuckle && ball.body() != knuckle) {
                continue;
            }
            BodyName arm = own == knuckle ? ball.body() : own;
            for (Joint other : axle.joints()) {
                if (other instanceof Joint.Hinge hinge && hinge.body().equals(arm)) {
                    // Heights are the same wherever the axle line is.
                    Vector3D at = axle.position(ball.mount(), 0);
                    arms.add(new Placed(
                            new PlaneArm(
                                    axle.mountIndex(ball.mount()),
                                    axle.mountIndex(hinge.from()),
                                    axle.mountIndex(hinge.to())),
                            at.getZ()));
                }
            }
        }
        arms.sort(Comparator.comparingDouble(Placed::up));
        return arms;
    }

    private static BodyName body(Axle axle, String mount) {
        return axle.mount(mount).map(Mount::body).orElseThrow();
    }
}
