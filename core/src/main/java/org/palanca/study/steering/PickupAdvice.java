package org.palanca.study.steering;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;

/**
 * Where the inner pickups of the tie rods could go, moved together, so that the wheels steer least through the whole travel:
 * up or down alone, which another bracket does; forward or back besides; in or out besides, which changes the rods' length
 * and wants a rack of another width; and all three. Each is found by a general optimiser (Nelder and Mead) on the mean square
 * of the steer within the room there is, then settled on the tape's grid. What it does to Ackermann and to the rods is told.
 *
 * @param mount the left pickup; the right one follows or is moved alike
 * @param by how far to move it [m], vehicle frame
 * @param after the vehicle with both moved
 * @param before largest change of toe of a wheel through the travel as it is [rad]
 * @param then the same after the move [rad]
 * @param rodBefore length of the left tie rod as it is [m]
 * @param rod its length then [m]
 * @param ackermannBefore at full left lock as it is [percent]; empty where nothing steers
 * @param ackermann the same then
 */
public record PickupAdvice(
        MountRef mount,
        Vector3D by,
        Vehicle after,
        double before,
        double then,
        double rodBefore,
        double rod,
        OptionalDouble ackermannBefore,
        OptionalDouble ackermann) {
    private static final int POSES = 9;

    /** What a pose that does not close costs [rad]: more than any toe. */
    private static final double NOT_CLOSED = 1;

    private static final double FIRST_STEP = Lengths.inches(0.5);
    private static final int MOST_TRIES = 240;

    /** Steer in the mean that a metre of moving must save [rad]: without a price the bowl's floor is flat. */
    private static final double PRICE_OF_A_METRE = 0.03;

    /** Two choices whose toe differs by less are alike in it [rad]. */
    private static final double ALIKE = Math.toRadians(0.02);

    /** Directions that are tried together: along, across, up. */
    private static final boolean[][] WAYS = {
        {false, false, true}, {true, false, true}, {false, true, true}, {true, true, true}
    };

    /**
     * How far the pickups may be moved either way [m]; 0 where something is in the way.
     *
     * @param along forward and back
     * @param across in and out
     * @param up up and down
     */
    public record Room(double along, double across, double up) {
        /** Three inches each way: what a bracket on a rack can reach, common practice, no source. */
        public static final Room USUAL = new Room(Lengths.inches(3), Lengths.inches(3), Lengths.inches(3));

        private double[] ways() {
            return new double[] {along, across, up};
        }
    }

    /** The choice to try first, within the usual room; see {@link #choices}. */
    public static Optional<PickupAdvice> of(Vehicle vehicle, AxlePlace place, double grid) {
        return choices(vehicle, place, grid, Room.USUAL).stream().findFirst();
    }

    /**
     * Looks for the best place in each set of directions.
     *
     * @param grid that pickups are set on [m]
     * @return the best first: least steer, with a small price on moving; without those that another beats in everything. Empty
     *     when the axle has no pair of tie rods with inner pickups, or they stand well already
     */
    public static List<PickupAdvice> choices(Vehicle vehicle, AxlePlace place, double grid, Room room) {
        Axle axle = vehicle.axle(place).orElseThrow();
        Optional<String> pickup = innerPickup(axle);
        return pickup.isEmpty() ? List.of() : new Search(vehicle, new MountRef(place, pickup.get()), grid, room).run();
    }

    private static final class Search {
        private final Vehicle vehicle;
        private final MountRef ref;
        private final double grid;
        private final double[] room;
        private final double now;
        private final OptionalDouble ackermannNow;

        Search(Vehicle vehicle, MountRef ref, double grid, Room room) {
            this.vehicle = vehicle;
            this.ref = ref;
            this.grid = grid;
            this.room = room.ways();
            now = largestToeChange(vehicle, ref.axle());
            ackermannNow = ackermannOf(vehicle, ref.axle());
        }

        List<PickupAdvice> run() {
            List<PickupAdvice> found = new ArrayList<>();
            double[] start = new double[3];
            for (boolean[] ways : WAYS) {
                int[] free = free(ways);
                if (free.length > 0) {
                    double[] best = best(free, start);
                    choice(best).ifPresent(found::add);
                    // All three together begin where the best of two came to.
                    start = cost(best) < cost(start) ? best : start;
                }
            }
            found.sort(Comparator.comparingDouble(one -> cost(one.by().toArray())));
            List<PickupAdvice> kept = new ArrayList<>();
            for (PickupAdvice one : found) {
                if (kept.stream().noneMatch(better -> better.beats(one))) {
                    kept.removeIf(one::beats);
                    kept.add(one);
                }
            }
            return List.copyOf(kept);
        }

        private int[] free(boolean[] ways) {
            return IntStream.range(0, 3).filter(i -> ways[i] && room[i] >= grid).toArray();
        }

        private double[] best(int[] free, double[] from) {
            double[] guess = new double[free.length];
            double[] steps = new double[free.length];
            for (int i = 0; i < free.length; i++) {
                guess[i] = free.length == 3 ? from[free[i]] : 0;
                double step = Math.min(FIRST_STEP, room[free[i]] / 2);
                steps[i] = guess[i] > room[free[i]] - step ? -step : step;
            }
            PointValuePair best = new SimplexOptimizer(1e-9, 1e-12)
                    .optimize(
                            new MaxEval(10 * MOST_TRIES),
                            new ObjectiveFunction(at -> cost(spread(free, at))),
                            GoalType.MINIMIZE,
                            new InitialGuess(guess),
                            new NelderMeadSimplex(steps));
            return settled(free, spread(free, best.getPoint()));
        }

        private static double[] spread(int[] free, double[] at) {
            double[] all = new double[3];
            for (int i = 0; i < free.length; i++) {
                all[free[i]] = at[i];
            }
            return all;
        }

        /** The best of the grid's points round a place. */
        private double[] settled(int[] free, double[] at) {
            double[] best = at;
            double least = Double.POSITIVE_INFINITY;
            for (int corner = 0; corner < 1 << free.length; corner++) {
                double[] near = new double[3];
                for (int i = 0; i < free.length; i++) {
                    double steps = at[free[i]] / grid;
                    double whole = (corner >> i & 1) == 0 ? Math.floor(steps) : Math.ceil(steps);
                    near[free[i]] = whole * grid;
                }
                if (cost(near) < least) {
                    least = cost(near);
                    best = near;
                }
            }
            return best;
        }

        private Optional<PickupAdvice> choice(double[] at) {
            Vector3D by = new Vector3D(at);
            if (by.getNorm() < grid / 2) {
                return Optional.empty();
            }
            Vehicle after = moved(vehicle, ref, by);
            double then = largestToeChange(after, ref.axle());
            return then < now
                    ? Optional.of(new PickupAdvice(
                            ref,
                            by,
                            after,
                            now,
                            then,
                            rod(vehicle, ref),
                            rod(after, ref),
                            ackermannNow,
                            ackermannOf(after, ref.axle())))
                    : Optional.empty();
        }

        private double cost(double[] at) {
            double out = 0;
            for (int i = 0; i < at.length; i++) {
                out += Math.max(0, Math.abs(at[i]) - room[i] - 1e-9);
            }
            if (out > 0) {
                return 1 + out;
            }
            Vector3D by = new Vector3D(at);
            double[] toe = toe(moved(vehicle, ref, by), ref.axle());
            double sum = 0;
            for (double angle : toe) {
                sum += angle * angle;
            }
            return Math.sqrt(sum / toe.length) + PRICE_OF_A_METRE * by.getNorm();
        }
    }

    /** Whether another is no better in anything: toe, Ackermann nearer to 100 %, and how far it moves. */
    private boolean beats(PickupAdvice other) {
        double mine = Math.abs(ackermann.orElse(100) - 100);
        double theirs = Math.abs(other.ackermann.orElse(100) - 100);
        return then <= other.then + ALIKE && mine <= theirs + 1 && by.getNorm() <= other.by.getNorm() + 1e-9;
    }

    /** What an angle of toe is at the tread, front of the tyre against its rear [m]: the tyre's diameter times its sine. */
    public static double atTread(Vehicle vehicle, AxlePlace place, double toe) {
        return vehicle.axle(place).orElseThrow().tyre().diameter() * Math.sin(toe);
    }

    private static OptionalDouble ackermannOf(Vehicle vehicle, AxlePlace place) {
        AxleModel model = new AxleModel(vehicle, place);
        if (model.axle().steering().isEmpty()) {
            return OptionalDouble.empty();
        }
        List<SteerSweep.Turn> turns = SteerSweep.run(model).turns();
        return turns.isEmpty() || turns.get(turns.size() - 1).ackermann().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(turns.get(turns.size() - 1).ackermann().orElseThrow());
    }

    private static double rod(Vehicle vehicle, MountRef pickup) {
        Axle axle = vehicle.axle(pickup.axle()).orElseThrow();
        return axle.links(LinkRole.TIE_ROD).stream()
                .filter(link -> link.from().equals(pickup.mount()) || link.to().equals(pickup.mount()))
                .mapToDouble(link -> Vector3D.distance(
                        axle.position(link.from(), vehicle.wheelbase()), axle.position(link.to(), vehicle.wheelbase())))
                .findFirst()
                .orElse(0);
    }

    /** The left inner pickup: of a rack, or on the frame for a toe link. */
    public static Optional<String> innerPickup(Axle axle) {
        for (Link link : axle.links(LinkRole.TIE_ROD)) {
            for (String end : List.of(link.from(), link.to())) {
                Mount mount = axle.mount(end).orElseThrow();
                boolean inner = !mount.body().isKnuckle();
                if (inner && axle.independent() && !mount.mirrored()) {
                    return Optional.of(end);
                }
            }
        }
        return Optional.empty();
    }

    /** Moves the pickup alone: a bracket reaches from the rack to it, and the rack stays where it is. */
    private static Vehicle moved(Vehicle vehicle, MountRef ref, Vector3D by) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Vector3D from = axle.position(ref.mount(), vehicle.wheelbase());
        return MountMoves.moveTo(vehicle, ref, from.add(by));
    }

    /**
     * Largest change of either wheel's toe from ride through the travel [rad]; empty where the axle does not go through all of
     * it, or does not hold its wheels: then no toe can be told.
     */
    public static OptionalDouble toeChange(Vehicle vehicle, AxlePlace place) {
        if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
            return OptionalDouble.empty();
        }
        AxleModel model = new AxleModel(vehicle, place);
        boolean held = model.closed() && model.whyUnsound().isEmpty();
        double change = held ? largestToeChange(vehicle, place) : NOT_CLOSED;
        return change < NOT_CLOSED ? OptionalDouble.of(change) : OptionalDouble.empty();
    }

    /** The same as a cost: {@link #NOT_CLOSED} where it does not close. To be told it is {@link #toeChange}. */
    public static double largestToeChange(Vehicle vehicle, AxlePlace place) {
        return Arrays.stream(toe(vehicle, place)).map(Math::abs).max().orElse(0);
    }

    private static double[] toe(Vehicle vehicle, AxlePlace place) {
        double[] change = new double[2 * POSES];
        if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
            Arrays.fill(change, NOT_CLOSED);
            return change;
        }
        AxleModel model = new AxleModel(vehicle, place);
        double left = model.motion().wheel(1).steerAngle();
        double right = model.motion().wheel(-1).steerAngle();
        double droop = model.axle().travel().droop();
        double bump = model.axle().travel().bump();
        for (int i = 0; i < POSES; i++) {
            double travel = -droop + (droop + bump) * i / (POSES - 1);
            boolean closes = model.moveTo(WheelTravel.both(travel));
            change[2 * i] = closes ? model.motion().wheel(1).steerAngle() - left : NOT_CLOSED;
            change[2 * i + 1] = closes ? model.motion().wheel(-1).steerAngle() - right : NOT_CLOSED;
        }
        return change;
    }
}
