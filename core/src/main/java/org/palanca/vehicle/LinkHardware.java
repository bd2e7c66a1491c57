package org.palanca.vehicle;

import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * Joint, insert and tube that the vehicle's links are made of unless a link says otherwise: a rod end with a right-hand thread
 * at its first mount, the frame's by custom, one with a left-hand thread at the other, so that turning the tube changes the
 * length by both pitches together. Lengths [m].
 *
 * @param name as it is ordered
 * @param eyeToShank centre of the ball to where the threaded shank begins
 * @param shank threaded length
 * @param thread its size; empty where that is not said
 * @param insertThread threaded length of the insert, from its outer face
 * @param insertShoulder thickness of the insert's shoulder that stays outside the tube
 * @param jamNut thickness of the jam nut
 * @param set thread exposed as it is set, jam nut included; empty: half-way between the jam nut against the insert and the
 *     thread's end
 * @param tubeDiameter outside
 * @param tubeWall wall thickness
 * @param adjustment wanted each way from the setting
 * @param plugs where tubes are plug-welded to their inserts; empty: they are not
 */
public record LinkHardware(
        String name,
        double eyeToShank,
        double shank,
        Optional<Thread> thread,
        double insertThread,
        double insertShoulder,
        double jamNut,
        OptionalDouble set,
        double tubeDiameter,
        double tubeWall,
        double adjustment,
        Optional<PlugWelds> plugs) {
    /**
     * 3 in shank, 1 1/2 in insert, set mid-way between the jam nut against the insert and the thread's end, 3/4 in
     * wanted each way: common practice, no source. The remaining sizes are ordinary for such a joint. That wish breaks the
     * rule that three quarters of the insert stay engaged.
     */
    public static final LinkHardware COMMON = new LinkHardware(
            "3 in shank, 1 1/2 in insert",
            Lengths.inches(1.375),
            Lengths.inches(3),
            Optional.empty(),
            Lengths.inches(1.5),
            Lengths.inches(0.25),
            Lengths.inches(0.5),
            OptionalDouble.empty(),
            Lengths.inches(2),
            Lengths.inches(0.25),
            Lengths.inches(0.75),
            Optional.empty());

    /**
     * The same joint for a vehicle that is begun: 3/4-16 (ASME B1.1 has it in its fine series, from memory), set in the middle
     * of what keeps three quarters of the insert engaged, and asked for no more than that gives: 5/8 in each way.
     */
    public static final LinkHardware STARTER = new LinkHardware(
            "3/4-16 joint, 3 in shank, 1 1/2 in insert",
            COMMON.eyeToShank,
            COMMON.shank,
            Optional.of(Thread.inch(Lengths.inches(0.75), 16)),
            COMMON.insertThread,
            COMMON.insertShoulder,
            COMMON.jamNut,
            OptionalDouble.of(COMMON.threaded(Hand.RIGHT).middleExposed()),
            COMMON.tubeDiameter,
            COMMON.tubeWall,
            Lengths.inches(0.625),
            Optional.empty());

    public LinkHardware withPlugs(Optional<PlugWelds> other) {
        return new LinkHardware(
                name,
                eyeToShank,
                shank,
                thread,
                insertThread,
                insertShoulder,
                jamNut,
                set,
                tubeDiameter,
                tubeWall,
                adjustment,
                other);
    }

    /** The end at a link's first mount, or at its second. */
    public LinkEnd end(boolean first) {
        return new LinkEnd(
                LinkEnd.Kind.ROD_END,
                name,
                OptionalDouble.of(eyeToShank),
                Optional.of(threaded(first ? Hand.RIGHT : Hand.LEFT)),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private ThreadedShank threaded(Hand hand) {
        return new ThreadedShank(shank, thread, hand, insertThread, insertShoulder, jamNut, set);
    }

    /** The tube between the ends. */
    public LinkTube tube() {
        return new LinkTube(tubeDiameter, tubeWall, "");
    }

    /** The end of a link at its first mount, or at its second: its own, or else this. */
    public LinkEnd end(Link link, boolean first) {
        return (first ? link.make().from() : link.make().to()).orElse(end(first));
    }

    /** The tube of a link: its own, or else this. */
    public LinkTube tube(Link link) {
        return link.make().tube().orElse(tube());
    }
}
