package org.palanca.vehicle.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.Optional;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Starts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

class StarterVehicleTest {
    /** Whatever is answered, what is put on the board moves through its whole travel and has a number for everything. */
    @Drawn(300)
    void everyStartWorksThroughItsTravel(Draw draw) {
        StarterLayout front = draw.oneOf(Starts.LAYOUTS);
        StarterLayout rear = draw.oneOf(Starts.LAYOUTS);
        int wheelbase = draw.between(80, 140);
        int tyre = draw.between(25, 44);
        Vehicle vehicle = new StarterVehicle(
                        "start", Use.TRAIL, inches(wheelbase), inches(tyre), Optional.of(front), rear)
                .build();
        assertThat(VehicleCheck.findings(vehicle)).isEmpty();
        for (Axle axle : vehicle.axles()) {
            AxleModel model = new AxleModel(vehicle, axle.place());
            double up = axle.travel().bump();
            double down = -axle.travel().droop();
            for (WheelTravel pose : new WheelTravel[] {
                WheelTravel.RIDE,
                WheelTravel.both(up),
                WheelTravel.both(down),
                new WheelTravel(up, down),
                new WheelTravel(down, up),
                new WheelTravel(0, 0, 1),
                new WheelTravel(up, down, -1)
            }) {
                assertThat(model.moveTo(pose)).as(axle.type() + " " + pose).isTrue();
                assertThat(model.whyUnsound()).as(axle.type().name()).isEmpty();
                for (Result result : model.results()) {
                    boolean straight = pose.steer() == 0 && result.id().equals("ackermann");
                    if (!straight) {
                        assertThat(model.outcome(result).number())
                                .as(axle.type() + " " + result.id() + " " + pose)
                                .isNotNaN();
                    }
                }
            }
        }
    }

    /** What is put on the board can be built: no link, joint, bracket, rail or tyre of it stands in another. */
    @Drawn(150)
    void nothingOfAStartStandsInAnotherAtRide(Draw draw) {
        StarterLayout front = draw.oneOf(Starts.LAYOUTS);
        int tyre = draw.between(28, 44);
        Vehicle vehicle = new StarterVehicle(
                        "start",
                        Use.TRAIL,
                        inches(108),
                        inches(tyre),
                        Optional.of(front),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build();
        Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.FRONT));
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            assertThat(clearances.atRide(i))
                    .as(
                            "%s: %s and %s",
                            front,
                            clearances.things().get(pair.one()).id(),
                            clearances.things().get(pair.other()).id())
                    .isFalse();
        }
    }
}
