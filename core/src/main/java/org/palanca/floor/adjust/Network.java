package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Survey;

/** The equations of a survey: which coordinates are looked for, and what each reading says of them. */
final class Network {
    private static final int AXES = 3;

    private final List<Mark> marks;
    private final List<Row> rows = new ArrayList<>();
    private final Map<String, Integer> index = new HashMap<>();
    private final int[] unknown;
    private final int unknowns;

    /** One number read. */
    record Row(Reading reading, int part) {
        double measured() {
            return reading.values().isEmpty() ? 0 : reading.value();
        }

        double standardDeviation() {
            return reading.standardDeviation();
        }
    }

    /** Takes the readings whose marks are known; what names another mark has been found by the survey's check. */
    Network(Survey survey) {
        marks = survey.marks();
        for (int i = 0; i < marks.size(); i++) {
            index.put(marks.get(i).name(), i);
        }
        unknown = new int[AXES * marks.size()];
        int next = 0;
        for (int i = 0; i < marks.size(); i++) {
            for (Axis axis : Axis.values()) {
                unknown[AXES * i + axis.ordinal()] = marks.get(i).defined().contains(axis) ? -1 : next++;
            }
        }
        unknowns = next;
        for (Reading reading : survey.readings()) {
            boolean known =
                    index.containsKey(reading.from()) && (!reading.kind().between() || index.containsKey(reading.to()));
            for (int part = 0; known && part < reading.kind().rows(); part++) {
                rows.add(new Row(reading, part));
            }
        }
    }

    List<Row> rows() {
        return rows;
    }

    List<Mark> marks() {
        return marks;
    }

    int unknowns() {
        return unknowns;
    }

    /** Place in the list of unknowns; -1 for a coordinate that is so by definition. */
    int unknown(int mark, Axis axis) {
        return unknown[AXES * mark + axis.ordinal()];
    }

    Optional<Integer> find(String mark) {
        return Optional.ofNullable(index.get(mark));
    }

    int mark(String name) {
        return Objects.requireNonNull(index.get(name), name);
    }

    /** All places by the marks' first thoughts. */
    Vector3D[] start() {
        return marks.stream().map(Mark::near).toArray(Vector3D[]::new);
    }

    /** All places after a step of the unknowns. */
    Vector3D[] moved(Vector3D[] places, double[] step, double part) {
        Vector3D[] next = new Vector3D[places.length];
        for (int i = 0; i < places.length; i++) {
            next[i] = new Vector3D(
                    places[i].getX() + part * along(step, i, Axis.AHEAD),
                    places[i].getY() + part * along(step, i, Axis.LEFT),
                    places[i].getZ() + part * along(step, i, Axis.UP));
        }
        return next;
    }

    private double along(double[] step, int mark, Axis axis) {
        int at = unknown(mark, axis);
        return at < 0 ? 0 : step[at];
    }

    /** Measured less what the places give, each over its standard deviation. */
    double[] misclosure(Vector3D[] places) {
        double[] misclosure = new double[rows.size()];
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            misclosure[i] = (row.measured() - computed(row, places)) / row.standardDeviation();
        }
        return misclosure;
    }

    double computed(Row row, Vector3D[] places) {
        return row.reading().kind().value(row.part(), first(row, places), last(row, places));
    }

    /** Derivatives of the readings by the unknowns, each row over its standard deviation. */
    DesignMatrix design(Vector3D[] places) {
        int[][] at = new int[rows.size()][];
        double[][] entries = new double[rows.size()][];
        for (int i = 0; i < at.length; i++) {
            Row row = rows.get(i);
            Vector3D slope = row.reading()
                    .kind()
                    .slope(row.part(), first(row, places), last(row, places))
                    .scalarMultiply(1 / row.standardDeviation());
            int first = row.reading().kind().between() ? mark(row.reading().from()) : -1;
            int last = lastMark(row);
            at[i] = touched(first, last);
            entries[i] = new double[at[i].length];
            for (int k = 0; k < at[i].length; k++) {
                entries[i][k] = entry(at[i][k], first, last, slope);
            }
        }
        return new DesignMatrix(unknowns, at, entries);
    }

    /** The unknowns of a reading's marks; the first is -1 where it has one mark only. */
    private int[] touched(int first, int last) {
        return IntStream.of(first, last)
                .filter(mark -> mark >= 0)
                .distinct()
                .flatMap(mark -> IntStream.range(AXES * mark, AXES * mark + AXES))
                .map(i -> unknown[i])
                .filter(i -> i >= 0)
                .toArray();
    }

    private double entry(int at, int first, int last, Vector3D slope) {
        double entry = 0;
        for (Axis axis : Axis.values()) {
            entry += unknown(last, axis) == at ? axis.of(slope) : 0;
            entry -= first >= 0 && unknown(first, axis) == at ? axis.of(slope) : 0;
        }
        return entry;
    }

    /** Adds a reading's slope to a row that is not of the survey, at the unknowns of a mark. */
    void put(double[] row, int mark, Vector3D slope) {
        for (Axis axis : Axis.values()) {
            int at = unknown(mark, axis);
            if (at >= 0) {
                row[at] += axis.of(slope);
            }
        }
    }

    private int lastMark(Row row) {
        return mark(
                row.reading().kind().between()
                        ? row.reading().to()
                        : row.reading().from());
    }

    private Vector3D first(Row row, Vector3D[] places) {
        return places[mark(row.reading().from())];
    }

    private Vector3D last(Row row, Vector3D[] places) {
        return places[lastMark(row)];
    }
}
