package org.palanca.io.json;

import static org.palanca.io.json.VehicleWriter.angle;
import static org.palanca.io.json.VehicleWriter.length;
import static org.palanca.io.json.VehicleWriter.number;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;

/** Writes things with shapes, and how much room must stay between them. Coordinates lie flat in one array. */
final class PartWriter {
    private PartWriter() {}

    static void write(ObjectNode node, Part part) {
        node.put("name", part.name());
        node.put("body", part.body().id());
        node.put("class", part.kind().id());
        if (!part.joined().isEmpty()) {
            ArrayNode joined = node.putArray("joined");
            part.joined().forEach(joined::add);
        }
        part.canMove().ifPresent(can -> node.put("can_move", can));
        if (part.moment() != Part.Moment.RIDE) {
            node.put("moment", part.moment().id());
        }
        part.form()
                .visit(
                        box -> BuildWriter.box(node, box.box()),
                        tube -> tube(node, tube),
                        drawn -> outline(node, drawn),
                        mesh -> mesh(node, mesh),
                        points -> points(node, points));
    }

    private static void tube(ObjectNode node, Part.TubeForm tube) {
        places(node.putArray("tube_mm"), tube.points());
        length(node, "radius_mm", tube.radius());
        tube.bend().ifPresent(bend -> length(node, "bend_mm", bend));
    }

    private static void outline(ObjectNode node, Part.OutlineForm drawn) {
        node.put("along", drawn.along().id());
        ArrayNode flat = node.putArray("outline_mm");
        drawn.outline().forEach(corner -> {
            number(flat, Quantity.LENGTH.toFile(corner.first()));
            number(flat, Quantity.LENGTH.toFile(corner.second()));
        });
        length(node, "from_mm", drawn.from());
        length(node, "to_mm", drawn.to());
    }

    private static void mesh(ObjectNode node, Part.MeshForm mesh) {
        places(node.putArray("vertices_mm"), mesh.vertices());
        ArrayNode flat = node.putArray("triangles");
        mesh.triangles()
                .forEach(triangle -> flat.add(triangle.a()).add(triangle.b()).add(triangle.c()));
        length(node, "off_mm", mesh.off());
    }

    private static void points(ObjectNode node, Part.PointsForm points) {
        places(node.putArray("points_mm"), points.points());
        length(node, "radius_mm", points.radius());
    }

    private static void places(ArrayNode flat, List<Vector3D> places) {
        for (Vector3D place : places) {
            for (double metres : place.toArray()) {
                number(flat, Quantity.LENGTH.toFile(metres));
            }
        }
    }

    static void rules(ObjectNode node, ClearanceRules rules) {
        length(node, "worst_mm", rules.worst());
        length(node, "fixed_mm", rules.fixed());
        length(node, "moving_mm", rules.moving());
        length(node, "tyre_mm", rules.tyre());
        length(node, "driveline_mm", rules.driveline());
        length(node, "paint_mm", rules.paint());
        length(node, "bushing_mm", rules.bushing());
        angle(node, "joint_deg", rules.joint());
        if (!rules.joints().isEmpty()) {
            ObjectNode joints = node.putObject("joints_deg");
            rules.joints().forEach((link, limit) -> angle(joints, link, limit));
        }
    }
}
