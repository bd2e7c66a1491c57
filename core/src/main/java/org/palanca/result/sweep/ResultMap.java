package org.palanca.result.sweep;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;

/**
 * One or all results over the square of left against right travel, row by row so that each pose starts warm beside the
 * last. Rows run with the right wheel's travel, columns with the left wheel's, both from full droop to full bump.
 */
public final class ResultMap {
    private final int size;
    private final int results;
    private final double[] values;
    private final double[] row;

    /**
     * Makes room for a map.
     *
     * @param size poses along each edge, at least 2
     * @param results how many results each pose has
     */
    public ResultMap(int size, int results) {
        this.size = size;
        this.results = results;
        values = new double[size * size * results];
        row = new double[results];
    }

    /** Visits every pose in a serpentine, so that each is next to the one before. Allocates nothing where poses close. */
    public void fill(AxleModel model) {
        fillRows(model, 0, size, 0, row);
    }

    /**
     * The same at one steering, half of it on another core.
     *
     * @param other a second model of the same axle
     * @param steer part of the lock, see {@link org.palanca.mechanism.axle.WheelTravel#steer}
     * @param core where the second half is worked out
     */
    public void fill(AxleModel model, AxleModel other, double steer, Executor core) {
        int half = size / 2;
        double[] otherRow = new double[results];
        CompletableFuture<Void> second =
                CompletableFuture.runAsync(() -> fillRows(other, half, size, steer, otherRow), core);
        fillRows(model, 0, half, steer, row);
        second.join();
    }

    private void fillRows(AxleModel model, int from, int to, double steer, double[] into) {
        Axle axle = model.axle();
        model.moveTo(0, 0, 0);
        model.moveTo(0, 0, steer);
        for (int i = from; i < to; i++) {
            for (int k = 0; k < size; k++) {
                int j = (i - from) % 2 == 0 ? k : size - 1 - k;
                boolean closes = model.moveTo(travel(axle, j), travel(axle, i), steer);
                if (closes) {
                    model.evaluate(into);
                }
                int at = (i * size + j) * results;
                for (int r = 0; r < results; r++) {
                    values[at + r] = closes ? into[r] : Double.NaN;
                }
            }
        }
    }

    private double travel(Axle axle, int index) {
        double droop = axle.travel().droop();
        return -droop + (droop + axle.travel().bump()) * index / (size - 1);
    }

    public int size() {
        return size;
    }

    /** A result at a pose: NaN where the axle does not close. */
    public double value(int leftIndex, int rightIndex, int result) {
        return values[(rightIndex * size + leftIndex) * results + result];
    }
}
