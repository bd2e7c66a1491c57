package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelBounds;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * The least room of every pair over bump, droop, twist and steer: everywhere that stops, straps and shocks let the axle get to,
 * the worst poses themselves among it. It begins with few poses and goes on to more, so that there is an answer at once that
 * only gets sharper; at the end each tight place is followed to where it is tightest. It can be given up at any time.
 *
 * @param tight the pairs that come nearest, the tightest against what is wanted first
 * @param poses how many poses have been looked at
 * @param done part of all poses that were to be looked at, 0 to 1
 */
public record ClearanceStudy(List<Tight> tight, int poses, double done) {
    /** Poses along left travel, right travel and steer at the finest. */
    public static final int FINEST = 41;

    /** Steps from lock to lock at the finest. */
    public static final int STEERS = 9;

    /** Room larger than this is not worth knowing [m]. */
    private static final double FAR = 0.3;

    /** What is nearer by less is as near: two that stay as they are to one another are told where they were seen first [m]. */
    private static final double ROUNDING = 1e-9;

    /** A place is not tighter for less [m]. */
    private static final double A_HAIR = 1e-6;

    /** Pairs whose nearest places are told: the tightest. */
    private static final int LISTED = 60;

    /** How often the step is halved with which a tight place is followed. */
    private static final int HALVINGS = 9;

    /** Directions in which a tight place is followed: left travel, right travel, steer. */
    private static final int[][] DIRECTIONS = {
        {1, 0, 0},
        {-1, 0, 0},
        {0, 1, 0},
        {0, -1, 0},
        {1, 1, 0},
        {-1, -1, 0},
        {1, -1, 0},
        {-1, 1, 0},
        {0, 0, 1},
        {0, 0, -1}
    };

    /** Poses along left travel, right travel and steer of a look over, for advice that is tried many times. */
    private static final int LOOK_OVER = 5;

    private static final int LOOK_OVER_STEERS = 3;

    /** A pair that keeps more than this besides what is wanted is not followed after a look over [m]. */
    private static final double NEAR = Lengths.inches(0.5);

    private static final int[] SIZES = {3, 11, 21, FINEST};
    private static final int[] STEER_SIZES = {3, 5, STEERS, STEERS};

    public ClearanceStudy {
        tight = List.copyOf(tight);
    }

    /**
     * The tightest place of a pair.
     *
     * @param one its first thing
     * @param other its second
     * @param room left there [m], negative by how deep they are in one another
     * @param wanted [m]
     * @param pose where
     * @param onOne nearest place on the first [m], vehicle frame
     * @param onOther nearest place on the second [m]
     * @param atRide whether the two share room at ride height already
     */
    public record Tight(
            CollisionBody one,
            CollisionBody other,
            double room,
            double wanted,
            WheelTravel pose,
            Vector3D onOne,
            Vector3D onOther,
            boolean atRide) {
        /** How a pair stands at the pose the things are at, worked out in any case. */
        static Tight of(Clearances clearances, int index, WheelTravel pose) {
            double room = clearances.gap(index);
            Clearances.Pair pair = clearances.pairs().get(index);
            return new Tight(
                    clearances.things().get(pair.one()),
                    clearances.things().get(pair.other()),
                    room,
                    pair.wanted(),
                    pose,
                    clearances.onFirst(),
                    clearances.onSecond(),
                    clearances.atRide(index));
        }

        /** What a reader takes the pair for. */
        public List<Message> names() {
            return one.namedWith(other);
        }

        /** What is missing to what is wanted [m]; negative where there is more. */
        public double missing() {
            return wanted - room;
        }

        /** Whether they touch. */
        public boolean touches() {
            return room <= 0;
        }
    }

    /** The least room found so far, one entry a pair. Belongs to one thread. */
    private static final class Search {
        private final Clearances clearances;
        private final TravelBounds bounds;
        private final double[] room;
        private final WheelTravel[] pose;

        Search(Clearances clearances) {
            this.clearances = clearances;
            bounds = new TravelBounds(clearances.model());
            room = new double[clearances.pairs().size()];
            pose = new WheelTravel[room.length];
            Arrays.fill(room, FAR);
        }

        void visit(WheelTravel at) {
            if (!clearances.moveTo(at) || !bounds.hold()) {
                return;
            }
            for (int i = 0; i < room.length; i++) {
                double gap = clearances.gap(i, room[i]);
                if (gap < room[i] - ROUNDING) {
                    room[i] = gap;
                    pose[i] = at;
                }
            }
        }

        /** Looks at ride, straight ahead and at both locks: what does not depend on travel is told there. */
        void visitRide(boolean steers) {
            for (double steer : steers ? new double[] {0, 1, -1} : new double[] {0}) {
                visit(WheelTravel.RIDE.withSteer(steer));
            }
        }

        /** Looks at the worst poses, each reached from ride. */
        void visit(TravelEnvelope envelope) {
            envelope.worst().forEach(worst -> {
                clearances.model().toRide();
                visit(worst.pose());
            });
        }

        /** Follows a pair's tightest place to where it is tightest, as far as the bounds and what is looked at let it. */
        void follow(int pair, Range range, double step, double steerStep) {
            double by = step;
            double turn = steerStep;
            for (int halving = 0; halving < HALVINGS; halving++) {
                boolean better = true;
                while (better) {
                    better = false;
                    for (int[] way : DIRECTIONS) {
                        WheelTravel from = pose[pair];
                        double steer = Math.max(-1, Math.min(1, from.steer() + way[2] * turn));
                        WheelTravel at = new WheelTravel(
                                range.within(from.left() + way[0] * by),
                                range.within(from.right() + way[1] * by),
                                steer);
                        boolean turned = way[2] == 0 || turn > 0 && steer != from.steer();
                        if (turned && !at.equals(from) && clearances.moveTo(at) && bounds.hold()) {
                            double gap = clearances.gap(pair);
                            if (gap < room[pair] - A_HAIR) {
                                room[pair] = gap;
                                pose[pair] = at;
                                better = true;
                            }
                        }
                    }
                }
                by /= 2;
                turn /= 2;
            }
        }

        void take(Search other) {
            for (int i = 0; i < room.length; i++) {
                if (other.room[i] < room[i] - ROUNDING) {
                    room[i] = other.room[i];
                    pose[i] = other.pose[i];
                } else {
                    other.room[i] = room[i];
                    other.pose[i] = pose[i];
                }
            }
        }
    }

    /**
     * Looks at all poses at the finest steps.
     *
     * @param secondCore where half of it is worked out
     * @param goOn asked after each row of poses; answering false gives up with what is known
     * @param soFar hears what is known after each round
     */
    public static ClearanceStudy run(
            Vehicle vehicle,
            AxlePlace place,
            Executor secondCore,
            BooleanSupplier goOn,
            Consumer<ClearanceStudy> soFar) {
        Clearances first = new Clearances(new AxleModel(vehicle, place));
        Search one = new Search(first);
        Search other = new Search(new Clearances(new AxleModel(vehicle, place), first.things()));
        return run(one, other, secondCore, goOn, soFar);
    }

    /** The same with given things, for what is measured. */
    public static ClearanceStudy run(
            Clearances first,
            Clearances second,
            Executor secondCore,
            BooleanSupplier goOn,
            Consumer<ClearanceStudy> soFar) {
        return run(new Search(first), new Search(second), secondCore, goOn, soFar);
    }

    /**
     * The pairs that keep less room than is wanted, the tightest against it first, found quickly: at ride, at the worst poses
     * and at a few between them, each near pair followed from there to where it is tightest. The whole study finds the same
     * or, where a pair is tight in a small place only, more.
     *
     * @param clearances left at ride
     */
    public static List<Tight> tooTight(Clearances clearances, TravelEnvelope envelope) {
        return tooTight(clearances, envelope, () -> true);
    }

    /**
     * The same, that can be given up.
     *
     * @param goOn asked after each row of poses and before each pair that is followed; answering false gives up with what is
     *     known
     */
    public static List<Tight> tooTight(Clearances clearances, TravelEnvelope envelope, BooleanSupplier goOn) {
        Search search = new Search(clearances);
        Axle axle = clearances.model().axle();
        boolean steers = axle.steering().isPresent();
        int turns = steers ? LOOK_OVER_STEERS : 1;
        Range range = range(envelope, axle);
        search.visitRide(steers);
        search.visit(envelope);
        for (int parity = 0; parity < 2; parity++) {
            rows(search, range, LOOK_OVER, turns, parity, goOn);
        }
        double step = (range.up() + range.down()) / (LOOK_OVER - 1);
        for (int pair : tightest(search)) {
            boolean near = search.room[pair] < clearances.pairs().get(pair).wanted() + NEAR;
            if (near && goOn.getAsBoolean()) {
                clearances.model().toRide();
                search.follow(pair, range, step, steers ? 2.0 / (turns - 1) : 0);
            }
        }
        return of(search, 0, 1).tight().stream()
                .filter(tight -> tight.missing() > 0)
                .toList();
    }

    private static ClearanceStudy run(
            Search one, Search other, Executor secondCore, BooleanSupplier goOn, Consumer<ClearanceStudy> soFar) {
        Axle axle = one.clearances.model().axle();
        boolean steers = axle.steering().isPresent();
        TravelEnvelope envelope = new TravelEnvelope(one.clearances.model());
        Range range = range(envelope, axle);
        one.visitRide(steers);
        one.visit(envelope);
        int all = 0;
        for (int i = 0; i < SIZES.length; i++) {
            all += SIZES[i] * SIZES[i] * (steers ? STEER_SIZES[i] : 1);
        }
        int seen = 0;
        ClearanceStudy study = new ClearanceStudy(List.of(), 0, 0);
        for (int round = 0; round < SIZES.length && goOn.getAsBoolean(); round++) {
            int size = SIZES[round];
            int turns = steers ? STEER_SIZES[round] : 1;
            CompletableFuture<Void> half =
                    CompletableFuture.runAsync(() -> rows(other, range, size, turns, 1, goOn), secondCore);
            rows(one, range, size, turns, 0, goOn);
            half.join();
            one.take(other);
            seen += size * size * turns;
            if (round == SIZES.length - 1 && goOn.getAsBoolean()) {
                double step = (range.up() + range.down()) / (size - 1);
                for (int pair : tightest(one)) {
                    if (goOn.getAsBoolean()) {
                        one.clearances.model().toRide();
                        one.follow(pair, range, step, steers ? 2.0 / (turns - 1) : 0);
                    }
                }
            }
            study = of(one, seen, goOn.getAsBoolean() ? (double) seen / all : (double) (seen - 1) / all);
            soFar.accept(study);
        }
        return study;
    }

    /** How far up and down a wheel is looked at [m], both positive. */
    private record Range(double up, double down) {
        /** The travel within the range that is nearest to one [m]: with nothing that bounds it, links go on for feet. */
        double within(double travel) {
            return Math.max(-down, Math.min(up, travel));
        }

        double travel(int step, int size) {
            return -down + (down + up) * step / (size - 1);
        }
    }

    /** All that the hardware allows; with nothing that bounds it, the plan's travel. */
    private static Range range(TravelEnvelope envelope, Axle axle) {
        double up = envelope.worst().stream()
                .mapToDouble(worst -> Math.max(worst.pose().left(), worst.pose().right()))
                .max()
                .orElse(axle.travel().bump());
        double down = envelope.worst().stream()
                .mapToDouble(
                        worst -> -Math.min(worst.pose().left(), worst.pose().right()))
                .max()
                .orElse(axle.travel().droop());
        return new Range(up, down);
    }

    private static void rows(Search search, Range range, int size, int turns, int parity, BooleanSupplier goOn) {
        for (int s = 0; s < turns; s++) {
            double steer = turns == 1 ? 0 : -1 + 2.0 * s / (turns - 1);
            search.clearances.model().toRide();
            for (int i = parity; i < size; i += 2) {
                if (!goOn.getAsBoolean()) {
                    return;
                }
                for (int k = 0; k < size; k++) {
                    int j = i / 2 % 2 == 0 ? k : size - 1 - k;
                    search.visit(new WheelTravel(range.travel(j, size), range.travel(i, size), steer));
                }
            }
        }
    }

    private static List<Integer> tightest(Search search) {
        return IntStream.range(0, search.room.length)
                .filter(i -> search.pose[i] != null)
                .boxed()
                .sorted(Comparator.comparingDouble(
                        i -> search.room[i] - search.clearances.pairs().get(i).wanted()))
                .limit(LISTED)
                .toList();
    }

    /** Works out the nearest places of what came nearest. Leaves the model at ride. */
    private static ClearanceStudy of(Search search, int poses, double done) {
        List<Tight> tight = new ArrayList<>();
        Clearances clearances = search.clearances;
        for (int i : tightest(search)) {
            clearances.model().toRide();
            clearances.moveTo(search.pose[i]);
            tight.add(Tight.of(clearances, i, search.pose[i]));
        }
        clearances.model().toRide();
        tight.sort(Comparator.comparingDouble(one -> -one.missing()));
        return new ClearanceStudy(tight, poses, done);
    }
}
