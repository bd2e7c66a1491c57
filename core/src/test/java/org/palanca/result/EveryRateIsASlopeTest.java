package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Sprung;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/**
 * Every rate is the slope of the curve of the quantity that is shown, whatever the wheels' lean: of every type with every
 * steering, cambered, toed, steered and rolled, against central differences of the shown quantity itself.
 */
class EveryRateIsASlopeTest {
    private static final double TEST_STEP = 1e-4;
    private static final double TEST_SAME = 1e-6;

    static Stream<Arguments> layouts() {
        return Stream.of(SuspensionType.values())
                .flatMap(type -> Stream.of(StarterSteering.values())
                        .filter(steering -> steering.suits(type))
                        .map(steering -> Arguments.of(type, steering)));
    }

    private static Vehicle leaning(SuspensionType type, StarterSteering steering, AxlePlace place, Random random) {
        StarterLayout layout = new StarterLayout(type, steering);
        StarterLayout plain = StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS);
        Vehicle vehicle = new StarterVehicle(
                        "slopes",
                        Use.STREET,
                        2.6,
                        0.75,
                        Optional.of(place == AxlePlace.FRONT ? layout : plain),
                        place == AxlePlace.FRONT ? plain : layout)
                .build();
        Axle axle = vehicle.axle(place).orElseThrow();
        double camber = Math.toRadians(-4 + 8 * random.nextDouble());
        double toe = Math.toRadians(-1 + 2 * random.nextDouble());
        return vehicle.withAxle(axle.withWheels(axle.wheels().standing(camber, toe)));
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("layouts")
    void ofTheWheelsAndTheAxle(SuspensionType type, StarterSteering steering) {
        Random random = new Random(type.ordinal() * 31L + steering.ordinal());
        for (AxlePlace place : AxlePlace.values()) {
            Vehicle vehicle = leaning(type, steering, place, random);
            AxleModel model = new AxleModel(vehicle, place);
            Axle axle = model.axle();
            boolean steers = axle.steering().isPresent();
            WheelTravel[] poses = {
                WheelTravel.RIDE,
                new WheelTravel(0.9 * axle.travel().bump(), 0.9 * axle.travel().bump(), steers ? 0.4 : 0),
                new WheelTravel(0.7 * axle.travel().bump(), -0.8 * axle.travel().droop(), steers ? -0.6 : 0),
                new WheelTravel(
                        -0.9 * axle.travel().droop(), 0.2 * axle.travel().bump(), steers ? 0.7 : 0)
            };
            for (WheelTravel pose : poses) {
                slopes(model, pose, type + " " + steering + " " + place + " at " + pose);
            }
        }
    }

    private static void slopes(AxleModel model, WheelTravel pose, String what) {
        double lock = Math.abs(model.lock());
        for (Side side : Side.values()) {
            if (has(model, "bump_steer." + side.id())) {
                slope(model, pose, "bump_steer." + side.id(), 1, 1, 0, m -> shown(m, "toe." + side.id()), 1, what);
            }
        }
        if (has(model, "rack_rate") || has(model, "pitman_ratio")) {
            String rate = has(model, "rack_rate") ? "rack_rate" : "pitman_ratio";
            slope(
                    model,
                    pose,
                    rate,
                    0,
                    0,
                    1 / lock,
                    m -> (shown(m, "steer_angle.left") + shown(m, "steer_angle.right")) / 2,
                    1,
                    what);
        }
        double sense = model.axle().place() == AxlePlace.REAR ? -100 : 100;
        if (model.axle().independent()) {
            ofRoll(model, pose, "roll_steer", EveryRateIsASlopeTest::wheels, EveryRateIsASlopeTest::line, sense, what);
        } else {
            ofRoll(model, pose, "roll_steer", m -> shown(m, "axle_steer"), EveryRateIsASlopeTest::tilt, sense, what);
            if (has(model, "held_roll_steer")) {
                ofRoll(
                        model,
                        pose,
                        "held_roll_steer",
                        EveryRateIsASlopeTest::wheels,
                        EveryRateIsASlopeTest::line,
                        sense,
                        what);
            }
        }
        for (Side side : Side.values()) {
            // The slope of a path is the slope of two curves over one another.
            double forward = difference(
                    model, pose, 1, 1, 0, m -> m.motion().wheel(side.sign()).centre(0));
            double up = difference(
                    model, pose, 1, 1, 0, m -> m.motion().wheel(side.sign()).centre(2));
            assertThat(at(model, pose, "wheel_path." + side.id()))
                    .as(what + " wheel path " + side)
                    .isCloseTo(Math.atan(-forward / up), within(TEST_SAME));
        }
    }

    private static double wheels(AxleModel model) {
        return (model.motion().wheel(1).steerAngle() + model.motion().wheel(-1).steerAngle()) / 2;
    }

    private static double line(AxleModel model) {
        WheelMotion left = model.motion().wheel(1);
        WheelMotion right = model.motion().wheel(-1);
        return Math.atan((left.centre(2) - right.centre(2)) / (left.centre(1) - right.centre(1)));
    }

    private static double tilt(AxleModel model) {
        return Math.asin(model.motion().turned(2, 0, 1, 0));
    }

    private static void ofRoll(
            AxleModel model,
            WheelTravel pose,
            String id,
            ToDoubleFunction<AxleModel> turn,
            ToDoubleFunction<AxleModel> roll,
            double sense,
            String what) {
        double turns = difference(model, pose, 1, -1, 0, turn);
        double rolls = difference(model, pose, 1, -1, 0, roll);
        assertThat(at(model, pose, id) / 100)
                .as(what + " " + id)
                .isCloseTo(sense / 100 * turns / rolls, within(TEST_SAME));
    }

    private static void slope(
            AxleModel model,
            WheelTravel pose,
            String id,
            double left,
            double right,
            double steer,
            ToDoubleFunction<AxleModel> curve,
            double times,
            String what) {
        double expected = times * difference(model, pose, left, right, steer, curve);
        assertThat(at(model, pose, id)).as(what + " " + id).isCloseTo(expected, within(TEST_SAME));
    }

    /** Richardson's extrapolation of two central differences. */
    private static double difference(
            AxleModel model,
            WheelTravel pose,
            double left,
            double right,
            double steer,
            ToDoubleFunction<AxleModel> curve) {
        double wide = central(model, pose, left, right, steer, curve, 2 * TEST_STEP);
        double near = central(model, pose, left, right, steer, curve, TEST_STEP);
        return (4 * near - wide) / 3;
    }

    private static double central(
            AxleModel model,
            WheelTravel pose,
            double left,
            double right,
            double steer,
            ToDoubleFunction<AxleModel> curve,
            double by) {
        double[] value = new double[2];
        for (int k = 0; k < 2; k++) {
            double part = k == 0 ? by : -by;
            assertThat(model.moveTo(new WheelTravel(
                            pose.left() + part * left, pose.right() + part * right, pose.steer() + part * steer)))
                    .isTrue();
            value[k] = curve.applyAsDouble(model);
        }
        return (value[0] - value[1]) / (2 * by);
    }

    private static double at(AxleModel model, WheelTravel pose, String id) {
        assertThat(model.moveTo(pose)).isTrue();
        return shown(model, id);
    }

    private static boolean has(AxleModel model, String id) {
        return model.results().stream().anyMatch(result -> result.id().equals(id));
    }

    private static double shown(AxleModel model, String id) {
        return model.outcome(model.result(id)).number();
    }

    /** Motion ratios in bump, in roll and of one wheel alone are slopes of the shock's length, rockers between included. */
    @Test
    void ofShocks() {
        Vehicle vehicle = Sprung.rockers();
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        for (WheelTravel pose : List.of(WheelTravel.RIDE, new WheelTravel(0.03, -0.02))) {
            for (Side side : Side.values()) {
                String shock = "damper " + side.id();
                ToDoubleFunction<AxleModel> length = m -> shown(m, "shock_length." + shock);
                double sign = side.sign();
                slope(model, pose, "motion_ratio." + shock, 1, 1, 0, length, -1, "rockers");
                slope(model, pose, "roll_motion_ratio." + shock, sign, -sign, 0, length, -1, "rockers");
                boolean left = side == Side.LEFT;
                slope(model, pose, "wheel_motion_ratio." + shock, left ? 1 : 0, left ? 0 : 1, 0, length, -1, "rockers");
            }
        }
    }

    /** Changes are nothing at ride, however the wheels lean there. */
    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("layouts")
    void changesAreNothingAtRide(SuspensionType type, StarterSteering steering) {
        AxleModel model =
                new AxleModel(leaning(type, steering, AxlePlace.FRONT, new Random(type.ordinal())), AxlePlace.FRONT);
        for (String id : List.of("track_change", "wheelbase_change", "side_shift")) {
            if (has(model, id)) {
                assertThat(shown(model, id)).as(type + " " + id).isCloseTo(0, within(1e-9));
            }
        }
    }
}
