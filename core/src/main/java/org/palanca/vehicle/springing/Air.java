package org.palanca.vehicle.springing;

import java.util.function.Function;
import org.palanca.base.units.Quantity;

/**
 * An air shock or air spring of constant area: p V^n stays the same, the gauge pressure pushes. With n = 1 the air keeps its
 * temperature (slow movement), with 1.4 its heat (fast movement); 1.3 is a common value between (common practice, no
 * source). Ideal gas law, any thermodynamics text.
 *
 * @param diameter of the piston or sleeve that the pressure acts on [m]
 * @param column length of air under that piston at full extension [m]
 * @param pressure over the atmosphere at full extension [Pa]
 * @param exponent n of the polytropic law
 */
public record Air(double diameter, double column, double pressure, double exponent) implements Spring {
    /** Standard atmosphere [Pa], ISO 2533. */
    public static final double ATMOSPHERE = 101_325;

    /** Air is never squeezed to less than this part of its column: oil and rubber take over. */
    private static final double LEAST_COLUMN = 0.02;

    /** Air in a shock of a size, to begin with: as wide as its body, a quarter longer than its stroke, pumped to 10 bar. */
    public static Air ordinary(ShockSize size) {
        return new Air(
                Quantity.LENGTH.onGrid(size.body()),
                Quantity.LENGTH.onGrid(size.stroke() * 1.25),
                Quantity.PRESSURE.onGrid(1e6),
                1.3);
    }

    public Air withPressure(double other) {
        return new Air(diameter, column, other, exponent);
    }

    /** Area that the pressure acts on [m2]. */
    public double area() {
        return Math.PI * diameter * diameter / 4;
    }

    /** Pressure over the atmosphere with the shock this far in [Pa]. */
    public double pressure(double in) {
        return absolute(in) - ATMOSPHERE;
    }

    private double absolute(double in) {
        return (pressure + ATMOSPHERE) * Math.pow(column / height(in), exponent);
    }

    private double height(double in) {
        return Math.max(LEAST_COLUMN * column, column - in);
    }

    @Override
    public double force(double in) {
        return area() * pressure(in);
    }

    @Override
    public double energy(double in) {
        double start = (pressure + ATMOSPHERE) * area();
        double height = height(in);
        double work = Math.abs(exponent - 1) < 1e-9
                ? start * column * Math.log(column / height)
                : start * column / (exponent - 1) * (Math.pow(column / height, exponent - 1) - 1);
        double beyond = height - (column - in);
        return work + beyond * absolute(in) * area() - ATMOSPHERE * area() * in;
    }

    @Override
    public double rate(double in) {
        return area() * exponent * absolute(in) / height(in);
    }

    @Override
    public <R> R match(Function<Coils, R> coils, Function<Air, R> air) {
        return air.apply(this);
    }

    @Override
    public SpringLaw law() {
        return this;
    }
}
