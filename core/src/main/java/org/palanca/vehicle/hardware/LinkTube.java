package org.palanca.vehicle.hardware;

/**
 * The tube or bar between a link's ends.
 *
 * @param outside its diameter [m]
 * @param wall thickness [m]; half of the diameter for a solid bar
 * @param material as it is ordered; empty text where it is not said
 */
public record LinkTube(double outside, double wall, String material) {
    private static final double SAME = 1e-9;

    /** Whether nothing is hollow of it. */
    public boolean solid() {
        return wall >= outside / 2 - SAME;
    }
}
