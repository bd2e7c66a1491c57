package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/**
 * The one measurement more that helps most where the uncertainty is largest. A reading with derivatives a and standard deviation
 * s turns the covariance C into C - C a a' C / (s^2 + a' C a); what it will read does not matter, so it can be known before
 * it is taken.
 *
 * @param reading what to measure, without a value
 * @param mark whose uncertainty it cuts
 * @param before that mark's uncertainty now [m]; infinite where it is free
 * @param after the uncertainty then [m]
 */
public record NextReading(Reading reading, String mark, double before, double after) {
    /** A gain smaller than this is not worth the walk. */
    private static final double WORTH_IT = 0.85;

    /** Tapes longer than this sag and need a second pair of hands [m]. */
    private static final double LONGEST_TAPE = 7.5;

    /** The best next reading for the least certain mark; empty when nothing would help much. */
    public static Optional<NextReading> of(Adjustment adjustment) {
        Optional<Mark> worst = adjustment.survey().marks().stream()
                .filter(mark -> adjustment.uncertainty(mark.name()) > 0)
                .max(Comparator.comparingDouble(mark -> adjustment.uncertainty(mark.name())));
        if (worst.isEmpty()) {
            return Optional.empty();
        }
        String mark = worst.get().name();
        double before = adjustment.uncertainty(mark);
        if (Double.isInfinite(before)) {
            return settling(adjustment, worst.get());
        }
        return candidates(adjustment, mark).stream()
                .map(reading -> new NextReading(reading, mark, before, uncertaintyWith(adjustment, reading, mark)))
                .filter(next -> next.after() < WORTH_IT * before)
                .min(Comparator.comparingDouble(NextReading::after));
    }

    /** What could be read of a mark and was not, without values. */
    static List<Reading> candidates(Adjustment adjustment, String mark) {
        List<Reading> all = new ArrayList<>();
        for (ReadingKind kind : List.of(ReadingKind.HEIGHT, ReadingKind.OFFSET, ReadingKind.AHEAD)) {
            all.add(Reading.of(kind, mark, ""));
        }
        for (Mark other : adjustment.survey().marks()) {
            boolean far = Vector3D.distance(adjustment.place(other.name()), adjustment.place(mark)) > LONGEST_TAPE;
            boolean known = adjustment.free(other.name()).isEmpty();
            if (!other.name().equals(mark) && known && !far) {
                all.add(Reading.distance(other.name(), mark));
            }
        }
        all.removeIf(reading -> adjustment.survey().readings().stream().anyMatch(reading::sameAs));
        return all;
    }

    /**
     * For a mark that is not held: the reading that holds most of what is free, and of those the one that leaves least uncertainty.
     * The other marks are taken to stand where they are, which is enough to choose by.
     */
    private static Optional<NextReading> settling(Adjustment adjustment, Mark mark) {
        Survey alone =
                Survey.NONE.with(new Mark(mark.name(), adjustment.place(mark.name()), mark.defined(), mark.photos()));
        for (Mark other : adjustment.placed()) {
            alone = alone.with(new Mark(other.name(), adjustment.place(other.name()), EnumSet.allOf(Axis.class)));
        }
        Survey around = alone;
        List<Reading> taken = adjustment.survey().readings().stream()
                .filter(reading -> reading.touches(mark.name()))
                .filter(reading -> around.mark(reading.from()).isPresent())
                .filter(reading ->
                        !reading.kind().between() || around.mark(reading.to()).isPresent())
                .toList();
        int free = adjustment.free(mark.name()).size();
        return candidates(adjustment, mark.name()).stream()
                .map(reading -> {
                    Vector3D at = around.mark(mark.name()).orElseThrow().near();
                    Vector3D from = reading.kind().between() ? adjustment.place(reading.from()) : at;
                    Reading read = reading.withValues(List.of(reading.kind().value(0, from, at)));
                    return new Settled(
                            reading, Adjustment.of(around.withReadings(taken).with(read)), mark.name());
                })
                .filter(settled -> settled.free() < free)
                .min(Comparator.comparingInt(Settled::free).thenComparingDouble(Settled::held))
                .map(settled -> new NextReading(
                        settled.reading(),
                        mark.name(),
                        Double.POSITIVE_INFINITY,
                        settled.adjustment().uncertainty(mark.name())));
    }

    /** A reading tried on a mark that is not held. */
    private record Settled(Reading reading, Adjustment adjustment, String mark) {
        int free() {
            return adjustment.free(mark).size();
        }

        /** Uncertainty in the directions that are determined [m]. */
        double held() {
            double sum = 0;
            for (Axis axis : Axis.values()) {
                double deviation = adjustment.deviation(mark, axis);
                sum += Double.isInfinite(deviation) ? 0 : deviation * deviation;
            }
            return Math.sqrt(sum);
        }
    }

    private static double uncertaintyWith(Adjustment adjustment, Reading reading, String mark) {
        Network network = adjustment.network();
        Vector3D at = adjustment.place(mark);
        Vector3D from = reading.kind().between() ? adjustment.place(reading.from()) : at;
        Vector3D slope = reading.kind().slope(0, from, at);
        double[] a = new double[network.unknowns()];
        network.put(a, network.mark(mark), slope);
        if (reading.kind().between()) {
            network.put(a, network.mark(reading.from()), slope.negate());
        }
        Determination determined = adjustment.determined();
        double deviation = reading.standardDeviation();
        double total = deviation * deviation + determined.square(a);
        double sum = 0;
        for (Axis axis : Axis.values()) {
            int i = network.unknown(network.mark(mark), axis);
            if (i >= 0) {
                double common = determined.cofactorTimes(i, a);
                sum += determined.cofactor(i, i) - common * common / total;
            }
        }
        return Math.sqrt(Math.max(0, sum));
    }
}
