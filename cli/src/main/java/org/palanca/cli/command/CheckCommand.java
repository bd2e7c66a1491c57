package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.palanca.assessment.Assessment;
import org.palanca.assessment.Fault;
import org.palanca.limits.CycleWords;
import org.palanca.cli.ExitCodes;
import org.palanca.cli.print.CliWords;
import org.palanca.io.json.VehicleFile;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Words;
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

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = input.words();
        VehicleFile.Opened opened = VehicleFile.open(input.file());
        if (opened.readOnly()) {
            out.println(words.text("file.newer", input.file()));
        }
        opened.warnings().forEach(finding -> out.println(CliWords.line(finding, words)));
        boolean sound = true;
        for (Axle axle : opened.vehicle().axles()) {
            sound &= closes(opened.vehicle(), axle, "", out, words);
        }
        for (Scheme scheme : opened.vehicle().schemes()) {
            for (Axle axle : scheme.axles()) {
                sound &= closes(opened.vehicle().in(scheme), axle, "/schemes/" + scheme.name(), out, words);
            }
        }
        if (sound) {
            out.println(words.text("check_ok", input.file()));
            Assessment found = Assessment.of(opened.vehicle());
            found.faults().forEach(fault -> out.println(fault(fault, words)));
            out.println(
                    found.good()
                            ? words.text("check_good")
                            : words.text("check_faults", Integer.toString(found.faults().size())));
        }
        return sound ? ExitCodes.OK : ExitCodes.PROBLEMS;
    }

    private static String fault(Fault fault, Words words) {
        String step = words.text("step." + Assessment.id(fault.step()));
        String where = fault.axle()
                .map(place -> words.text("axle." + place.id()) + ", " + step)
                .orElse(step);
        return "  ! " + where + ": " + words.text(fault.said());
    }

    /** Tries ride, both ends of the travel, both twists, and lock to lock where the axle steers. */
    private static boolean closes(Vehicle vehicle, Axle axle, String under, PrintWriter out, Words words) {
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
            var trouble = closed ? model.whyUnsound() : model.whyOpen();
            if (trouble.isPresent()) {
                out.println(words.text("trouble_at", place, CycleWords.pose(pose), trouble.get()));
                return false;
            }
        }
        return true;
    }
}
