package org.palanca.vehicle.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.units.Lengths.inches;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

class StarterVehicleTest {
    /** Whatever is answered, what is put on the board moves through its whole travel and has a number for everything. */
    @Property(tries = 60)
    void everyStartWorksThroughItsTravel(
            @ForAll StarterLayout front,
            @ForAll StarterLayout rear,
            @ForAll @IntRange(min = 80, max = 140) int wheelbase,
            @ForAll @IntRange(min = 25, max = 44) int tyre) {
        Vehicle vehicle = new StarterVehicle(
                        "start", Use.TRAIL, inches(wheelbase), inches(tyre), Optional.of(front), rear)
                .build();
        assertThat(VehicleCheck.findings(vehicle)).isEmpty();
        vehicle.axles().forEach(axle -> {
            AxleModel model = new AxleModel(vehicle, axle.place());
            double up = axle.travel().bump();
            double down = -axle.travel().droop();
            for (WheelTravel pose : new WheelTravel[] {
                WheelTravel.RIDE,
                WheelTravel.both(up),
                WheelTravel.both(down),
                new WheelTravel(up, down),
                new WheelTravel(down, up)
            }) {
                assertThat(model.moveTo(pose)).isTrue();
                assertThat(model.whyUnsound()).isEmpty();
                double[] values = new double[model.results().size()];
                model.evaluate(values);
                assertThat(values).doesNotContain(Double.NaN);
            }
        });
    }
}
