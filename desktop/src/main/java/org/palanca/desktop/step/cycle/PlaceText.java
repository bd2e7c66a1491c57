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
import org.palanca.desktop.control.AxleTape;
import org.palanca.vehicle.survey.Axis;

/**
 * Places typed as lengths with commas between, and several of them with semicolons: three lengths ahead of the axle line, left of
 * the centreline and up from the floor, or two of these in a plane.
 *
 * @param tape where the lengths start
 */
record PlaceText(AxleTape tape) {
    private static final List<Axis> ALL = List.of(Axis.values());

    /** The two axes of the plane that an outline is drawn in, by the axis it is drawn out along. */
    static List<Axis> plane(Axis along) {
        return ALL.stream().filter(axis -> axis != along).toList();
    }

    String of(Vector3D place, LengthStyle style) {
        return of(style, ALL, place.toArray());
    }

    /** Coordinates along some axes [m], vehicle frame, as text. */
    String of(LengthStyle style, List<Axis> axes, double... coordinates) {
        double[] lengths = coordinates.clone();
        for (int k = 0; k < lengths.length; k++) {
            lengths[k] -= tape.start(axes.get(k));
        }
        return text(style, lengths);
    }

    private static String text(LengthStyle style, double... lengths) {
        return DoubleStream.of(lengths)
                .mapToObj(value -> Lengths.format(value, style))
                .collect(Collectors.joining(", "));
    }

    /** The place that a text tells, or nothing, after saying what is wrong with it. */
    Optional<Vector3D> parse(String text, Words words, Consumer<String> say) {
        return coordinates(text, ALL, words, say).map(Vector3D::new);
    }

    /**
     * All that a text tells, or nothing, after saying what is wrong with the first that is wrong.
     *
     * @param axes along which each is told, three or two
     * @return coordinates along these [m], vehicle frame
     */
    Optional<List<double[]>> parseAll(String text, List<Axis> axes, Words words, Consumer<String> say) {
        List<double[]> all = new ArrayList<>();
        for (String one : text.split(";")) {
            Optional<double[]> at = coordinates(one, axes, words, say);
            if (at.isEmpty()) {
                return Optional.empty();
            }
            all.add(at.get());
        }
        return Optional.of(all);
    }

    private Optional<double[]> coordinates(String text, List<Axis> axes, Words words, Consumer<String> say) {
        int count = axes.size();
        String[] typed = text.split(",");
        if (typed.length != count) {
            say.accept(words.text(count == 3 ? "cycle.points_three" : "cycle.points_two", text.strip()));
            return Optional.empty();
        }
        double[] lengths = new double[count];
        for (int k = 0; k < count; k++) {
            try {
                lengths[k] = Quantity.LENGTH.onGrid(tape.start(axes.get(k))
                        + Lengths.parse(typed[k], words.units().length()));
            } catch (MeasureFormatException e) {
                say.accept(words.text(e));
                return Optional.empty();
            }
        }
        return Optional.of(lengths);
    }
}
