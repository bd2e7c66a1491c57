package org.palanca.vehicle;

/**
 * A point fixed to one body, where a link end is bolted.
 *
 * @param name unique within its axle
 * @param body the body it is fixed to: {@link #FRAME} or {@link #AXLE}
 * @param placement where it is at ride
 */
public record Mount(String name, String body, Placement placement) {
    /** The chassis, which stands still. */
    public static final String FRAME = "frame";

    /** The axle housing. */
    public static final String AXLE = "axle";

    public Mount withPlacement(Placement other) {
        return new Mount(name, body, other);
    }

    public boolean mirrored() {
        return placement instanceof Placement.MirrorOf;
    }
}
