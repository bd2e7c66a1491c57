package org.palanca.desktop.step.goals;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Vehicle;

/**
 * A main size that is typed among the goals.
 *
 * @param <T> what it is of: the vehicle or an axle
 * @param id of its field and, with underscores, of its name in words
 * @param quantity what it measures
 * @param get its value [inside unit of the quantity]; empty where the vehicle has none
 * @param with the same with another value
 */
record Goal<T>(String id, Quantity quantity, Function<T, OptionalDouble> get, BiFunction<T, Double, T> with) {
    /** Of the whole vehicle. */
    static final List<Goal<Vehicle>> VEHICLE = List.of(
            of("wheelbase", Quantity.LENGTH, Vehicle::wheelbase, Vehicle::withWheelbase),
            of("mass", Quantity.MASS, v -> v.mass().mass(), (v, kg) -> mass(v, kg, behind(v), height(v))),
            of(
                    "cg-behind",
                    Quantity.LENGTH,
                    Goal::behind,
                    (v, m) -> mass(v, v.mass().mass(), m, height(v))),
            of(
                    "cg-height",
                    Quantity.LENGTH,
                    Goal::height,
                    (v, m) -> mass(v, v.mass().mass(), behind(v), m)));

    /** Of each axle. */
    static final List<Goal<Axle>> AXLE = List.of(
            of("tyre", Quantity.LENGTH, a -> a.tyre().diameter(), (a, m) -> tyre(a, scaled(a.tyre(), m))),
            of(
                    "loaded",
                    Quantity.LENGTH,
                    a -> a.tyre().loadedRadius(),
                    (a, m) -> tyre(a, new Tyre(a.tyre().diameter(), m, a.tyre().width()))),
            of(
                    "tyre-width",
                    Quantity.LENGTH,
                    a -> a.tyre().width(),
                    (a, m) -> tyre(a, new Tyre(a.tyre().diameter(), a.tyre().loadedRadius(), m))),
            of(
                    "track",
                    Quantity.LENGTH,
                    Axle::track,
                    (a, m) -> a.withWheels(a.wheels().withTrack(m))),
            of(
                    "bump",
                    Quantity.LENGTH,
                    a -> a.travel().bump(),
                    (a, m) -> a.withTravel(new Travel(m, a.travel().droop()))),
            of(
                    "droop",
                    Quantity.LENGTH,
                    a -> a.travel().droop(),
                    (a, m) -> a.withTravel(new Travel(a.travel().bump(), m))),
            of("pinion", Quantity.ANGLE, Axle::pinion, (a, r) -> a.withAngles(r, a.caster())),
            new Goal<>(
                    "caster", Quantity.ANGLE, Axle::caster, (a, r) -> a.withAngles(a.pinion(), OptionalDouble.of(r))),
            of(
                    "camber",
                    Quantity.ANGLE,
                    a -> a.wheels().camber(),
                    (a, r) -> a.withWheels(a.wheels().standing(r, a.wheels().toe()))),
            of(
                    "toe",
                    Quantity.ANGLE,
                    a -> a.wheels().toe(),
                    (a, r) -> a.withWheels(a.wheels().standing(a.wheels().camber(), r))),
            of(
                    "drive",
                    Quantity.PERCENT,
                    a -> a.driveShare() * 100,
                    (a, p) -> a.withTraction(a.traction().withShares(p / 100, a.brakeShare()))),
            of(
                    "brake",
                    Quantity.PERCENT,
                    a -> a.brakeShare() * 100,
                    (a, p) -> a.withTraction(a.traction().withShares(a.driveShare(), p / 100))));

    private static <T> Goal<T> of(
            String id, Quantity quantity, Function<T, Double> get, BiFunction<T, Double, T> with) {
        return new Goal<>(id, quantity, of -> OptionalDouble.of(get.apply(of)), with);
    }

    /** Key of its name in words. */
    String key() {
        return "goals." + id.replace('-', '_');
    }

    private static double behind(Vehicle v) {
        return v.mass().centreBehindFront();
    }

    private static double height(Vehicle v) {
        return v.mass().centreHeight();
    }

    private static Vehicle mass(Vehicle v, double mass, double behind, double height) {
        return v.withMass(new MassProperties(mass, behind, height));
    }

    private static Axle tyre(Axle a, Tyre tyre) {
        return a.withWheels(a.wheels().withTyre(tyre));
    }

    /** Another diameter; the tyre gives as much of it under load as before. */
    private static Tyre scaled(Tyre tyre, double diameter) {
        return new Tyre(diameter, tyre.loadedRadius() * diameter / tyre.diameter(), tyre.width());
    }
}
