package org.palanca.vehicle.check;

import java.util.Collection;
import java.util.Comparator;
import java.util.stream.IntStream;

/** Guesses which of the known names a mistyped one was meant to be. */
public final class NearestName {
    private NearestName() {}

    /** The known name that needs the fewest single-letter changes, or {@code -} when there is none. */
    public static String of(String name, Collection<String> known) {
        return known.stream()
                .min(Comparator.comparingInt(candidate -> distance(name, candidate)))
                .orElse("-");
    }

    /** Letters to be added, dropped or changed (Levenshtein 1966), row by row of the usual table. */
    private static int distance(String one, String other) {
        int[] row = IntStream.rangeClosed(0, other.length()).toArray();
        for (int i = 1; i <= one.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int changed = diagonal + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(changed, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[other.length()];
    }
}
