package org.palanca.vehicle.hardware;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.palanca.base.units.Lengths;

/**
 * A screw thread of one start.
 *
 * @param diameter nominal [m]
 * @param pitch how far a turn goes [m]
 */
public record Thread(double diameter, double pitch) {
    private static final Pattern INCH =
            Pattern.compile("((\\d+)\\s+)?(\\d+)/(\\d+)\\s*-\\s*(\\d+)|(\\d+)\\s*-\\s*(\\d+)");
    private static final Pattern METRIC = Pattern.compile("(?i)m\\s*(\\d+(?:\\.\\d+)?)\\s*[x×]\\s*(\\d+(?:\\.\\d+)?)");
    private static final double SIXTEENTH = Lengths.INCH / 16;

    /** So many threads an inch on a nominal diameter [m], as ASME B1.1 tells its threads. */
    public static Thread inch(double diameter, int perInch) {
        return new Thread(diameter, Lengths.INCH / perInch);
    }

    /** As it is stamped: {@code 3/4-16}, {@code 1 1/4-12}, {@code 1-14} or {@code M20x1.5}; empty for what is none. */
    public static Optional<Thread> parse(String text) {
        Matcher metric = METRIC.matcher(text.strip());
        if (metric.matches()) {
            return of(Double.parseDouble(metric.group(1)) / 1000, Double.parseDouble(metric.group(2)) / 1000);
        }
        Matcher inch = INCH.matcher(text.strip());
        if (!inch.matches()) {
            return Optional.empty();
        }
        if (inch.group(6) != null) {
            return of(number(inch, 6) * Lengths.INCH, Lengths.INCH / number(inch, 7));
        }
        double whole = inch.group(2) == null ? 0 : number(inch, 2);
        return of((whole + number(inch, 3) / number(inch, 4)) * Lengths.INCH, Lengths.INCH / number(inch, 5));
    }

    private static double number(Matcher matcher, int group) {
        return Double.parseDouble(matcher.group(group));
    }

    private static Optional<Thread> of(double diameter, double pitch) {
        boolean real = diameter > 0 && pitch > 0 && Double.isFinite(diameter) && Double.isFinite(pitch);
        return real ? Optional.of(new Thread(diameter, pitch)) : Optional.empty();
    }

    /** Whether it can be cut: a pitch of a third of the diameter would leave no core. */
    public boolean cuttable() {
        return diameter > 3 * pitch;
    }

    /** As it is stamped: in inches where diameter and pitch are those of an inch thread, else metric. */
    public String text() {
        double sixteenths = diameter / SIXTEENTH;
        double perInch = Lengths.INCH / pitch;
        boolean inch = isWhole(sixteenths) && isWhole(perInch);
        if (inch) {
            return Lengths.nearest(diameter, 16).text() + "-" + Math.round(perInch);
        }
        return "M" + plain(diameter * 1000) + "×" + plain(pitch * 1000);
    }

    private static boolean isWhole(double number) {
        return Math.abs(number - Math.rint(number)) < 1e-3;
    }

    private static String plain(double number) {
        return String.format(Locale.ROOT, "%.2f", number).replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}
