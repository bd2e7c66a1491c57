package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/**
 * Measures by which a mark that is cut away can be put back: three, since one distance leaves it anywhere on a sphere. Either
 * the three of best spread, tapes from marks that stay and the height over the floor, or a plumb bob to the floor with what it
 * is ahead of the axle line and off the centreline, and the height.
 *
 * @param measures with the values they should show [m]; empty where nothing that stays holds the mark
 * @param uncertainty standard deviation of the place when it is found again by them, measured once and set once [m]
 * @param plumb the other way
 * @param plumbUncertainty [m]
 * @param read whether readings of the survey itself, from what stays, hold the mark already
 */
public record FindAgain(
        List<Reading> measures, double uncertainty, List<Reading> plumb, double plumbUncertainty, boolean read) {
    private static final int AXES = 3;

    /** A tape is not hooked nearer than this [m] and not pulled farther than that by one person. */
    private static final double SHORTEST = 0.1;

    private static final double LONGEST = 7.5;

    /** So many of the nearest marks are tried. */
    private static final int NEAREST = 14;

    /** A mark that can be put back within this counts as written down [m]: 1/4 in, common practice, no source. */
    private static final double GOOD_ENOUGH = Lengths.inches(0.25);

    public FindAgain {
        measures = List.copyOf(measures);
        plumb = List.copyOf(plumb);
    }

    /**
     * How a mark is found again.
     *
     * @param stays marks that no planned cut takes
     */
    static FindAgain of(Adjustment adjustment, Mark mark, List<Mark> stays) {
        Vector3D at = adjustment.place(mark.name());
        List<Reading> possible = new ArrayList<>();
        stays.stream()
                .filter(other -> reachable(adjustment, other, at))
                .sorted(Comparator.comparingDouble(other -> Vector3D.distance(adjustment.place(other.name()), at)))
                .limit(NEAREST)
                .forEach(other -> possible.add(Reading.distance(
                        other.name(), mark.name(), Vector3D.distance(adjustment.place(other.name()), at))));
        possible.add(Reading.of(ReadingKind.HEIGHT, mark.name(), "", at.getZ()));
        List<Reading> best =
                BestThree.of(
                                possible.stream()
                                        .map(one -> normal(adjustment, one))
                                        .toList(),
                                nothing())
                        .stream()
                        .map(possible::get)
                        .toList();
        List<Reading> plumb = new ArrayList<>();
        for (ReadingKind kind : List.of(ReadingKind.AHEAD, ReadingKind.OFFSET, ReadingKind.HEIGHT)) {
            plumb.add(Reading.of(kind, mark.name(), "", kind.value(0, at, at)));
        }
        return new FindAgain(
                best,
                uncertainty(adjustment, best),
                plumb,
                uncertainty(adjustment, plumb),
                read(adjustment, mark, stays));
    }

    private static boolean reachable(Adjustment adjustment, Mark other, Vector3D at) {
        double metres = Vector3D.distance(adjustment.place(other.name()), at);
        return metres >= SHORTEST && metres <= LONGEST;
    }

    /** Whether what was read of a mark from what stays leaves it no way to move. */
    private static boolean read(Adjustment adjustment, Mark mark, List<Mark> stays) {
        List<String> there = stays.stream().map(Mark::name).toList();
        RealMatrix sum = nothing();
        for (Reading reading : adjustment.survey().readings()) {
            boolean single = !reading.kind().between() && reading.from().equals(mark.name());
            boolean fromThere = reading.kind().between()
                    && (reading.from().equals(mark.name()) && there.contains(reading.to())
                            || reading.to().equals(mark.name()) && there.contains(reading.from()));
            if (single || fromThere) {
                for (int part = 0; part < reading.kind().rows(); part++) {
                    sum = sum.add(normal(adjustment, reading, part));
                }
            }
        }
        return BestThree.variance(sum) < GOOD_ENOUGH * GOOD_ENOUGH;
    }

    private static RealMatrix nothing() {
        return MatrixUtils.createRealMatrix(AXES, AXES);
    }

    private static RealMatrix normal(Adjustment adjustment, Reading reading) {
        return normal(adjustment, reading, 0);
    }

    /** The marks that stay are taken as they are: the same ones are used to measure and to set. */
    private static RealMatrix normal(Adjustment adjustment, Reading reading, int part) {
        Vector3D from = adjustment.place(reading.from());
        Vector3D to = reading.kind().between() ? adjustment.place(reading.to()) : from;
        RealVector u = MatrixUtils.createRealVector(
                reading.kind().slope(part, from, to).toArray());
        double deviation = Math.sqrt(2) * reading.standardDeviation();
        return u.outerProduct(u).scalarMultiply(1 / (deviation * deviation));
    }

    private static double uncertainty(Adjustment adjustment, List<Reading> readings) {
        RealMatrix sum = nothing();
        for (Reading reading : readings) {
            sum = sum.add(normal(adjustment, reading));
        }
        return Math.sqrt(BestThree.variance(sum));
    }

    /** Whether there is anything at all that stays and holds it. */
    public boolean possible() {
        return !measures.isEmpty();
    }
}
