package org.palanca.vehicle.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everything measured and planned around the vehicle as it stands. Immutable.
 *
 * @param marks in the order they were made
 * @param readings in the order they were taken
 * @param zones what may be cut
 * @param cuts what will be
 * @param supports what holds things up
 */
public record Survey(
        List<Mark> marks, List<Reading> readings, List<Zone> zones, List<Cut> cuts, List<Support> supports) {
    /** Nothing measured yet. */
    public static final Survey NONE = new Survey(List.of(), List.of(), List.of(), List.of(), List.of());

    public Survey {
        marks = List.copyOf(marks);
        readings = List.copyOf(readings);
        zones = List.copyOf(zones);
        cuts = List.copyOf(cuts);
        supports = List.copyOf(supports);
    }

    public Optional<Mark> mark(String name) {
        return marks.stream().filter(mark -> mark.name().equals(name)).findFirst();
    }

    public Survey withMarks(List<Mark> other) {
        return new Survey(other, readings, zones, cuts, supports);
    }

    public Survey withReadings(List<Reading> other) {
        return new Survey(marks, other, zones, cuts, supports);
    }

    public Survey withCuts(List<Cut> other) {
        return new Survey(marks, readings, zones, other, supports);
    }

    public Survey withSupports(List<Support> other) {
        return new Survey(marks, readings, zones, cuts, other);
    }

    public Survey withZones(List<Zone> other) {
        return new Survey(marks, readings, other, cuts, supports);
    }

    /** With one mark more, or in the place of the mark of that name. */
    public Survey with(Mark mark) {
        List<Mark> next = new ArrayList<>(marks);
        next.replaceAll(old -> old.name().equals(mark.name()) ? mark : old);
        if (!next.contains(mark)) {
            next.add(mark);
        }
        return withMarks(next);
    }

    /** With a reading more: repeats of a measurement already taken join it. */
    public Survey with(Reading reading) {
        List<Reading> next = new ArrayList<>(readings);
        for (int i = 0; i < next.size(); i++) {
            Reading old = next.get(i);
            if (old.sameAs(reading)
                    && old.instrument() == reading.instrument()
                    && old.spread().equals(reading.spread())) {
                List<Double> values = new ArrayList<>(old.values());
                values.addAll(reading.values());
                next.set(i, old.withValues(values));
                return withReadings(next);
            }
        }
        next.add(reading);
        return withReadings(next);
    }

    /** Without a mark, and without what was measured to it. */
    public Survey without(Mark mark) {
        return withMarks(marks.stream().filter(old -> !old.equals(mark)).toList())
                .withReadings(readings.stream()
                        .filter(reading -> !reading.touches(mark.name()))
                        .toList());
    }
}
