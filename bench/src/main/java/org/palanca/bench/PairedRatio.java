package org.palanca.bench;

import java.util.Arrays;
import org.palanca.bench.solve.PoseBenchmark;

/**
 * Times two ways in turn, block by block, and takes the ratio of each pair of blocks: a machine whose speed drifts slows
 * both alike, so the median ratio holds where single times do not.
 */
final class PairedRatio {
    private static final int WARM_UP_ROUNDS = 40;
    private static final int ROUNDS = 101;
    private static final int CALLS = 960;

    /** Something that is called over and over; its answer is used so that it cannot be left out. */
    interface Call {
        double run(PoseBenchmark benchmark);
    }

    private PairedRatio() {}

    /** Prints how many times longer the slow way takes: median, and the middle half of the rounds. */
    static void print(String what, Call slow, Call fast) {
        PoseBenchmark benchmark = new PoseBenchmark();
        double[] ratios = new double[ROUNDS];
        double[] used = new double[1];
        for (int round = -WARM_UP_ROUNDS; round < ROUNDS; round++) {
            double ratio = block(benchmark, slow, used) / block(benchmark, fast, used);
            if (round >= 0) {
                ratios[round] = ratio;
            }
        }
        Arrays.sort(ratios);
        System.out.printf(
                "%s: %.0f times (half of the rounds between %.0f and %.0f)%n",
                what, ratios[ROUNDS / 2], ratios[ROUNDS / 4], ratios[3 * ROUNDS / 4]);
        if (Double.isNaN(used[0])) {
            throw new IllegalStateException("a pose did not close");
        }
    }

    private static double block(PoseBenchmark benchmark, Call call, double[] used) {
        long began = System.nanoTime();
        for (int i = 0; i < CALLS; i++) {
            used[0] += call.run(benchmark);
        }
        return System.nanoTime() - began;
    }
}
