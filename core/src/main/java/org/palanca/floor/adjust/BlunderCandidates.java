package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/**
 * The readings of which one is wrong, when they don't fit together: one where it stands out, several where too little was read
 * to tell them apart. With one reading more than needed every one of them explains the misfit equally well.
 *
 * <p>Leaving out one uncorrelated reading takes the square of its normalised residual from the sum of squares, so half the
 * difference of two such squares is the logarithm of how much better the one explains it than the other (the likelihood ratio
 * of Baarda's alternative hypotheses, from memory).
 *
 * @param readings the suspects, the one that explains it best first
 * @param decides the reading that would tell best which it is, without a value; empty where one stands out
 * @param settles whether that reading would tell any two of them apart
 */
public record BlunderCandidates(List<Reading> readings, Optional<Reading> decides, boolean settles) {
    /** A reading is named alone when it explains the misfit twenty times better than any other: 2 ln 20. */
    private static final double STANDS_OUT = 2 * Math.log(20);

    /** Two answers that lie farther apart than so many deviations tell two suspects apart. */
    private static final double APART = 3;

    /** So many suspects are held against one another. */
    private static final int MOST = 6;

    public BlunderCandidates {
        readings = List.copyOf(readings);
    }

    /** The suspects of a survey; empty where every reading fits. */
    public static Optional<BlunderCandidates> of(Adjustment adjustment) {
        Optional<Adjustment.Residual> outlier = adjustment.outlier();
        if (outlier.isEmpty()) {
            return Optional.empty();
        }
        double worst = square(outlier.get());
        Map<Reading, Double> all = new LinkedHashMap<>();
        adjustment.residuals().stream()
                .filter(residual -> worst - square(residual) < STANDS_OUT)
                .sorted(Comparator.comparingDouble(residual -> -square(residual)))
                .forEach(residual -> all.putIfAbsent(residual.reading(), square(residual)));
        List<Reading> readings = new ArrayList<>(all.keySet());
        return Optional.of(
                readings.size() == 1
                        ? new BlunderCandidates(readings, Optional.empty(), true)
                        : new Search(adjustment, readings).run());
    }

    /** Whether one stands out. */
    public boolean alone() {
        return readings.size() == 1;
    }

    private static double square(Adjustment.Residual residual) {
        return residual.normalised() * residual.normalised();
    }

    private static final class Search {
        private final Adjustment adjustment;
        private final List<Reading> suspects;
        private final List<Adjustment> without;

        Search(Adjustment adjustment, List<Reading> suspects) {
            this.adjustment = adjustment;
            this.suspects = suspects;
            without = suspects.stream().limit(MOST).map(adjustment::without).toList();
        }

        BlunderCandidates run() {
            Reading best = null;
            int mostPairs = 0;
            double widest = 0;
            int pairs = without.size() * (without.size() - 1) / 2;
            for (Reading candidate : candidates()) {
                int told = 0;
                double least = Double.POSITIVE_INFINITY;
                double[][] answers = answers(candidate);
                for (int i = 0; i < answers.length; i++) {
                    for (int j = 0; j < i; j++) {
                        double apart = Math.abs(answers[i][0] - answers[j][0])
                                / Math.hypot(candidate.standardDeviation(), Math.hypot(answers[i][1], answers[j][1]));
                        told += apart > APART ? 1 : 0;
                        least = Math.min(least, apart);
                    }
                }
                if (answers.length == without.size()
                        && (told > mostPairs || told == mostPairs && told > 0 && least > widest)) {
                    best = candidate;
                    mostPairs = told;
                    widest = least;
                }
            }
            return new BlunderCandidates(suspects, Optional.ofNullable(best), mostPairs == pairs);
        }

        /** What a reading would show if each suspect in turn were the wrong one, with the deviation of that. */
        private double[][] answers(Reading candidate) {
            return without.stream()
                    .map(rest -> rest.expected(candidate))
                    .flatMap(Optional::stream)
                    .map(expected -> new double[] {expected.value(), expected.deviation()})
                    .toArray(double[][]::new);
        }

        /** What was not read yet between the marks in question, then the suspects themselves, read once more. */
        private List<Reading> candidates() {
            List<Reading> all = new ArrayList<>();
            for (Reading suspect : suspects) {
                for (String mark :
                        suspect.kind().between() ? List.of(suspect.from(), suspect.to()) : List.of(suspect.from())) {
                    NextReading.candidates(adjustment, mark).stream()
                            .filter(candidate -> all.stream().noneMatch(candidate::sameAs))
                            .forEach(all::add);
                }
            }
            suspects.stream()
                    .filter(suspect -> suspect.kind() != ReadingKind.PLUMB)
                    .map(suspect -> suspect.withValues(List.of()))
                    .forEach(all::add);
            return all;
        }
    }
}
