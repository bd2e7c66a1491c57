package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ReportJson;
import org.palanca.study.state.StateWords;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints what each state of a vehicle changes against the plan. */
@Command(name = "states", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class StatesCommand implements Callable<Integer> {
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
            ReportJson report = new ReportJson("states", vehicle, words);
            ArrayNode states = report.root().putArray("states");
            for (RideState state : vehicle.states()) {
                ObjectNode node = states.addObject();
                node.put("name", state.name());
                report.said(node, "stands", StateWords.of(vehicle, state));
            }
            out.println(report.text());
            return ExitCodes.OK;
        }
        if (vehicle.states().isEmpty()) {
            out.println(words.text("states_none"));
        }
        for (RideState state : vehicle.states()) {
            out.println(state.name());
            if (!state.note().isEmpty()) {
                out.println("    " + state.note());
            }
            StateWords.of(vehicle, state)
                    .forEach(one -> out.println((one.good() ? "    " : "  ! ") + words.text(one.message())));
        }
        return ExitCodes.OK;
    }
}
