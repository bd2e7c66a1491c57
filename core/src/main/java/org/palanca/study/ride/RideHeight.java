package org.palanca.study.ride;

import java.util.Optional;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.SpringWork;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.TorsionBar;

/** Sets springs so that they carry the weight at ride height: preload of coils, pressure of air, wind-up of torsion bars. */
public final class RideHeight {
    /** No adjuster goes farther than this each way [m]. */
    private static final double FARTHEST = Lengths.inches(20);

    private static final double MOST_PRESSURE = 5e6;

    private RideHeight() {}

    /**
     * The vehicle with an axle's springs turned all alike until they carry what its wheels do; empty where nothing springs or
     * no setting does it.
     */
    public static Optional<Vehicle> set(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        if (!axle.springing().carries()) {
            return Optional.empty();
        }
        Weights weights = Weights.of(vehicle, place);
        double wanted = (weights.both() - weights.unsprung()) * RideStudy.GRAVITY;
        AxleModel model = new AxleModel(vehicle, place);
        try {
            double by = new BracketingNthOrderBrentSolver(1e-9, 5)
                    .solve(300, turned -> load(model, axle, turned) - wanted, -1, 1, 0);
            Springing springing = turned(axle.springing(), by);
            return Optional.of(vehicle.withAxle(axle.withSpringing(springing)));
        } catch (MathRuntimeException e) {
            return Optional.empty();
        }
    }

    /** Load on both wheels at ride with the springs turned by a part of the farthest. */
    private static double load(AxleModel model, Axle axle, double by) {
        return new SpringWork(axle.withSpringing(turned(axle.springing(), by))).heave(model.motion());
    }

    private static Springing turned(Springing springing, double by) {
        return springing
                .mapShocks(shock -> shock.withSpring(shock.spring().map(spring -> turned(spring, by))))
                .withTorsionBars(springing.torsionBars().stream()
                        .map(bar -> new TorsionBar(
                                bar.name(),
                                bar.joint(),
                                bar.rate(),
                                Quantity.ANGLE.onGrid(bar.windUp() + by * Math.PI / 2)))
                        .toList());
    }

    private static Spring turned(Spring spring, double by) {
        return spring.match(
                coils -> coils.withPreload(Quantity.LENGTH.onGrid(coils.preload() + by * FARTHEST)),
                air -> air.withPressure(Quantity.PRESSURE.onGrid(Math.max(0, air.pressure() + by * MOST_PRESSURE))));
    }
}
