package org.palanca.desktop.step.place;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.BoltFit;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.MountAsBuilt;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;

/**
 * Everything the place step shows of one axle, one of its mounts chosen.
 *
 * @param vehicle whose
 * @param chosen the mount; empty text where none is to be placed
 * @param sheet how the tape places it; empty where the marks are too few, or the allowance is used up by the hole
 * @param offs of every mount that was read back how far off it is [m], by name
 * @param built where the chosen mount was found, and what that changes
 * @param losses what the design loses at the allowance, worst first; empty without a sheet
 * @param bolts whether they slide in, of links with a mount that was read back
 */
record PlaceStudy(
        Vehicle vehicle,
        Adjustment adjustment,
        PlacingOrder order,
        String chosen,
        Optional<PlacingSheet> sheet,
        Map<String, Double> offs,
        Optional<MountAsBuilt> built,
        List<Effect> losses,
        List<BoltFit> bolts) {
    /**
     * Works it out.
     *
     * @param wanted the mount that was chosen; where it is none of this axle's, the first that is not read back is
     */
    static PlaceStudy of(Vehicle vehicle, AxlePlace place, String wanted) {
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        PlacingOrder order = PlacingOrder.of(vehicle, adjustment, place);
        List<String> names = order.mounts().stream().map(MountRef::mount).toList();
        Map<String, Double> offs = new HashMap<>();
        for (String name : names) {
            vehicle.build()
                    .found(new MountRef(place, name))
                    .filter(MountReadings::placed)
                    .ifPresent(found -> MountAsBuilt.off(vehicle, found).ifPresent(off -> offs.put(name, off)));
        }
        String chosen = names.contains(wanted)
                ? wanted
                : names.stream()
                        .filter(name -> !offs.containsKey(name))
                        .findFirst()
                        .orElse(names.isEmpty() ? "" : names.get(0));
        PlacingLimits limits = vehicle.build().placing();
        Optional<PlacingSheet> sheet = limits.left() <= 0 || chosen.isEmpty()
                ? Optional.empty()
                : PlacingSheet.of(vehicle, adjustment, new MountRef(place, chosen), limits);
        List<Effect> losses = sheet.map(one -> Effect.within(vehicle, one.mount(), limits.tolerance()))
                .orElse(List.of());
        Optional<MountAsBuilt> built = chosen.isEmpty()
                ? Optional.empty()
                : vehicle.build().found(new MountRef(place, chosen)).flatMap(found -> MountAsBuilt.of(vehicle, found));
        return new PlaceStudy(
                vehicle, adjustment, order, chosen, sheet, Map.copyOf(offs), built, losses, BoltFit.of(vehicle, place));
    }

    /** The mark of a mount that was read back: only one that came where it belongs is ticked. */
    String tick(String name) {
        Double off = offs.get(name);
        return off == null ? "" : off <= vehicle.build().placing().left() ? "  ✓" : "  ✗";
    }
}
