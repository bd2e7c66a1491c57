package org.palanca.io.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.io.FileFormatException;
import org.palanca.vehicle.springing.ShockCatalogue;
import org.palanca.vehicle.springing.ShockSize;

/** The catalogue of shocks out to a table and in again, and tables that can't be taken. */
class ShockCsvTest {
    @Test
    void whatIsWrittenIsReadBack() throws Exception {
        List<ShockSize> generic = ShockCatalogue.generic();
        List<ShockSize> again = ShockCsv.read(ShockCsv.text(generic));
        assertThat(again).hasSameSizeAs(generic);
        for (int i = 0; i < again.size(); i++) {
            assertThat(again.get(i).model()).isEqualTo(generic.get(i).model());
            assertThat(again.get(i).stroke()).isCloseTo(generic.get(i).stroke(), within(1e-6));
            assertThat(again.get(i).coil()).isCloseTo(generic.get(i).coil(), within(1e-6));
        }
    }

    @Test
    void aShopsOwnTableMayBeInInchesAndComesFirst() throws Exception {
        List<ShockSize> own = ShockCsv.read("Model,Collapsed_in,extended_in,body_in\nlong one,18,32,2.5\n");
        assertThat(own.get(0).stroke()).isCloseTo(Lengths.inches(14), within(1e-9));
        assertThat(own.get(0).coil()).isEqualTo(own.get(0).body());
        List<ShockSize> all = ShockCatalogue.with(ShockCatalogue.generic(), own);
        assertThat(all.get(0).model()).isEqualTo("long one");
        assertThat(all).hasSize(ShockCatalogue.generic().size() + 1);
        assertThat(ShockCatalogue.with(all, own)).hasSameSizeAs(all);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a,b\\n1,2 | no column “model”",
                "model,collapsed_mm,extended_mm,body_mm | no shock in it",
                "model,collapsed_mm,extended_mm,body_mm\\nx,700,450,60 | it has no stroke",
                "model,collapsed_mm,extended_mm,body_mm\\nx,4oo,700,60 | Line 2, column collapsed_mm: “4oo” is not a length",
                "model,collapsed_mm,extended_mm\\nx,400,700 | Line 2 has no body_mm",
                "model,collapsed_mm,extended_mm,body_mm\\nx,-400,700,60 | “-400” is not a length"
            })
    void badTablesAreNamedByLineAndColumn(String table, String expected) {
        FileFormatException bad =
                catchThrowableOfType(FileFormatException.class, () -> ShockCsv.read(table.replace("\\n", "\n")));
        assertThat(bad).isNotNull();
        assertThat(Examples.WORDS.text(bad.told())).contains(expected);
    }
}
