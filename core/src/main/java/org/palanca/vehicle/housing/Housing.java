package org.palanca.vehicle.housing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.palanca.base.geometry.Side;

/**
 * What the builder knows and has measured of one axle housing. Immutable.
 *
 * @param ends how it ends
 * @param school in which order it is welded
 * @param sizes lengths that are known [m]
 * @param benchPinion pinion angle as the housing lies on the bench, nose up positive [rad]
 * @param clocked what is welded on at an angle
 * @param left rounds of the dial at the left end, in the order taken
 * @param right rounds of the dial at the right end
 * @param accepted run-out at the bearing seat that the user accepts [m]
 * @param seat diameter of the bearing seat [m]
 * @param parts bought parts
 */
public record Housing(
        Ends ends,
        School school,
        Map<HousingSize, Double> sizes,
        double benchPinion,
        List<ClockedPart> clocked,
        List<DialReading> left,
        List<DialReading> right,
        double accepted,
        double seat,
        List<PurchasedPart> parts) {
    /** How a housing ends. */
    public enum Ends {
        BOLT_ON_FLANGE,
        BEARING_CUP,
        KNUCKLE;

        /** The name in files and word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Which comes first. Both are in use; say which was chosen. */
    public enum School {
        /** Brackets first, ends trued last after the heat. */
        BRACKETS_FIRST,
        /** Ends first, tabs and perches last, because the pinion angle is not known yet. */
        ENDS_FIRST;

        /** The name in files and word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A bearing seat of 3 in: an ordinary size, common practice, no source. */
    public static final double USUAL_SEAT = 3 * 0.0254;

    public Housing {
        sizes = Collections.unmodifiableMap(sizes.isEmpty() ? new EnumMap<>(HousingSize.class) : new EnumMap<>(sizes));
        clocked = List.copyOf(clocked);
        left = List.copyOf(left);
        right = List.copyOf(right);
        parts = List.copyOf(parts);
    }

    /** A housing of which nothing is known yet. */
    public static Housing empty() {
        return new Housing(
                Ends.BOLT_ON_FLANGE,
                School.ENDS_FIRST,
                Map.of(),
                0,
                List.of(),
                List.of(),
                List.of(),
                Straightness.ACCEPTED,
                USUAL_SEAT,
                List.of());
    }

    /** All its lengths. */
    public HousingSum sum() {
        return new HousingSum(sizes);
    }

    /** With a length known, or forgotten. */
    public Housing with(HousingSize size, OptionalDouble value) {
        EnumMap<HousingSize, Double> next = new EnumMap<>(HousingSize.class);
        next.putAll(sizes);
        value.ifPresentOrElse(metres -> next.put(size, metres), () -> next.remove(size));
        return new Housing(ends, school, next, benchPinion, clocked, left, right, accepted, seat, parts);
    }

    public Housing withEnds(Ends other) {
        return new Housing(other, school, sizes, benchPinion, clocked, left, right, accepted, seat, parts);
    }

    public Housing withSchool(School other) {
        return new Housing(ends, other, sizes, benchPinion, clocked, left, right, accepted, seat, parts);
    }

    public Housing withBenchPinion(double other) {
        return new Housing(ends, school, sizes, other, clocked, left, right, accepted, seat, parts);
    }

    public Housing withClocked(List<ClockedPart> other) {
        return new Housing(ends, school, sizes, benchPinion, other, left, right, accepted, seat, parts);
    }

    public Housing withAccepted(double other) {
        return new Housing(ends, school, sizes, benchPinion, clocked, left, right, other, seat, parts);
    }

    public List<DialReading> dial(Side side) {
        return side == Side.LEFT ? left : right;
    }

    /** With one round of the dial more at one end. */
    public Housing with(Side side, DialReading reading) {
        List<DialReading> next = new ArrayList<>(dial(side));
        next.add(reading);
        return withDial(side, next);
    }

    public Housing withDial(Side side, List<DialReading> other) {
        return new Housing(
                ends,
                school,
                sizes,
                benchPinion,
                clocked,
                side == Side.LEFT ? other : left,
                side == Side.RIGHT ? other : right,
                accepted,
                seat,
                parts);
    }

    public Housing withParts(List<PurchasedPart> other) {
        return new Housing(ends, school, sizes, benchPinion, clocked, left, right, accepted, seat, other);
    }
}
