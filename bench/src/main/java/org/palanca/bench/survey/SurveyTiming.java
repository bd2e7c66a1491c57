package org.palanca.bench.survey;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/** A net of marks taped to their neighbours, adjusted, against one singular value decomposition of its size. */
public final class SurveyTiming {
    private static final double SPREAD = 0.0007;

    private SurveyTiming() {}

    /** Prints it. */
    public static void print() {
        Adjustment.of(net(6));
        Survey small = net(10);
        long began = System.nanoTime();
        Adjustment.of(small);
        double ours = (System.nanoTime() - began) / 1e6;
        RealMatrix matrix = MatrixUtils.createRealMatrix(
                small.readings().size(), 3 * small.marks().size());
        Random random = new Random(2);
        for (int i = 0; i < matrix.getRowDimension(); i++) {
            for (int j = 0; j < matrix.getColumnDimension(); j++) {
                matrix.setEntry(i, j, random.nextDouble());
            }
        }
        began = System.nanoTime();
        new SingularValueDecomposition(matrix);
        double general = (System.nanoTime() - began) / 1e6;
        System.out.printf(
                "%d readings of %d marks adjusted, all steps: %.0f ms; one singular value decomposition of that size"
                        + " takes %.1f times as long%n",
                small.readings().size(), small.marks().size(), ours, general / ours);
        Survey large = net(23);
        began = System.nanoTime();
        Adjustment adjustment = Adjustment.of(large);
        double adjusted = (System.nanoTime() - began) / 1e9;
        SurveyRemark.of(adjustment);
        System.out.printf(
                "%d readings of %d marks: adjusted in %.2f s, with all that is said of them %.2f s%n",
                large.readings().size(), large.marks().size(), adjusted, (System.nanoTime() - began) / 1e9);
    }

    private static Survey net(int size) {
        Random random = new Random(5);
        List<Mark> marks = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        List<Vector3D> at = new ArrayList<>();
        for (int i = 0; i < size * size; i++) {
            at.add(new Vector3D(
                    0.2 * (i / size) + 0.03 * random.nextGaussian(),
                    0.2 * (i % size) + 0.03 * random.nextGaussian(),
                    0.3 + 0.2 * random.nextDouble()));
            boolean corner = i == 0 || i == size - 1 || i == size * (size - 1) || i == size * size - 1;
            marks.add(corner ? new Mark("m" + i, at.get(i), EnumSet.allOf(Axis.class)) : Mark.at("m" + i, at.get(i)));
            readings.add(
                    Reading.of(ReadingKind.HEIGHT, "m" + i, "", at.get(i).getZ() + SPREAD * random.nextGaussian()));
            for (int other : new int[] {i - 1, i - size, i - size - 1}) {
                if (other >= 0 && (other == i - size || other % size < i % size)) {
                    double apart = Vector3D.distance(at.get(other), at.get(i));
                    readings.add(Reading.distance("m" + other, "m" + i, apart + SPREAD * random.nextGaussian()));
                }
            }
        }
        return new Survey(marks, readings, List.of(), List.of(), List.of());
    }
}
