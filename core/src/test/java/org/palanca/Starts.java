package org.palanca;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/** Vehicles as they are started, for tests of what stands at the front; the rear is a triangulated four-link. */
public final class Starts {
    /** Every type with every steering that suits it. */
    public static final List<StarterLayout> LAYOUTS = Arrays.stream(SuspensionType.values())
            .flatMap(type -> Arrays.stream(StarterSteering.values())
                    .filter(steering -> steering.suits(type))
                    .map(steering -> new StarterLayout(type, steering)))
            .toList();

    private Starts() {}

    /**
     * A vehicle with a front axle of a type.
     *
     * @param wheelbase [m]
     * @param tyre diameter [m]
     */
    public static Vehicle front(Use use, double wheelbase, double tyre, SuspensionType type, StarterSteering steering) {
        return new StarterVehicle(
                        "start",
                        use,
                        wheelbase,
                        tyre,
                        Optional.of(new StarterLayout(type, steering)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS))
                .build();
    }
}
