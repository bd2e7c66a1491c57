package org.palanca.vehicle;

import java.util.List;

/**
 * One leaf spring that locates the axle and carries it.
 *
 * @param name unique within its axle
 * @param fixedEye mount of the eye that does not swing, on the frame
 * @param seat mount of the middle of its clamp, on the axle
 * @param shackleEye mount of the other eye, on its shackle
 * @param shacklePivot mount of the shackle's other end, on the frame
 * @param clamp length that the U-bolts hold straight [m]
 * @param rate of the whole spring upwards at the seat [N/m]
 * @param sideRate of each eye sideways, bushing and leaf together [N/m]
 */
public record LeafSpring(
        String name,
        String fixedEye,
        String seat,
        String shackleEye,
        String shacklePivot,
        double clamp,
        double rate,
        double sideRate) {
    /** All its mounts. */
    public List<String> mounts() {
        return List.of(fixedEye, seat, shackleEye, shacklePivot);
    }
}
