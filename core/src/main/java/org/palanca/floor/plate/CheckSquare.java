package org.palanca.floor.plate;

import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;

/**
 * The square printed beside a plate in true size, as it was measured on the paper: before that nobody knows whether the printer kept
 * the size.
 *
 * @param across [m]
 * @param up [m]
 */
public record CheckSquare(double across, double up) {
    /** What its sides should be [m]. */
    public static final double SIDE = Lengths.inches(2);

    /** A side may be off by what a steel rule reads [m]: common practice, no source. */
    public static final double READ = Lengths.inches(1.0 / 64);

    private static final double ROUND = 1e-6;

    /** Whether the paper is in true size both ways. */
    public boolean holds() {
        return Math.abs(across - SIDE) <= READ + ROUND && Math.abs(up - SIDE) <= READ + ROUND;
    }

    /** What it says of the paper. */
    public Message said() {
        return holds()
                ? Message.of("square.holds", Message.fine(across), Message.fine(up))
                : Message.of("square.off", Message.fine(across), Message.fine(up), Message.fine(SIDE));
    }
}
