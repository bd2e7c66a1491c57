package org.palanca.base.units;

/**
 * How every kind of number is written for a person, and read back: number and unit apart, so that the number can be set
 * larger.
 *
 * @param length how lengths are written
 */
public record UnitStyle(LengthStyle length) {
    /** The international pound [kg], by the yard and pound agreement of 1959. */
    public static final double POUND = 0.45359237;

    /** The pound-force [N]: the pound under standard gravity. */
    public static final double POUND_FORCE = POUND * 9.80665;

    /** One pound-force on a square inch [Pa]. */
    public static final double PSI = POUND_FORCE / (Lengths.INCH * Lengths.INCH);

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
            case LENGTH -> length == LengthStyle.MILLIMETRES ? millimetres(value) : Lengths.format(value, length);
            case ANGLE -> Angles.format(value, 1);
            case PERCENT -> Lengths.decimal(value, Math.abs(value) < 9.95 ? 1 : 0);
            default -> plain(value, quantity);
        };
        return new Text(number, unit);
    }

    /** Whole millimetres, as a tape is read; of a small length the tenth too, which decides there. */
    private static String millimetres(double metres) {
        double number = metres / Lengths.MILLIMETRE;
        return Math.abs(number) < SMALL ? Lengths.format(metres, LengthStyle.MILLIMETRES) : Lengths.decimal(number, 0);
    }

    private String plain(double value, Quantity quantity) {
        ScreenUnit unit = ScreenUnit.of(quantity, length.inches());
        double number = value / unit.size();
        // Of a plate the tenth of a pound is told.
        boolean light = quantity == Quantity.MASS && number != 0 && Math.abs(number) < SMALL;
        return Lengths.decimal(number, light ? 1 : unit.decimals());
    }

    /**
     * Reads what a person typed; a number without a unit is in the unit that {@link #unit} tells.
     *
     * @return the value as held inside [SI, see {@link Quantity}]
     * @throws MeasureFormatException saying what was understood and what was expected next
     */
    public double parse(String text, Quantity quantity) {
        return switch (quantity) {
            case LENGTH -> Lengths.parse(text, length);
            case ANGLE -> Angles.parse(text);
            default -> ScreenUnit.parse(text, quantity, length.inches());
        };
    }

    /** The unit's short name for people. */
    public String unit(Quantity quantity) {
        return ScreenUnit.of(quantity, length.inches()).label();
    }

    /** One of the unit that {@link #unit} tells, as held inside [SI, see {@link Quantity}]. */
    public double size(Quantity quantity) {
        return ScreenUnit.of(quantity, length.inches()).size();
    }

    /** Number and unit in one text. */
    public String text(double value, Quantity quantity) {
        return format(value, quantity).joined();
    }

    /** Of less than this the tenth of a millimetre, a pound or a kilogram decides. */
    private static final double SMALL = 9.95;

    /** A tape is read to this part of an inch where it decides. */
    private static final int[] FINER_INCHES = {32, 64};

    private static final int MOST_DECIMALS = 4;

    private static final int INCHES_A_FOOT = 12;

    /** Less apart than this two numbers are one [part of the unit shown]. */
    private static final double SAME = 1e-6;

    /**
     * Number and unit in one text, beside another number that decides what is said of it: written more finely where both would
     * read alike and are not.
     */
    public String textBeside(double value, double against, Quantity quantity) {
        String plain = text(value, quantity);
        double apart = Math.abs(value - against);
        if (!(apart > SAME * size(quantity)) || !plain.equals(text(against, quantity)) || Double.isInfinite(apart)) {
            return plain;
        }
        if (quantity == Quantity.LENGTH && length.inches()) {
            for (int parts : FINER_INCHES) {
                String text = Lengths.nearest(value, parts).text();
                if (!text.equals(Lengths.nearest(against, parts).text())) {
                    return new Text(text, unit(quantity)).joined();
                }
            }
        }
        for (int decimals = 1; decimals <= MOST_DECIMALS; decimals++) {
            String text = Lengths.decimal(value / size(quantity), decimals);
            if (!text.equals(Lengths.decimal(against / size(quantity), decimals))) {
                return new Text(text, unit(quantity)).joined();
            }
        }
        return plain;
    }

    /** A small length, such as a deviation [m], to the thousandth of an inch or the hundredth of a millimetre. */
    public String fine(double metres) {
        return length.inches()
                ? Lengths.decimal(metres / Lengths.INCH, 3) + " in"
                : Lengths.decimal(metres * 1000, 2) + " mm";
    }

    /** A length that is driven, such as a turning circle [m]: in feet and whole inches, or in metres to the tenth. */
    public String onTheRoad(double metres) {
        if (!length.inches()) {
            return Lengths.decimal(metres, 1) + " m";
        }
        long inches = Math.round(Math.abs(metres) / Lengths.INCH);
        return (metres < 0 && inches > 0 ? "-" : "") + inches / INCHES_A_FOOT + " ft " + inches % INCHES_A_FOOT + " in";
    }

    /** What a tape must show for a length [m], and how far off that it may be for what is allowed [m]. */
    public ReadingLimits limits(double exact, double allowed) {
        return ReadingLimits.of(exact, allowed, length);
    }

    /** A length as it was read [m], without its unit: in the coarsest fraction that it is, else in decimals. */
    public String asRead(double metres) {
        if (length.denominator() > 0) {
            for (int parts : new int[] {length.denominator(), 32, 64}) {
                RoundedLength rounded = Lengths.nearest(metres, parts);
                if (Math.abs(rounded.errorMetres()) < SAME * Lengths.INCH) {
                    return rounded.text();
                }
            }
            return Lengths.format(metres, LengthStyle.INCH_DECIMAL);
        }
        return Lengths.format(metres, length);
    }
}
