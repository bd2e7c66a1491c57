package org.palanca.cli.command;

import java.io.PrintWriter;
import java.util.Map;
import java.util.concurrent.Callable;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.CliWords;
import org.palanca.floor.instrument.InstrumentLine;
import org.palanca.floor.instrument.SimulatedInstrument;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Serves a simulated gauge on a local port until it is stopped, so that the window can be tried without a real one. */
@Command(name = "instrument", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class InstrumentCommand implements Callable<Integer> {
    private static final int USUAL_PORT = 7710;
    private static final int LARGEST_PORT = 65_535;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "angle|distance|scales", descriptionKey = "instrument_kind")
    private String kind;

    @Option(names = "--shows", defaultValue = "0", paramLabel = "NUMBER", descriptionKey = "shows")
    private double shows;

    @Option(names = "--port", defaultValue = "" + USUAL_PORT, paramLabel = "PORT", descriptionKey = "port")
    private int port;

    @Option(names = "--seconds", defaultValue = "0", paramLabel = "S", descriptionKey = "seconds")
    private int seconds;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = CliWords.load(UnitStyle.SHOP);
        if (port < 0 || port > LARGEST_PORT) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("port_range", Integer.toString(port)));
        }
        try (SimulatedInstrument instrument = new SimulatedInstrument(kind, truths(), port, 100, System.nanoTime())) {
            out.println(words.text("instrument_serves", kind, Integer.toString(instrument.port())));
            out.flush();
            if (seconds > 0) {
                Thread.sleep(1000L * seconds);
            } else {
                Thread.currentThread().join();
            }
        }
        return ExitCodes.OK;
    }

    /** What is shown: of scales the four wheels share the weight, a little unlike. */
    private Map<InstrumentLine.Kind, Double> truths() throws CommandFailure {
        switch (kind) {
            case "angle":
                return Map.of(
                        InstrumentLine.Kind.ANGLE,
                        InstrumentLine.Kind.ANGLE.quantity().fromFile(shows));
            case "distance":
                return Map.of(
                        InstrumentLine.Kind.DISTANCE,
                        InstrumentLine.Kind.DISTANCE.quantity().fromFile(shows));
            case "scales":
                return Map.of(
                        InstrumentLine.Kind.WEIGHT_FRONT_LEFT, 0.26 * shows,
                        InstrumentLine.Kind.WEIGHT_FRONT_RIGHT, 0.25 * shows,
                        InstrumentLine.Kind.WEIGHT_REAR_LEFT, 0.25 * shows,
                        InstrumentLine.Kind.WEIGHT_REAR_RIGHT, 0.24 * shows);
            default:
                throw new CommandFailure(ExitCodes.USAGE, Message.of("instrument_which", kind));
        }
    }
}
