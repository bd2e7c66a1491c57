package org.palanca.base.units;

import java.util.Locale;
import org.palanca.base.units.MeasureFormatException.Reason;

/**
 * The one reader and writer of lengths: {@code 33 5/8}, {@code 33-5/8"}, {@code 2' 9 5/8"}, {@code 33.625 in},
 * {@code 854mm}, {@code -3/4}. Inside, a length is a double in metres.
 */
public final class Lengths {
    /** Metres in one inch, exact since 1959 (international yard and pound agreement). */
    public static final double INCH = 0.0254;

    /** Metres in one millimetre. */
    public static final double MILLIMETRE = 0.001;

    /** Longest length that is taken for one [m]: no vehicle is larger, and a slipped decimal point is. */
    public static final double LONGEST = 100;

    private static final double INCHES_PER_FOOT = 12;

    private Lengths() {}

    /** {@code inches} as metres. */
    public static double inches(double inches) {
        return inches * INCH;
    }

    /** {@code millimetres} as metres. */
    public static double millimetres(double millimetres) {
        return millimetres / 1000;
    }

    /**
     * Reads a length.
     *
     * @param text what was typed
     * @param style decides the unit of a number that has none
     * @return the length [m]
     * @throws MeasureFormatException saying what was understood and what was expected next
     */
    public static double parse(String text, LengthStyle style) {
        MeasureScanner in = new MeasureScanner(text);
        if (in.atEnd()) {
            throw in.fail(Reason.EMPTY);
        }
        boolean negative = in.take("-−–");
        if (!negative) {
            in.take("+");
        }
        in.skipBlanks();
        double metres = magnitude(in, style);
        if (!in.atEnd()) {
            throw in.fail(in.letterNext() ? Reason.UNKNOWN_UNIT : Reason.LEFT_OVER);
        }
        if (metres > LONGEST) {
            in.back(0);
            throw in.fail(Reason.TOO_LARGE);
        }
        return negative ? -metres : metres;
    }

    private static double magnitude(MeasureScanner in, LengthStyle style) {
        int start = in.mark();
        if (in.digitNext()) {
            double feet = in.number();
            in.skipBlanks();
            if (in.take("'′’") || in.takeWord("ft", "feet", "foot")) {
                return feet * INCHES_PER_FOOT * INCH + inchesAfterFeet(in);
            }
            in.back(start);
        }
        return mixedNumberWithUnit(in, style);
    }

    private static double inchesAfterFeet(MeasureScanner in) {
        in.skipBlanks();
        in.take("-");
        if (in.atEnd()) {
            return 0;
        }
        int before = in.mark();
        double inches = mixedNumber(in).value;
        if (inches >= INCHES_PER_FOOT) {
            in.back(before);
            throw in.fail(Reason.INCHES_MUST_BE_UNDER_TWELVE);
        }
        in.skipBlanks();
        takeInchMark(in);
        return inches * INCH;
    }

    private static double mixedNumberWithUnit(MeasureScanner in, LengthStyle style) {
        Mixed mixed = mixedNumber(in);
        int afterNumber = in.mark();
        in.skipBlanks();
        if (takeInchMark(in)) {
            return mixed.value * INCH;
        }
        double unit = metricUnit(in);
        if (unit == 0 && style.inches()) {
            return mixed.value * INCH;
        }
        if (mixed.fraction) {
            in.back(afterNumber);
            throw in.fail(Reason.FRACTION_NEEDS_INCHES);
        }
        return unit == 0 ? mixed.value / 1000 : mixed.value * unit;
    }

    private static double metricUnit(MeasureScanner in) {
        if (in.takeWord("mm")) {
            return MILLIMETRE;
        }
        if (in.takeWord("cm")) {
            return 0.01;
        }
        return in.takeWord("m") ? 1 : 0;
    }

    private static boolean takeInchMark(MeasureScanner in) {
        return in.take("\"″”") || in.takeWord("in", "inch", "inches");
    }

    /** A number that may be whole, decimal, a fraction, or whole and fraction with a blank or a dash between. */
    private static Mixed mixedNumber(MeasureScanner in) {
        double alone = in.singleFraction();
        if (alone > 0) {
            return new Mixed(alone, true);
        }
        double first = in.number();
        if (in.slashNext()) {
            return new Mixed(first / in.denominator(), true);
        }
        double joined = in.singleFraction();
        if (joined > 0) {
            return new Mixed(first + joined, true);
        }
        int before = in.mark();
        in.skipBlanks();
        in.take("-");
        in.skipBlanks();
        joined = in.singleFraction();
        if (joined > 0) {
            return new Mixed(first + joined, true);
        }
        if (!in.digitNext()) {
            in.back(before);
            return new Mixed(first, false);
        }
        int second = in.mark();
        double numerator = in.number();
        if (!in.slashNext()) {
            in.back(second);
            throw in.fail(Reason.LEFT_OVER);
        }
        double denominator = in.denominator();
        if (numerator >= denominator) {
            in.back(second);
            throw in.fail(Reason.FRACTION_NOT_PROPER);
        }
        return new Mixed(first + numerator / denominator, true);
    }

    private record Mixed(double value, boolean fraction) {}

    /**
     * Rounds to the nearest part of an inch, halves away from zero.
     *
     * @param metres the true length [m]
     * @param denominator parts of an inch: a power of two from 1 to 64
     * @return the text in lowest terms ({@code 33 5/8}, {@code -3/4}, {@code 0}) and the error made
     */
    public static RoundedLength nearest(double metres, int denominator) {
        long parts = Math.round(Math.abs(metres) / INCH * denominator);
        boolean negative = metres < 0 && parts != 0;
        double rounded = parts * INCH / denominator * (negative ? -1 : 1);
        long whole = parts / denominator;
        long numerator = parts % denominator;
        int lowest = denominator;
        while (numerator != 0 && numerator % 2 == 0 && lowest % 2 == 0) {
            numerator /= 2;
            lowest /= 2;
        }
        StringBuilder text = new StringBuilder(negative ? "-" : "");
        if (whole != 0 || numerator == 0) {
            text.append(whole);
        }
        if (numerator != 0) {
            text.append(whole != 0 ? " " : "").append(numerator).append('/').append(lowest);
        }
        return new RoundedLength(text.toString(), rounded, rounded - metres);
    }

    /** A length [m] in a style, without its unit. */
    public static String format(double metres, LengthStyle style) {
        return switch (style) {
            case INCH_SIXTEENTHS, INCH_THIRTY_SECONDS ->
                nearest(metres, style.denominator()).text();
            case INCH_DECIMAL -> decimal(metres / INCH, 3);
            case MILLIMETRES -> {
                String tenths = decimal(metres * 1000, 1);
                yield tenths.endsWith(".0") ? tenths.substring(0, tenths.length() - 2) : tenths;
            }
        };
    }

    /** A number with so many decimals, never {@code -0}. */
    public static String decimal(double value, int decimals) {
        String text = String.format(Locale.ROOT, "%." + decimals + "f", value);
        boolean zero = text.chars().noneMatch(c -> c >= '1' && c <= '9');
        return zero && text.startsWith("-") ? text.substring(1) : text;
    }
}
