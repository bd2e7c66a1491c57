package org.palanca.cli.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.CliWords;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.io.sheet.SheetHead;
import org.palanca.study.state.StateOutOfReachException;
import org.palanca.study.state.VehicleInState;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What every command that reads a vehicle takes. */
final class VehicleOptions {
    /** How lengths are typed and printed. */
    enum Units {
        IN,
        MM
    }

    @Parameters(index = "0", paramLabel = "FILE", descriptionKey = "file")
    private Path file;

    @Option(names = "--units", defaultValue = "in", paramLabel = "in|mm", descriptionKey = "units")
    @SuppressWarnings("NullAway.Init")
    private Units units;

    @Option(names = "--axle", paramLabel = "front|rear", descriptionKey = "axle")
    private @Nullable AxlePlace axle;

    @Option(names = "--scheme", paramLabel = "NAME", descriptionKey = "scheme")
    private @Nullable String scheme;

    @Option(names = "--state", paramLabel = "NAME", descriptionKey = "state")
    private @Nullable String state;

    Path file() {
        return file;
    }

    LengthStyle lengthStyle() {
        return units == Units.MM ? LengthStyle.MILLIMETRES : LengthStyle.INCH_SIXTEENTHS;
    }

    /** What a sheet of a vehicle says of itself: from this file, made today. */
    SheetHead sheetHead(Vehicle vehicle) {
        return new SheetHead(vehicle, file.getFileName().toString(), LocalDate.now(ZoneId.systemDefault()), words());
    }

    /**
     * A length as it was typed [m].
     *
     * @throws CommandFailure where it is none
     */
    double length(String text) throws CommandFailure {
        try {
            return Lengths.parse(text, lengthStyle());
        } catch (MeasureFormatException e) {
            throw PoseOptions.bad(e);
        }
    }

    Words words() {
        return CliWords.load(new UnitStyle(lengthStyle()));
    }

    /** Opens the vehicle; warnings go to the error output. */
    Vehicle open(PrintWriter err) throws VehicleFileException, CommandFailure {
        VehicleFile.Opened opened = VehicleFile.open(file);
        Words words = words();
        if (opened.readOnly()) {
            err.println(words.text("file.newer", file));
        }
        for (Finding finding : opened.warnings()) {
            err.println(CliWords.line(finding, words));
        }
        return asAsked(opened.vehicle());
    }

    /** A vehicle in the scheme and in the state that were asked for. */
    Vehicle asAsked(Vehicle vehicle) throws CommandFailure {
        Vehicle held = scheme == null ? vehicle : in(vehicle, scheme);
        return state == null ? held : standing(held, state);
    }

    /** The vehicle let down, lifted or on other tyres, as one of its states says. */
    private static Vehicle standing(Vehicle vehicle, String state) throws CommandFailure {
        List<String> names = vehicle.states().stream().map(RideState::name).toList();
        RideState found = vehicle.states().stream()
                .filter(one -> one.name().equals(state))
                .findFirst()
                .orElseThrow(() -> new CommandFailure(
                        ExitCodes.USAGE,
                        names.isEmpty()
                                ? Message.of("no_states", state)
                                : Message.of("no_such_state", state, String.join(", ", names))));
        try {
            return VehicleInState.of(vehicle, found);
        } catch (StateOutOfReachException e) {
            throw new CommandFailure(ExitCodes.USAGE, e.said());
        }
    }

    private static Vehicle in(Vehicle vehicle, String scheme) throws CommandFailure {
        List<String> names = vehicle.schemes().stream().map(Scheme::name).toList();
        return vehicle.schemes().stream()
                .filter(one -> one.name().equals(scheme))
                .findFirst()
                .map(vehicle::in)
                .orElseThrow(() -> new CommandFailure(
                        ExitCodes.USAGE,
                        names.isEmpty()
                                ? Message.of("no_schemes", scheme)
                                : Message.of("no_such_scheme", scheme, String.join(", ", names))));
    }

    /** The axles asked for: the one named, or all. */
    List<AxlePlace> axles(Vehicle vehicle) throws CommandFailure {
        if (axle == null) {
            return vehicle.axles().stream().map(found -> found.place()).toList();
        }
        if (vehicle.axle(axle).isEmpty()) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("no_such_axle", axle.id()));
        }
        return List.of(axle);
    }
}
