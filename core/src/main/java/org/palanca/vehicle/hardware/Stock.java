package org.palanca.vehicle.hardware;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.palanca.base.units.Lengths;

/**
 * What tube and bar there is to saw from: what lies in the rack, and the lengths that are sold.
 *
 * @param kerf width of a saw cut [m]
 * @param bars in the rack and in the trade
 */
public record Stock(double kerf, List<Bar> bars) {
    /** Length that tube is sold in where nobody says otherwise [m]: 20 ft, common practice, no source. */
    public static final double SOLD = Lengths.inches(240);

    /** An ordinary band or cold saw with its dressing, 3 mm: common practice, no source. Nothing in the rack. */
    public static final Stock COMMON = new Stock(0.003, List.of());

    private static final double SAME = 1e-5;

    /**
     * Stock of one kind and length.
     *
     * @param tube outside, wall and material
     * @param length [m]
     * @param count how many lie in the rack; empty: sold, as many as are wanted
     */
    public record Bar(LinkTube tube, double length, OptionalInt count) {
        /** Whether a link of such a tube can be sawn from it: a material that is not said is any. */
        public boolean fits(LinkTube wanted) {
            boolean material = tube.material().isEmpty()
                    || wanted.material().isEmpty()
                    || tube.material().equalsIgnoreCase(wanted.material());
            return material
                    && Math.abs(tube.outside() - wanted.outside()) < SAME
                    && Math.abs(tube.wall() - wanted.wall()) < SAME;
        }
    }

    public Stock {
        bars = List.copyOf(bars);
    }

    public Stock withKerf(double other) {
        return new Stock(other, bars);
    }

    public Stock withBars(List<Bar> other) {
        return new Stock(kerf, other);
    }

    public Stock with(Bar bar) {
        List<Bar> next = new ArrayList<>(bars);
        next.add(bar);
        return withBars(next);
    }

    /** What a tube can be sawn from; 20 ft that are sold where no length that is sold is known. */
    public List<Bar> of(LinkTube tube) {
        List<Bar> fitting =
                new ArrayList<>(bars.stream().filter(bar -> bar.fits(tube)).toList());
        if (fitting.stream().allMatch(bar -> bar.count().isPresent())) {
            fitting.add(new Bar(tube, SOLD, OptionalInt.empty()));
        }
        return fitting;
    }
}
