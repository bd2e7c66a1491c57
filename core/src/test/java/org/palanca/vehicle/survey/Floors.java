package org.palanca.vehicle.survey;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;

/** Invented floors to measure on: marks with known places, and readings as instruments would give them. */
public final class Floors {
    /** Standard deviation of a first thought [m]. */
    private static final double THOUGHT = Lengths.inches(6);

    private Floors() {}

    /** A frame of eight marks over two string marks on the floor. */
    public static List<Mark> frame() {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark("string front", new Vector3D(0, 0, 0), EnumSet.allOf(Axis.class)));
        marks.add(new Mark("string rear", new Vector3D(-3.1, 0, 0), EnumSet.of(Axis.LEFT, Axis.UP)));
        double[][] places = {{-0.6, 0.43, 0.61}, {-1.5, 0.44, 0.58}, {-2.3, 0.42, 0.64}, {-3.0, 0.41, 0.70}};
        String[] names = {"cab", "belly", "kick", "tail"};
        for (int i = 0; i < places.length; i++) {
            Vector3D left = new Vector3D(places[i]);
            marks.add(Mark.at(names[i] + " left", left));
            marks.add(Mark.at(names[i] + " right", new Vector3D(left.getX(), -left.getY(), left.getZ())));
        }
        return marks;
    }

    /** Every useful reading between the marks, without noise, first thoughts spoiled by half a foot. */
    public static Survey measured(Random random) {
        List<Mark> marks = frame();
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            Mark a = marks.get(i);
            if (a.onVehicle()) {
                readings.add(exact(ReadingKind.HEIGHT, a, a));
                readings.add(exact(ReadingKind.OFFSET, a, a));
            }
            for (Mark b : marks.subList(i + 1, marks.size())) {
                if (Vector3D.distance(a.near(), b.near()) < 2.6) {
                    readings.add(exact(ReadingKind.DISTANCE, a, b));
                }
            }
        }
        readings.add(exact(ReadingKind.AHEAD, marks.get(1), marks.get(1)));
        return new Survey(spoiled(marks, random), readings, List.of(), List.of(), List.of());
    }

    private static Reading exact(ReadingKind kind, Mark a, Mark b) {
        double value = kind.value(0, a.near(), b.near());
        return Reading.of(kind, a.name(), kind.between() ? b.name() : "", value);
    }

    private static List<Mark> spoiled(List<Mark> marks, Random random) {
        return marks.stream()
                .map(mark -> new Mark(mark.name(), spoiled(mark, random), mark.defined()))
                .toList();
    }

    private static Vector3D spoiled(Mark mark, Random random) {
        double[] at = mark.near().toArray();
        for (Axis axis : Axis.values()) {
            if (!mark.defined().contains(axis)) {
                at[axis.ordinal()] += THOUGHT * random.nextGaussian();
            }
        }
        return new Vector3D(at);
    }

    /** The same with each reading off by its instrument's spread. */
    public static Survey noisy(Survey survey, Random random) {
        return survey.withReadings(survey.readings().stream()
                .map(reading -> reading.withValues(
                        List.of(reading.value() + random.nextGaussian() * reading.standardDeviation())))
                .toList());
    }

    /** With one reading replaced. */
    public static Survey with(Survey survey, int index, double value) {
        List<Reading> readings = new ArrayList<>(survey.readings());
        readings.set(index, readings.get(index).withValues(List.of(value)));
        return survey.withReadings(readings);
    }

    /** Index of a reading. */
    public static int find(Survey survey, ReadingKind kind, String from, String to) {
        Reading wanted = Reading.of(kind, from, to, 1);
        for (int i = 0; i < survey.readings().size(); i++) {
            if (survey.readings().get(i).sameAs(wanted)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no such reading");
    }
}
