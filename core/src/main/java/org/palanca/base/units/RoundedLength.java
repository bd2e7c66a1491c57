package org.palanca.base.units;

/**
 * A length as it can be read off a tape, and what the rounding cost.
 *
 * @param text the rounded length without its unit, such as {@code 33 5/8}
 * @param metres the rounded length [m]
 * @param errorMetres rounded less true length [m]: positive when the text reads too long
 */
public record RoundedLength(String text, double metres, double errorMetres) {}
