package org.palanca.cli.command;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.CliWords;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a vehicle to start from, of any suspension type. */
@Command(name = "start", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class StartCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", descriptionKey = "start_file")
    private Path file;

    @Option(names = "--rear", defaultValue = "triangulated_uppers", paramLabel = "TYPE", descriptionKey = "rear")
    @SuppressWarnings("NullAway.Init")
    private SuspensionType rear;

    @Option(names = "--front", paramLabel = "TYPE", descriptionKey = "front")
    private @Nullable SuspensionType front;

    @Option(names = "--steering", defaultValue = "none", paramLabel = "HOW", descriptionKey = "steering")
    @SuppressWarnings("NullAway.Init")
    private StarterSteering steering;

    @Option(names = "--wheelbase", defaultValue = "106 in", paramLabel = "LENGTH", descriptionKey = "wheelbase")
    @SuppressWarnings("NullAway.Init")
    private String wheelbase;

    @Option(names = "--tyre", paramLabel = "LENGTH", descriptionKey = "tyre")
    private @Nullable String tyre;

    @Option(names = "--use", defaultValue = "trail", paramLabel = "trail|track|drag|street", descriptionKey = "use")
    @SuppressWarnings("NullAway.Init")
    private Use use;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = CliWords.load(UnitStyle.SHOP);
        if (Files.exists(file)) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("start_exists", file));
        }
        if (front != null && !steering.suits(front)) {
            String suits = Arrays.stream(StarterSteering.values())
                    .filter(way -> way.suits(front))
                    .map(StarterSteering::id)
                    .collect(Collectors.joining(", "));
            throw new CommandFailure(
                    ExitCodes.USAGE, Message.of("steering_unsuited", front.id(), steering.id(), suits));
        }
        String name = file.getFileName().toString().replace(VehicleFile.ENDING, "");
        StarterVehicle starter = new StarterVehicle(
                name,
                use,
                length(wheelbase),
                tyre == null ? StarterVehicle.tyre(use) : length(tyre),
                Optional.ofNullable(front).map(type -> new StarterLayout(type, steering)),
                StarterLayout.of(rear));
        Vehicle vehicle = starter.build();
        for (Finding finding : VehicleFile.findings(vehicle)) {
            if (finding.severity() == Finding.Severity.ERROR) {
                throw new CommandFailure(ExitCodes.USAGE, finding.message());
            }
        }
        VehicleFile.save(file, vehicle);
        out.println(words.text("start_written", file));
        return ExitCodes.OK;
    }

    private static double length(String text) throws CommandFailure {
        try {
            return Lengths.parse(text, LengthStyle.INCH_SIXTEENTHS);
        } catch (MeasureFormatException e) {
            throw PoseOptions.bad(e);
        }
    }
}
