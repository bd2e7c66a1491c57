package org.palanca.io.json;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.LinkMake;

/** What holds an axle: mounts, links, joints, leaf springs and steering. */
final class LinkageForm {
    private LinkageForm() {}

    /** @param type what the file says of it */
    static ObjectForm<Linkage> of(Optional<SuspensionType> type) {
        return fields -> {
            List<Mount> mounts = fields.named("mounts", LinkageForm::mount, Mount::name, Linkage::mounts);
            List<Link> links = fields.named("links", LinkageForm::link, Link::name, Linkage::links);
            List<Joint> joints = fields.namedIfAny("joints", LinkageForm::joint, Joint::name, Linkage::joints);
            return new Linkage(
                    type.orElseGet(() -> typeOfVersion1(links)),
                    mounts,
                    links,
                    joints,
                    fields.namedIfAny("leaves", LinkageForm::leaf, LeafSpring::name, Linkage::leaves),
                    fields.optional("steering", steering(joints), Linkage::steering));
        };
    }

    /** Version 1 knew four-links and three-links only, and did not say which. */
    private static SuspensionType typeOfVersion1(List<Link> links) {
        long uppers = count(links, LinkRole.UPPER);
        if (count(links, LinkRole.PANHARD) == 0) {
            return SuspensionType.TRIANGULATED_UPPERS;
        }
        return uppers == 1 ? SuspensionType.THREE_LINK_PANHARD : SuspensionType.PARALLEL_PANHARD;
    }

    private static long count(List<Link> links, LinkRole role) {
        return links.stream().filter(link -> link.role() == role).count();
    }

    private static Mount mount(Fields<Mount> fields) {
        BodyName body = fields.value("body", Form.BODY, Mount::body);
        Placement placement = fields.inline(LinkageForm::placement, Mount::placement);
        boolean canMove = fields.flag("can_move", true, Mount::canMove);
        List<Hole> holes = fields.namedIfAny("holes", LinkageForm::hole, Hole::name, Mount::holes);
        Optional<Bracket> bracket = fields.partIfAny("bracket", BracketForm::bracket, Mount::bracket);
        return new Mount(fields.name(), body, placement, holes, canMove, bracket);
    }

    private static Hole hole(Fields<Hole> fields) {
        return new Hole(fields.name(), fields.inline(LinkageForm::placement, Hole::placement));
    }

    private static Placement placement(Fields<Placement> fields) {
        return fields.oneOf(
                (node, kinds) -> {
                    if (node.has("mirror_of")) {
                        return kinds.as(LinkageForm::mirror);
                    }
                    boolean whole = VehicleForm.hasAll(node, "x_mm", "y_mm", "z_mm");
                    return whole ? kinds.as(LinkageForm::at) : kinds.as(LinkageForm::taped);
                },
                (placement, kinds) -> placement.visit(
                        at -> kinds.as(LinkageForm::at, at),
                        taped -> kinds.as(LinkageForm::taped, taped),
                        mirror -> kinds.as(LinkageForm::mirror, mirror)));
    }

    private static Placement.MirrorOf mirror(Fields<Placement.MirrorOf> fields) {
        return new Placement.MirrorOf(fields.text("mirror_of", Placement.MirrorOf::mount));
    }

    private static Placement.At at(Fields<Placement.At> fields) {
        return new Placement.At(new Vector3D(
                fields.length("x_mm", at -> at.point().getX()),
                fields.length("y_mm", at -> at.point().getY()),
                fields.length("z_mm", at -> at.point().getZ())));
    }

    /** A mount behind the axle line is taped backwards: no tape shows less than nothing. */
    private static Placement.Taped taped(Fields<Placement.Taped> fields) {
        OptionalDouble behind = fields.optional(
                "behind_mm",
                Quantity.LENGTH,
                taped -> taped.ahead() < 0 ? OptionalDouble.of(-taped.ahead()) : OptionalDouble.empty());
        OptionalDouble ahead = fields.optional(
                "ahead_mm",
                Quantity.LENGTH,
                taped -> taped.ahead() < 0 ? OptionalDouble.empty() : OptionalDouble.of(taped.ahead()));
        return new Placement.Taped(
                ahead.orElseGet(() -> -behind.orElse(0)),
                fields.constant("side", Side.class, Placement.Taped::side),
                fields.length("out_mm", Placement.Taped::out),
                fields.length("up_mm", Placement.Taped::up));
    }

    private static Link link(Fields<Link> fields) {
        return new Link(
                fields.name(),
                fields.constant("role", LinkRole.class, Link::role),
                fields.text("from", Link::from),
                fields.text("to", Link::to),
                fields.optional("length_mm", Quantity.LENGTH, Link::length),
                rate(fields, Link::rate),
                fields.part("made", HardwareForm::make, LinkMake.USUAL, Link::make));
    }

    private static Joint joint(Fields<Joint> fields) {
        return fields.oneOf(
                (node, kinds) -> switch (node.path("kind").asText()) {
                    case "ball" -> kinds.as(LinkageForm::ball);
                    case "hinge" -> kinds.as(LinkageForm::hinge);
                    case "guide" -> kinds.as(LinkageForm::guide);
                    case "clamp" -> kinds.as(LinkageForm::clamp);
                    default -> kinds.as(LinkageForm::strut);
                },
                (joint, kinds) -> joint.visit(
                        ball -> kinds.as(LinkageForm::ball, ball),
                        hinge -> kinds.as(LinkageForm::hinge, hinge),
                        guide -> kinds.as(LinkageForm::guide, guide),
                        strut -> kinds.as(LinkageForm::strut, strut),
                        clamp -> kinds.as(LinkageForm::clamp, clamp)));
    }

    private static Joint.Ball ball(Fields<Joint.Ball> fields) {
        fields.tag("kind", "ball");
        return new Joint.Ball(
                fields.name(),
                fields.text("mount", Joint.Ball::mount),
                fields.value("body", Form.BODY, Joint.Ball::body),
                rate(fields, Joint.Ball::rate));
    }

    private static Joint.Hinge hinge(Fields<Joint.Hinge> fields) {
        fields.tag("kind", "hinge");
        return new Joint.Hinge(
                fields.name(),
                fields.text("from", Joint.Hinge::from),
                fields.text("to", Joint.Hinge::to),
                fields.value("body", Form.BODY, Joint.Hinge::body));
    }

    private static Joint.Guide guide(Fields<Joint.Guide> fields) {
        fields.tag("kind", "guide");
        return new Joint.Guide(
                fields.name(),
                fields.text("from", Joint.Guide::from),
                fields.text("to", Joint.Guide::to),
                fields.value("body", Form.BODY, Joint.Guide::body));
    }

    private static Joint.Strut strut(Fields<Joint.Strut> fields) {
        fields.tag("kind", "strut");
        return new Joint.Strut(
                fields.name(), fields.text("top", Joint.Strut::top), fields.text("foot", Joint.Strut::foot));
    }

    private static Joint.Clamp clamp(Fields<Joint.Clamp> fields) {
        fields.tag("kind", "clamp");
        return new Joint.Clamp(
                fields.name(),
                fields.text("front", Joint.Clamp::front),
                fields.text("rear", Joint.Clamp::rear),
                fields.value("body", Form.BODY, Joint.Clamp::body),
                rate(fields, Joint.Clamp::rate));
    }

    private static LeafSpring leaf(Fields<LeafSpring> fields) {
        return new LeafSpring(
                fields.name(),
                fields.text("fixed_eye", LeafSpring::fixedEye),
                fields.text("seat", LeafSpring::seat),
                fields.text("shackle_eye", LeafSpring::shackleEye),
                fields.text("shackle_pivot", LeafSpring::shacklePivot),
                fields.length("clamp_mm", LeafSpring::clamp),
                fields.number("rate_n_per_mm", Quantity.RATE, LeafSpring::rate),
                fields.number("side_rate_n_per_mm", Quantity.RATE, LeafSpring::sideRate));
    }

    /** The lock is an angle where the joint that steers turns, as a pitman arm does, and a way where it slides. */
    private static ObjectForm<Steering> steering(List<Joint> joints) {
        return fields -> {
            String joint = fields.text("joint", Steering::joint);
            boolean turns = joints.stream().anyMatch(one -> one.name().equals(joint) && one instanceof Joint.Hinge);
            double lock = turns ? fields.angle("lock_deg", Steering::lock) : fields.length("lock_mm", Steering::lock);
            return new Steering(joint, lock);
        };
    }

    private static <T> OptionalDouble rate(Fields<T> fields, Function<T, OptionalDouble> of) {
        return fields.optional("rate_n_per_mm", Quantity.RATE, of);
    }
}
