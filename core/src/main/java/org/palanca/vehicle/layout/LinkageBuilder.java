package org.palanca.vehicle.layout;

import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.SuspensionType;

/**
 * Collects what a starting point is made of. Places are given in inches as {@link Spot spots}; a pair's right side mirrors
 * its left.
 */
final class LinkageBuilder {
    /**
     * A place in inches.
     *
     * @param in inward from the axle line, towards the other axle; stretched with the wheelbase when it is long
     * @param out from the centreline; on the left, or to the right where it is negative
     * @param up above the middle of the axle
     */
    record Spot(double in, double out, double up) {}

    private static final Spot HERE = spot(0, 0, 0);

    /** Runs inward longer than this grow with the wheelbase; shorter ones belong to the axle's own size [in]. */
    private static final double OWN_SIZE = 12;

    private final AxlePlace place;
    private final Map<String, Spot> fitted;
    private final double stretch;
    private final double axleHeight;
    private final List<Mount> mounts = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Joint> joints = new ArrayList<>();
    private final List<LeafSpring> leaves = new ArrayList<>();
    private Optional<Steering> steering = Optional.empty();

    /**
     * @param stretch of long runs inward, for the wheelbase
     * @param axleHeight of the wheel centres above the ground [m]
     * @param fitted how far mounts are from where the proportions put them, by name
     */
    LinkageBuilder(AxlePlace place, double stretch, double axleHeight, Map<String, Spot> fitted) {
        this.place = place;
        this.fitted = fitted;
        this.stretch = stretch;
        this.axleHeight = axleHeight;
    }

    static Spot spot(double in, double out, double up) {
        return new Spot(in, out, up);
    }

    /** An inward run that leads to the rear by so much [in]: at the rear axle inward is forward. */
    double rearward(double run) {
        return place.outward() * run;
    }

    Linkage build(SuspensionType type) {
        return new Linkage(type, mounts, links, joints, leaves, steering);
    }

    /** A mount in the middle or on one side. */
    void mount(String name, BodyName body, Spot at) {
        mounts.add(new Mount(name, body, taped(name, at)));
    }

    /** A mount and its mirror image; {@code body} is the left one's. */
    void mounts(String name, BodyName body, Spot at) {
        mounts.add(new Mount(name + " left", body, taped(name + " left", at)));
        mounts.add(new Mount(name + " right", body.mirrored(), new Placement.MirrorOf(name + " left")));
    }

    void link(String name, LinkRole role, String from, String to) {
        links.add(new Link(name, role, from, to));
    }

    /** A link on each side between mounts of these names. */
    void links(String name, LinkRole role, String from, String to) {
        for (Side side : Side.values()) {
            String end = " " + side.id();
            link(name + end, role, from + end, to + end);
        }
    }

    /** A pair of links from frame to axle with mounts of its own. */
    void pair(String name, LinkRole role, Spot frame, Spot axle) {
        mounts(name + " frame", BodyName.FRAME, frame);
        mounts(name + " axle", BodyName.AXLE, axle);
        links(name, role, name + " frame", name + " axle");
    }

    /** One link from frame to axle with mounts of its own. */
    void single(String name, LinkRole role, Spot frame, Spot axle) {
        mount(name + " frame", BodyName.FRAME, frame);
        mount(name + " axle", BodyName.AXLE, axle);
        link(name, role, name + " frame", name + " axle");
    }

    void joint(Joint joint) {
        joints.add(joint);
    }

    void leaf(LeafSpring leaf) {
        leaves.add(leaf);
    }

    void steering(String joint, double lock) {
        steering = Optional.of(new Steering(joint, lock));
    }

    /** A rubber bushing on each side, at a mount on {@code body} and to the frame. */
    void bushings(String name, String mount) {
        for (Side side : Side.values()) {
            joint(new Joint.Ball(
                    name + " " + side.id(), mount + " " + side.id(), BodyName.FRAME, OptionalDouble.empty()));
        }
    }

    private Placement taped(String name, Spot drawn) {
        Spot by = fitted.getOrDefault(name, HERE);
        Spot at = spot(drawn.in() + by.in(), drawn.out() + by.out(), drawn.up() + by.up());
        double run = Math.abs(at.in()) > OWN_SIZE ? at.in() * stretch : at.in();
        double ahead = -place.outward() * sixteenth(inches(run));
        Side side = at.out() < 0 ? Side.RIGHT : Side.LEFT;
        return new Placement.Taped(
                ahead, side, sixteenth(inches(Math.abs(at.out()))), sixteenth(axleHeight + inches(at.up())));
    }

    private static double sixteenth(double metres) {
        return Lengths.nearest(metres, 16).metres();
    }
}
