package org.palanca.base.units;

import org.palanca.base.units.MeasureFormatException.Reason;

/** Reads numbers, marks and unit words from left to right and remembers how far it came. */
final class MeasureScanner {
    private static final String SINGLE_FRACTIONS = "½¼¾⅛⅜⅝⅞";
    private static final double[] SINGLE_FRACTION_VALUES = {0.5, 0.25, 0.75, 0.125, 0.375, 0.625, 0.875};

    private final String text;
    private int at;

    MeasureScanner(String text) {
        this.text = text;
    }

    void skipBlanks() {
        while (at < text.length() && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == '\u00a0')) {
            at++;
        }
    }

    boolean atEnd() {
        skipBlanks();
        return at >= text.length();
    }

    /** Takes one of these characters if it is next. */
    boolean take(String characters) {
        if (at < text.length() && characters.indexOf(text.charAt(at)) >= 0) {
            at++;
            return true;
        }
        return false;
    }

    /** Takes one of these whole words if it is next, whatever its case. */
    boolean takeWord(String... words) {
        int end = at;
        while (end < text.length() && Character.isLetter(text.charAt(end))) {
            end++;
        }
        String next = text.substring(at, end);
        for (String word : words) {
            if (word.equalsIgnoreCase(next)) {
                at = end;
                return true;
            }
        }
        return false;
    }

    boolean digitNext() {
        return at < text.length()
                && (isDigit(text.charAt(at))
                        || text.charAt(at) == '.' && at + 1 < text.length() && isDigit(text.charAt(at + 1)));
    }

    /** Digits with an optional decimal point. */
    double number() {
        if (!digitNext()) {
            throw fail(Reason.NUMBER_EXPECTED);
        }
        int start = at;
        while (at < text.length() && isDigit(text.charAt(at))) {
            at++;
        }
        if (at < text.length() && text.charAt(at) == '.') {
            at++;
            while (at < text.length() && isDigit(text.charAt(at))) {
                at++;
            }
        }
        if (at < text.length() && text.charAt(at) == ',') {
            throw fail(Reason.DECIMAL_COMMA);
        }
        return Double.parseDouble(text.substring(start, at));
    }

    /** The whole number behind a fraction's slash. */
    double denominator() {
        skipBlanks();
        int before = at;
        if (!digitNext()) {
            throw fail(Reason.DENOMINATOR_EXPECTED);
        }
        double value = number();
        if (value == 0) {
            at = before;
            throw fail(Reason.ZERO_DENOMINATOR);
        }
        return value;
    }

    /** A fraction written as one character, or 0 when none is next. */
    double singleFraction() {
        int which = at < text.length() ? SINGLE_FRACTIONS.indexOf(text.charAt(at)) : -1;
        if (which < 0) {
            return 0;
        }
        at++;
        return SINGLE_FRACTION_VALUES[which];
    }

    boolean slashNext() {
        skipBlanks();
        return take("/⁄");
    }

    /** All that has not been read. */
    String rest() {
        return text.substring(at);
    }

    int mark() {
        return at;
    }

    void back(int mark) {
        at = mark;
    }

    boolean letterNext() {
        return at < text.length() && Character.isLetter(text.charAt(at));
    }

    MeasureFormatException fail(Reason reason) {
        return new MeasureFormatException(reason, text, at);
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
