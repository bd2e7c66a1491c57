package org.palanca.vehicle.housing;

import java.util.Locale;

/**
 * Something welded to a housing at an angle that matters, as an angle finder reads it at ride.
 *
 * @param name what the shop calls it
 * @param kind what it is
 * @param atRide caster for a knuckle; for the others the angle of the face against the level, positive the way the
 *     pinion's nose rises [rad]
 */
public record ClockedPart(String name, Kind kind, double atRide) {
    /** What is welded on. */
    public enum Kind {
        KNUCKLE,
        LINK_TAB,
        SPRING_PERCH,
        BRAKE_EAR,
        FILLER;

        /** The name in files and word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What the angle finder reads with the housing turned so that the pinion stands at another angle. Raising the pinion
     * takes caster away degree for degree, and turns every other face with it.
     *
     * @param pinionRide pinion angle at ride, nose up positive [rad]
     * @param pinion pinion angle as the housing lies now [rad]
     */
    public double reading(double pinionRide, double pinion) {
        double turned = pinion - pinionRide;
        return kind == Kind.KNUCKLE ? atRide - turned : atRide + turned;
    }
}
