package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/**
 * Cholesky factors of the normal equations of a survey within their envelope: each row from its first entry on. The unknowns
 * are taken in the reverse order of a walk from neighbour to neighbour, which keeps the envelope narrow (Cuthill and McKee, 1969;
 * George and Liu, Computer Solution of Large Sparse Positive Definite Systems, 1981, chapter 4).
 *
 * <p>A pivot that vanishes against its own diagonal is of an unknown that the readings leave free together with ones before: it
 * is passed over, and gives a motion without effect. So a mark that is not held costs no more than one that is.
 */
final class NormalFactors {
    /** Pivots above this part of their diagonal are beyond doubt, those under the other are nothing but rounding. */
    private static final double HELD = 1e-8;

    private static final double FREE = 1e-12;

    private final DesignMatrix design;

    /** Unknowns in the order they are taken, and for each unknown its place in it. */
    private final int[] order;

    private final int[] place;

    /** The first column of each row, and its entries from there to the diagonal. */
    private final int[] first;

    private final double[][] row;
    private final boolean[] passed;
    private final BitSet untouched = new BitSet();
    private boolean clear = true;

    private NormalFactors(DesignMatrix design) {
        this.design = design;
        int n = design.unknowns();
        order = order(design);
        place = new int[n];
        for (int i = 0; i < n; i++) {
            place[order[i]] = i;
        }
        first = new int[n];
        row = new double[n][];
        passed = new boolean[n];
        sum();
        for (int i = 0; i < n && clear; i++) {
            factor(i);
        }
    }

    /** The factors, or nothing where it is not clear what the readings hold: singular values then have to tell. */
    static Optional<NormalFactors> of(DesignMatrix design) {
        NormalFactors factors = new NormalFactors(design);
        return factors.clear ? Optional.of(factors) : Optional.empty();
    }

    /** From the least connected unknown outwards, backwards; each part of the survey by itself. */
    private static int[] order(DesignMatrix design) {
        int n = design.unknowns();
        BitSet[] beside = new BitSet[n];
        Arrays.setAll(beside, i -> new BitSet());
        for (int[] touched : design.at()) {
            for (int i : touched) {
                for (int j : touched) {
                    beside[i].set(j);
                }
            }
        }
        int[] degree = new int[n];
        Arrays.setAll(degree, i -> beside[i].cardinality());
        List<Integer> walk = new ArrayList<>();
        BitSet seen = new BitSet();
        while (walk.size() < n) {
            int start = seen.nextClearBit(0);
            // The end of a walk from anywhere is far out; a walk from there is the long way through.
            List<Integer> there = walk(start, beside, degree, (BitSet) seen.clone());
            walk.addAll(walk(there.get(there.size() - 1), beside, degree, seen));
        }
        int[] order = new int[n];
        for (int i = 0; i < n; i++) {
            order[i] = walk.get(n - 1 - i);
        }
        return order;
    }

    private static List<Integer> walk(int start, BitSet[] beside, int[] degree, BitSet seen) {
        List<Integer> walk = new ArrayList<>(List.of(start));
        seen.set(start);
        for (int at = 0; at < walk.size(); at++) {
            BitSet next = (BitSet) beside[walk.get(at)].clone();
            next.andNot(seen);
            seen.or(next);
            next.stream()
                    .boxed()
                    .sorted((a, b) -> Integer.compare(degree[a], degree[b]))
                    .forEach(walk::add);
        }
        return walk;
    }

    /** The normal equations in their envelope. */
    private void sum() {
        Arrays.setAll(first, i -> i);
        for (int[] touched : design.at()) {
            int least = Arrays.stream(touched).map(i -> place[i]).min().orElse(0);
            for (int i : touched) {
                first[place[i]] = Math.min(first[place[i]], least);
            }
        }
        Arrays.setAll(row, i -> new double[i - first[i] + 1]);
        for (int reading = 0; reading < design.rows(); reading++) {
            int[] at = design.at()[reading];
            double[] entries = design.entries()[reading];
            for (int a = 0; a < at.length; a++) {
                int i = place[at[a]];
                for (int b = 0; b < at.length; b++) {
                    int j = place[at[b]];
                    if (j <= i) {
                        row[i][j - first[i]] += entries[a] * entries[b];
                    }
                }
            }
        }
    }

    private void factor(int i) {
        double[] own = row[i];
        int from = first[i];
        double diagonal = own[i - from];
        double pivot = diagonal;
        for (int j = from; j < i; j++) {
            double[] other = row[j];
            double sum = own[j - from];
            for (int k = Math.max(from, first[j]); k < j; k++) {
                sum -= own[k - from] * other[k - first[j]];
            }
            double entry = passed[j] ? 0 : sum / other[j - first[j]];
            own[j - from] = entry;
            pivot -= entry * entry;
        }
        untouched.set(order[i], diagonal == 0);
        passed[i] = pivot <= FREE * diagonal;
        clear = passed[i] || pivot > HELD * diagonal;
        own[i - from] = passed[i] ? 0 : Math.sqrt(pivot);
    }

    /** How many unknowns are left free. */
    int free() {
        int count = 0;
        for (boolean one : passed) {
            count += one ? 1 : 0;
        }
        return count;
    }

    /** Solves with the lower factor alone, from the first unknown on that the right side has. */
    private double[] lower(double[] right) {
        int n = order.length;
        double[] y = new double[n];
        int begin = 0;
        while (begin < n && right[order[begin]] == 0) {
            begin++;
        }
        for (int i = begin; i < n; i++) {
            double sum = right[order[i]];
            double[] own = row[i];
            int from = first[i];
            for (int k = Math.max(begin, from); k < i; k++) {
                sum -= own[k - from] * y[k];
            }
            y[i] = passed[i] ? 0 : sum / own[i - from];
        }
        return y;
    }

    /** A vector times the inverse of the normal matrix times the same vector; meant for one that free motions have no part in. */
    double square(double[] vector) {
        double[] y = lower(vector);
        return dot(y, y);
    }

    /** Solves the normal equations with what was passed over at nought. */
    double[] solve(double[] right) {
        int n = order.length;
        double[] y = lower(right);
        for (int i = n - 1; i >= 0; i--) {
            y[i] = passed[i] ? 0 : y[i] / row[i][i - first[i]];
            for (int k = first[i]; k < i; k++) {
                y[k] -= row[i][k - first[i]] * y[i];
            }
        }
        double[] solution = new double[n];
        for (int i = 0; i < n; i++) {
            solution[order[i]] = y[i];
        }
        return solution;
    }

    /** The unknowns that no reading touches: each moves freely by itself. */
    BitSet untouched() {
        return untouched;
    }

    /** Motions of the others that no reading notices, one for each that was passed over, square to one another and of length 1. */
    List<double[]> freeMotions() {
        List<double[]> motions = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            if (passed[i] && !untouched.get(order[i])) {
                double[] motion = withoutEffect(order[i]);
                for (int time = 0; time < 2; time++) {
                    motions.forEach(other -> subtract(motion, other, dot(motion, other)));
                }
                double length = Math.sqrt(dot(motion, motion));
                Arrays.setAll(motion, k -> motion[k] / length);
                motions.add(motion);
            }
        }
        return motions;
    }

    /** What the others do when a free unknown moves by one and no reading is to change. */
    private double[] withoutEffect(int unknown) {
        double[] effect = new double[design.rows()];
        for (int reading = 0; reading < effect.length; reading++) {
            for (int k = 0; k < design.at()[reading].length; k++) {
                if (design.at()[reading][k] == unknown) {
                    effect[reading] -= design.entries()[reading][k];
                }
            }
        }
        double[] motion = solve(design.transposedTimes(effect));
        motion[unknown] = 1;
        return motion;
    }

    static double dot(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }

    /** Takes another vector, some times over, from one. */
    static void subtract(double[] from, double[] other, double times) {
        for (int i = 0; i < from.length; i++) {
            from[i] -= times * other[i];
        }
    }
}
