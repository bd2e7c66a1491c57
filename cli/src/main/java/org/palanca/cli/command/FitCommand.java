package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.cli.ExitCodes;
import org.palanca.cli.print.FitTable;
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

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        for (AxlePlace place : input.axles(vehicle)) {
            FitTable.print(vehicle, place, input.words(), out);
        }
        return ExitCodes.OK;
    }
}
