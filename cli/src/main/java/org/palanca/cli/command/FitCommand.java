package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.cli.print.FitTable;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.study.fit.FitWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints whether an axle fits: tyre room, what stops it, square, where the shaft runs. */
@Command(name = "fit", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class FitCommand implements Callable<Integer> {
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
        if (json.asked()) {
            ReportJson report = new ReportJson("fit", vehicle, input.words());
            Adjustment adjustment = Adjustment.of(vehicle.build().survey());
            for (AxlePlace place : input.axles(vehicle)) {
                report.said(report.axle(place), "verdicts", FitWords.of(vehicle, place, adjustment));
            }
            out.println(report.text());
            return ExitCodes.OK;
        }
        for (AxlePlace place : input.axles(vehicle)) {
            FitTable.print(vehicle, place, input.words(), out);
        }
        return ExitCodes.OK;
    }
}
