package org.palanca.study.limits;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.travel.TravelBounds;
import org.palanca.study.travel.WorstPose;

/** Says what cycling the axle found: how far it goes and why no farther, what would help, and where it is tight. */
public final class CycleWords {
    private CycleWords() {}

    /** How far the axle goes one way, and what ends it. */
    public static Message end(TravelEnd end) {
        String way = end.way().id();
        Object travel = travel(end);
        Message.Measure wanted = Message.length(end.wanted());
        Message said = end.border().isEmpty() || end.verdict() == TravelEnd.Verdict.UNBOUNDED
                ? Message.of("cycle.unbounded." + way, Message.length(end.travel()), wanted)
                : Message.of(
                        "cycle.end." + way,
                        travel,
                        wanted,
                        end.border().get().limit().what());
        return switch (end.verdict()) {
            case AS_WANTED, UNBOUNDED -> said;
            case SHORT -> end.leavesOut().isEmpty() ? said : Message.of("cycle.without", said);
            case ON_THE_SHOCK ->
                Message.of(end.way() == TravelEnd.Way.DOWN ? "cycle.hangs_on_shock" : "cycle.on_the_shock", said);
            case MEETS_FIRST -> Message.of("cycle.meets_first", said);
            case OVERLAPS -> Message.of("cycle.without", said);
        };
    }

    /** How far it goes: as finely as it takes to tell it from what is wanted, where that is missed. */
    public static Object travel(TravelEnd end) {
        return end.reached() ? Message.length(end.travel()) : Message.length(end.travel(), end.wanted());
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
                    Message.length(-tight.room(), 0));
        }
        return Message.of(
                tight.missing() > 0 ? "cycle.tight" : "cycle.room",
                tight.one().name(),
                tight.other().name(),
                pose(tight.pose()),
                Message.length(tight.room(), tight.wanted()),
                Message.length(tight.wanted()));
    }

    /** A pose by the travel of both wheels and the lock. */
    public static Message pose(WheelTravel pose) {
        String lock = pose.steer() == 0 ? "" : pose.steer() > 0 ? ".left" : ".right";
        if (pose.left() == 0 && pose.right() == 0) {
            return Message.of("cycle.pose.ride" + lock);
        }
        return Message.of("cycle.pose" + lock, Message.length(pose.left()), Message.length(pose.right()));
    }

    /** Ends that are not as wanted first, of those the one that lacks most, then the others. */
    public static List<TravelEnd> worstFirst(List<TravelEnd> ends) {
        List<TravelEnd> sorted = new ArrayList<>(ends);
        sorted.sort(Comparator.comparing(TravelEnd::reached)
                .thenComparing(TravelEnd::asWanted)
                .thenComparingDouble(end -> -end.missing()));
        return sorted;
    }

    /** What a worst pose is bounded by, or that nothing bounds it. */
    public static Message bounds(WorstPose pose) {
        boolean rises = pose.pose().left() > 0 || pose.pose().right() > 0;
        boolean falls = pose.pose().left() < 0 || pose.pose().right() < 0;
        Message up = bound(rises, pose.up(), "up");
        Message down = bound(falls, pose.down(), "down");
        if (rises && falls) {
            return Message.of("cycle.bounds_both", up, down);
        }
        return rises ? up : down;
    }

    private static Message bound(boolean asked, Optional<TravelBounds.Bound> bound, String way) {
        return asked && bound.isPresent()
                ? Message.of("limit." + bound.get().kind().id(), bound.get().name())
                : Message.of("cycle.nothing_bounds_" + way);
    }
}
