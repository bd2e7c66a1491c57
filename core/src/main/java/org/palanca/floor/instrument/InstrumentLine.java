package org.palanca.floor.instrument;

import java.util.Locale;
import org.palanca.base.units.Quantity;

/**
 * One line of an instrument's stream: what it shows now. The format is plain text, one reading a line, fields parted by one
 * blank:
 *
 * <pre>
 * palanca-instrument 1 angle
 * angle -12.35 deg steady
 * angle -12.31 deg moving
 * </pre>
 *
 * The first line names format, version and kind. Kinds are {@code angle} in {@code deg} and {@code distance} in {@code mm};
 * the last word says whether the tool lies still. Numbers have a point for decimals. Lines starting with # are comments.
 *
 * @param kind what it measures
 * @param value [rad, m or kg]
 * @param steady whether it lies still
 */
public record InstrumentLine(Kind kind, double value, boolean steady) {
    /** Name and version that a stream starts with. */
    public static final String GREETING = "palanca-instrument 1";

    private static final int FIELDS = 4;

    /** What an instrument measures. */
    public enum Kind {
        ANGLE(Quantity.ANGLE, 180),
        DISTANCE(Quantity.LENGTH, 100_000),
        /** One pad of four wheel scales; so are the next three. */
        WEIGHT_FRONT_LEFT(Quantity.MASS, 20_000),
        WEIGHT_FRONT_RIGHT(Quantity.MASS, 20_000),
        WEIGHT_REAR_LEFT(Quantity.MASS, 20_000),
        WEIGHT_REAR_RIGHT(Quantity.MASS, 20_000);

        private final Quantity quantity;
        private final double most;

        Kind(Quantity quantity, double most) {
            this.quantity = quantity;
            this.most = most;
        }

        /** The name in the stream. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        public Quantity quantity() {
            return quantity;
        }
    }

    /** A line that is not of the format. */
    public static final class BadLine extends Exception {
        private static final long serialVersionUID = 1;

        BadLine(String why, String line) {
            super(why + ": " + (line.length() > 60 ? line.substring(0, 60) + "…" : line));
        }
    }

    /**
     * Reads a line.
     *
     * @throws BadLine saying what is wrong with it
     */
    public static InstrumentLine parse(String line) throws BadLine {
        String[] fields = line.strip().split(" ");
        if (fields.length != FIELDS) {
            throw new BadLine("four fields wanted, such as \"angle 1.25 deg steady\"", line);
        }
        Kind kind = kind(fields[0], line);
        if (!fields[2].equals(kind.quantity().fileUnit())) {
            throw new BadLine(kind.quantity().fileUnit() + " wanted third", line);
        }
        if (!fields[3].equals("steady") && !fields[3].equals("moving")) {
            throw new BadLine("steady or moving wanted at the end", line);
        }
        return new InstrumentLine(kind, value(fields[1], kind, line), fields[3].equals("steady"));
    }

    private static Kind kind(String word, String line) throws BadLine {
        for (Kind kind : Kind.values()) {
            if (kind.id().equals(word)) {
                return kind;
            }
        }
        throw new BadLine("angle, distance or weight_front_left and the like wanted first", line);
    }

    private static double value(String word, Kind kind, String line) throws BadLine {
        try {
            double number = Double.parseDouble(word);
            if (Math.abs(number) <= kind.most) {
                return kind.quantity().fromFile(number);
            }
        } catch (NumberFormatException e) {
            // Said below, as for a number out of range.
        }
        throw new BadLine("a number up to " + Math.round(kind.most) + " wanted second", line);
    }

    /** The line as it is sent. */
    public String text() {
        return String.format(
                Locale.ROOT,
                "%s %.3f %s %s",
                kind.id(),
                kind.quantity().toFile(value),
                kind.quantity().fileUnit(),
                steady ? "steady" : "moving");
    }
}
