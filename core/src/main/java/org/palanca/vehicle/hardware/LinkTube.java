package org.palanca.vehicle.hardware;

import java.util.OptionalDouble;

/**
 * The tube or bar between a link's ends.
 *
 * @param outside its diameter [m]
 * @param wall thickness [m]; half of the diameter for a solid bar
 * @param material as it is ordered; empty text where it is not said
 * @param yield stress at which it stays bent [Pa], as its maker says; empty where that is not known
 */
public record LinkTube(double outside, double wall, String material, OptionalDouble yield) {
    private static final double SAME = 1e-9;

    /** One whose yield is not known. */
    public LinkTube(double outside, double wall, String material) {
        this(outside, wall, material, OptionalDouble.empty());
    }

    /** Whether nothing is hollow of it. */
    public boolean solid() {
        return wall >= outside / 2 - SAME;
    }

    /** The same of another size; a wall that is too thick for it makes it solid. */
    public LinkTube withOutside(double other) {
        return new LinkTube(other, Math.min(wall, other / 2), material, yield);
    }

    public LinkTube withWall(double other) {
        return new LinkTube(outside, other, material, yield);
    }

    public LinkTube withMaterial(String other) {
        return new LinkTube(outside, wall, other, yield);
    }

    public LinkTube withYield(OptionalDouble other) {
        return new LinkTube(outside, wall, material, other);
    }

    /** What of its section is metal [m2]. */
    public double area() {
        double inside = outside - 2 * wall;
        return Math.PI / 4 * (outside * outside - inside * inside);
    }

    /** Second moment of area of its section [m4]. */
    public double secondMoment() {
        double inside = outside - 2 * wall;
        return Math.PI / 64 * (Math.pow(outside, 4) - Math.pow(inside, 4));
    }

    /** Section modulus [m3]: bending moment by this is the stress at its skin. */
    public double sectionModulus() {
        return 2 * secondMoment() / outside;
    }
}
