package org.palanca.vehicle;

/**
 * The two straight rails of a ladder frame, as far as they help to see where mounts sit. Drawn, not computed with.
 *
 * @param front front end, forward of the front axle line positive [m]
 * @param rear rear end, behind the rear axle line positive [m]
 * @param bottom underside above the ground at ride [m]
 * @param top upper side above the ground at ride [m]
 * @param out outer face from the centreline [m]
 * @param width from outer to inner face [m]
 */
public record FrameRails(double front, double rear, double bottom, double top, double out, double width) {}
