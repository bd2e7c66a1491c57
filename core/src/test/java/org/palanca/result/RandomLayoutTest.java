package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.lang.management.ManagementFactory;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.Examples.RearAxle;
import org.palanca.mechanism.solve.Solution;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Random but sane four-links: each solves, or it is said which member cannot; nothing hangs, crashes or gives NaN. */
class RandomLayoutTest {
    private static final AtomicInteger TRIED = new AtomicInteger();
    private static final AtomicInteger CLOSED = new AtomicInteger();

    /** Layouts that do not close say nothing of mirrors and ways: most have to. */
    @AfterAll
    static void mostOfThemClosed() {
        if (Long.getLong("palanca.seed") == null) {
            assertThat(CLOSED.get()).isGreaterThan(TRIED.get() / 2);
        }
    }

    private static final String[] NAMES = {"upper one", "upper two", "lower one", "lower two"};

    private static Vector3D[][] ends(Random random) {
        Vector3D[][] ends = new Vector3D[4][];
        for (int i = 0; i < 4; i++) {
            double side = i % 2 == 0 ? 1 : -1;
            boolean upper = i < 2;
            double up = upper ? 0.6 : 0.38;
            ends[i] = new Vector3D[] {
                new Vector3D(
                        0.6 + random.nextDouble() * 0.5,
                        side * (upper ? 0.3 : 0.2) + side * random.nextDouble() * 0.2,
                        up + random.nextDouble() * 0.15),
                new Vector3D(
                        random.nextDouble() * 0.1 - 0.05,
                        side * (upper ? 0.08 : 0.4) + side * random.nextDouble() * 0.12,
                        up + random.nextDouble() * 0.1)
            };
        }
        return ends;
    }

    private static Vehicle vehicle(Vector3D[][] ends, double scale, boolean mirrored) {
        RearAxle axle = new RearAxle().wheelbase(2.7, 0.75);
        for (int i = 0; i < 4; i++) {
            Vector3D from = ends[i][0].scalarMultiply(scale);
            Vector3D to = ends[i][1].scalarMultiply(scale);
            axle.link(
                    NAMES[i],
                    i < 2 ? LinkRole.UPPER : LinkRole.LOWER,
                    mirrored ? RearAxle.across(from) : from,
                    mirrored ? RearAxle.across(to) : to);
        }
        return axle.build();
    }

    @Drawn(1000)
    void everyLayoutSolvesOrSaysWhichMemberCannot(Draw draw) {
        Random random = draw.random();
        AxleModel model = new AxleModel(vehicle(ends(random), 1, false), AxlePlace.REAR);
        for (int i = 0; i < 6; i++) {
            double left = (random.nextDouble() - 0.5) * 0.4;
            double right = (random.nextDouble() - 0.5) * 0.4;
            if (model.moveTo(left, right)) {
                double[] values = new double[model.results().size()];
                model.evaluate(values);
                assertThat(values).doesNotContain(Double.NaN);
                assertThat(((Solution.Closed) model.solution()).residual()).isLessThan(1e-9);
                assertThat(model.motion().wheelCentre(1, 2) - 0.4).isCloseTo(left, within(1e-9));
                assertThat(model.motion().wheelCentre(-1, 2) - 0.4).isCloseTo(right, within(1e-9));
            } else {
                assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow())).startsWith("Rear axle");
            }
        }
    }

    @Drawn(200)
    void mirroredLayoutsGiveMirroredResults(Draw draw) {
        Vector3D[][] ends = ends(draw.random());
        AxleModel one = new AxleModel(vehicle(ends, 1, false), AxlePlace.REAR);
        AxleModel other = new AxleModel(vehicle(ends, 1, true), AxlePlace.REAR);
        TRIED.incrementAndGet();
        if (!one.moveTo(0.04, -0.06)) {
            assertThat(other.moveTo(-0.06, 0.04)).isFalse();
            return;
        }
        CLOSED.incrementAndGet();
        assertThat(other.moveTo(-0.06, 0.04)).isTrue();
        for (Result result : one.results()) {
            boolean odd = result.id().equals("side_shift") || result.id().equals("axle_steer");
            double expected = one.outcome(result).number() * (odd ? -1 : 1);
            double found =
                    other.outcome(other.result(Examples.across(result.id()))).number();
            if (Double.isFinite(expected)) {
                assertThat(found).as(result.id()).isCloseTo(expected, within(1e-7 * Math.max(1, Math.abs(expected))));
            }
        }
    }

    /** How a pose was reached must not matter: walking there in one go, in steps, or past it and back. */
    @Drawn(100)
    void theWayToAPoseDoesNotMatter(Draw draw) {
        Vehicle vehicle = vehicle(ends(draw.random()), 1, false);
        AxleModel direct = new AxleModel(vehicle, AxlePlace.REAR);
        AxleModel stepped = new AxleModel(vehicle, AxlePlace.REAR);
        TRIED.incrementAndGet();
        boolean closes = direct.moveTo(0.08, -0.05);
        boolean allClose = true;
        for (int i = 1; i <= 12; i++) {
            allClose &= stepped.moveTo(0.1 * i / 12, -0.07 * i / 12);
        }
        allClose &= stepped.moveTo(0.08, -0.05);
        if (closes && allClose) {
            CLOSED.incrementAndGet();
            for (int component = 0; component < 3; component++) {
                assertThat(stepped.motion().wheelCentre(1, component))
                        .isCloseTo(direct.motion().wheelCentre(1, component), within(1e-8));
            }
        }
    }

    /** The inner loop allocates nothing: the thread's own count of allocated bytes does not grow with the poses. */
    @Test
    void posesAndResultsAllocateNothing() {
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        double[] values = new double[model.results().size()];
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        sweep(model, values, 5_000);
        long before = threads.getCurrentThreadAllocatedBytes();
        sweep(model, values, 20_000);
        long grown = threads.getCurrentThreadAllocatedBytes() - before;
        assertThat(grown / 20_000.0).as("bytes a pose").isLessThan(1);
    }

    private static void sweep(AxleModel model, double[] values, int poses) {
        for (int i = 0; i < poses; i++) {
            double wave = Math.sin(i * 0.05);
            model.moveTo(0.1 * wave, 0.06 * wave);
            model.evaluate(values);
        }
    }
}
