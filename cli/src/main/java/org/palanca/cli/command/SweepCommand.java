package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.cli.print.ReportJson;
import org.palanca.cli.print.SweepTable;
import org.palanca.io.csv.SweepCsv;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.Sweep;
import org.palanca.result.sweep.TravelPath;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
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

    @Mixin
    private JsonOption json;

    @Option(names = "--along", defaultValue = "heave", paramLabel = "heave|roll", descriptionKey = "along")
    @SuppressWarnings("NullAway.Init")
    private Along along;

    @Option(names = "--from", paramLabel = "LEFT,RIGHT", descriptionKey = "from")
    private @Nullable String from;

    @Option(names = "--to", paramLabel = "LEFT,RIGHT", descriptionKey = "to")
    private @Nullable String to;

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
        ReportJson report = new ReportJson("sweep", vehicle, input.words());
        for (AxlePlace place : input.axles(vehicle)) {
            AxleModel model = new AxleModel(vehicle, place);
            Sweep sweep = Sweep.run(model, path(model.axle()));
            if (json.asked()) {
                report(report.axle(place), model, sweep);
            } else if (csv) {
                out.println("# " + vehicle.name() + ", " + place.id());
                SweepCsv.write(sweep, out);
            } else {
                SweepTable.print(model, sweep, input.words(), out);
            }
        }
        if (json.asked()) {
            out.println(report.text());
        }
        return ExitCodes.OK;
    }

    /** Poses, and of each result its value at each of them, null where it has none. */
    private static void report(ObjectNode axle, AxleModel model, Sweep sweep) {
        ArrayNode poses = axle.putArray("poses");
        for (int i = 0; i < sweep.path().poses(); i++) {
            ReportJson.pose(poses.addObject(), sweep.path().at(i));
        }
        ObjectNode results = axle.putObject("results");
        for (int k = 0; k < sweep.results().size(); k++) {
            Result result = sweep.results().get(k);
            ObjectNode node =
                    results.putObject(result.id() + "_" + result.quantity().fileUnit());
            ArrayNode values = node.putArray("values");
            for (double value : sweep.curve(k)) {
                if (Double.isFinite(value)) {
                    values.add(result.quantity().toFile(value));
                } else {
                    values.addNull();
                }
            }
            sweep.worst(k, Targets.band(model.vehicle(), model.axle(), result))
                    .ifPresent(worst -> node.put("worst_pose", worst));
        }
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
