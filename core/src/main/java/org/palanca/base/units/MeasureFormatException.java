package org.palanca.base.units;

/** Text that is no length, angle or other amount. Says what was understood, up to where, and what was expected there. */
public final class MeasureFormatException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    /** Why the text stops making sense. The words for each stand in the resource bundle under this name. */
    public enum Reason {
        EMPTY,
        EMPTY_NUMBER,
        NUMBER_EXPECTED,
        DENOMINATOR_EXPECTED,
        ZERO_DENOMINATOR,
        FRACTION_NEEDS_INCHES,
        FRACTION_NOT_PROPER,
        INCHES_MUST_BE_UNDER_TWELVE,
        DECIMAL_COMMA,
        UNKNOWN_UNIT,
        UNKNOWN_AMOUNT,
        LEFT_OVER,
        LEFT_OVER_NUMBER,
        TOO_LARGE
    }

    private final Reason reason;
    private final String text;
    private final int position;

    MeasureFormatException(Reason reason, String text, int position) {
        super(reason + " in \"" + text + "\" after \"" + text.substring(0, position) + "\"");
        this.reason = reason;
        this.text = text;
        this.position = position;
    }

    public Reason reason() {
        return reason;
    }

    /** The part of the text that was understood. */
    public String understood() {
        return text.substring(0, position).strip();
    }

    /** The part that was not. */
    public String rest() {
        return text.substring(position).strip();
    }
}
