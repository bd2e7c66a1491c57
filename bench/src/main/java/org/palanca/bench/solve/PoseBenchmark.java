package org.palanca.bench.solve;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.palanca.bench.fixture.GeneralSolver;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.mechanism.axle.AxleMechanism;
import org.palanca.mechanism.solve.RigidPoseSolver;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** One warm pose of one axle (six unknowns): each call steps 5 mm on through the travel and back. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class PoseBenchmark {
    private static final double STEP = 0.005;
    private static final int STEPS = 24;
    private static final double DIFFERENCE = 1e-4;

    private final Vehicle vehicle = Vehicles.tarn();
    private final RigidPoseSolver ours =
            new RigidPoseSolver(AxleMechanism.of(vehicle.axle(AxlePlace.REAR).orElseThrow(), vehicle.wheelbase()));
    private final GeneralSolver general =
            new GeneralSolver(AxleMechanism.of(vehicle.axle(AxlePlace.REAR).orElseThrow(), vehicle.wheelbase()));
    private final CornerPoses corners = new CornerPoses();
    private final AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
    private final double[] drivers = new double[2];
    private final double[] values = new double[model.results().size()];
    private int tick;

    /** A triangle wave: up, down, and one side a little ahead of the other. */
    private void next() {
        tick = (tick + 1) % (4 * STEPS);
        int up = tick < 2 * STEPS ? tick : 4 * STEPS - tick;
        drivers[0] = (up - STEPS) * STEP;
        drivers[1] = drivers[0] * 0.6;
    }

    @Benchmark
    public boolean pose() {
        next();
        return ours.moveTo(drivers);
    }

    @Benchmark
    public double poseByGeneralSolver() {
        next();
        return general.moveTo(drivers[0], drivers[1]);
    }

    /**
     * What a general solver needs for the same results: the pose, and four more solutions beside it for the rates of
     * heave and roll by central differences. The results themselves are then cheap for either.
     */
    @Benchmark
    public double poseAndRatesByGeneralSolver() {
        next();
        double left = drivers[0];
        double right = drivers[1];
        double sum = general.moveTo(left + DIFFERENCE, right + DIFFERENCE);
        sum += general.moveTo(left - DIFFERENCE, right - DIFFERENCE);
        sum += general.moveTo(left + DIFFERENCE, right - DIFFERENCE);
        sum += general.moveTo(left - DIFFERENCE, right + DIFFERENCE);
        return sum + general.moveTo(left, right);
    }

    @Benchmark
    public double poseAndAllResults() {
        next();
        model.moveTo(drivers[0], drivers[1]);
        model.evaluate(values);
        return values[0];
    }

    /** Both wheels and the rack of the roadster's front, eighteen unknowns, by ours. */
    public double corners() {
        next();
        return corners.ours(0.5 * drivers[0], 0.5 * drivers[1]) ? 1 : 0;
    }

    /** The same by the general solver. */
    public double cornersByGeneralSolver() {
        next();
        return corners.general(0.5 * drivers[0], 0.5 * drivers[1]);
    }
}
