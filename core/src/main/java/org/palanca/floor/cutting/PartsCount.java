package org.palanca.floor.cutting;

import java.util.List;
import org.palanca.vehicle.LinkHardware;

/**
 * What has to lie on the bench before the first link is made, by hand of thread.
 *
 * @param links how many
 * @param tube length of tube in all, saw cuts included [m]
 * @param jointsEachHand joints, left-hand and right-hand alike
 * @param insertsEachHand inserts
 * @param jamNutsEachHand jam nuts without spares
 * @param spareJamNutsEachHand one of each hand: one short holds the job up
 */
public record PartsCount(
        int links,
        double tube,
        int jointsEachHand,
        int insertsEachHand,
        int jamNutsEachHand,
        int spareJamNutsEachHand) {
    /** Width of one saw cut [m]: 3 mm, an ordinary band or cold saw with its dressing; common practice, no source. */
    public static final double SAW_CUT = 0.003;

    /** Counts for these links, all made of the same hardware. */
    public static PartsCount of(List<LinkCut> cuts, LinkHardware hardware) {
        double tube = cuts.stream()
                .filter(cut -> cut.makeable(hardware))
                .mapToDouble(cut -> cut.tube() + SAW_CUT)
                .sum();
        int n = cuts.size();
        return new PartsCount(n, tube, n, n, n, n > 0 ? 1 : 0);
    }
}
