package org.palanca.floor.plate;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.geometry.Side;
import org.palanca.base.outline.Outline;
import org.palanca.vehicle.MountRef;

/**
 * A plate as it is cut, flat.
 *
 * @param mount whose bracket it belongs to
 * @param what it is
 * @param side which side of the vehicle it goes on; empty for one in the middle
 * @param count how many of it that bracket has
 * @param thickness [m]
 * @param material as it is ordered; empty text where nobody said
 * @param outline round it, as seen on the face that is marked [m]
 * @param openings holes in it
 * @param folds where it is folded
 * @param bevel by how much its foot stands off square to what it is welded on [rad]
 */
public record FlatPart(
        MountRef mount,
        What what,
        Optional<Side> side,
        int count,
        double thickness,
        String material,
        Outline outline,
        List<Opening> openings,
        List<FoldLine> folds,
        double bevel) {
    /** Density of steel [kg/m3]. */
    public static final double STEEL = 7850;

    /** Plates alike to this are one [m]. */
    private static final double SAME = 1e-5;

    public FlatPart {
        openings = List.copyOf(openings);
        folds = List.copyOf(folds);
    }

    /** What a plate is. */
    public enum What {
        EAR,
        /** The ear on the other side of the joint, where the two are not alike. */
        OTHER_EAR,
        BACK,
        /** Ears and back in one. */
        FOLDED;

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Its mass in steel [kg]. */
    public double mass() {
        double holes =
                openings.stream().mapToDouble(one -> one.outline().area()).sum();
        return (outline.area() - holes) * thickness * STEEL;
    }

    /** The same seen from behind. */
    public FlatPart mirrored() {
        return new FlatPart(
                mount,
                what,
                side.map(Side::opposite),
                count,
                thickness,
                material,
                outline.mirrored(),
                openings.stream()
                        .map(one -> new Opening(
                                across(one.centre()),
                                one.diameter(),
                                one.length(),
                                Math.PI - one.direction(),
                                one.bolt(),
                                one.role()))
                        .toList(),
                folds.stream()
                        .map(one -> new FoldLine(across(one.from()), across(one.to()), one.angle(), one.radius()))
                        .toList(),
                bevel);
    }

    private static Vector2D across(Vector2D at) {
        return new Vector2D(-at.getX(), at.getY());
    }

    /** Whether the same piece serves, laid as it is. */
    public boolean same(FlatPart other) {
        return alike(other) && outline.congruent(other.outline, SAME) && holesAlike(other);
    }

    /** Whether it is of one hand: the piece for the other side of the vehicle is another one. A flat plate can be turned over. */
    public boolean handed() {
        return !folds.isEmpty() && !same(mirrored());
    }

    /** Whether the same piece serves, turned over where it is flat. */
    public boolean serves(FlatPart other) {
        return same(other) || folds.isEmpty() && same(other.mirrored());
    }

    private boolean alike(FlatPart other) {
        return Math.abs(thickness - other.thickness) < SAME
                && material.equals(other.material)
                && folds.size() == other.folds.size()
                && openings.size() == other.openings.size()
                && Math.abs(bevel - other.bevel) < 1e-3;
    }

    /** Holes lie alike where each is as far from the corners of its own outline as its counterpart. */
    private boolean holesAlike(FlatPart other) {
        for (int i = 0; i < openings.size(); i++) {
            Opening mine = openings.get(i);
            boolean met = other.openings.stream()
                    .anyMatch(theirs -> Math.abs(mine.diameter() - theirs.diameter()) < SAME
                            && Math.abs(mine.length() - theirs.length()) < SAME
                            && Math.abs(outline.distance(mine.centre()) - other.outline.distance(theirs.centre()))
                                    < SAME);
            if (!met) {
                return false;
            }
        }
        return true;
    }
}
