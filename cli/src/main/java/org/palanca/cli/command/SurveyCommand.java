package org.palanca.cli.command;

import java.util.concurrent.Callable;
import org.palanca.cli.ExitCodes;
import org.palanca.cli.print.SurveyTable;
import org.palanca.survey.adjust.Adjustment;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints where every mark is, how sure that is, and which reading to doubt. */
@Command(name = "survey", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SurveyCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Override
    public Integer call() throws Exception {
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        SurveyTable.print(adjustment, input.words(), spec.commandLine().getOut());
        return ExitCodes.OK;
    }
}
