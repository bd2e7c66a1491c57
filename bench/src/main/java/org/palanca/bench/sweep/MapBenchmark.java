package org.palanca.bench.sweep;

import java.util.Optional;
import java.util.concurrent.Executor;
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
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.BandMap;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;

/** One result over the square of left and right travel, as the pad shows it, on two cores; and every pose of it on one. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class MapBenchmark {
    private static final int SIZE = 41;
    private static final double STEERED = 0.3;

    private final Case live = new Case(Vehicles.tarn(), AxlePlace.REAR, 0);
    private final Case rack = new Case(Vehicles.example("plover.palanca.json"), AxlePlace.FRONT, STEERED);
    private final Case bushed = new Case(Vehicles.example("marram.palanca.json"), AxlePlace.FRONT, STEERED);
    private final Case leaves = new Case(Vehicles.example("wain.palanca.json"), AxlePlace.FRONT, STEERED);
    private final ExecutorService core = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task);
        thread.setDaemon(true);
        return thread;
    });

    /** An axle with what a map of it needs; each map is of the next result that has a band. */
    private static final class Case {
        private final AxleModel one;
        private final AxleModel other;
        private final double steer;
        private int next;

        Case(Vehicle vehicle, AxlePlace place, double steer) {
            one = new AxleModel(vehicle, place);
            other = new AxleModel(vehicle, place);
            this.steer = steer;
        }

        double map(Executor core) {
            Optional<TargetBand> band = Optional.empty();
            while (band.isEmpty()) {
                next = (next + 1) % one.results().size();
                band = Targets.band(one.vehicle(), one.axle(), one.results().get(next));
            }
            Result result = one.results().get(next);
            return BandMap.of(one, other, steer, result, band, SIZE, core).solved();
        }

        double everyPose() {
            Travel travel = one.axle().travel();
            double[] values = new double[one.results().size()];
            double sum = 0;
            one.moveTo(0, 0, 0);
            one.moveTo(0, 0, steer);
            for (int i = 0; i < SIZE; i++) {
                for (int k = 0; k < SIZE; k++) {
                    int j = i % 2 == 0 ? k : SIZE - 1 - k;
                    one.moveTo(travel(travel, j), travel(travel, i), steer);
                    one.evaluate(values);
                    sum += values[0];
                }
            }
            return sum;
        }

        private static double travel(Travel travel, int index) {
            return -travel.droop() + (travel.droop() + travel.bump()) * index / (SIZE - 1);
        }
    }

    @Benchmark
    public double fourLink() {
        return live.map(core);
    }

    @Benchmark
    public double wishbones() {
        return rack.map(core);
    }

    @Benchmark
    public double radiusArms() {
        return bushed.map(core);
    }

    @Benchmark
    public double leafSprings() {
        return leaves.map(core);
    }

    @Benchmark
    public double fourLinkEveryPose() {
        return live.everyPose();
    }

    @Benchmark
    public double wishbonesEveryPose() {
        return rack.everyPose();
    }

    @Benchmark
    public double radiusArmsEveryPose() {
        return bushed.everyPose();
    }

    @Benchmark
    public double leafSpringsEveryPose() {
        return leaves.everyPose();
    }
}
