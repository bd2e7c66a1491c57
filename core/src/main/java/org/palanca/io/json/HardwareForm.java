package org.palanca.io.json;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.SetBolts;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.hardware.TapedTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/** What links are made of. */
final class HardwareForm {
    private static final Form<Thread> THREAD = Form.of(
            node -> Thread.parse(node.asText()).orElseThrow(),
            thread -> JsonNodeFactory.instance.textNode(thread.text().replace('×', 'x')));

    private HardwareForm() {}

    static LinkMake make(Fields<LinkMake> fields) {
        return new LinkMake(
                fields.partIfAny("from", HardwareForm::end, LinkMake::from),
                fields.partIfAny("to", HardwareForm::end, LinkMake::to),
                fields.partIfAny("tube", HardwareForm::tube, LinkMake::tube),
                fields.optional("adjustment_mm", Quantity.LENGTH, LinkMake::adjustment),
                fields.partIfAny("taped", HardwareForm::taped, LinkMake::taped),
                fields.partIfAny("shape", HardwareForm::shape, LinkMake::shape),
                fields.partIfAny("bolts", HardwareForm::bolts, LinkMake::bolts));
    }

    private static SetBolts bolts(Fields<SetBolts> fields) {
        return new SetBolts(
                fields.value("from_way_mm", Form.PLACE, SetBolts::from),
                fields.angle("from_set_deg", SetBolts::fromSet),
                fields.value("to_way_mm", Form.PLACE, SetBolts::to),
                fields.angle("to_set_deg", SetBolts::toSet));
    }

    private static BarShape shape(Fields<BarShape> fields) {
        return new BarShape(
                fields.angle("turned_deg", 0, BarShape::turned),
                fields.parts("bends", HardwareForm::bend, BarShape::bends),
                fields.optional("force_n", Quantity.FORCE, BarShape::force));
    }

    private static BarBend bend(Fields<BarBend> fields) {
        return new BarBend(
                fields.length("along_mm", BarBend::along),
                fields.length("off_mm", BarBend::off),
                fields.length("radius_mm", BarBend::radius));
    }

    private static LinkEnd end(Fields<LinkEnd> fields) {
        return new LinkEnd(
                fields.constant("kind", LinkEnd.Kind.class, LinkEnd::kind),
                fields.text("name", LinkEnd::name),
                fields.optional("reach_mm", Quantity.LENGTH, LinkEnd::reach),
                fields.partIfAny("shank", HardwareForm::shank, LinkEnd::shank),
                fields.optional("misalignment_deg", Quantity.ANGLE, LinkEnd::misalignment),
                fields.optional("width_mm", Quantity.LENGTH, LinkEnd::width),
                fields.partIfAny("ears", HardwareForm::ears, LinkEnd::ears),
                fields.optional("bolt", Form.constant(BoltWay.class), LinkEnd::bolt));
    }

    private static ThreadedShank shank(Fields<ThreadedShank> fields) {
        return new ThreadedShank(
                fields.length("length_mm", ThreadedShank::length),
                thread(fields, ThreadedShank::thread),
                fields.constant("hand", Hand.class, ThreadedShank::hand),
                fields.length("insert_thread_mm", ThreadedShank::insertThread),
                fields.length("insert_shoulder_mm", 0, ThreadedShank::insertShoulder),
                fields.length("jam_nut_mm", 0, ThreadedShank::jamNut),
                fields.optional("exposed_mm", Quantity.LENGTH, ThreadedShank::set));
    }

    /** A thread as it is stamped, which the schema has let through. */
    static <T> Optional<Thread> thread(Fields<T> fields, Function<T, Optional<Thread>> of) {
        return fields.optional("thread", THREAD, of);
    }

    static PlugWelds plugs(Fields<PlugWelds> fields) {
        return new PlugWelds(
                fields.length("hole_mm", PlugWelds::hole),
                fields.length("first_mm", PlugWelds::first),
                fields.length("second_mm", PlugWelds::second));
    }

    static Stock stock(Fields<Stock> fields) {
        return new Stock(
                fields.length("kerf_mm", Stock::kerf), fields.partsIfAny("bars", HardwareForm::bar, Stock::bars));
    }

    private static Stock.Bar bar(Fields<Stock.Bar> fields) {
        LinkTube tube = fields.part("tube", HardwareForm::tube, Stock.Bar::tube);
        double length = fields.length("length_mm", Stock.Bar::length);
        Optional<Integer> count = fields.optional(
                "count",
                Form.WHOLE,
                bar -> bar.count().isPresent() ? Optional.of(bar.count().getAsInt()) : Optional.empty());
        return new Stock.Bar(tube, length, count.map(OptionalInt::of).orElseGet(OptionalInt::empty));
    }

    private static LinkTube tube(Fields<LinkTube> fields) {
        return new LinkTube(
                fields.length("outside_mm", LinkTube::outside),
                fields.length("wall_mm", LinkTube::wall),
                fields.text("material", LinkTube::material),
                fields.optional("yield_mpa", Quantity.STRESS, LinkTube::yield));
    }

    static Ears ears(Fields<Ears> fields) {
        return new Ears(
                fields.length("gap_mm", Ears::gap),
                fields.length("thickness_mm", Ears::thickness),
                fields.length("bolt_mm", Ears::bolt),
                fields.length("hole_mm", Ears::hole));
    }

    private static TapedTube taped(Fields<TapedTube> fields) {
        return new TapedTube(
                fields.length("length_mm", TapedTube::length),
                fields.partIfAny("counts", HardwareForm::decision, TapedTube::decision));
    }

    private static TapedTube.Decision decision(Fields<TapedTube.Decision> fields) {
        return new TapedTube.Decision(
                fields.value("taped", Form.FLAG, TapedTube.Decision::taped),
                fields.text("why", TapedTube.Decision::why));
    }
}
