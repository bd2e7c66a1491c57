package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.cli.ExitCodes;
import org.palanca.cli.print.SweepTable;
import org.palanca.io.csv.SweepCsv;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.sweep.Sweep;
import org.palanca.sweep.TravelPath;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Message;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints every result along a path through the travel. */
@Command(name = "sweep", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SweepCommand implements Callable<Integer> {
    /** The paths a sweep can take. */
    enum Along {
        HEAVE,
        ROLL
    }

    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Option(names = "--along", defaultValue = "heave", paramLabel = "heave|roll", descriptionKey = "along")
    private Along along;

    @Option(names = "--from", paramLabel = "LEFT,RIGHT", descriptionKey = "from")
    private String from;

    @Option(names = "--to", paramLabel = "LEFT,RIGHT", descriptionKey = "to")
    private String to;

    @Option(names = "--poses", defaultValue = "25", paramLabel = "N", descriptionKey = "poses")
    private int poses;

    @Option(names = "--csv", descriptionKey = "csv")
    private boolean csv;

    @Override
    public Integer call() throws Exception {
        if (poses < 2 || poses > 100_000) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("poses_range", Integer.toString(poses)));
        }
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        for (AxlePlace place : input.axles(vehicle)) {
            AxleModel model = new AxleModel(vehicle, place);
            Sweep sweep = Sweep.run(model, path(model.axle()));
            if (csv) {
                out.println("# " + vehicle.name() + ", " + place.id());
                SweepCsv.write(sweep, out);
            } else {
                SweepTable.print(model, sweep, input.words(), out);
            }
        }
        return ExitCodes.OK;
    }

    /** The mix asked for by both ends, else the whole travel in heave or roll. */
    private TravelPath path(Axle axle) throws CommandFailure {
        if (from == null && to == null) {
            return along == Along.HEAVE ? TravelPath.heave(axle, poses) : TravelPath.roll(axle, poses);
        }
        WheelTravel start = from == null ? WheelTravel.RIDE : PoseOptions.parse(from, "--from", input.lengthStyle());
        WheelTravel end = to == null ? WheelTravel.RIDE : PoseOptions.parse(to, "--to", input.lengthStyle());
        return new TravelPath(start, end, poses);
    }
}
