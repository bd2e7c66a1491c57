package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;

/**
 * The things of an axle at a pose, and the gap of any two that may meet. Keeps the last pose and the direction in which each
 * pair lay apart, so it is not for two threads at once.
 */
public final class Clearances {
    private final AxleModel model;
    private final List<CollisionBody> things;
    private final List<Carrier> carriers = new ArrayList<>();
    private final BodyFrame[] places;
    private final BodyFrame[] placesBefore;
    private final double[] reach;

    /** How far each carrier's things have gone since the start, at most [m]: two that were far apart need not be asked again. */
    private final double[] gone;

    /** For each pair a gap it is not under, and how far both had gone then, in one sum [m]. */
    private final double[] knownAt;

    private final int[] carrierOf;
    private final List<Pair> pairs = new ArrayList<>();
    private final double[][] memories;
    private final double[] allowance;
    private final boolean[] atRide;
    private final Gap gap = new Gap();

    /**
     * Two things that may meet, by their places in {@link #things}.
     *
     * @param wanted least room between them [m]
     */
    public record Pair(int one, int other, double wanted) {}

    /** Sets up an axle at ride. Pairs that share room there already are known as such: they end no travel, but stay. */
    public Clearances(AxleModel model) {
        this(model, CollisionBodies.of(model));
    }

    /** The same with given things. */
    public Clearances(AxleModel model, List<CollisionBody> things) {
        this(model, things, thing -> true);
    }

    /** Only some of the things of an axle, by their ids, with the pairs among them. */
    public static Clearances among(AxleModel model, Set<CollisionId> ids) {
        return new Clearances(
                model,
                CollisionBodies.of(model).stream()
                        .filter(thing -> ids.contains(thing.id()))
                        .toList());
    }

    /**
     * The same, with only those pairs that have to do with some of the things.
     *
     * @param about says of which
     */
    Clearances(AxleModel model, List<CollisionBody> things, Predicate<CollisionBody> about) {
        this.model = model;
        this.things = things;
        carrierOf = things.stream().mapToInt(thing -> carrier(thing.carrier())).toArray();
        places = new BodyFrame[carriers.size()];
        placesBefore = new BodyFrame[places.length];
        gone = new double[places.length];
        reach = new double[places.length];
        for (int i = 0; i < places.length; i++) {
            places[i] = new BodyFrame();
            placesBefore[i] = new BodyFrame();
        }
        for (int i = 0; i < things.size(); i++) {
            Solid solid = things.get(i).solid();
            reach[carrierOf[i]] = Math.max(reach[carrierOf[i]], solid.middle().getNorm() + solid.reach());
        }
        ClearanceRules rules = model.vehicle().build().rules();
        pair(rules, about);
        memories = new double[pairs.size()][3];
        knownAt = new double[pairs.size()];
        Arrays.fill(knownAt, Double.NEGATIVE_INFINITY);
        allowance = pairs.stream()
                .mapToDouble(pair -> rules.allowance(
                        things.get(pair.one()).kind(), things.get(pair.other()).kind()))
                .toArray();
        model.toRide();
        locate();
        atRide = new boolean[pairs.size()];
        for (int i = 0; i < atRide.length; i++) {
            atRide[i] = gap(i) < 0;
        }
    }

    /** Its place among the carriers, where it is put if it is new. */
    private int carrier(Carrier carrier) {
        if (!carriers.contains(carrier)) {
            carriers.add(carrier);
        }
        return carriers.indexOf(carrier);
    }

    private void pair(ClearanceRules rules, Predicate<CollisionBody> about) {
        for (int i = 0; i < things.size(); i++) {
            for (int j = i + 1; j < things.size(); j++) {
                CollisionBody one = things.get(i);
                CollisionBody other = things.get(j);
                if ((about.test(one) || about.test(other)) && compared(one, other)) {
                    pairs.add(new Pair(i, j, rules.wanted(one.kind(), other.kind())));
                }
            }
        }
    }

    /** The tyres stand on the ground, and all frame things but the lowest are never near it: only what moves is asked. */
    private static boolean compared(CollisionBody one, CollisionBody other) {
        boolean ground = one.carrier() instanceof Carrier.Ground || other.carrier() instanceof Carrier.Ground;
        boolean rolls = one.kind() == Part.Kind.TYRE || other.kind() == Part.Kind.TYRE;
        boolean open = one.kind() == Part.Kind.SERVICE || other.kind() == Part.Kind.SERVICE;
        // Service room is open at its own moment only: it never limits travel.
        return one.mayMeet(other) && !open && !(ground && rolls);
    }

    public AxleModel model() {
        return model;
    }

    /** All things. */
    public List<CollisionBody> things() {
        return things;
    }

    /** All pairs that may meet. */
    public List<Pair> pairs() {
        return pairs;
    }

    /** Whether a pair shares room at ride height already, so that something of it is not as described. */
    public boolean atRide(int pair) {
        return atRide[pair];
    }

    /** Moves to a pose; false where the axle does not close there. */
    public boolean moveTo(WheelTravel pose) {
        if (!model.placeAt(pose)) {
            return false;
        }
        locate();
        return true;
    }

    private void locate() {
        for (int i = 0; i < places.length; i++) {
            placesBefore[i].set(places[i]);
            carriers.get(i).locate(model, places[i]);
            gone[i] += places[i].moved(placesBefore[i], reach[i]);
        }
    }

    /**
     * The gap of a pair at the present pose, paint and give of bushings taken off.
     *
     * @param enough a larger gap need not be worked out: any number not under it may come back
     * @return [m], negative by how deep they are in one another
     */
    public double gap(int pair, double enough) {
        Pair two = pairs.get(pair);
        double asked = enough + allowance[pair];
        double both = gone[carrierOf[two.one()]] + gone[carrierOf[two.other()]];
        if (knownAt[pair] - both >= asked) {
            return enough;
        }
        double found = gap.between(
                things.get(two.one()).solid(),
                places[carrierOf[two.one()]],
                things.get(two.other()).solid(),
                places[carrierOf[two.other()]],
                asked,
                memories[pair]);
        knownAt[pair] = gap.known() + both;
        // What was asked for comes back as it was: taken off again the allowance might leave a hair less.
        return found >= asked ? enough : found - allowance[pair];
    }

    /** The gap of a pair at the present pose, worked out in any case, also where one lies inside the other. */
    public double gap(int pair) {
        Pair two = pairs.get(pair);
        return gap.between(
                        things.get(two.one()).solid(),
                        places[carrierOf[two.one()]],
                        things.get(two.other()).solid(),
                        places[carrierOf[two.other()]])
                - allowance[pair];
    }

    /** Nearest place on the first of the pair asked about last [m], vehicle frame. */
    public Vector3D onFirst() {
        return gap.onFirst();
    }

    /** Nearest place on the second of the pair asked about last [m]. */
    public Vector3D onSecond() {
        return gap.onSecond();
    }

    /** Where a thing's frame is at the present pose. */
    public BodyFrame place(int thing) {
        return places[carrierOf[thing]];
    }
}
