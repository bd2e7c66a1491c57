package org.palanca.floor.bill;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.outline.Bounds;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.floor.cutting.StockPlan;
import org.palanca.floor.plate.BoltChoice;
import org.palanca.floor.plate.Bolted;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.work.Purchase;

/**
 * What has to be bought for a vehicle: joints, inserts and jam nuts by hand of thread, tube by the length it is sold in, plate by
 * thickness, bolts by diameter and length, shocks, springs, and the parts named with a housing. One spare of each jam nut, bolt and
 * lock nut, and two washers of each size: one short holds the job up (common practice, no source).
 *
 * @param lines in the order of their kinds
 * @param untold what could not be counted
 * @param idle what is known of things that the vehicle takes none of
 */
public record BillOfMaterials(List<BillLine> lines, List<Message> untold, List<Purchase> idle) {
    private static final int SPARE_WASHERS = 2;

    public BillOfMaterials {
        lines = List.copyOf(lines);
        untold = List.copyOf(untold);
        idle = List.copyOf(idle);
    }

    public static BillOfMaterials of(Vehicle vehicle) {
        return new Count(vehicle).bill();
    }

    /** Mass of the lines whose mass is known [kg]. */
    public double mass() {
        return lines.stream()
                .map(BillLine::mass)
                .mapToDouble(mass -> mass.orElse(0))
                .sum();
    }

    /** What the lines with a price cost together, in the user's money. */
    public double cost() {
        return lines.stream().mapToDouble(line -> line.cost().orElse(0)).sum();
    }

    /** Lines of which something has to be bought and no price is known. */
    public long unpriced() {
        return lines.stream()
                .filter(line -> line.toBuy() > 0 && line.own().price().isEmpty())
                .count();
    }

    /** What lies in the rack and is not needed. */
    public List<Message> inTheWay() {
        return idle.stream()
                .filter(one -> one.rack() > 0)
                .map(one -> Message.of("bill.idle", Integer.toString(one.rack()), one.item()))
                .toList();
    }

    /** What goes off before it is needed. */
    public List<Message> faults() {
        return lines.stream()
                .filter(line -> line.own().goesOff())
                .map(line -> Message.of(
                        "bill.goes_off",
                        line.what(),
                        line.own().keepsUntil().orElseThrow().toString(),
                        line.own().neededBy().orElseThrow().toString()))
                .toList();
    }

    /** A line while it is counted. */
    private record Tally(BillLine.Kind kind, Message what, int count, int spare, OptionalDouble mass) {
        Tally with(int more, double moreMass) {
            return new Tally(
                    kind,
                    what,
                    count + more,
                    spare,
                    mass.isPresent() ? OptionalDouble.of(mass.getAsDouble() + moreMass) : mass);
        }
    }

    private static final class Count {
        private final Vehicle vehicle;
        private final Map<String, Tally> tallies = new LinkedHashMap<>();
        private final List<Message> untold = new ArrayList<>();
        private int withoutEars;

        Count(Vehicle vehicle) {
            this.vehicle = vehicle;
        }

        BillOfMaterials bill() {
            List<LinkCut> cuts = LinkCut.list(vehicle);
            links(cuts);
            tubes(cuts);
            plates();
            for (Axle axle : vehicle.axles()) {
                axle.springing().shocks().forEach(shock -> shock(axle, shock));
                vehicle.build().housing(axle.place()).parts().forEach(this::part);
            }
            if (withoutEars > 0) {
                untold.add(Message.of("bill.no_ears", Integer.toString(withoutEars)));
            }
            List<BillLine> lines = new ArrayList<>();
            tallies.forEach((item, tally) -> lines.add(new BillLine(
                    item, tally.kind(), tally.what(), tally.count(), tally.spare(), tally.mass(), own(item))));
            lines.sort(Comparator.comparing(BillLine::kind));
            List<Purchase> idle = vehicle.build().purchases().stream()
                    .filter(one -> !tallies.containsKey(one.item()))
                    .toList();
            return new BillOfMaterials(lines, untold, idle);
        }

        private Purchase own(String item) {
            return vehicle.build().purchases().stream()
                    .filter(one -> one.item().equals(item))
                    .findFirst()
                    .orElse(Purchase.blank(item));
        }

        private void add(String item, BillLine.Kind kind, Message what, int count, int spare) {
            tallies.merge(
                    item,
                    new Tally(kind, what, count, spare, OptionalDouble.empty()),
                    (before, more) -> before.with(count, 0));
        }

        private void weighed(String item, BillLine.Kind kind, Message what, int count, double mass) {
            tallies.merge(
                    item,
                    new Tally(kind, what, count, 0, OptionalDouble.of(mass)),
                    (before, more) -> before.with(count, mass));
        }

        // --- Links ---

        private void links(List<LinkCut> cuts) {
            PartsCount parts = PartsCount.of(cuts, vehicle.build().stock().kerf());
            parts.pieces().forEach(this::piece);
            if (parts.unknown() > 0) {
                untold.add(Message.of("bill.no_length", Integer.toString(parts.unknown())));
            }
            long unknown = cuts.stream()
                    .flatMap(cut -> cut.ends().stream())
                    .filter(end -> end.end().kind() == LinkEnd.Kind.UNKNOWN)
                    .count();
            if (unknown > 0) {
                untold.add(Message.of("bill.unknown_ends", Long.toString(unknown)));
            }
            for (LinkCut cut : cuts) {
                for (EndCut end : cut.ends()) {
                    switch (end.end().kind()) {
                        case ROD_END, CUP, BUSHING -> bolt(end.end().ears());
                        case BALL_STUD, CLEVIS, WELDED, UNKNOWN -> {
                            // Nothing that a bolt goes through, or nobody knows what.
                        }
                    }
                }
            }
        }

        private void piece(PartsCount.Piece piece) {
            String name = piece.what() == PartsCount.What.JOINT
                    ? piece.name().isEmpty() ? piece.kind().id().replace('_', ' ') : piece.name()
                    : piece.what().name().toLowerCase(Locale.ROOT).replace('_', ' ');
            String thread = piece.thread().map(Thread::text).orElse(piece.hand().isPresent() ? "?" : "");
            String hand = piece.hand().map(Hand::id).orElse("");
            Message called = piece.what() == PartsCount.What.JOINT
                    ? piece.name().isEmpty()
                            ? Message.of("end." + piece.kind().id())
                            : Message.of("bill.name", piece.name())
                    : Message.of(piece.what() == PartsCount.What.INSERT ? "bench.insert" : "bench.jam_nut");
            Message what = piece.hand().isEmpty()
                    ? called
                    : Message.of(
                            "bill.threaded",
                            called,
                            piece.thread().<Object>map(Thread::text).orElse(Message.of("bench.thread_unknown")),
                            Message.of("hand." + hand));
            BillLine.Kind kind = switch (piece.what()) {
                case JOINT -> BillLine.Kind.JOINT;
                case INSERT -> BillLine.Kind.INSERT;
                case JAM_NUT -> BillLine.Kind.JAM_NUT;
            };
            add(String.join(" ", name, thread, hand).strip(), kind, what, piece.count(), piece.spare());
        }

        private void tubes(List<LinkCut> cuts) {
            for (StockPlan plan : StockPlan.of(cuts, vehicle.build().stock())) {
                LinkTube tube = plan.tube();
                for (StockPlan.Sawn sawn : plan.sawn()) {
                    if (sawn.stock().count().isPresent()) {
                        continue;
                    }
                    double length = sawn.stock().length();
                    String size = tube.solid() ? mm(tube.outside()) : mm(tube.outside()) + " x " + mm(tube.wall());
                    Message what = Message.of(
                            "bill.lengths",
                            Message.of(
                                    (tube.solid() ? "bench.stock_bar" : "bench.stock_tube")
                                            + (tube.material().isEmpty() ? "" : "_of"),
                                    Message.length(tube.outside()),
                                    Message.fine(tube.wall()),
                                    tube.material()),
                            Message.length(length));
                    double pieces = sawn.pieces().stream()
                            .mapToDouble(StockPlan.Piece::length)
                            .sum();
                    weighed(
                            String.join(
                                    " ",
                                    (tube.solid() ? "bar " : "tube ") + size,
                                    tube.material(),
                                    "of " + mm(length) + " mm"),
                            BillLine.Kind.TUBE,
                            what,
                            1,
                            pieces * tube.area() * FlatPart.STEEL);
                }
                plan.tooLong().forEach(piece -> untold.add(Message.of("stock.too_long", piece)));
            }
        }

        // --- Brackets ---

        private void plates() {
            PlateList list = PlateList.of(vehicle);
            Map<String, List<Plate>> alike = new LinkedHashMap<>();
            for (Plate plate : list.plates()) {
                String item = String.join(
                                " ",
                                "plate " + mm(plate.flat().thickness()) + " mm",
                                plate.flat().material())
                        .strip();
                alike.computeIfAbsent(item, any -> new ArrayList<>()).add(plate);
            }
            alike.forEach((item, plates) -> {
                Plate first = plates.get(0);
                Bounds largest = plates.stream()
                        .map(plate -> plate.flat().outline().bounds())
                        .max(Comparator.comparingDouble(bounds -> bounds.width() * bounds.height()))
                        .orElseThrow();
                weighed(
                        item,
                        BillLine.Kind.PLATE,
                        Message.of(
                                first.flat().material().isEmpty() ? "bill.plate" : "bill.plate_of",
                                Message.fine(first.flat().thickness()),
                                Message.length(largest.width()),
                                Message.length(largest.height()),
                                first.flat().material()),
                        plates.stream().mapToInt(Plate::count).sum(),
                        plates.stream()
                                .mapToDouble(
                                        plate -> plate.count() * plate.flat().mass())
                                .sum());
            });
            long cant =
                    list.brackets().stream().filter(plan -> !plan.makeable()).count();
            if (cant > 0) {
                untold.add(Message.of("bill.brackets", Long.toString(cant)));
            }
        }

        private void bolt(Optional<Ears> ears) {
            if (ears.isEmpty()) {
                withoutEars++;
                return;
            }
            BoltChoice bolt = BoltChoice.of(ears.get());
            double size = ears.get().bolt();
            add(
                    "bolt " + mm(size) + " x " + mm(bolt.length()) + " mm",
                    BillLine.Kind.BOLT,
                    Message.of("bill.bolt", Message.length(size), Message.length(bolt.length())),
                    1,
                    1);
            add(
                    "lock nut " + mm(size) + " mm",
                    BillLine.Kind.LOCK_NUT,
                    Message.of("bill.lock_nut", Message.length(size)),
                    1,
                    1);
            add(
                    "washer " + mm(size) + " mm",
                    BillLine.Kind.WASHER,
                    Message.of("bill.washer", Message.length(size)),
                    1 + bolt.washers(),
                    SPARE_WASHERS);
        }

        // --- Shocks, springs, parts ---

        private void shock(Axle axle, Shock shock) {
            shock.size().ifPresent(size -> {
                add(called(size), BillLine.Kind.SHOCK, shockWords(size), 1, 0);
                bolt(Bolted.at(vehicle, axle, shock.upper()).flatMap(Bolted::ears));
                bolt(Bolted.at(vehicle, axle, shock.lower()).flatMap(Bolted::ears));
            });
            for (Coil coil : shock.coils().map(Coils::coils).orElse(List.of())) {
                add(
                        String.format(Locale.ROOT, "spring %.1f N/mm x %s mm", coil.rate() / 1000, mm(coil.free())),
                        BillLine.Kind.SPRING,
                        Message.of(
                                "bill.spring",
                                new Message.Measure(coil.rate(), Quantity.RATE),
                                Message.length(coil.free())),
                        1,
                        0);
            }
        }

        private static String called(ShockSize size) {
            return String.join(" ", "shock", size.model(), mm(size.collapsed()) + " to " + mm(size.extended()) + " mm")
                    .replace("  ", " ");
        }

        private static Message shockWords(ShockSize size) {
            return Message.of(
                    size.model().isEmpty() ? "bill.shock" : "bill.shock_of",
                    Message.length(size.collapsed()),
                    Message.length(size.extended()),
                    size.model());
        }

        private void part(PurchasedPart part) {
            add(part.name(), BillLine.Kind.PART, Message.of("bill.name", part.name()), 1, 0);
        }

        /** As a table of one's own says it: millimetres, without noughts at the end. */
        private static String mm(double metres) {
            return BigDecimal.valueOf(Math.round(metres * 1e5), 2)
                    .stripTrailingZeros()
                    .toPlainString();
        }
    }
}
