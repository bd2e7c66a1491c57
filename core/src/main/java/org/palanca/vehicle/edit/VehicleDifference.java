package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;

/** What of one vehicle is not as it is in another, in the words of the shop: the mounts that were moved first. */
public final class VehicleDifference {
    /** Mounts told one by one; of more only how many. */
    private static final int TOLD = 3;

    /** Nearer than this a mount has not been moved [m]: what a file rounds away. */
    private static final double SAME = 1e-6;

    private VehicleDifference() {}

    private record Moved(String mount, double by) {}

    /** A sentence each; empty only where nothing differs. */
    public static List<Message> of(Vehicle before, Vehicle after) {
        List<Message> all = new ArrayList<>();
        List<Moved> moved = moved(before, after);
        moved.stream()
                .limit(TOLD)
                .forEach(one -> all.add(Message.of("difference.moved", one.mount(), Message.length(one.by()))));
        if (moved.size() > TOLD) {
            all.add(Message.of("difference.more_moved", Integer.toString(moved.size() - TOLD)));
        }
        if (!sameButForPlaces(before.axles(), after.axles(), moved.isEmpty())) {
            all.add(Message.of("difference.axles"));
        }
        boolean goals = !before.name().equals(after.name())
                || before.use() != after.use()
                || before.wheelbase() != after.wheelbase()
                || !before.mass().equals(after.mass())
                || !before.comments().equals(after.comments());
        if (goals) {
            all.add(Message.of("difference.goals"));
        }
        if (!before.schemes().equals(after.schemes())) {
            all.add(Message.of("difference.schemes"));
        }
        if (!before.states().equals(after.states())) {
            all.add(Message.of("difference.states"));
        }
        build(before.build(), after.build(), all);
        boolean entries = before.revision() == after.revision()
                && before.hardware().equals(after.hardware())
                && before.rails().equals(after.rails())
                && before.targets().equals(after.targets())
                && before.build().rules().equals(after.build().rules())
                && before.build().placing().equals(after.build().placing());
        if (!entries) {
            all.add(Message.of("difference.entries"));
        }
        return all;
    }

    /** Whether what is on the axles is the same; where mounts moved, all but where they stand. */
    private static boolean sameButForPlaces(List<Axle> before, List<Axle> after, boolean unmoved) {
        if (unmoved || before.size() != after.size()) {
            return before.equals(after);
        }
        for (int i = 0; i < after.size(); i++) {
            Axle old = before.get(i);
            Axle now = after.get(i);
            if (!names(old).equals(names(now)) || !old.withMounts(now.mounts()).equals(now)) {
                return false;
            }
        }
        return true;
    }

    private static List<String> names(Axle axle) {
        return axle.mounts().stream().map(Mount::name).toList();
    }

    private static void build(Build before, Build after, List<Message> all) {
        differs(before.survey(), after.survey(), "survey", all);
        for (AxlePlace place : AxlePlace.values()) {
            differs(before.surroundings(place), after.surroundings(place), "parts", all);
            differs(before.housing(place), after.housing(place), "housing", all);
        }
        differs(before.found(), after.found(), "found", all);
        differs(before.weights(), after.weights(), "weights", all);
        differs(before.log(), after.log(), "log", all);
        differs(before.notes(), after.notes(), "notes", all);
    }

    private static void differs(Object before, Object after, String what, List<Message> all) {
        Message said = Message.of("difference." + what);
        if (!Objects.equals(before, after) && !all.contains(said)) {
            all.add(said);
        }
    }

    /** The mounts that both have and that stand elsewhere, the one moved farthest first. */
    private static List<Moved> moved(Vehicle before, Vehicle after) {
        List<Moved> moved = new ArrayList<>();
        for (Axle axle : after.axles()) {
            Optional<Axle> old = before.axle(axle.place());
            for (Mount mount : axle.mounts()) {
                old.filter(one -> one.mount(mount.name()).isPresent())
                        .map(one -> Vector3D.distance(
                                one.position(mount.name(), before.wheelbase()),
                                axle.position(mount.name(), after.wheelbase())))
                        .filter(by -> by > SAME)
                        .ifPresent(by -> moved.add(new Moved(mount.name(), by)));
            }
        }
        moved.sort(Comparator.comparingDouble(Moved::by).reversed());
        return moved;
    }
}
