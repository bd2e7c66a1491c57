package org.palanca.vehicle.bracket;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * The bracket of a mount, as rules make its plates.
 *
 * @param form what it is made of
 * @param seat what it is welded on; empty: the tube of the housing, for a mount on one
 * @param edge from the bolt's middle to the edge of the plate round it [m]; empty: one and a half bolts
 * @param foot how wide it is where it is welded [m]; empty: as wide as the rules make it
 * @param shift of the foot's middle beside the bolt [m]: of ears that stand upright ahead, or out where they stand across
 * @param bendRadius inside radius of a fold [m]; empty: the plate's thickness
 * @param kFactor where between the inside of a fold, 0, and its outside, 1, the metal keeps its length; empty: {@link #K_FACTOR}
 * @param material as it is ordered; empty text where nobody said
 * @param ears of a mount where no link is bolted; a link's are with its end
 * @param bolt which way it points where no link is bolted; empty: along the vehicle
 * @param locating whether a back plate has a tab that sits in a notch of each ear
 * @param out which way the bolt is drawn out; empty: nobody said
 * @param when it must come out
 */
public record Bracket(
        Form form,
        Optional<Seat> seat,
        OptionalDouble edge,
        OptionalDouble foot,
        double shift,
        OptionalDouble bendRadius,
        OptionalDouble kFactor,
        String material,
        Optional<Ears> ears,
        Optional<BoltWay> bolt,
        boolean locating,
        Optional<Way> out,
        ServiceMoment when) {
    /**
     * Of mild steel folded by a right angle: with it the flat is 0.64 of the thickness and 1.57 of the inside radius long
     * (Machinery's Handbook, from memory). Every press has its own: bend a trial and say what it gives.
     */
    public static final double K_FACTOR = 0.64 / (Math.PI / 2);

    /** From the middle of a hole to the edge in bolts: common practice, no source. */
    public static final double EDGE = 1.5;

    /** Ears a sixteenth of an inch wider than what is between them: common practice, no source. */
    public static final double SIDE_ROOM = Lengths.inches(1.0 / 16);

    /** What it is made of. */
    public enum Form {
        /** Two ears, each welded on by itself. */
        EARS,
        /** Two ears and a back between them: three pieces welded give the exact width. */
        CLEVIS,
        /** One piece, both ears folded up from its back: stronger. */
        FOLDED;

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Two ears of which nothing else is said. */
    public static final Bracket PLAIN = new Bracket(
            Form.EARS,
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            0,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            "",
            Optional.empty(),
            Optional.empty(),
            false,
            Optional.empty(),
            ServiceMoment.STANDS);

    public Bracket withForm(Form other) {
        return new Bracket(
                other, seat, edge, foot, shift, bendRadius, kFactor, material, ears, bolt, locating, out, when);
    }

    public Bracket withSeat(Optional<Seat> other) {
        return new Bracket(
                form, other, edge, foot, shift, bendRadius, kFactor, material, ears, bolt, locating, out, when);
    }

    public Bracket withEdge(OptionalDouble other) {
        return new Bracket(
                form, seat, other, foot, shift, bendRadius, kFactor, material, ears, bolt, locating, out, when);
    }

    public Bracket withFoot(OptionalDouble other) {
        return new Bracket(
                form, seat, edge, other, shift, bendRadius, kFactor, material, ears, bolt, locating, out, when);
    }

    public Bracket withShift(double other) {
        return new Bracket(
                form, seat, edge, foot, other, bendRadius, kFactor, material, ears, bolt, locating, out, when);
    }

    public Bracket withFold(OptionalDouble radius, OptionalDouble factor) {
        return new Bracket(form, seat, edge, foot, shift, radius, factor, material, ears, bolt, locating, out, when);
    }

    public Bracket withMaterial(String other) {
        return new Bracket(form, seat, edge, foot, shift, bendRadius, kFactor, other, ears, bolt, locating, out, when);
    }

    public Bracket withEars(Optional<Ears> other) {
        return new Bracket(
                form, seat, edge, foot, shift, bendRadius, kFactor, material, other, bolt, locating, out, when);
    }

    public Bracket withBolt(Optional<BoltWay> other) {
        return new Bracket(
                form, seat, edge, foot, shift, bendRadius, kFactor, material, ears, other, locating, out, when);
    }

    public Bracket withLocating(boolean other) {
        return new Bracket(form, seat, edge, foot, shift, bendRadius, kFactor, material, ears, bolt, other, out, when);
    }

    public Bracket withOut(Optional<Way> other, ServiceMoment moment) {
        return new Bracket(
                form, seat, edge, foot, shift, bendRadius, kFactor, material, ears, bolt, locating, other, moment);
    }
}
