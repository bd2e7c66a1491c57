package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ReportJson;
import org.palanca.study.assessment.ShaftVerdicts;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.ride.RideWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints how the axles stand on their shocks and springs, and how their shafts run. */
@Command(name = "ride", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class RideCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Words words = input.words();
        if (json.asked()) {
            ReportJson report = new ReportJson("ride", vehicle, words);
            for (AxlePlace place : input.axles(vehicle)) {
                report.said(report.axle(place), "springs", RideWords.of(RideStudy.of(vehicle, place)));
                report.said(report.axle(place), "shafts", ShaftVerdicts.of(vehicle, place));
            }
            out.println(report.text());
            return ExitCodes.OK;
        }
        for (AxlePlace place : input.axles(vehicle)) {
            out.println(words.text("axle." + place.id()));
            List<Verdict> springs = RideWords.of(RideStudy.of(vehicle, place));
            springs.forEach(one -> out.println((one.good() ? "    " : "  ! ") + words.text(one.message())));
            List<Verdict> shafts = ShaftVerdicts.of(vehicle, place);
            shafts.forEach(one -> out.println((one.good() ? "    " : "  ! ") + words.text(one.message())));
            if (springs.isEmpty() && shafts.isEmpty()) {
                out.println("    " + words.text("no_springs"));
            }
        }
        return ExitCodes.OK;
    }
}
