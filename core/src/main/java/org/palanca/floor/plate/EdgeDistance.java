package org.palanca.floor.plate;

import java.util.NavigableMap;
import java.util.TreeMap;
import org.palanca.base.units.Lengths;

/**
 * How near a bolt may stand to the edge of its plate: from the middle of its hole, as AISC 360 table J3.4 has it for standard holes
 * (from memory); larger bolts one and a quarter diameters, smaller ones one and a half (common practice, no source).
 */
final class EdgeDistance {
    /** Least distances in eighths of an inch by eighths of bolt. */
    private static final NavigableMap<Integer, Integer> TABLE = new TreeMap<>();

    static {
        int[][] rows = {{4, 6}, {5, 7}, {6, 8}, {7, 9}, {8, 10}, {9, 12}, {10, 13}};
        for (int[] row : rows) {
            TABLE.put(row[0], row[1]);
        }
    }

    private static final double EIGHTH = Lengths.INCH / 8;
    private static final double SMALL = 1.5;
    private static final double LARGE = 1.25;

    private EdgeDistance() {}

    /** For a bolt of a diameter [m]; between two sizes of the table in proportion. */
    static double least(double bolt) {
        double size = bolt / EIGHTH;
        if (size < TABLE.firstKey()) {
            return SMALL * bolt;
        }
        if (size > TABLE.lastKey()) {
            return Math.max(LARGE * bolt, TABLE.lastEntry().getValue() * EIGHTH);
        }
        var below = TABLE.floorEntry((int) Math.floor(size + 1e-9));
        var above = TABLE.ceilingEntry((int) Math.ceil(size - 1e-9));
        double part = size - below.getKey();
        return (below.getValue() + part * (above.getValue() - below.getValue())) * EIGHTH;
    }
}
