package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.Starts;
import org.palanca.mechanism.axle.Twist;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;

/** Instantaneous motions of every type are the derivatives of its poses, however the poses were reached. */
class EveryTypesMotionTest {
    private static final double STEP = 2e-5;

    private static Vehicle vehicle(SuspensionType type) {
        StarterSteering steering = type.independent()
                ? StarterSteering.RACK.suits(type) ? StarterSteering.RACK : StarterSteering.NONE
                : StarterSteering.HIGH_STEER;
        return Starts.front(Use.TRAIL, 2.6, 0.8, type, steering);
    }

    /** Steer angle and patch of both wheels against heave, roll and steering: central differences. */
    @ParameterizedTest
    @EnumSource(SuspensionType.class)
    void motionsAreDerivativesOfPoses(SuspensionType type) {
        AxleModel model = new AxleModel(vehicle(type), AxlePlace.FRONT);
        double left = 0.04;
        double right = -0.03;
        double steer = model.axle().steering().isPresent() ? 0.3 : 0;
        assertThat(model.moveTo(left, right, steer)).isTrue();
        for (int side = 1; side >= -1; side -= 2) {
            WheelMotion wheel = model.motion().wheel(side);
            Twist heave = wheel.heave();
            double forward = heave.forward(wheel.centre(1), wheel.centre(2));
            double turns = wheel.steerRate(heave);
            double rollLeft = wheel.roll().left(wheel.centre(0), wheel.centre(2));
            double[] up = at(model, left + STEP, right + STEP, steer, side);
            double[] down = at(model, left - STEP, right - STEP, steer, side);
            double[] tilted = at(model, left + STEP, right - STEP, steer, side);
            double[] back = at(model, left - STEP, right + STEP, steer, side);
            assertThat(forward).as(type + " forward").isCloseTo((up[0] - down[0]) / (2 * STEP), within(2e-6));
            assertThat(rollLeft).as(type + " sideways").isCloseTo((tilted[1] - back[1]) / (2 * STEP), within(2e-6));
            assertThat(turns).as(type + " steer").isCloseTo((up[2] - down[2]) / (2 * STEP), within(2e-6));
            model.moveTo(left, right, steer);
        }
    }

    private static double[] at(AxleModel model, double left, double right, double steer, int side) {
        assertThat(model.moveTo(left, right, steer)).isTrue();
        WheelMotion wheel = model.motion().wheel(side);
        return new double[] {wheel.centre(0), wheel.centre(1), wheel.steerAngle()};
    }
}
