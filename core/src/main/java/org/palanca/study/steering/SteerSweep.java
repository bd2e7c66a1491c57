package org.palanca.study.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;

/**
 * From full right to full left lock at ride.
 *
 * @param turns one a step, from right to left; steps that do not close are left out
 */
public record SteerSweep(List<Turn> turns) {
    /** Steps from lock to lock: odd, so that straight ahead is one of them. */
    public static final int STEPS = 41;

    public SteerSweep {
        turns = List.copyOf(turns);
    }

    /**
     * The wheels at one step.
     *
     * @param steer part of the lock, left positive
     * @param left steer angle of the left wheel [rad], to the left positive
     * @param right steer angle of the right wheel [rad]
     * @param inside the side that the vehicle turns to: at the rear, wheels that point left turn it to the right
     * @param ackermann percent; empty near straight ahead
     */
    public record Turn(double steer, double left, double right, Side inside, Optional<Double> ackermann) {
        /** The angle of the wheel on the inside of the turn [rad], without sign. */
        public double inner() {
            return Math.abs(inside == Side.LEFT ? left : right);
        }

        /** The angle of the wheel on the outside of the turn [rad], without sign. */
        public double outer() {
            return Math.abs(inside == Side.LEFT ? right : left);
        }
    }

    /**
     * Walks the steering both ways from straight ahead. Leaves the model at ride.
     *
     * @throws IllegalArgumentException when nothing steers the axle
     */
    public static SteerSweep run(AxleModel model) {
        Result ackermann = model.result("ackermann");
        List<Turn> left = new ArrayList<>();
        List<Turn> right = new ArrayList<>();
        model.toRide();
        for (int i = STEPS / 2; i < STEPS; i++) {
            visit(model, ackermann, i, left);
        }
        model.toRide();
        for (int i = STEPS / 2 - 1; i >= 0; i--) {
            visit(model, ackermann, i, right);
        }
        model.toRide();
        List<Turn> all = new ArrayList<>();
        for (int i = right.size() - 1; i >= 0; i--) {
            all.add(right.get(i));
        }
        all.addAll(left);
        return new SteerSweep(all);
    }

    private static void visit(AxleModel model, Result ackermann, int step, List<Turn> turns) {
        double steer = -1 + 2.0 * step / (STEPS - 1);
        if (!model.moveTo(WheelTravel.RIDE.withSteer(steer))) {
            return;
        }
        Outcome percent = model.outcome(ackermann);
        double left = model.motion().wheel(1).steerAngle();
        double right = model.motion().wheel(-1).steerAngle();
        turns.add(new Turn(
                steer,
                left,
                right,
                (left + right) * sense(model.axle().place()) >= 0 ? Side.LEFT : Side.RIGHT,
                percent instanceof Outcome.Value value ? Optional.of(value.value()) : Optional.empty()));
    }

    /** The step nearest to full left lock. */
    public Turn fullLeft() {
        return turns.get(turns.size() - 1);
    }

    /** The step nearest to full right lock. */
    public Turn fullRight() {
        return turns.get(0);
    }

    /** Whether an axle at an end of the vehicle turns it to the left when its wheels point to the left. */
    static int sense(AxlePlace place) {
        return place == AxlePlace.FRONT ? 1 : -1;
    }
}
