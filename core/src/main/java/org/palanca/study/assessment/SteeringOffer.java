package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.palanca.base.words.Message;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * One way to set the inner pickups of the tie rods, held against every study of both axles.
 *
 * @param choice the way
 * @param worse what gets worse by it; empty where nothing does
 * @param helps whether everything together is better with it
 */
public record SteeringOffer(PickupAdvice choice, List<Fault> worse, boolean helps) {
    public SteeringOffer {
        worse = List.copyOf(worse);
    }

    /**
     * All ways that are worth a look: first those that make nothing worse, then those that mend more than they spoil, then the
     * rest; of each the one that steers least first.
     *
     * @param grid that pickups are set on [m]
     * @param goOn asked while each is held against everything; answering false gives back what was found so far
     */
    public static List<SteeringOffer> of(
            Vehicle vehicle, AxlePlace place, double grid, PickupAdvice.Room room, BooleanSupplier goOn) {
        List<PickupAdvice> choices = PickupAdvice.choices(vehicle, place, grid, room);
        List<SteeringOffer> offers = new ArrayList<>();
        Optional<Assessment> before = choices.isEmpty() ? Optional.empty() : Assessment.of(vehicle, goOn);
        if (before.isEmpty()) {
            return offers;
        }
        for (PickupAdvice choice : choices) {
            Optional<Assessment> after = Assessment.of(choice.after(), goOn);
            if (after.isEmpty()) {
                break;
            }
            List<Fault> worse = after.get().worseThan(before.get());
            offers.add(new SteeringOffer(choice, worse, after.get().betterThan(before.get())));
        }
        offers.sort(Comparator.comparingInt(SteeringOffer::rank));
        return List.copyOf(offers);
    }

    private int rank() {
        return !helps ? 2 : worse.isEmpty() ? 0 : 1;
    }

    /** The move, as in: 2 3/4 in up. */
    public Message move(Vehicle before) {
        return MoveWords.of(before, choice.mount(), choice.by());
    }

    /** What it does to toe, the rods and Ackermann, and what gets worse. */
    public Message said(Vehicle before) {
        AxlePlace place = choice.mount().axle();
        double tread = PickupAdvice.atTread(before, place, choice.then());
        Message does = choice.ackermann().isPresent()
                ? Message.of(
                        "steer.choice",
                        move(before),
                        Message.angle(choice.then()),
                        Message.fine(tread),
                        Message.length(choice.rod()),
                        Message.percent(choice.ackermann().orElseThrow()))
                : Message.of(
                        "steer.choice_toe_link",
                        move(before),
                        Message.angle(choice.then()),
                        Message.fine(tread),
                        Message.length(choice.rod()));
        return worse.isEmpty()
                ? does
                : Message.of("steer.choice_worse", does, worse.get(0).said());
    }

    /** How it is as it stands, in the same figures. */
    public Message now(Vehicle before) {
        AxlePlace place = choice.mount().axle();
        double tread = PickupAdvice.atTread(before, place, choice.before());
        return choice.ackermannBefore().isPresent()
                ? Message.of(
                        "steer.choice_now",
                        Message.angle(choice.before()),
                        Message.fine(tread),
                        Message.length(choice.rodBefore()),
                        Message.percent(choice.ackermannBefore().orElseThrow()))
                : Message.of(
                        "steer.choice_now_toe_link",
                        Message.angle(choice.before()),
                        Message.fine(tread),
                        Message.length(choice.rodBefore()));
    }
}
