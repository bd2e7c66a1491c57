package org.palanca.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Plane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

class TurnedDrawingTest {
    private static final double TINY = 1e-4;

    /** Seen from the left, from behind and from above it is the three elevations. */
    @Test
    void theElevationsAreThreeOfItsViews() {
        Vector3D place = new Vector3D(-2.3, 0.4, 0.7);
        same(new Axonometry(Math.PI / 2, 0), Elevation.SIDE, place);
        same(new Axonometry(Math.PI, 0), Elevation.REAR, place);
        same(new Axonometry(Math.PI / 2, Math.PI / 2), Elevation.TOP, place);
    }

    private static void same(Axonometry view, Elevation elevation, Vector3D place) {
        assertThat(view.across(place)).as("%s", elevation).isCloseTo(elevation.across(place), within(1e-12));
        assertThat(view.up(place)).as("%s", elevation).isCloseTo(elevation.up(place), within(1e-12));
        assertThat(view.faced()).isEqualTo(elevation);
    }

    /** What is dragged stays under the pointer, whichever plane it moves in. */
    @Drawn(500)
    void whatIsMovedInTheFacedPlaneMovesWithThePointer(Draw draw) {
        Axonometry view = view(draw);
        double across = draw.between(-1.0, 1.0);
        double up = draw.between(-1.0, 1.0);
        Shape.Point by = view.inFaced(across, up);
        Vector3D moved = view.faced().place(by.across(), by.up(), Vector3D.ZERO);
        assertThat(view.across(moved)).isCloseTo(across, within(1e-9));
        assertThat(view.up(moved)).isCloseTo(up, within(1e-9));
    }

    /** An arrow moves along one direction of the plane faced, to the side it points to; the other arrows along the other. */
    @Drawn(500)
    void anArrowLeadsToTheSideItPointsTo(Draw draw) {
        Axonometry view = view(draw);
        Shape.Point right = view.along(0.1, 0);
        Shape.Point up = view.along(0, 0.1);
        assertThat(Math.abs(right.across() * up.across()) + Math.abs(right.up() * up.up()))
                .isZero();
        assertThat(Math.abs(right.across()) + Math.abs(right.up())).isCloseTo(0.1, within(1e-12));
        assertThat(view.across(view.faced().place(right.across(), right.up(), Vector3D.ZERO)))
                .isPositive();
        assertThat(view.up(view.faced().place(up.across(), up.up(), Vector3D.ZERO)))
                .isGreaterThanOrEqualTo(0);
    }

    private static Axonometry view(Draw draw) {
        return new Axonometry(draw.between(-Math.PI, Math.PI), draw.between(-1.4, 1.4));
    }

    /** Short strokes among triangles, held against the ray to the eye and Hipparchus's planes. */
    @Drawn(200)
    void whatIsHiddenIsWhatTheRayToTheEyeMeets(Draw draw) {
        Axonometry view = view(draw);
        List<TurnedDrawing.Face> faces = List.of(face(draw), face(draw), face(draw));
        Vector3D at = place(draw);
        Optional<Boolean> met = met(at, view, faces);
        if (met.isEmpty()) {
            // Too near to an edge, or to a face, to be told apart by a field of cells.
            return;
        }
        Vector3D beside = at.add(TINY, view.right());
        TurnedDrawing.Line line = new TurnedDrawing.Line(Shape.Role.LINK, List.of(at, beside), Optional.empty());
        List<HiddenLines.Seen> seen = HiddenLines.of(List.of(line), faces, view, 0.004);
        assertThat(seen).hasSize(1);
        assertThat(seen.get(0).hidden()).isEqualTo(met.get());
    }

    /** Whether the ray from a place to the eye meets a face; empty where it passes near an edge, or the place is near a face. */
    private static Optional<Boolean> met(Vector3D at, Axonometry view, List<TurnedDrawing.Face> faces) {
        Line ray = new Line(at, at.add(view.towards()), 1e-10);
        boolean any = false;
        for (TurnedDrawing.Face face : faces) {
            Plane plane = new Plane(face.a(), face.b(), face.c(), 1e-10);
            Vector3D where = plane.intersection(ray);
            double steep = Math.abs(plane.getNormal().dotProduct(view.towards()));
            if (where == null || steep < 0.2) {
                return Optional.empty();
            }
            double inside = inside(where, face);
            double before = where.subtract(at).dotProduct(view.towards());
            if (Math.abs(inside) < 0.1 || inside > 0 && Math.abs(before) < 0.1) {
                return Optional.empty();
            }
            any |= inside > 0 && before > 0;
        }
        return Optional.of(any);
    }

    /** The least barycentric coordinate: positive inside. */
    private static double inside(Vector3D at, TurnedDrawing.Face face) {
        Vector3D normal =
                Vector3D.crossProduct(face.b().subtract(face.a()), face.c().subtract(face.a()));
        double whole = normal.getNormSq();
        double a = Vector3D.crossProduct(face.c().subtract(face.b()), at.subtract(face.b()))
                .dotProduct(normal);
        double b = Vector3D.crossProduct(face.a().subtract(face.c()), at.subtract(face.c()))
                .dotProduct(normal);
        double c = Vector3D.crossProduct(face.b().subtract(face.a()), at.subtract(face.a()))
                .dotProduct(normal);
        return Math.min(a, Math.min(b, c)) / whole;
    }

    private static TurnedDrawing.Face face(Draw draw) {
        return new TurnedDrawing.Face(place(draw), place(draw), place(draw));
    }

    private static Vector3D place(Draw draw) {
        return new Vector3D(draw.between(-1.0, 1.0), draw.between(-1.0, 1.0), draw.between(-1.0, 1.0));
    }

    /** Cut where it goes behind something, a stroke is as long as before; from the left one rim of four is seen. */
    @Test
    void nothingIsLostWhereAStrokeIsCut() {
        Vehicle tarn = Examples.tarn();
        Axonometry view = new Axonometry(Math.PI / 2, 0);
        TurnedDrawing drawing = TurnedDrawing.of(tarn, List.of(new AxleModel(tarn, AxlePlace.REAR)), view);
        List<HiddenLines.Seen> seen = HiddenLines.of(drawing, view, 0.01);
        double whole = drawing.lines().stream()
                .map(line -> new Shape.Path(
                        line.role(),
                        line.places().stream()
                                .map(at -> new Shape.Point(view.across(at), view.up(at)))
                                .toList(),
                        false))
                .mapToDouble(TurnedDrawingTest::length)
                .sum();
        assertThat(seen.stream().mapToDouble(one -> length(one.path())).sum()).isCloseTo(whole, within(1e-6));
        // The four rims: that of the near tyre's outer face is seen, the others stand behind tyres.
        double rim =
                2 * Math.PI * tarn.axle(AxlePlace.REAR).orElseThrow().tyre().diameter() / 4;
        assertThat(rims(seen, false, rim)).isCloseTo(rim, within(0.02 * rim));
        assertThat(rims(seen, true, rim)).isCloseTo(3 * rim, within(0.06 * rim));
    }

    private static double rims(List<HiddenLines.Seen> seen, boolean hidden, double rim) {
        return seen.stream()
                .filter(one -> one.hidden() == hidden && one.path().role() == Shape.Role.TYRE)
                .map(HiddenLines.Seen::path)
                .filter(path -> length(path) > 0.9 * rim && length(path) < 1.1 * rim)
                .mapToDouble(TurnedDrawingTest::length)
                .sum();
    }

    private static double length(Shape.Path path) {
        double length = 0;
        for (int i = 1; i < path.points().size(); i++) {
            Shape.Point a = path.points().get(i - 1);
            Shape.Point b = path.points().get(i);
            length += Math.hypot(b.across() - a.across(), b.up() - a.up());
        }
        return length;
    }
}
