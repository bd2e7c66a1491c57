package org.palanca.result.working;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;

/**
 * How one number came about.
 *
 * @param givens what goes in
 * @param steps worked out one after the other; the last one is the result
 * @param constructions what to light on the board
 * @param source key of the formula's source in words
 */
public record Working(List<Given> givens, List<Step> steps, List<Construction> constructions, String source) {
    public Working {
        givens = List.copyOf(givens);
        steps = List.copyOf(steps);
        constructions = List.copyOf(constructions);
    }

    /** A number that goes in, with its meaning's word key. */
    public record Given(String symbol, String meaning, double value, Quantity quantity) {}

    /** A number worked out by a formula. */
    public record Step(String symbol, String formula, double value, Quantity quantity) {}

    /** The value of the last step: the result itself. */
    public double value() {
        return steps.get(steps.size() - 1).value();
    }

    /** A step's formula with this vehicle's numbers in the place of the symbols. */
    public String withNumbers(Step step, BiFunction<Double, Quantity, String> writer) {
        Map<String, String> written = new HashMap<>();
        givens.forEach(given -> written.put(given.symbol(), writer.apply(given.value(), given.quantity())));
        for (Step before : steps) {
            if (before == step) {
                break;
            }
            written.put(before.symbol(), writer.apply(before.value(), before.quantity()));
        }
        StringBuilder text = new StringBuilder();
        for (String token : step.formula().split(" ")) {
            text.append(text.isEmpty() ? "" : " ").append(written.getOrDefault(token, token));
        }
        return text.toString();
    }

    /** A trace that writes down what it hears. */
    public static final class Recorder implements Trace {
        private final List<Given> givens = new ArrayList<>();
        private final List<Step> steps = new ArrayList<>();
        private final List<Construction> constructions = new ArrayList<>();

        @Override
        public void given(String symbol, String meaning, double value, Quantity quantity) {
            givens.add(new Given(symbol, meaning, value, quantity));
        }

        @Override
        public void step(String symbol, String formula, double value, Quantity quantity) {
            steps.add(new Step(symbol, formula, value, quantity));
        }

        @Override
        public void point(String label, double x, double y, double z) {
            constructions.add(new Construction.Point(label, new Vector3D(x, y, z)));
        }

        @Override
        public void line(Construction.Kind kind, double x1, double y1, double z1, double x2, double y2, double z2) {
            constructions.add(new Construction.Line(kind, new Vector3D(x1, y1, z1), new Vector3D(x2, y2, z2)));
        }

        /** What was heard, with the formula's source. */
        public Working working(String source) {
            return new Working(givens, steps, constructions, source);
        }
    }
}
