package org.palanca.vehicle.housing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;

/** One description of a housing for whoever draws it, keeps clear of it, or runs a shaft to it. */
class HousingBodyTest {
    private static final Map<HousingSize, Double> SIZES = Map.of(
            HousingSize.TUBE_DIAMETER, inches(3.5),
            HousingSize.DIFFERENTIAL_DIAMETER, inches(11),
            HousingSize.DIFFERENTIAL_HEIGHT, inches(0.5),
            HousingSize.PINION_OFFSET, inches(3),
            HousingSize.HALF_LEFT, inches(24),
            HousingSize.HALF_RIGHT, inches(30),
            HousingSize.BRAKE_DIAMETER, inches(12),
            HousingSize.BRAKE_WIDTH, inches(2.5));

    private static Vehicle described(Part... parts) {
        Vehicle tarn = Examples.tarn();
        Housing housing = Housing.empty();
        for (Map.Entry<HousingSize, Double> size : SIZES.entrySet()) {
            housing = housing.with(size.getKey(), OptionalDouble.of(size.getValue()));
        }
        Surroundings around = Surroundings.NONE
                .withParts(List.of(parts))
                .withDriveline(Driveline.usual(tarn.axle(AxlePlace.REAR).orElseThrow(), tarn.wheelbase())
                        .withOffset(inches(3))
                        .withDrop(inches(1)));
        return tarn.withBuild(Build.NONE.with(AxlePlace.REAR, around).with(AxlePlace.REAR, housing));
    }

    /** By hand: with the pinion 3 in to the left, 24 in from there to the left end and 30 to the right, they are 27 in out each. */
    @Test
    void itIsWhereItsSizesSay() {
        Vehicle vehicle = described();
        HousingBody body = HousingBody.of(vehicle, vehicle.axle(AxlePlace.REAR).orElseThrow());
        assertThat(body.end(Side.LEFT)).isCloseTo(inches(27), within(1e-9));
        assertThat(body.end(Side.RIGHT)).isCloseTo(inches(27), within(1e-9));
        assertThat(body.tube()).isEqualTo(new HousingBody.Round(inches(1.75), false));
        assertThat(body.middle()).isEqualTo(new Vector3D(0, inches(3), inches(0.5)));
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        Driveline line =
                vehicle.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        Vector3D centre = new Vector3D(
                model.motion().centreX(),
                model.motion().centreY(),
                model.motion().centreZ());
        assertThat(Vector3D.distance(
                        centre.add(body.pinionJoint().orElseThrow()),
                        ShaftRun.at(model, line).pinion()))
                .isCloseTo(0, within(1e-12));
        HousingBody ordinary = HousingBody.of(
                Examples.tarn(), Examples.tarn().axle(AxlePlace.FRONT).orElseThrow());
        assertThat(ordinary.tube().assumed()).isTrue();
        assertThat(ordinary.brake()).isEmpty();
    }

    /** By hand: a ball of 1 in whose middle is 8 in over the axle's line and beside the brake, and one over the differential. */
    @Test
    void whatIsDescribedIsKeptClearOfAndDrawn() {
        Vehicle bare = described();
        double up = bare.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
        double line = bare.axle(AxlePlace.REAR).orElseThrow().lineX(bare.wheelbase());
        Part overBrake = ball("over the brake", new Vector3D(line, inches(28), up + inches(8)));
        Part overMiddle = ball("over the middle", new Vector3D(line, inches(3), up + inches(8)));
        Clearances clearances = new Clearances(new AxleModel(described(overBrake, overMiddle), AxlePlace.REAR));
        assertThat(room(clearances, "over the brake", "brake left")).isCloseTo(inches(1), within(inches(0.26)));
        assertThat(room(clearances, "over the middle", "differential")).isCloseTo(inches(1), within(inches(0.26)));
        AxleModel model = new AxleModel(bare, AxlePlace.REAR);
        List<Shape> drawn = AxleDrawing.axle(model, Elevation.SIDE);
        List<Shape.Circle> circles = drawn.stream()
                .filter(Shape.Circle.class::isInstance)
                .map(Shape.Circle.class::cast)
                .filter(circle -> circle.role() == Shape.Role.HOUSING)
                .toList();
        assertThat(circles).extracting(Shape.Circle::radius).containsExactlyInAnyOrder(inches(1.75), inches(5.5));
        double across = Elevation.SIDE.across(new Vector3D(line, 0, up));
        assertThat(drawn)
                .as("a brake 12 in across")
                .anyMatch(shape -> shape instanceof Shape.Path path
                        && path.role() == Shape.Role.HOUSING
                        && path.points().stream()
                                .allMatch(point ->
                                        Math.abs(Math.hypot(point.across() - across, point.up() - up) - inches(6))
                                                < 1e-9));
    }

    private static Part ball(String name, Vector3D at) {
        return new Part(name, BodyName.FRAME, Part.Kind.FIXED, new Part.PointsForm(List.of(at), inches(1)));
    }

    /** Less what bushings give and paint takes, which is under a quarter of an inch. */
    private static double room(Clearances clearances, String part, String housing) {
        for (int i = 0; i < clearances.pairs().size(); i++) {
            CollisionBody one =
                    clearances.things().get(clearances.pairs().get(i).one());
            CollisionBody other =
                    clearances.things().get(clearances.pairs().get(i).other());
            List<String> both = List.of(one.subject(), other.subject());
            if (both.contains(part) && both.contains(housing)) {
                return clearances.gap(i);
            }
        }
        throw new AssertionError(part + " and " + housing + " are not compared");
    }
}
