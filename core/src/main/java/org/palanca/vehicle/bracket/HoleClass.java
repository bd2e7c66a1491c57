package org.palanca.vehicle.bracket;

import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.palanca.base.units.Lengths;

/**
 * How much larger than its bolt a hole is. Close, normal and loose are those of ASME B18.2.8 for inch bolts and of ISO 273, which
 * it takes over, for metric ones: both from memory. Between two sizes of the table the larger allowance counts.
 */
public enum HoleClass {
    /** What locates. */
    CLOSE(0),
    /** What is bolted through several plates. */
    NORMAL(1),
    /** What must be found with the bolt. */
    LOOSE(2),
    /** 1/16 in more than the bolt, 5/8 to 11/16: common practice, no source. */
    SHOP(-1);

    /** Allowances in 1/64 in by 1/16 in of bolt: close, normal, loose. */
    private static final NavigableMap<Integer, int[]> INCH = new TreeMap<>(Map.ofEntries(
            Map.entry(4, new int[] {1, 2, 3}),
            Map.entry(5, new int[] {1, 2, 3}),
            Map.entry(6, new int[] {1, 2, 3}),
            Map.entry(7, new int[] {1, 2, 3}),
            Map.entry(8, new int[] {2, 4, 7}),
            Map.entry(10, new int[] {2, 4, 7}),
            Map.entry(12, new int[] {2, 4, 10}),
            Map.entry(14, new int[] {2, 4, 10}),
            Map.entry(16, new int[] {2, 6, 10}),
            Map.entry(18, new int[] {2, 6, 12}),
            Map.entry(20, new int[] {2, 6, 12}),
            Map.entry(24, new int[] {4, 8, 14})));

    /** Allowances in tenths of a millimetre by millimetres of bolt. */
    private static final NavigableMap<Integer, int[]> METRIC = new TreeMap<>(Map.ofEntries(
            Map.entry(5, new int[] {3, 5, 8}),
            Map.entry(6, new int[] {4, 6, 10}),
            Map.entry(8, new int[] {4, 10, 20}),
            Map.entry(10, new int[] {5, 10, 20}),
            Map.entry(12, new int[] {10, 15, 25}),
            Map.entry(14, new int[] {10, 15, 25}),
            Map.entry(16, new int[] {10, 15, 25}),
            Map.entry(18, new int[] {10, 20, 30}),
            Map.entry(20, new int[] {10, 20, 40}),
            Map.entry(22, new int[] {10, 20, 40}),
            Map.entry(24, new int[] {10, 20, 40}),
            Map.entry(27, new int[] {10, 30, 50}),
            Map.entry(30, new int[] {10, 30, 50})));

    private static final double SIXTEENTH = Lengths.INCH / 16;
    private static final double SAME = 2e-5;

    private final int column;

    HoleClass(int column) {
        this.column = column;
    }

    /** Diameter of a hole for a bolt of a diameter [m]. */
    public double hole(double bolt) {
        if (column < 0) {
            return bolt + SIXTEENTH;
        }
        return inch(bolt)
                ? bolt + of(INCH, bolt / SIXTEENTH) * SIXTEENTH / 4
                : bolt + of(METRIC, bolt * 1000) / 10000.0;
    }

    private int of(NavigableMap<Integer, int[]> table, double size) {
        Map.Entry<Integer, int[]> row = table.ceilingEntry((int) Math.ceil(size - 0.01));
        return (row == null ? table.lastEntry() : row).getValue()[column];
    }

    /** Whether a bolt is one of inches: of whole sixteenths. */
    public static boolean inch(double bolt) {
        double sixteenths = bolt / SIXTEENTH;
        return Math.abs(sixteenths - Math.rint(sixteenths)) * SIXTEENTH < SAME;
    }

    /** As it stands in word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
