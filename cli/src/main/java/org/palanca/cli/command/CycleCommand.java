package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ForkJoinPool;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.CycleJson;
import org.palanca.cli.print.ReportJson;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.ClearanceGain;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.clearance.Overlap;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Cycles the axles: how far they go, what ends the travel, what would help, where it is tight; writes the sheet to check by. */
@Command(name = "cycle", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class CycleCommand implements Callable<Integer> {
    private static final int LISTED = 10;

    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--sheet", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private @Nullable Path sheet;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Words words = input.words();
        SheetHead head = input.sheetHead(vehicle);
        List<Page> pages = new ArrayList<>();
        ReportJson report = new ReportJson("cycle", vehicle, words);
        for (AxlePlace place : input.axles(vehicle)) {
            Limits limits = new Limits(new Clearances(new AxleModel(vehicle, place)));
            List<ClearanceStudy.Tight> tight = tightest(vehicle, place);
            List<ClearanceGain> roomier = roomier(vehicle, place, limits, tight);
            if (json.asked()) {
                CycleJson.write(report, vehicle, place, limits, tight, roomier);
            } else {
                print(vehicle, place, limits, tight, words, out);
                roomier.forEach(gain -> out.println("        " + words.text(gain.said())));
            }
            if (sheet != null) {
                pages.addAll(SheetKind.CYCLE.pages(head, place, Optional.empty()));
            }
        }
        List<Path> written = sheet == null ? List.of() : SheetOutput.write(sheet, pages);
        if (json.asked()) {
            ArrayNode files = report.root().putArray("written");
            written.forEach(path -> files.add(path.toString()));
            out.println(report.text());
        } else {
            written.forEach(out::println);
        }
        return ExitCodes.OK;
    }

    /** The nearest pairs through the travel, at most so many; what shares room at ride is told apart. */
    private static List<ClearanceStudy.Tight> tightest(Vehicle vehicle, AxlePlace place) {
        Set<List<Message>> told = new HashSet<>();
        return ClearanceStudy.run(vehicle, place, ForkJoinPool.commonPool(), () -> true, soFar -> {}).tight().stream()
                .filter(tight -> !tight.atRide() && told.add(tight.names()))
                .limit(LISTED)
                .toList();
    }

    private static void print(
            Vehicle vehicle,
            AxlePlace place,
            Limits limits,
            List<ClearanceStudy.Tight> tightest,
            Words words,
            PrintWriter out) {
        out.println(words.text("axle." + place.id()));
        for (Overlap overlap : Overlap.of(limits.model(), limits.envelope())) {
            out.println("  ! " + words.text(overlap.said()));
        }
        for (Limit limit : limits.passedAtRide()) {
            out.println("  ! " + words.text("cycle.passed_at_ride", limit.what()));
        }
        for (TravelEnd end : CycleWords.worstFirst(TravelEnd.all(limits))) {
            out.println((end.asWanted() ? "    " : "  ! ") + words.text(CycleWords.end(end)));
            if (!end.reached()) {
                for (TravelGain gain : TravelGain.of(vehicle, place, end, () -> true)) {
                    out.println("        " + words.text(gain.said()));
                }
            }
        }
        for (WorstPose pose : limits.envelope().worst()) {
            List<Limits.Passed> passed = limits.passedAt(pose.pose());
            out.println((passed.isEmpty() && pose.bounded() ? "    " : "  ! ")
                    + words.text(
                            "worst_pose",
                            Message.of("cycle.worst." + pose.id()),
                            CycleWords.pose(pose.pose()),
                            CycleWords.bounds(pose)));
            passed.forEach(
                    one -> out.println("        " + words.text(one.limit().what())));
        }
        tightest.forEach(
                tight -> out.println((tight.missing() > 0 ? "  ! " : "    ") + words.text(CycleWords.tight(tight))));
        CollisionBodies.notDrawn(limits.model().vehicle(), limits.model().axle())
                .forEach(what -> out.println("    " + words.text(what)));
    }

    /** What would give the tightest pair the room it lacks, where no end of the travel is to be mended first. */
    private static List<ClearanceGain> roomier(
            Vehicle vehicle, AxlePlace place, Limits limits, List<ClearanceStudy.Tight> tightest) {
        boolean lacks = !tightest.isEmpty() && tightest.get(0).missing() > 0;
        return lacks && TravelEnd.all(limits).stream().allMatch(TravelEnd::reached)
                ? ClearanceGain.of(vehicle, place, tightest.get(0), () -> true)
                : List.of();
    }
}
