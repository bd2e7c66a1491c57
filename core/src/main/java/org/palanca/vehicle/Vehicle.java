package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * One vehicle as the user describes it. Immutable; every change makes another.
 *
 * @param name what the shop calls it
 * @param revision counts up each time parts are cut from a changed plan
 * @param comments free text, kept as typed
 * @param use chooses default target bands
 * @param wheelbase at ride [m]
 * @param mass whole vehicle
 * @param hardware what links are made of
 * @param rails frame rails, for the drawing; empty where not measured
 * @param axles front before rear; at least one
 * @param schemes other ways it may stand, checked together with this one
 * @param states other heights and tyres that it may stand on
 * @param build what is known and done on the floor
 * @param targets bands that replace the defaults, by {@code axle.result}, such as {@code rear.anti_squat}
 */
public record Vehicle(
        String name,
        int revision,
        String comments,
        Use use,
        double wheelbase,
        MassProperties mass,
        LinkHardware hardware,
        Optional<FrameRails> rails,
        List<Axle> axles,
        List<Scheme> schemes,
        List<RideState> states,
        Build build,
        SortedMap<String, TargetBand> targets) {
    public Vehicle {
        axles = List.copyOf(axles);
        schemes = List.copyOf(schemes);
        states = List.copyOf(states);
        targets = Collections.unmodifiableSortedMap(new TreeMap<>(targets));
    }

    public Optional<Axle> axle(AxlePlace place) {
        return axles.stream().filter(axle -> axle.place() == place).findFirst();
    }

    /** This vehicle with one axle put in the place of the axle at that end. */
    public Vehicle withAxle(Axle changed) {
        List<Axle> next = new ArrayList<>(axles);
        next.replaceAll(axle -> axle.place() == changed.place() ? changed : axle);
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, rails, next, schemes, states, build, targets);
    }

    public Vehicle withName(String other) {
        return new Vehicle(
                other, revision, comments, use, wheelbase, mass, hardware, rails, axles, schemes, states, build,
                targets);
    }

    public Vehicle withRevision(int other) {
        return new Vehicle(
                name, other, comments, use, wheelbase, mass, hardware, rails, axles, schemes, states, build, targets);
    }

    public Vehicle withComments(String other) {
        return new Vehicle(
                name, revision, other, use, wheelbase, mass, hardware, rails, axles, schemes, states, build, targets);
    }

    public Vehicle withUse(Use other) {
        return new Vehicle(
                name, revision, comments, other, wheelbase, mass, hardware, rails, axles, schemes, states, build,
                targets);
    }

    public Vehicle withMass(MassProperties other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, other, hardware, rails, axles, schemes, states, build,
                targets);
    }

    public Vehicle withHardware(LinkHardware other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, other, rails, axles, schemes, states, build, targets);
    }

    public Vehicle withRails(Optional<FrameRails> other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, other, axles, schemes, states, build,
                targets);
    }

    public Vehicle withWheelbase(double other) {
        return new Vehicle(
                name, revision, comments, use, other, mass, hardware, rails, axles, schemes, states, build, targets);
    }

    /** This vehicle with a band of its own for one result, or the default band again when it is empty. */
    public Vehicle withTarget(String key, Optional<TargetBand> band) {
        TreeMap<String, TargetBand> next = new TreeMap<>(targets);
        band.ifPresentOrElse(b -> next.put(key, b), () -> next.remove(key));
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, rails, axles, schemes, states, build, next);
    }

    public Vehicle withSchemes(List<Scheme> other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, rails, axles, other, states, build, targets);
    }

    public Vehicle withStates(List<RideState> other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, rails, axles, schemes, other, build, targets);
    }

    public Vehicle withBuild(Build other) {
        return new Vehicle(
                name, revision, comments, use, wheelbase, mass, hardware, rails, axles, schemes, states, other,
                targets);
    }

    /** This vehicle as it stands in a scheme: the axles that differ are put in. */
    public Vehicle in(Scheme scheme) {
        Vehicle there = this;
        for (Axle axle : scheme.axles()) {
            there = there.holding(axle);
        }
        return there;
    }

    /** With an axle that may be held and steered another way: what is described round it goes along. */
    public Vehicle holding(Axle axle) {
        Surroundings before = build.surroundings(axle.place());
        Surroundings round = before.round(axle);
        Vehicle next = withAxle(axle);
        // A vehicle that nothing is described of stays one: an empty description is another file.
        return round.equals(before) ? next : next.withBuild(build.with(axle.place(), round));
    }
}
