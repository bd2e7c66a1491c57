package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.ThreadEngagement;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * Whether a link's bolts slide in without force, the axle held where it belongs and the mounts where they were found: the
 * distance of its pins as built against its length as made, the play of the bolts in their holes, and what its threads take up.
 * A mount that was not read back stands where the plan has it.
 *
 * @param link its name
 * @param made from pin to pin as it is made and set [m]
 * @param built from pin to pin as the mounts were found [m]
 * @param play by how much the bolts may stand off the middles of their holes, both ends together [m]; 0 where no ears are described
 * @param deviation standard deviation of the distance as built [m]
 * @param unread the mount of the two that was not read back, and is taken to stand where the plan has it; empty where both were
 * @param turns of the tube, or of the one threaded end, that it takes, longer positive; empty where the thread is not named
 * @param verdict what follows
 */
public record BoltFit(
        String link,
        double made,
        double built,
        double play,
        double deviation,
        Optional<String> unread,
        OptionalDouble turns,
        Verdict verdict) {
    /** So many standard deviations a difference must be for a tape to have told it. */
    private static final double TOLD = 2;

    /** What follows for whoever puts the bolt in. */
    public enum Verdict {
        /** It slides in. */
        FREE,
        /** It slides in once the link is turned to length, which keeps its threads engaged. */
        TURN,
        /** Not as it stands: no thread takes the difference up, or not within what must stay engaged. */
        FORCED,
        /** It may be either: the tape can't tell so little. */
        UNSURE
    }

    /** The links of an axle with a mount that was read back, in the order of the file. */
    public static List<BoltFit> of(Vehicle vehicle, AxlePlace place) {
        Set<String> bolted = new HashSet<>();
        vehicle.axle(place)
                .ifPresent(axle -> axle.links().forEach(link -> bolted.addAll(List.of(link.from(), link.to()))));
        Map<String, Adjustment> found = new HashMap<>();
        for (MountReadings readings : vehicle.build().found()) {
            if (readings.mount().axle() == place
                    && readings.placed()
                    && bolted.contains(readings.mount().mount())) {
                MountAsBuilt.placed(vehicle, readings)
                        .ifPresent(one -> found.put(readings.mount().mount(), one));
            }
        }
        List<BoltFit> all = new ArrayList<>();
        for (LinkCut cut : LinkCut.list(vehicle)) {
            boolean read = found.containsKey(cut.link().from())
                    || found.containsKey(cut.link().to());
            if (cut.axle().place() == place && read) {
                all.add(of(vehicle, cut, found));
            }
        }
        return List.copyOf(all);
    }

    private static BoltFit of(Vehicle vehicle, LinkCut cut, Map<String, Adjustment> found) {
        Vector3D from = at(vehicle, cut.axle(), cut.link().from(), found);
        Vector3D to = at(vehicle, cut.axle(), cut.link().to(), found);
        Vector3D along = to.subtract(from);
        double variance = 0;
        for (String mount : List.of(cut.link().from(), cut.link().to())) {
            Adjustment one = found.get(mount);
            variance += one == null ? 0 : Math.pow(one.deviation(mount, along.normalize()), 2);
        }
        // A tube that is cut otherwise than computed makes another link.
        double made = cut.pinToPin()
                + cut.tubeLength().orElse(cut.computed().orElse(0))
                - cut.computed().orElse(cut.tubeLength().orElse(0));
        double play = cut.ends().stream()
                .mapToDouble(end -> end.play().orElse(0.0) / 2)
                .sum();
        double off = along.getNorm() - made;
        double deviation = Math.sqrt(variance);
        OptionalDouble per = cut.perTurn();
        boolean turned = per.isPresent() && per.getAsDouble() > 0;
        return new BoltFit(
                cut.link().name(),
                made,
                along.getNorm(),
                play,
                deviation,
                Stream.of(cut.link().from(), cut.link().to())
                        .filter(mount -> !found.containsKey(mount))
                        .findFirst(),
                turned ? OptionalDouble.of(off / per.getAsDouble()) : OptionalDouble.empty(),
                verdict(cut, off, play, deviation));
    }

    private static Verdict verdict(LinkCut cut, double off, double play, double deviation) {
        if (Math.abs(off) <= play) {
            return Verdict.FREE;
        }
        if (Math.abs(off) - play < TOLD * deviation) {
            return Verdict.UNSURE;
        }
        return takesUp(cut, off) ? Verdict.TURN : Verdict.FORCED;
    }

    /** Whether the threads take a difference up, each by its pitch, with the rule kept and the jam nuts clear of the inserts. */
    private static boolean takesUp(LinkCut cut, double off) {
        List<ThreadedShank> shanks =
                cut.ends().stream().flatMap(end -> end.shank().stream()).toList();
        boolean stuck =
                shanks.size() == 2 && cut.perTurn().isPresent() && cut.perTurn().getAsDouble() == 0;
        if (shanks.isEmpty() || stuck) {
            return false;
        }
        double pitches = shanks.stream().mapToDouble(BoltFit::pitch).sum();
        return shanks.stream().allMatch(shank -> {
            double share = off * pitch(shank) / pitches;
            return share <= ThreadEngagement.outwardRoom(shank) && -share <= ThreadEngagement.inwardRoom(shank);
        });
    }

    /** Of a thread that is not named as if all were alike. */
    private static double pitch(ThreadedShank shank) {
        return shank.thread().map(Thread::pitch).orElse(1.0);
    }

    private static Vector3D at(Vehicle vehicle, Axle axle, String mount, Map<String, Adjustment> found) {
        return Optional.ofNullable(found.get(mount))
                .map(one -> one.place(mount))
                .orElseGet(() -> axle.position(mount, vehicle.wheelbase()));
    }

    /** How much farther apart the pins are as built than the link is long; negative: nearer [m]. */
    public double off() {
        return built - made;
    }

    /** In words, with what was not read. */
    public Message said() {
        return unread.map(mount -> Message.of("bolt_fit.unread", judged(), mount))
                .orElseGet(this::judged);
    }

    private Message judged() {
        Message way = Message.of(off() > 0 ? "bolt_fit.apart" : "bolt_fit.near");
        Message by = Message.of("bolt_fit.by", Message.fine(Math.abs(off())), way);
        return switch (verdict) {
            case FREE -> Message.of("bolt_fit.free", link, by, Message.fine(play));
            case UNSURE -> Message.of("bolt_fit.unsure", link, by, Message.fine(deviation));
            case TURN ->
                turns.isPresent()
                        ? Message.of(
                                "bolt_fit.turn",
                                link,
                                by,
                                String.format(Locale.ROOT, "%.2f", Math.abs(turns.getAsDouble())),
                                Message.of(off() > 0 ? "bolt_fit.longer" : "bolt_fit.shorter"))
                        : Message.of(
                                "bolt_fit.turn_some",
                                link,
                                by,
                                Message.of(off() > 0 ? "bolt_fit.longer" : "bolt_fit.shorter"));
            case FORCED -> Message.of("bolt_fit.forced", link, by, Message.fine(Math.abs(off()) - play));
        };
    }
}
