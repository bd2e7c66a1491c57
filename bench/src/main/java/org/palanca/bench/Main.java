package org.palanca.bench;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.palanca.bench.clearance.ClearanceTiming;
import org.palanca.bench.clearance.SkinTiming;
import org.palanca.bench.clearance.SlopeTiming;
import org.palanca.bench.fault.FaultTiming;
import org.palanca.bench.solve.PoseBenchmark;
import org.palanca.bench.survey.SurveyTiming;
import org.palanca.bench.sweep.MapBenchmark;
import org.palanca.bench.window.BareWindow;
import org.palanca.bench.window.WindowTiming;

/** Runs the benchmarks once and prints what is claimed of them: ratios within the run, and what is allocated. */
public final class Main {
    private static final double FRAME_MICROSECONDS = 1e6 / 60;

    private final Map<String, RunResult> results = new HashMap<>();

    private Main() {}

    public static void main(String[] args) throws RunnerException {
        if (args.length > 0 && args[0].equals("fault")) {
            FaultTiming.print();
            SurveyTiming.print();
            return;
        }
        if (args.length > 0 && args[0].equals("bare")) {
            BareWindow.print();
            return;
        }
        if (args.length > 0 && args[0].equals("window")) {
            WindowTiming.print();
            return;
        }
        if (args.length > 0 && args[0].equals("cycle")) {
            ClearanceTiming.print();
            SkinTiming.print();
            SlopeTiming.print();
            return;
        }
        Main main = new Main();
        Collection<RunResult> run = new Runner(new OptionsBuilder()
                        .include(PoseBenchmark.class.getName())
                        .include(MapBenchmark.class.getName())
                        .forks(1)
                        .warmupIterations(4)
                        .warmupTime(TimeValue.seconds(1))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.seconds(1))
                        .addProfiler(GCProfiler.class)
                        .build())
                .run();
        run.forEach(result -> main.results.put(result.getPrimaryResult().getLabel(), result));
        main.report();
    }

    private void report() {
        System.out.println();
        PairedRatio.print(
                "one warm pose, general solver / ours", PoseBenchmark::poseByGeneralSolver, b -> b.pose() ? 1 : 0);
        PairedRatio.print(
                "pose and rates by the general solver / ours with all results",
                PoseBenchmark::poseAndRatesByGeneralSolver,
                PoseBenchmark::poseAndAllResults);
        PairedRatio.print(
                "one warm pose of two corners and a rack, general solver / ours",
                PoseBenchmark::cornersByGeneralSolver,
                PoseBenchmark::corners);
        allocation("pose");
        allocation("poseAndAllResults");
        ClearanceTiming.print();
        SkinTiming.print();
        SlopeTiming.print();
        FaultTiming.print();
        SurveyTiming.print();
        map("fourLink", "four-link");
        map("wishbones", "double wishbones with a rack, steered");
        map("radiusArms", "radius arms on bushings with a steered axle");
        map("leafSprings", "leaf springs with a steered axle");
    }

    private void map(String name, String what) {
        System.out.printf(
                "41 x 41 map of one result, two cores, %s: %.1f ms, %.2f of a display frame; every pose with all results on"
                        + " one core takes %.1f times as long%n",
                what, score(name) / 1000, score(name) / FRAME_MICROSECONDS, score(name + "EveryPose") / score(name));
    }

    private double score(String name) {
        return result(name).getPrimaryResult().getScore();
    }

    private RunResult result(String name) {
        return Objects.requireNonNull(results.get(name), name);
    }

    private void allocation(String name) {
        result(name).getSecondaryResults().forEach((label, result) -> {
            if (label.contains("alloc.rate.norm")) {
                System.out.printf("%s allocates %.3f bytes a call%n", name, result.getScore());
            }
        });
    }
}
