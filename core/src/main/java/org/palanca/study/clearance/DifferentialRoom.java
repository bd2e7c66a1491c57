package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Gap;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Vehicle;

/**
 * Room over a differential that hangs in the frame, and whatever of the frame is in it. It and what is over it both stand still, so no pose has to be looked at;
 * what holds it is said to be joined to it and is left out.
 */
public final class DifferentialRoom {
    private DifferentialRoom() {}

    /** What is nearest over it, against what is wanted; empty where no differential hangs there or nothing is described over it. */
    public static List<Verdict> of(Vehicle vehicle, AxlePlace place) {
        Optional<Differential> hung = vehicle.axle(place).orElseThrow().independent()
                ? vehicle.build().surroundings(place).differential()
                : Optional.empty();
        if (hung.isEmpty()) {
            return List.of();
        }
        List<CollisionBody> still = new ArrayList<>(CollisionBodies.of(new AxleModel(vehicle, place)));
        still.removeIf(thing -> !(thing.carrier() instanceof Carrier.Frame) || thing.kind() == Part.Kind.SERVICE);
        CollisionBody differential = still.stream()
                .filter(thing -> thing.sort() == CollisionId.Sort.HOUSING)
                .findFirst()
                .orElseThrow();
        Gap gap = new Gap();
        Optional<CollisionBody> nearest = Optional.empty();
        double least = Double.POSITIVE_INFINITY;
        for (CollisionBody thing : still) {
            boolean apart = thing != differential
                    && !thing.joinedTo(differential)
                    && thing.belongs().stream().noneMatch(differential.belongs()::contains);
            if (apart) {
                double room = gap.between(differential.solid(), new BodyFrame(), thing.solid(), new BodyFrame());
                Vector3D way = gap.onSecond().subtract(gap.onFirst());
                boolean over = room < 0 || way.getZ() > Math.hypot(way.getX(), way.getY());
                if (over && room < least) {
                    least = room;
                    nearest = Optional.of(thing);
                }
            }
        }
        if (nearest.isEmpty()) {
            return List.of();
        }
        Message name = nearest.get().name();
        double wanted = vehicle.build()
                .rules()
                .wanted(Part.Kind.DRIVELINE, nearest.get().kind());
        Message said = least < 0
                ? Message.of("shaft.in_differential", name, Message.length(-least, 0))
                : least < wanted
                        ? Message.of(
                                "shaft.tight_above", name, Message.length(least, wanted), Message.length(wanted, least))
                        : Message.of("shaft.room_above", name, Message.length(least));
        return List.of(Verdict.lacking(least >= wanted, (wanted - least) / Lengths.INCH, "room_above", said));
    }
}
