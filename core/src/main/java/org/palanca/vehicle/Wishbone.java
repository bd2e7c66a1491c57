package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;

/**
 * An arm of two links or more that meet in one mount of the upright: two legs of one piece, which swings about the line through
 * its two inner pivots and can carry mounts.
 *
 * @param body its name as a body
 * @param ball the mount on the upright that its legs meet in
 * @param front its first leg's inner pivot
 * @param rear its second leg's inner pivot
 * @param legs the links that it is made of
 */
public record Wishbone(BodyName body, String ball, String front, String rear, List<Link> legs) {
    public Wishbone {
        legs = List.copyOf(legs);
    }

    /** All of an axle: of live axles none, whose links that meet are bars of one piece with the housing. */
    public static List<Wishbone> of(Axle axle) {
        List<Wishbone> all = new ArrayList<>();
        for (Side side : Side.values()) {
            of(axle, side, LinkRole.UPPER).ifPresent(all::add);
            of(axle, side, LinkRole.LOWER).ifPresent(all::add);
        }
        return all;
    }

    /** That of one side and role, if its links meet. */
    public static Optional<Wishbone> of(Axle axle, Side side, LinkRole role) {
        BodyName knuckle = BodyName.knuckle(side);
        for (Mount mount : axle.mounts()) {
            if (mount.body() == knuckle) {
                List<Link> legs = axle.links(role).stream()
                        .filter(link ->
                                link.from().equals(mount.name()) || link.to().equals(mount.name()))
                        .toList();
                if (legs.size() >= 2 && axle.independent()) {
                    BodyName body = role == LinkRole.UPPER ? BodyName.upperArm(side) : BodyName.lowerArm(side);
                    return Optional.of(new Wishbone(
                            body, mount.name(), inner(legs.get(0), mount), inner(legs.get(1), mount), legs));
                }
            }
        }
        return Optional.empty();
    }

    private static String inner(Link leg, Mount ball) {
        return leg.from().equals(ball.name()) ? leg.to() : leg.from();
    }
}
