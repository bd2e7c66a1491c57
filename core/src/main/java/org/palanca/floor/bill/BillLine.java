package org.palanca.floor.bill;

import java.util.Locale;
import java.util.OptionalDouble;
import org.palanca.base.words.Message;
import org.palanca.vehicle.work.Purchase;

/**
 * One thing that is bought.
 *
 * @param item tells it from all others, in plain English: it is what a table of one's own says
 * @param kind what it is
 * @param what in words
 * @param count how many the vehicle takes
 * @param spare besides
 * @param mass of all that it takes, spares left out [kg]; empty where it is not known
 * @param own what the user knows of it
 */
public record BillLine(String item, Kind kind, Message what, int count, int spare, OptionalDouble mass, Purchase own) {
    /** What things are bought, in the order that they are listed in. */
    public enum Kind {
        JOINT,
        INSERT,
        JAM_NUT,
        TUBE,
        PLATE,
        BOLT,
        LOCK_NUT,
        WASHER,
        SHOCK,
        SPRING,
        PART;

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How many have to be bought: what lies in the rack is taken off. */
    public int toBuy() {
        return Math.max(0, count + spare - own.rack());
    }

    /** What these cost, in the user's money; empty where no price is known. */
    public OptionalDouble cost() {
        return own.price().isPresent()
                ? OptionalDouble.of(own.price().getAsDouble() * toBuy())
                : OptionalDouble.empty();
    }
}
