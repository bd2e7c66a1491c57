package org.palanca.base.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.base.units.MeasureFormatException.Reason;

/** Source of the conversions: 1 in = 25.4 mm exactly, international yard and pound agreement of 1959. */
class LengthsTest {
    private static final double TEST_EXACT = 1e-15;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "33 5/8        | 33.625",
                "33-5/8\"      | 33.625",
                "33 5/8 in     | 33.625",
                "2' 9 5/8\"    | 33.625",
                "2'9-5/8       | 33.625",
                "2 ft 9.625 in | 33.625",
                "33.625 in     | 33.625",
                "33⅝           | 33.625",
                "33 ⅝\"        | 33.625",
                "-3/4          | -0.75",
                "−3/4          | -0.75",
                "+.5           | 0.5",
                "3/4           | 0.75",
                "2'            | 24",
                "0             | 0"
            })
    void readsInchesAsTheTradeWritesThem(String text, double inches) {
        assertThat(Lengths.parse(text, LengthStyle.INCH_SIXTEENTHS)).isCloseTo(inches * 0.0254, within(TEST_EXACT));
    }

    @ParameterizedTest
    @CsvSource({"854mm, 0.854", "854 mm, 0.854", "85.4cm, 0.854", "0.854 m, 0.854", "-12.5 mm, -0.0125"})
    void readsMetricInEveryStyle(String text, double metres) {
        for (LengthStyle style : LengthStyle.values()) {
            assertThat(Lengths.parse(text, style)).isCloseTo(metres, within(TEST_EXACT));
        }
    }

    @Test
    void bareNumberFollowsTheStyle() {
        assertThat(Lengths.parse("25.4", LengthStyle.MILLIMETRES)).isCloseTo(0.0254, within(TEST_EXACT));
        assertThat(Lengths.parse("1", LengthStyle.INCH_DECIMAL)).isCloseTo(0.0254, within(TEST_EXACT));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "108 7/3   | FRACTION_NOT_PROPER   | 108    | 7/3",
                "33 8/8    | FRACTION_NOT_PROPER   | 33     | 8/8",
                "33 5      | LEFT_OVER             | 33     | 5",
                "33 5/     | DENOMINATOR_EXPECTED  | 33 5/  | ''",
                "33 5/0    | ZERO_DENOMINATOR      | 33 5/  | 0",
                "33 in x   | UNKNOWN_UNIT          | 33 in  | x",
                "33 furlong| UNKNOWN_UNIT          | 33     | furlong",
                "33,5      | DECIMAL_COMMA         | 33     | ,5",
                "2' 14     | INCHES_MUST_BE_UNDER_TWELVE | 2' | 14",
                "abc       | NUMBER_EXPECTED       | ''     | abc",
                "5/8 mm    | FRACTION_NEEDS_INCHES | 5/8    | mm",
                "99999 in  | TOO_LARGE             | ''     | 99999 in"
            })
    void badTextSaysWhatWasUnderstood(String text, Reason reason, String understood, String rest) {
        MeasureFormatException failure = catchThrowableOfType(
                MeasureFormatException.class, () -> Lengths.parse(text, LengthStyle.INCH_SIXTEENTHS));
        assertThat(failure.reason()).isEqualTo(reason);
        assertThat(failure.understood()).isEqualTo(understood);
        assertThat(failure.rest()).isEqualTo(rest);
    }

    @Test
    void emptyTextIsRefused() {
        assertThatThrownBy(() -> Lengths.parse("  ", LengthStyle.MILLIMETRES))
                .isInstanceOf(MeasureFormatException.class);
    }

    @Test
    void roundingShowsItsError() {
        RoundedLength rounded = Lengths.nearest(33.64 * 0.0254, 16);
        assertThat(rounded.text()).isEqualTo("33 5/8");
        assertThat(rounded.errorMetres()).isCloseTo(-0.015 * 0.0254, within(1e-12));
        assertThat(Lengths.nearest(-0.02 * 0.0254, 16).text()).isEqualTo("0");
        assertThat(Lengths.nearest(-0.75 * 0.0254, 16).text()).isEqualTo("-3/4");
        assertThat(Lengths.nearest(0.99 * 0.0254, 16).text()).isEqualTo("1");
    }

    @Drawn(1000)
    void whatIsWrittenIsReadBackTheSame(Draw draw) {
        int parts = draw.between(-3_900, 3_900);
        int denominator = 1 << draw.between(0, 6);
        double metres = parts * 0.0254 / denominator;
        RoundedLength written = Lengths.nearest(metres, denominator);
        assertThat(Math.abs(written.errorMetres())).isLessThan(1e-12);
        assertThat(Lengths.parse(written.text(), LengthStyle.INCH_SIXTEENTHS)).isCloseTo(metres, within(1e-12));
    }

    @Drawn(1000)
    void roundingIsNeverMoreThanHalfAPart(Draw draw) {
        double metres = draw.between(-50.0, 50.0);
        for (int denominator : new int[] {16, 32}) {
            RoundedLength rounded = Lengths.nearest(metres, denominator);
            assertThat(Math.abs(rounded.errorMetres())).isLessThanOrEqualTo(0.0254 / denominator / 2 + 1e-12);
            assertThat(rounded.metres() - metres).isCloseTo(rounded.errorMetres(), within(1e-12));
        }
    }

    @Drawn(2000)
    void noTextWhateverBreaksTheReader(Draw draw) {
        String text = draw.text(16);
        try {
            assertThat(Lengths.parse(text, LengthStyle.INCH_SIXTEENTHS)).isBetween(-100.0, 100.0);
        } catch (MeasureFormatException e) {
            assertThat(text).contains(e.rest());
        }
    }

    @ParameterizedTest
    @CsvSource({"5.8, 5.8", "-3 deg, -3", "3° 30', 3.5", "12°, 12"})
    void readsAngles(String text, double degrees) {
        assertThat(Angles.parse(text)).isCloseTo(Math.toRadians(degrees), within(1e-12));
    }
}
