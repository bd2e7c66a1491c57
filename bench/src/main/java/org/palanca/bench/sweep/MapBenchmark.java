package org.palanca.bench.sweep;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.ResultMap;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** All results over the square of left and right travel, on one core and on two. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class MapBenchmark {
    private static final double STEERED = 0.3;

    private final Vehicle tarn = Vehicles.tarn();
    private final AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
    private final ResultMap large = new ResultMap(81, model.results().size());
    private final Case live = new Case(tarn, AxlePlace.REAR);
    private final Case rack = new Case(Vehicles.example("plover.palanca.json"), AxlePlace.FRONT);
    private final Case bushed = new Case(Vehicles.example("marram.palanca.json"), AxlePlace.FRONT);
    private final ExecutorService core = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task);
        thread.setDaemon(true);
        return thread;
    });

    /** An axle with what a map of it needs. */
    private static final class Case {
        private final AxleModel one;
        private final AxleModel other;
        private final ResultMap map;

        Case(Vehicle vehicle, AxlePlace place) {
            one = new AxleModel(vehicle, place);
            other = new AxleModel(vehicle, place);
            map = new ResultMap(41, one.results().size());
        }
    }

    @Benchmark
    public double map81() {
        large.fill(model);
        return large.value(0, 0, 0);
    }

    @Benchmark
    public double liveOnTwoCores() {
        return fill(live, 0);
    }

    @Benchmark
    public double rackOnTwoCores() {
        return fill(rack, STEERED);
    }

    @Benchmark
    public double bushedOnTwoCores() {
        return fill(bushed, STEERED);
    }

    private double fill(Case on, double steer) {
        on.map.fill(on.one, on.other, steer, core);
        return on.map.value(0, 0, 0);
    }
}
