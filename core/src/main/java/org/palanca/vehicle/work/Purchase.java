package org.palanca.vehicle.work;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the user knows of something that is bought.
 *
 * @param item which line of the bill of materials, such as {@code jam nut 3/4-16 left}
 * @param rack how many lie in the rack already
 * @param price of one, in the user's money; empty where it is not known
 * @param neededBy the day it must be there
 * @param keepsUntil the day it goes off: welding wire, adhesive, paint and rubber do
 */
public record Purchase(
        String item, int rack, OptionalDouble price, Optional<LocalDate> neededBy, Optional<LocalDate> keepsUntil) {
    /** Letters that the name of a thing has at most, as a file keeps it. */
    public static final int LONGEST = 300;

    /** Something of which nothing is known. */
    public static Purchase blank(String item) {
        return new Purchase(item, 0, OptionalDouble.empty(), Optional.empty(), Optional.empty());
    }

    /** Whether it goes off before it is needed. */
    public boolean goesOff() {
        return neededBy.isPresent()
                && keepsUntil.isPresent()
                && keepsUntil.get().isBefore(neededBy.get());
    }
}
