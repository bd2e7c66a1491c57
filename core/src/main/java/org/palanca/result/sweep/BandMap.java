package org.palanca.result.sweep;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import org.jspecify.annotations.Nullable;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Travel;

/**
 * Where one result lies in its band over the square of left against right travel, at one steering. Rows run with the right
 * wheel's travel, columns with the left wheel's, both from full droop to full bump.
 *
 * <p>Every fourth pose of every fourth row is solved. A square between four of them is looked at closer, by halves down to the
 * single pose, unless all that is known of it lies on one side of the band's edges by more than twice what the result may bend
 * away from it: an eighth of its second differences along and across, the error of interpolation between four points
 * (Abramowitz and Stegun, Handbook of Mathematical Functions, 25.2 and 25.2.66). Where reach ends it is looked at closer as
 * well. So an edge that comes and goes between solved poses is missed only where the result bends there by more than its
 * neighbours tell.
 */
public final class BandMap {
    /** What is at a pose. */
    public enum Place {
        LOW,
        IN_BAND,
        HIGH,
        /** The axle stands there, but the result has no number. */
        NO_NUMBER,
        OUT_OF_REACH
    }

    private static final int STRIDE = 4;

    /** So many times the bending that the neighbours tell counts as possible. */
    private static final double CAUTION = 2;

    private final Optional<TargetBand> band;
    private final int size;
    private final double[] values;
    private final boolean[] wanted;

    /** Null where nothing is known yet: only what was solved is, until the end. */
    private final @Nullable Place[] places;

    private int count;

    private BandMap(Optional<TargetBand> band, int size) {
        this.band = band;
        this.size = size;
        values = new double[size * size];
        wanted = new boolean[size * size];
        places = new Place[size * size];
    }

    /**
     * Makes one, half of it on another core.
     *
     * @param model of the axle; it is left anywhere
     * @param other a second model of the same axle
     * @param steer part of the lock, see {@link org.palanca.mechanism.axle.WheelTravel#steer}
     * @param result which
     * @param band what is wanted of it; without one only reach is told
     * @param size poses along each edge: a multiple of four and one more
     * @param core where the second half is worked out
     * @throws IllegalArgumentException for another size, or a result that the axle does not have
     */
    public static BandMap of(
            AxleModel model,
            AxleModel other,
            double steer,
            Result result,
            Optional<TargetBand> band,
            int size,
            Executor core) {
        if (size <= 2 * STRIDE || size % STRIDE != 1) {
            throw new IllegalArgumentException(size + " poses along an edge: 9, 13, 17 ... are possible");
        }
        int index = model.results().indexOf(model.result(result.id()));
        BandMap map = new BandMap(band, size);
        Walk here = map.new Walk(model, steer, index);
        Walk there = map.new Walk(other, steer, index);
        map.fill(here, there, core);
        return map;
    }

    /** Poses along each edge. */
    public int size() {
        return size;
    }

    /** What is at a pose. */
    public Place at(int leftIndex, int rightIndex) {
        return Objects.requireNonNull(places[rightIndex * size + leftIndex]);
    }

    /** How many poses were solved. */
    public int solved() {
        return count;
    }

    private void fill(Walk here, Walk there, Executor core) {
        List<Square> open = new ArrayList<>();
        List<Square> alike = new ArrayList<>();
        List<Integer> poses = new ArrayList<>();
        for (int row = 0; row < size; row += STRIDE) {
            for (int k = 0; k < size; k += STRIDE) {
                poses.add(row * size + (row / STRIDE % 2 == 0 ? k : size - 1 - k));
            }
        }
        solve(poses, here, there, core);
        for (int row = 0; row < size - 1; row += STRIDE) {
            for (int column = 0; column < size - 1; column += STRIDE) {
                open.add(new Square(row, column, STRIDE, bending(row, column)));
            }
        }
        while (!open.isEmpty()) {
            poses.clear();
            List<Square> halves = new ArrayList<>();
            for (Square square : open) {
                if (alike(square)) {
                    alike.add(square);
                } else if (square.stride > 1) {
                    want(square, poses);
                    halves.addAll(square.halves());
                }
            }
            solve(nearestFirst(poses), here, there, core);
            open = halves;
            // A neighbour's edge may have been found to run on into one that seemed alike.
            for (int i = alike.size() - 1; i >= 0; i--) {
                if (mixed(alike.get(i))) {
                    open.add(alike.remove(i));
                }
            }
        }
        alike.forEach(this::fill);
    }

    /**
     * A square between solved poses.
     *
     * @param stride poses along its edge
     * @param bending how far the result may lie off what its corners tell
     */
    private record Square(int row, int column, int stride, double bending) {
        List<Square> halves() {
            int half = stride / 2;
            double less = bending / 4;
            return List.of(
                    new Square(row, column, half, less),
                    new Square(row, column + half, half, less),
                    new Square(row + half, column + half, half, less),
                    new Square(row + half, column, half, less));
        }
    }

    /** The poses in the middle of a square and of its sides. */
    private void want(Square square, List<Integer> poses) {
        int half = square.stride / 2;
        for (int row = square.row; row <= square.row + square.stride; row += half) {
            for (int column = square.column; column <= square.column + square.stride; column += half) {
                int at = row * size + column;
                if (!wanted[at]) {
                    wanted[at] = true;
                    poses.add(at);
                }
            }
        }
    }

    private void solve(List<Integer> poses, Walk here, Walk there, Executor core) {
        int half = poses.size() / 2;
        poses.forEach(at -> wanted[at] = true);
        count += poses.size();
        CompletableFuture<Void> second =
                CompletableFuture.runAsync(() -> there.solve(poses.subList(half, poses.size())), core);
        here.solve(poses.subList(0, half));
        second.join();
    }

    /** The same in an order in which each is near the one before: a pose is soonest found from its neighbour. */
    private List<Integer> nearestFirst(List<Integer> poses) {
        List<Integer> left = new ArrayList<>(poses);
        List<Integer> ordered = new ArrayList<>();
        int last = 0;
        while (!left.isEmpty()) {
            int nearest = 0;
            for (int i = 1; i < left.size(); i++) {
                if (apart(left.get(i), last) < apart(left.get(nearest), last)) {
                    nearest = i;
                }
            }
            last = left.get(nearest);
            ordered.add(last);
            left.set(nearest, left.get(left.size() - 1));
            left.remove(left.size() - 1);
        }
        return ordered;
    }

    private int apart(int one, int other) {
        return Math.abs(one / size - other / size) + Math.abs(one % size - other % size);
    }

    /** How far the result may lie off a plane through the corners of a square of the first grid; NaN where that can't be told. */
    private double bending(int row, int column) {
        double along = 0;
        double across = 0;
        for (int i = row; i <= row + STRIDE; i += STRIDE) {
            for (int j = column; j <= column + STRIDE; j += STRIDE) {
                along = Math.max(along, secondDifference(i * size + j, j, STRIDE));
                across = Math.max(across, secondDifference(i * size + j, i, STRIDE * size));
            }
        }
        return CAUTION * (along + across) / 8;
    }

    /** Of solved values, at a pose or as near to it as the map has neighbours. */
    private double secondDifference(int at, int index, int step) {
        int middle = index == 0 ? at + step : index == size - 1 ? at - step : at;
        return Math.abs(values[middle - step] - 2 * values[middle] + values[middle + step]);
    }

    /** Whether no edge of the band can run through a square. */
    private boolean alike(Square square) {
        if (mixed(square)) {
            return false;
        }
        int stride = square.stride;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int row = square.row; row <= square.row + stride; row += stride) {
            for (int column = square.column; column <= square.column + stride; column += stride) {
                low = Math.min(low, values[row * size + column]);
                high = Math.max(high, values[row * size + column]);
            }
        }
        @Nullable Place whole = places[square.row * size + square.column];
        return Double.isNaN(low) || place(low - square.bending) == whole && place(high + square.bending) == whole;
    }

    /** Whether poses that lie on different sides are known of a square. */
    private boolean mixed(Square square) {
        @Nullable Place whole = places[square.row * size + square.column];
        for (int row = square.row; row <= square.row + square.stride; row++) {
            for (int column = square.column; column <= square.column + square.stride; column++) {
                int at = row * size + column;
                if (places[at] != null && places[at] != whole) {
                    return true;
                }
            }
        }
        return false;
    }

    private void fill(Square square) {
        @Nullable Place whole = places[square.row * size + square.column];
        for (int row = square.row; row <= square.row + square.stride; row++) {
            for (int column = square.column; column <= square.column + square.stride; column++) {
                int at = row * size + column;
                places[at] = places[at] == null ? whole : places[at];
            }
        }
    }

    private Place place(double value) {
        if (Double.isNaN(value)) {
            return Place.NO_NUMBER;
        }
        return band.map(wanted -> Place.valueOf(wanted.verdict(value).name())).orElse(Place.IN_BAND);
    }

    /** One model going from pose to pose. */
    private final class Walk {
        private final AxleModel model;
        private final double steer;
        private final int result;

        Walk(AxleModel model, double steer, int result) {
            this.model = model;
            this.steer = steer;
            this.result = result;
            model.moveTo(0, 0, 0);
            model.moveTo(0, 0, steer);
        }

        void solve(List<Integer> poses) {
            for (int at : poses) {
                boolean closes = model.moveFor(result, new WheelTravel(travel(at % size), travel(at / size), steer));
                values[at] = closes ? model.evaluate(result) : Double.NaN;
                places[at] = closes ? place(values[at]) : Place.OUT_OF_REACH;
            }
        }

        private double travel(int index) {
            Travel travel = model.axle().travel();
            return -travel.droop() + (travel.droop() + travel.bump()) * index / (size - 1);
        }
    }
}
