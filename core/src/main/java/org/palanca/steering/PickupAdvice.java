package org.palanca.steering;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.units.Lengths;
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
 * Where the inner pickups of the tie rods belong: moved up and fore-and-aft, as brackets on a rack's ends can, so that
 * the wheels steer least through the whole travel. Their distance from the centreline stays, since the rack's length sets
 * it. Found by a general optimiser (Nelder and Mead) on the mean square of the steer, then settled on the tape's grid.
 *
 * @param mount the left pickup; the right one follows or is moved alike
 * @param by how far to move it [m], vehicle frame
 * @param after the vehicle with both moved
 * @param before largest change of toe of the left wheel through the travel as it is [rad]
 * @param then the same after the move [rad]
 */
public record PickupAdvice(MountRef mount, Vector3D by, Vehicle after, double before, double then) {
    private static final int POSES = 9;
    private static final double FIRST_STEP = Lengths.inches(0.5);
    private static final double FARTHEST = Lengths.inches(4);
    private static final int MOST_TRIES = 240;

    /** Steer in the mean that a metre of moving must save [rad]: without a price the bowl's floor is flat. */
    private static final double PRICE_OF_A_METRE = 0.03;

    /**
     * Looks for the best place.
     *
     * @param grid that pickups are set on [m]
     * @return empty when the axle has no pair of tie rods with inner pickups, or they stand well already
     */
    public static Optional<PickupAdvice> of(Vehicle vehicle, AxlePlace place, double grid) {
        Axle axle = vehicle.axle(place).orElseThrow();
        Optional<String> pickup = innerPickup(axle);
        if (pickup.isEmpty()) {
            return Optional.empty();
        }
        MountRef ref = new MountRef(place, pickup.get());
        double now = largestToeChange(vehicle, place);
        SimplexOptimizer optimiser = new SimplexOptimizer(1e-9, 1e-12);
        PointValuePair best = optimiser.optimize(
                new MaxEval(10 * MOST_TRIES),
                new ObjectiveFunction(at -> cost(vehicle, ref, at)),
                GoalType.MINIMIZE,
                new InitialGuess(new double[] {0, 0}),
                new NelderMeadSimplex(new double[] {FIRST_STEP, FIRST_STEP}));
        double along = Math.round(best.getPoint()[0] / grid) * grid;
        double up = Math.round(best.getPoint()[1] / grid) * grid;
        Vector3D by = new Vector3D(along, 0, up);
        if (by.getNorm() < grid / 2) {
            return Optional.empty();
        }
        Vehicle after = moved(vehicle, ref, by);
        double then = largestToeChange(after, place);
        return then < now ? Optional.of(new PickupAdvice(ref, by, after, now, then)) : Optional.empty();
    }

    /** The left inner pickup: of a rack, or on the frame for a toe link. */
    public static Optional<String> innerPickup(Axle axle) {
        for (Link link : axle.links(LinkRole.TIE_ROD)) {
            for (String end : List.of(link.from(), link.to())) {
                Mount mount = axle.mount(end).orElseThrow();
                boolean inner = !mount.body().startsWith("knuckle");
                if (inner && axle.independent() && !mount.mirrored()) {
                    return Optional.of(end);
                }
            }
        }
        return Optional.empty();
    }

    private static double cost(Vehicle vehicle, MountRef ref, double[] at) {
        if (Math.hypot(at[0], at[1]) > FARTHEST) {
            return Math.hypot(at[0], at[1]);
        }
        double[] toe = toe(moved(vehicle, ref, new Vector3D(at[0], 0, at[1])), ref.axle());
        double sum = 0;
        for (double angle : toe) {
            sum += angle * angle;
        }
        return Math.sqrt(sum / toe.length) + PRICE_OF_A_METRE * Math.hypot(at[0], at[1]);
    }

    /** Moves the pickup alone: a bracket reaches from the rack to it, and the rack stays where it is. */
    private static Vehicle moved(Vehicle vehicle, MountRef ref, Vector3D by) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Vector3D from = axle.position(ref.mount(), vehicle.wheelbase());
        return MountMoves.moveTo(vehicle, ref, from.add(by));
    }

    /** Largest change of the left wheel's toe from ride through the travel [rad]; infinite where it does not close. */
    public static double largestToeChange(Vehicle vehicle, AxlePlace place) {
        return Arrays.stream(toe(vehicle, place)).map(Math::abs).max().orElse(0);
    }

    private static double[] toe(Vehicle vehicle, AxlePlace place) {
        double[] change = new double[POSES];
        if (VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))) {
            Arrays.fill(change, 1);
            return change;
        }
        AxleModel model = new AxleModel(vehicle, place);
        double ride = model.motion().wheel(1).steerAngle();
        double droop = model.axle().travel().droop();
        double bump = model.axle().travel().bump();
        for (int i = 0; i < POSES; i++) {
            double travel = -droop + (droop + bump) * i / (POSES - 1);
            boolean closes = model.moveTo(WheelTravel.both(travel));
            change[i] = closes ? model.motion().wheel(1).steerAngle() - ride : 1;
        }
        return change;
    }
}
