package org.palanca.result.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;

/** Every place of the map against the pose gone to by itself. */
class BandMapTest {
    private static final int SIZE = 41;
    private static final Executor HERE = Runnable::run;
    private static final ExecutorService SECOND = Executors.newSingleThreadExecutor();

    @AfterAll
    static void end() {
        SECOND.shutdown();
    }

    /** Every result in its own band, and in one whose edges run through the middle of what it does. */
    @ParameterizedTest
    @CsvSource({
        "tarn-4, REAR, 0",
        "plover, FRONT, 0.3",
        "plover, FRONT, -1",
        "gorse, FRONT, 0",
        "marram, FRONT, 0.3",
        "wain, REAR, 0"
    })
    void saysOfEveryPoseWhatThePoseItselfSays(String example, AxlePlace place, double steer) {
        Vehicle vehicle = Examples.vehicle(example + ".palanca.json");
        AxleModel model = new AxleModel(vehicle, place);
        AxleModel other = new AxleModel(vehicle, place);
        double[][] all = everyPose(model, steer);
        long solved = 0;
        long maps = 0;
        for (int r = 0; r < model.results().size(); r++) {
            Result result = model.results().get(r);
            List<Optional<TargetBand>> bands = new ArrayList<>();
            bands.add(Targets.band(vehicle, model.axle(), result));
            middle(all, r).ifPresent(band -> bands.add(Optional.of(band)));
            for (Optional<TargetBand> band : bands) {
                BandMap map = BandMap.of(model, other, steer, result, band, SIZE, SECOND);
                for (int i = 0; i < SIZE * SIZE; i++) {
                    assertThat(map.at(i % SIZE, i / SIZE))
                            .as("%s at %d, %d in %s: %s", result.id(), i % SIZE, i / SIZE, band, all[i][r])
                            .isEqualTo(expected(all[i][r], band));
                }
            }
            solved += BandMap.of(model, other, steer, result, bands.get(0), SIZE, HERE)
                    .solved();
            maps++;
        }
        assertThat(solved / maps).as("poses solved of 1681, on average").isLessThan(200);
    }

    private static BandMap.Place expected(double value, Optional<TargetBand> band) {
        if (Double.isNaN(value)) {
            return BandMap.Place.NO_NUMBER;
        }
        return band.map(one -> BandMap.Place.valueOf(one.verdict(value).name())).orElse(BandMap.Place.IN_BAND);
    }

    /** A band between three and six tenths of what a result does over the map, where it does anything. */
    private static Optional<TargetBand> middle(double[][] all, int r) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double[] row : all) {
            if (Double.isFinite(row[r])) {
                low = Math.min(low, row[r]);
                high = Math.max(high, row[r]);
            }
        }
        double range = high - low;
        return range > 1e-4
                ? Optional.of(new TargetBand(low + 0.3 * range, low + 0.6 * range, TargetBand.Scope.TRAVEL, "test"))
                : Optional.empty();
    }

    private static double[][] everyPose(AxleModel model, double steer) {
        double droop = model.axle().travel().droop();
        double whole = droop + model.axle().travel().bump();
        double[][] all = new double[SIZE * SIZE][model.results().size()];
        for (int i = 0; i < SIZE; i++) {
            for (int k = 0; k < SIZE; k++) {
                int j = i % 2 == 0 ? k : SIZE - 1 - k;
                double left = -droop + whole * j / (SIZE - 1);
                double right = -droop + whole * i / (SIZE - 1);
                assertThat(model.moveTo(left, right, steer)).isTrue();
                model.evaluate(all[i * SIZE + j]);
            }
        }
        return all;
    }

    /** With three feet of travel most of the square is out of reach. */
    @Test
    void whereReachEndsIsFoundToThePose() {
        Vehicle tarn = Examples.tarn();
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Vehicle far = tarn.withAxle(rear.withTravel(new Travel(1, 1)));
        AxleModel model = new AxleModel(far, AxlePlace.REAR);
        Result first = model.results().get(0);
        BandMap map = BandMap.of(model, new AxleModel(far, AxlePlace.REAR), 0, first, Optional.empty(), SIZE, SECOND);
        AxleModel alone = new AxleModel(far, AxlePlace.REAR);
        int out = 0;
        for (int i = 0; i < SIZE; i++) {
            for (int j = 0; j < SIZE; j++) {
                boolean reached = alone.moveTo(-1 + 2.0 * j / (SIZE - 1), -1 + 2.0 * i / (SIZE - 1), 0);
                assertThat(map.at(j, i) != BandMap.Place.OUT_OF_REACH)
                        .as("%d, %d", j, i)
                        .isEqualTo(reached);
                out += reached ? 0 : 1;
            }
        }
        assertThat(out).isBetween(100, 1500);
        assertThat(map.solved()).isLessThan(SIZE * SIZE / 2);
    }

    @Test
    void anEdgeThatDoesNotHalveIsRefused() {
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        assertThatThrownBy(() -> BandMap.of(
                        model,
                        new AxleModel(Examples.tarn(), AxlePlace.REAR),
                        0,
                        model.results().get(0),
                        Optional.empty(),
                        40,
                        HERE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("40 poses");
    }
}
