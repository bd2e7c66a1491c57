package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ResultsJson;
import org.palanca.cli.print.ResultsTable;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints every result at a pose. */
@Command(name = "solve", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SolveCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private PoseOptions pose;

    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        Vehicle vehicle = input.open(err);
        Words words = input.words();
        List<AxleModel> models = new ArrayList<>();
        for (AxlePlace place : input.axles(vehicle)) {
            AxleModel model = new AxleModel(vehicle, place);
            model.moveTo(pose.travel(input.lengthStyle(), model.axle().track()));
            models.add(model);
        }
        if (json) {
            out.println(ResultsJson.text(vehicle, models, words));
        } else {
            models.forEach(model -> ResultsTable.print(model, words, out));
        }
        boolean allClosed = true;
        for (AxleModel model : models) {
            if (!model.closed()) {
                err.println(words.text(model.whyOpen().orElseThrow()));
                allClosed = false;
            }
        }
        return allClosed ? ExitCodes.OK : ExitCodes.DOES_NOT_CLOSE;
    }
}
