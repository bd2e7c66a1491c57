package org.palanca.targets;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.result.AxleModel;
import org.palanca.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;

/**
 * One thing to try: a single mount (with its mirror image) and where to move it, found by trying. Of all moves along one
 * or two axes on a grid, the one after which the axle stands best against all its bands together; of moves that do
 * nearly as well, the shortest.
 *
 * @param mount which mount
 * @param by how far [m], vehicle frame
 * @param after the vehicle with the mount moved
 * @param mark how the result in question stands then
 * @param cures whether the result in question is then within its band
 */
public record Remedy(MountRef mount, Vector3D by, Vehicle after, Scorecard.Mark mark, boolean cures) {
    /** Farthest move of a frame mount along the vehicle [m]: farther is another design. */
    private static final double FARTHEST_ALONG = Lengths.inches(10);

    /** Step of the grid along the vehicle [m]. */
    private static final double STEP_ALONG = Lengths.inches(1);

    /** Step of the grid up and down [m]. */
    private static final double STEP_UP = Lengths.inches(0.25);

    /** Farthest move up or down [m]. */
    private static final double FARTHEST_UP = Lengths.inches(3);

    private static final double GRID_SLACK = 1e-9;

    /** Badness that a metre of moving has to win back, in band widths: keeps moves short. */
    private static final double PRICE_OF_A_METRE = 0.6;

    /**
     * Looks for the best single move.
     *
     * @param resultId the result that is to come nearer to its band
     * @param goOn asked now and then; answering false gives up early with nothing found
     */
    public static Optional<Remedy> find(Vehicle vehicle, AxlePlace place, String resultId, BooleanSupplier goOn) {
        return new Search(vehicle, place, resultId).run(goOn);
    }

    private static final class Search {
        private final Vehicle vehicle;
        private final Axle axle;
        private final String resultId;
        private final double severityNow;
        private double leastCost;
        private Remedy best;

        Search(Vehicle vehicle, AxlePlace place, String resultId) {
            this.vehicle = vehicle;
            this.resultId = resultId;
            axle = vehicle.axle(place).orElseThrow();
            Scorecard now = Scorecard.of(new AxleModel(vehicle, place));
            severityNow = now.mark(resultId).map(Scorecard.Mark::severity).orElse(0.0);
            leastCost = now.badness();
        }

        Optional<Remedy> run(BooleanSupplier goOn) {
            for (Mount mount : movable()) {
                double reach = mount.onFrame() ? FARTHEST_ALONG : 0;
                for (double along = -reach; along <= reach + GRID_SLACK && !mount.mirrored(); along += STEP_ALONG) {
                    if (!goOn.getAsBoolean()) {
                        return Optional.empty();
                    }
                    for (double up = -FARTHEST_UP; up <= FARTHEST_UP + GRID_SLACK; up += STEP_UP) {
                        attempt(mount, new Vector3D(along, 0, up));
                    }
                }
            }
            return Optional.ofNullable(best);
        }

        /** Mounts of shocks, stops and straps alone change nothing but what is read off those. */
        private List<Mount> movable() {
            Set<String> sprung = new HashSet<>(axle.springing().mounts());
            axle.links().forEach(link -> List.of(link.from(), link.to()).forEach(sprung::remove));
            axle.joints().forEach(joint -> joint.mounts().forEach(sprung::remove));
            boolean ofShocks = axle.springing().names().stream().anyMatch(name -> resultId.endsWith("." + name));
            return axle.mounts().stream()
                    .filter(mount -> ofShocks == sprung.contains(mount.name()))
                    .toList();
        }

        private void attempt(Mount mount, Vector3D by) {
            double price = PRICE_OF_A_METRE * by.getNorm();
            if (price >= leastCost || by.getNorm() < GRID_SLACK) {
                return;
            }
            MountRef ref = new MountRef(axle.place(), mount.name());
            Vector3D from = axle.position(mount.name(), vehicle.wheelbase());
            Vehicle moved = MountMoves.moveTo(vehicle, ref, from.add(by));
            if (VehicleCheck.hasErrors(VehicleCheck.findings(moved))) {
                return;
            }
            Scorecard card = Scorecard.of(new AxleModel(moved, axle.place()));
            Scorecard.Mark mark = card.mark(resultId).orElseThrow();
            double cost = card.badness() + price;
            if (cost < leastCost && mark.severity() < severityNow) {
                leastCost = cost;
                best = new Remedy(ref, by, moved, mark, mark.severity() == 0);
            }
        }
    }
}
