package org.palanca.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.FileSystemException;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.cli.command.BillCommand;
import org.palanca.cli.command.CheckCommand;
import org.palanca.cli.command.CommandFailure;
import org.palanca.cli.command.CutCommand;
import org.palanca.cli.command.CycleCommand;
import org.palanca.cli.command.ExitCodes;
import org.palanca.cli.command.FitCommand;
import org.palanca.cli.command.HousingCommand;
import org.palanca.cli.command.InstrumentCommand;
import org.palanca.cli.command.PlaceCommand;
import org.palanca.cli.command.PlatesCommand;
import org.palanca.cli.command.RideCommand;
import org.palanca.cli.command.SheetCommand;
import org.palanca.cli.command.SlopeCommand;
import org.palanca.cli.command.SolveCommand;
import org.palanca.cli.command.StartCommand;
import org.palanca.cli.command.StatesCommand;
import org.palanca.cli.command.SteerCommand;
import org.palanca.cli.command.SurveyCommand;
import org.palanca.cli.command.SweepCommand;
import org.palanca.cli.command.TableCommand;
import org.palanca.cli.command.WordConverter;
import org.palanca.cli.print.CliWords;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.layout.StarterSteering;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** Entry point. */
@Command(
        name = "palanca",
        mixinStandardHelpOptions = true,
        version = "Palanca 0.1.0",
        resourceBundle = "org.palanca.cli.cli",
        subcommands = {
            SolveCommand.class,
            SweepCommand.class,
            SteerCommand.class,
            CheckCommand.class,
            SheetCommand.class,
            StartCommand.class,
            SurveyCommand.class,
            FitCommand.class,
            HousingCommand.class,
            PlaceCommand.class,
            CycleCommand.class,
            CutCommand.class,
            PlatesCommand.class,
            TableCommand.class,
            BillCommand.class,
            RideCommand.class,
            SlopeCommand.class,
            StatesCommand.class,
            InstrumentCommand.class
        })
public final class Main implements Runnable {
    @Spec
    private CommandSpec spec;

    private Main() {}

    public static void main(String[] args) {
        System.exit(run(args, new PrintWriter(System.out, true), new PrintWriter(System.err, true)));
    }

    /** Runs one command line with output of one's own. Returns the exit code. */
    public static int run(String[] args, PrintWriter out, PrintWriter err) {
        return commandLine()
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler(Main::failed)
                .execute(args);
    }

    /** All commands, with what they take. */
    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Main());
        WordConverter.register(line, AxlePlace.class);
        WordConverter.register(line, SuspensionType.class);
        WordConverter.register(line, StarterSteering.class);
        WordConverter.register(line, Use.class);
        return line;
    }

    @Override
    public void run() {
        String commands = String.join(", ", spec.subcommands().keySet());
        throw new ParameterException(
                spec.commandLine(), CliWords.load(UnitStyle.SHOP).text("no_command", commands));
    }

    /** The one place where what went wrong becomes an exit code. */
    private static int failed(Exception failure, CommandLine commandLine, ParseResult parsed) throws Exception {
        Words words = CliWords.load(UnitStyle.SHOP);
        PrintWriter err = commandLine.getErr();
        if (failure instanceof VehicleFileException file) {
            err.println(words.text(file.summary()));
            for (Finding finding : file.findings()) {
                err.println("  " + CliWords.line(finding, words));
            }
            boolean unreadable = file.findings().isEmpty() && file.getCause() instanceof FileSystemException;
            return unreadable || file.summary().key().equals("file.is_folder") ? ExitCodes.FILE : ExitCodes.PROBLEMS;
        }
        if (failure instanceof CommandFailure known) {
            err.println(words.text(known.what()));
            return known.exitCode();
        }
        if (failure instanceof IOException) {
            err.println(words.text("cannot_write", String.valueOf(failure.getMessage())));
            return ExitCodes.FILE;
        }
        throw failure;
    }
}
