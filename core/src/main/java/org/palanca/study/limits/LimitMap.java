package org.palanca.study.limits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Travel;

/**
 * The square of left against right travel, each place by what is met first on the straight way to it from ride. Rows run with
 * the right wheel, columns with the left, both as far as the plan wants and the worst poses lie.
 *
 * @param span what its edges stand for
 * @param steer part of the lock
 * @param size places along each edge
 * @param limits those that end the travel somewhere
 * @param first row by row, the place of the limit in {@code limits} that is met first on the way there; -1 where none is
 */
public record LimitMap(Travel span, double steer, int size, List<Limit> limits, int[] first) {
    /** A place on the map with the way to it. */
    private record Cell(int left, int right) {}

    /**
     * Looks at every place.
     *
     * @param size odd, so that ride is near the middle of a cell
     * @param goOn asked after each ring; answering false gives up with nothing
     */
    public static Optional<LimitMap> of(Limits all, double steer, int size, BooleanSupplier goOn) {
        Travel span = new Travel(all.envelope().highest(), all.envelope().lowest());
        int rideCell = ride(span, size);
        Map<String, Integer> index = new LinkedHashMap<>();
        List<Limit> met = new ArrayList<>();
        int[] first = new int[size * size];
        all.model().toRide();
        for (int ring = 0; ring < size; ring++) {
            if (!goOn.getAsBoolean()) {
                return Optional.empty();
            }
            for (Cell cell : ring(rideCell, ring, size)) {
                int at = cell.right() * size + cell.left();
                Cell before = towards(cell, rideCell, ring);
                int behind = ring == 0 ? -1 : first[before.right() * size + before.left()];
                first[at] = behind >= 0
                        ? behind
                        : look(
                                all,
                                pose(span, cell, size, steer),
                                ring == 0 ? WheelTravel.RIDE.withSteer(steer) : pose(span, before, size, steer),
                                index,
                                met);
            }
        }
        all.model().toRide();
        return Optional.of(new LimitMap(span, steer, size, List.copyOf(met), first));
    }

    private static int look(
            Limits all, WheelTravel pose, WheelTravel clear, Map<String, Integer> index, List<Limit> known) {
        Optional<Limit> passed = all.passed(pose);
        if (passed.isEmpty()) {
            return -1;
        }
        all.model().toRide();
        Limit limit = passed.get();
        if (all.passed(clear).isEmpty()) {
            Optional<Limits.Border> border = all.border(clear, pose);
            if (border.isEmpty()) {
                return -1;
            }
            limit = border.get().limit();
        }
        if (!all.model().closed()) {
            all.model().toRide();
        }
        Limit met = limit;
        return index.computeIfAbsent(met.id(), id -> {
            known.add(met);
            return known.size() - 1;
        });
    }

    private static int ride(Travel span, int size) {
        double whole = span.bump() + span.droop();
        return whole <= 0 ? size / 2 : (int) Math.round(span.droop() / whole * (size - 1));
    }

    private static WheelTravel pose(Travel span, Cell cell, int size, double steer) {
        return new WheelTravel(travel(span, cell.left(), size), travel(span, cell.right(), size), steer);
    }

    private static double travel(Travel span, int step, int size) {
        double droop = span.droop();
        return -droop + (droop + span.bump()) * step / (size - 1);
    }

    /** Cells at a distance from ride, those next to one another in a row. */
    private static List<Cell> ring(int middle, int distance, int size) {
        List<Cell> cells = new ArrayList<>();
        for (int right = Math.max(0, middle - distance); right <= Math.min(size - 1, middle + distance); right++) {
            for (int left = Math.max(0, middle - distance); left <= Math.min(size - 1, middle + distance); left++) {
                if (Math.max(Math.abs(left - middle), Math.abs(right - middle)) == distance) {
                    cells.add(new Cell(left, right));
                }
            }
        }
        return cells;
    }

    /** The cell of the ring before on the straight way from ride. */
    private static Cell towards(Cell cell, int middle, int ring) {
        if (ring == 0) {
            return cell;
        }
        double part = (ring - 1.0) / ring;
        return new Cell((int) Math.round(middle + (cell.left() - middle) * part), (int)
                Math.round(middle + (cell.right() - middle) * part));
    }

    /** What is met first on the way to a place; empty where nothing is. */
    public Optional<Limit> at(int left, int right) {
        int index = first[right * size + left];
        return index < 0 ? Optional.empty() : Optional.of(limits.get(index));
    }
}
