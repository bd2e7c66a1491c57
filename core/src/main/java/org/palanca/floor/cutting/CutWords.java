package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarPath;

/** What is to be said of a link as it is made, beside its lengths. */
public final class CutWords {
    private CutWords() {}

    /**
     * How its threads hold, and what a turn does; the same for both ends in one sentence where they hold alike. Of a bent bar
     * first what its bends make it bear, and how it turns about its pins.
     */
    public static List<Message> told(Vehicle vehicle, LinkCut cut) {
        List<Message> all = new ArrayList<>();
        cut.bent().ifPresent(bar -> all.addAll(bent(vehicle, cut, bar)));
        List<EndCut> threaded =
                cut.ends().stream().filter(end -> end.shank().isPresent()).toList();
        boolean alike = threaded.size() == 2 && cut.from().holdsLike(cut.to());
        for (EndCut end : alike ? threaded.subList(0, 1) : threaded) {
            String share = percent(end.set().orElseThrow());
            String out = percent(end.out().orElseThrow());
            String in = percent(end.in().orElseThrow());
            all.add(
                    alike
                            ? Message.of("cut.holds", share, Message.length(end.adjustment()), out, in)
                            : Message.of(
                                    "cut.holds_at", end.mount(), share, Message.length(end.adjustment()), out, in));
        }
        turns(cut).ifPresent(all::add);
        for (EndCut end : cut.ends()) {
            end.grip()
                    .ifPresent(grip -> all.add(Message.of(
                            "cut.grip",
                            end.mount(),
                            Message.fine(grip),
                            Message.fine(end.play().orElseThrow()))));
        }
        return all;
    }

    /** What a turn changes, or that it is not known; empty of a link without threads. */
    public static Optional<Message> turns(LinkCut cut) {
        OptionalDouble turns = cut.turnsForStep();
        if (turns.isPresent()) {
            String number = String.format(Locale.ROOT, "%.2f", turns.getAsDouble());
            return Optional.of(
                    cut.turnsInPlace()
                            ? Message.of("cut.turns", number, flats(turns.getAsDouble()))
                            : Message.of("cut.turns_unbolted", number));
        }
        boolean unnamed = cut.ends().stream()
                .flatMap(end -> end.shank().stream())
                .anyMatch(shank -> shank.thread().isEmpty());
        return unnamed ? Optional.of(Message.of("cut.thread_unknown")) : Optional.empty();
    }

    /** Where each bend begins on the tube and how far it goes, for the bender; none of a straight bar. */
    public static List<Message> bends(LinkCut cut) {
        List<Message> all = new ArrayList<>();
        BarPath path = cut.path();
        OptionalDouble reach = cut.from().tubeReach();
        for (int i = 0; i < path.bends(); i++) {
            boolean back = i > 0 && path.angle(i) * path.angle(0) < 0;
            all.add(Message.of(
                    reach.isPresent() ? "cut.bend" : "cut.bend_from_pin",
                    Integer.toString(i + 1),
                    new Message.Measure(Math.abs(path.angle(i)), Quantity.ANGLE),
                    Message.of(back ? "cut.bend_back" : "cut.bend_on"),
                    Message.length(path.start(i) - reach.orElse(0)),
                    cut.from().mount(),
                    Message.length(path.bend(i).radius())));
        }
        return all;
    }

    private static List<Message> bent(Vehicle vehicle, LinkCut cut, BentBar bar) {
        List<Message> all = new ArrayList<>();
        Message.Measure off = Message.length(bar.offset());
        all.add(Message.of("cut.bent_off", off, String.format(Locale.ROOT, "%.1f", bar.times())));
        all.add(Message.of("cut.bent_or_stepped", off));
        all.add(bears(bar));
        BarTurn.of(vehicle, cut.axle(), cut.link())
                .ifPresent(turn -> all.add(
                        turn.held()
                                ? Message.of("cut.bent_held")
                                : Message.of(
                                        "cut.bent_turns",
                                        new Message.Measure(turn.free(vehicle, cut.axle(), 1), Quantity.ANGLE),
                                        new Message.Measure(turn.free(vehicle, cut.axle(), -1), Quantity.ANGLE))));
        return all;
    }

    /** What it bears at the force that is stated; what is missing to judge it by is said. */
    private static Message bears(BentBar bar) {
        if (bar.pushed().isEmpty()) {
            return Message.of("cut.bent_no_force");
        }
        Message.Measure force = new Message.Measure(bar.force().getAsDouble(), Quantity.FORCE);
        Message.Measure pulled = new Message.Measure(bar.pulled().getAsDouble(), Quantity.STRESS);
        Message.Measure pushed = new Message.Measure(bar.pushed().getAsDouble(), Quantity.STRESS);
        return bar.safety().isPresent()
                ? Message.of(
                        "cut.bent_safety",
                        force,
                        pulled,
                        pushed,
                        String.format(Locale.ROOT, "%.1f", bar.safety().getAsDouble()))
                : Message.of("cut.bent_no_yield", force, pulled, pushed);
    }

    private static String percent(ThreadEngagement engagement) {
        return Math.round(engagement.share() * 100) + " %";
    }

    /** Of a nut's six. */
    private static String flats(double turns) {
        return String.format(Locale.ROOT, "%.1f", 6 * turns);
    }
}
