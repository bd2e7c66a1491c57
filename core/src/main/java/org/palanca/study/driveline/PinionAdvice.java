package org.palanca.study.driveline;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Vehicle;

/**
 * What pinion angle the shaft's joints want at ride. Two schools, common practice, no source: with a single joint at each end
 * the pinion stands parallel to the gearbox's shaft so that both angles are equal and cancel; with a double-Cardan joint at
 * the gearbox the pinion points at it, so that its own joint stands straight.
 *
 * @param wanted pinion angle [rad], nose up positive; empty where none within 25 degrees does it
 * @param now [rad]
 */
public record PinionAdvice(OptionalDouble wanted, double now) {
    /** Farther than this no pinion is turned [rad]. */
    private static final double FARTHEST = Math.toRadians(25);

    /** So far each way the trade-off goes [rad], and in so many steps: a joint's angle turns sharply where it is straight. */
    private static final double TRADED = Math.toRadians(12);

    private static final int STEPS = 48;

    /**
     * A housing turned by an angle: what it does to the joints and to caster.
     *
     * @param pinion [rad]
     * @param caster [rad]; empty where nothing steers
     * @param atGearbox joint angle [rad]
     * @param atPinion joint angle [rad]
     * @param residual angle of a single joint that would turn as unevenly [rad]
     */
    public record Turned(double pinion, OptionalDouble caster, double atGearbox, double atPinion, double residual) {}

    /** Solves for the pinion angle that the school of the shaft's joints wants. */
    public static PinionAdvice of(Vehicle vehicle, AxlePlace place, Driveline line) {
        double now = vehicle.axle(place).orElseThrow().pinion();
        try {
            double wanted = new BracketingNthOrderBrentSolver(1e-10, 5)
                    .solve(200, pinion -> lack(vehicle, place, line, pinion), now - FARTHEST, now + FARTHEST, now);
            return new PinionAdvice(OptionalDouble.of(wanted), now);
        } catch (MathRuntimeException e) {
            return new PinionAdvice(OptionalDouble.empty(), now);
        }
    }

    /** Signed in side view, so that there is a root to find: what the school wants to be nothing. */
    private static double lack(Vehicle vehicle, AxlePlace place, Driveline line, double pinion) {
        ShaftRun run = ShaftRun.at(new AxleModel(turned(vehicle, place, pinion), place), line);
        double shaft = slope(run.way().getX(), run.way().getZ());
        double into = slope(run.pinionWay().getX(), run.pinionWay().getZ());
        double out = slope(run.outputWay().getX(), run.outputWay().getZ());
        return line.joints() == Driveline.Joints.TWO ? into - out : into - shaft;
    }

    private static double slope(double x, double z) {
        return Math.atan(z / Math.abs(x));
    }

    /** The same vehicle with an axle's housing turned to a pinion angle: caster goes the other way degree for degree. */
    public static Vehicle turned(Vehicle vehicle, AxlePlace place, double pinion) {
        Axle axle = vehicle.axle(place).orElseThrow();
        double by = pinion - axle.pinion();
        OptionalDouble caster = axle.caster().isPresent()
                ? OptionalDouble.of(axle.caster().getAsDouble() + place.outward() * -by)
                : OptionalDouble.empty();
        return vehicle.withAxle(axle.withAngles(pinion, caster));
    }

    /** Caster against joint angles as the housing turns, from nose down to nose up. */
    public static List<Turned> tradeOff(Vehicle vehicle, AxlePlace place, Driveline line) {
        double now = vehicle.axle(place).orElseThrow().pinion();
        OptionalDouble casterNow = caster(new AxleModel(vehicle, place));
        List<Turned> all = new ArrayList<>();
        for (int i = -STEPS; i <= STEPS; i++) {
            double pinion = now + TRADED * i / STEPS;
            Vehicle there = turned(vehicle, place, pinion);
            double by = pinion - now;
            ShaftRun run = ShaftRun.at(new AxleModel(there, place), line);
            all.add(new Turned(
                    pinion,
                    casterNow.isPresent()
                            ? OptionalDouble.of(casterNow.getAsDouble() - place.outward() * by)
                            : OptionalDouble.empty(),
                    run.atOutput(),
                    run.atPinion(),
                    ShaftTurning.of(run, line).residual()));
        }
        return all;
    }

    /** As stated, or of the kingpins where there are some. */
    private static OptionalDouble caster(AxleModel model) {
        if (model.axle().caster().isPresent()) {
            return model.axle().caster();
        }
        return model.results().stream()
                .filter(result -> result.id().equals("kingpin_caster.left"))
                .mapToDouble(result -> model.outcome(result).number())
                .findFirst();
    }
}
