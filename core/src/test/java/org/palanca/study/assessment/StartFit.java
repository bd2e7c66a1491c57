package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.result.targets.Targets;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/**
 * Works out the table of fitted starts: fits the mounts of a vehicle that was just started to the targets of its use and to
 * one another. What is outside a band, or nearer than its rule, is brought in by the least moving of mounts. Damped
 * Gauss-Newton steps (Levenberg and Marquardt) on what is missing; differences give the slopes, and the steps themselves
 * correct them (Broyden). It is no part of the program, which only reads the table.
 */
final class StartFit {
    /** Part of a band's width that is kept off its edges. */
    private static final double MARGIN = 0.04;

    /** Room kept besides what is wanted [m]. */
    private static final double SPARE = Lengths.inches(0.125);

    /** What an inch of moving costs, in widths of a band. */
    private static final double PRICE = 0.006;

    /** Step of the differences [m]. */
    private static final double STEP = Lengths.inches(1.0 / 16);

    /** No mount goes farther than this from where it started [m]. */
    private static final double FARTHEST = Lengths.inches(12);

    /** So long a start is worked at, at most [s]. */
    private static final double SECONDS = Double.parseDouble(System.getProperty("palanca.seconds", "30"));

    /** So many steps share slopes that were measured once. */
    private static final int UPDATES = 6;

    /** Attempts at a step on slopes that were only corrected. */
    private static final int AGAIN = 2;

    /** Poses of the travel that bands are held against: ride, both ends, and quarters of the way to each. */
    private static final int TRAVELS = 9;

    private static final double FAR_OUT = 10;

    private static final double SIXTEENTHS = 16;
    private static final int TAPE = 16;
    private static final int PASSES = 4;
    private static final int ROUNDS = 12;
    private static final double ENOUGH = 1e-5;

    /** A step that leaves more of what is missing than this is the last of its round. */
    private static final double GETTING_ON = 0.97;

    private static final double FIRST_DAMPING = 0.1;
    private static final double EASED = 5;
    private static final double STIFFENED = 6;
    private static final int ATTEMPTS = 9;

    /** Damping of a coordinate that nothing depends on. */
    private static final double STIFFNESS = 1e-4;

    /** How unlike its transpose a normal matrix may be by rounding, and the least pivot of a sound one. */
    private static final double SYMMETRIC = 1e-6;

    private static final double SOUND = 1e-14;

    private StartFit() {}

    /**
     * The vehicle with one axle fitted, as far as that can be.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle
     */
    static Vehicle of(Vehicle start, AxlePlace place) {
        Axle axle = start.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        return new Search(start, axle).run();
    }

    /** One coordinate of a mount, or of several that keep their places to one another. */
    private record Free(List<String> mounts, Vector3D way) {}

    /** Two things that came too near one another, and where. */
    private record Near(CollisionId one, CollisionId other, WheelTravel pose) {}

    private static final class Search {
        private final Vehicle start;
        private final Axle axle;
        private final List<Optional<TargetBand>> bands;
        private final List<Free> free = new ArrayList<>();
        private final Set<Near> near = new LinkedHashSet<>();
        private double damping;
        private final long end = System.nanoTime() + (long) (SECONDS * 1e9);

        Search(Vehicle start, Axle axle) {
            this.start = start;
            this.axle = axle;
            bands = new AxleModel(start, axle.place())
                    .results().stream()
                            .map(result -> Targets.band(start, axle, result))
                            .toList();
            Set<String> fixed = new HashSet<>();
            for (Joint joint : axle.joints()) {
                boolean kingpin = !axle.independent() && joint.body().isKnuckle();
                if (kingpin || joint instanceof Joint.Guide) {
                    fixed.addAll(joint.mounts());
                }
            }
            axle.linkage().leaves().forEach(leaf -> fixed.addAll(leaf.mounts()));
            Set<String> grouped = new HashSet<>();
            for (Set<String> group : mechanisms()) {
                grouped.addAll(group);
                List<String> all = group.stream().filter(this::master).toList();
                boolean across = all.stream().noneMatch(this::inTheMiddle) && all.size() == group.size();
                add(all, across);
            }
            for (List<String> flat : flat()) {
                List<String> masters = flat.stream().filter(this::master).toList();
                masters.forEach(mount -> add(List.of(mount), false));
                if (!masters.isEmpty()) {
                    free.add(new Free(masters, Vector3D.PLUS_J));
                }
                grouped.addAll(flat);
            }
            for (Mount mount : axle.mounts()) {
                if (master(mount.name()) && !fixed.contains(mount.name()) && !grouped.contains(mount.name())) {
                    add(List.of(mount.name()), !inTheMiddle(mount.name()));
                }
            }
        }

        /** Arms that are made flat: a radius arm at its clamp, the two bars of a ladder. */
        private List<List<String>> flat() {
            List<List<String>> all = new ArrayList<>();
            for (Joint joint : axle.joints()) {
                if (joint instanceof Joint.Clamp clamp) {
                    all.add(clamp.mounts());
                }
            }
            for (Link upper : axle.links(LinkRole.UPPER)) {
                for (Link lower : axle.links(LinkRole.LOWER)) {
                    if (upper.from().equals(lower.from())) {
                        all.add(List.of(upper.from(), upper.to(), lower.to()));
                    }
                }
            }
            return all;
        }

        private void add(List<String> mounts, boolean across) {
            free.add(new Free(mounts, Vector3D.PLUS_I));
            free.add(new Free(mounts, Vector3D.PLUS_K));
            if (across) {
                free.add(new Free(mounts, Vector3D.PLUS_J));
            }
        }

        private boolean master(String mount) {
            return !(axle.mount(mount).orElseThrow().placement() instanceof Placement.MirrorOf);
        }

        private boolean inTheMiddle(String mount) {
            return Math.abs(axle.position(mount, start.wheelbase()).getY()) < 1e-6;
        }

        /** A Watts linkage, a steering box with its arm, a relay: moved as they are, since apart they would not work. */
        private List<Set<String>> mechanisms() {
            List<Set<String>> all = new ArrayList<>();
            for (BodyName body : List.of(BodyName.BELLCRANK, BodyName.PITMAN, BodyName.PITMAN_LEFT, BodyName.RELAY)) {
                Set<String> group = new LinkedHashSet<>();
                axle.mounts().stream()
                        .filter(mount -> mount.body().equals(body))
                        .forEach(mount -> group.add(mount.name()));
                axle.joints().stream()
                        .filter(joint -> joint.body().equals(body))
                        .forEach(joint -> group.addAll(joint.mounts()));
                if (body.equals(BodyName.BELLCRANK)) {
                    axle.links(LinkRole.WATTS).forEach(link -> group.addAll(List.of(link.from(), link.to())));
                }
                if (!group.isEmpty()) {
                    all.add(group);
                }
            }
            return all;
        }

        Vehicle run() {
            if (free.isEmpty()) {
                return start;
            }
            RealVector at = new ArrayRealVector(free.size());
            RealVector best = at;
            double before = look(start);
            double least = before;
            for (int round = 0; round < ROUNDS && least > 0 && inTime(); round++) {
                at = settle(at);
                double now = look(moved(at, TAPE));
                if (now < least) {
                    least = now;
                    best = at;
                }
            }
            Vehicle fitted = onTape(best);
            return look(fitted) < before ? fitted : start;
        }

        /**
         * How much is outside its band, too near or short of travel in all [band widths and inches]. The pairs that are too
         * near are remembered, each at the pose where it is tightest.
         */
        private double look(Vehicle vehicle) {
            if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
                return Double.POSITIVE_INFINITY;
            }
            AxleModel model = new AxleModel(vehicle, axle.place());
            double sum = Scorecard.of(model).badness();
            Limits limits = new Limits(new Clearances(model));
            for (TravelEnd end : TravelEnd.all(limits)) {
                sum += end.reached() ? 0 : 1 + end.missing() / Lengths.INCH;
            }
            for (ClearanceStudy.Tight tight : ClearanceStudy.tooTight(new Clearances(model), limits.envelope())) {
                sum += tight.missing() / Lengths.INCH;
                Near one = new Near(tight.one().id(), tight.other().id(), coarse(tight.pose()));
                near.add(one);
            }
            return sum;
        }

        /** To the quarter of an inch and of the lock: the same place found again is no other place. */
        private static WheelTravel coarse(WheelTravel pose) {
            return new WheelTravel(
                    Math.round(4 * pose.left() / Lengths.INCH) * Lengths.INCH / 4,
                    Math.round(4 * pose.right() / Lengths.INCH) * Lengths.INCH / 4,
                    Math.round(4 * pose.steer()) / 4.0);
        }

        /** A place in the search and what is missing there. */
        private record Point(RealVector at, double[] missing) {
            double cost() {
                return square(missing);
            }
        }

        private RealVector settle(RealVector from) {
            Point here = point(from);
            damping = FIRST_DAMPING;
            double before = Double.POSITIVE_INFINITY;
            while (here.cost() > ENOUGH && here.cost() < GETTING_ON * before && inTime()) {
                before = here.cost();
                RealMatrix slopes = slopes(here.at(), here.missing());
                for (int step = 0; step < UPDATES && inTime(); step++) {
                    Optional<Point> next = better(here, slopes, step == 0 ? ATTEMPTS : AGAIN);
                    if (next.isEmpty()) {
                        break;
                    }
                    slopes = updated(slopes, here, next.get());
                    here = next.get();
                }
            }
            return here.at();
        }

        private Point point(RealVector at) {
            return new Point(at, missing(moved(at, 0), at));
        }

        /** A damped step that leaves less missing; more damped each time it does not. */
        private Optional<Point> better(Point here, RealMatrix slopes, int attempts) {
            RealMatrix normal = slopes.transposeMultiply(slopes);
            RealVector right =
                    slopes.preMultiply(new ArrayRealVector(here.missing())).mapMultiply(-1);
            for (int attempt = 0; attempt < attempts && inTime(); attempt++) {
                RealMatrix damped = normal.copy();
                for (int i = 0; i < damped.getRowDimension(); i++) {
                    damped.addToEntry(i, i, damping * (damped.getEntry(i, i) + STIFFNESS));
                }
                RealVector step = new CholeskyDecomposition(damped, SYMMETRIC, SOUND)
                        .getSolver()
                        .solve(right);
                Point then = point(here.at().add(step));
                if (then.cost() < here.cost()) {
                    damping /= EASED;
                    return Optional.of(then);
                }
                damping *= STIFFENED;
            }
            return Optional.empty();
        }

        /** The slopes as a step showed them along its way: the update of Broyden. */
        private static RealMatrix updated(RealMatrix slopes, Point was, Point is) {
            RealVector step = is.at().subtract(was.at());
            RealVector off = new ArrayRealVector(is.missing())
                    .subtract(new ArrayRealVector(was.missing()))
                    .subtract(slopes.operate(step))
                    .mapDivide(step.dotProduct(step));
            return slopes.add(off.outerProduct(step));
        }

        private boolean inTime() {
            return System.nanoTime() < end;
        }

        private RealMatrix slopes(RealVector at, double[] here) {
            RealMatrix slopes = new Array2DRowRealMatrix(here.length, free.size());
            double inch = STEP / Lengths.INCH;
            for (int i = 0; i < free.size(); i++) {
                RealVector beside = at.copy();
                beside.addToEntry(i, inch);
                double[] there = missing(moved(beside, 0), beside);
                for (int row = 0; row < here.length; row++) {
                    slopes.setEntry(row, i, (there[row] - here[row]) / inch);
                }
            }
            return slopes;
        }

        /** The vehicle with each coordinate moved [in], on so many parts of an inch; 0 for none. */
        private Vehicle moved(RealVector at, int parts) {
            Map<String, Vector3D> by = new LinkedHashMap<>();
            for (int i = 0; i < free.size(); i++) {
                Vector3D part = free.get(i).way().scalarMultiply(at.getEntry(i) * Lengths.INCH);
                free.get(i).mounts().forEach(mount -> by.merge(mount, part, Vector3D::add));
            }
            return moved(by, parts);
        }

        private Vehicle moved(Map<String, Vector3D> by, int parts) {
            Axle next = axle;
            for (Map.Entry<String, Vector3D> one : by.entrySet()) {
                Mount mount = axle.mount(one.getKey()).orElseThrow();
                Placement.Taped old = (Placement.Taped) mount.placement();
                Vector3D d = one.getValue();
                double out = old.out() + old.side().sign() * d.getY();
                next = next.withMount(mount.withPlacement(new Placement.Taped(
                        tape(old.ahead() + d.getX(), parts),
                        old.side(),
                        tape(Math.max(0, out), parts),
                        tape(old.up() + d.getZ(), parts))));
            }
            return start.withAxle(next);
        }

        private static double tape(double metres, int parts) {
            return parts == 0 ? metres : Lengths.nearest(metres, parts).metres();
        }

        /** On the tape's sixteenths; what the rounding tipped over is brought back by a sixteenth here and there. */
        private Vehicle onTape(RealVector at) {
            RealVector best = at.map(inches -> Math.round(inches * SIXTEENTHS) / SIXTEENTHS);
            double now = overstepped(best);
            for (int pass = 0; pass < PASSES && now > 0; pass++) {
                double before = now;
                for (int i = 0; i < free.size() && now > 0; i++) {
                    for (int by : new int[] {-2, -1, 1, 2}) {
                        RealVector beside = best.copy();
                        beside.addToEntry(i, by / SIXTEENTHS);
                        double then = overstepped(beside);
                        if (then < now - 1e-9) {
                            now = then;
                            best = beside;
                        }
                    }
                }
                if (now == before) {
                    break;
                }
            }
            return moved(best, TAPE);
        }

        /** What is outside or too near, without any margin and whatever the moving costs. */
        private double overstepped(RealVector at) {
            Vehicle vehicle = moved(at, TAPE);
            if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
                return Double.POSITIVE_INFINITY;
            }
            List<Double> all = new ArrayList<>();
            AxleModel model = new AxleModel(vehicle, axle.place());
            outside(model, 0, all);
            clearances(model, 0, all);
            return all.stream().mapToDouble(Double::doubleValue).sum();
        }

        private static double square(double[] all) {
            double sum = 0;
            for (double one : all) {
                sum += one * one;
            }
            return sum;
        }

        private int rows() {
            int judged = 0;
            for (Optional<TargetBand> band : bands) {
                judged += band.isEmpty() ? 0 : band.get().scope() == TargetBand.Scope.TRAVEL ? TRAVELS : 1;
            }
            return judged + near.size() + 2 * free.size();
        }

        /** How far each result is outside its band and each pair too near, then what the moving costs. */
        private double[] missing(Vehicle vehicle, RealVector at) {
            if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
                // Two mounts on one spot, or the like: no step leads there.
                double[] nowhere = new double[rows()];
                Arrays.fill(nowhere, FAR_OUT);
                return nowhere;
            }
            List<Double> all = new ArrayList<>();
            AxleModel model = new AxleModel(vehicle, axle.place());
            outside(model, MARGIN, all);
            clearances(model, SPARE, all);
            for (int i = 0; i < free.size(); i++) {
                all.add(PRICE * at.getEntry(i));
                all.add(Math.max(0, Math.abs(at.getEntry(i)) - FARTHEST / Lengths.INCH));
            }
            return all.stream().mapToDouble(Double::doubleValue).toArray();
        }

        private void clearances(AxleModel model, double spare, List<Double> all) {
            if (near.isEmpty()) {
                return;
            }
            Set<CollisionId> ids = new HashSet<>();
            near.forEach(one -> ids.addAll(List.of(one.one(), one.other())));
            Clearances clearances = Clearances.among(model, ids);
            Map<String, Integer> index = new LinkedHashMap<>();
            for (int i = 0; i < clearances.pairs().size(); i++) {
                Clearances.Pair pair = clearances.pairs().get(i);
                index.put(
                        clearances.things().get(pair.one()).id() + "|"
                                + clearances.things().get(pair.other()).id(),
                        i);
            }
            List<Near> byPose = new ArrayList<>(near);
            byPose.sort(Comparator.comparing(one -> one.pose().toString()));
            WheelTravel now = null;
            boolean closes = false;
            for (Near one : byPose) {
                Integer pair = index.get(one.one() + "|" + one.other());
                if (!one.pose().equals(now)) {
                    now = one.pose();
                    closes = clearances.moveTo(now);
                }
                if (pair == null || !closes) {
                    all.add(pair == null ? 0.0 : 1.0);
                } else {
                    double lacks = clearances.pairs().get(pair).wanted() + spare - clearances.gap(pair);
                    all.add(Math.max(0, lacks) / Lengths.INCH);
                }
            }
            model.toRide();
        }

        /** Each banded result at ride, and where its band counts through the travel at the ends and half way to them too. */
        private void outside(AxleModel model, double margin, List<Double> all) {
            double[] values = new double[model.results().size()];
            double[] travels = new double[TRAVELS];
            for (int i = 1; i < TRAVELS; i++) {
                // Ride first, then to the ends in equal steps.
                int step = (i + 1) / 2;
                double end = i % 2 == 0 ? -axle.travel().droop() : axle.travel().bump();
                travels[i] = end * step / ((TRAVELS - 1) / 2);
            }
            for (int pose = 0; pose < travels.length; pose++) {
                model.toRide();
                boolean closes = model.moveTo(WheelTravel.both(travels[pose]));
                if (closes) {
                    model.evaluate(values);
                }
                for (int i = 0; i < bands.size(); i++) {
                    if (bands.get(i).isPresent()
                            && (pose == 0 || bands.get(i).get().scope() == TargetBand.Scope.TRAVEL)) {
                        all.add(closes ? outside(bands.get(i).get(), margin, values[i]) : 1);
                    }
                }
            }
            model.toRide();
        }

        private static double outside(TargetBand band, double margin, double value) {
            if (Double.isNaN(value)) {
                return 1;
            }
            double width = band.high() - band.low();
            boolean open = Double.isInfinite(width);
            double scale = open ? Math.abs(Double.isInfinite(band.high()) ? band.low() : band.high()) / 2 : width;
            double keep = margin * scale;
            double low = band.low() + keep - value;
            double high = value - band.high() + keep;
            return Math.max(0, Math.max(low, high)) / Math.max(scale, 1e-9);
        }
    }
}
