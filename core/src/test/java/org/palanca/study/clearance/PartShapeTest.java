package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.palanca.Sprung;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** Outlines of described parts: as large as they are from each side, and moving with what carries them. */
class PartShapeTest {
    private static AxleModel model(Part part) {
        Vehicle level = Sprung.level();
        return new AxleModel(
                level.withBuild(Build.NONE.with(AxlePlace.REAR, Surroundings.NONE.withParts(List.of(part)))),
                AxlePlace.REAR);
    }

    private static Part on(BodyName body, Part.Form form) {
        return new Part("part", body, Part.Kind.FIXED, form);
    }

    /** Area of everything drawn of the part from one side [m2]; pieces that lie over one another count once. */
    private static double area(AxleModel model, Elevation elevation) {
        GeometryFactory plane = new GeometryFactory();
        return AxleDrawing.parts(model, elevation).stream()
                .map(Shape.Path.class::cast)
                .map(path -> {
                    Coordinate[] ring = new Coordinate[path.points().size() + 1];
                    for (int i = 0; i < ring.length; i++) {
                        Shape.Point at = path.points().get(i % path.points().size());
                        ring[i] = new Coordinate(at.across(), at.up());
                    }
                    return (Geometry) plane.createPolygon(ring);
                })
                .reduce(plane.createPolygon(), Geometry::union)
                .getArea();
    }

    @Test
    void aBoxHasItsThreeFaces() {
        AxleModel model = model(on(BodyName.FRAME, new Part.BoxForm(new Box(-2, -1.7, 0.1, 0.3, 0.5, 0.9))));
        assertThat(area(model, Elevation.SIDE)).isCloseTo(0.3 * 0.4, within(1e-9));
        assertThat(area(model, Elevation.TOP)).isCloseTo(0.3 * 0.2, within(1e-9));
        assertThat(area(model, Elevation.REAR)).isCloseTo(0.2 * 0.4, within(1e-9));
    }

    /** Length times thickness and a round end on either side; the rings are twelve-sided, 4.5 % less than round. */
    @Test
    void aTubeIsAsLongAsItsPointsAndAsThickAsItIs() {
        Part.Form tube = new Part.TubeForm(
                List.of(new Vector3D(-2, 0.2, 0.5), new Vector3D(-1.5, 0.2, 0.5), new Vector3D(-1.5, 0.2, 0.9)),
                0.02,
                OptionalDouble.empty());
        double ends = Math.PI * 0.02 * 0.02;
        assertThat(area(model(on(BodyName.FRAME, tube)), Elevation.SIDE))
                .isCloseTo((0.5 + 0.4) * 0.04 + ends, within(6e-4));
        Part.Form ball = new Part.TubeForm(List.of(new Vector3D(-2, 0.2, 0.5)), 0.1, OptionalDouble.empty());
        assertThat(area(model(on(BodyName.FRAME, ball)), Elevation.REAR)).isCloseTo(Math.PI * 0.01, within(0.0016));
    }

    /** A triangle of 60 by 40 drawn out by 10 shows its face along its axis and its edges from elsewhere. */
    @ParameterizedTest
    @EnumSource(Axis.class)
    void anOutlineShowsItsFaceAlongItsAxis(Axis along) {
        Part.Form form = new Part.OutlineForm(
                along,
                List.of(
                        new Part.OutlineForm.Corner(0.3, 0.3),
                        new Part.OutlineForm.Corner(0.9, 0.3),
                        new Part.OutlineForm.Corner(0.3, 0.7)),
                0.1,
                0.2);
        Elevation face = switch (along) {
            case AHEAD -> Elevation.REAR;
            case LEFT -> Elevation.SIDE;
            case UP -> Elevation.TOP;
        };
        AxleModel model = model(on(BodyName.FRAME, form));
        for (Elevation elevation : Elevation.values()) {
            double area = area(model, elevation);
            if (elevation == face) {
                assertThat(area).isCloseTo(0.6 * 0.4 / 2, within(1e-9));
            } else {
                assertThat(Math.min(Math.abs(area - 0.1 * 0.6), Math.abs(area - 0.1 * 0.4)))
                        .isLessThan(1e-9);
            }
        }
    }

    /** What is on the axle rises with it; what is on the frame stays. */
    @Test
    void aPartMovesWithItsBody() {
        Part.Form mesh = new Part.MeshForm(
                List.of(new Vector3D(-2.7, 0, 0.5), new Vector3D(-2.6, 0, 0.5), new Vector3D(-2.6, 0, 0.6)),
                List.of(new Part.MeshForm.Triangle(0, 1, 2)),
                0);
        for (BodyName body : List.of(BodyName.AXLE, BodyName.FRAME)) {
            AxleModel model = model(on(body, mesh));
            double before = lowest(model);
            assertThat(model.moveTo(0.1, 0.1)).isTrue();
            assertThat(lowest(model) - before).isCloseTo(body == BodyName.AXLE ? 0.1 : 0, within(0.002));
            assertThat(area(model, Elevation.SIDE)).isCloseTo(0.005, within(1e-6));
        }
        Part.Form scan = new Part.PointsForm(
                List.of(new Vector3D(-2, 0, 0.5), new Vector3D(-2, 0.2, 0.5), new Vector3D(-2, 0, 0.7)), 0.01);
        assertThat(area(model(on(BodyName.FRAME, scan)), Elevation.REAR)).isCloseTo(0.02, within(1e-9));
    }

    private static double lowest(AxleModel model) {
        return AxleDrawing.parts(model, Elevation.SIDE).stream()
                .map(Shape.Path.class::cast)
                .flatMap(path -> path.points().stream())
                .mapToDouble(Shape.Point::up)
                .min()
                .orElseThrow();
    }

    /** A form's solid is made once for where it is carried, and anew for a form that was moved: by just as much. */
    @Test
    void aFormIsMadeSolidOnceAndAMovedOneWhereItIs() {
        List<Part.Form> forms = List.of(
                new Part.BoxForm(new Box(-3.1, -3.0, -0.1, 0.1, 0.6, 0.7)),
                new Part.TubeForm(
                        List.of(new Vector3D(-3, 0, 0.5), new Vector3D(-3, 0.4, 0.5), new Vector3D(-2.8, 0.4, 0.6)),
                        0.02,
                        OptionalDouble.empty()),
                new Part.MeshForm(
                        List.of(
                                new Vector3D(-3, 0, 0.5),
                                new Vector3D(-2.9, 0, 0.5),
                                new Vector3D(-3, 0.1, 0.5),
                                new Vector3D(-3, 0, 0.6)),
                        List.of(
                                new Part.MeshForm.Triangle(0, 2, 1),
                                new Part.MeshForm.Triangle(0, 1, 3),
                                new Part.MeshForm.Triangle(0, 3, 2),
                                new Part.MeshForm.Triangle(1, 2, 3)),
                        0),
                new Part.PointsForm(List.of(new Vector3D(-3, 0.2, 0.7), new Vector3D(-3, 0.3, 0.7)), 0.01));
        Vector3D axle = new Vector3D(-2.7, 0, 0.4);
        Vector3D by = new Vector3D(0.03, -0.02, 0.05);
        for (Part.Form form : forms) {
            Solid made = PartSolid.of(form, Vector3D.ZERO);
            if (form instanceof Part.MeshForm || form instanceof Part.PointsForm) {
                assertThat(PartSolid.of(form, Vector3D.ZERO)).as("%s", form).isSameAs(made);
            }
            double gap = gapToBall(made, Vector3D.ZERO);
            assertThat(gap).isPositive();
            Solid carried = PartSolid.of(form, axle);
            assertThat(gapToBall(carried, axle.negate())).as("carried %s", form).isCloseTo(gap, within(1e-9));
            assertThat(gapToBall(PartSolid.of(form, Vector3D.ZERO), Vector3D.ZERO))
                    .as("and back again")
                    .isEqualTo(gap);
            assertThat(gapToBall(PartSolid.of(form.moved(by), Vector3D.ZERO), by))
                    .as("moved %s", form)
                    .isCloseTo(gap, within(1e-9));
        }
    }

    private static double gapToBall(Solid solid, Vector3D ballMoved) {
        Vector3D above = new Vector3D(-3, 0.1, 1.2);
        Solid ball = Solid.of(List.of(Convex.ball(above.add(ballMoved), 0.01)));
        return new Gap().between(solid, new BodyFrame(), ball, new BodyFrame());
    }
}
