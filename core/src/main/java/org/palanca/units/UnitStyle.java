package org.palanca.units;

/**
 * How every kind of number is written for a person: number and unit apart, so that the number can be set larger.
 *
 * @param length how lengths are written
 */
public record UnitStyle(LengthStyle length) {
    /** The pound-force [N], from the international pound and standard gravity. */
    public static final double POUND_FORCE = 4.4482216152605;

    /** One pound-force on a square inch [Pa]. */
    public static final double PSI = POUND_FORCE / (Lengths.INCH * Lengths.INCH);

    private static final int ALLOWANCE = 32;

    /** Inches to the nearest sixteenth. */
    public static final UnitStyle SHOP = new UnitStyle(LengthStyle.INCH_SIXTEENTHS);

    /** A number and its unit as text. */
    public record Text(String number, String unit) {
        /** Both, with a blank where the unit wants one. */
        public String joined() {
            return unit.isEmpty() || unit.startsWith("°") ? number + unit : number + " " + unit;
        }
    }

    /** Writes a number held inside [SI, see {@link Quantity}]; infinity becomes the sign for it. */
    public Text format(double value, Quantity quantity) {
        String unit = unit(quantity);
        if (Double.isInfinite(value)) {
            return new Text(value > 0 ? "∞" : "-∞", unit);
        }
        String number = switch (quantity) {
            case LENGTH -> Lengths.format(value, length);
            case ANGLE -> Angles.format(value, 1);
            case PERCENT -> Lengths.decimal(value, Math.abs(value) < 9.95 ? 1 : 0);
            case RATIO, PER_TRAVEL -> Lengths.decimal(value, 4);
            case TURN_PER_TRAVEL ->
                length.inches()
                        ? Lengths.decimal(Math.toDegrees(value) * Lengths.INCH, 3)
                        : Lengths.decimal(Math.toDegrees(value) / 100, 3);
            case MASS -> Lengths.decimal(value, 0);
            case FORCE -> Lengths.decimal(length.inches() ? value / POUND_FORCE : value, 0);
            case RATE ->
                length.inches()
                        ? Lengths.decimal(value / POUND_FORCE * Lengths.INCH, 0)
                        : Lengths.decimal(value / 1000, 1);
            case TWIST_RATE ->
                Lengths.decimal(Math.toRadians(length.inches() ? value / POUND_FORCE / (12 * Lengths.INCH) : value), 1);
            case PRESSURE -> length.inches() ? Lengths.decimal(value / PSI, 0) : Lengths.decimal(value / 1000, 0);
            case FREQUENCY -> Lengths.decimal(value, 2);
        };
        return new Text(number, unit);
    }

    /** The unit's short name for people. */
    public String unit(Quantity quantity) {
        return switch (quantity) {
            case LENGTH -> length.inches() ? "in" : "mm";
            case ANGLE -> "°";
            case PERCENT -> "%";
            case RATIO -> "";
            case PER_TRAVEL -> length.inches() ? "in/in" : "mm/mm";
            case TURN_PER_TRAVEL -> length.inches() ? "°/in" : "°/cm";
            case MASS -> "kg";
            case FORCE -> length.inches() ? "lbf" : "N";
            case RATE -> length.inches() ? "lbf/in" : "N/mm";
            case TWIST_RATE -> length.inches() ? "lbf·ft/°" : "N·m/°";
            case PRESSURE -> length.inches() ? "psi" : "kPa";
            case FREQUENCY -> "Hz";
        };
    }

    /** Number and unit in one text. */
    public String text(double value, Quantity quantity) {
        return format(value, quantity).joined();
    }

    /** A small length, such as a deviation [m], to the thousandth of an inch or the hundredth of a millimetre. */
    public String fine(double metres) {
        return length.inches()
                ? Lengths.decimal(metres / Lengths.INCH, 3) + " in"
                : Lengths.decimal(metres * 1000, 2) + " mm";
    }

    /** How far something may be off [m], rounded down: to the thirty-second of an inch or the tenth of a millimetre. */
    public String allowance(double metres) {
        if (!length.inches()) {
            return "± " + Lengths.decimal(Math.floor(metres * 1e4) / 10, 1) + " mm";
        }
        double down = Math.floor(metres / Lengths.INCH * ALLOWANCE) / ALLOWANCE * Lengths.INCH;
        return "± " + Lengths.nearest(down, ALLOWANCE).text() + " in";
    }
}
