package org.palanca.study.terrain;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.jspecify.annotations.Nullable;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.ride.RideStudy;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;

/**
 * Finds where a vehicle with two axles comes to rest on its springs, by virtual work: seven unknowns (height, pitch and roll
 * of the chassis, travel of four wheels) and as many balances. Gravity acts on the chassis and on each axle; each tyre pushes
 * square to the ground as a spring and along it as far as holds the vehicle. Forces along the slope are shared between the
 * axles as the plan shares driving (uphill) and braking (downhill), across it as keeps the vehicle from turning; between the
 * wheels of an axle by their loads. Forces along the ground act on the suspension through the links, at the patch or the wheel's
 * centre as the torque is taken: the same reading as anti-squat.
 *
 * <p>The total load transfer between axles is F h / L whatever links and springs do: they only decide how the chassis stands.
 *
 * <p>Keeps the last rest as a start, so a slope can be dragged. Belongs to one thread.
 */
public final class StandingVehicle {
    private static final int UNKNOWNS = 7;
    private static final int MOST_ROUNDS = 60;
    private static final int MOST_HALVINGS = 8;
    private static final int MOST_LEAPS = 6;

    /** Balanced when no force or moment is off by more than this part of the weight. */
    private static final double BALANCED = 1e-9;

    /** Steps of differences for the rates of forces: metres and radians. */
    private static final double STEP = 1e-7;

    /** No step moves the chassis or a wheel farther than this [m or rad] at once. */
    private static final double GUARD = 0.03;

    /** Smaller steps of the ground are not tried [part of the whole]. */
    private static final double LEAST_PART = 1.0 / 64;

    /** How far its wheels may move under it on their links, tyres and rocks [m]. */
    private static final double OUTSIDE = 0.15;

    /** So far the chassis is leant where it stands on an edge [rad]. */
    private static final double LEANT = 0.03;

    private final Vehicle vehicle;
    private final StandingAxle front;
    private final StandingAxle rear;
    private final double sprung;
    private final Vector3D sprungCentre;
    private final double mass;
    private final double[] state = new double[UNKNOWNS];

    private StandingVehicle(Vehicle vehicle, StandingAxle front, StandingAxle rear) {
        this.vehicle = vehicle;
        this.front = front;
        this.rear = rear;
        mass = front.weights().both() + rear.weights().both();
        sprung = mass - front.unsprung() - rear.unsprung();
        Vector3D centre = centre(vehicle, front.weights(), rear.weights(), mass);
        sprungCentre = centre.scalarMultiply(mass)
                .subtract(front.unsprung(), front.centreAtRide())
                .subtract(rear.unsprung(), rear.centreAtRide())
                .scalarMultiply(1 / sprung);
    }

    /** Sets a vehicle up; empty unless it has two axles. */
    public static Optional<StandingVehicle> of(Vehicle vehicle) {
        if (vehicle.axle(AxlePlace.FRONT).isEmpty()
                || vehicle.axle(AxlePlace.REAR).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new StandingVehicle(
                vehicle, new StandingAxle(vehicle, AxlePlace.FRONT), new StandingAxle(vehicle, AxlePlace.REAR)));
    }

    /** Where the whole vehicle's weight acts at ride: along and across by what the wheels carry. */
    private static Vector3D centre(Vehicle vehicle, Weights front, Weights rear, double mass) {
        double ahead = -vehicle.wheelbase() * rear.both() / mass;
        double frontHalf = vehicle.axle(AxlePlace.FRONT).orElseThrow().track() / 2;
        double rearHalf = vehicle.axle(AxlePlace.REAR).orElseThrow().track() / 2;
        double left = (frontHalf * (front.left() - front.right()) + rearHalf * (rear.left() - rear.right())) / mass;
        return new Vector3D(ahead, left, vehicle.mass().centreHeight());
    }

    /** Whether an axle has no springs described, so that ordinary ones stand in. */
    public boolean standIn(AxlePlace place) {
        return (place == AxlePlace.FRONT ? front : rear).standIn();
    }

    /** The whole vehicle's weight [N]. */
    public double weight() {
        return mass * RideStudy.GRAVITY;
    }

    /** Starts at ride on the level again. */
    public void reset() {
        Arrays.fill(state, 0);
    }

    /**
     * Comes to rest: from where it stood last, else from ride, else led there as the ground rises from a level one. A balance on
     * one or two wheels is none that lasts, and is not told.
     *
     * @return empty where no pose balances: the vehicle tips over, or an axle can't follow
     */
    public Optional<StaticEquilibrium> rest(Ground ground) {
        if (topples(ground)) {
            return Optional.empty();
        }
        return kept(settled(ground, state)
                .or(() -> settled(ground, new double[UNKNOWNS]))
                .or(() -> led(ground)));
    }

    /**
     * Whether its weight falls outside its wheels even as one stiff block, by more than wheels move on their links: on springs
     * the weight leans out farther still.
     */
    private boolean topples(Ground ground) {
        Vector3D centre = centre(vehicle, front.weights(), rear.weights(), mass);
        List<Double> rocks = ground.rocks();
        double half = vehicle.axles().stream().mapToDouble(Axle::track).max().orElseThrow() / 2;
        double pitch = (rocks.get(0) + rocks.get(1) - rocks.get(2) - rocks.get(3)) / 2 / vehicle.wheelbase();
        double roll = (rocks.get(0) + rocks.get(2) - rocks.get(1) - rocks.get(3)) / 4 / half;
        double[] plumb = ground.withClimb(ground.climb() + Math.atan(pitch))
                .withAcross(ground.across() + Math.atan(roll))
                .gravity();
        double ahead = centre.getX() + centre.getZ() * plumb[0] / -plumb[2];
        double left = centre.getY() + centre.getZ() * plumb[1] / -plumb[2];
        return plumb[2] >= 0
                || ahead > OUTSIDE
                || ahead < -vehicle.wheelbase() - OUTSIDE
                || Math.abs(left) > half + OUTSIDE;
    }

    /** The same where the ground is little different from the last, as when it is dragged: it looks nowhere else. */
    public Optional<StaticEquilibrium> follow(Ground ground) {
        return topples(ground) ? Optional.empty() : kept(settled(ground, state));
    }

    /** Starts from where another of the same vehicle came to rest. */
    public void standAs(StaticEquilibrium rest) {
        WheelTravel ahead = rest.travel(AxlePlace.FRONT);
        WheelTravel behind = rest.travel(AxlePlace.REAR);
        double[] there = {
            rest.lift(), rest.pitch(), rest.roll(), ahead.left(), ahead.right(), behind.left(), behind.right()
        };
        System.arraycopy(there, 0, state, 0, UNKNOWNS);
    }

    private Optional<StaticEquilibrium> kept(Optional<Settled> found) {
        found.ifPresent(at -> System.arraycopy(at.state(), 0, state, 0, UNKNOWNS));
        return found.map(Settled::rest);
    }

    /** A rest with the unknowns it was found by. */
    private record Settled(double[] state, StaticEquilibrium rest) {}

    /** In as large steps as find their way: a wheel that lifts or meets a stop on the way bends the balance sharply. */
    private Optional<Settled> led(Ground ground) {
        Optional<Settled> last = settled(ground.part(0), new double[UNKNOWNS]);
        double part = 0;
        double step = 0.5;
        while (last.isPresent() && part < 1 && step > LEAST_PART) {
            double next = Math.min(1, part + step);
            Optional<Settled> there = settled(ground.part(next), last.get().state());
            if (there.isPresent()) {
                last = there;
                part = next;
                step *= 2;
            } else {
                step /= 2;
            }
        }
        return part < 1 ? last.flatMap(at -> leaning(ground, at.state())) : last;
    }

    /** Balanced across two wheels it falls to one side or the other: looked for with the chassis leant either way. */
    private Optional<Settled> leaning(Ground ground, double[] from) {
        for (int unknown = 1; unknown <= 2; unknown++) {
            for (int sign = -1; sign <= 1; sign += 2) {
                double[] leant = from.clone();
                leant[unknown] += sign * LEANT;
                Optional<Settled> there = settled(ground, leant);
                if (there.isPresent()) {
                    return there;
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Settled> settled(Ground ground, double[] from) {
        double[] u = from.clone();
        double[] off = new double[UNKNOWNS];
        if (!balance(ground, u, off)) {
            return Optional.empty();
        }
        double size = size(off);
        int rounds = 0;
        int leaps = 0;
        while (size > BALANCED && rounds < MOST_ROUNDS) {
            rounds++;
            double[] step = step(ground, u, off);
            if (step == null) {
                return Optional.empty();
            }
            double[] next = new double[UNKNOWNS];
            double[] nextOff = new double[UNKNOWNS];
            double nextSize = nearer(ground, u, step, size, next, nextOff);
            if (Double.isNaN(nextSize) && leaps < MOST_LEAPS) {
                // Across a bend of the balance, where a wheel lifts or a stop is met, no short step is better: the
                // whole one is.
                leaps++;
                nextSize = moved(ground, u, step, guard(step), next, nextOff);
            }
            if (Double.isNaN(nextSize)) {
                return Optional.empty();
            }
            u = next;
            off = nextOff;
            size = nextSize;
        }
        StaticEquilibrium rest = new StaticEquilibrium(
                ground,
                u[0],
                u[1],
                u[2],
                Map.of(
                        AxlePlace.FRONT, new WheelTravel(u[3], u[4]),
                        AxlePlace.REAR, new WheelTravel(u[5], u[6])),
                List.of(front.load(0), front.load(1), rear.load(0), rear.load(1)),
                size * weight(),
                rounds);
        return size > 1e-6 || !rest.stands() ? Optional.empty() : Optional.of(new Settled(u, rest));
    }

    /** A step cut short until it is nearer to balance; NaN where none is. */
    private double nearer(Ground ground, double[] u, double[] step, double size, double[] next, double[] nextOff) {
        double part = guard(step);
        for (int halving = 0; halving < MOST_HALVINGS; halving++) {
            double there = moved(ground, u, step, part, next, nextOff);
            if (there < size * (1 - 0.1 * part)) {
                return there;
            }
            part /= 2;
        }
        return Double.NaN;
    }

    /** Takes a part of a step and tells what is out of balance there; NaN where an axle does not close. */
    private double moved(Ground ground, double[] u, double[] step, double part, double[] next, double[] nextOff) {
        for (int i = 0; i < UNKNOWNS; i++) {
            next[i] = u[i] + part * step[i];
        }
        return balance(ground, next, nextOff) ? size(nextOff) : Double.NaN;
    }

    private static double guard(double[] step) {
        double most = 0;
        for (double one : step) {
            most = Math.max(most, Math.abs(one));
        }
        return most > GUARD ? GUARD / most : 1;
    }

    /** Null where there is none. */
    private double @Nullable [] step(Ground ground, double[] u, double[] off) {
        double[][] rates = new double[UNKNOWNS][UNKNOWNS];
        double[] moved = new double[UNKNOWNS];
        double[] there = new double[UNKNOWNS];
        for (int j = 0; j < UNKNOWNS; j++) {
            System.arraycopy(u, 0, moved, 0, UNKNOWNS);
            moved[j] += STEP;
            if (!balance(ground, moved, there)) {
                return null;
            }
            for (int i = 0; i < UNKNOWNS; i++) {
                rates[i][j] = (there[i] - off[i]) / STEP;
            }
        }
        try {
            return new LUDecomposition(new Array2DRowRealMatrix(rates, false))
                    .getSolver()
                    .solve(new ArrayRealVector(off).mapMultiply(-1))
                    .toArray();
        } catch (MathRuntimeException e) {
            return null;
        }
    }

    private static double size(double[] off) {
        double most = 0;
        for (double one : off) {
            most = Math.max(most, Math.abs(one));
        }
        return most;
    }

    /**
     * What is out of balance, as parts of the weight (moments: of the weight times a metre).
     *
     * @return false where an axle does not close
     */
    boolean balance(Ground ground, double[] u, double[] off) {
        Attitude attitude = new Attitude(u[0], u[1], u[2]);
        Vector3D up = attitude.up();
        Vector3D gravity = attitude.turn(ground.gravity()).scalarMultiply(RideStudy.GRAVITY);
        if (!front.moveTo(u[3], u[4], attitude, ground) || !rear.moveTo(u[5], u[6], attitude, ground)) {
            return false;
        }
        hold(ground, attitude, gravity);
        Vector3D force = gravity.scalarMultiply(mass);
        Vector3D moment = Vector3D.crossProduct(sprungCentre, gravity.scalarMultiply(sprung));
        for (StandingAxle axle : new StandingAxle[] {front, rear}) {
            moment = moment.add(Vector3D.crossProduct(axle.centre(), gravity.scalarMultiply(axle.unsprung())));
            for (int wheel = 0; wheel < 2; wheel++) {
                force = force.add(axle.force(wheel));
                moment = moment.add(Vector3D.crossProduct(axle.patch(wheel), axle.force(wheel)));
            }
        }
        double weight = weight();
        off[0] = force.dotProduct(up) / weight;
        off[1] = moment.getY() / weight;
        off[2] = moment.getX() / weight;
        for (int wheel = 0; wheel < 2; wheel++) {
            off[3 + wheel] = front.work(wheel, gravity) / weight;
            off[5 + wheel] = rear.work(wheel, gravity) / weight;
        }
        return true;
    }

    /** Forces along the ground that hold the vehicle where it stands. */
    private void hold(Ground ground, Attitude attitude, Vector3D gravity) {
        Vector3D ahead = attitude.turn(new double[] {1, 0, 0});
        Vector3D left = attitude.turn(new double[] {0, 1, 0});
        double along = -mass * gravity.dotProduct(ahead);
        double aside = -mass * gravity.dotProduct(left);
        boolean uphill = ground.climb() >= 0;
        double frontShare = front.share(uphill);
        double rearShare = rear.share(uphill);
        double sum = frontShare + rearShare;
        double frontAlong = sum > 0 ? along * frontShare / sum : along / 2;
        double rearAlong = along - frontAlong;
        Vector3D centre = sprungCentre
                .scalarMultiply(sprung)
                .add(front.unsprung(), front.centre())
                .add(rear.unsprung(), rear.centre())
                .scalarMultiply(1 / mass);
        Vector3D toFront = front.push().subtract(centre);
        Vector3D toRear = rear.push().subtract(centre);
        // Neither turning to the left nor to the right: the sum of moments square to the ground is nothing.
        double turning = toFront.dotProduct(left) * frontAlong + toRear.dotProduct(left) * rearAlong;
        double reach = toFront.dotProduct(ahead) - toRear.dotProduct(ahead);
        double frontAside = (turning - toRear.dotProduct(ahead) * aside) / reach;
        front.hold(ahead.scalarMultiply(frontAlong).add(frontAside, left), uphill);
        rear.hold(ahead.scalarMultiply(rearAlong).add(aside - frontAside, left), uphill);
    }

    /**
     * Energy of springs, tyres and weight for a state, on ground that holds the vehicle by no force along it [J]: what is least
     * where it rests on the level, whatever lies under its wheels. NaN where an axle does not close.
     */
    double energy(Ground ground, double[] u) {
        Attitude attitude = new Attitude(u[0], u[1], u[2]);
        if (!front.moveTo(u[3], u[4], attitude, ground) || !rear.moveTo(u[5], u[6], attitude, ground)) {
            return Double.NaN;
        }
        double g = RideStudy.GRAVITY;
        return front.energy()
                + rear.energy()
                + sprung * g * attitude.height(sprungCentre)
                + front.unsprung() * g * attitude.height(front.centre())
                + rear.unsprung() * g * attitude.height(rear.centre());
    }

    public Vehicle vehicle() {
        return vehicle;
    }
}
