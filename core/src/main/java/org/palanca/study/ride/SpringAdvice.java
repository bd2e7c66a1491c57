package org.palanca.study.ride;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.TorsionBar;

/**
 * What springs to order for a shock. One coil, or a pair of which both give at ride and the lower one alone past the
 * crossover. Rates are rounded to what is sold, 25 lbf/in apart, and free lengths to whole inches: common practice, no
 * source.
 *
 * @param coils ready to fit, preload set so that they carry the load at ride
 * @param rate of the shock's springs at ride [N/m]
 * @param frequency that comes of it at ride [Hz], the change of the motion ratio left out
 */
public record SpringAdvice(Coils coils, double rate, double frequency) {
    /** Rates are sold in steps of so much [N/m]. */
    private static final double STEP = 25 * UnitStyle.POUND_FORCE / Lengths.INCH;

    /** The upper of a pair is softer than the lower by so much: 150 over 250. */
    private static final double UPPER_OF_LOWER = 0.6;

    /** The crossover is met after this part of the up travel. */
    private static final double CROSSOVER = 0.45;

    /** Coils squeezed solid keep about this part of their free length. */
    private static final double SOLID = 0.35;

    /** Springs that move less than this for a unit of travel can't carry a wheel. */
    private static final double LEAST_RATIO = 0.05;

    /**
     * What is wanted.
     *
     * @param mass sprung, on this wheel [kg]
     * @param frequency at ride [Hz]
     * @param motionRatio of the shock in bump
     * @param rideLength of the shock [m]
     * @param pair whether two springs are wanted, else one
     */
    public record Wish(double mass, double frequency, double motionRatio, double rideLength, boolean pair) {}

    /**
     * Springs for a shock.
     *
     * @throws IllegalArgumentException when mass, frequency or motion ratio are not more than 0
     */
    public static SpringAdvice of(Wish wish, ShockSize size) {
        if (!(wish.mass() > 0 && wish.frequency() > 0 && wish.motionRatio() > 0)) {
            throw new IllegalArgumentException("mass, frequency and motion ratio must be more than 0");
        }
        double turn = 2 * Math.PI * wish.frequency();
        double spring = wish.mass() * turn * turn / (wish.motionRatio() * wish.motionRatio());
        double force = wish.mass() * RideStudy.GRAVITY / wish.motionRatio();
        double up = wish.rideLength() - size.collapsed();
        Coils coils = wish.pair() ? pair(spring, force, up, size) : one(spring, size);
        double squeezed = coils.squeezedBy(force);
        double in = size.extended() - wish.rideLength();
        Coils set = coils.withPreload(squeezed - in);
        double rate = set.rate(in);
        double reached = Math.sqrt(rate * wish.motionRatio() * wish.motionRatio() / wish.mass()) / (2 * Math.PI);
        return new SpringAdvice(set, rate, reached);
    }

    /**
     * The vehicle with the springs of an axle replaced by a pair each, as advised for a frequency [Hz], or with its torsion bars
     * of the rate that gives it, set to ride height. Where nothing springs the axle yet the shocks get the coils.
     *
     * @return empty where there is nothing to spring it by, the weight is not known, or the springs hardly move
     */
    public static Optional<Vehicle> fitted(Vehicle vehicle, AxlePlace place, double frequency) {
        Axle axle = vehicle.axle(place).orElseThrow();
        RideStudy study = RideStudy.of(vehicle, place);
        double mass = study.weights().both() - study.weights().unsprung();
        if (!(frequency > 0) || !(mass > 0)) {
            return Optional.empty();
        }
        Predicate<Shock> springs = shock -> shock.spring().isPresent();
        boolean coiled = axle.springing().shocks().stream().anyMatch(springs);
        Optional<Springing> next = !coiled && !axle.springing().torsionBars().isEmpty()
                ? bars(axle, study, frequency * frequency)
                : coils(
                        vehicle,
                        axle,
                        study,
                        frequency,
                        coiled ? springs : shock -> shock.size().isPresent());
        return next.map(springing -> {
            Vehicle sprung = vehicle.withAxle(axle.withSpringing(springing));
            return RideHeight.set(sprung, place).orElse(sprung);
        });
    }

    /** Rates go with the square of the frequency. */
    private static Optional<Springing> bars(Axle axle, RideStudy study, double square) {
        double times = square / (study.frequency() * study.frequency());
        if (!(times > 0) || Double.isInfinite(times)) {
            return Optional.empty();
        }
        return Optional.of(axle.springing()
                .withTorsionBars(axle.springing().torsionBars().stream()
                        .map(bar -> new TorsionBar(
                                bar.name(), bar.joint(), Quantity.TWIST_RATE.onGrid(bar.rate() * times), bar.windUp()))
                        .toList()));
    }

    private static Optional<Springing> coils(
            Vehicle vehicle, Axle axle, RideStudy study, double frequency, Predicate<Shock> which) {
        List<Shock> carrying = axle.springing().shocks().stream().filter(which).toList();
        if (carrying.isEmpty()) {
            return Optional.empty();
        }
        Shock first = carrying.get(0);
        AxleModel model = new AxleModel(vehicle, axle.place());
        double ratio =
                model.outcome(model.result("motion_ratio." + first.name())).number();
        if (!(ratio > LEAST_RATIO)) {
            return Optional.empty();
        }
        RideStudy.ShockAt at = study.shocks().get(axle.springing().shocks().indexOf(first));
        // A spring on its own is limited by nothing but its seats: room for the travel and a little more.
        ShockSize room = first.size()
                .orElseGet(() ->
                        new ShockSize(first.name(), at.bump() - Lengths.INCH, at.droop() + Lengths.INCH, 0, 0, 0));
        double mass = (study.weights().both() - study.weights().unsprung()) / carrying.size();
        Coils coils = of(new Wish(mass, frequency, ratio, at.ride(), true), room)
                .coils()
                .onGrid();
        return Optional.of(
                axle.springing().mapShocks(shock -> which.test(shock) ? shock.withSpring(Optional.of(coils)) : shock));
    }

    private static Coils one(double spring, ShockSize size) {
        double free = wholeInches(size.stroke() / (1 - SOLID));
        return new Coils(List.of(coil(sold(spring), free, OptionalDouble.empty())), 0);
    }

    /** k1 = 0.6 k2 and 1/k1 + 1/k2 = 1/k give k2 = k (1 + 1/0.6). */
    private static Coils pair(double spring, double force, double up, ShockSize size) {
        double lower = sold(spring * (1 + 1 / UPPER_OF_LOWER));
        double upper = sold(spring * (1 + UPPER_OF_LOWER));
        double series = 1 / (1 / upper + 1 / lower);
        double atCrossover = force + series * CROSSOVER * up;
        double stop = atCrossover / upper;
        double free = wholeInches(Math.max(size.stroke() * 0.5, stop) / (1 - SOLID) + Lengths.INCH);
        double lowerFree = wholeInches(size.stroke() / (1 - SOLID) * 0.85);
        return new Coils(
                List.of(coil(upper, free, OptionalDouble.of(stop)), coil(lower, lowerFree, OptionalDouble.empty())), 0);
    }

    private static Coil coil(double rate, double free, OptionalDouble stop) {
        return new Coil(rate, free, free * SOLID, stop);
    }

    private static double sold(double rate) {
        return Math.max(1, Math.rint(rate / STEP)) * STEP;
    }

    private static double wholeInches(double length) {
        return Math.ceil(length / Lengths.INCH - 1e-9) * Lengths.INCH;
    }
}
