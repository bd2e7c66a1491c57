package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.check.PartCheck;
import org.palanca.vehicle.survey.Box;

/** Makes solids of described shapes. */
public final class PartSolid {
    /**
     * The solids of outlines, skins and scans that are still in use, by the form itself and not by what it holds. A skin takes
     * longer to make than all the rest of the things, and a move of something else is tried with it again and again.
     */
    private static final WeakIdentityMap<Part.Form, Made> MADE = new WeakIdentityMap<>();

    /** A solid with the origin that it was made for. */
    private record Made(Vector3D origin, Solid solid) {}

    private PartSolid() {}

    /**
     * A shape as a solid.
     *
     * @param origin where the frame of what carries it begins [m], in the frame that the shape is stated in
     */
    public static Solid of(Part.Form form, Vector3D origin) {
        if (form instanceof Part.BoxForm || form instanceof Part.TubeForm) {
            return made(form, origin);
        }
        Made found = MADE.get(form).filter(made -> made.origin().equals(origin)).orElseGet(() -> {
            Made made = new Made(origin, made(form, origin));
            MADE.put(form, made);
            return made;
        });
        return found.solid();
    }

    private static Solid made(Part.Form form, Vector3D origin) {
        return form.moved(origin.negate())
                .match(
                        box -> Solid.of(List.of(box(box.box()))),
                        tube -> Solid.of(tube(tube)),
                        drawn -> Solid.of(prisms(drawn)),
                        PartSolid::mesh,
                        points -> Solid.of(points.points().stream()
                                .map(point -> Convex.ball(point, points.radius()))
                                .toList()));
    }

    private static Convex box(Box box) {
        return Convex.box(
                new Vector3D(box.rear(), box.right(), box.bottom()), new Vector3D(box.front(), box.left(), box.top()));
    }

    private static List<Convex> tube(Part.TubeForm tube) {
        if (tube.points().size() == 1) {
            return List.of(Convex.ball(tube.points().get(0), tube.radius()));
        }
        List<Convex> pieces = new ArrayList<>();
        for (int i = 1; i < tube.points().size(); i++) {
            pieces.add(Convex.capsule(tube.points().get(i - 1), tube.points().get(i), tube.radius()));
        }
        return pieces;
    }

    /** Outlines need not be convex: they are cut into triangles, each drawn out to a prism. */
    private static List<Convex> prisms(Part.OutlineForm drawn) {
        List<Coordinate> ring = new ArrayList<>();
        drawn.outline().forEach(corner -> ring.add(new Coordinate(corner.first(), corner.second())));
        ring.add(ring.get(0).copy());
        Polygon polygon = new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
        Geometry triangles = ConstrainedDelaunayTriangulator.triangulate(polygon);
        List<Convex> pieces = new ArrayList<>();
        for (int i = 0; i < triangles.getNumGeometries(); i++) {
            Coordinate[] corners = triangles.getGeometryN(i).getCoordinates();
            List<Vector3D> prism = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                prism.add(place(drawn, corners[k], drawn.from()));
                prism.add(place(drawn, corners[k], drawn.to()));
            }
            pieces.add(Convex.hull(prism, 0));
        }
        return pieces;
    }

    private static Vector3D place(Part.OutlineForm drawn, Coordinate corner, double along) {
        return switch (drawn.along()) {
            case AHEAD -> new Vector3D(along, corner.getX(), corner.getY());
            case LEFT -> new Vector3D(corner.getX(), along, corner.getY());
            case UP -> new Vector3D(corner.getX(), corner.getY(), along);
        };
    }

    /** Only of a skin that closes can be told what is inside it. */
    private static Solid mesh(Part.MeshForm mesh) {
        List<Vector3D[]> triangles = mesh.triangles().stream()
                .map(t -> new Vector3D[] {
                    mesh.vertices().get(t.a()),
                    mesh.vertices().get(t.b()),
                    mesh.vertices().get(t.c())
                })
                .toList();
        return PartCheck.openEdges(mesh).isEmpty()
                ? Solid.closedMesh(triangles, mesh.off())
                : Solid.openMesh(triangles, mesh.off());
    }
}
