package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ReportJson;
import org.palanca.cli.print.ResultsTable;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.terrain.EquilibriumWords;
import org.palanca.study.terrain.Ground;
import org.palanca.study.terrain.StandingVehicle;
import org.palanca.study.terrain.StaticEquilibrium;
import org.palanca.study.terrain.TipStudy;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Stands the vehicle on a slope: what each wheel carries, every result there, and when it tips. */
@Command(name = "slope", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SlopeCommand implements Callable<Integer> {
    private static final double STEEPEST = 80;

    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--climb", defaultValue = "0", paramLabel = "DEG", descriptionKey = "climb")
    private double climb;

    @Option(names = "--across", defaultValue = "0", paramLabel = "DEG", descriptionKey = "across")
    private double across;

    @Option(names = "--rock", paramLabel = "WHEEL=HEIGHT", descriptionKey = "rock")
    private List<String> rocks = List.of();

    @Option(names = "--tip", descriptionKey = "tip")
    private boolean tip;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Words words = input.words();
        if (Math.abs(climb) > STEEPEST || Math.abs(across) > STEEPEST) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("slope_range"));
        }
        StandingVehicle standing = StandingVehicle.of(vehicle)
                .orElseThrow(() -> new CommandFailure(ExitCodes.USAGE, Message.of("slope_axles")));
        Ground ground = ground();
        Optional<StaticEquilibrium> rest = standing.rest(ground);
        if (json.asked()) {
            out.println(report(vehicle, standing, rest).text());
            return rest.isEmpty() ? ExitCodes.DOES_NOT_CLOSE : ExitCodes.OK;
        }
        EquilibriumWords.of(standing, rest).forEach(message -> out.println(words.text(message)));
        if (tip) {
            for (TipStudy.Way way : TipStudy.Way.values()) {
                out.println(words.text(EquilibriumWords.tip(TipStudy.of(standing, Ground.LEVEL, way))));
            }
        }
        if (rest.isEmpty()) {
            return ExitCodes.DOES_NOT_CLOSE;
        }
        for (AxlePlace place : input.axles(vehicle)) {
            AxleModel model = new AxleModel(vehicle, place);
            model.moveTo(rest.get().travel(place));
            ResultsTable.print(model, words, out);
        }
        return ExitCodes.OK;
    }

    private ReportJson report(Vehicle vehicle, StandingVehicle standing, Optional<StaticEquilibrium> rest)
            throws CommandFailure {
        ReportJson report = new ReportJson("slope", vehicle, input.words());
        report.root().put("rests", rest.isPresent());
        if (rest.isPresent()) {
            ObjectNode node = report.root().putObject("rest");
            ReportJson.put(node, "lift", rest.get().lift(), Quantity.LENGTH);
            ReportJson.put(node, "pitch", rest.get().pitch(), Quantity.ANGLE);
            ReportJson.put(node, "roll", rest.get().roll(), Quantity.ANGLE);
            ArrayNode loads = node.putArray("loads_n");
            rest.get().loads().forEach(loads::add);
            for (AxlePlace place : input.axles(vehicle)) {
                ReportJson.pose(report.axle(place).putObject("pose"), rest.get().travel(place));
            }
        }
        report.messages(report.root(), "remarks", EquilibriumWords.of(standing, rest));
        if (tip) {
            List<Message> tips = new ArrayList<>();
            for (TipStudy.Way way : TipStudy.Way.values()) {
                tips.add(EquilibriumWords.tip(TipStudy.of(standing, Ground.LEVEL, way)));
            }
            report.messages(report.root(), "tips", tips);
        }
        return report;
    }

    private Ground ground() throws CommandFailure {
        Ground ground = new Ground(Math.toRadians(climb), Math.toRadians(across), Ground.LEVEL.rocks());
        List<String> wheels = List.of("front-left", "front-right", "rear-left", "rear-right");
        for (String rock : rocks) {
            String[] parts = rock.split("=", 2);
            int wheel = wheels.indexOf(parts[0]);
            if (wheel < 0 || parts.length < 2) {
                throw new CommandFailure(ExitCodes.USAGE, Message.of("rock_wheel", rock, String.join(", ", wheels)));
            }
            try {
                ground = ground.withRock(wheel, Lengths.parse(parts[1], input.lengthStyle()));
            } catch (MeasureFormatException e) {
                throw new CommandFailure(
                        ExitCodes.USAGE, Message.of("rock_wheel", rock, Arrays.toString(wheels.toArray())));
            }
        }
        return ground;
    }
}
