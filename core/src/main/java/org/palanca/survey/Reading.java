package org.palanca.survey;

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

    /** The mean of the repeats [m or rad]. */
    public double value() {
        return values.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    /** Standard deviation of the mean [m or rad]: that of one reading over the root of how many there are. */
    public double standardDeviation() {
        return spread.orElse(instrument.spread()) / Math.sqrt(Math.max(1, values.size()));
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
