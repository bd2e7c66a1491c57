package org.palanca.vehicle.check;

import java.util.Collection;
import java.util.Comparator;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Guesses which of the known names a mistyped one was meant to be. */
public final class NearestName {
    private static final LevenshteinDistance DISTANCE = LevenshteinDistance.getDefaultInstance();

    private NearestName() {}

    /** The known name that needs the fewest single-letter changes, or {@code -} when there is none. */
    public static String of(String name, Collection<String> known) {
        return known.stream()
                .min(Comparator.comparingInt(candidate -> DISTANCE.apply(name, candidate)))
                .orElse("-");
    }
}
