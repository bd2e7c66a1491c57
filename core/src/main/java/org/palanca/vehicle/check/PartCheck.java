package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import org.palanca.base.words.Message;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.survey.Box;

/** Looks over things with shapes: outlines that cross themselves, bends too tight, skins with holes. */
public final class PartCheck {
    private PartCheck() {}

    /**
     * What keeps a part from being used, in words; empty when it is sound.
     *
     * @param bodies names of the bodies there are
     */
    public static Optional<Message> fault(Part part, List<BodyName> bodies) {
        if (!part.onFrame() && !bodies.contains(part.body())) {
            return Optional.of(Message.of("check.part_body", part.name(), bodyWord(part.body())));
        }
        return part.form()
                .match(
                        box -> wrong(insideOut(box.box()), "check.box_inside_out", part),
                        tube -> wrong(tube.radius() <= 0, "check.tube_radius", part),
                        drawn -> drawn.to() > drawn.from() ? crossing(part.name(), drawn) : flat(part.name()),
                        mesh -> wrong(missesVertex(mesh), "check.mesh_vertex", part),
                        points -> Optional.empty());
    }

    private static Optional<Message> wrong(boolean is, String key, Part part) {
        return is ? Optional.of(Message.of(key, part.name())) : Optional.empty();
    }

    private static boolean missesVertex(Part.MeshForm mesh) {
        int most = mesh.vertices().size();
        return mesh.triangles().stream().anyMatch(t -> Math.max(t.a(), Math.max(t.b(), t.c())) >= most);
    }

    /** What is doubtful about a part that can be used all the same; empty when nothing is. */
    public static Optional<Message> doubt(Part part) {
        if (part.form() instanceof Part.TubeForm tube && tube.bend().isPresent()) {
            return bend(part.name(), tube);
        }
        if (part.form() instanceof Part.MeshForm mesh) {
            List<Vector3D> open = openEdges(mesh);
            return open.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Message.of(
                            "check.mesh_holes",
                            part.name(),
                            Integer.toString(open.size()),
                            Message.length(open.get(0).getX()),
                            Message.length(open.get(0).getY()),
                            Message.length(open.get(0).getZ())));
        }
        return Optional.empty();
    }

    private static Message bodyWord(BodyName body) {
        return Message.of("body." + body);
    }

    private static boolean insideOut(Box box) {
        return box.rear() > box.front() || box.right() > box.left() || box.bottom() > box.top();
    }

    private static Optional<Message> flat(String name) {
        return Optional.of(Message.of("check.outline_flat", name));
    }

    private static Optional<Message> crossing(String name, Part.OutlineForm drawn) {
        List<Coordinate> ring = new ArrayList<>();
        drawn.outline().forEach(corner -> ring.add(new Coordinate(corner.first(), corner.second())));
        ring.add(ring.get(0).copy());
        LinearRing line = new GeometryFactory().createLinearRing(ring.toArray(Coordinate[]::new));
        TopologyValidationError error = new IsValidOp(new GeometryFactory().createPolygon(line)).getValidationError();
        if (error == null) {
            return Optional.empty();
        }
        return Optional.of(Message.of(
                "check.outline_crosses",
                name,
                Message.length(error.getCoordinate().getX()),
                Message.length(error.getCoordinate().getY())));
    }

    /**
     * A corner turned by an angle with a radius takes r tan(angle / 2) of the straight on either side; two corners share the
     * straight between them.
     */
    private static Optional<Message> bend(String name, Part.TubeForm tube) {
        double radius = tube.bend().orElseThrow();
        List<Vector3D> points = tube.points();
        double before = 0;
        for (int i = 1; i + 1 < points.size(); i++) {
            Vector3D in = points.get(i).subtract(points.get(i - 1));
            Vector3D out = points.get(i + 1).subtract(points.get(i));
            double angle = Vector3D.angle(in, out);
            double takes = radius * Math.tan(angle / 2);
            boolean last = i + 2 == points.size();
            if (before + takes > in.getNorm() + 1e-9 || last && takes > out.getNorm() + 1e-9) {
                return Optional.of(Message.of(
                        "check.bend_tight",
                        name,
                        Integer.toString(i + 1),
                        Message.angle(angle),
                        Message.length(radius),
                        Message.length(before + takes),
                        Message.length(last ? Math.min(in.getNorm(), out.getNorm()) : in.getNorm())));
            }
            before = takes;
        }
        return Optional.empty();
    }

    /** Middles of the edges that only one triangle has: where a skin does not close. Corners at one place count as one. */
    public static List<Vector3D> openEdges(Part.MeshForm mesh) {
        Map<Vector3D, Integer> places = new HashMap<>();
        int[] same = new int[mesh.vertices().size()];
        for (int i = 0; i < same.length; i++) {
            same[i] = places.computeIfAbsent(mesh.vertices().get(i), any -> places.size());
        }
        Map<Long, Integer> seen = new HashMap<>();
        Map<Long, Vector3D> middles = new HashMap<>();
        for (Part.MeshForm.Triangle t : mesh.triangles()) {
            int[] corner = {t.a(), t.b(), t.c()};
            for (int k = 0; k < 3; k++) {
                int from = corner[k];
                int to = corner[(k + 1) % 3];
                long low = Math.min(same[from], same[to]);
                long edge = low << 32 | Math.max(same[from], same[to]);
                seen.merge(edge, 1, Integer::sum);
                middles.put(
                        edge,
                        mesh.vertices().get(from).add(mesh.vertices().get(to)).scalarMultiply(0.5));
            }
        }
        return seen.entrySet().stream()
                .filter(entry -> entry.getValue() == 1)
                .map(entry -> middles.get(entry.getKey()))
                .toList();
    }
}
