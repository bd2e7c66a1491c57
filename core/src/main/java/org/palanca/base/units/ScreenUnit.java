package org.palanca.base.units;

import java.util.Locale;
import java.util.Map;
import org.palanca.base.units.MeasureFormatException.Reason;

/**
 * The unit in which a quantity stands on screen.
 *
 * @param label its short name for people
 * @param size one of it, in the unit held inside [SI, see {@link Quantity}]
 * @param decimals how many are worth showing
 */
record ScreenUnit(String label, double size, int decimals) {
    private static final double DEGREE = Math.PI / 180;
    private static final double FOOT = 12 * Lengths.INCH;
    private static final double MOST = 1e6;

    /** What may be typed behind a number, in small letters and without blanks, raised points or full stops. */
    private static final Map<Quantity, Map<String, Double>> TYPED = Map.of(
            Quantity.PERCENT, Map.of("%", 1.0),
            Quantity.MASS, Map.of("kg", 1.0, "lb", UnitStyle.POUND, "lbs", UnitStyle.POUND),
            Quantity.FORCE,
                    Map.of(
                            "n", 1.0,
                            "kn", 1e3,
                            "lb", UnitStyle.POUND_FORCE,
                            "lbs", UnitStyle.POUND_FORCE,
                            "lbf", UnitStyle.POUND_FORCE),
            Quantity.RATE,
                    Map.of(
                            "n/mm", 1e3,
                            "lb/in", UnitStyle.POUND_FORCE / Lengths.INCH,
                            "lbs/in", UnitStyle.POUND_FORCE / Lengths.INCH,
                            "lbf/in", UnitStyle.POUND_FORCE / Lengths.INCH),
            Quantity.TWIST_RATE,
                    Map.of(
                            "nm/°", 1 / DEGREE,
                            "nm/deg", 1 / DEGREE,
                            "lbft/°", UnitStyle.POUND_FORCE * FOOT / DEGREE,
                            "lbft/deg", UnitStyle.POUND_FORCE * FOOT / DEGREE,
                            "lbfft/°", UnitStyle.POUND_FORCE * FOOT / DEGREE),
            Quantity.PRESSURE, Map.of("psi", UnitStyle.PSI, "kpa", 1e3, "bar", 1e5),
            Quantity.STRESS, Map.of("ksi", 1e3 * UnitStyle.PSI, "psi", UnitStyle.PSI, "mpa", 1e6),
            Quantity.FREQUENCY, Map.of("hz", 1.0));

    static ScreenUnit of(Quantity quantity, boolean inches) {
        return switch (quantity) {
            case LENGTH -> inches ? new ScreenUnit("in", Lengths.INCH, 3) : new ScreenUnit("mm", 0.001, 1);
            case ANGLE -> new ScreenUnit("°", DEGREE, 1);
            case PERCENT -> new ScreenUnit("%", 1, 0);
            case RATIO -> new ScreenUnit("", 1, 4);
            case PER_TRAVEL -> new ScreenUnit(inches ? "in/in" : "mm/mm", 1, 4);
            case TURN_PER_TRAVEL ->
                inches ? new ScreenUnit("°/in", DEGREE / Lengths.INCH, 3) : new ScreenUnit("°/cm", DEGREE / 0.01, 3);
            case MASS -> inches ? new ScreenUnit("lb", UnitStyle.POUND, 0) : new ScreenUnit("kg", 1, 0);
            case FORCE -> inches ? new ScreenUnit("lbf", UnitStyle.POUND_FORCE, 0) : new ScreenUnit("N", 1, 0);
            case RATE ->
                inches
                        ? new ScreenUnit("lbf/in", UnitStyle.POUND_FORCE / Lengths.INCH, 0)
                        : new ScreenUnit("N/mm", 1e3, 1);
            case TWIST_RATE ->
                inches
                        ? new ScreenUnit("lbf·ft/°", UnitStyle.POUND_FORCE * FOOT / DEGREE, 1)
                        : new ScreenUnit("N·m/°", 1 / DEGREE, 1);
            case PRESSURE -> inches ? new ScreenUnit("psi", UnitStyle.PSI, 0) : new ScreenUnit("kPa", 1e3, 0);
            case STRESS -> inches ? new ScreenUnit("ksi", 1e3 * UnitStyle.PSI, 1) : new ScreenUnit("MPa", 1e6, 0);
            case FREQUENCY -> new ScreenUnit("Hz", 1, 2);
        };
    }

    /** Reads a number with or without a unit; see {@link UnitStyle#parse}. */
    static double parse(String text, Quantity quantity, boolean inches) {
        MeasureScanner in = new MeasureScanner(text);
        if (in.atEnd()) {
            throw in.fail(Reason.EMPTY_NUMBER);
        }
        boolean negative = in.take("-−–");
        if (!negative) {
            in.take("+");
        }
        in.skipBlanks();
        double number = in.number();
        double size = of(quantity, inches).size;
        if (!in.atEnd()) {
            String unit = in.rest().toLowerCase(Locale.ROOT).replaceAll("[\\s.·]", "");
            Double typed = TYPED.getOrDefault(quantity, Map.of()).get(unit);
            if (typed == null) {
                throw in.fail(in.digitNext() ? Reason.LEFT_OVER_NUMBER : Reason.UNKNOWN_AMOUNT);
            }
            size = typed;
        }
        if (number > MOST) {
            in.back(0);
            throw in.fail(Reason.TOO_LARGE);
        }
        return (negative ? -number : number) * size;
    }
}
