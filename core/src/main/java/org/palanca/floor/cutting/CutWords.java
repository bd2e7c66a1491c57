package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.palanca.base.words.Message;

/** What is to be said of a link as it is made, beside its lengths. */
public final class CutWords {
    private CutWords() {}

    /** How its threads hold, and what a turn does; the same for both ends in one sentence where they hold alike. */
    public static List<Message> told(LinkCut cut) {
        List<Message> all = new ArrayList<>();
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
        OptionalDouble turns = cut.turnsForStep();
        if (turns.isPresent()) {
            String number = String.format(Locale.ROOT, "%.2f", turns.getAsDouble());
            all.add(
                    cut.turnsInPlace()
                            ? Message.of("cut.turns", number, flats(turns.getAsDouble()))
                            : Message.of("cut.turns_unbolted", number));
        } else if (!threaded.isEmpty()
                && threaded.stream()
                        .anyMatch(end -> end.shank().orElseThrow().thread().isEmpty())) {
            all.add(Message.of("cut.thread_unknown"));
        }
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

    private static String percent(ThreadEngagement engagement) {
        return Math.round(engagement.share() * 100) + " %";
    }

    /** Of a nut's six. */
    private static String flats(double turns) {
        return String.format(Locale.ROOT, "%.1f", 6 * turns);
    }
}
