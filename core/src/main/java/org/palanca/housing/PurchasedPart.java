package org.palanca.housing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.palanca.words.Message;

/**
 * A bought part and how it meets the part it is bolted to. What is not known is left out and not compared.
 *
 * @param name as ordered
 * @param matesWith name of the part it goes on; empty text for none
 * @param bolts how many
 * @param boltCircle diameter through the bolts' middles [m]
 * @param pilot diameter of the register that centres it [m]
 * @param bore diameter of the hole or of the shaft in it [m]
 * @param thread as stamped, such as 5/8-18
 * @param hand of the thread
 */
public record PurchasedPart(
        String name,
        String matesWith,
        OptionalInt bolts,
        OptionalDouble boltCircle,
        OptionalDouble pilot,
        OptionalDouble bore,
        Optional<String> thread,
        Optional<Hand> hand) {
    /** Which way a thread turns. */
    public enum Hand {
        LEFT,
        RIGHT
    }

    /** Diameters that differ by more than this don't go together [m]: four thousandths of an inch. */
    private static final double DIFFERENT = 0.0001;

    /** A part of which only the name is known. */
    public static PurchasedPart named(String name) {
        return new PurchasedPart(
                name,
                "",
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty());
    }

    public PurchasedPart withName(String other) {
        return new PurchasedPart(other, matesWith, bolts, boltCircle, pilot, bore, thread, hand);
    }

    public PurchasedPart withMatesWith(String other) {
        return new PurchasedPart(name, other, bolts, boltCircle, pilot, bore, thread, hand);
    }

    public PurchasedPart withBolts(OptionalInt other) {
        return new PurchasedPart(name, matesWith, other, boltCircle, pilot, bore, thread, hand);
    }

    public PurchasedPart withBoltCircle(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, other, pilot, bore, thread, hand);
    }

    public PurchasedPart withPilot(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, other, bore, thread, hand);
    }

    public PurchasedPart withBore(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, other, thread, hand);
    }

    public PurchasedPart withThread(Optional<String> other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, bore, other, hand);
    }

    public PurchasedPart withHand(Optional<Hand> other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, bore, thread, other);
    }

    /** Every way in which parts that should meet do not, named before anything is cut. */
    public static List<Message> mismatches(List<PurchasedPart> parts) {
        List<Message> found = new ArrayList<>();
        for (PurchasedPart part : parts) {
            if (part.matesWith().isEmpty()) {
                continue;
            }
            parts.stream()
                    .filter(other -> other.name().equals(part.matesWith()))
                    .findFirst()
                    .ifPresentOrElse(
                            other -> part.compare(other, found),
                            () -> found.add(Message.of("parts.mate_missing", part.name(), part.matesWith())));
        }
        return List.copyOf(found);
    }

    private void compare(PurchasedPart other, List<Message> found) {
        if (bolts.isPresent() && other.bolts.isPresent() && bolts.getAsInt() != other.bolts.getAsInt()) {
            found.add(Message.of(
                    "parts.bolts",
                    name,
                    Integer.toString(bolts.getAsInt()),
                    other.name,
                    Integer.toString(other.bolts.getAsInt())));
        }
        compare("parts.bolt_circle", boltCircle, other, other.boltCircle, found);
        compare("parts.pilot", pilot, other, other.pilot, found);
        compare("parts.bore", bore, other, other.bore, found);
        if (thread.isPresent() && other.thread.isPresent() && !thread.equals(other.thread)) {
            found.add(Message.of("parts.thread", name, thread.get(), other.name, other.thread.get()));
        }
        if (hand.isPresent() && other.hand.isPresent() && hand.get() != other.hand.get()) {
            found.add(Message.of("parts.hand", name, other.name));
        }
    }

    private void compare(
            String key, OptionalDouble mine, PurchasedPart other, OptionalDouble theirs, List<Message> found) {
        if (mine.isPresent() && theirs.isPresent() && Math.abs(mine.getAsDouble() - theirs.getAsDouble()) > DIFFERENT) {
            found.add(Message.of(
                    key, name, Message.fine(mine.getAsDouble()), other.name, Message.fine(theirs.getAsDouble())));
        }
    }
}
