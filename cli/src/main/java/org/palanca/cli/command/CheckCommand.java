package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.CliWords;
import org.palanca.cli.print.ReportJson;
import org.palanca.io.json.VehicleFile;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.study.limits.CycleWords;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Looks a file over and names every problem with its place. */
@Command(name = "check", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = input.words();
        VehicleFile.Opened opened = VehicleFile.open(input.file());
        Vehicle vehicle = input.asAsked(opened.vehicle());
        List<Trouble> troubles = new ArrayList<>();
        vehicle.axles().forEach(axle -> trouble(vehicle, axle, "").ifPresent(troubles::add));
        for (Scheme scheme : vehicle.schemes()) {
            String under = "/schemes/" + scheme.name();
            scheme.axles()
                    .forEach(axle -> trouble(vehicle.in(scheme), axle, under).ifPresent(troubles::add));
        }
        List<Fault> faults = troubles.isEmpty() ? Assessment.of(vehicle).faults() : List.of();
        if (json.asked()) {
            out.println(report(opened, troubles, faults, words).text());
        } else {
            print(opened, troubles, faults, words, out);
        }
        return troubles.isEmpty() ? ExitCodes.OK : ExitCodes.PROBLEMS;
    }

    /** An axle that does not close, or is not sound, at a pose. */
    private record Trouble(String place, WheelTravel pose, Message why) {}

    private static ReportJson report(
            VehicleFile.Opened opened, List<Trouble> troubles, List<Fault> faults, Words words) {
        ReportJson report = new ReportJson("check", opened.vehicle(), words);
        ArrayNode findings = report.root().putArray("findings");
        for (Finding finding : opened.warnings()) {
            ObjectNode node = findings.addObject();
            node.put("place", finding.place());
            node.put("severity", ReportJson.id(finding.severity()));
            report.message(node, finding.message());
        }
        ArrayNode open = report.root().putArray("not_sound");
        for (Trouble trouble : troubles) {
            ObjectNode node = open.addObject();
            node.put("place", trouble.place());
            ReportJson.pose(node.putObject("pose"), trouble.pose());
            report.message(node, trouble.why());
        }
        report.faults(report.root(), "faults", faults);
        return report;
    }

    private void print(
            VehicleFile.Opened opened, List<Trouble> troubles, List<Fault> faults, Words words, PrintWriter out) {
        if (opened.readOnly()) {
            out.println(words.text("file.newer", input.file()));
        }
        opened.warnings().forEach(finding -> out.println(CliWords.line(finding, words)));
        troubles.forEach(
                one -> out.println(words.text("trouble_at", one.place(), CycleWords.pose(one.pose()), one.why())));
        if (!troubles.isEmpty()) {
            return;
        }
        out.println(words.text("check_ok", input.file()));
        faults.forEach(fault -> out.println(fault(fault, words)));
        out.println(
                faults.isEmpty()
                        ? words.text("check_good")
                        : words.text("check_faults", Integer.toString(faults.size())));
    }

    private static String fault(Fault fault, Words words) {
        String step = words.text("step." + Assessment.id(fault.step()));
        String where = fault.axle()
                .map(place -> words.text("axle." + place.id()) + ", " + step)
                .orElse(step);
        return "  ! " + where + ": " + words.text(fault.said());
    }

    /** Tries ride, both ends of the travel, both twists, and lock to lock where the axle steers. */
    private static Optional<Trouble> trouble(Vehicle vehicle, Axle axle, String under) {
        AxleModel model = new AxleModel(vehicle, axle.place());
        double bump = model.axle().travel().bump();
        double droop = -model.axle().travel().droop();
        WheelTravel[] poses = {
            WheelTravel.RIDE,
            WheelTravel.both(bump),
            WheelTravel.both(droop),
            new WheelTravel(bump, droop),
            new WheelTravel(droop, bump),
            WheelTravel.RIDE.withSteer(1),
            WheelTravel.RIDE.withSteer(-1)
        };
        String place = under + "/axles/" + model.axle().place().id();
        for (WheelTravel pose : poses) {
            boolean closed = model.moveTo(pose);
            Optional<Message> why = closed ? model.whyUnsound() : model.whyOpen();
            if (why.isPresent()) {
                return Optional.of(new Trouble(place, pose, why.get()));
            }
        }
        return Optional.empty();
    }
}
