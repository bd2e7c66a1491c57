package org.palanca.base.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.base.units.MeasureFormatException.Reason;

/**
 * Amounts typed with and without their unit. Source of the conversions: 1 lb = 0.453 592 37 kg and 1 in = 25.4 mm exactly
 * (international yard and pound agreement of 1959), standard gravity 9.806 65 m/s² (3rd CGPM, 1901), 1 bar = 100 kPa; the
 * converted figures worked by hand from these.
 */
class UnitStyleTest {
    /** 1 ft = 12 in = 0.3048 m exactly (yard and pound agreement of 1959). */
    @Test
    void whatIsDrivenIsToldInFeetOrMetres() {
        assertThat(UnitStyle.SHOP.onTheRoad(36 * 0.3048)).isEqualTo("36 ft 0 in");
        assertThat(UnitStyle.SHOP.onTheRoad(11.1)).isEqualTo("36 ft 5 in");
        assertThat(UnitStyle.SHOP.onTheRoad(11.999 * 0.0254))
                .as("twelve inches are a foot")
                .isEqualTo("1 ft 0 in");
        assertThat(UnitStyle.SHOP.onTheRoad(-0.3)).isEqualTo("-1 ft 0 in");
        assertThat(UnitStyle.SHOP.onTheRoad(-0.001)).isEqualTo("0 ft 0 in");
        assertThat(new UnitStyle(LengthStyle.MILLIMETRES).onTheRoad(11.14)).isEqualTo("11.1 m");
    }

    @ParameterizedTest
    @CsvSource({
        "3000, FORCE, INCH_SIXTEENTHS, 13344.6648",
        "3000, FORCE, MILLIMETRES, 3000",
        "3000 lb, FORCE, MILLIMETRES, 13344.6648",
        "1.2 kN, FORCE, INCH_SIXTEENTHS, 1200",
        "250, RATE, INCH_SIXTEENTHS, 43781.709",
        "250 lb/in, RATE, MILLIMETRES, 43781.709",
        "250 lbs / in., RATE, MILLIMETRES, 43781.709",
        "43.8 N/mm, RATE, INCH_SIXTEENTHS, 43800",
        "43.8, RATE, MILLIMETRES, 43800",
        "150, PRESSURE, INCH_SIXTEENTHS, 1034213.59",
        "1034, PRESSURE, MILLIMETRES, 1034000",
        "58, STRESS, INCH_SIXTEENTHS, 399895923",
        "400, STRESS, MILLIMETRES, 400000000",
        "70 ksi, STRESS, MILLIMETRES, 482633010.5",
        "10 bar, PRESSURE, INCH_SIXTEENTHS, 1000000",
        "50, TWIST_RATE, INCH_SIXTEENTHS, 3884.11",
        "67.79 N·m/°, TWIST_RATE, INCH_SIXTEENTHS, 3884.08",
        "5250, MASS, INCH_SIXTEENTHS, 2381.36",
        "2380 kg, MASS, INCH_SIXTEENTHS, 2380",
        "-12.5 %, PERCENT, MILLIMETRES, -12.5",
        "1.3, FREQUENCY, INCH_SIXTEENTHS, 1.3",
        "1.3 Hz, FREQUENCY, MILLIMETRES, 1.3"
    })
    void amountsAreReadInTheUnitShownOrTheOneTyped(String text, Quantity quantity, LengthStyle style, double inside) {
        assertThat(new UnitStyle(style).parse(text, quantity)).isCloseTo(inside, Percentage.withPercentage(0.001));
    }

    /** Whatever stands in a field and is left there must mean what it meant. */
    @ParameterizedTest
    @EnumSource(Quantity.class)
    void whatIsWrittenIsReadBackTheSame(Quantity quantity) {
        for (LengthStyle style : LengthStyle.values()) {
            UnitStyle units = new UnitStyle(style);
            double value = switch (quantity) {
                case ANGLE -> 1.25;
                case LENGTH -> 1.2;
                case STRESS -> 4.321e8;
                default -> 4.321e5;
            };
            String written = units.format(value, quantity).number();
            double read = units.parse(written, quantity);
            assertThat(units.format(read, quantity).number()).isEqualTo(written);
            assertThat(read).isCloseTo(value, within(Math.abs(value) * 0.02));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "250 psi, RATE, UNKNOWN_AMOUNT, 250, psi",
        "250 furlongs, FORCE, UNKNOWN_AMOUNT, 250, furlongs",
        "12 1/2, PERCENT, LEFT_OVER_NUMBER, 12, 1/2",
        "'1,5', FREQUENCY, DECIMAL_COMMA, 1, ',5'",
        "9999999, MASS, TOO_LARGE, '', 9999999",
        "lots, FORCE, NUMBER_EXPECTED, '', lots",
        "'  ', FORCE, EMPTY_NUMBER, '', ''"
    })
    void whatCannotBeReadSaysWhere(String text, Quantity quantity, Reason reason, String understood, String rest) {
        MeasureFormatException failure =
                catchThrowableOfType(MeasureFormatException.class, () -> UnitStyle.SHOP.parse(text, quantity));
        assertThat(failure.reason()).isEqualTo(reason);
        assertThat(failure.understood()).isEqualTo(understood);
        assertThat(failure.rest()).isEqualTo(rest);
    }
}
