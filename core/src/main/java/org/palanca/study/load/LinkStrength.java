package org.palanca.study.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.floor.cutting.BentBar;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * What a link bears against what it is asked to: folding under a push, yielding under a pull, shear of threads and bolts. A planning
 * aid between designs; no weld, notch, bend or blow is in it. A bent bar is judged by its bends.
 *
 * @param cut the link as it is made
 * @param load the most that it is pushed and pulled
 * @param factors what was asked
 */
public record LinkStrength(LinkCut cut, LinkLoad load, LoadFactors factors) {
    /** Less than this is no load [N]. */
    private static final double NOTHING = 1;

    /**
     * At how much of a push it folds [N], its ends free to turn (K = 1): Euler's load pi^2 E I / L^2 of a slender bar; of a stocky
     * one J. B. Johnson's parabola S A (1 - S (L/r)^2 / (4 pi^2 E)), which meets it where half the yield S is left (both as in
     * Shigley's Mechanical Engineering Design; from memory). Without a yield Euler's alone, which a stocky bar does not reach.
     */
    public double folds() {
        LinkTube tube = cut.tube();
        double length = cut.pinToPin();
        double euler = Math.PI * Math.PI * BentBar.MODULUS * tube.secondMoment() / (length * length);
        if (tube.yield().isEmpty()) {
            return euler;
        }
        double yield = tube.yield().getAsDouble();
        double slender = length * length * tube.area() / tube.secondMoment();
        boolean stocky = slender < 2 * Math.PI * Math.PI * BentBar.MODULUS / yield;
        return stocky ? yield * tube.area() * (1 - yield * slender / (4 * Math.PI * Math.PI * BentBar.MODULUS)) : euler;
    }

    /** Whether the fold is Johnson's, of a bar that yields before it could bow as Euler's does. */
    public boolean stocky() {
        LinkTube tube = cut.tube();
        return tube.yield().isPresent()
                && cut.pinToPin() * cut.pinToPin() * tube.area() / tube.secondMoment()
                        < 2 * Math.PI * Math.PI * BentBar.MODULUS / tube.yield().getAsDouble();
    }

    /** How many times the largest push it takes to fold it; infinite where nothing pushes. */
    public double againstFolding() {
        return load.pushed() > NOTHING ? folds() / load.pushed() : Double.POSITIVE_INFINITY;
    }

    /** How many times the largest force it takes to make the tube yield; empty where its yield is not known or nothing loads it. */
    public OptionalDouble againstYield() {
        return cut.tube().yield().isPresent() && load.most() > NOTHING
                ? OptionalDouble.of(
                        cut.tube().yield().getAsDouble() * cut.tube().area() / load.most())
                : OptionalDouble.empty();
    }

    /** Shear in the engaged thread of an end as it is set [Pa]: force by half the cylinder at its pitch diameter; from memory. */
    public OptionalDouble threadShear(EndCut end) {
        Optional<ThreadedShank> shank = end.shank().filter(one -> one.thread().isPresent());
        if (shank.isEmpty()) {
            return OptionalDouble.empty();
        }
        // Pitch diameter of a 60 degree thread: the outside less 0.6495 pitches (ISO 68-1 and ASME B1.1, from memory).
        double pitchDiameter = shank.get().thread().get().diameter()
                - 0.6495 * shank.get().thread().get().pitch();
        double engaged = end.set().orElseThrow().engaged();
        return engaged > 0
                ? OptionalDouble.of(load.most() / (Math.PI * pitchDiameter * engaged / 2))
                : OptionalDouble.of(Double.POSITIVE_INFINITY);
    }

    /** Shear in the bolt of an end, which is cut in two planes between its ears [Pa]; empty where no ears are described. */
    public OptionalDouble boltShear(EndCut end) {
        Optional<Ears> ears = end.end().ears();
        return ears.isPresent()
                ? OptionalDouble.of(load.most()
                        / (2 * Math.PI / 4 * ears.get().bolt() * ears.get().bolt()))
                : OptionalDouble.empty();
    }

    /** What is asked of it, what it bears, and in what its threads and bolts are sheared. */
    public List<Message> told() {
        List<Message> all = new ArrayList<>();
        Message push = Message.of(
                "strength.pushed",
                force(load.pushed()),
                Message.of("load." + load.pushedBy().id()));
        Message pull = Message.of(
                "strength.pulled",
                force(load.pulled()),
                Message.of("load." + load.pulledBy().id()));
        boolean pushes = load.pushed() > NOTHING;
        boolean pulls = load.pulled() > NOTHING;
        all.add(
                pushes && pulls
                        ? Message.of("strength.asked_both", push, pull)
                        : pushes || pulls
                                ? Message.of("strength.asked", pushes ? push : pull)
                                : Message.of("strength.idle"));
        if (cut.path().straight() && load.pushed() > NOTHING) {
            // Of a bar whose yield is not known Euler's load is no strength: it may yield long before.
            all.add(
                    cut.tube().yield().isEmpty()
                            ? Message.of("strength.folds_untold")
                            : Message.of(
                                    stocky() ? "strength.folds_johnson" : "strength.folds_euler",
                                    force(folds()),
                                    times(againstFolding())));
        }
        againstYield().ifPresent(much -> all.add(Message.of("strength.yields", times(much))));
        for (EndCut end : cut.ends()) {
            threadShear(end).stream()
                    .filter(Double::isFinite)
                    .forEach(stress -> all.add(Message.of("strength.thread", end.mount(), stress(stress))));
            boltShear(end).ifPresent(stress -> all.add(Message.of("strength.bolt", end.mount(), stress(stress))));
        }
        return all;
    }

    /** What it does not bear as often as is wanted; a bent bar has faults of its own. */
    public List<Message> faults() {
        List<Message> all = new ArrayList<>();
        if (cut.path().straight() && againstFolding() < factors.wanted()) {
            all.add(Message.of(
                    "strength.weak_push",
                    force(load.pushed()),
                    Message.of("load." + load.pushedBy().id()),
                    times(againstFolding()),
                    times(factors.wanted())));
        }
        if (againstYield().isPresent() && againstYield().getAsDouble() < factors.wanted()) {
            boolean push = load.pushed() > load.pulled();
            all.add(Message.of(
                    "strength.weak_yield",
                    force(load.most()),
                    Message.of("load." + (push ? load.pushedBy() : load.pulledBy()).id()),
                    times(againstYield().getAsDouble()),
                    times(factors.wanted())));
        }
        return all;
    }

    private static Message.Measure force(double newtons) {
        return new Message.Measure(newtons, Quantity.FORCE);
    }

    private static Message.Measure stress(double pascals) {
        return new Message.Measure(pascals, Quantity.STRESS);
    }

    private static String times(double much) {
        return much > 99 ? "99" : String.format(Locale.ROOT, "%.1f", much);
    }

    /** That of every link of a list whose axle carries its loads, in the order of the vehicle's axles; the others are left out. */
    public static List<LinkStrength> of(Vehicle vehicle, List<LinkCut> cuts) {
        LoadFactors factors = vehicle.build().loads();
        List<LinkStrength> all = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            List<LinkCut> ofAxle = cuts.stream()
                    .filter(cut -> cut.axle().place() == axle.place())
                    .toList();
            List<LinkLoad> loads = ofAxle.isEmpty()
                    ? List.of()
                    : LinkLoad.of(vehicle, axle.place(), factors).orElse(List.of());
            for (LinkCut cut : ofAxle) {
                loads.stream()
                        .filter(load -> load.link().equals(cut.link().name()))
                        .findFirst()
                        .ifPresent(load -> all.add(new LinkStrength(cut, load, factors)));
            }
        }
        return all;
    }
}
