package org.palanca.study.travel;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Travel;

/**
 * Where an axle can get to: the worst poses its stops, straps and shocks leave it, found by pushing one wheel up and the other
 * down in turn until neither goes farther. Belongs to one thread, as its model does.
 */
public final class TravelEnvelope {
    /** How far past the travel of the plan a bound is looked for [m]. */
    private static final double PAST = Lengths.inches(8);

    /** Step in which a bound is looked for [m], and how finely it is then found: a hundredth of a millimetre. */
    private static final double STEP = Lengths.inches(1);

    private static final int HALVINGS = 12;

    /** Pushing in turn ends when both wheels together went no farther than this [m]. */
    private static final double STILL = 2e-5;

    private static final int MOST_TURNS = 12;

    private final AxleModel model;
    private final TravelBounds bounds;
    private final List<WorstPose> worst = new ArrayList<>();

    /** Finds the worst poses of an axle whose description has no errors. Leaves the model at ride. */
    public TravelEnvelope(AxleModel model) {
        this.model = model;
        bounds = new TravelBounds(model);
        double[] steers = model.axle().steering().isPresent() ? new double[] {0, 1, -1} : new double[] {0};
        for (double steer : steers) {
            for (WorstPose.Way way : WorstPose.Way.values()) {
                worst.add(find(way, steer));
            }
        }
        model.toRide();
    }

    /** What bounds the travel. */
    public TravelBounds bounds() {
        return bounds;
    }

    /** The worst poses: four straight ahead, and four at each lock where the axle steers. */
    public List<WorstPose> worst() {
        return worst;
    }

    /** The worst pose straight ahead with the wheels gone that way. */
    public WorstPose worst(WorstPose.Way way) {
        return worst(way, 0);
    }

    /**
     * The worst pose with the wheels gone that way, at the lock that a steer turns to.
     *
     * @param steer left positive; only its sign counts
     * @throws java.util.NoSuchElementException where it is not 0 and nothing steers
     */
    public WorstPose worst(WorstPose.Way way, double steer) {
        return worst.stream()
                .filter(pose -> pose.way() == way && Math.signum(pose.pose().steer()) == Math.signum(steer))
                .findFirst()
                .orElseThrow();
    }

    /** Highest a wheel gets [m]: of the plan's bump and of all worst poses. */
    public double highest() {
        double most = model.axle().travel().bump();
        for (WorstPose pose : worst) {
            most = Math.max(most, Math.max(pose.pose().left(), pose.pose().right()));
        }
        return most;
    }

    /** Lowest a wheel gets below ride [m], positive. */
    public double lowest() {
        double most = model.axle().travel().droop();
        for (WorstPose pose : worst) {
            most = Math.max(most, -Math.min(pose.pose().left(), pose.pose().right()));
        }
        return most;
    }

    private WorstPose find(WorstPose.Way way, double steer) {
        boolean rises = way != WorstPose.Way.DROOP && bounds.any(true);
        boolean falls = way != WorstPose.Way.BUMP && bounds.any(false);
        WheelTravel plan = planned(way, steer);
        model.toRide();
        boolean closes = model.placeAt(WheelTravel.RIDE.withSteer(steer));
        if (!closes || !rises && !falls) {
            return new WorstPose(way, plan, Optional.empty(), Optional.empty());
        }
        if (way.together()) {
            Push push = push(WheelTravel.RIDE.withSteer(steer), way.left(), way.right());
            WheelTravel pose = push.by().isPresent() ? push.to() : plan;
            return new WorstPose(
                    way,
                    pose,
                    way == WorstPose.Way.BUMP ? push.by() : Optional.empty(),
                    way == WorstPose.Way.DROOP ? push.by() : Optional.empty());
        }
        return apart(way, plan, rises, falls);
    }

    /**
     * One up and the other down in turn: on one housing each makes room for the other. A wheel that nothing bounds goes as far
     * as it was wished to.
     */
    private WorstPose apart(WorstPose.Way way, WheelTravel plan, boolean rises, boolean falls) {
        boolean leftUp = way.left() > 0;
        WheelTravel at = WheelTravel.RIDE.withSteer(plan.steer());
        if (!rises) {
            at = leftUp
                    ? new WheelTravel(plan.left(), 0, plan.steer())
                    : new WheelTravel(0, plan.right(), plan.steer());
        }
        if (!falls) {
            at = leftUp
                    ? new WheelTravel(0, plan.right(), plan.steer())
                    : new WheelTravel(plan.left(), 0, plan.steer());
        }
        Optional<TravelBounds.Bound> up = Optional.empty();
        Optional<TravelBounds.Bound> down = Optional.empty();
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            WheelTravel before = at;
            if (rises) {
                Push rise = push(at, Math.max(0, way.left()), Math.max(0, way.right()));
                at = rise.to();
                up = rise.by();
            }
            if (falls) {
                Push fall = push(at, Math.min(0, way.left()), Math.min(0, way.right()));
                at = fall.to();
                down = fall.by();
            }
            if (rises && up.isEmpty() || falls && down.isEmpty()) {
                // Pushed past everything: what hangs on the other wheel does not bound this one.
                return apart(way, plan, rises && up.isPresent(), falls && down.isPresent());
            }
            if (Math.abs(at.left() - before.left()) + Math.abs(at.right() - before.right()) < STILL) {
                break;
            }
        }
        return rises || falls ? new WorstPose(way, at, up, down) : new WorstPose(way, plan, up, down);
    }

    private WheelTravel planned(WorstPose.Way way, double steer) {
        Travel travel = model.axle().travel();
        return new WheelTravel(
                way.left() > 0 ? travel.bump() : -travel.droop(),
                way.right() > 0 ? travel.bump() : -travel.droop(),
                steer);
    }

    /**
     * How far a push got.
     *
     * @param by what stopped it; empty where nothing did within what was looked at
     */
    private record Push(WheelTravel to, Optional<TravelBounds.Bound> by) {}

    /** Pushes one wheel or both from a pose that is within bounds; where members end it, nothing that was built for it does. */
    private Push push(WheelTravel from, int left, int right) {
        Axle axle = model.axle();
        double farthest = Math.max(axle.travel().bump(), axle.travel().droop()) + PAST;
        double gone = left != 0 ? Math.abs(from.left()) : Math.abs(from.right());
        double clear = 0;
        double blocked = 0;
        Optional<TravelBounds.Bound> by = Optional.empty();
        model.placeAt(from);
        while (by.isEmpty() && gone + clear < farthest) {
            blocked = clear + STEP;
            if (!model.placeAt(moved(from, left, right, blocked))) {
                return new Push(moved(from, left, right, clear), Optional.empty());
            }
            by = bounds.passed();
            if (by.isEmpty()) {
                clear = blocked;
            }
        }
        if (by.isEmpty()) {
            return new Push(moved(from, left, right, clear), by);
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (clear + blocked) / 2;
            model.placeAt(moved(from, left, right, middle));
            Optional<TravelBounds.Bound> there = bounds.passed();
            if (there.isPresent()) {
                by = there;
                blocked = middle;
            } else {
                clear = middle;
            }
        }
        return new Push(moved(from, left, right, clear), by);
    }

    private static WheelTravel moved(WheelTravel from, int left, int right, double by) {
        return new WheelTravel(from.left() + left * by, from.right() + right * by, from.steer());
    }
}
