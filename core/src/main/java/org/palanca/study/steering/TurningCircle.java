package org.palanca.study.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * How tightly the vehicle turns at walking pace, tyres that do not slip sideways more than they must: the point about
 * which all four wheels roll best, by least squares of their side slip. Axles that steer both go to lock, each its own
 * way round for the turn.
 *
 * @param forwardOfFront of the turning point, ahead of the front axle line positive [m]
 * @param toTheLeft of the turning point from the centreline, to the left positive [m]
 * @param diameter of the circle that the farthest tyre's outer edge runs on: kerb to kerb [m]
 */
public record TurningCircle(double forwardOfFront, double toTheLeft, double diameter) {
    /** Wheels whose headings differ by less than this turn about no point within sight. */
    private static final double PARALLEL = 1e-6;

    /**
     * The circle of a full-lock turn to the left.
     *
     * @return empty when nothing steers, or the wheels stay parallel
     */
    public static Optional<TurningCircle> toTheLeft(Vehicle vehicle) {
        boolean steers =
                vehicle.axles().stream().anyMatch(axle -> axle.steering().isPresent());
        if (!steers) {
            return Optional.empty();
        }
        List<double[]> wheels = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            AxleModel model = new AxleModel(vehicle, axle.place());
            model.moveTo(WheelTravel.RIDE.withSteer(SteerSweep.sense(axle.place())));
            add(model, wheels);
        }
        if (vehicle.axles().size() == 1) {
            Axle only = vehicle.axles().get(0);
            AxlePlace missing = only.place() == AxlePlace.FRONT ? AxlePlace.REAR : AxlePlace.FRONT;
            double x = missing == AxlePlace.FRONT ? 0 : -vehicle.wheelbase();
            wheels.add(new double[] {x, only.track() / 2, 0, only.tyre().width()});
            wheels.add(new double[] {x, -only.track() / 2, 0, only.tyre().width()});
        }
        return about(wheels);
    }

    private static void add(AxleModel model, List<double[]> wheels) {
        for (int side = 1; side >= -1; side -= 2) {
            WheelMotion wheel = model.motion().wheel(side);
            wheels.add(new double[] {
                wheel.patch(0),
                wheel.patch(1),
                wheel.steerAngle(),
                model.axle().tyre().width()
            });
        }
    }

    /** Each wheel asks that the turning point lie square to its heading. */
    private static Optional<TurningCircle> about(List<double[]> wheels) {
        RealMatrix headings = new Array2DRowRealMatrix(wheels.size(), 2);
        RealVector along = new ArrayRealVector(wheels.size());
        for (int i = 0; i < wheels.size(); i++) {
            double[] wheel = wheels.get(i);
            double cos = Math.cos(wheel[2]);
            double sin = Math.sin(wheel[2]);
            headings.setEntry(i, 0, cos);
            headings.setEntry(i, 1, sin);
            along.setEntry(i, cos * wheel[0] + sin * wheel[1]);
        }
        DecompositionSolver solver = new QRDecomposition(headings, PARALLEL).getSolver();
        if (!solver.isNonSingular()) {
            return Optional.empty();
        }
        RealVector centre = solver.solve(along);
        double farthest = 0;
        for (double[] wheel : wheels) {
            double away = Math.hypot(wheel[0] - centre.getEntry(0), wheel[1] - centre.getEntry(1));
            farthest = Math.max(farthest, away + wheel[3] / 2);
        }
        return Optional.of(new TurningCircle(centre.getEntry(0), centre.getEntry(1), 2 * farthest));
    }
}
