package org.palanca.vehicle;

/**
 * The two straight rails of a ladder frame, as far as they help to see where mounts sit, and what may touch them.
 *
 * @param front front end, forward of the front axle line positive [m]
 * @param rear rear end, behind the rear axle line positive [m]
 * @param bottom underside above the ground at ride [m]
 * @param top upper side above the ground at ride [m]
 * @param out outer face from the centreline [m]
 * @param width from outer to inner face [m]
 * @param rearDrop how much lower they are above the rear axle than above the front one [m]; bottom and top are those above the
 *     front axle
 */
public record FrameRails(
        double front, double rear, double bottom, double top, double out, double width, double rearDrop) {
    /** Level rails. */
    public FrameRails(double front, double rear, double bottom, double top, double out, double width) {
        this(front, rear, bottom, top, out, width, 0);
    }

    /** How much lower they are at a place along the vehicle than above the front axle [m]. */
    public double dropAt(double x, double wheelbase) {
        return rearDrop * -x / wheelbase;
    }

    /**
     * The rails let down, or lifted.
     *
     * @param front how much lower above the front axle [m]
     * @param rear how much lower above the rear axle [m]
     */
    public FrameRails lowered(double front, double rear) {
        return new FrameRails(this.front, this.rear, bottom - front, top - front, out, width, rearDrop + rear - front);
    }
}
