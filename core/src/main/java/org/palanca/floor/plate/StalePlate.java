package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.work.IssuedPlate;

/**
 * A plate that went out to be cut and no longer holds.
 *
 * @param issued as it went out, the last time
 * @param now as it is; empty where the vehicle takes none of it any more
 */
public record StalePlate(IssuedPlate issued, Optional<Plate> now) {
    /** All of them, in the order they first went out. */
    public static List<StalePlate> of(Vehicle vehicle, List<Plate> plates) {
        Map<List<Object>, IssuedPlate> last = new LinkedHashMap<>();
        vehicle.build().issued().forEach(one -> last.put(List.of(one.part(), one.hand()), one));
        List<StalePlate> stale = new ArrayList<>();
        for (IssuedPlate one : last.values()) {
            Optional<Plate> now = plates.stream()
                    .filter(plate ->
                            plate.part().equals(one.part()) && plate.hand().equals(one.hand()))
                    .findFirst();
            boolean holds = now.filter(
                            plate -> plate.fingerprint().equals(one.fingerprint()) && plate.count() == one.count())
                    .isPresent();
            if (!holds) {
                stale.add(new StalePlate(one, now));
            }
        }
        return List.copyOf(stale);
    }

    /** What went out, when, and what is other now. */
    public Message said() {
        String mark = issued.number()
                + issued.hand()
                        .map(side -> "-" + Character.toUpperCase(side.id().charAt(0)))
                        .orElse("")
                + " " + issued.revision();
        String date = issued.date().toString();
        if (now.isEmpty()) {
            return Message.of("plate.stale.gone", mark, issued.part(), date);
        }
        Plate plate = now.get();
        return plate.fingerprint().equals(issued.fingerprint())
                ? Message.of(
                        "plate.stale.count",
                        mark,
                        issued.part(),
                        date,
                        Integer.toString(issued.count()),
                        Integer.toString(plate.count()))
                : Message.of("plate.stale.shape", mark, issued.part(), date, plate.revision());
    }
}
