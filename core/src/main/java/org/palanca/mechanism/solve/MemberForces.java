package org.palanca.mechanism.solve;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * The forces in the members of a mechanism that stands still under loads. Every equation of a member that holds it up carries a
 * force, positive where it pushes what the equation measures larger: of a rod, where it is pushed together. By virtual work they
 * balance the loads: J' f + w = 0, with J the equations' derivatives by the bodies' twists. Where there are more equations than
 * that tells, the force is shared as between bushings that all give alike: the least sum of squares.
 */
public final class MemberForces {
    /** Left over of the loads, as a part of them, above which nothing carries them. */
    private static final double BALANCED = 1e-6;

    private final Mechanism mechanism;
    private final Linearisation equations;
    private final RealMatrix transposed;
    private final DecompositionSolver solver;

    /** Of a mechanism as it stands. */
    public MemberForces(Mechanism mechanism, Configuration at) {
        this.mechanism = mechanism;
        equations = new Linearisation(mechanism);
        equations.at(at);
        double[][] rows = new double[equations.rows][equations.columns];
        for (int row = 0; row < equations.rows; row++) {
            System.arraycopy(equations.jacobian, row * equations.columns, rows[row], 0, equations.columns);
        }
        transposed = new Array2DRowRealMatrix(rows, false).transpose();
        solver = new SingularValueDecomposition(transposed).getSolver();
    }

    /**
     * The force in every equation.
     *
     * @param loads six a body: force on its origin [N], then moment about it [N m]
     * @return members first, then drivers [N, or N m where an equation measures an angle]
     */
    public double[] under(double[] loads) {
        return solver.solve(new ArrayRealVector(loads).mapMultiply(-1)).toArray();
    }

    /** Whether forces balance the loads; they do not where the mechanism is loose in the way it is loaded. */
    public boolean balance(double[] forces, double[] loads) {
        RealVector left = transposed.operate(new ArrayRealVector(forces)).add(new ArrayRealVector(loads));
        return left.getNorm() <= BALANCED * Math.max(1, new ArrayRealVector(loads).getNorm());
    }

    /**
     * Where the forces of a member begin in what {@link #under} gives; one a driver follows all members.
     *
     * @param name of the member
     * @throws IllegalArgumentException where there is no such member
     */
    public int ofMember(String name) {
        for (int i = 0; i < mechanism.members().size(); i++) {
            if (mechanism.members().get(i).name().equals(name)) {
                return equations.firstRow(i);
            }
        }
        throw new IllegalArgumentException("no member \"" + name + "\"");
    }

    /** Where the force of a driver is in what {@link #under} gives. */
    public int ofDriver(int index) {
        return equations.firstRow(mechanism.members().size() + index);
    }
}
