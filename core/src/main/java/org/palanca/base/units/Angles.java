package org.palanca.base.units;

import org.palanca.base.units.MeasureFormatException.Reason;

/** The one reader and writer of angles: {@code 5.8}, {@code -3 deg}, {@code 3° 30'}. Inside, radians. */
public final class Angles {
    private static final double LARGEST_DEGREES = 360;

    private Angles() {}

    /**
     * Reads an angle in degrees, with optional minutes.
     *
     * @return the angle [rad]
     * @throws MeasureFormatException saying what was understood and what was expected next
     */
    public static double parse(String text) {
        MeasureScanner in = new MeasureScanner(text);
        if (in.atEnd()) {
            throw in.fail(Reason.EMPTY);
        }
        boolean negative = in.take("-−–");
        if (!negative) {
            in.take("+");
        }
        in.skipBlanks();
        double degrees = in.number();
        in.skipBlanks();
        if (in.take("°") || in.takeWord("deg", "degree", "degrees")) {
            in.skipBlanks();
            if (in.digitNext()) {
                degrees += in.number() / 60;
                in.skipBlanks();
                in.take("'′’");
            }
        }
        if (!in.atEnd()) {
            throw in.fail(in.letterNext() ? Reason.UNKNOWN_UNIT : Reason.LEFT_OVER);
        }
        if (degrees > LARGEST_DEGREES) {
            in.back(0);
            throw in.fail(Reason.TOO_LARGE);
        }
        return Math.toRadians(negative ? -degrees : degrees);
    }

    /** An angle [rad] in degrees with so many decimals, without its sign for degrees. */
    public static String format(double radians, int decimals) {
        return Lengths.decimal(Math.toDegrees(radians), decimals);
    }
}
