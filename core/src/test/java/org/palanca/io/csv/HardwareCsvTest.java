package org.palanca.io.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.floor.cutting.EndCut;
import org.palanca.io.FileFormatException;
import org.palanca.vehicle.hardware.HardwareCatalogue;
import org.palanca.vehicle.hardware.LinkEnd;

class HardwareCsvTest {
    /** Every generic end gives a cut length, and one with a thread keeps the rule as it is set; every tube is one. */
    @Test
    void whatShipsIsWhole() {
        HardwareCatalogue generic = HardwareCsv.generic();
        assertThat(generic.ends()).hasSizeGreaterThan(10).allSatisfy(end -> {
            EndCut cut = new EndCut("a mount", end, Lengths.inches(0.25), Math.PI / 2);
            assertThat(cut.missing()).as(end.name()).isEmpty();
            assertThat(cut.tubeReach()).isPresent();
            cut.out()
                    .ifPresent(out -> assertThat(out.meetsRule()).as(end.name()).isTrue());
        });
        assertThat(generic.tubes())
                .allSatisfy(tube -> assertThat(tube.tube().wall())
                        .as(tube.name())
                        .isPositive()
                        .isLessThanOrEqualTo(tube.tube().outside() / 2 + 1e-9));
        for (LinkEnd.Kind kind : LinkEnd.Kind.values()) {
            boolean sized = kind != LinkEnd.Kind.WELDED && kind != LinkEnd.Kind.UNKNOWN;
            assertThat(generic.ends(kind).isEmpty()).as(kind.id()).isNotEqualTo(sized);
        }
    }

    @Test
    void aShopsOwnLinesComeFirstAndCount() throws FileFormatException {
        HardwareCatalogue own = HardwareCsv.read("wall_mm,outside_mm,name,what\n5,40,2 x 0.250,TUBE\n");
        HardwareCatalogue both = HardwareCsv.generic().with(own);
        assertThat(both.tubes().get(0).tube().outside()).isCloseTo(0.04, within(1e-9));
        assertThat(both.tubes().stream().filter(tube -> tube.name().equals("2 x 0.250")))
                .hasSize(1);
        assertThat(both.ends()).hasSameSizeAs(HardwareCsv.generic().ends());
    }

    /** Each mistake is told with its line, the column or the word, and what would do. */
    @Test
    void mistakesAreToldByTheirLine() {
        String head = "what,name,thread,reach_mm,shank_mm,insert_thread_mm,misalignment_deg,outside_mm,wall_mm\n";
        says("name\nx\n", "no column “what”", "reach_mm");
        says(head, "There is no line");
        says(head + "rod_end,,3/4-16,30,70,40,,,\n", "Line 2", "name");
        says(head + "rod end,x,3/4-16,30,70,40,,,\n", "“rod end” is none of rod_end");
        says(head + "rod_end,x,3/4,30,70,40,,,\n", "“3/4” is no thread");
        says(head + "rod_end,x,3/4-16,-3,70,40,,,\n", "Line 2", "reach_mm", "-3");
        says(head + "rod_end,x,3/4-16,30,70,,,,\n", "insert_thread_mm");
        says(head + "rod_end,x,3/4-16,30,70,40,120,,\n", "misalignment_deg", "120", "no more than 90 degrees");
        says(head + "rod_end,x,3/4-16,30,70,40,much,,\n", "misalignment_deg", "“much” is no such angle");
        says(head + "tube,x,,,,,,40,21\n", "wall of x is more than half");
        says(head + "tube,x,,,,,,40,thin\n", "thin");
    }

    private static void says(String text, String... parts) {
        assertThatThrownBy(() -> HardwareCsv.read(text))
                .as(text)
                .isInstanceOfSatisfying(
                        FileFormatException.class,
                        e -> assertThat(Examples.WORDS.text(e.told())).contains(parts));
    }
}
