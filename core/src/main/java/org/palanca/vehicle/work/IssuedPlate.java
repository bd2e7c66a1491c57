package org.palanca.vehicle.work;

import java.time.LocalDate;
import java.util.Optional;
import org.palanca.base.geometry.Side;

/**
 * A plate whose drawing went out to be cut, so that an old one is known for what it is.
 *
 * @param part which one it is of the vehicle, such as {@code rear/lower frame/ear}
 * @param number as engraved, such as {@code P3}
 * @param revision its letter, A first
 * @param hand which side it is for; empty where one piece serves both
 * @param count how many the vehicle took
 * @param fingerprint of its shape, thickness, holes and material
 * @param date when its drawing went out
 */
public record IssuedPlate(
        String part,
        String number,
        String revision,
        Optional<Side> hand,
        int count,
        String fingerprint,
        LocalDate date) {
    /** Whether both are of one part and one hand. */
    public boolean samePiece(IssuedPlate other) {
        return part.equals(other.part) && hand.equals(other.hand);
    }
}
