package org.palanca.floor.plate;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Outline;

/**
 * A hole in a plate for a bolt.
 *
 * @param centre its middle [m]
 * @param diameter across it, of a slot from flank to flank [m]
 * @param length of a slot from end to end [m]; the diameter for a round hole
 * @param direction that a slot runs in [rad]
 * @param bolt that goes through it [m]
 * @param role what it is for
 */
public record Opening(Vector2D centre, double diameter, double length, double direction, double bolt, Role role) {
    /** What a hole is for. */
    public enum Role {
        /** It says where the part is: its bolt fits closely. */
        LOCATES,
        /** Its bolt has room every way. */
        FLOATS,
        /** Its bolt has room along it. */
        SLOT;

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A round one. */
    public static Opening round(Vector2D centre, double diameter, double bolt, Role role) {
        return new Opening(centre, diameter, diameter, 0, bolt, role);
    }

    /** What is cut out. */
    public Outline outline() {
        return role == Role.SLOT
                ? Outline.slot(centre, diameter, length, direction)
                : Outline.circle(centre, diameter / 2);
    }
}
