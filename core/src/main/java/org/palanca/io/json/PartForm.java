package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.work.ServiceMoment;

/** Things with shapes, and how much room must stay between them. Coordinates lie flat in one list. */
final class PartForm {
    private static final Form<List<Part.OutlineForm.Corner>> CORNERS = Form.of(
            PartForm::corners,
            corners -> Form.numbers(corners, corner -> new double[] {corner.first(), corner.second()}));

    private static final Form<List<Part.MeshForm.Triangle>> TRIANGLES = Form.of(PartForm::triangles, PartForm::flat);

    private PartForm() {}

    static Part part(Fields<Part> fields) {
        String name = fields.text("name", Part::name);
        BodyName body = fields.value("body", Form.BODY, Part::body);
        Part.Kind kind = fields.constant("class", Part.Kind.class, Part::kind);
        Set<String> joined = fields.value("joined", Form.sorted(Form.TEXT), Set.of(), Part::joined);
        Optional<Boolean> canMove = fields.optional("can_move", Form.FLAG, Part::canMove);
        ServiceMoment moment = fields.constant("moment", ServiceMoment.RIDE, Part::moment);
        return new Part(name, body, kind, fields.inline(PartForm::form, Part::form), joined, canMove, moment);
    }

    private static Part.Form form(Fields<Part.Form> fields) {
        return fields.oneOf(
                PartForm::kind,
                (form, kinds) -> form.visit(
                        box -> kinds.as(PartForm::box, box),
                        tube -> kinds.as(PartForm::tube, tube),
                        drawn -> kinds.as(PartForm::outline, drawn),
                        mesh -> kinds.as(PartForm::mesh, mesh),
                        points -> kinds.as(PartForm::points, points)));
    }

    private static Part.Form kind(JsonNode node, Fields.Taking<Part.Form> kinds) {
        if (VehicleForm.hasAll(node, "along", "outline_mm", "from_mm", "to_mm")) {
            return kinds.as(PartForm::outline);
        }
        if (VehicleForm.hasAll(node, "tube_mm", "radius_mm")) {
            return kinds.as(PartForm::tube);
        }
        if (VehicleForm.hasAll(node, "vertices_mm", "triangles", "off_mm")) {
            return kinds.as(PartForm::mesh);
        }
        return VehicleForm.hasAll(node, "points_mm", "radius_mm")
                ? kinds.as(PartForm::points)
                : kinds.as(PartForm::box);
    }

    private static Part.BoxForm box(Fields<Part.BoxForm> fields) {
        return new Part.BoxForm(fields.inline(SurveyForm::box, Part.BoxForm::box));
    }

    private static Part.TubeForm tube(Fields<Part.TubeForm> fields) {
        return new Part.TubeForm(
                fields.value("tube_mm", Form.PLACES, Part.TubeForm::points),
                fields.length("radius_mm", Part.TubeForm::radius),
                fields.optional("bend_mm", Quantity.LENGTH, Part.TubeForm::bend));
    }

    private static Part.OutlineForm outline(Fields<Part.OutlineForm> fields) {
        return new Part.OutlineForm(
                fields.constant("along", Axis.class, Part.OutlineForm::along),
                fields.value("outline_mm", CORNERS, Part.OutlineForm::outline),
                fields.length("from_mm", Part.OutlineForm::from),
                fields.length("to_mm", Part.OutlineForm::to));
    }

    private static Part.MeshForm mesh(Fields<Part.MeshForm> fields) {
        return new Part.MeshForm(
                fields.value("vertices_mm", Form.PLACES, Part.MeshForm::vertices),
                fields.value("triangles", TRIANGLES, Part.MeshForm::triangles),
                fields.length("off_mm", Part.MeshForm::off));
    }

    private static Part.PointsForm points(Fields<Part.PointsForm> fields) {
        return new Part.PointsForm(
                fields.value("points_mm", Form.PLACES, Part.PointsForm::points),
                fields.length("radius_mm", Part.PointsForm::radius));
    }

    private static List<Part.OutlineForm.Corner> corners(JsonNode flat) {
        List<Part.OutlineForm.Corner> corners = new ArrayList<>();
        for (int i = 0; i + 1 < flat.size(); i += 2) {
            corners.add(new Part.OutlineForm.Corner(metres(flat, i), metres(flat, i + 1)));
        }
        return corners;
    }

    private static double metres(JsonNode flat, int at) {
        return Quantity.LENGTH.fromFile(flat.get(at).asDouble());
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

    private static ArrayNode flat(List<Part.MeshForm.Triangle> triangles) {
        ArrayNode flat = JsonNodeFactory.instance.arrayNode();
        triangles.forEach(triangle -> flat.add(triangle.a()).add(triangle.b()).add(triangle.c()));
        return flat;
    }

    static ClearanceRules rules(Fields<ClearanceRules> fields) {
        return new ClearanceRules(
                fields.length("worst_mm", ClearanceRules::worst),
                fields.length("fixed_mm", ClearanceRules::fixed),
                fields.length("moving_mm", ClearanceRules::moving),
                fields.length("tyre_mm", ClearanceRules::tyre),
                fields.length("driveline_mm", ClearanceRules::driveline),
                fields.length("paint_mm", ClearanceRules::paint),
                fields.length("bushing_mm", ClearanceRules::bushing),
                fields.angle("joint_deg", ClearanceRules::joint),
                fields.value("joints_deg", Form.byName(Form.ANGLE), new TreeMap<>(), ClearanceRules::joints));
    }
}
