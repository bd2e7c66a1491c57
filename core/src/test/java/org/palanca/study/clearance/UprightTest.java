package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.UprightBody;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/** Uprights, knuckles and the brakes on them as bodies; rooms worked by hand, or by a general library's line. */
class UprightTest {
    private static final double BALL = inches(0.25);

    private static Vehicle start(SuspensionType type, StarterSteering steering) {
        return new StarterVehicle(
                        "start",
                        Use.STREET,
                        2.7,
                        0.66,
                        Optional.of(new StarterLayout(type, steering)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build();
    }

    private static Vehicle with(Vehicle vehicle, Upright upright) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        return vehicle.withAxle(axle.withWheels(axle.wheels().withUpright(upright)));
    }

    /** With a little ball on the frame. */
    private static Vehicle ball(Vehicle vehicle, Vector3D at) {
        Part ball = new Part("ball", BodyName.FRAME, Part.Kind.FIXED, new Part.PointsForm(List.of(at), BALL));
        return vehicle.withBuild(vehicle.build().with(AxlePlace.FRONT, Surroundings.NONE.withParts(List.of(ball))));
    }

    private static double room(Vehicle vehicle, String thing, WheelTravel pose) {
        Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.FRONT));
        assertThat(clearances.moveTo(pose)).isTrue();
        for (int k = 0; k < clearances.pairs().size(); k++) {
            Clearances.Pair pair = clearances.pairs().get(k);
            Set<String> both = Set.of(
                    clearances.things().get(pair.one()).id().toString(),
                    clearances.things().get(pair.other()).id().toString());
            if (both.equals(Set.of("part:ball", thing))) {
                return clearances.gap(k);
            }
        }
        throw new AssertionError("the ball is not compared with " + thing);
    }

    /**
     * By hand: without a rim the wheel's face is 1/2 in outside the middle of the tyre, so a hub 12 in wide ends 11 1/2 in
     * inside it. A ball 1/2 in across whose middle is 14 in inside the tyre's, on the wheel's axis, has 14 - 11 1/2 - 1/4 in of
     * room.
     */
    @Test
    void theHubReachesAsFarInwardAsIsTyped() {
        Vehicle start = with(
                start(SuspensionType.DOUBLE_WISHBONE, StarterSteering.NONE),
                new Upright(inches(0.25), inches(4), inches(12), 0, 0));
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        Vector3D centre = axle.wheelCentre(start.wheelbase(), Side.LEFT);
        Vehicle near = ball(start, centre.subtract(new Vector3D(0, inches(14), 0)));
        assertThat(room(near, "arm:upright left", WheelTravel.RIDE)).isCloseTo(inches(2.25), within(1e-9));

        // A measured rim says where the face is: 8 in wide, 5 1/2 in of backspacing, so 1 in outside the middle.
        Axle rimmed = near.axle(AxlePlace.FRONT).orElseThrow();
        Rim rim = new Rim(inches(15), inches(8), inches(5.5));
        Vehicle out = near.withAxle(rimmed.withWheels(rimmed.wheels().withRim(rim)));
        assertThat(room(out, "arm:upright left", WheelTravel.RIDE)).isCloseTo(inches(2.75), within(1e-9));
    }

    /** An arm runs straight from the hub to each mount: the room to its middle line by a general library's line. */
    @Test
    void anArmGoesToEachMount() {
        Vehicle start = with(
                start(SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK),
                new Upright(inches(1.5), inches(2), inches(2), 0, 0));
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        Vector3D centre = axle.wheelCentre(start.wheelbase(), Side.LEFT);
        UprightBody body = UprightBody.of(axle, start.wheelbase(), Side.LEFT).orElseThrow();
        assertThat(body.arms())
                .extracting(UprightBody.Arm::mount)
                .contains("tie rod outer left", "upper ball left", "lower ball left");
        UprightBody.Arm arm = body.arms().stream()
                .filter(one -> one.mount().equals("tie rod outer left"))
                .findFirst()
                .orElseThrow();
        Vector3D from = centre.add(new Vector3D(0, arm.out(), 0));
        Vector3D to = axle.position(arm.mount(), start.wheelbase());
        Vector3D beside = from.add(to.subtract(from).scalarMultiply(0.6)).add(new Vector3D(inches(1), 0, inches(-3)));
        double expected = new Line(from, to, 1e-10).distance(beside) - inches(0.75) - BALL;
        assertThat(room(ball(start, beside), "arm:upright left", WheelTravel.RIDE))
                .isCloseTo(expected, within(1e-9));
    }

    /**
     * The brakes of a steered live axle turn with the knuckles. By hand at ride: 10 in across, 2 in wide from the housing's end
     * outward; a ball 7 in ahead of the axle's line at the disc's mid-width has 7 - 5 - 1/4 in. Steered, it has another room,
     * while it has the same against the brake of an axle whose wheels do not turn.
     */
    @Test
    void theBrakesOfASteeredAxleTurnWithItsWheels() {
        Housing housing = Housing.empty()
                .with(HousingSize.ENDS, OptionalDouble.of(inches(40)))
                .with(HousingSize.PINION_OFFSET, OptionalDouble.of(0))
                .with(HousingSize.END_OFFSET, OptionalDouble.of(0))
                .with(HousingSize.BRAKE_DIAMETER, OptionalDouble.of(inches(10)))
                .with(HousingSize.BRAKE_WIDTH, OptionalDouble.of(inches(2)));
        Vehicle start = start(SuspensionType.FIVE_LINK, StarterSteering.HIGH_STEER);
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        Vector3D ahead = new Vector3D(inches(7), inches(21), axle.tyre().loadedRadius());
        Vehicle braked = ball(start, ahead);
        braked = braked.withBuild(braked.build().with(AxlePlace.FRONT, housing));
        assertThat(room(braked, "housing:brake left", WheelTravel.RIDE)).isCloseTo(inches(1.75), within(1e-9));
        assertThat(room(braked, "housing:brake left", WheelTravel.RIDE.withSteer(1)))
                .isNotCloseTo(inches(1.75), within(inches(0.25)));

        // Described with the knuckles it is there once, and no longer the housing's.
        Vehicle own = with(braked, new Upright(inches(1), inches(4), inches(3), inches(12), inches(2)));
        assertThat(CollisionBodies.of(new AxleModel(own, AxlePlace.FRONT)).stream()
                        .filter(thing -> thing.id().toString().equals("housing:brake left")))
                .hasSize(1);
    }

    @Test
    void sizesThatCannotBeAreRefusedWithTheLimit() {
        Vehicle start = start(SuspensionType.DOUBLE_WISHBONE, StarterSteering.NONE);
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        Vehicle rimmed =
                start.withAxle(axle.withWheels(axle.wheels().withRim(new Rim(inches(15), inches(8), inches(5)))));
        assertThat(said(with(rimmed, new Upright(0, inches(4), inches(3), 0, 0))))
                .containsExactly("Thickness of the uprights: it must be more than 0.");
        assertThat(said(with(rimmed, new Upright(inches(1), inches(4), inches(3), inches(15.5), inches(2)))))
                .containsExactly(
                        "The brake is 15 1/2 in across and the rim 15 in where the beads sit, less deep down in its "
                                + "well: it does not go in. Measure the brake with its calliper, or use a larger rim.");
        assertThat(said(with(rimmed, new Upright(inches(1), inches(4), inches(3), inches(13.5), inches(2)))))
                .containsExactly(
                        "The brake is 13 1/2 in across in a rim of 15 in, whose well is about 1 in deeper all round "
                                + "(common practice, no source): it may not go in. Try the wheel on.");
        assertThat(said(with(rimmed, new Upright(inches(1), inches(4), inches(3), inches(12), 0))))
                .containsExactly(
                        "Of the brake only one size is known. Type its diameter and its width; with one of them 0 "
                                + "it is not looked at.");
        assertThat(said(with(rimmed, new Upright(inches(1), inches(4), inches(3), inches(12), inches(2)))))
                .isEmpty();
    }

    private static List<String> said(Vehicle vehicle) {
        return VehicleCheck.findings(vehicle).stream()
                .map(finding -> Examples.WORDS.text(finding.message()))
                .toList();
    }
}
