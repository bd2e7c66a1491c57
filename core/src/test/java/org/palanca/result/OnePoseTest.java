package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Examples;
import org.palanca.Starts;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.mechanism.solve.ClosureDiagnosis;
import org.palanca.mechanism.solve.Solution;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/** A pose is what it is however it was reached, and what is said of one that does not close is so. */
class OnePoseTest {
    private static final double TEST_RIGID = 1e-9;
    private static final double TEST_BOUND = 1e-6;

    static Stream<Arguments> layouts() {
        return Stream.of(SuspensionType.values())
                .flatMap(type -> Stream.of(StarterSteering.values())
                        .filter(steering -> steering.suits(type))
                        .map(steering -> Arguments.of(type, steering)));
    }

    /** A start with every mount moved by up to so much [m]; empty where that can't be. */
    static Optional<Vehicle> shifted(SuspensionType type, StarterSteering steering, Random random, double by) {
        Vehicle vehicle =
                Starts.front(Use.TRAIL, 2.3 + random.nextDouble(), 0.62 + 0.45 * random.nextDouble(), type, steering);
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        List<Mount> mounts = new ArrayList<>();
        for (Mount mount : axle.mounts()) {
            mounts.add(
                    mount.placement() instanceof Placement.Taped at
                            ? mount.withPlacement(new Placement.Taped(
                                    at.ahead() + by * (2 * random.nextDouble() - 1),
                                    at.side(),
                                    Math.abs(at.out() + by * (2 * random.nextDouble() - 1)),
                                    at.up() + by * (2 * random.nextDouble() - 1)))
                            : mount);
        }
        Vehicle moved = vehicle.withAxle(axle.withMounts(mounts));
        return VehicleCheck.hasErrors(VehicleCheck.findings(moved)) ? Optional.empty() : Optional.of(moved);
    }

    private static double[] where(AxleModel model) {
        double[] at = new double[6];
        for (int i = 0; i < 3; i++) {
            at[i] = model.motion().wheel(1).centre(i);
            at[3 + i] = model.motion().wheel(-1).centre(i);
        }
        return at;
    }

    /** Asked directly from ride, led in small steps, steered first, and come from the other end: one answer. */
    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("layouts")
    void isTheSameByEveryWay(SuspensionType type, StarterSteering steering) {
        Random random = new Random(type.ordinal() * 131L + steering.ordinal());
        for (int k = 0; k < 3; k++) {
            Optional<Vehicle> vehicle = shifted(type, steering, random, 0.02);
            if (vehicle.isEmpty()) {
                continue;
            }
            AxleModel model = new AxleModel(vehicle.get(), AxlePlace.FRONT);
            Axle axle = model.axle();
            boolean gives = model.mechanism().members().stream().anyMatch(CompliantMember.class::isInstance);
            for (int p = 0; p < 6; p++) {
                double left = -axle.travel().droop()
                        + random.nextDouble()
                                * (axle.travel().droop() + axle.travel().bump());
                double right = -axle.travel().droop()
                        + random.nextDouble()
                                * (axle.travel().droop() + axle.travel().bump());
                double steer = axle.steering().isPresent() ? 2 * random.nextDouble() - 1 : 0;
                model.toRide();
                boolean closes = model.moveTo(left, right, steer);
                double[] direct = where(model);
                model.toRide();
                for (int i = 1; i < 10; i++) {
                    model.moveTo(left * i / 10, right * i / 10, steer * i / 10);
                }
                same(model, left, right, steer, closes, direct, gives, type + " in steps");
                model.toRide();
                model.moveTo(0, 0, 0.7 * steer);
                model.moveTo(0.8 * left, 0, 0.7 * steer);
                same(model, left, right, steer, closes, direct, gives, type + " steered first");
                model.toRide();
                model.moveTo(-0.8 * left, -0.8 * right, -steer);
                same(model, left, right, steer, closes, direct, gives, type + " from the other end");
            }
        }
    }

    private static void same(
            AxleModel model,
            double left,
            double right,
            double steer,
            boolean closes,
            double[] direct,
            boolean gives,
            String what) {
        assertThat(model.moveTo(left, right, steer)).as(what).isEqualTo(closes);
        if (closes) {
            double[] here = where(model);
            for (int i = 0; i < here.length; i++) {
                assertThat(here[i]).as(what).isCloseTo(direct[i], within(gives ? TEST_BOUND : TEST_RIGID));
            }
        }
    }

    /** A bar that is named as too short or too long, made longer or shorter by what is said, reaches the pose. */
    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("layouts")
    void whatIsNamedChangedByWhatIsSaidCloses(SuspensionType type, StarterSteering steering) {
        Random random = new Random(type.ordinal() * 17L + steering.ordinal());
        for (int k = 0; k < 4; k++) {
            Optional<Vehicle> vehicle = shifted(type, steering, random, 0.03);
            if (vehicle.isEmpty()) {
                continue;
            }
            AxleModel model = new AxleModel(vehicle.get(), AxlePlace.FRONT);
            double steer = model.axle().steering().isPresent() ? 1.3 : 0;
            for (double travel : new double[] {0.2, 0.35, 0.5}) {
                model.toRide();
                WheelTravel pose = new WheelTravel(travel, k % 2 == 0 ? travel : -travel / 2, steer);
                if (model.moveTo(pose)) {
                    continue;
                }
                ClosureDiagnosis diagnosis = ((Solution.Open) model.solution()).diagnosis();
                String why = Examples.WORDS.text(model.whyOpen().orElseThrow());
                assertThat(why)
                        .doesNotContain(" 0 in", "guide is too", "guide too")
                        .as(type + " " + steering);
                for (ClosureDiagnosis.Gap gap : diagnosis.gaps()) {
                    Optional<Link> link = model.axle().link(gap.name());
                    if (link.isPresent()) {
                        assertThat(closesWith(vehicle.get(), link.get(), gap.amount(), pose))
                                .as(why)
                                .isTrue();
                    }
                }
            }
        }
    }

    private static boolean closesWith(Vehicle vehicle, Link link, double longer, WheelTravel pose) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        double apart = org.hipparchus.geometry.euclidean.threed.Vector3D.distance(
                axle.position(link.from(), vehicle.wheelbase()), axle.position(link.to(), vehicle.wheelbase()));
        Axle changed = axle.withLink(link.withLength(OptionalDouble.of(apart + longer)));
        return new AxleModel(vehicle.withAxle(changed), AxlePlace.FRONT).moveTo(pose);
    }

    /** A lock that is out of reach is told as such, by the amount that is missing. */
    @Test
    void aLockOutOfReachIsTold() {
        Vehicle vehicle = Starts.front(Use.STREET, 2.6, 0.66, SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK);
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        double steer = 1;
        while (model.moveTo(WheelTravel.RIDE.withSteer(steer))) {
            steer += 0.05;
        }
        String why = Examples.WORDS.text(model.whyOpen().orElseThrow());
        assertThat(why).containsAnyOf("the steering stops", "tie rod").doesNotContain("guide");
    }

    /** Radius arms forced far round: the pose is only on paper, and it is said. */
    @Test
    void moreThanABushingGivesIsSaid() {
        Vehicle vehicle = new StarterVehicle(
                        "arms",
                        Use.TRAIL,
                        2.6,
                        0.9,
                        Optional.of(StarterLayout.of(SuspensionType.LADDER_BARS)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build();
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        assertThat(model.whyUnsound()).isEmpty();
        double twist = 0.1;
        while (model.moveTo(twist, -twist)
                && model.outcome(model.result("bushing_push")).number() < 0.03) {
            twist += 0.02;
        }
        assertThat(model.closed()).isTrue();
        assertThat(Examples.WORDS.text(model.whyUnsound().orElseThrow())).contains("No bushing gives that much");
    }

    /** Asked for its places alone an axle has no rates, and none of a pose before may pass for one; asked again it has them. */
    @ParameterizedTest
    @MethodSource("layouts")
    void placesWithoutMotionsAreThoseOfThePose(SuspensionType type, StarterSteering steering) {
        Vehicle vehicle = Starts.front(Use.TRAIL, 2.7, 0.84, type, steering);
        WheelTravel pose = new WheelTravel(0.03, -0.02, steering == StarterSteering.NONE ? 0 : 0.4);
        AxleModel whole = new AxleModel(vehicle, AxlePlace.FRONT);
        AxleModel placed = new AxleModel(vehicle, AxlePlace.FRONT);
        assertThat(whole.moveTo(pose)).isTrue();
        assertThat(placed.placeAt(pose)).isTrue();
        double tolerance = whole.strains().isEmpty() ? TEST_RIGID : TEST_BOUND;
        for (int mount = 0; mount < whole.axle().mounts().size(); mount++) {
            for (int component = 0; component < 3; component++) {
                assertThat(placed.motion().mount(mount, component))
                        .isCloseTo(whole.motion().mount(mount, component), within(tolerance));
                assertThat(placed.motion().mountHeave(mount, component))
                        .satisfiesAnyOf(
                                rate -> assertThat(rate).isNaN(),
                                rate -> assertThat(rate).isZero());
            }
        }
        assertThat(placed.motion().heaveExists()).isFalse();
        assertThat(placed.motion().heave().yaw()).isNaN();
        assertThat(placed.moveTo(pose)).isTrue();
        assertThat(placed.motion().heave().yaw())
                .isCloseTo(whole.motion().heave().yaw(), within(1e-6));
        assertThat(placed.motion().heaveExists()).isEqualTo(whole.motion().heaveExists());
    }
}
