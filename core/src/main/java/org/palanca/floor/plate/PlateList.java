package org.palanca.floor.plate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.work.IssuedPlate;

/**
 * All plates of a vehicle as they are ordered. One piece that serves both sides is one plate; a pair of hands has one number. A
 * plate that went out keeps its number, and gets the next letter once it is another; what is new takes the numbers that are free.
 *
 * @param brackets every bracket that is described
 * @param plates of those that can be made
 */
public record PlateList(List<BracketPlan> brackets, List<Plate> plates) {
    public PlateList {
        brackets = List.copyOf(brackets);
        plates = List.copyOf(plates);
    }

    public static PlateList of(Vehicle vehicle) {
        List<BracketPlan> brackets = vehicle.axles().stream()
                .flatMap(axle -> BracketPlan.of(vehicle, axle).stream())
                .toList();
        Map<String, List<FlatPart>> parts = new LinkedHashMap<>();
        for (BracketPlan plan : brackets) {
            if (plan.makeable()) {
                plan.parts()
                        .forEach(part -> parts.computeIfAbsent(group(part), any -> new ArrayList<>())
                                .add(part));
            }
        }
        List<Line> lines = new ArrayList<>();
        parts.values().forEach(alike -> lines.addAll(lines(alike)));
        return new PlateList(brackets, numbered(lines, vehicle.build().issued()));
    }

    /** The bracket at a mount; empty where none is described. */
    public Optional<BracketPlan> bracket(MountRef mount) {
        return brackets.stream().filter(plan -> plan.mount().equals(mount)).findFirst();
    }

    /** Plates that go to a mount. */
    public List<Plate> plates(MountRef mount) {
        return plates.stream().filter(plate -> plate.mounts().contains(mount)).toList();
    }

    /** What is to be written down once the drawings of all of them go out: those that have gone out as they are stay as they are. */
    public List<IssuedPlate> toIssue(List<IssuedPlate> before, LocalDate date) {
        return plates.stream()
                .map(plate -> plate.issued(date))
                .filter(one -> before.stream()
                        .filter(one::samePiece)
                        .reduce((first, second) -> second)
                        .filter(last -> last.fingerprint().equals(one.fingerprint())
                                && last.revision().equals(one.revision())
                                && last.count() == one.count())
                        .isEmpty())
                .toList();
    }

    /** Its mass in steel, every piece counted [kg]. */
    public double mass() {
        return plates.stream()
                .mapToDouble(plate -> plate.count() * plate.flat().mass())
                .sum();
    }

    // --- Which are one ---

    /** The two ears of a bracket are looked at together: on the other side of the vehicle they change places. */
    private static String group(FlatPart part) {
        return stem(part).replace(FlatPart.What.OTHER_EAR.id(), FlatPart.What.EAR.id());
    }

    private static String stem(FlatPart part) {
        return part.mount().axle().id() + "/"
                + SidedName.of(part.mount().mount()).stem() + "/" + part.what().id();
    }

    private static String key(FlatPart part) {
        return part.mount().axle().id() + "/" + part.mount().mount() + "/"
                + part.what().id();
    }

    /** A plate before it has its number. */
    private record Line(String part, Optional<Side> hand, FlatPart flat, int count, List<MountRef> mounts) {}

    /** Of the parts that a pair of mounts has of one kind: one for both, a pair of hands, or each its own. */
    private static List<Line> lines(List<FlatPart> parts) {
        FlatPart first = parts.get(0);
        boolean hands = parts.size() == 2 && first.handed() && first.mirrored().same(parts.get(1));
        if (hands) {
            return parts.stream()
                    .map(part -> new Line(stem(part), part.side(), part, part.count(), List.of(part.mount())))
                    .toList();
        }
        List<List<FlatPart>> alike = new ArrayList<>();
        for (FlatPart part : parts) {
            alike.stream()
                    .filter(pile -> pile.get(0).serves(part))
                    .findFirst()
                    .orElseGet(() -> {
                        alike.add(new ArrayList<>());
                        return alike.get(alike.size() - 1);
                    })
                    .add(part);
        }
        long mounts = parts.stream().map(FlatPart::mount).distinct().count();
        return alike.stream().map(pile -> line(pile, mounts)).toList();
    }

    /** One piece that serves wherever its like goes; it has its mount's own name where it goes to one mount of a pair alone. */
    private static Line line(List<FlatPart> pile, long mounts) {
        FlatPart first = pile.get(0);
        List<MountRef> goes = pile.stream().map(FlatPart::mount).distinct().toList();
        return new Line(
                goes.size() == mounts ? stem(first) : key(first),
                Optional.empty(),
                first,
                pile.stream().mapToInt(FlatPart::count).sum(),
                goes);
    }

    // --- Numbers and revisions ---

    private static List<Plate> numbered(List<Line> lines, List<IssuedPlate> issued) {
        Map<String, String> numbers = new LinkedHashMap<>();
        issued.forEach(one -> numbers.put(one.part(), one.number()));
        Set<String> taken = new HashSet<>(numbers.values());
        List<Plate> plates = new ArrayList<>();
        for (Line line : lines) {
            String number = numbers.computeIfAbsent(line.part(), any -> free(taken));
            String fingerprint = Fingerprint.of(line.flat());
            plates.add(new Plate(
                    line.part(),
                    number,
                    revision(line, fingerprint, issued),
                    line.hand(),
                    line.count(),
                    line.flat(),
                    line.mounts(),
                    fingerprint));
        }
        return plates;
    }

    private static String free(Set<String> taken) {
        int number = 1;
        while (!taken.add("P" + number)) {
            number++;
        }
        return "P" + number;
    }

    /** That under which it went out, or the next one after the last where it is another now. */
    private static String revision(Line line, String fingerprint, List<IssuedPlate> issued) {
        String last = "";
        for (IssuedPlate one : issued) {
            if (one.part().equals(line.part())) {
                if (one.hand().equals(line.hand()) && one.fingerprint().equals(fingerprint)) {
                    return one.revision();
                }
                last = later(last, one.revision()) ? last : one.revision();
            }
        }
        return Revision.after(last);
    }

    private static boolean later(String one, String other) {
        return Revision.order(one) > Revision.order(other);
    }
}
