package org.palanca.study.clearance;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.Shock;

/** What comes nearest to something at one pose: told while it is being moved, before every pose has been looked at. */
public final class Nearest {
    private Nearest() {}

    /**
     * The pair that lacks most of the room it wants, or has least to spare.
     *
     * @param about of which things
     * @return empty where the axle does not close at the pose, or nothing may meet these things
     */
    public static Optional<ClearanceStudy.Tight> of(
            Vehicle vehicle, AxlePlace place, WheelTravel pose, Predicate<CollisionBody> about) {
        AxleModel model = new AxleModel(vehicle, place);
        List<CollisionBody> things = CollisionBodies.of(model);
        Clearances clearances = new Clearances(model, things, about);
        if (!clearances.moveTo(pose)) {
            return Optional.empty();
        }
        int nearest = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < clearances.pairs().size(); i++) {
            double wanted = clearances.pairs().get(i).wanted();
            double enough = least + wanted;
            if (clearances.gap(i, enough) < enough) {
                // Anew in any case: how deep two are in one another is only told so.
                double spare = clearances.gap(i) - wanted;
                if (spare < least) {
                    least = spare;
                    nearest = i;
                }
            }
        }
        return nearest < 0 ? Optional.empty() : Optional.of(ClearanceStudy.Tight.of(clearances, nearest, pose));
    }

    /** One thing by its identity. */
    public static Predicate<CollisionBody> thing(CollisionId id) {
        return thing -> thing.id().equals(id);
    }

    /** What is moved along with a mount: its ears, and each link and shock that is bolted there, with its joints. */
    public static Predicate<CollisionBody> boltedAt(Axle axle, String mount) {
        Set<CollisionId> ids = new HashSet<>(Set.of(Sort.EARS.of(mount), Sort.BACK.of(mount)));
        for (Link link : axle.links()) {
            if (link.from().equals(mount) || link.to().equals(mount)) {
                ids.addAll(List.of(
                        Sort.LINK.of(link.name()),
                        CollisionId.joint(link.name(), true),
                        CollisionId.joint(link.name(), false)));
            }
        }
        for (Shock shock : axle.springing().shocks()) {
            if (shock.upper().equals(mount) || shock.lower().equals(mount)) {
                ids.add(Sort.SHOCK.of(shock.name()));
            }
        }
        return thing -> ids.contains(thing.id());
    }
}
