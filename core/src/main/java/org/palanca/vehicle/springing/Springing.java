package org.palanca.vehicle.springing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Everything that carries one axle and stops it. Immutable.
 *
 * @param shocks in the order of the file
 * @param torsionBars in the order of the file
 * @param swayBars in the order of the file
 * @param stops in the order of the file
 * @param straps in the order of the file
 */
public record Springing(
        List<Shock> shocks,
        List<TorsionBar> torsionBars,
        List<SwayBar> swayBars,
        List<BumpStop> stops,
        List<Strap> straps) {
    /** Nothing yet. */
    public static final Springing NONE = new Springing(List.of(), List.of(), List.of(), List.of(), List.of());

    public Springing {
        shocks = List.copyOf(shocks);
        torsionBars = List.copyOf(torsionBars);
        swayBars = List.copyOf(swayBars);
        stops = List.copyOf(stops);
        straps = List.copyOf(straps);
    }

    /** Whether anything here pushes the wheels down. */
    public boolean carries() {
        return !torsionBars.isEmpty()
                || shocks.stream().anyMatch(shock -> shock.spring().isPresent());
    }

    public boolean isEmpty() {
        return equals(NONE);
    }

    public Optional<Shock> shock(String name) {
        return shocks.stream().filter(shock -> shock.name().equals(name)).findFirst();
    }

    /** All names, in order. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        shocks.forEach(one -> names.add(one.name()));
        torsionBars.forEach(one -> names.add(one.name()));
        swayBars.forEach(one -> names.add(one.name()));
        stops.forEach(one -> names.add(one.name()));
        straps.forEach(one -> names.add(one.name()));
        return names;
    }

    /** All mounts it hangs on. */
    public List<String> mounts() {
        List<String> mounts = new ArrayList<>();
        shocks.forEach(one -> mounts.addAll(List.of(one.upper(), one.lower())));
        stops.forEach(one -> mounts.addAll(List.of(one.from(), one.to())));
        straps.forEach(one -> mounts.addAll(List.of(one.from(), one.to())));
        return mounts;
    }

    public Springing withShocks(List<Shock> other) {
        return new Springing(other, torsionBars, swayBars, stops, straps);
    }

    public Springing withTorsionBars(List<TorsionBar> other) {
        return new Springing(shocks, other, swayBars, stops, straps);
    }

    public Springing withSwayBars(List<SwayBar> other) {
        return new Springing(shocks, torsionBars, other, stops, straps);
    }

    public Springing withStops(List<BumpStop> other) {
        return new Springing(shocks, torsionBars, swayBars, other, straps);
    }

    public Springing withStraps(List<Strap> other) {
        return new Springing(shocks, torsionBars, swayBars, stops, other);
    }

    /** With every shock changed. */
    public Springing mapShocks(Function<Shock, Shock> change) {
        return withShocks(shocks.stream().map(change).toList());
    }
}
