package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.words.Message;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * One end of a link as it is set.
 *
 * @param mount where it is bolted
 * @param end what it is
 * @param adjustment wanted each way from its setting [m]
 * @param angle between the bar as it leaves the pin and the bolt [rad], no more than a right angle; counts where a sleeve lies
 *     across the tube
 */
public record EndCut(String mount, LinkEnd end, double adjustment, double angle) {
    private static final double EPSILON = 1e-9;

    /** A tube is set on a sleeve no more slanting than this [rad]. */
    private static final double SHARPEST = Math.toRadians(20);

    /** From the pin's centre to the tube's end as it is set [m]; empty where something for that is not known. */
    public OptionalDouble tubeReach() {
        if (end.kind() == LinkEnd.Kind.WELDED) {
            return OptionalDouble.of(end.reach().orElse(0));
        }
        if (end.kind() == LinkEnd.Kind.UNKNOWN
                || end.reach().isEmpty()
                || end.kind().threaded() && end.shank().isEmpty()) {
            return OptionalDouble.empty();
        }
        if (coped()) {
            if (angle < SHARPEST) {
                return OptionalDouble.empty();
            }
            return OptionalDouble.of(end.reach().getAsDouble() / Math.sin(angle));
        }
        return OptionalDouble.of(end.reach().getAsDouble()
                + shank().map(one -> one.exposed() + one.insertShoulder()).orElse(0.0));
    }

    /** Whether the tube's end is coped to a sleeve or cup that lies across it. */
    public boolean coped() {
        return end.kind() == LinkEnd.Kind.CUP || end.kind() == LinkEnd.Kind.BUSHING;
    }

    /**
     * How the tube is cut to close round its sleeve; empty of an end that is not coped, or whose sleeve is not known, narrower than
     * the tube or too slanting.
     *
     * @param tubeOutside of the tube [m]
     */
    public Optional<TubeCope> cope(double tubeOutside) {
        if (!coped() || end.reach().isEmpty()) {
            return Optional.empty();
        }
        TubeCope cope = new TubeCope(tubeOutside / 2, end.reach().getAsDouble(), angle, 0);
        return cope.closes(SHARPEST) ? Optional.of(cope) : Optional.empty();
    }

    /** How far the longest side of the tube reaches beyond where its middle meets the sleeve [m]; 0 where it is not coped. */
    public double beyond(double tubeOutside) {
        return cope(tubeOutside).map(cope -> cope.middle() - cope.nearest()).orElse(0.0);
    }

    /** Its thread, of a kind that has one. */
    public Optional<ThreadedShank> shank() {
        return end.shank().filter(one -> end.kind().threaded());
    }

    /** How deep the tube must be for its insert [m]. */
    public double insertDepth() {
        return shank().map(ThreadedShank::insertThread).orElse(0.0);
    }

    /** How the thread holds as it is set. */
    public Optional<ThreadEngagement> set() {
        return shank().map(one -> ThreadEngagement.at(one, 0));
    }

    /** How it holds turned out by what is wanted. */
    public Optional<ThreadEngagement> out() {
        return shank().map(one -> ThreadEngagement.at(one, adjustment));
    }

    /** How it holds turned in by what is wanted. */
    public Optional<ThreadEngagement> in() {
        return shank().map(one -> ThreadEngagement.at(one, -adjustment));
    }

    /** What has to be known for a cut length and is not. */
    public List<Message> missing() {
        List<Message> all = new ArrayList<>();
        if (end.kind() == LinkEnd.Kind.UNKNOWN) {
            all.add(Message.of("cut.missing.kind", mount));
            return all;
        }
        if (end.reach().isEmpty() && end.kind() != LinkEnd.Kind.WELDED) {
            all.add(Message.of(end.kind().threaded() ? "cut.missing.reach" : "cut.missing.sleeve", mount));
        }
        if (end.kind().threaded() && end.shank().isEmpty()) {
            all.add(Message.of("cut.missing.shank", mount));
        }
        if (coped() && angle < SHARPEST) {
            all.add(Message.of("cut.missing.slant", mount, Message.angle(angle), Message.angle(SHARPEST)));
        }
        return all;
    }

    /**
     * What is wrong with it: the wished adjustment breaks the rule or comes home, the ears do not take the joint, the bolt not
     * the hole.
     *
     * @param where it is, in words
     * @param paint on each surface [m]
     */
    List<Message> faults(Object where, double paint) {
        List<Message> all = new ArrayList<>();
        shank().ifPresent(one -> {
            double room = ThreadEngagement.outwardRoom(one);
            if (!out().orElseThrow().meetsRule()) {
                all.add(
                        room > 0
                                ? Message.of("cut.breaks_rule", where, Message.length(room))
                                : Message.of("cut.breaks_rule_as_set", where));
            }
            if (ThreadEngagement.inwardRoom(one) < adjustment - EPSILON) {
                all.add(Message.of(
                        "cut.comes_home", where, Message.length(Math.max(0, ThreadEngagement.inwardRoom(one)))));
            }
        });
        end.ears().ifPresent(ears -> {
            double tight = end.width().orElse(0) + 2 * paint - ears.gap();
            if (end.width().isPresent() && tight > EPSILON) {
                all.add(Message.of("cut.ears_tight", where, Message.fine(tight)));
            }
            if (ears.hole() < ears.bolt()) {
                all.add(Message.of("cut.hole_small", where, Message.fine(ears.hole()), Message.fine(ears.bolt())));
            }
        });
        return all;
    }

    /** Whether another end's thread is alike and set alike, but for its hand. */
    boolean holdsLike(EndCut other) {
        return shank().map(one -> one.withHand(Hand.RIGHT)).equals(other.shank().map(one -> one.withHand(Hand.RIGHT)))
                && adjustment == other.adjustment;
    }

    /** Play of the bolt in its hole, where the ears are described [m]. */
    public Optional<Double> play() {
        return end.ears().map(ears -> Math.max(0, ears.hole() - ears.bolt()));
    }

    /** Grip of the bolt: both ears and what is between them [m]. */
    public Optional<Double> grip() {
        return end.ears().map(EndCut::grip);
    }

    private static double grip(Ears ears) {
        return ears.gap() + 2 * ears.thickness();
    }
}
