package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.palanca.base.solid.BodyFrame;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.survey.Box;

/** How a described part looks from one side at a pose: its outline in that view. */
public final class PartShape {
    private static final int ROUND = 12;

    private PartShape() {}

    /** Places whose outline, seen from anywhere, is the part's: each list is one convex piece [m], vehicle frame. */
    public static List<List<Vector3D>> pieces(AxleModel model, Part part) {
        int body = model.bodyIndex(part.body()).orElse(-1);
        BodyFrame place = new BodyFrame();
        Vector3D origin = model.originAtRide(body);
        if (body >= 0) {
            model.locate(body, place);
        }
        List<List<Vector3D>> pieces = new ArrayList<>();
        for (List<Vector3D> piece : pieces(part.form())) {
            pieces.add(piece.stream()
                    .map(point -> place.at(point.subtract(origin)))
                    .toList());
        }
        return pieces;
    }

    private static List<List<Vector3D>> pieces(Part.Form form) {
        return form.match(
                box -> List.of(corners(box.box())),
                PartShape::tube,
                drawn -> List.of(drawn.places()),
                mesh -> List.of(mesh.vertices()),
                points -> List.of(points.points()));
    }

    private static List<Vector3D> corners(Box box) {
        List<Vector3D> corners = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            corners.add(new Vector3D(
                    (i & 1) == 0 ? box.rear() : box.front(),
                    (i & 2) == 0 ? box.right() : box.left(),
                    (i & 4) == 0 ? box.bottom() : box.top()));
        }
        return corners;
    }

    private static List<List<Vector3D>> tube(Part.TubeForm tube) {
        List<List<Vector3D>> pieces = new ArrayList<>();
        for (int i = 0; i < Math.max(1, tube.points().size() - 1); i++) {
            List<Vector3D> piece = new ArrayList<>();
            ball(tube.points().get(i), tube.radius(), piece);
            ball(tube.points().get(Math.min(i + 1, tube.points().size() - 1)), tube.radius(), piece);
            pieces.add(piece);
        }
        return pieces;
    }

    /** Three rings: enough for its outline from the side, from above and from behind. */
    private static void ball(Vector3D centre, double radius, List<Vector3D> into) {
        for (int i = 0; i < ROUND; i++) {
            double c = radius * Math.cos(2 * Math.PI * i / ROUND);
            double s = radius * Math.sin(2 * Math.PI * i / ROUND);
            into.add(centre.add(new Vector3D(c, s, 0)));
            into.add(centre.add(new Vector3D(c, 0, s)));
            into.add(centre.add(new Vector3D(0, c, s)));
        }
    }

    /** Corners of the convex outline of points in a plane, in order; empty where they lie on a line. */
    public static List<double[]> outline(List<double[]> points) {
        Coordinate[] all =
                points.stream().map(point -> new Coordinate(point[0], point[1])).toArray(Coordinate[]::new);
        Geometry hull = new GeometryFactory().createMultiPointFromCoords(all).convexHull();
        List<double[]> corners = new ArrayList<>();
        Coordinate[] ring = hull.getCoordinates();
        for (int i = 0; i + 1 < ring.length; i++) {
            corners.add(new double[] {ring[i].getX(), ring[i].getY()});
        }
        return corners;
    }
}
