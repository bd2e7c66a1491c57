package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.springing.Shock;

/** Looks over what is known of an axle's housing before anything of it is cut. */
public final class HousingCheck {
    private static final double SAME = 1e-6;

    private HousingCheck() {}

    /** Whether anything is known of it. */
    public static boolean described(Vehicle vehicle, Axle axle) {
        Housing housing = vehicle.build().housing(axle.place());
        return !housing.sizes().isEmpty() || !housing.parts().isEmpty();
    }

    /** Sizes that contradict one another or the plan, lengths that no tube can have, and parts that don't go together. */
    public static List<Message> faults(Vehicle vehicle, Axle axle) {
        Housing housing = vehicle.build().housing(axle.place());
        List<Message> found = new ArrayList<>(housing.sum().faults());
        found.addAll(HousingAgainstPlan.differences(vehicle, axle));
        found.addAll(PurchasedPart.mismatches(housing.parts()));
        found.addAll(inTube(vehicle, axle));
        return List.copyOf(found);
    }

    /** Bolts of links and shocks that the axle's own tube is in the way of, where its diameter is known. */
    private static List<Message> inTube(Vehicle vehicle, Axle axle) {
        HousingBody body = HousingBody.of(vehicle, axle);
        if (axle.independent() || body.tube().assumed()) {
            return List.of();
        }
        List<Message> found = new ArrayList<>();
        Vector3D middle =
                new Vector3D(axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius());
        Map<String, Double> bolts = bolts(vehicle, axle);
        for (Mount mount : axle.mounts()) {
            Double bolt = bolts.get(mount.name());
            if (bolt == null || !mount.body().equals(BodyName.AXLE)) {
                continue;
            }
            Vector3D at = axle.position(mount.name(), vehicle.wheelbase()).subtract(middle);
            double stands = Math.hypot(at.getX(), at.getZ());
            double least = body.tube().radius() + bolt / 2;
            if (at.getY() <= body.left() && -at.getY() <= body.right() && stands < least - SAME) {
                found.add(Message.of(
                        "housing.bolt_in_tube",
                        mount.name(),
                        Message.length(stands, least),
                        Message.length(2 * body.tube().radius()),
                        Message.length(least)));
            }
        }
        return found;
    }

    /** What is bolted where, and how thick its bolt is [m]: of nothing where nobody said. */
    private static Map<String, Double> bolts(Vehicle vehicle, Axle axle) {
        Map<String, Double> bolts = new HashMap<>();
        for (Shock shock : axle.springing().shocks()) {
            bolts.put(
                    shock.lower(),
                    axle.bracket(shock.lower())
                            .flatMap(Bracket::ears)
                            .map(Ears::bolt)
                            .orElse(0.0));
            bolts.put(
                    shock.upper(),
                    axle.bracket(shock.upper())
                            .flatMap(Bracket::ears)
                            .map(Ears::bolt)
                            .orElse(0.0));
        }
        for (Link link : axle.links()) {
            for (boolean first : new boolean[] {true, false}) {
                LinkEnd end = vehicle.hardware().end(link, first);
                if (end.kind() != LinkEnd.Kind.WELDED) {
                    bolts.put(
                            first ? link.from() : link.to(),
                            end.ears().map(Ears::bolt).orElse(0.0));
                }
            }
        }
        return bolts;
    }
}
