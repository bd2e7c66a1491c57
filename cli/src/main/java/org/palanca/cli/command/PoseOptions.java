package org.palanca.cli.command;

import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Angles;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import picocli.CommandLine.Option;

/** Where the axles are moved to. */
final class PoseOptions {
    @Option(names = "--bump", paramLabel = "LEFT,RIGHT", descriptionKey = "bump")
    private @Nullable String bump;

    @Option(names = "--roll", paramLabel = "DEGREES", descriptionKey = "roll")
    private @Nullable String roll;

    @Option(names = "--steer", paramLabel = "PERCENT", defaultValue = "0", descriptionKey = "steer")
    private double steer;

    /** The pose for an axle of this track [m]. */
    WheelTravel travel(LengthStyle style, double track) throws CommandFailure {
        if (!(Math.abs(steer) <= 100)) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("steer_range", Double.toString(steer)));
        }
        WheelTravel travel = (bump == null ? WheelTravel.RIDE : parse(bump, "--bump", style)).withSteer(steer / 100);
        try {
            return roll == null ? travel : travel.plusRoll(Angles.parse(roll), track);
        } catch (MeasureFormatException e) {
            throw bad(e);
        }
    }

    /** Left and right travel from text such as {@code 3,-2 1/2}; one length moves both. */
    static WheelTravel parse(String text, String option, LengthStyle style) throws CommandFailure {
        String[] sides = text.split(",", -1);
        if (sides.length > 2) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("bump_two", option, text));
        }
        try {
            double left = Lengths.parse(sides[0], style);
            return new WheelTravel(left, sides.length == 2 ? Lengths.parse(sides[1], style) : left);
        } catch (MeasureFormatException e) {
            throw bad(e);
        }
    }

    static CommandFailure bad(MeasureFormatException e) {
        return new CommandFailure(
                ExitCodes.USAGE,
                Message.of("bad_measure", e.understood(), e.rest(), Message.of("measure." + e.reason())));
    }
}
