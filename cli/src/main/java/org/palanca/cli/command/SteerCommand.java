package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.cli.print.ReportJson;
import org.palanca.cli.print.SteerJson;
import org.palanca.cli.print.SteerTable;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints the alignment card, lock to lock, the turning circle, and where the inner pickups belong. */
@Command(name = "steer", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SteerCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Mixin
    private PoseOptions pose;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        ReportJson report = new ReportJson("steer", vehicle, input.words());
        for (AxlePlace place : input.axles(vehicle)) {
            AxleModel model = new AxleModel(vehicle, place);
            WheelTravel at = pose.travel(input.lengthStyle(), model.axle().track());
            if (!model.moveTo(at)) {
                spec.commandLine()
                        .getErr()
                        .println(input.words().text(model.whyOpen().orElseThrow()));
                return ExitCodes.DOES_NOT_CLOSE;
            }
            if (json.asked()) {
                SteerJson.write(report, report.axle(place), model, at);
            } else {
                SteerTable.print(model, at, input.words(), out);
            }
        }
        if (json.asked()) {
            out.println(report.text());
        }
        return ExitCodes.OK;
    }
}
