package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.work.WorkStep;

/**
 * In which order the mounts of an axle are placed: the tighter side of a pair first and its mirror image straight after, as
 * long as no bracket that stands already is in the way of a tape that is still to be pulled. Links come before shocks.
 *
 * @param mounts in order
 * @param hidden tapes that have to bend round a bracket in any order
 * @param taken mounts whose bracket needs the room of a support
 */
public record PlacingOrder(List<MountRef> mounts, List<Hidden> hidden, List<Taken> taken) {
    /** A bracket with its tabs fills a ball of this radius [m]: 2 1/2 in, common practice, no source. */
    private static final double BRACKET = Lengths.inches(2.5);

    /**
     * A tape that a bracket is in the way of.
     *
     * @param reading the tape
     * @param behind the mount it goes to
     * @param by the mount whose bracket is in the way
     */
    public record Hidden(Reading reading, String behind, String by) {}

    /**
     * A mount whose bracket needs the room of a support.
     *
     * @param mount its name
     * @param support what must be moved first
     */
    public record Taken(String mount, Support support) {}

    public PlacingOrder {
        mounts = List.copyOf(mounts);
        hidden = List.copyOf(hidden);
        taken = List.copyOf(taken);
    }

    /** The order for an axle. */
    public static PlacingOrder of(Vehicle vehicle, Adjustment adjustment, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no such axle"));
        Map<String, List<Hidden>> inTheWay = new HashMap<>();
        for (Mount mount : axle.mounts()) {
            inTheWay.put(mount.name(), inTheWay(vehicle, adjustment, axle, mount.name()));
        }
        List<MountRef> order = new ArrayList<>();
        List<Hidden> hidden = new ArrayList<>();
        Set<String> later = sprung(axle);
        for (boolean shocks : new boolean[] {false, true}) {
            List<String> waiting = wished(
                    vehicle,
                    axle,
                    axle.mounts().stream()
                            .filter(mount -> later.contains(mount.name()) == shocks)
                            .toList());
            while (!waiting.isEmpty()) {
                String next = next(waiting, inTheWay);
                waiting.remove(next);
                for (String after : waiting) {
                    inTheWay.getOrDefault(after, List.of()).stream()
                            .filter(one -> one.by().equals(next))
                            .forEach(hidden::add);
                }
                order.add(new MountRef(place, next));
            }
        }
        return new PlacingOrder(order, hidden, taken(vehicle, axle));
    }

    private static List<Taken> taken(Vehicle vehicle, Axle axle) {
        List<Taken> taken = new ArrayList<>();
        for (Mount mount : axle.mounts()) {
            Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
            vehicle.build().survey().supports().stream()
                    .filter(support -> support.room().distance(at) < BRACKET)
                    .forEach(support -> taken.add(new Taken(mount.name(), support)));
        }
        return taken;
    }

    /** The first that hides no tape of those still waiting; where all do, the first. */
    private static String next(List<String> waiting, Map<String, List<Hidden>> inTheWay) {
        return waiting.stream()
                .filter(candidate -> waiting.stream()
                        .filter(other -> !other.equals(candidate))
                        .flatMap(other -> inTheWay.getOrDefault(other, List.of()).stream())
                        .noneMatch(one -> one.by().equals(candidate)))
                .findFirst()
                .orElse(waiting.get(0));
    }

    private static List<Hidden> inTheWay(Vehicle vehicle, Adjustment adjustment, Axle axle, String mount) {
        Optional<PlacingSheet> sheet = PlacingSheet.of(
                vehicle,
                adjustment,
                new MountRef(axle.place(), mount),
                PlacingLimits.COMMON.withOffFloor(vehicle.build().placing().offFloor()));
        List<Hidden> hidden = new ArrayList<>();
        if (sheet.isEmpty()) {
            return hidden;
        }
        for (Reading reading : sheet.get().readings()) {
            if (!reading.kind().between()) {
                continue;
            }
            Vector3D from = adjustment.place(reading.from());
            for (Mount other : axle.mounts()) {
                Vector3D bracket = axle.position(other.name(), vehicle.wheelbase());
                boolean apart = Vector3D.distance(bracket, sheet.get().target()) > BRACKET
                        && Vector3D.distance(bracket, from) > BRACKET;
                if (apart && fromLine(bracket, from, sheet.get().target()) < BRACKET) {
                    hidden.add(new Hidden(reading, mount, other.name()));
                }
            }
        }
        return hidden;
    }

    /** From a place to the nearest point of a straight tape [m]. */
    private static double fromLine(Vector3D place, Vector3D from, Vector3D to) {
        Vector3D along = to.subtract(from);
        double part = place.subtract(from).dotProduct(along) / along.getNormSq();
        return Vector3D.distance(place, from.add(Math.max(0, Math.min(1, part)), along));
    }

    /** Mounts of shocks, stops and straps: they come after the links, when the axle has been cycled. */
    private static Set<String> sprung(Axle axle) {
        Set<String> sprung = new HashSet<>(axle.springing().mounts());
        axle.links().forEach(link -> List.of(link.from(), link.to()).forEach(sprung::remove));
        return sprung;
    }

    /** Frame before axle, pairs together, the side with less room first. */
    private static List<String> wished(Vehicle vehicle, Axle axle, List<Mount> mounts) {
        List<String> order = new ArrayList<>();
        for (boolean frame : new boolean[] {true, false}) {
            for (Mount mount : mounts) {
                if (mount.onFrame() == frame && !order.contains(mount.name())) {
                    Optional<String> image = axle.mirrorImage(mount.name()).map(Mount::name);
                    if (image.isPresent() && room(vehicle, axle, image.get()) < room(vehicle, axle, mount.name())) {
                        order.add(image.get());
                        order.add(mount.name());
                    } else {
                        order.add(mount.name());
                        image.filter(name -> !order.contains(name)).ifPresent(order::add);
                    }
                }
            }
        }
        return order;
    }

    /** Least distance to anything that is known to be near [m]. */
    private static double room(Vehicle vehicle, Axle axle, String mount) {
        Vector3D at = axle.position(mount, vehicle.wheelbase());
        List<Box> near = new ArrayList<>();
        vehicle.build().surroundings(axle.place()).obstacles().forEach(obstacle -> near.add(obstacle.room()));
        vehicle.build().survey().supports().forEach(support -> near.add(support.room()));
        return near.stream().mapToDouble(box -> box.distance(at)).min().orElse(Double.POSITIVE_INFINITY);
    }

    /** What the placing of an axle is called in the record of work. */
    public static String job(AxlePlace place) {
        return place.id() + ".placing";
    }

    private static WorkStep readBack(MountRef mount) {
        return new WorkStep("placing.read_back", mount.mount(), true);
    }

    /** Whether it is on record that a mount was read back and is good, or was taken as it is for a reason. */
    static boolean accepted(Vehicle vehicle, MountRef mount) {
        return vehicle.build().log().stream()
                .anyMatch(entry -> entry.job().equals(job(mount.axle()))
                        && entry.step().equals(readBack(mount).id()));
    }

    /** The whole job as numbered steps. The mount is read back before the next one is set. */
    public List<WorkStep> steps() {
        List<WorkStep> steps = new ArrayList<>();
        steps.add(new WorkStep("placing.at_ride", true));
        steps.add(new WorkStep("placing.marks_there", true));
        for (MountRef mount : mounts) {
            steps.add(new WorkStep("placing.set", mount.mount(), false));
            steps.add(readBack(mount));
        }
        steps.add(new WorkStep("placing.square", true));
        steps.add(new WorkStep("placing.bolts_free", true));
        steps.add(new WorkStep("placing.cycle", true));
        steps.add(new WorkStep("placing.weld", false));
        return steps;
    }
}
