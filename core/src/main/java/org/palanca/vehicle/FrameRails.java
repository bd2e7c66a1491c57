package org.palanca.vehicle;

import java.util.List;
import java.util.Optional;

/**
 * The two rails of a ladder frame: straight, or from station to station where they kick up or draw in. Mounts sit on them, and
 * what moves may touch them.
 *
 * @param front front end, forward of the front axle line positive [m]
 * @param rear rear end, behind the rear axle line positive [m]
 * @param bottom underside above the ground at ride [m]
 * @param top upper side above the ground at ride [m]
 * @param out outer face from the centreline [m]
 * @param width from outer to inner face [m]
 * @param rearDrop how much lower they are above the rear axle than above the front one [m]; bottom and top are those above the
 *     front axle
 * @param section what they are in section; empty: not said, and taken as solid
 * @param stations where they bend, from the front: between these they are straight, and their ends are the first and the last;
 *     none: straight as said above
 */
public record FrameRails(
        double front,
        double rear,
        double bottom,
        double top,
        double out,
        double width,
        double rearDrop,
        Optional<RailSection> section,
        List<RailStation> stations) {
    public FrameRails {
        stations = List.copyOf(stations);
    }

    /** Level straight rails of which no section is said. */
    public FrameRails(double front, double rear, double bottom, double top, double out, double width) {
        this(front, rear, bottom, top, out, width, 0, Optional.empty(), List.of());
    }

    /** From under to upper side [m]. */
    public double depth() {
        return top - bottom;
    }

    /** How much lower straight ones are at a place along the vehicle than above the front axle [m]. */
    private double dropAt(double x, double wheelbase) {
        return rearDrop * -x / wheelbase;
    }

    /** From the front to the rear, at least two places, straight between each and the next. */
    public List<RailStation> line(double wheelbase) {
        if (stations.size() > 1) {
            return stations;
        }
        double back = -wheelbase - rear;
        return List.of(
                new RailStation(front, bottom - dropAt(front, wheelbase), out),
                new RailStation(back, bottom - dropAt(back, wheelbase), out));
    }

    /** The rails at a place along the vehicle; beyond an end as at that end. */
    public RailStation at(double x, double wheelbase) {
        List<RailStation> line = line(wheelbase);
        int behind = 1;
        while (behind < line.size() - 1 && x < line.get(behind).ahead()) {
            behind++;
        }
        RailStation front = line.get(behind - 1);
        RailStation back = line.get(behind);
        double part = (front.ahead() - x) / (front.ahead() - back.ahead());
        double along = Math.max(0, Math.min(1, part));
        return new RailStation(
                x,
                front.bottom() + along * (back.bottom() - front.bottom()),
                front.out() + along * (back.out() - front.out()));
    }

    /**
     * The rails let down, or lifted.
     *
     * @param atFront how much lower above the front axle [m]
     * @param atRear how much lower above the rear axle [m]
     * @param wheelbase [m]
     */
    public FrameRails lowered(double atFront, double atRear, double wheelbase) {
        return new FrameRails(
                front,
                rear,
                bottom - atFront,
                top - atFront,
                out,
                width,
                rearDrop + atRear - atFront,
                section,
                stations.stream()
                        .map(one -> new RailStation(
                                one.ahead(),
                                one.bottom() - atFront - (atRear - atFront) * -one.ahead() / wheelbase,
                                one.out()))
                        .toList());
    }

    public FrameRails withSection(Optional<RailSection> other) {
        return new FrameRails(front, rear, bottom, top, out, width, rearDrop, other, stations);
    }

    public FrameRails withStations(List<RailStation> other) {
        return new FrameRails(front, rear, bottom, top, out, width, rearDrop, section, other);
    }

    public FrameRails withEnds(double newFront, double newRear) {
        return new FrameRails(newFront, newRear, bottom, top, out, width, rearDrop, section, stations);
    }

    public FrameRails withHeights(double newBottom, double newTop, double newRearDrop) {
        return new FrameRails(front, rear, newBottom, newTop, out, width, newRearDrop, section, stations);
    }

    public FrameRails withFaces(double newOut, double newWidth) {
        return new FrameRails(front, rear, bottom, top, newOut, newWidth, rearDrop, section, stations);
    }
}
