package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.Recent;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.result.ResultKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.steering.PickupAdvice;
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
 * nearly as well, the shortest. Before it is offered it is held against every study of both axles: one that makes something
 * worse is offered only where none is harmless, and says what.
 *
 * @param mount which mount
 * @param by how far [m], vehicle frame
 * @param after the vehicle with the mount moved
 * @param mark how the result in question stands then
 * @param there the result's value then at the pose where it was worst before [inside unit]
 * @param cures whether the result in question is then within its band
 * @param worse what gets worse by it elsewhere; empty where nothing does
 */
public record Remedy(
        MountRef mount,
        Vector3D by,
        Vehicle after,
        Scorecard.Mark mark,
        double there,
        boolean cures,
        List<Fault> worse) {
    /** Farthest move of a frame mount along the vehicle [m]: farther is another design. */
    private static final double FARTHEST_ALONG = Lengths.inches(10);

    /** Step of the grid along the vehicle [m]. */
    private static final double STEP_ALONG = Lengths.inches(1);

    /** Step of the grid up and down [m]. */
    private static final double STEP_UP = Lengths.inches(0.25);

    /** Farthest move up or down [m]. */
    private static final double FARTHEST_UP = Lengths.inches(3);

    /** A change that is undone, and a step that is opened again, ask for the same. */
    private static final Recent<Asked, Optional<Remedy>> RECENT = new Recent<>();

    private static final double GRID_SLACK = 1e-9;

    /** Badness that a metre of moving has to win back, in band widths: keeps moves short. */
    private static final double PRICE_OF_A_METRE = 0.6;

    /** So many of the best moves are held against everything else. */
    private static final int ASSESSED = 10;

    /** Of the moves of one mount so many, so that another mount gets a turn. */
    private static final int OF_ONE_MOUNT = 4;

    /**
     * Looks for the best single move. Where toe is in question it is the one that the steering's own advice gives.
     *
     * @param resultId the result that is to come nearer to its band
     * @param goOn asked now and then; answering false gives up early with nothing found
     */
    public static Optional<Remedy> find(Vehicle vehicle, AxlePlace place, String resultId, BooleanSupplier goOn) {
        return find(vehicle, place, resultId, goOn, part -> {});
    }

    /**
     * Finds it, telling on the way how far the search is.
     *
     * @param told hears what part of it is done, from 0 to 1
     */
    public static Optional<Remedy> find(
            Vehicle vehicle, AxlePlace place, String resultId, BooleanSupplier goOn, DoubleConsumer told) {
        Asked asked = new Asked(vehicle, place, resultId);
        Optional<Optional<Remedy>> known = RECENT.of(asked);
        if (known.isPresent() && goOn.getAsBoolean()) {
            return known.get();
        }
        Optional<Remedy> found = new Search(vehicle, place, resultId, told).run(goOn);
        if (goOn.getAsBoolean()) {
            RECENT.keep(asked, found);
        }
        return found;
    }

    /** What a search is about. */
    private record Asked(Vehicle vehicle, AxlePlace place, String resultId) {}

    /** The move in words. */
    public Message move(Vehicle vehicle) {
        return MoveWords.of(vehicle, mount, by);
    }

    private static final class Search {
        /** The part of the work that moving mounts about is; holding the best against every step is the rest. */
        private static final double MOVING = 0.4;

        private final Vehicle vehicle;
        private final Axle axle;
        private final String resultId;
        private final Optional<Scorecard.Mark> before;
        private final double severityNow;
        private final double badnessNow;
        private final List<Move> moves = new ArrayList<>();
        private final DoubleConsumer told;

        /** A move that helps, by what it costs. */
        private record Move(MountRef mount, Vector3D by, Vehicle after, Scorecard.Mark mark, double cost) {}

        Search(Vehicle vehicle, AxlePlace place, String resultId, DoubleConsumer told) {
            this.vehicle = vehicle;
            this.told = told;
            this.resultId = resultId;
            axle = vehicle.axle(place).orElseThrow();
            Scorecard now = Scorecard.of(new AxleModel(vehicle, place));
            before = now.mark(resultId);
            severityNow = before.map(Scorecard.Mark::severity).orElse(0.0);
            badnessNow = now.badness();
        }

        Optional<Remedy> run(BooleanSupplier goOn) {
            if (before.filter(mark -> mark.result().kind() == ResultKind.TOE).isPresent()) {
                Optional<Remedy> steered = byTheSteeringsAdvice(goOn);
                if (steered.isPresent()) {
                    return steered;
                }
            }
            List<Mount> movable = movable();
            for (Mount mount : movable) {
                told.accept(MOVING * movable.indexOf(mount) / movable.size());
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
            return assessed(goOn);
        }

        /** Two steps must not offer different moves for one fault. */
        private Optional<Remedy> byTheSteeringsAdvice(BooleanSupplier goOn) {
            return SteeringOffer.of(vehicle, axle.place(), Lengths.inches(1.0 / 16), PickupAdvice.Room.USUAL, goOn)
                    .stream()
                    .filter(SteeringOffer::helps)
                    .findFirst()
                    .map(offer -> {
                        PickupAdvice choice = offer.choice();
                        Scorecard.Mark mark = Scorecard.of(new AxleModel(choice.after(), axle.place()))
                                .mark(resultId)
                                .orElseThrow();
                        return remedy(new Move(choice.mount(), choice.by(), choice.after(), mark, 0), offer.worse());
                    });
        }

        /** The best that makes nothing worse; where there is none, the best that is worth what it spoils. */
        private Optional<Remedy> assessed(BooleanSupplier goOn) {
            moves.sort(Comparator.comparingDouble(Move::cost));
            Map<String, Integer> tried = new HashMap<>();
            if (moves.isEmpty()) {
                return Optional.empty();
            }
            Optional<Assessment> now = Assessment.of(vehicle, goOn);
            if (now.isEmpty()) {
                return Optional.empty();
            }
            Remedy second = null;
            int looked = 0;
            for (Move move : moves) {
                if (looked == ASSESSED || tried.merge(move.mount().mount(), 1, Integer::sum) > OF_ONE_MOUNT) {
                    continue;
                }
                looked++;
                told.accept(MOVING + (1 - MOVING) * (looked - 1) / ASSESSED);
                Optional<Assessment> then = Assessment.of(move.after(), goOn);
                if (then.isEmpty()) {
                    return Optional.empty();
                }
                if (!then.get().betterThan(now.get())) {
                    continue;
                }
                Remedy remedy = remedy(move, then.get().worseThan(now.get()));
                if (remedy.worse().isEmpty()) {
                    return Optional.of(remedy);
                }
                second = second == null ? remedy : second;
            }
            return Optional.ofNullable(second);
        }

        private Remedy remedy(Move move, List<Fault> worse) {
            AxleModel model = new AxleModel(move.after(), axle.place());
            model.moveTo(before.orElseThrow().travel());
            double there = model.outcome(model.result(resultId)).number();
            return new Remedy(
                    move.mount(),
                    move.by(),
                    move.after(),
                    move.mark(),
                    there,
                    move.mark().severity() == 0,
                    worse);
        }

        /** Mounts of shocks, stops and straps alone change nothing but what is read off those. */
        private List<Mount> movable() {
            Set<String> sprung = new HashSet<>(axle.springing().mounts());
            axle.links().forEach(link -> List.of(link.from(), link.to()).forEach(sprung::remove));
            axle.joints().forEach(joint -> joint.mounts().forEach(sprung::remove));
            boolean ofShocks = axle.springing()
                    .names()
                    .contains(before.orElseThrow().result().subject());
            return axle.mounts().stream()
                    .filter(mount -> mount.canMove() && ofShocks == sprung.contains(mount.name()))
                    .toList();
        }

        private void attempt(Mount mount, Vector3D by) {
            double price = PRICE_OF_A_METRE * by.getNorm();
            if (price >= badnessNow || by.getNorm() < GRID_SLACK) {
                return;
            }
            MountRef ref = new MountRef(axle.place(), mount.name());
            Vector3D from = axle.position(mount.name(), vehicle.wheelbase());
            move(ref, by, MountMoves.moveTo(vehicle, ref, from.add(by)), price);
        }

        private void move(MountRef ref, Vector3D by, Vehicle moved, double price) {
            if (!VehicleCheck.sound(moved, axle.place())) {
                return;
            }
            Scorecard card = Scorecard.of(new AxleModel(moved, axle.place()));
            Scorecard.Mark mark = card.mark(resultId).orElseThrow();
            double cost = card.badness() + price;
            boolean helps = cost < badnessNow && mark.severity() < severityNow;
            if (helps && !VehicleCheck.hasErrors(VehicleCheck.findings(moved))) {
                moves.add(new Move(ref, by, moved, mark, cost));
            }
        }
    }
}
