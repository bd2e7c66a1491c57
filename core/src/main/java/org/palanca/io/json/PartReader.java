package org.palanca.io.json;

import static org.palanca.io.json.VehicleReader.length;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.survey.Axis;

/** Reads things with shapes, and how much room must stay between them. The schema has been held against it. */
final class PartReader {
    private PartReader() {}

    static Part part(JsonNode node) {
        TreeSet<String> joined = new TreeSet<>();
        node.path("joined").forEach(name -> joined.add(name.asText()));
        return new Part(
                node.path("name").asText(),
                BodyName.of(node.path("body").asText()),
                VehicleReader.constant(Part.Kind.class, node.path("class")),
                form(node),
                joined,
                node.has("can_move") ? Optional.of(node.path("can_move").asBoolean()) : Optional.empty(),
                node.has("moment") ? VehicleReader.constant(Part.Moment.class, node.path("moment")) : Part.Moment.RIDE);
    }

    private static Part.Form form(JsonNode node) {
        if (VehicleReader.hasAll(node, "along", "outline_mm", "from_mm", "to_mm")) {
            return new Part.OutlineForm(
                    VehicleReader.constant(Axis.class, node.path("along")),
                    corners(node.path("outline_mm")),
                    length(node, "from_mm"),
                    length(node, "to_mm"));
        }
        if (VehicleReader.hasAll(node, "tube_mm", "radius_mm")) {
            return new Part.TubeForm(
                    places(node.path("tube_mm")),
                    length(node, "radius_mm"),
                    node.has("bend_mm") ? OptionalDouble.of(length(node, "bend_mm")) : OptionalDouble.empty());
        }
        if (VehicleReader.hasAll(node, "vertices_mm", "triangles", "off_mm")) {
            return new Part.MeshForm(
                    places(node.path("vertices_mm")), triangles(node.path("triangles")), length(node, "off_mm"));
        }
        if (VehicleReader.hasAll(node, "points_mm", "radius_mm")) {
            return new Part.PointsForm(places(node.path("points_mm")), length(node, "radius_mm"));
        }
        return new Part.BoxForm(BuildReader.box(node));
    }

    private static List<Part.OutlineForm.Corner> corners(JsonNode flat) {
        List<Part.OutlineForm.Corner> corners = new ArrayList<>();
        for (int i = 0; i + 1 < flat.size(); i += 2) {
            corners.add(new Part.OutlineForm.Corner(metres(flat, i), metres(flat, i + 1)));
        }
        return corners;
    }

    private static List<Vector3D> places(JsonNode flat) {
        List<Vector3D> places = new ArrayList<>();
        for (int i = 0; i + 2 < flat.size(); i += 3) {
            places.add(new Vector3D(metres(flat, i), metres(flat, i + 1), metres(flat, i + 2)));
        }
        return places;
    }

    private static List<Part.MeshForm.Triangle> triangles(JsonNode flat) {
        List<Part.MeshForm.Triangle> triangles = new ArrayList<>();
        for (int i = 0; i + 2 < flat.size(); i += 3) {
            triangles.add(new Part.MeshForm.Triangle(
                    flat.get(i).asInt(),
                    flat.get(i + 1).asInt(),
                    flat.get(i + 2).asInt()));
        }
        return triangles;
    }

    private static double metres(JsonNode flat, int at) {
        return Quantity.LENGTH.fromFile(flat.get(at).asDouble());
    }

    static ClearanceRules rules(JsonNode node) {
        TreeMap<String, Double> joints = new TreeMap<>();
        node.path("joints_deg")
                .properties()
                .forEach(entry -> joints.put(
                        entry.getKey(), Quantity.ANGLE.fromFile(entry.getValue().asDouble())));
        return new ClearanceRules(
                length(node, "worst_mm"),
                length(node, "fixed_mm"),
                length(node, "moving_mm"),
                length(node, "tyre_mm"),
                length(node, "driveline_mm"),
                length(node, "paint_mm"),
                length(node, "bushing_mm"),
                VehicleReader.angle(node, "joint_deg"),
                joints);
    }
}
