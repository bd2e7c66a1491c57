package org.palanca.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Examples;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** Every example, at ride, bump, droop and twisted, against {@link ReferenceAxle}; source: the definitions themselves. */
class ExamplesAgreeWithReferenceTest {
    /** Relative agreement that is asked for. */
    private static final double TEST_RELATIVE = 1e-6;

    /** Where the number is near zero, in its file unit (mm, degrees, percent). */
    private static final double TEST_ABSOLUTE = 1e-6;

    static Stream<Arguments> axlesAndPoses() {
        Stream.Builder<Arguments> all = Stream.builder();
        for (String file : Examples.LIVE_AXLES_ON_LINKS) {
            Vehicle vehicle = Examples.vehicle(file);
            vehicle.axles().forEach(axle -> {
                double up = axle.travel().bump() * 1000;
                double down = axle.travel().droop() * 1000;
                double[][] poses = {{0, 0}, {up, up}, {-down, -down}, {up, -down}, {-40, 25}};
                for (double[] pose : poses) {
                    all.add(Arguments.of(file, axle.place(), pose[0], pose[1]));
                }
            });
        }
        return all.build();
    }

    @ParameterizedTest(name = "{0} {1} at {2}, {3} mm")
    @MethodSource("axlesAndPoses")
    void agrees(String file, AxlePlace place, double left, double right) {
        AxleModel model = new AxleModel(Examples.vehicle(file), place);
        assertThat(model.moveTo(left / 1000, right / 1000)).isTrue();
        ReferenceAxle reference = new ReferenceAxle(file, place.id());

        ReferenceAxle.Pose pose = reference.solve(left, right);
        Vector3D centre = new Vector3D(
                model.motion().centreX() * 1000,
                model.motion().centreY() * 1000,
                model.motion().centreZ() * 1000);
        assertThat(Vector3D.distance(centre, pose.centre())).isLessThan(1e-6);

        same(model, "roll_centre_height", reference.rollCentreHeight(left, right));
        double steer = reference.steerPerRoll(left, right) * 100;
        same(model, "roll_steer", place == AxlePlace.REAR ? -steer : steer);
        same(model, "roll_axis_slope", Math.toDegrees(Math.atan(reference.yawPerRoll(left, right))));
        same(model, "pinion_angle", Math.toDegrees(Math.atan(reference.pinionSlope(left, right))));
        if (model.axle().caster().isPresent()) {
            same(model, "caster", Math.toDegrees(reference.caster(left, right)));
        }
        String anti = place == AxlePlace.REAR ? "anti_squat" : "anti_lift_drive";
        same(model, anti, reference.antiDrive(left, right));
        same(model, "reaction_line", Math.toDegrees(Math.atan(reference.reactionSlope(left, right))));
        same(model, "side_shift", pose.centre().getY());
        same(
                model,
                "wheelbase_change",
                place.outward() * (pose.centre().getX() - model.motion().designX() * 1000));
        instantCentre(model, reference.instantCentre(left, right));
    }

    private static void same(AxleModel model, String id, double expected) {
        var result = model.result(id);
        double actual = result.quantity().toFile(model.outcome(result).number());
        double allowed = Math.max(TEST_ABSOLUTE, TEST_RELATIVE * Math.abs(expected));
        assertThat(actual).as(id).isCloseTo(expected, within(allowed));
    }

    private static void instantCentre(AxleModel model, Vector3D expected) {
        if (model.motion().instantCentre() instanceof InstantCentre.Finite at && Math.abs(expected.getX()) < 5e4) {
            double allowed = TEST_RELATIVE * Math.max(1000, Math.abs(expected.getX()));
            assertThat(at.x() * 1000).isCloseTo(expected.getX(), within(allowed));
            assertThat(at.z() * 1000).isCloseTo(expected.getZ(), within(allowed));
        }
    }
}
