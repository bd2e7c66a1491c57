package org.palanca.floor.plate;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.work.IssuedPlate;

/**
 * A plate as it is ordered: one drawing, one number, one revision.
 *
 * @param part which one it is of the vehicle, such as {@code rear/lower frame/ear}; stays while the plate changes its shape
 * @param number as engraved, such as {@code P3}; both hands of a pair have one
 * @param revision its letter
 * @param hand which side it is for; empty where one piece serves both
 * @param count how many the vehicle takes
 * @param flat its drawing
 * @param mounts that it goes to
 * @param fingerprint eight letters that are others when its shape, thickness, holes or material are
 */
public record Plate(
        String part,
        String number,
        String revision,
        Optional<Side> hand,
        int count,
        FlatPart flat,
        List<MountRef> mounts,
        String fingerprint) {
    public Plate {
        mounts = List.copyOf(mounts);
    }

    /** What is engraved: number, hand and revision, such as {@code P3-L A}. */
    public String mark() {
        String side = hand.map(one -> one == Side.LEFT ? "-L" : "-R").orElse("");
        return number + side + " " + revision;
    }

    /** As files are named. */
    public String fileStem() {
        return mark().replace(' ', '-');
    }

    /** That its drawing went out on a day. */
    public IssuedPlate issued(LocalDate date) {
        return new IssuedPlate(part, number, revision, hand, count, fingerprint, date);
    }
}
