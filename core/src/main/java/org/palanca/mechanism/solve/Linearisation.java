package org.palanca.mechanism.solve;

import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Constraint;
import org.palanca.mechanism.Mechanism;

/** All equations of a mechanism at a configuration: members first, then drivers. Flat, reused, no allocation. */
final class Linearisation {
    final int rows;
    final int memberRows;
    final int columns;
    final double[] residual;
    final double[] jacobian;
    private final Constraint[] constraints;
    private final int[] firstRow;

    Linearisation(Mechanism mechanism) {
        int members = mechanism.members().size();
        int drivers = mechanism.drivers().size();
        constraints = new Constraint[members + drivers];
        firstRow = new int[members + drivers];
        int row = 0;
        for (int i = 0; i < members; i++) {
            constraints[i] = mechanism.members().get(i).bind(mechanism);
            firstRow[i] = row;
            row += constraints[i].equations();
        }
        memberRows = row;
        for (int i = 0; i < drivers; i++) {
            constraints[members + i] = mechanism.drivers().get(i).bind(mechanism, i);
            firstRow[members + i] = row;
            row += constraints[members + i].equations();
        }
        rows = row;
        columns = mechanism.unknowns();
        residual = new double[rows];
        jacobian = new double[rows * columns];
    }

    /** Residuals alone, a third of the work of both. */
    void residualsAt(Configuration configuration) {
        for (int i = 0; i < constraints.length; i++) {
            constraints[i].residuals(configuration, residual, firstRow[i]);
        }
    }

    /** Residuals alone of the constraints that are marked; the others keep what they had. */
    void residualsAt(Configuration configuration, boolean[] marked) {
        for (int i = 0; i < constraints.length; i++) {
            if (marked[i]) {
                constraints[i].residuals(configuration, residual, firstRow[i]);
            }
        }
    }

    /** Residuals and derivatives of the constraints that are marked; the others keep what they had. */
    void at(Configuration configuration, boolean[] marked) {
        for (int i = 0; i < constraints.length; i++) {
            if (marked[i]) {
                constraints[i].linearise(configuration, residual, jacobian, firstRow[i], columns);
            }
        }
    }

    /** Members and drivers. */
    int constraints() {
        return constraints.length;
    }

    void at(Configuration configuration) {
        for (int i = 0; i < constraints.length; i++) {
            constraints[i].linearise(configuration, residual, jacobian, firstRow[i], columns);
        }
    }

    /**
     * Adds the second derivatives of the equations of the constraints that are marked, each weighted, to a Hessian of
     * {@link #columns} by the same.
     */
    void addCurvature(Configuration configuration, double[] weights, double[] hessian, boolean[] marked) {
        for (int i = 0; i < constraints.length; i++) {
            if (marked[i]) {
                constraints[i].addCurvature(configuration, weights, firstRow[i], hessian, columns);
            }
        }
    }

    /** Marks the constraints that have one of some rows. */
    boolean[] marked(int[] rows) {
        boolean[] marked = new boolean[constraints.length];
        for (int i = 0; i < constraints.length; i++) {
            for (int row : rows) {
                marked[i] |= row >= firstRow[i] && row < firstRow[i] + constraints[i].equations();
            }
        }
        return marked;
    }

    /** Whether a row depends on a body, as linearised last: single entries may be zero by chance, a body's six never. */
    boolean touches(int row, int body) {
        for (int column = 6 * body; column < 6 * body + 6; column++) {
            if (jacobian[row * columns + column] != 0) {
                return true;
            }
        }
        return false;
    }

    /** Largest residual [m]; NaN counts as infinite. */
    double largestResidual() {
        double largest = 0;
        for (int i = 0; i < rows; i++) {
            double size = Math.abs(residual[i]);
            if (!(size <= largest)) {
                largest = Double.isNaN(size) ? Double.POSITIVE_INFINITY : size;
            }
        }
        return largest;
    }

    /** First row of member or driver {@code i}, drivers counted on after the members. */
    int firstRow(int i) {
        return firstRow[i];
    }

    int equations(int i) {
        return constraints[i].equations();
    }
}
