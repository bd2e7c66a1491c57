package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Wishbone;
import org.palanca.vehicle.springing.Springing;

/** An axle to which mirrored pairs of mounts, links and pins are being added. */
final class Hanging {
    private final Axle axle;
    private final List<Mount> mounts;
    private final List<Link> links;
    private final List<Joint> joints;

    Hanging(Axle axle) {
        this.axle = axle;
        mounts = new ArrayList<>(axle.mounts());
        links = new ArrayList<>(axle.links());
        joints = new ArrayList<>(axle.joints());
    }

    /** What moves with the left wheel. */
    BodyName carrier() {
        return axle.independent() ? BodyName.knuckle(Side.LEFT) : BodyName.AXLE;
    }

    /** What a shock or a drop link stands on at the left: the lower arm of a wheel that has one, or else what moves with the wheel. */
    BodyName lowerCarrier() {
        return Wishbone.of(axle, Side.LEFT, LinkRole.LOWER).map(Wishbone::body).orElse(carrier());
    }

    /** Two mounts, told for the left one: ahead of the axle line, out from the middle, up from the ground [m]. */
    Hanging mounts(String name, BodyName body, double ahead, double out, double up) {
        mounts.add(new Mount(
                name + " left",
                body,
                new Placement.Taped(onSixteenth(ahead), Side.LEFT, onSixteenth(out), onSixteenth(up))));
        mounts.add(new Mount(name + " right", body.mirrored(), new Placement.MirrorOf(name + " left")));
        return this;
    }

    Hanging links(String name, LinkRole role, String from, String to) {
        for (Side side : Side.values()) {
            String s = " " + side.id();
            links.add(new Link(name + s, role, from + s, to + s));
        }
        return this;
    }

    /** Two pins whose axes both point to the left, so that what they hold turns alike in bump. */
    Hanging pins(String name, String inner, String outer, BodyName body) {
        for (Side side : Side.values()) {
            String s = " " + side.id();
            boolean left = side == Side.LEFT;
            joints.add(new Joint.Hinge(
                    name + s, (left ? inner : outer) + s, (left ? outer : inner) + s, left ? body : body.mirrored()));
        }
        return this;
    }

    /** The axle with all that was added, on other springs. */
    Axle on(Springing springing) {
        Linkage old = axle.linkage();
        return axle.withLinkage(new Linkage(old.type(), mounts, links, joints, old.leaves(), old.steering()))
                .withSpringing(springing);
    }

    static double onSixteenth(double metres) {
        return Quantity.LENGTH.onGrid(Lengths.nearest(metres, 16).metres());
    }
}
