package org.palanca.bench.sweep;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.result.AxleModel;
import org.palanca.sweep.TravelMap;
import org.palanca.vehicle.AxlePlace;

/** All results over the square of left and right travel, on one core. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class MapBenchmark {
    private final AxleModel model = new AxleModel(Vehicles.tarn(), AxlePlace.REAR);
    private final TravelMap large = new TravelMap(81, model.results().size());
    private final TravelMap shown = new TravelMap(31, model.results().size());

    @Benchmark
    public double map81() {
        large.fill(model);
        return large.value(0, 0, 0);
    }

    @Benchmark
    public double map31() {
        shown.fill(model);
        return shown.value(0, 0, 0);
    }
}
