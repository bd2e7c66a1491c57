package org.palanca.cli.command;

import org.palanca.cli.ExitCodes;
import org.palanca.result.WheelTravel;
import org.palanca.units.Angles;
import org.palanca.units.LengthStyle;
import org.palanca.units.Lengths;
import org.palanca.units.MeasureFormatException;
import org.palanca.words.Message;
import picocli.CommandLine.Option;

/** Where the axles are moved to. */
final class PoseOptions {
    @Option(names = "--bump", paramLabel = "LEFT,RIGHT", descriptionKey = "bump")
    private String bump;

    @Option(names = "--roll", paramLabel = "DEGREES", descriptionKey = "roll")
    private String roll;

    /** The pose for an axle of this track [m]. */
    WheelTravel travel(LengthStyle style, double track) throws CommandFailure {
        WheelTravel travel = WheelTravel.RIDE;
        try {
            if (bump != null) {
                String[] sides = bump.split(",", -1);
                if (sides.length > 2) {
                    throw new CommandFailure(ExitCodes.USAGE, Message.of("bump_two", bump));
                }
                double left = Lengths.parse(sides[0], style);
                travel = new WheelTravel(left, sides.length == 2 ? Lengths.parse(sides[1], style) : left);
            }
            return roll == null ? travel : travel.plusRoll(Angles.parse(roll), track);
        } catch (MeasureFormatException e) {
            throw new CommandFailure(
                    ExitCodes.USAGE,
                    Message.of("bad_measure", e.understood(), e.rest(), Message.of("measure." + e.reason())));
        }
    }
}
