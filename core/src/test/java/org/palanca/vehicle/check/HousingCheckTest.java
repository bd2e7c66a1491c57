package org.palanca.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.plate.Bolted;
import org.palanca.floor.plate.Brackets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.housing.HousingSize;

/** What of a housing contradicts the vehicle that it is for. */
class HousingCheckTest {
    private static Vehicle tube(Vehicle vehicle, double inches) {
        return vehicle.withBuild(vehicle.build()
                .with(
                        AxlePlace.REAR,
                        vehicle.build()
                                .housing(AxlePlace.REAR)
                                .with(HousingSize.TUBE_DIAMETER, OptionalDouble.of(inches(inches)))));
    }

    private static List<String> inTube(Vehicle vehicle) {
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        return HousingCheck.faults(vehicle, rear).stream()
                .filter(one -> one.key().equals("housing.bolt_in_tube"))
                .map(Examples.WORDS::text)
                .toList();
    }

    /**
     * By hand: the demo's rear lower mounts are 1 in behind the axle line and 15 1/2 in up, its wheels' middle 16 3/4 in: 1.60 in
     * from the middle of the tube.
     */
    @Test
    void aBoltThatWouldGoThroughTheTube() {
        Vehicle tarn = Examples.tarn();
        assertThat(inTube(tarn)).as("no tube is known").isEmpty();
        assertThat(inTube(tube(tarn, 3))).as("it just passes").isEmpty();
        assertThat(inTube(tube(tarn, 3.5)))
                .hasSize(2)
                .first()
                .asString()
                .contains("lower axle left stands 1 5/8 in", "3 1/2 in across", "at least 1 3/4 in");
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Vehicle bolted = Bolted.withEars(
                tube(tarn, 3),
                rear,
                "lower axle left",
                new Ears(inches(2.625), inches(0.25), inches(0.5625), inches(0.625)));
        assertThat(inTube(tube(bolted, 3)))
                .as("half a bolt of 9/16 in wants room as well")
                .hasSize(2);
        assertThat(inTube(Brackets.tarn())).as("below the tube").isEmpty();
    }
}
