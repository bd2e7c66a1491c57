package org.palanca.io.json;

import static org.palanca.io.json.VehicleWriter.angle;
import static org.palanca.io.json.VehicleWriter.length;
import static org.palanca.io.json.VehicleWriter.number;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Steering;

/** Writes what holds an axle. What is empty is left out. */
final class LinkageWriter {
    private static final String RATE = "rate_n_per_mm";

    private LinkageWriter() {}

    static void write(ObjectNode axle, Linkage linkage) {
        ObjectNode mounts = axle.putObject("mounts");
        for (Mount mount : linkage.mounts()) {
            mount(mounts.putObject(mount.name()), mount);
        }
        ObjectNode links = axle.putObject("links");
        for (Link link : linkage.links()) {
            link(links.putObject(link.name()), link);
        }
        if (!linkage.joints().isEmpty()) {
            ObjectNode joints = axle.putObject("joints");
            for (Joint joint : linkage.joints()) {
                joint(joints.putObject(joint.name()), joint);
            }
        }
        if (!linkage.leaves().isEmpty()) {
            ObjectNode leaves = axle.putObject("leaves");
            for (LeafSpring leaf : linkage.leaves()) {
                leaf(leaves.putObject(leaf.name()), leaf);
            }
        }
        linkage.steering().ifPresent(steering -> steering(axle.putObject("steering"), linkage, steering));
    }

    private static void mount(ObjectNode node, Mount mount) {
        node.put("body", mount.body().id());
        placement(node, mount.placement());
        if (!mount.canMove()) {
            node.put("can_move", false);
        }
        if (!mount.holes().isEmpty()) {
            ObjectNode holes = node.putObject("holes");
            for (Hole hole : mount.holes()) {
                placement(holes.putObject(hole.name()), hole.placement());
            }
        }
    }

    private static void placement(ObjectNode node, Placement placement) {
        placement.visit(
                at -> point(node, at.point()),
                taped -> taped(node, taped),
                mirror -> node.put("mirror_of", mirror.mount()));
    }

    private static void point(ObjectNode node, Vector3D point) {
        length(node, "x_mm", point.getX());
        length(node, "y_mm", point.getY());
        length(node, "z_mm", point.getZ());
    }

    private static void taped(ObjectNode node, Placement.Taped taped) {
        if (taped.ahead() < 0) {
            length(node, "behind_mm", -taped.ahead());
        } else {
            length(node, "ahead_mm", taped.ahead());
        }
        node.put("side", taped.side().id());
        length(node, "out_mm", taped.out());
        length(node, "up_mm", taped.up());
    }

    private static void link(ObjectNode node, Link link) {
        node.put("role", link.role().id());
        node.put("from", link.from());
        node.put("to", link.to());
        link.length().ifPresent(length -> length(node, "length_mm", length));
        link.rate().ifPresent(rate -> rate(node, RATE, rate));
    }

    private static void joint(ObjectNode node, Joint joint) {
        joint.visit(
                ball -> ball(node, ball),
                hinge -> line(
                        node, "hinge", hinge.from(), hinge.to(), hinge.body().id()),
                guide -> line(
                        node, "guide", guide.from(), guide.to(), guide.body().id()),
                strut -> strut(node, strut),
                clamp -> clamp(node, clamp));
    }

    private static void ball(ObjectNode node, Joint.Ball ball) {
        node.put("kind", "ball");
        node.put("mount", ball.mount());
        node.put("body", ball.body().id());
        ball.rate().ifPresent(rate -> rate(node, RATE, rate));
    }

    private static void strut(ObjectNode node, Joint.Strut strut) {
        node.put("kind", "strut");
        node.put("top", strut.top());
        node.put("foot", strut.foot());
    }

    private static void clamp(ObjectNode node, Joint.Clamp clamp) {
        node.put("kind", "clamp");
        node.put("front", clamp.front());
        node.put("rear", clamp.rear());
        node.put("body", clamp.body().id());
        clamp.rate().ifPresent(rate -> rate(node, RATE, rate));
    }

    private static void line(ObjectNode node, String kind, String from, String to, String body) {
        node.put("kind", kind);
        node.put("from", from);
        node.put("to", to);
        node.put("body", body);
    }

    private static void leaf(ObjectNode node, LeafSpring leaf) {
        node.put("fixed_eye", leaf.fixedEye());
        node.put("seat", leaf.seat());
        node.put("shackle_eye", leaf.shackleEye());
        node.put("shackle_pivot", leaf.shacklePivot());
        length(node, "clamp_mm", leaf.clamp());
        rate(node, RATE, leaf.rate());
        rate(node, "side_" + RATE, leaf.sideRate());
    }

    private static void steering(ObjectNode node, Linkage linkage, Steering steering) {
        node.put("joint", steering.joint());
        boolean turns = linkage.joint(steering.joint()).orElse(null) instanceof Joint.Hinge;
        if (turns) {
            angle(node, "lock_deg", steering.lock());
        } else {
            length(node, "lock_mm", steering.lock());
        }
    }

    private static void rate(ObjectNode node, String key, double rate) {
        number(node, key, Quantity.RATE.toFile(rate));
    }
}
