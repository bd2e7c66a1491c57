package org.palanca.floor.adjust;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;

/**
 * Derivatives of the readings by the unknowns, each row over its standard deviation. A reading touches two marks at most, so
 * only what is touched is kept.
 *
 * @param unknowns how many
 * @param at for each row the unknowns it touches
 * @param entries for each row its derivatives by them
 */
record DesignMatrix(int unknowns, int[][] at, double[][] entries) {
    int rows() {
        return at.length;
    }

    /** Adds a row, some times over, to a vector. */
    void add(int row, double times, double[] into) {
        for (int k = 0; k < at[row].length; k++) {
            into[at[row][k]] += times * entries[row][k];
        }
    }

    /** The transpose times a vector of one number a row. */
    double[] transposedTimes(double[] vector) {
        double[] product = new double[unknowns];
        for (int row = 0; row < rows(); row++) {
            add(row, vector[row], product);
        }
        return product;
    }

    /** One row with what it does not touch. */
    double[] whole(int row) {
        double[] all = new double[unknowns];
        add(row, 1, all);
        return all;
    }

    /** All of it, one row and one column at least. */
    RealMatrix dense() {
        double[][] all = new double[Math.max(1, rows())][Math.max(1, unknowns)];
        for (int row = 0; row < rows(); row++) {
            add(row, 1, all[row]);
        }
        return new Array2DRowRealMatrix(all, false);
    }
}
