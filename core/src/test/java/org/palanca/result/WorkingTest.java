package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import net.objecthunter.exp4j.ExpressionBuilder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.working.Working;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/**
 * The shown formulas, evaluated by a general expression library (exp4j) on the shown numbers, give the shown values; so
 * what the user reads is what was computed.
 */
class WorkingTest {
    @ParameterizedTest
    @EnumSource(AxlePlace.class)
    void shownFormulasGiveTheShownValues(AxlePlace place) {
        AxleModel model = new AxleModel(Examples.tarn(), place);
        for (double[] pose : new double[][] {{0, 0}, {0.1, -0.08}, {-0.12, -0.12}}) {
            assertThat(model.moveTo(pose[0], pose[1])).isTrue();
            for (Result result : model.results()) {
                Working working = model.working(result).orElseThrow();
                recompute(result, working);
                assertThat(working.value())
                        .as(result.id())
                        .isEqualTo(model.outcome(result).number());
                assertThat(Examples.WORDS.has(working.source()))
                        .as(working.source())
                        .isTrue();
                working.givens()
                        .forEach(given -> assertThat(Examples.WORDS.has(given.meaning()))
                                .as(given.meaning())
                                .isTrue());
            }
        }
    }

    /** Every result of every type: formula, words for its name and reason, and the unit it is filed in. */
    @ParameterizedTest
    @EnumSource(SuspensionType.class)
    void everyTypesFormulasGiveTheShownValuesAndHaveWords(SuspensionType type) {
        for (StarterSteering steering : StarterSteering.values()) {
            if (!steering.suits(type)) {
                continue;
            }
            Vehicle vehicle = new StarterVehicle(
                            "working",
                            Use.STREET,
                            2.6,
                            0.8,
                            Optional.of(new StarterLayout(type, steering)),
                            StarterLayout.of(type))
                    .build();
            AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
            assertThat(model.moveTo(0.05, -0.04, 0.4)).isTrue();
            for (Result result : model.results()) {
                assertThat(ResultWords.name(result, Examples.WORDS)).isNotBlank();
                assertThat(ResultWords.why(result, Examples.WORDS)).isNotBlank();
                double value = model.outcome(result).number();
                if (Double.isFinite(value)) {
                    Working working = model.working(result).orElseThrow();
                    recompute(result, working);
                    assertThat(working.value()).as(type + " " + result.id()).isEqualTo(value);
                    working.givens()
                            .forEach(given -> assertThat(Examples.WORDS.has(given.meaning()))
                                    .as(given.meaning())
                                    .isTrue());
                }
            }
        }
    }

    private static void recompute(Result result, Working working) {
        Map<String, Double> known = new HashMap<>();
        working.givens().forEach(given -> known.put(given.symbol(), given.value()));
        for (Working.Step step : working.steps()) {
            double value = new ExpressionBuilder(
                            step.formula().replaceAll("^- ", "-1 * ").replace("( - ", "( -1 * "))
                    .variables(known.keySet())
                    .build()
                    .setVariables(known)
                    .evaluate();
            assertThat(value)
                    .as(result.id() + ": " + step.formula())
                    .isCloseTo(step.value(), within(1e-9 * Math.max(1, Math.abs(value))));
            known.put(step.symbol(), step.value());
        }
    }
}
