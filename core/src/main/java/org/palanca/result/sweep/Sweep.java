package org.palanca.result.sweep;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.TargetBand;

/** Every result of an axle along a path. The values are in the inside unit of each result. */
public final class Sweep {
    private final TravelPath path;
    private final List<Result> results;
    private final double[][] values;

    private Sweep(TravelPath path, List<Result> results, double[][] values) {
        this.path = path;
        this.results = results;
        this.values = values;
    }

    /** Walks the path from the pose nearest ride outwards both ways. Leaves the model at ride. */
    public static Sweep run(AxleModel model, TravelPath path) {
        double[][] values = new double[path.poses()][model.results().size()];
        int middle = path.nearestRide();
        model.toRide();
        for (int i = middle; i < path.poses(); i++) {
            visit(model, path.at(i), values[i]);
        }
        model.toRide();
        for (int i = middle - 1; i >= 0; i--) {
            visit(model, path.at(i), values[i]);
        }
        model.toRide();
        return new Sweep(path, model.results(), values);
    }

    private static void visit(AxleModel model, WheelTravel pose, double[] row) {
        if (model.moveTo(pose)) {
            model.evaluate(row);
        } else {
            Arrays.fill(row, Double.NaN);
        }
    }

    public TravelPath path() {
        return path;
    }

    public List<Result> results() {
        return results;
    }

    public int poses() {
        return values.length;
    }

    /** A result's value at a pose: NaN where there is none, infinite where the answer lies at infinity. */
    public double value(int pose, int result) {
        return values[pose][result];
    }

    /** One result along the path. */
    public double[] curve(int result) {
        double[] curve = new double[values.length];
        for (int i = 0; i < curve.length; i++) {
            curve[i] = values[i][result];
        }
        return curve;
    }

    /**
     * The pose at which a result is worst.
     *
     * @param band what is wanted; where every pose is within it, and where there is none, the pose farthest from the
     *     value at ride is meant
     * @return the pose's place on the path, or empty when the result has no number anywhere
     */
    public Optional<Integer> worst(int result, Optional<TargetBand> band) {
        double atRide = values[path.nearestRide()][result];
        int worst = -1;
        double most = Double.NEGATIVE_INFINITY;
        boolean anyOutside = band.isPresent()
                && Arrays.stream(curve(result)).anyMatch(value -> band.get().distance(value) != 0);
        for (int i = 0; i < values.length; i++) {
            double value = values[i][result];
            double badness = anyOutside ? Math.abs(band.get().distance(value)) : Math.abs(value - atRide);
            if (badness > most) {
                most = badness;
                worst = i;
            }
        }
        return worst < 0 ? Optional.empty() : Optional.of(worst);
    }
}
