package org.palanca.limits;

import java.util.ArrayList;
import java.util.List;
import org.palanca.clearance.ClearanceStudy;
import org.palanca.result.WheelTravel;
import org.palanca.words.Message;

/** Says what cycling the axle found: how far it goes and why no farther, what would help, and where it is tight. */
public final class CycleWords {
    private CycleWords() {}

    /** How far the axle goes one way, and what ends it. */
    public static Message end(TravelEnd end) {
        String way = end.way().id();
        return end.border()
                .map(border -> Message.of(
                        "cycle.end." + way,
                        Message.length(end.travel()),
                        Message.length(end.wanted()),
                        border.limit().what()))
                .orElseGet(() ->
                        Message.of("cycle.free." + way, Message.length(end.travel()), Message.length(end.wanted())));
    }

    /** What one change gives. */
    public static Message gain(Gain gain) {
        return gain.end()
                .border()
                .map(border -> Message.of(
                        "cycle.gain",
                        gain.what(),
                        Message.length(gain.end().travel()),
                        border.limit().what()))
                .orElseGet(() -> Message.of(
                        "cycle.gain_free",
                        gain.what(),
                        Message.length(gain.end().travel())));
    }

    /** How two things stand to one another where they come nearest. */
    public static Message tight(ClearanceStudy.Tight tight) {
        if (tight.atRide()) {
            return Message.of("cycle.at_ride", tight.one().name(), tight.other().name());
        }
        if (tight.touches()) {
            return Message.of(
                    "cycle.touch",
                    tight.one().name(),
                    tight.other().name(),
                    pose(tight.pose()),
                    Message.length(-tight.room()));
        }
        return Message.of(
                tight.missing() > 0 ? "cycle.tight" : "cycle.room",
                tight.one().name(),
                tight.other().name(),
                pose(tight.pose()),
                Message.length(tight.room()),
                Message.length(tight.wanted()));
    }

    /** A pose by the travel of both wheels and the lock. */
    public static Message pose(WheelTravel pose) {
        String lock = pose.steer() == 0 ? "" : pose.steer() > 0 ? ".left" : ".right";
        return Message.of("cycle.pose" + lock, Message.length(pose.left()), Message.length(pose.right()));
    }

    /** Ends that are short of the plan, the worst first, then the others. */
    public static List<TravelEnd> worstFirst(List<TravelEnd> ends) {
        List<TravelEnd> sorted = new ArrayList<>(ends);
        sorted.sort((a, b) -> Double.compare(b.wanted() - b.travel(), a.wanted() - a.travel()));
        return sorted;
    }
}
