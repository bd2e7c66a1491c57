package org.palanca.result;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.geometry.InstantCentre;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Pose;
import org.palanca.mechanism.solve.Freedoms;
import org.palanca.mechanism.solve.PoseSolver;
import org.palanca.mechanism.solve.RigidPoseSolver;
import org.palanca.mechanism.solve.Solution;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Message;
import org.palanca.working.Trace;
import org.palanca.working.Working;

/**
 * One axle of a vehicle, ready to be moved: its mechanism, solver and results. Keeps the last pose as a warm start, so
 * it is not for two threads at once. Moving and evaluating allocate nothing.
 */
public final class AxleModel {
    private static final double[] BOTH_UP = {1, 1};
    private static final double[] LEFT_UP_RIGHT_DOWN = {1, -1};

    private final Vehicle vehicle;
    private final Axle axle;
    private final PoseSolver solver;
    private final List<Result> catalogue;
    private final Result[] results;
    private final Result.Motion[] needs;
    private final AxleMotion motion;
    private final double[] drivers = new double[2];
    private final double[] heave = new double[6];
    private final double[] roll = new double[6];
    private final double[] located = new double[6];
    private final double[][] locals;
    private final int[] bodies;
    private boolean closed;

    /**
     * Sets up an axle whose description has no errors.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle, or a link's mount is missing
     */
    public AxleModel(Vehicle vehicle, AxlePlace place) {
        this.vehicle = vehicle;
        axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        Mechanism mechanism = AxleMechanism.of(axle, vehicle.wheelbase());
        solver = new RigidPoseSolver(mechanism);
        catalogue = ResultCatalogue.of(axle);
        results = catalogue.toArray(Result[]::new);
        needs = catalogue.stream().map(Result::motion).toArray(Result.Motion[]::new);
        motion = new AxleMotion(vehicle, axle);
        locals = new double[axle.mounts().size()][];
        bodies = new int[locals.length];
        for (int i = 0; i < locals.length; i++) {
            Mount mount = axle.mounts().get(i);
            bodies[i] = mount.body().equals(Body.GROUND) ? -1 : 0;
            locals[i] = mechanism.local(new BodyPoint(mount.body(), axle.position(mount.name(), vehicle.wheelbase())));
        }
        moveTo(WheelTravel.RIDE);
    }

    public Vehicle vehicle() {
        return vehicle;
    }

    public Axle axle() {
        return axle;
    }

    /** All results of this axle, in reading order; their places are the indices used elsewhere. */
    public List<Result> results() {
        return catalogue;
    }

    /**
     * A result by its id.
     *
     * @throws IllegalArgumentException naming the results there are
     */
    public Result result(String id) {
        return catalogue.stream()
                .filter(result -> result.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no result \"" + id + "\"; there are "
                        + catalogue.stream().map(Result::id).toList()));
    }

    /** Moves to a pose. On failure the last pose that closed stays, and {@link #closed} says so. */
    public boolean moveTo(WheelTravel travel) {
        return moveTo(travel.left(), travel.right());
    }

    /** Moves to a pose by left and right travel [m, bump positive]. */
    public boolean moveTo(double left, double right) {
        drivers[0] = left;
        drivers[1] = right;
        closed = solver.moveTo(drivers);
        if (closed) {
            observe();
        }
        return closed;
    }

    /** Back to ride as a warm start, whatever was asked for last. */
    public void toRide() {
        solver.reset();
        moveTo(WheelTravel.RIDE);
    }

    private void observe() {
        boolean heaves = solver.motion(BOTH_UP, heave);
        boolean rolls = solver.motion(LEFT_UP_RIGHT_DOWN, roll);
        // Only now: asking for motions takes the pose down to the rounding.
        Configuration at = solver.configuration();
        motion.at(at);
        motion.modes(heaves, heave, rolls, roll);
        for (int i = 0; i < locals.length; i++) {
            at.locate(bodies[i], locals[i], located);
            motion.mount(i, located[0], located[1], located[2]);
        }
    }

    /** Whether the last move closed. */
    public boolean closed() {
        return closed;
    }

    /** The last move's full report. */
    public Solution solution() {
        return solver.solution();
    }

    /** Positions and motions at the last pose that closed; overwritten by the next move. */
    public AxleMotion motion() {
        return motion;
    }

    /** Where the housing is at the last pose that closed. */
    public Pose pose() {
        return solver.configuration().pose(0);
    }

    /** Every result at the present pose as plain numbers: NaN where unavailable, infinite where at infinity. */
    public void evaluate(double[] out) {
        for (int i = 0; i < results.length; i++) {
            out[i] = available(needs[i]) ? results[i].evaluate(motion, Trace.NONE) : Double.NaN;
        }
    }

    private boolean available(Result result) {
        return available(result.motion());
    }

    private boolean available(Result.Motion needed) {
        return closed
                && switch (needed) {
                    case NONE -> true;
                    case HEAVE -> motion.heaveExists();
                    case ROLL -> motion.rollExists();
                };
    }

    /** A result at the present pose. */
    public Outcome outcome(Result result) {
        if (!closed) {
            return new Outcome.Unavailable(whyOpen().orElseThrow());
        }
        if (!available(result)) {
            return new Outcome.Unavailable(whyNoMotion(result.motion()));
        }
        double value = result.evaluate(motion, Trace.NONE);
        if (!Double.isInfinite(value)) {
            return new Outcome.Value(value);
        }
        InstantCentre centre = motion.instantCentre();
        return centre instanceof InstantCentre.AtInfinity far
                ? new Outcome.AtInfinity(far.slope(), far.signedDistance())
                : new Outcome.AtInfinity(0, value);
    }

    /** How a result comes about at the present pose; empty where it has no answer. */
    public Optional<Working> working(Result result) {
        if (!available(result)) {
            return Optional.empty();
        }
        Working.Recorder recorder = new Working.Recorder();
        result.evaluate(motion, recorder);
        return Optional.of(recorder.working(result.source()));
    }

    /** Why the last move did not close, naming the member, the amount and something to try; empty when it closed. */
    public Optional<Message> whyOpen() {
        return solver.solution() instanceof Solution.Open open
                ? Optional.of(FaultWords.open(axle.place(), open))
                : Optional.empty();
    }

    /** What is loose or blocked at the present pose, in words; empty when the axle moves as it should. */
    public Optional<Message> whyUnsound() {
        Freedoms freedoms = solver.solution() instanceof Solution.Closed shut
                ? shut.freedoms()
                : ((Solution.Open) solver.solution()).diagnosis().freedoms();
        return FaultWords.unsound(axle.place(), freedoms);
    }

    private Message whyNoMotion(Result.Motion wanted) {
        return whyUnsound().orElse(Message.of("fault.no_motion", wanted.name().toLowerCase(Locale.ROOT)));
    }
}
