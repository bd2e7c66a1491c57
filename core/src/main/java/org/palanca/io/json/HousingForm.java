package org.palanca.io.json;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.PurchasedPart;

/** What is known of an axle's housing, its dial readings and the parts that go on it. */
final class HousingForm {
    private HousingForm() {}

    static Housing housing(Fields<Housing> fields) {
        Housing.Ends ends = fields.constant("ends", Housing.Ends.class, Housing::ends);
        Housing.School school = fields.constant("school", Housing.School.class, Housing::school);
        Map<HousingSize, Double> sizes = fields.value(
                "sizes_mm", Form.byConstant(HousingSize.class, HousingSize::id, Form.LENGTH), Housing::sizes);
        double benchPinion = fields.angle("bench_pinion_deg", Housing::benchPinion);
        double accepted = fields.length("accepted_mm", Housing::accepted);
        double seat = fields.length("seat_mm", Housing::seat);
        List<ClockedPart> clocked = fields.parts("clocked", HousingForm::clocked, Housing::clocked);
        Dials dials = fields.part(
                "dials", HousingForm::dials, housing -> new Dials(housing.dial(Side.LEFT), housing.dial(Side.RIGHT)));
        return new Housing(
                ends,
                school,
                sizes,
                benchPinion,
                clocked,
                dials.left(),
                dials.right(),
                accepted,
                seat,
                fields.parts("parts", HousingForm::part, Housing::parts));
    }

    private static ClockedPart clocked(Fields<ClockedPart> fields) {
        return new ClockedPart(
                fields.text("name", ClockedPart::name),
                fields.constant("kind", ClockedPart.Kind.class, ClockedPart::kind),
                fields.angle("at_ride_deg", ClockedPart::atRide));
    }

    /** Readings of both ends. */
    private record Dials(List<DialReading> left, List<DialReading> right) {}

    private static Dials dials(Fields<Dials> fields) {
        return new Dials(
                fields.parts("left", HousingForm::dial, Dials::left),
                fields.parts("right", HousingForm::dial, Dials::right));
    }

    private static DialReading dial(Fields<DialReading> fields) {
        DialReading.Stage stage = fields.constant("stage", DialReading.Stage.class, DialReading::stage);
        DialReading.Way way = fields.constant("way", DialReading.Way.class, DialReading::way);
        double reach = fields.length("reach_mm", DialReading::reach);
        List<Double> clock = fields.list(
                "clock_mm", Form.LENGTH, dial -> List.of(dial.twelve(), dial.three(), dial.six(), dial.nine()));
        return new DialReading(stage, way, reach, clock.get(0), clock.get(1), clock.get(2), clock.get(3));
    }

    private static PurchasedPart part(Fields<PurchasedPart> fields) {
        String name = fields.text("name", PurchasedPart::name);
        String matesWith = fields.text("mates_with", PurchasedPart::matesWith);
        Optional<Integer> bolts = fields.optional(
                "bolts",
                Form.WHOLE,
                part -> part.bolts().isPresent() ? Optional.of(part.bolts().getAsInt()) : Optional.empty());
        var boltCircle = fields.optional("bolt_circle_mm", Quantity.LENGTH, PurchasedPart::boltCircle);
        var pilot = fields.optional("pilot_mm", Quantity.LENGTH, PurchasedPart::pilot);
        var bore = fields.optional("bore_mm", Quantity.LENGTH, PurchasedPart::bore);
        var thread = fields.optional("thread", Form.TEXT, PurchasedPart::thread);
        var fit = fields.optional("fit", Form.constant(PurchasedPart.Fit.class), PurchasedPart::fit);
        var hand = fields.optional("hand", Form.constant(PurchasedPart.Hand.class), PurchasedPart::hand);
        return new PurchasedPart(
                name,
                matesWith,
                bolts.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                boltCircle,
                pilot,
                bore,
                thread,
                hand,
                fit);
    }
}
