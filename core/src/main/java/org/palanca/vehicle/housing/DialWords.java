package org.palanca.vehicle.housing;

import java.util.Locale;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;

/** What a round of the dial says of its end, in words. */
public final class DialWords {
    /** Digits of a dial reading in inches: thousandths. */
    private static final int THOUSANDTHS = 3;

    private DialWords() {}

    /** A round, what it comes to, and how well it closes on itself. */
    public static Message of(Housing housing, Side side, DialReading dial) {
        Straightness found = Straightness.of(side, dial);
        Straightness.Verdict verdict = found.verdict(housing.accepted(), housing.seat());
        return Message.of(
                "housing.round." + verdict.name().toLowerCase(Locale.ROOT),
                Message.of("housing.dial." + side.id()),
                Message.of("housing.stage." + dial.stage().name().toLowerCase(Locale.ROOT)),
                degrees(found.camber()),
                degrees(found.toe()),
                oClock(found.pulledTo()),
                oClock(found.beadAt()),
                thousandths(found.closing()),
                thousandths(housing.accepted()));
    }

    /** The nearest hour of a clock. */
    public static String oClock(double hours) {
        long whole = Math.round(hours) % 12;
        return Long.toString(whole == 0 ? 12 : whole);
    }

    /** Hundredths of a degree: a tenth is ten thousandths over a face. */
    private static String degrees(double radians) {
        return Lengths.decimal(Math.toDegrees(radians), 2).replace("-", "−") + "°";
    }

    private static String thousandths(double metres) {
        return Lengths.decimal(Math.abs(metres) / Lengths.INCH, THOUSANDTHS) + " in";
    }
}
