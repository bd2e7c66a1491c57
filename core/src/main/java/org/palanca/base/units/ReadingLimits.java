package org.palanca.base.units;

import java.util.List;

/**
 * What a tape must show and how far off that it may be, as both are written: the number as coarse as leaves most of what is
 * allowed, and what its rounding costs taken off. Whoever keeps within what is written keeps within what is allowed.
 *
 * @param number what must be read, without its unit
 * @param shown the same [m]
 * @param margin how far off {@code shown} a reading may be, as text with its unit; a dash where nothing is left
 * @param allowed the same [m]
 */
public record ReadingLimits(String number, double shown, String margin, double allowed) {
    private static final List<Integer> FRACTIONS = List.of(16, 32, 64);
    private static final int FINEST = 64;
    private static final double THOUSANDTH = Lengths.INCH / 1000;
    private static final double TENTH_MM = 1e-4;
    private static final double HUNDREDTH_MM = 1e-5;

    /** A reading is not outside for less [m]. */
    private static final double A_HAIR = 1e-7;

    /** The limits about an exact length [m], for what is allowed to either side of it [m]. */
    static ReadingLimits of(double exact, double allowed, LengthStyle style) {
        if (style == LengthStyle.MILLIMETRES) {
            String number = Lengths.decimal(exact * 1000, 1);
            double shown = Double.parseDouble(number) / 1000;
            double room = allowed - Math.abs(shown - exact);
            boolean tenths = room >= TENTH_MM;
            double left = floor(room, tenths ? TENTH_MM : HUNDREDTH_MM);
            String margin = Lengths.decimal(left * 1000, tenths ? 1 : 2) + " mm";
            return limits(number, shown, margin, left);
        }
        if (style.denominator() > 0) {
            for (int parts : FRACTIONS) {
                RoundedLength rounded = Lengths.nearest(exact, parts);
                double left = floor(allowed - Math.abs(rounded.errorMetres()), Lengths.INCH / FINEST);
                if (left > 0 && left >= allowed / 2) {
                    String margin = Lengths.nearest(left, FINEST).text() + " in";
                    return limits(rounded.text(), rounded.metres(), margin, left);
                }
            }
            if (allowed <= 0) {
                RoundedLength rounded = Lengths.nearest(exact, style.denominator());
                return limits(rounded.text(), rounded.metres(), "", 0);
            }
        }
        String number = Lengths.decimal(exact / Lengths.INCH, 3);
        double shown = Double.parseDouble(number) * Lengths.INCH;
        double left = floor(allowed - Math.abs(shown - exact), THOUSANDTH);
        return limits(number, shown, Lengths.decimal(left / Lengths.INCH, 3) + " in", left);
    }

    private static ReadingLimits limits(String number, double shown, String margin, double left) {
        return left > 0
                ? new ReadingLimits(number, shown, "± " + margin, left)
                : new ReadingLimits(number, shown, "–", 0);
    }

    private static double floor(double metres, double step) {
        return Math.floor(metres / step + 1e-9) * step;
    }

    /** Whether a reading [m] is off by more than is written; never where nothing is allowed at all. */
    public boolean outside(double read) {
        return allowed > 0 && Math.abs(read - shown) > allowed + A_HAIR;
    }
}
