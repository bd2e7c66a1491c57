package org.palanca.vehicle.housing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.palanca.base.words.Message;

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
 * @param fit how it goes together with its mate; where it is not known, a slip fit either way round is taken
 */
public record PurchasedPart(
        String name,
        String matesWith,
        OptionalInt bolts,
        OptionalDouble boltCircle,
        OptionalDouble pilot,
        OptionalDouble bore,
        Optional<String> thread,
        Optional<Hand> hand,
        Optional<Fit> fit) {
    /** How its pilot and bore meet those of the part it goes on. */
    public enum Fit {
        PRESS_IN(FitClass.PRESS, true),
        PRESS_OVER(FitClass.PRESS, false),
        SLIP_IN(FitClass.SLIP, true),
        SLIP_OVER(FitClass.SLIP, false),
        CLEAR_IN(FitClass.CLEAR, true),
        CLEAR_OVER(FitClass.CLEAR, false);

        private final FitClass fitted;
        private final boolean inside;

        Fit(FitClass fitted, boolean inside) {
            this.fitted = fitted;
            this.inside = inside;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The classes of fit with the room they leave, hole less shaft [m]: common practice, no source. */
    private enum FitClass {
        PRESS(-0.0001, 0),
        SLIP(0, 0.0002),
        CLEAR(0.0002, 0.0016);

        private final double least;
        private final double most;

        FitClass(double least, double most) {
            this.least = least;
            this.most = most;
        }

        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Half of a hundredth of a millimetre: finer than a size is typed [m]. */
    private static final double TYPED = 5e-6;

    /** Which way a thread turns. */
    public enum Hand {
        LEFT,
        RIGHT
    }

    /** Bolt circles that differ by more than this don't go together [m]: four thousandths of an inch. */
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
                Optional.empty(),
                Optional.empty());
    }

    public PurchasedPart withName(String other) {
        return new PurchasedPart(other, matesWith, bolts, boltCircle, pilot, bore, thread, hand, fit);
    }

    public PurchasedPart withMatesWith(String other) {
        return new PurchasedPart(name, other, bolts, boltCircle, pilot, bore, thread, hand, fit);
    }

    public PurchasedPart withBolts(OptionalInt other) {
        return new PurchasedPart(name, matesWith, other, boltCircle, pilot, bore, thread, hand, fit);
    }

    public PurchasedPart withBoltCircle(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, other, pilot, bore, thread, hand, fit);
    }

    public PurchasedPart withPilot(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, other, bore, thread, hand, fit);
    }

    public PurchasedPart withBore(OptionalDouble other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, other, thread, hand, fit);
    }

    public PurchasedPart withThread(Optional<String> other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, bore, other, hand, fit);
    }

    public PurchasedPart withHand(Optional<Hand> other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, bore, thread, other, fit);
    }

    public PurchasedPart withFit(Optional<Fit> other) {
        return new PurchasedPart(name, matesWith, bolts, boltCircle, pilot, bore, thread, hand, other);
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
        compareCircle(other, found);
        compareFit("parts.fit.pilot", pilot, other, other.pilot, found);
        compareFit("parts.fit.bore", bore, other, other.bore, found);
        if (thread.isPresent() && other.thread.isPresent() && !thread.equals(other.thread)) {
            found.add(Message.of("parts.thread", name, thread.get(), other.name, other.thread.get()));
        }
        if (hand.isPresent() && other.hand.isPresent() && hand.get() != other.hand.get()) {
            found.add(Message.of("parts.hand", name, other.name));
        }
    }

    private void compareCircle(PurchasedPart other, List<Message> found) {
        if (boltCircle.isPresent()
                && other.boltCircle.isPresent()
                && Math.abs(boltCircle.getAsDouble() - other.boltCircle.getAsDouble()) > DIFFERENT) {
            found.add(Message.of(
                    "parts.bolt_circle",
                    name,
                    Message.fine(boltCircle.getAsDouble()),
                    other.name,
                    Message.fine(other.boltCircle.getAsDouble())));
        }
    }

    private void compareFit(
            String which, OptionalDouble mine, PurchasedPart other, OptionalDouble theirs, List<Message> found) {
        if (mine.isEmpty() || theirs.isEmpty()) {
            return;
        }
        double larger = theirs.getAsDouble() - mine.getAsDouble();
        FitClass fitted = fit.map(one -> one.fitted).orElse(FitClass.SLIP);
        double room = fit.map(one -> one.inside ? larger : -larger).orElse(Math.abs(larger));
        if (room >= fitted.least - TYPED && room <= fitted.most + TYPED) {
            return;
        }
        found.add(Message.of(
                "parts.fit",
                name,
                Message.of(which),
                Message.fine(mine.getAsDouble()),
                other.name,
                Message.fine(theirs.getAsDouble()),
                Message.of(room < 0 ? "parts.fit.tight" : "parts.fit.loose", Message.fine(Math.abs(room))),
                Message.of("parts.fit." + fitted.id()),
                Message.fine(fitted.least),
                Message.fine(fitted.most)));
    }
}
