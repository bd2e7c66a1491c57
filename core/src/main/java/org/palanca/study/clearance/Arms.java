package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.springing.SwayBar;

/**
 * What locates or steers an axle and is no bar between two joints: radius arms, semi-trailing arms, a torque arm, leaf springs,
 * struts, sway bars, pitman arms, relays, bellcranks, steering arms, rockers, racks and rams. Each is drawn straight between its mounts
 * and, where it turns on a pin, out from the pin. Nobody described how thick they are: ordinary sizes are taken, common
 * practice, no source.
 *
 * <p>Where a trailing arm is welded to its housing no mount tells, nor how far a torsion bar runs: they are
 * {@linkplain #notDrawn not drawn}, which is said.
 */
final class Arms {
    /** Radius of a forged arm or of a lever [m]: 1 in across. */
    private static final double LEVER = Lengths.inches(0.5);

    /** Radius of a rack's or ram's housing [m], and of the rod in it. */
    private static final double HOUSING = Lengths.inches(1);

    private static final double ROD = Lengths.inches(0.5);

    /** Radius of a strut's body [m]: 2 in across. */
    private static final double STRUT = Lengths.inches(1);

    /** Part of a strut's length at ride that its body takes; the rest is the rod. */
    private static final double STRUT_BODY = 0.6;

    /** Half the width of a leaf [m]: 2 1/2 in. */
    private static final double LEAF = Lengths.inches(1.25);

    /** Half the thickness of a pack of leaves where it is clamped, and of its main leaf at the eye [m]. */
    private static final double PACK = Lengths.inches(0.75);

    private static final double MAIN_LEAF = Lengths.inches(0.25);

    /** How far inside the tyre's inner face a semi-trailing arm ends at its hub [m]. */
    private static final double HUB = Lengths.inches(1);

    private final AxleModel model;
    private final Axle axle;
    private final double tube;
    private final List<CollisionBody> things = new ArrayList<>();

    private Arms(AxleModel model) {
        this.model = model;
        axle = model.axle();
        tube = model.vehicle().hardware().tubeDiameter() / 2;
    }

    /** All of them, of an axle that stands at ride. */
    static List<CollisionBody> of(AxleModel model) {
        Arms all = new Arms(model);
        for (Joint joint : model.axle().joints()) {
            joint.visit(
                    ball -> {
                        // The arms it carries are drawn by what they turn on.
                    },
                    all::onPin,
                    all::guided,
                    all::strut,
                    all::radiusArm);
        }
        all.axle.links(LinkRole.TORQUE_ARM).forEach(all::torqueArm);
        all.axle.linkage().leaves().forEach(all::leaf);
        all.axle.springing().swayBars().forEach(all::swayBar);
        return all.things;
    }

    /** An arm out from the pin to each mount of what turns on it. */
    private void onPin(Joint.Hinge hinge) {
        boolean knuckle = hinge.body().isKnuckle();
        List<Convex> pieces = new ArrayList<>();
        Set<String> belongs = new HashSet<>(hinge.mounts());
        if (knuckle) {
            belongs.addAll(Set.of(CollisionBodies.HOUSING, CollisionBodies.HUB));
        }
        for (String mount : mountsOn(hinge.body())) {
            belongs.add(mount);
            Vector3D at = at(mount);
            pieces.add(capsule(hinge.body(), onAxis(hinge, at), at, LEVER));
        }
        boolean semiTrailing = knuckle && axle.independent();
        if (semiTrailing) {
            hinge.mounts()
                    .forEach(pivot -> pieces.add(capsule(hinge.body(), at(pivot), hub(side(hinge.body())), tube)));
        }
        if (!pieces.isEmpty()) {
            Message name = semiTrailing || !knuckle
                    ? Message.of("body." + (semiTrailing ? BodyName.arm(side(hinge.body())) : hinge.body()))
                    : Message.of("thing.steering_arm." + side(hinge.body()).id());
            add(hinge.body().id(), named(name, semiTrailing ? tube : LEVER), hinge.body(), pieces, belongs);
        }
    }

    /** From its frame end to the nearer of its bushings, and on to the other, past the tube that they clamp. */
    private void radiusArm(Joint.Clamp clamp) {
        Set<String> belongs = new HashSet<>(clamp.mounts());
        belongs.add(CollisionBodies.HOUSING);
        List<Convex> pieces = new ArrayList<>();
        pieces.add(capsule(clamp.body(), at(clamp.front()), at(clamp.rear()), tube));
        for (String mount : mountsOn(clamp.body())) {
            belongs.add(mount);
            Vector3D pivot = at(mount);
            boolean front = pivot.distance(at(clamp.front())) < pivot.distance(at(clamp.rear()));
            pieces.add(capsule(clamp.body(), pivot, at(front ? clamp.front() : clamp.rear()), tube));
        }
        add(clamp.body().id(), named(Message.of("body." + clamp.body()), tube), clamp.body(), pieces, belongs);
    }

    /** The housing of a rack or ram between its mounts, and the rod in it. */
    private void guided(Joint.Guide guide) {
        BodyName carrier = axle.mount(guide.from()).orElseThrow().body();
        List<String> ends = mountsOn(guide.body());
        Set<String> belongs = new HashSet<>(guide.mounts());
        belongs.addAll(ends);
        add(
                guide.name(),
                named(Message.of("thing.part", guide.name()), HOUSING),
                carrier,
                List.of(capsule(carrier, at(guide.from()), at(guide.to()), HOUSING)),
                belongs);
        if (ends.size() > 1) {
            List<Convex> rod = new ArrayList<>();
            for (int i = 1; i < ends.size(); i++) {
                rod.add(capsule(guide.body(), at(ends.get(0)), at(ends.get(i)), ROD));
            }
            add(guide.body().id(), named(Message.of("body." + guide.body()), ROD), guide.body(), rod, belongs);
        }
    }

    private void strut(Joint.Strut strut) {
        double body = STRUT_BODY * at(strut.top()).distance(at(strut.foot()));
        things.add(new CollisionBody(
                id(strut.name()),
                named(Message.of("thing.part", strut.name()), STRUT),
                Part.Kind.MOVING,
                between(strut.foot(), strut.top()),
                Solid.of(List.of(Convex.capsule(Vector3D.ZERO, new Vector3D(body, 0, 0), STRUT))),
                Set.of(strut.top(), strut.foot())));
    }

    /** What of an axle no mount tells the shape of, so that it is compared with nothing. */
    static List<Message> notDrawn(Axle axle) {
        List<Message> all = new ArrayList<>();
        boolean welded = axle.joints().stream()
                .anyMatch(joint -> joint instanceof Joint.Ball ball
                        && axle.mount(ball.mount()).orElseThrow().body().equals(BodyName.AXLE));
        if (welded) {
            all.add(Message.of("thing.not_drawn.arms"));
        }
        if (!axle.springing().torsionBars().isEmpty()) {
            all.add(Message.of("thing.not_drawn.torsion_bars"));
        }
        return all;
    }

    /** From its end to the middle of the housing, which it is bolted to; on which side of the drive shaft nobody said. */
    private void torqueArm(Link link) {
        boolean from = axle.mount(link.from()).orElseThrow().body().equals(BodyName.AXLE);
        String end = from ? link.from() : link.to();
        double offset = model.vehicle().build().pinionOffset(axle.place());
        Vector3D middle = origin(BodyName.AXLE).add(new Vector3D(0, offset, 0));
        add(
                link.name(),
                named(Message.of("thing.link", link.name()), tube),
                BodyName.AXLE,
                List.of(capsule(BodyName.AXLE, at(end), middle, tube)),
                Set.of(link.from(), link.to(), CollisionBodies.HOUSING, CollisionBodies.SHAFTS));
    }

    /** Straight across between the pins of its arms. */
    private void swayBar(SwayBar bar) {
        Joint.Hinge left = hinge(bar.left());
        Joint.Hinge right = hinge(bar.right());
        Set<String> belongs = new HashSet<>();
        for (Joint.Hinge pin : List.of(left, right)) {
            belongs.addAll(pin.mounts());
            belongs.addAll(mountsOn(pin.body()));
        }
        BodyName carrier = axle.mount(left.from()).orElseThrow().body();
        add(
                bar.name(),
                named(Message.of("thing.part", bar.name()), LEVER),
                carrier,
                List.of(capsule(carrier, outerEnd(left, right), outerEnd(right, left), LEVER)),
                belongs);
    }

    private Joint.Hinge hinge(String name) {
        return axle.joints().stream()
                .filter(joint -> joint.name().equals(name) && joint instanceof Joint.Hinge)
                .map(joint -> (Joint.Hinge) joint)
                .findFirst()
                .orElseThrow();
    }

    /** The end of a pin that is farther from another pin. */
    private Vector3D outerEnd(Joint.Hinge pin, Joint.Hinge other) {
        Vector3D there = at(other.from());
        return at(pin.from()).distance(there) > at(pin.to()).distance(there) ? at(pin.from()) : at(pin.to());
    }

    /** Its two halves, each straight from its eye to the seat, level across. */
    private void leaf(LeafSpring leaf) {
        for (String eye : List.of(leaf.fixedEye(), leaf.shackleEye())) {
            double length = at(eye).distance(at(leaf.seat()));
            List<Vector3D> corners = new ArrayList<>();
            for (int out = -1; out <= 1; out += 2) {
                for (int up = -1; up <= 1; up += 2) {
                    corners.add(new Vector3D(0, out * LEAF, up * MAIN_LEAF));
                    corners.add(new Vector3D(length, out * LEAF, up * PACK));
                }
            }
            Set<String> belongs = new HashSet<>(leaf.mounts());
            belongs.add(CollisionBodies.HOUSING);
            things.add(new CollisionBody(
                    id(leaf.name()),
                    named(Message.of("thing.part", leaf.name()), LEAF),
                    Part.Kind.MOVING,
                    new Carrier.Flat(anchor(eye), anchor(leaf.seat())),
                    Solid.of(List.of(Convex.hull(corners, 0))),
                    belongs));
        }
        shackle(leaf);
    }

    private void shackle(LeafSpring leaf) {
        double length = at(leaf.shackleEye()).distance(at(leaf.shacklePivot()));
        things.add(new CollisionBody(
                id("shackle of " + leaf.name()),
                named(Message.of("thing.shackle", leaf.name()), LEVER),
                Part.Kind.MOVING,
                between(leaf.shackleEye(), leaf.shacklePivot()),
                Solid.of(List.of(Convex.capsule(Vector3D.ZERO, new Vector3D(length, 0, 0), LEVER))),
                new HashSet<>(leaf.mounts())));
    }

    private void add(String id, Message name, BodyName body, List<Convex> pieces, Set<String> belongs) {
        boolean frame = body.equals(BodyName.FRAME);
        things.add(new CollisionBody(
                id(id),
                name,
                frame ? Part.Kind.FIXED : Part.Kind.MOVING,
                CollisionBodies.carrier(model.bodyIndex(body).orElseThrow()),
                Solid.of(pieces),
                belongs));
    }

    private static CollisionId id(String subject) {
        return CollisionId.Sort.ARM.of(subject);
    }

    private static Message named(Message name, double radius) {
        return Message.of("thing.assumed", name, Message.length(2 * radius));
    }

    private static Side side(BodyName body) {
        return body.side().orElseThrow();
    }

    private List<String> mountsOn(BodyName body) {
        return axle.mounts().stream()
                .filter(mount -> mount.body().equals(body))
                .map(Mount::name)
                .toList();
    }

    private Vector3D at(String mount) {
        return axle.position(mount, model.vehicle().wheelbase());
    }

    private Vector3D origin(BodyName body) {
        return model.originAtRide(model.bodyIndex(body).orElseThrow());
    }

    private Convex capsule(BodyName body, Vector3D from, Vector3D to, double radius) {
        Vector3D origin = origin(body);
        return Convex.capsule(from.subtract(origin), to.subtract(origin), radius);
    }

    /** The nearest place of the pin itself: what is bolted beyond its ends stands out from the end. */
    private Vector3D onAxis(Joint.Hinge hinge, Vector3D point) {
        Vector3D from = at(hinge.from());
        Vector3D along = at(hinge.to()).subtract(from);
        double part = along.getNormSq() > 0 ? point.subtract(from).dotProduct(along) / along.getNormSq() : 0;
        return from.add(Math.max(0, Math.min(1, part)), along);
    }

    private Vector3D hub(Side side) {
        double inside = side.sign() * (axle.tyre().width() / 2 + HUB);
        return axle.wheelCentre(model.vehicle().wheelbase(), side).subtract(new Vector3D(0, inside, 0));
    }

    private Carrier between(String from, String to) {
        return new Carrier.Between(anchor(from), anchor(to));
    }

    private Carrier.Anchor anchor(String mount) {
        return new Carrier.Anchor.AtMount(axle.mountIndex(mount));
    }
}
