package org.palanca.vehicle.springing;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.palanca.base.units.Quantity;

/**
 * One, two or three coil springs, one on the other. All carry the same force, so rates add as 1/k = 1/k1 + 1/k2 until a
 * crossover ring or its own wires stop one of them; the others go on alone. Any handbook of machine design has the sum
 * (Shigley, Mechanical Engineering Design, springs in series, from memory).
 *
 * @param coils from the top down
 * @param preload how far the stack is squeezed with the shock at full extension [m]; negative: it hangs loose by so much
 */
public record Coils(List<Coil> coils, double preload) implements Spring {
    /** Rate of a stack squeezed solid [N/m]: steel on steel, so that a pose can still be found and the bind be named. */
    static final double SOLID_RATE = 2e7;

    public Coils {
        coils = List.copyOf(coils);
    }

    public Coils withPreload(double other) {
        return new Coils(coils, other);
    }

    /** These with every number on the grid that files keep. */
    public Coils onGrid() {
        List<Coil> next = coils.stream()
                .map(coil -> new Coil(
                        Quantity.RATE.onGrid(coil.rate()),
                        Quantity.LENGTH.onGrid(coil.free()),
                        Quantity.LENGTH.onGrid(coil.solid()),
                        coil.stop().isPresent()
                                ? OptionalDouble.of(
                                        Quantity.LENGTH.onGrid(coil.stop().getAsDouble()))
                                : coil.stop()))
                .toList();
        return new Coils(next, Quantity.LENGTH.onGrid(preload));
    }

    /** Length of the whole stack with nothing on it [m]. */
    public double free() {
        return coils.stream().mapToDouble(Coil::free).sum();
    }

    /** How far the stack can be squeezed until nothing in it gives [m]. */
    public double room() {
        return coils.stream().mapToDouble(Coil::room).sum();
    }

    /** How far the stack is squeezed with the shock this far in [m]; negative where it hangs loose. */
    public double squeezed(double in) {
        return preload + in;
    }

    @Override
    public double force(double in) {
        return law().force(in);
    }

    @Override
    public double energy(double in) {
        return law().energy(in);
    }

    @Override
    public double rate(double in) {
        return law().rate(in);
    }

    @Override
    public <R> R match(Function<Coils, R> coils, Function<Air, R> air) {
        return coils.apply(this);
    }

    @Override
    public SpringLaw law() {
        return new Curve(this);
    }

    /** The stack's force by its squeezing, its stretches worked out once. */
    private static final class Curve implements SpringLaw {
        private final double preload;
        private final double[] lengths;
        private final double[] rates;

        Curve(Coils coils) {
            preload = coils.preload();
            List<Piece> pieces = coils.pieces();
            lengths = pieces.stream().mapToDouble(Piece::length).toArray();
            rates = pieces.stream().mapToDouble(Piece::rate).toArray();
        }

        @Override
        public double force(double in) {
            double left = preload + in;
            double force = 0;
            for (int i = 0; i < lengths.length && left > 0; i++) {
                double step = Math.min(left, lengths[i]);
                force += step * rates[i];
                left -= step;
            }
            return left > 0 ? force + left * SOLID_RATE : force;
        }

        @Override
        public double energy(double in) {
            double left = preload + in;
            double force = 0;
            double energy = 0;
            for (int i = 0; i < lengths.length && left > 0; i++) {
                double step = Math.min(left, lengths[i]);
                energy += step * (force + rates[i] * step / 2);
                force += step * rates[i];
                left -= step;
            }
            return left > 0 ? energy + left * (force + SOLID_RATE * left / 2) : energy;
        }

        @Override
        public double rate(double in) {
            double left = preload + in;
            if (left <= 0) {
                return 0;
            }
            for (int i = 0; i < lengths.length; i++) {
                if (left < lengths[i]) {
                    return rates[i];
                }
                left -= lengths[i];
            }
            return SOLID_RATE;
        }
    }

    /** How far the stack is squeezed under a force [m]: the inverse of {@link #force}. */
    public double squeezedBy(double force) {
        double sum = 0;
        for (Coil coil : coils) {
            sum += Math.min(force / coil.rate(), coil.room());
        }
        return sum;
    }

    /**
     * A stretch over which the same springs give.
     *
     * @param length of the whole stack's squeezing [m]
     * @param rate over it [N/m]
     */
    public record Piece(double length, double rate) {}

    /** The stretches in order: springs drop out one by one as they are stopped, the soonest stopped first. */
    public List<Piece> pieces() {
        List<Coil> giving = new ArrayList<>(coils);
        giving.sort((a, b) -> Double.compare(a.full(), b.full()));
        List<Piece> pieces = new ArrayList<>();
        double force = 0;
        while (!giving.isEmpty()) {
            double softness =
                    giving.stream().mapToDouble(coil -> 1 / coil.rate()).sum();
            double until = giving.get(0).full();
            if (until > force) {
                pieces.add(new Piece((until - force) * softness, 1 / softness));
            }
            force = Math.max(force, until);
            giving.remove(0);
        }
        return pieces;
    }
}
