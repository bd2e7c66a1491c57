package org.palanca.base.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.mechanism.solve.Mobility;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.terrain.TipStudy;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

class WordsTest {
    private final Words words = Examples.WORDS;

    @Test
    void everySentenceCanBeSaid() {
        ResourceBundle bundle = ResourceBundle.getBundle(Words.CORE_BUNDLE, Locale.ENGLISH);
        for (String key : bundle.keySet()) {
            String pattern = bundle.getString(key);
            String said = MessageFormat.format(pattern, "a", "b", "c", "d", "e", "f", "g", "h", "i");
            assertThat(said).as(key).isNotBlank().doesNotContain("{", "}");
            // A plain apostrophe would swallow what follows it.
            assertThat(pattern.contains("{0}") && pattern.contains("'")).as(key).isFalse();
        }
    }

    @Test
    void whateverTheCodeCanNameHasWords() {
        for (MeasureFormatException.Reason reason : MeasureFormatException.Reason.values()) {
            assertThat(words.has("measure." + reason)).as(reason.name()).isTrue();
        }
        for (Mobility.Motion motion : Mobility.Motion.values()) {
            String name = motion.name().toLowerCase(Locale.ROOT);
            assertThat(words.has("motion." + name) && words.has("fault.loose." + name))
                    .isTrue();
        }
        for (TargetBand.Verdict verdict : TargetBand.Verdict.values()) {
            assertThat(words.has("verdict." + verdict)).isTrue();
        }
        for (Use use : Use.values()) {
            assertThat(words.has("use." + use.id())).isTrue();
        }
        for (Limit.Kind kind : Limit.Kind.values()) {
            assertThat(words.has("limit." + kind.id())).as(kind.id()).isTrue();
        }
        for (TravelEnd.Way way : TravelEnd.Way.values()) {
            assertThat(words.has("cycle.end." + way.id()) && words.has("cycle.unbounded." + way.id()))
                    .isTrue();
        }
        for (Part.Kind kind : Part.Kind.values()) {
            assertThat(words.has("part.kind." + kind.id())).isTrue();
        }
        for (Driveline.Joints joints : Driveline.Joints.values()) {
            assertThat(words.has("shaft.advice." + joints.id())).isTrue();
        }
        for (TipStudy.Way way : TipStudy.Way.values()) {
            assertThat(words.has("rest.tip." + way.id())).isTrue();
        }
        for (BodyName body : BodyName.values()) {
            assertThat(words.has("body." + body)).as(body.id()).isTrue();
        }
        for (LinkRole role : LinkRole.values()) {
            assertThat(words.has("role." + role.id())).isTrue();
        }
        for (String example : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(example);
            vehicle.axles()
                    .forEach(axle -> new AxleModel(vehicle, axle.place())
                            .results()
                            .forEach(result -> {
                                assertThat(ResultWords.name(result, words)).isNotBlank();
                                assertThat(ResultWords.why(result, words)).isNotBlank();
                            }));
        }
    }

    @Test
    void lengthsAreSaidInTheReadersUnits() {
        Message message =
                Message.of("fault.link_too_short", Message.of("axle.rear"), "panhard", Message.length(0.0254 * 4.125));
        assertThat(words.text(message)).startsWith("Rear axle: the panhard is too short by 4 1/8 in");
        Words metric = words.with(new UnitStyle(LengthStyle.MILLIMETRES));
        assertThat(metric.text(message)).contains("too short by 105 mm");
    }

    @Test
    void badTextIsExplainedWithWhatWasUnderstood() {
        MeasureFormatException failure = catchThrowableOfType(
                MeasureFormatException.class, () -> Lengths.parse("33 5/x", LengthStyle.INCH_SIXTEENTHS));
        assertThat(words.text(failure)).startsWith("Understood “33 5/”, then “x”: a whole number");
    }

    @Test
    void aKeyWithoutWordsIsAFault() {
        assertThatThrownBy(() -> words.text("no.such.key"))
                .isInstanceOf(MissingResourceException.class)
                .hasMessageContaining("no.such.key");
    }

    @ParameterizedTest
    @CsvSource({
        "0.85725, LENGTH, INCH_SIXTEENTHS, 33 3/4, in",
        "0.85725, LENGTH, INCH_DECIMAL, 33.750, in",
        "0.85725, LENGTH, MILLIMETRES, 857, mm",
        "0.0098, LENGTH, MILLIMETRES, 9.8, mm",
        "0.003, LENGTH, MILLIMETRES, 3, mm",
        "-0.0001, LENGTH, MILLIMETRES, -0.1, mm",
        "-0.00001, LENGTH, MILLIMETRES, 0, mm",
        "0.1012291, ANGLE, INCH_SIXTEENTHS, 5.8, °",
        "101.2, PERCENT, INCH_SIXTEENTHS, 101, %",
        "2.13, PERCENT, INCH_SIXTEENTHS, 2.1, %",
        "-0.04, PERCENT, INCH_SIXTEENTHS, 0.0, %",
        "2380, MASS, MILLIMETRES, 2380, kg",
        "453.59237, MASS, INCH_SIXTEENTHS, 1000, lb",
        "4448.2216, FORCE, INCH_SIXTEENTHS, 1000, lbf",
        "17512.68, RATE, INCH_SIXTEENTHS, 100, lbf/in",
        "17512.68, RATE, MILLIMETRES, 17.5, N/mm",
        "689475.7, PRESSURE, INCH_SIXTEENTHS, 100, psi",
        "689475.7, PRESSURE, MILLIMETRES, 689, kPa",
        "399895923, STRESS, INCH_SIXTEENTHS, 58.0, ksi",
        "399895923, STRESS, MILLIMETRES, 400, MPa",
        "5729.578, TWIST_RATE, MILLIMETRES, 100.0, N·m/°",
        "7768.2, TWIST_RATE, INCH_SIXTEENTHS, 100.0, lbf·ft/°",
        "1.234, FREQUENCY, MILLIMETRES, 1.23, Hz",
        "Infinity, LENGTH, INCH_SIXTEENTHS, ∞, in",
        "-Infinity, LENGTH, MILLIMETRES, -∞, mm"
    })
    void numbersAreWrittenForPeople(double value, Quantity quantity, LengthStyle style, String number, String unit) {
        UnitStyle.Text text = new UnitStyle(style).format(value, quantity);
        assertThat(text.number()).isEqualTo(number);
        assertThat(text.unit()).isEqualTo(unit);
    }

    @ParameterizedTest
    @CsvSource({"LENGTH, 0.5, 500", "ANGLE, 3.141592653589793, 180", "PERCENT, 75, 75", "MASS, 3, 3"})
    void fileUnitsGoBothWays(Quantity quantity, double inside, double inFile) {
        assertThat(quantity.toFile(inside)).isEqualTo(inFile);
        assertThat(quantity.fromFile(inFile)).isEqualTo(inside);
    }
}
