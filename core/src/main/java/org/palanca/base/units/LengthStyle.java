package org.palanca.base.units;

/** How lengths are written on screen and sheets, and what a bare typed number means. */
public enum LengthStyle {
    INCH_SIXTEENTHS(16),
    INCH_THIRTY_SECONDS(32),
    INCH_DECIMAL(0),
    MILLIMETRES(0);

    private final int denominator;

    LengthStyle(int denominator) {
        this.denominator = denominator;
    }

    /** Parts of an inch that a length is rounded to, or 0 where the style has no fractions. */
    public int denominator() {
        return denominator;
    }

    /** Whether a number typed without a unit is taken as inches (else millimetres). */
    public boolean inches() {
        return this != MILLIMETRES;
    }
}
