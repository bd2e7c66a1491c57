package org.palanca.vehicle.survey;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One thing measured, once or several times over.
 *
 * @param kind what it says
 * @param from the first mark, or the only one
 * @param to the second mark; empty text where the kind has one
 * @param values as read [m or rad], one a repeat; nothing for a plumb drop
 * @param instrument taken with
 * @param spread standard deviation of one reading where it is not the instrument's usual [m or rad]
 */
public record Reading(
        ReadingKind kind, String from, String to, List<Double> values, Instrument instrument, OptionalDouble spread) {
    /** Two good repeats lie farther apart than so many standard deviations of one but once in seventy times. */
    private static final double AGREE = 3.5;

    public Reading {
        values = List.copyOf(values);
    }

    /** A reading with the usual instrument. */
    public static Reading of(ReadingKind kind, String from, String to, double... values) {
        return new Reading(
                kind, from, to, Arrays.stream(values).boxed().toList(), kind.usual(), OptionalDouble.empty());
    }

    /** A tape between two marks. */
    public static Reading distance(String from, String to, double... values) {
        return of(ReadingKind.DISTANCE, from, to, values);
    }

    /** The mean of the repeats that agree [m or rad]. */
    public double value() {
        return agreeing().stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    /** Standard deviation of the mean [m or rad]: that of one reading over the root of how many agree. */
    public double standardDeviation() {
        return one() / Math.sqrt(Math.max(1, agreeing().size()));
    }

    private double one() {
        return spread.orElse(instrument.spread());
    }

    /**
     * The repeats that lie no farther apart than the instrument can be off: the largest group, of two as large the one with the
     * latest repeat. What was measured again because it was doubted must not be averaged with the doubtful one.
     */
    public List<Double> agreeing() {
        double within = AGREE * one();
        List<Double> best = List.of();
        int latest = -1;
        for (double least : values) {
            List<Double> group = values.stream()
                    .filter(value -> value >= least && value <= least + within)
                    .toList();
            int last = values.lastIndexOf(group.isEmpty() ? least : lastOf(group));
            if (group.size() > best.size() || group.size() == best.size() && last > latest) {
                best = group;
                latest = last;
            }
        }
        return best;
    }

    private static double lastOf(List<Double> group) {
        return group.get(group.size() - 1);
    }

    /** The repeats that don't agree with the others, so that they can't be of the same thing. */
    public List<Double> setAside() {
        List<Double> rest = new ArrayList<>(values);
        agreeing().forEach(rest::remove);
        return List.copyOf(rest);
    }

    /** How far the repeats lie apart [m or rad]. */
    public double range() {
        return values.stream().mapToDouble(Double::doubleValue).max().orElse(0)
                - values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    }

    /** Whether it is the same measurement as another, whatever was read. */
    public boolean sameAs(Reading other) {
        boolean same = from.equals(other.from) && to.equals(other.to);
        boolean turned = kind == ReadingKind.DISTANCE && from.equals(other.to) && to.equals(other.from);
        return kind == other.kind && (same || turned);
    }

    public Reading withValues(List<Double> other) {
        return new Reading(kind, from, to, other, instrument, spread);
    }

    /** Whether it touches a mark. */
    public boolean touches(String mark) {
        return from.equals(mark) || kind.between() && to.equals(mark);
    }
}
