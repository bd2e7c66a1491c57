package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * What a mechanism may do at a pose, by the rank of its Jacobian there, never by counting members.
 *
 * @param rank independent equations among the members
 * @param free unknowns less rank: how many freedoms the members leave
 * @param loose freedoms that no driver sets
 * @param blocked motions that the drivers ask for and the members forbid, with the members that forbid it
 * @param redundant members that repeat what others already hold at this pose
 */
public record Mobility(int rank, int free, List<Loose> loose, List<Blocked> blocked, List<String> redundant) {
    /** Rotations are weighed against translations at this arm [m]: about half a track. */
    private static final double ARM = 0.7;

    /** Singular values under this part of the largest count as zero: a millimetre in a kilometre. */
    private static final double RANK_TOLERANCE = 1e-6;

    /** A member whose part in a block is under this part of the largest is not named. */
    private static final double PART_WORTH_NAMING = 0.02;

    public Mobility {
        loose = List.copyOf(loose);
        blocked = List.copyOf(blocked);
        redundant = List.copyOf(redundant);
    }

    /** The six ways a body moves, by the trade's names. */
    public enum Motion {
        SURGE,
        SWAY,
        HEAVE,
        ROLL,
        PITCH,
        YAW
    }

    /**
     * A freedom that no driver sets.
     *
     * @param body that moves, by its name: the first of which no other moves more than twice as much
     * @param motion of that body, by its largest part
     */
    public record Loose(String body, Motion motion) {}

    /**
     * A motion that the drivers ask for and these members forbid.
     *
     * @param motion by its largest part
     * @param members that forbid it together
     * @param drivers parts of the drivers' values whose sum has to stay nought, one a driver, in their order
     */
    public record Blocked(Motion motion, List<String> members, List<Double> drivers) {
        /** A sum smaller than this asks for nothing [m or rad]. */
        private static final double A_HAIR = 1e-9;

        public Blocked {
            members = List.copyOf(members);
            drivers = List.copyOf(drivers);
        }

        /** Whether the drivers' values ask for what is forbidden. */
        boolean asked(double[] values) {
            double sum = 0;
            for (int i = 0; i < values.length; i++) {
                sum += drivers.get(i) * values[i];
            }
            return Math.abs(sum) > A_HAIR;
        }
    }

    /** What is blocked of what the drivers' values ask for [m or rad, from where this was looked at]. */
    public List<Blocked> blocking(double... values) {
        return blocked.stream().filter(one -> one.asked(values)).toList();
    }

    /** Whether every driver can move, and nothing else can. */
    public boolean sound() {
        return loose.isEmpty() && blocked.isEmpty();
    }

    /** Looks at a mechanism in a configuration. */
    public static Mobility at(Mechanism mechanism, Configuration configuration) {
        Linearisation equations = new Linearisation(mechanism);
        equations.at(configuration);
        RealMatrix members = rows(equations, 0, equations.memberRows);
        RealMatrix drivers = rows(equations, equations.memberRows, equations.rows);
        List<RealVector> free = nullBasis(members);

        RealMatrix driven = new Array2DRowRealMatrix(drivers.getRowDimension(), Math.max(1, free.size()));
        for (int i = 0; i < free.size(); i++) {
            driven.setColumnVector(i, drivers.operate(free.get(i)));
        }
        List<Loose> loose = new ArrayList<>();
        if (!free.isEmpty()) {
            for (RealVector mix : nullBasis(driven)) {
                loose.add(loose(mechanism, combine(free, mix)));
            }
        }
        List<Blocked> blocked = new ArrayList<>();
        for (RealVector mix : nullBasis(driven.transpose())) {
            RealVector asked = drivers.preMultiply(mix);
            blocked.add(new Blocked(
                    name(asked),
                    holding(mechanism, equations, members, asked),
                    Arrays.stream(mix.toArray()).boxed().toList()));
        }
        int rank = equations.columns - free.size();
        return new Mobility(rank, free.size(), loose, blocked, redundant(mechanism, equations, members));
    }

    private static RealMatrix rows(Linearisation equations, int from, int to) {
        RealMatrix matrix = new Array2DRowRealMatrix(Math.max(1, to - from), equations.columns);
        for (int i = from; i < to; i++) {
            for (int j = 0; j < equations.columns; j++) {
                double scale = j % 6 < 3 ? 1 : 1 / ARM;
                matrix.setEntry(i - from, j, scale * equations.jacobian[i * equations.columns + j]);
            }
        }
        return matrix;
    }

    /** Directions that the matrix maps to zero, at right angles to each other. */
    private static List<RealVector> nullBasis(RealMatrix matrix) {
        int columns = matrix.getColumnDimension();
        // Rows of zeros make the decomposition give all directions, also when there are fewer rows than columns.
        RealMatrix padded = new Array2DRowRealMatrix(Math.max(matrix.getRowDimension(), columns), columns);
        padded.setSubMatrix(matrix.getData(), 0, 0);
        SingularValueDecomposition svd = new SingularValueDecomposition(padded);
        double[] values = svd.getSingularValues();
        List<RealVector> basis = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            if (values[i] <= RANK_TOLERANCE * Math.max(values[0], RANK_TOLERANCE)) {
                basis.add(svd.getV().getColumnVector(i));
            }
        }
        return basis;
    }

    private static RealVector combine(List<RealVector> vectors, RealVector weights) {
        RealVector sum = vectors.get(0).mapMultiply(weights.getEntry(0));
        for (int i = 1; i < vectors.size(); i++) {
            sum = sum.add(vectors.get(i).mapMultiply(weights.getEntry(i)));
        }
        return sum;
    }

    private static Loose loose(Mechanism mechanism, RealVector twist) {
        double most = twist.getLInfNorm();
        int body = 0;
        while (twist.getSubVector(6 * body, 6).getLInfNorm() < most / 2) {
            body++;
        }
        return new Loose(mechanism.bodies().get(body).name(), name(twist.getSubVector(6 * body, 6)));
    }

    /** Names a motion by its largest part. */
    private static Motion name(RealVector twist) {
        int largest = twist.mapToSelf(Math::abs).getMaxIndex();
        return Motion.values()[largest % 6];
    }

    /** The members whose equations together make up the one that is asked for. */
    private static List<String> holding(
            Mechanism mechanism, Linearisation equations, RealMatrix members, RealVector asked) {
        RealVector parts =
                new SingularValueDecomposition(members.transpose()).getSolver().solve(asked);
        return named(mechanism, equations, parts);
    }

    private static List<String> redundant(Mechanism mechanism, Linearisation equations, RealMatrix members) {
        List<String> names = new ArrayList<>();
        for (RealVector repeat : nullBasis(members.transpose())) {
            for (String name : named(mechanism, equations, repeat)) {
                if (!names.contains(name)) {
                    names.add(name);
                }
            }
        }
        return names;
    }

    private static List<String> named(Mechanism mechanism, Linearisation equations, RealVector parts) {
        double floor = PART_WORTH_NAMING * parts.getLInfNorm();
        List<String> names = new ArrayList<>();
        for (int i = 0; i < mechanism.members().size(); i++) {
            double part = 0;
            for (int k = 0; k < equations.equations(i); k++) {
                part = Math.max(part, Math.abs(parts.getEntry(equations.firstRow(i) + k)));
            }
            if (part > floor) {
                names.add(mechanism.members().get(i).name());
            }
        }
        return names;
    }
}
