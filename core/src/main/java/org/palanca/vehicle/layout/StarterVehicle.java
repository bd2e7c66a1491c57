package org.palanca.vehicle.layout;

import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

/**
 * What is asked of someone who starts a vehicle: five answers, everything else has a sensible first value.
 *
 * @param name what the shop calls it
 * @param use chooses the bands
 * @param wheelbase [m]
 * @param tyreDiameter as measured [m]
 * @param front how the front axle is held; empty when it is not a live axle
 * @param rear how the rear axle is held
 */
public record StarterVehicle(
        String name,
        Use use,
        double wheelbase,
        double tyreDiameter,
        Optional<StarterLayout> front,
        StarterLayout rear) {
    /** Wheelbase that starts are drawn and fitted for [m]. */
    public static final double WHEELBASE = inches(106);

    /** Tyre that starts of a use are drawn and fitted for [m]. */
    public static double tyre(Use use) {
        return use == Use.TRAIL ? inches(35) : inches(26.5);
    }

    /** The vehicle to start from, ready to be saved and dragged. */
    public Vehicle build() {
        List<Axle> axles = new ArrayList<>();
        front.ifPresent(layout -> axles.add(layout.axle(AxlePlace.FRONT, wheelbase, tyreDiameter, 0.3, 0.6, use)));
        axles.add(rear.axle(AxlePlace.REAR, wheelbase, tyreDiameter, front.isPresent() ? 0.7 : 1, 0.4, use));
        double axleHeight = axles.get(0).tyre().loadedRadius();
        double bump =
                axles.stream().mapToDouble(axle -> axle.travel().bump()).max().orElse(0);
        // Over everything that rises with an axle, brackets included.
        double bottom = axleHeight + bump + inches(8.75);
        FrameRails rails = new FrameRails(inches(22), inches(26), bottom, bottom + inches(4), inches(17), inches(2.5));
        return new Vehicle(
                name,
                1,
                "",
                use,
                wheelbase,
                // Higher in proportion to the wheelbase, so that the same links take up the same share of the squat.
                new MassProperties(2000, wheelbase * 0.48, (axleHeight + inches(12.5)) * wheelbase / WHEELBASE),
                LinkHardware.STARTER,
                Optional.of(rails),
                axles,
                List.of(),
                List.of(),
                Build.NONE,
                new TreeMap<>());
    }
}
