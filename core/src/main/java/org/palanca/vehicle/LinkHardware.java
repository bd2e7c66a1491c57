package org.palanca.vehicle;

import org.palanca.base.units.Lengths;

/**
 * Joint, insert and tube that the links are made of. Lengths [m].
 *
 * @param name as it is ordered
 * @param eyeToShank centre of the ball to where the threaded shank begins
 * @param shank threaded length
 * @param insertThread threaded length of the insert, from its outer face
 * @param insertShoulder thickness of the insert's shoulder that stays outside the tube
 * @param jamNut thickness of the jam nut
 * @param tubeDiameter outside
 * @param tubeWall wall thickness
 * @param adjustment wanted each way from the mid setting
 */
public record LinkHardware(
        String name,
        double eyeToShank,
        double shank,
        double insertThread,
        double insertShoulder,
        double jamNut,
        double tubeDiameter,
        double tubeWall,
        double adjustment) {
    /**
     * 3 in shank, 1 1/2 in insert, set mid-way between the jam nut against the insert and the thread's end, 3/4 in
     * wanted each way: common practice, no source. The remaining sizes are ordinary for such a joint.
     */
    public static final LinkHardware COMMON = new LinkHardware(
            "3 in shank, 1 1/2 in insert",
            Lengths.inches(1.375),
            Lengths.inches(3),
            Lengths.inches(1.5),
            Lengths.inches(0.25),
            Lengths.inches(0.5),
            Lengths.inches(2),
            Lengths.inches(0.25),
            Lengths.inches(0.75));
}
