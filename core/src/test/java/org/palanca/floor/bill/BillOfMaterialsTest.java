package org.palanca.floor.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.floor.plate.Brackets;
import org.palanca.io.FileFormatException;
import org.palanca.io.csv.BillCsv;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.work.Purchase;

/** What has to be bought, counted by hand. */
class BillOfMaterialsTest {
    private static final String NUT = "jam nut ? left";

    /** The demo, two ears at each lower frame mount, every rear link end bolted in ears. */
    private static Vehicle vehicle() {
        return Brackets.with(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
    }

    private static BillLine line(Vehicle vehicle, String item) {
        return BillOfMaterials.of(vehicle).lines().stream()
                .filter(line -> line.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    private static Vehicle with(Vehicle vehicle, Purchase... own) {
        return vehicle.withBuild(vehicle.build().withPurchases(List.of(own)));
    }

    /**
     * By hand: four rear links have two ends each, eight bolts of 9/16 in. Through 2 x 1/4 in of ears 2 5/8 in apart the grip is 3
     * 1/8 in; two washers of 0.1 in, a nut of 7/8 and a little more of the diameter, and a thread of twice the diameter and 1/4 in
     * that must begin behind the last plane: 4 1/2 in. Four plates of 1/4 in.
     */
    @Test
    void boltsNutsAndPlatesAreCounted() {
        BillLine bolts = line(vehicle(), "bolt 14.29 x 114.3 mm");
        assertThat(bolts.count()).isEqualTo(8);
        assertThat(bolts.toBuy()).as("one to spare").isEqualTo(9);
        assertThat(Examples.WORDS.text(bolts.what())).isEqualTo("bolt 9/16 in by 4 1/2 in under the head");
        assertThat(line(vehicle(), "lock nut 14.29 mm").toBuy()).isEqualTo(9);
        assertThat(line(vehicle(), "washer 14.29 mm").toBuy()).isEqualTo(18);
        assertThat(line(vehicle(), "plate 6.35 mm").count()).isEqualTo(4);
        assertThat(BillOfMaterials.of(vehicle()).untold().stream().map(Examples.WORDS::text))
                .as("eight front ends and eight eyes of shocks have no ears")
                .anyMatch(text -> text.contains("at 16 ends"));
    }

    /** By hand: eight links, a left and a right thread each; one nut of each hand to spare. What lies in the rack is taken off. */
    @Test
    void theRackIsTakenOff() {
        Vehicle tarn = Examples.tarn();
        assertThat(line(tarn, NUT).toBuy()).isEqualTo(9);
        Purchase own = new Purchase(NUT, 3, OptionalDouble.of(1.25), Optional.empty(), Optional.empty());
        BillLine some = line(with(tarn, own), NUT);
        assertThat(some.toBuy()).isEqualTo(6);
        assertThat(some.cost().orElseThrow()).isCloseTo(7.5, within(1e-12));
        BillOfMaterials bill = BillOfMaterials.of(
                with(tarn, new Purchase(NUT, 40, OptionalDouble.of(1.25), Optional.empty(), Optional.empty())));
        assertThat(bill.cost()).as("nothing is bought back").isZero();
        // Tube from the rack is not bought.
        Stock stock = new Stock(
                0.003,
                List.of(new Stock.Bar(new LinkTube(inches(2), inches(0.25), ""), inches(240), OptionalInt.of(2))));
        assertThat(BillOfMaterials.of(tarn.withBuild(tarn.build().withStock(stock)))
                        .lines())
                .noneMatch(line -> line.kind() == BillLine.Kind.TUBE);
    }

    /** What lies there for another plan is told, and what goes off before its day. */
    @Test
    void whatLiesIdleAndWhatGoesOffIsTold() {
        LocalDate spring = LocalDate.of(2027, 3, 15);
        Vehicle vehicle = with(
                Examples.tarn(),
                new Purchase("jam nut 5/8-18 left", 4, OptionalDouble.empty(), Optional.empty(), Optional.empty()),
                new Purchase(NUT, 0, OptionalDouble.empty(), Optional.of(spring), Optional.of(spring.minusDays(1))));
        BillOfMaterials bill = BillOfMaterials.of(vehicle);
        assertThat(bill.idle())
                .singleElement()
                .satisfies(one -> assertThat(one.item()).isEqualTo("jam nut 5/8-18 left"));
        assertThat(bill.faults())
                .singleElement()
                .satisfies(one -> assertThat(Examples.WORDS.text(one))
                        .contains("goes off on 2027-03-14", "needed on 2027-03-15"));
    }

    /** A table that went out comes back with what was filled in, and nothing else is changed by it. */
    @Test
    void theTableComesBack() throws IOException, FileFormatException {
        Vehicle vehicle = with(
                vehicle(),
                new Purchase(
                        NUT,
                        3,
                        OptionalDouble.of(1.25),
                        Optional.of(LocalDate.of(2027, 3, 15)),
                        Optional.of(LocalDate.of(2030, 1, 1))),
                new Purchase("plate 6.35 mm", 0, OptionalDouble.of(4), Optional.empty(), Optional.empty()),
                new Purchase("jam nut 5/8-18 left", 0, OptionalDouble.of(2), Optional.empty(), Optional.empty()));
        StringBuilder table = new StringBuilder();
        BillCsv.write(BillOfMaterials.of(vehicle), Examples.WORDS, table);
        assertThat(BillCsv.read(table.toString()))
                .containsExactlyInAnyOrderElementsOf(vehicle.build().purchases());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "item,rack~nut,-1 | Line 2, column rack: “-1” is no count",
                "item,rack~nut,some | “some” is no count",
                "item,price~nut,£3 | “£3” is no price",
                "item,price~nut,1e9 | “1e9” is no price",
                "item,needed_by~nut,15/3/27 | “15/3/27” is no date",
                "item,keeps_until~nut,2027-02-30 | “2027-02-30” is no date",
                "item,rack~nut,1~nut,2 | Line 3: “nut” stands here twice",
                "item,rack~,2 | Line 2 has no item",
                "what,rack~nut,2 | no column “item”"
            })
    void whatIsTypedWrongIsToldByItsPlace(String table, String told) {
        assertThatThrownBy(() -> BillCsv.read(table.replace('~', '\n')))
                .isInstanceOfSatisfying(
                        FileFormatException.class,
                        e -> assertThat(Examples.WORDS.text(e.told())).contains(told));
    }

    /** What no file could keep is refused before it is in one. */
    @Test
    void aNameThatNoFileKeepsIsRefused() throws FileFormatException {
        String longest = "n".repeat(Purchase.LONGEST);
        assertThat(BillCsv.read("item,rack\n" + longest + ",1\n")).hasSize(1);
        assertThatThrownBy(() -> BillCsv.read("item,rack\nn" + longest + ",1\n"))
                .isInstanceOfSatisfying(
                        FileFormatException.class,
                        e -> assertThat(Examples.WORDS.text(e.told())).contains("Line 2", "more than 300 letters"));
    }
}
