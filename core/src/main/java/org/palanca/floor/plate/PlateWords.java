package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.base.outline.Bounds;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.bracket.HoleClass;

/** What there is to say of a plate and of a bolt, in words. */
public final class PlateWords {
    /** A hole is of a class where it is as large as that says to this [m]. */
    private static final double SAME = 2e-5;

    private PlateWords() {}

    /** What it is and where it goes: "ear, lower frame left and lower frame right, rear". */
    public static String goes(Plate plate, Words words) {
        String mounts = plate.mounts().stream().map(MountRef::mount).distinct().collect(Collectors.joining(", "));
        return words.text(
                "plate.goes",
                words.text("bracket.part." + plate.flat().what().id()),
                mounts,
                words.text("axle." + plate.mounts().get(0).axle().id()));
    }

    /** The plate that it is cut from, and its size. */
    public static Message cutFrom(Plate plate) {
        FlatPart flat = plate.flat();
        Bounds bounds = flat.outline().bounds();
        String key = flat.material().isEmpty() ? "plate.cut_from" : "plate.cut_from_of";
        return Message.of(
                key,
                Integer.toString(plate.count()),
                Message.fine(flat.thickness()),
                Message.length(bounds.width()),
                Message.length(bounds.height()),
                new Message.Measure(plate.count() * flat.mass(), Quantity.MASS),
                flat.material());
    }

    /** Holes, folds and bevel, one a line. */
    public static List<Message> work(FlatPart flat) {
        List<Message> all = new ArrayList<>();
        Map<Message, Integer> holes = new LinkedHashMap<>();
        flat.openings().forEach(hole -> holes.merge(hole(hole), 1, Integer::sum));
        holes.forEach((hole, count) -> all.add(Message.of("plate.holes", Integer.toString(count), hole)));
        Map<Message, Integer> folds = new LinkedHashMap<>();
        flat.folds()
                .forEach(fold -> folds.merge(
                        Message.of("plate.fold", Message.angle(fold.angle()), Message.fine(fold.radius())),
                        1,
                        Integer::sum));
        folds.forEach((fold, count) -> all.add(Message.of("plate.folds", Integer.toString(count), fold)));
        if (flat.bevel() > 0) {
            all.add(Message.of("bracket.note.bevel", Message.angle(flat.bevel())));
        }
        return all;
    }

    private static Message hole(Opening hole) {
        Optional<HoleClass> known = List.of(HoleClass.values()).stream()
                .filter(one -> Math.abs(one.hole(hole.bolt()) - hole.diameter()) < SAME)
                .findFirst();
        return Message.of(
                hole.role() == Opening.Role.SLOT ? "plate.slot" : "plate.hole",
                Message.fine(hole.diameter()),
                Message.length(hole.bolt()),
                Message.of(known.map(one -> "hole." + one.id()).orElse("hole.own")),
                Message.of("bracket.role." + hole.role().id()),
                Message.fine(hole.length()));
    }

    /** The bolt of a bracket: grip, length, where it is sheared, which way it comes out and when. */
    public static List<Message> bolt(BracketPlan plan) {
        List<Message> all = new ArrayList<>();
        plan.bolt().ifPresent(bolt -> {
            double size = plan.bolted().flatMap(Bolted::ears).orElseThrow().bolt();
            all.add(Message.of(
                    "plate.bolt",
                    Message.length(size),
                    Message.length(bolt.length()),
                    Message.length(bolt.grip()),
                    Message.length(bolt.plain()),
                    Integer.toString(bolt.washers())));
        });
        plan.bracket()
                .out()
                .ifPresent(way -> all.add(Message.of(
                        "plate.bolt_out",
                        Message.of("bracket.draws." + way.id()),
                        Message.of("moment." + plan.bracket().when().id()))));
        return all;
    }
}
