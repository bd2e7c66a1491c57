package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
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

    int mark(String name) {
        return Objects.requireNonNull(index.get(name), name);
    }

    /** All places by the marks' first thoughts. */
    Vector3D[] start() {
        return marks.stream().map(Mark::near).toArray(Vector3D[]::new);
    }

    /** All places after a step of the unknowns. */
    Vector3D[] moved(Vector3D[] places, RealVector step, double part) {
        Vector3D[] next = new Vector3D[places.length];
        for (int i = 0; i < places.length; i++) {
            next[i] = new Vector3D(
                    places[i].getX() + part * along(step, i, Axis.AHEAD),
                    places[i].getY() + part * along(step, i, Axis.LEFT),
                    places[i].getZ() + part * along(step, i, Axis.UP));
        }
        return next;
    }

    private double along(RealVector step, int mark, Axis axis) {
        int at = unknown(mark, axis);
        return at < 0 ? 0 : step.getEntry(at);
    }

    /** Measured less what the places give, each over its standard deviation. */
    RealVector misclosure(Vector3D[] places) {
        RealVector misclosure = new ArrayRealVector(rows.size());
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            misclosure.setEntry(i, (row.measured() - computed(row, places)) / row.standardDeviation());
        }
        return misclosure;
    }

    double computed(Row row, Vector3D[] places) {
        return row.reading().kind().value(row.part(), first(row, places), last(row, places));
    }

    /** Derivatives of the readings by the unknowns, each row over its standard deviation. */
    RealMatrix design(Vector3D[] places) {
        RealMatrix design = new Array2DRowRealMatrix(Math.max(1, rows.size()), Math.max(1, unknowns));
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            Vector3D slope = row.reading()
                    .kind()
                    .slope(row.part(), first(row, places), last(row, places))
                    .scalarMultiply(1 / row.standardDeviation());
            put(design, i, lastMark(row), slope);
            if (row.reading().kind().between()) {
                put(design, i, mark(row.reading().from()), slope.negate());
            }
        }
        return design;
    }

    /** Adds a reading's slope into its row, at the unknowns of a mark. */
    void put(RealMatrix design, int row, int mark, Vector3D slope) {
        for (Axis axis : Axis.values()) {
            int at = unknown(mark, axis);
            if (at >= 0) {
                design.addToEntry(row, at, axis.of(slope));
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
