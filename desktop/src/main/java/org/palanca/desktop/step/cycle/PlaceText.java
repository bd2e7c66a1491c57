package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;

/**
 * Places typed as lengths with commas between, and several of them with semicolons: three lengths forward of the front axle,
 * left of the middle and up from the ground, or two of these in a plane.
 */
final class PlaceText {
    private PlaceText() {}

    static String of(Vector3D place, LengthStyle style) {
        return of(style, place.toArray());
    }

    static String of(LengthStyle style, double... lengths) {
        return DoubleStream.of(lengths)
                .mapToObj(value -> Lengths.format(value, style))
                .collect(Collectors.joining(", "));
    }

    /** The place that a text tells, or nothing, after saying what is wrong with it. */
    static Optional<Vector3D> parse(String text, Words words, Consumer<String> say) {
        return lengths(text, 3, words, say).map(Vector3D::new);
    }

    /**
     * All that a text tells, or nothing, after saying what is wrong with the first that is wrong.
     *
     * @param count lengths of each, three or two
     */
    static Optional<List<double[]>> parseAll(String text, int count, Words words, Consumer<String> say) {
        List<double[]> all = new ArrayList<>();
        for (String one : text.split(";")) {
            Optional<double[]> at = lengths(one, count, words, say);
            if (at.isEmpty()) {
                return Optional.empty();
            }
            all.add(at.get());
        }
        return Optional.of(all);
    }

    private static Optional<double[]> lengths(String text, int count, Words words, Consumer<String> say) {
        String[] typed = text.split(",");
        if (typed.length != count) {
            say.accept(words.text(count == 3 ? "cycle.points_three" : "cycle.points_two", text.strip()));
            return Optional.empty();
        }
        double[] lengths = new double[count];
        for (int k = 0; k < count; k++) {
            try {
                lengths[k] = Quantity.LENGTH.onGrid(
                        Lengths.parse(typed[k], words.units().length()));
            } catch (MeasureFormatException e) {
                say.accept(words.text(e));
                return Optional.empty();
            }
        }
        return Optional.of(lengths);
    }
}
