package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.TapedTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * One link as it is made.
 *
 * @param axle where it goes
 * @param link which one
 * @param path its middle from pin to pin
 * @param from the end at its first mount
 * @param to the end at its second mount
 * @param tube what is between them
 * @param plugs where the tube is plug-welded to its inserts; empty where it is not
 */
public record LinkCut(
        Axle axle, Link link, BarPath path, EndCut from, EndCut to, LinkTube tube, Optional<PlugWelds> plugs) {
    /** The step that a fabricator asks about: 1/16 in [m]. */
    public static final double STEP = Lengths.INCH / 16;

    /** Every link of the vehicle that is a bar of its own, in the order of the file. */
    public static List<LinkCut> list(Vehicle vehicle) {
        List<LinkCut> cuts = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            for (Link link : axle.links()) {
                if (!axle.welded(link)) {
                    cuts.add(of(vehicle, axle, link));
                }
            }
        }
        return List.copyOf(cuts);
    }

    /** One link of a vehicle. */
    public static LinkCut of(Vehicle vehicle, Axle axle, Link link) {
        LinkHardware usual = vehicle.hardware();
        double adjustment = link.make().adjustment().orElse(usual.adjustment());
        return new LinkCut(
                axle,
                link,
                axle.path(link, vehicle.wheelbase()),
                end(vehicle, axle, link, true, adjustment),
                end(vehicle, axle, link, false, adjustment),
                usual.tube(link),
                usual.plugs());
    }

    private static EndCut end(Vehicle vehicle, Axle axle, Link link, boolean first, double adjustment) {
        LinkEnd made = vehicle.hardware().end(link, first);
        String mount = first ? link.from() : link.to();
        EndCut square = new EndCut(mount, made, adjustment, Math.PI / 2);
        if (!square.coped()) {
            return square;
        }
        Axle with = axle.withLinkage(axle.linkage().mapLinks(one -> one.name().equals(link.name()) ? link : one));
        for (JointBolts.End bolt : JointBolts.of(with, vehicle.wheelbase()).ends()) {
            if (bolt.link().equals(link.name()) && bolt.first() == first) {
                double along = Math.abs(bolt.direction().dotProduct(bolt.shank()));
                return new EndCut(mount, made, adjustment, Math.acos(Math.min(1, along)));
            }
        }
        return square;
    }

    /** Centre to centre of its joints, straight across [m]. */
    public double pinToPin() {
        return path.pinToPin();
    }

    /** How hard its bends make the bar work; empty of a straight one, which is only pushed and pulled. */
    public Optional<BentBar> bent() {
        return link.make()
                .shape()
                .filter(shape -> !shape.bends().isEmpty())
                .map(shape -> new BentBar(path, tube, shape.force()));
    }

    /** Both ends. */
    public List<EndCut> ends() {
        return List.of(from, to);
    }

    /**
     * The tube's length between the shoulders, before it is bent, as it follows from the pins, the bends and the ends [m]; not
     * positive when the ends alone are too long; empty where something of them is not known.
     */
    public OptionalDouble computed() {
        OptionalDouble one = from.tubeReach();
        OptionalDouble other = to.tubeReach();
        return one.isPresent() && other.isPresent()
                ? OptionalDouble.of(path.length() - one.getAsDouble() - other.getAsDouble())
                : OptionalDouble.empty();
    }

    /** What has to be known for the cut length and is not. */
    public List<Message> missing() {
        List<Message> all = new ArrayList<>(from.missing());
        all.addAll(to.missing());
        return all;
    }

    /** The tube as taped on the mock-up less as computed [m]. */
    public OptionalDouble apart() {
        OptionalDouble computed = computed();
        return link.make().taped().isPresent() && computed.isPresent()
                ? OptionalDouble.of(link.make().taped().get().length() - computed.getAsDouble())
                : OptionalDouble.empty();
    }

    /** Whether taped and computed length are too far apart and nobody has said which counts. */
    public boolean undecided() {
        return Math.abs(apart().orElse(0)) > TapedTube.AGREE + 1e-9
                && link.make().taped().flatMap(TapedTube::decision).isEmpty();
    }

    /**
     * The length to cut the tube to [m]: the taped one where that was decided for or where it is the only one, else the
     * computed one; empty where neither is known, or the two are too far apart and nobody has said which counts.
     */
    public OptionalDouble tubeLength() {
        if (undecided()) {
            return OptionalDouble.empty();
        }
        Optional<TapedTube> taped = link.make().taped();
        boolean decided = taped.flatMap(TapedTube::decision)
                .filter(TapedTube.Decision::taped)
                .isPresent();
        return taped.isPresent() && (decided || computed().isEmpty())
                ? OptionalDouble.of(taped.get().length())
                : computed();
    }

    /** Over the shoulders of both inserts, the tube between them [m]; the tube alone where there are none. Empty with its length. */
    public OptionalDouble overShoulders() {
        double shoulders = ends().stream()
                .mapToDouble(
                        end -> end.shank().map(ThreadedShank::insertShoulder).orElse(0.0))
                .sum();
        return tubeLength().isPresent()
                ? OptionalDouble.of(tubeLength().getAsDouble() + shoulders)
                : OptionalDouble.empty();
    }

    /** What to saw off the stock [m]: the tube, and at a coped end as far as its sides reach beyond its middle. */
    public OptionalDouble sawn() {
        double copes =
                ends().stream().mapToDouble(end -> end.beyond(tube.outside())).sum();
        return tubeLength().isPresent()
                ? OptionalDouble.of(tubeLength().getAsDouble() + copes)
                : OptionalDouble.empty();
    }

    /** Whether there is tube enough for both inserts; a link of unknown length is not known to have too little. */
    public boolean makeable() {
        return tubeLength().isEmpty() || tubeLength().getAsDouble() >= from.insertDepth() + to.insertDepth();
    }

    /** Length from pin to pin below which there is no tube left for both inserts [m]; empty where the ends are not known. */
    public OptionalDouble shortest() {
        OptionalDouble computed = computed();
        return computed.isPresent()
                ? OptionalDouble.of(pinToPin() - computed.getAsDouble() + from.insertDepth() + to.insertDepth())
                : OptionalDouble.empty();
    }

    /**
     * What a whole turn changes of the length from pin to pin [m]: of the tube where both ends are threaded, by both pitches
     * together where their hands differ and by their difference where not; of the one threaded end, unbolted, by its pitch.
     * Empty where a thread is not known or there is none.
     */
    public OptionalDouble perTurn() {
        Optional<ThreadedShank> one = from.shank();
        Optional<ThreadedShank> other = to.shank();
        if (one.isEmpty() && other.isEmpty()) {
            return OptionalDouble.empty();
        }
        Optional<Double> first = one.flatMap(ThreadedShank::thread).map(Thread::pitch);
        Optional<Double> second = other.flatMap(ThreadedShank::thread).map(Thread::pitch);
        if (one.isPresent() && first.isEmpty() || other.isPresent() && second.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (one.isEmpty() || other.isEmpty()) {
            return OptionalDouble.of(first.or(() -> second).orElseThrow());
        }
        return OptionalDouble.of(turnsInPlace() ? first.get() + second.get() : Math.abs(first.get() - second.get()));
    }

    /** Whether turning the tube with both ends bolted changes the length by both pitches: one end of either hand. */
    public boolean turnsInPlace() {
        return from.shank().isPresent()
                && to.shank().isPresent()
                && from.shank().get().hand() != to.shank().get().hand();
    }

    /** Turns for 1/16 in; empty where a turn changes nothing or is not known. */
    public OptionalDouble turnsForStep() {
        OptionalDouble per = perTurn();
        return per.isPresent() && per.getAsDouble() > 0
                ? OptionalDouble.of(STEP / per.getAsDouble())
                : OptionalDouble.empty();
    }

    /** An end and its insert go into straight tube: none can stand in a bend. */
    private Optional<Message> endOnStraight(EndCut end, double straight) {
        double needed = end.tubeReach().orElse(0) + end.insertDepth();
        return !path.straight() && straight < needed - 1e-9
                ? Optional.of(
                        Message.of("cut.bend_at_end", end.mount(), Message.length(straight), Message.length(needed)))
                : Optional.empty();
    }

    /**
     * What is wrong with it as it is made.
     *
     * @param paint on each surface [m]
     */
    public List<Message> faults(double paint) {
        List<Message> all = new ArrayList<>();
        if (!makeable()) {
            all.add(
                    shortest().isPresent()
                            ? Message.of(
                                    "cut.too_short",
                                    Message.length(pinToPin()),
                                    Message.length(shortest().getAsDouble()))
                            : Message.of("cut.taped_too_short"));
        }
        endOnStraight(from, path.straight(0)).ifPresent(all::add);
        endOnStraight(to, path.straight(path.bends())).ifPresent(all::add);
        bent().flatMap(BentBar::fault).ifPresent(all::add);
        for (EndCut end : ends()) {
            if (end.coped()
                    && end.end().reach().isPresent()
                    && end.cope(tube.outside()).isEmpty()) {
                all.add(Message.of(
                        "cut.tube_wider",
                        end.mount(),
                        Message.length(tube.outside()),
                        Message.length(2 * end.end().reach().getAsDouble()),
                        Message.angle(end.angle())));
            }
        }
        if (undecided()) {
            all.add(Message.of(
                    "cut.undecided",
                    Message.length(link.make().taped().orElseThrow().length()),
                    Message.length(computed().orElseThrow()),
                    Message.fine(Math.abs(apart().orElseThrow()))));
        }
        ends().stream()
                .filter(end -> end.shank().isPresent())
                .flatMap(end -> plugs.flatMap(holes -> holes.fault(tube.outside(), end.insertDepth())).stream())
                .findFirst()
                .ifPresent(all::add);
        // What is wrong with both ends alike is said once.
        List<Message> one = from.faults("", paint);
        List<Message> other = to.faults("", paint);
        List<Message> shared = from.faults(Message.of("cut.both_ends"), paint);
        for (int i = 0; i < one.size(); i++) {
            all.add(
                    other.contains(one.get(i))
                            ? shared.get(i)
                            : from.faults(from.mount(), paint).get(i));
        }
        for (int i = 0; i < other.size(); i++) {
            if (!one.contains(other.get(i))) {
                all.add(to.faults(to.mount(), paint).get(i));
            }
        }
        boolean sameHand = from.shank().isPresent() && to.shank().isPresent() && !turnsInPlace();
        if (sameHand) {
            all.add(Message.of("cut.same_hand"));
        }
        return all;
    }
}
