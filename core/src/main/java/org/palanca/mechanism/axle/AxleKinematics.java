package org.palanca.mechanism.axle;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.RigidMotion;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.solve.ClosureDiagnosis;
import org.palanca.mechanism.solve.Mobility;
import org.palanca.mechanism.solve.PoseSolver;
import org.palanca.mechanism.solve.Solution;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;

/**
 * One axle of a vehicle, ready to be moved: its mechanism and solver, and where everything is at the pose it was last
 * moved to. Keeps that pose as a warm start, so it is not for two threads at once. Moving allocates nothing.
 */
public class AxleKinematics {
    /**
     * No bushing, nor an arm that twists, gives more than this [m]: 1 in, common practice, no source. Beyond it an axle
     * closes on paper only.
     */
    public static final double MOST_PUSH = Lengths.inches(1);

    /** A bushing pushed by less is not worth a sentence [m]: a quarter of a millimetre. */
    private static final double WORTH_SAYING = 0.00025;

    private final Vehicle vehicle;
    private final Axle axle;
    private final PoseSolver solver;
    private final AxleMotion motion;
    private final Modes modes;
    private final double[] heaveRates;
    private final double[] rollRates;
    private final double[] steerRates;
    private final double[] drivers;
    private final double[] located = new double[6];
    private final double[] direction = new double[3];
    private final double[][] locals;
    private final int[] bodies;
    private final double[][] bolts;
    private final int[] boltBodies;
    private final List<HingeTurn> hinges;
    private final boolean springs;
    private final double lock;
    private double askedSteer;
    private boolean closed;

    /** Whether the motions are those of the present pose. */
    private boolean observed;

    /** Known once it was asked for. */
    private @Nullable Mobility atDesign;

    /**
     * Sets up an axle whose description has no errors.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle, or a link's mount is missing
     */
    public AxleKinematics(Vehicle vehicle, AxlePlace place) {
        this.vehicle = vehicle;
        axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        Mechanism mechanism = AxleMechanism.of(
                axle, vehicle.wheelbase(), vehicle.build().surroundings(place).bodies());
        solver = PoseSolver.of(mechanism);
        modes = new Modes(mechanism.unknowns());
        drivers = new double[mechanism.drivers().size()];
        heaveRates = Arrays.copyOf(new double[] {1, 1}, drivers.length);
        rollRates = Arrays.copyOf(new double[] {1, -1}, drivers.length);
        steerRates = new double[drivers.length];
        locals = new double[axle.mounts().size()][];
        bodies = new int[locals.length];
        for (int i = 0; i < locals.length; i++) {
            Mount mount = axle.mounts().get(i);
            bodies[i] = mechanism.bodyIndex(mount.body().id());
            locals[i] =
                    mechanism.local(new BodyPoint(mount.body().id(), axle.position(mount.name(), vehicle.wheelbase())));
        }
        List<JointBolts.End> ends = JointBolts.of(axle, vehicle.wheelbase()).ends();
        bolts = ends.stream().map(end -> end.direction().toArray()).toArray(double[][]::new);
        boltBodies = ends.stream().mapToInt(end -> bodies[end.mount()]).toArray();
        hinges = HingeTurn.of(axle, mechanism, vehicle.wheelbase());
        springs = !axle.springing().isEmpty();
        motion = new AxleMotion(
                vehicle,
                axle,
                wheel(mechanism, Side.LEFT),
                wheel(mechanism, Side.RIGHT),
                bolts.length,
                mechanism.members().size());
        lock = lockTowardsLeft();
        moveTo(WheelTravel.RIDE);
    }

    private WheelMotion wheel(Mechanism mechanism, Side side) {
        String body = AxleMechanism.wheelBody(axle, side).id();
        Vector3D centre = axle.wheelCentre(vehicle.wheelbase(), side);
        return new WheelMotion(
                axle,
                side,
                mechanism.bodyIndex(AxleMechanism.carrier(axle, side).id()),
                mechanism.bodyIndex(body),
                mechanism.local(new BodyPoint(body, centre)));
    }

    /** The lock with the sign that turns the wheels to the left, found by trying; 0 where nothing steers. */
    private double lockTowardsLeft() {
        if (axle.steering().isEmpty()) {
            return 0;
        }
        double amount = axle.steering().get().lock();
        steerRates[drivers.length - 1] = 1;
        moveTo(WheelTravel.RIDE);
        double yaw = motion.wheel(1).steer().yaw() + motion.wheel(-1).steer().yaw();
        if (closed && yaw < 0) {
            steerRates[drivers.length - 1] = -1;
            observed = false;
            return -amount;
        }
        return amount;
    }

    public final Vehicle vehicle() {
        return vehicle;
    }

    public final Axle axle() {
        return axle;
    }

    /** Moves to a pose. On failure the last pose that closed stays, and {@link #closed} says so. */
    public final boolean moveTo(WheelTravel travel) {
        return moveTo(travel.left(), travel.right(), travel.steer());
    }

    /** Moves to a pose by left and right travel [m, bump positive] with the steering straight ahead. */
    public final boolean moveTo(double left, double right) {
        return moveTo(left, right, 0);
    }

    /**
     * Moves to a pose.
     *
     * @param left travel [m], bump positive
     * @param right travel [m], bump positive
     * @param steer part of the lock, from -1 full right to 1 full left; ignored where nothing steers
     */
    public final boolean moveTo(double left, double right, double steer) {
        return close(left, right, steer, true);
    }

    /**
     * Moves to a pose and finds only where everything is there, not how it moves: half the work. Until the next move no
     * motion exists, and every rate is NaN. On failure the last pose that closed stays, and {@link #closed} says so.
     */
    public final boolean placeAt(WheelTravel travel) {
        return close(travel.left(), travel.right(), travel.steer(), false);
    }

    private boolean close(double left, double right, double steer, boolean motions) {
        double turned = drivers.length > 2 ? lock * steer : 0;
        boolean there = closed
                && drivers[0] == left
                && drivers[1] == right
                && (drivers.length < 3 || drivers[2] == turned)
                && (observed || !motions);
        askedSteer = steer;
        if (there) {
            return true;
        }
        drivers[0] = left;
        drivers[1] = right;
        if (drivers.length > 2) {
            drivers[2] = turned;
        }
        closed = solver.moveTo(drivers);
        if (closed) {
            observe(motions);
        }
        return closed;
    }

    /** Back to ride as a warm start, whatever was asked for last. */
    public final void toRide() {
        closed = false;
        solver.reset();
        moveTo(WheelTravel.RIDE);
    }

    private void observe(boolean motions) {
        if (motions) {
            boolean heaves = solver.motion(heaveRates, modes.heave());
            boolean rolls = solver.motion(rollRates, modes.roll());
            Arrays.fill(modes.steer(), 0);
            boolean steers = drivers.length > 2 && solver.motion(steerRates, modes.steer());
            modes.exist(heaves, rolls, steers);
        } else {
            modes.unknown();
        }
        observed = motions;
        // Only now: asking for motions takes the pose down to the rounding.
        Configuration at = solver.configuration();
        motion.at(at);
        motion.modes(at, modes);
        for (int i = 0; i < locals.length; i++) {
            at.locate(bodies[i], locals[i], located);
            motion.mount(i, located[0], located[1], located[2]);
            if (springs) {
                motion.mountRates(i, bodies[i], located, modes);
            }
        }
        for (int i = 0; i < hinges.size(); i++) {
            hinges.get(i).observe(at, modes, motion);
        }
        for (int i = 0; i < bolts.length; i++) {
            at.turn(boltBodies[i], bolts[i], direction);
            motion.bolt(i, direction);
        }
        for (int i = 0; i < solver.mechanism().members().size(); i++) {
            motion.strain(i, solver.strain(i));
        }
    }

    /** The pose that was asked for last. */
    public final WheelTravel asked() {
        return new WheelTravel(drivers[0], drivers[1], drivers.length > 2 ? askedSteer : 0);
    }

    /** Whether the last move closed. */
    public final boolean closed() {
        return closed;
    }

    /** The last move's full report. */
    public final Solution solution() {
        return solver.solution();
    }

    /** Positions and motions at the last pose that closed; overwritten by the next move. */
    public final AxleMotion motion() {
        return motion;
    }

    /** The bodies, members and drivers it is made of. */
    public final Mechanism mechanism() {
        return solver.mechanism();
    }

    /** Driver value at full left lock [m or rad, in the driver's own sense]; 0 where nothing steers. */
    public final double lock() {
        return lock;
    }

    /** Index of a body in the mechanism, -1 for the chassis; empty where this axle has no such body. */
    public final OptionalInt bodyIndex(BodyName body) {
        if (body == BodyName.FRAME) {
            return OptionalInt.of(-1);
        }
        List<Body> bodies = solver.mechanism().bodies();
        return IntStream.range(0, bodies.size())
                .filter(i -> bodies.get(i).name().equals(body.id()))
                .findFirst();
    }

    /** Where a body's origin is at ride [m]; the vehicle's own for the chassis. */
    public final Vector3D originAtRide(int body) {
        return body < 0 ? Vector3D.ZERO : solver.mechanism().bodies().get(body).origin();
    }

    /**
     * Writes where a body is at the last pose that closed, by its index in the mechanism; allocates nothing.
     *
     * @param into filled: turns and shifts what is fixed to the body, stated from its origin at ride
     */
    public final void locate(int body, BodyFrame into) {
        AxleMotion.locate(solver.configuration(), body, into);
    }

    /** How a body was moved from ride to the last pose that closed, by its index in the mechanism. */
    public final RigidMotion pose(int body) {
        return solver.configuration().pose(body);
    }

    /** Why the last move did not close, naming the member, the amount and something to try; empty when it closed. */
    public final Optional<Message> whyOpen() {
        return solver.solution() instanceof Solution.Open open
                ? Optional.of(FaultWords.open(axle, open))
                : Optional.empty();
    }

    /** Name of the member whose change alone would let the axle close here, at the least cost; empty where it closes. */
    public final Optional<String> outOfReach() {
        return solver.solution() instanceof Solution.Open open
                ? open.diagnosis().gaps().stream()
                        .filter(gap -> !gap.driver())
                        .map(ClosureDiagnosis.Gap::name)
                        .findFirst()
                : Optional.empty();
    }

    /** What is loose or blocked at the present pose, in words; empty when the axle moves as it should. */
    public final Optional<Message> whyUnsound() {
        if (closed && solver.surelyHeld()) {
            return pushedBeyond();
        }
        Solution solution = solver.solution();
        if (solution instanceof Solution.Strained strained) {
            return pushedBeyond().or(() -> FaultWords.loose(axle.place(), strained.freedoms()));
        }
        Mobility freedoms = solution instanceof Solution.Closed shut
                ? shut.freedoms()
                : ((Solution.Open) solution).diagnosis().freedoms();
        return FaultWords.unsound(axle, freedoms);
    }

    /**
     * The members whose bushings give at the present pose, most pushed first; empty where all are rigid. The bending of
     * leaf springs is not among them: they give by design.
     */
    public final List<Solution.Strain> strains() {
        if (!closed) {
            return List.of();
        }
        return solver.strains().stream()
                .filter(strain -> !strain.member().endsWith(LeafModel.BENDING))
                .sorted(Comparator.comparingDouble((Solution.Strain strain) -> -Math.abs(strain.off())))
                .toList();
    }

    /** What closes only on paper: a bushing pushed by more than any gives. */
    private Optional<Message> pushedBeyond() {
        return strains().stream()
                .findFirst()
                .filter(most -> Math.abs(most.off()) > MOST_PUSH)
                .map(most -> FaultWords.pushedBeyond(axle, most));
    }

    /** What pushes the bushings at the present pose, with the most pushed one and how far; empty where nothing does. */
    public final Optional<Message> bindNote() {
        List<Solution.Strain> strains = strains();
        if (strains.isEmpty() || Math.abs(strains.get(0).off()) < WORTH_SAYING) {
            return Optional.empty();
        }
        double roll = Math.asin((motion.wheelCentre(1, 2) - motion.wheelCentre(-1, 2)) / axle.track());
        return Optional.of(FaultWords.binds(axle, atDesign(), strains.get(0), Math.abs(roll)));
    }

    /** What the layout blocks as it stands at ride: bushings that are pushed already mix the motions. */
    private Mobility atDesign() {
        if (atDesign == null) {
            Mechanism mechanism = solver.mechanism();
            atDesign = Mobility.at(mechanism, mechanism.atDesign());
        }
        return atDesign;
    }
}
