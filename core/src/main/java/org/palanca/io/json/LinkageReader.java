package org.palanca.io.json;

import static org.palanca.io.json.VehicleReader.angle;
import static org.palanca.io.json.VehicleReader.constant;
import static org.palanca.io.json.VehicleReader.length;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

/** Reads what holds an axle: mounts, links, joints, leaf springs and steering. The schema has been held against it. */
final class LinkageReader {
    private LinkageReader() {}

    static Linkage linkage(JsonNode axle) {
        List<Mount> mounts = new ArrayList<>();
        axle.path("mounts").properties().forEach(entry -> mounts.add(mount(entry.getKey(), entry.getValue())));
        List<Link> links = new ArrayList<>();
        axle.path("links").properties().forEach(entry -> links.add(link(entry.getKey(), entry.getValue())));
        List<Joint> joints = new ArrayList<>();
        axle.path("joints").properties().forEach(entry -> joints.add(joint(entry.getKey(), entry.getValue())));
        List<LeafSpring> leaves = new ArrayList<>();
        axle.path("leaves").properties().forEach(entry -> leaves.add(leaf(entry.getKey(), entry.getValue())));
        return new Linkage(
                axle.has("type") ? constant(SuspensionType.class, axle.path("type")) : typeOfVersion1(links),
                mounts,
                links,
                joints,
                leaves,
                axle.has("steering") ? Optional.of(steering(axle.path("steering"))) : Optional.empty());
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

    private static Mount mount(String name, JsonNode node) {
        List<Hole> holes = new ArrayList<>();
        node.path("holes")
                .properties()
                .forEach(entry -> holes.add(new Hole(entry.getKey(), placement(entry.getValue()))));
        return new Mount(
                name,
                BodyName.of(node.path("body").asText()),
                placement(node),
                holes,
                node.path("can_move").asBoolean(true));
    }

    private static Placement placement(JsonNode node) {
        if (node.has("mirror_of")) {
            return new Placement.MirrorOf(node.path("mirror_of").asText());
        }
        if (VehicleReader.hasAll(node, "x_mm", "y_mm", "z_mm")) {
            return new Placement.At(new Vector3D(length(node, "x_mm"), length(node, "y_mm"), length(node, "z_mm")));
        }
        double ahead = node.has("ahead_mm") ? length(node, "ahead_mm") : -length(node, "behind_mm");
        return new Placement.Taped(
                ahead, constant(Side.class, node.path("side")), length(node, "out_mm"), length(node, "up_mm"));
    }

    private static Link link(String name, JsonNode node) {
        return new Link(
                name,
                constant(LinkRole.class, node.path("role")),
                node.path("from").asText(),
                node.path("to").asText(),
                node.has("length_mm") ? OptionalDouble.of(length(node, "length_mm")) : OptionalDouble.empty(),
                rate(node));
    }

    private static Joint joint(String name, JsonNode node) {
        return switch (node.path("kind").asText()) {
            case "ball" ->
                new Joint.Ball(
                        name,
                        node.path("mount").asText(),
                        BodyName.of(node.path("body").asText()),
                        rate(node));
            case "hinge" ->
                new Joint.Hinge(
                        name,
                        node.path("from").asText(),
                        node.path("to").asText(),
                        BodyName.of(node.path("body").asText()));
            case "guide" ->
                new Joint.Guide(
                        name,
                        node.path("from").asText(),
                        node.path("to").asText(),
                        BodyName.of(node.path("body").asText()));
            case "clamp" ->
                new Joint.Clamp(
                        name,
                        node.path("front").asText(),
                        node.path("rear").asText(),
                        BodyName.of(node.path("body").asText()),
                        rate(node));
            default ->
                new Joint.Strut(
                        name, node.path("top").asText(), node.path("foot").asText());
        };
    }

    private static LeafSpring leaf(String name, JsonNode node) {
        return new LeafSpring(
                name,
                node.path("fixed_eye").asText(),
                node.path("seat").asText(),
                node.path("shackle_eye").asText(),
                node.path("shackle_pivot").asText(),
                length(node, "clamp_mm"),
                Quantity.RATE.fromFile(node.path("rate_n_per_mm").asDouble()),
                Quantity.RATE.fromFile(node.path("side_rate_n_per_mm").asDouble()));
    }

    private static Steering steering(JsonNode node) {
        double lock = node.has("lock_mm") ? length(node, "lock_mm") : angle(node, "lock_deg");
        return new Steering(node.path("joint").asText(), lock);
    }

    private static OptionalDouble rate(JsonNode node) {
        String key = "rate_n_per_mm";
        return node.has(key)
                ? OptionalDouble.of(Quantity.RATE.fromFile(node.path(key).asDouble()))
                : OptionalDouble.empty();
    }
}
