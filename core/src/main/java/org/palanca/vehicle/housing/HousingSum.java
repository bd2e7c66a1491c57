package org.palanca.vehicle.housing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;

/**
 * All sizes of a housing that follow from those that are known, whichever they are. A sum in which one size is missing gives
 * it; a sum in which none is missing must be right, and is a contradiction where it is not. Source: plain addition along
 * the axle, common practice.
 */
public final class HousingSum {
    /** Typed fractions are good to this [m]: two halves of a sixty-fourth. */
    private static final double SLACK = Lengths.inches(1.0 / 64);

    private final Map<HousingSize, Double> known;
    private final Map<HousingSize, Double> all;
    private final Map<HousingSize, Step> steps = new LinkedHashMap<>();
    private final List<Contradiction> contradictions = new ArrayList<>();

    /**
     * How a size was had.
     *
     * @param size what was missing
     * @param from the other sizes of the sum with the factor each enters with, the missing one's being 1
     */
    public record Step(HousingSize size, Map<HousingSize, Double> from) {}

    /**
     * A sum that does not come out.
     *
     * @param given the sizes typed by the user that led to it
     * @param whole what should be the sum
     * @param off by how much the whole is larger than its parts [m]
     */
    public record Contradiction(Set<HousingSize> given, HousingSize whole, double off) {}

    /** @param known what the builder knows [m] */
    public HousingSum(Map<HousingSize, Double> known) {
        this.known = Collections.unmodifiableMap(copy(known));
        all = copy(known);
        boolean more = true;
        while (more) {
            more = false;
            for (HousingRelation relation : HousingRelation.ALL) {
                more |= complete(relation);
            }
        }
        for (HousingRelation relation : HousingRelation.ALL) {
            check(relation);
        }
    }

    private static Map<HousingSize, Double> copy(Map<HousingSize, Double> sizes) {
        EnumMap<HousingSize, Double> copy = new EnumMap<>(HousingSize.class);
        copy.putAll(sizes);
        return copy;
    }

    private boolean complete(HousingRelation relation) {
        HousingSize missing = null;
        double sum = 0;
        for (HousingSize size : relation.sizes()) {
            Double value = all.get(size);
            if (value != null) {
                sum += relation.factor(size) * value;
            } else if (missing != null) {
                return false;
            } else {
                missing = size;
            }
        }
        if (missing == null) {
            return false;
        }
        double own = relation.factor(missing);
        Map<HousingSize, Double> from = new LinkedHashMap<>();
        for (HousingSize size : relation.sizes()) {
            if (size != missing) {
                from.put(size, -relation.factor(size) / own);
            }
        }
        all.put(missing, -sum / own);
        steps.put(missing, new Step(missing, from));
        return true;
    }

    private void check(HousingRelation relation) {
        double off = 0;
        Set<HousingSize> given = new LinkedHashSet<>();
        for (HousingSize size : relation.sizes()) {
            if (!all.containsKey(size)) {
                return;
            }
            off -= relation.factor(size) * all.get(size);
            given.addAll(givenFor(size));
        }
        boolean said = contradictions.stream().anyMatch(other -> other.given().equals(given));
        if (Math.abs(off) > SLACK && !said) {
            contradictions.add(new Contradiction(given, relation.whole(), off));
        }
    }

    /** The sizes typed by the user that a size rests on. */
    private Set<HousingSize> givenFor(HousingSize size) {
        Set<HousingSize> given = new LinkedHashSet<>();
        Step step = steps.get(size);
        if (step == null) {
            given.add(size);
        } else {
            step.from().keySet().forEach(part -> given.addAll(givenFor(part)));
        }
        return given;
    }

    /** A size [m], typed or worked out; empty where too little is known. */
    public OptionalDouble size(HousingSize size) {
        Double value = all.get(size);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    public Map<HousingSize, Double> known() {
        return known;
    }

    /** How a size that was not typed was had; empty map where it was typed or is unknown. */
    public Map<HousingSize, Double> from(HousingSize size) {
        Step step = steps.get(size);
        return step == null ? Map.of() : step.from();
    }

    public List<Contradiction> contradictions() {
        return List.copyOf(contradictions);
    }

    /** What is wrong with the sums, in words: contradictions, and lengths that no tube can have. */
    public List<Message> faults() {
        List<Message> faults = new ArrayList<>();
        for (Contradiction found : contradictions) {
            faults.add(Message.of(
                    "housing.contradiction",
                    Message.of(name(found.whole())),
                    amount(Math.abs(found.off())),
                    Message.of(found.off() > 0 ? "housing.more" : "housing.less"),
                    names(found.given())));
        }
        all.forEach((size, value) -> {
            if (value < 0 && !size.signed()) {
                faults.add(Message.of(fault(size), Message.of(name(size)), amount(-value)));
            }
        });
        return faults;
    }

    /** In the fractions of a tape, unless they would round it away. */
    private static Object amount(double metres) {
        return metres < Lengths.inches(1.0 / 16) ? Message.fine(metres) : Message.length(metres);
    }

    private static String fault(HousingSize size) {
        return switch (size) {
            case TUBE_AND_END_LEFT, TUBE_AND_END_RIGHT, TUBE_LEFT, TUBE_RIGHT, BARE_LEFT, BARE_RIGHT ->
                "housing.narrower_than_centre";
            case CUT_OFF_LEFT, CUT_OFF_RIGHT -> "housing.too_short_already";
            case TUBE_CUT_OFF_LEFT, TUBE_CUT_OFF_RIGHT -> "housing.bought_too_short";
            case TUBE_INSIDE -> "housing.wall_too_thick";
            case RING_LEFT, RING_RIGHT -> "housing.cuts_overlap";
            case ENGAGED_LEFT, ENGAGED_RIGHT -> "housing.shaft_misses_gear";
            case FRAME_ROOM -> "housing.tyre_in_frame";
            default -> "housing.negative";
        };
    }

    private static Message names(Set<HousingSize> sizes) {
        return sizes.stream()
                .map(size -> Message.of(name(size)))
                .reduce((joined, name) -> Message.of("list.and", joined, name))
                .orElseThrow();
    }

    /** Word key of a size's name. */
    public static String name(HousingSize size) {
        return "housing.size." + size.id();
    }

    /** These sums with one size changed, the wheel faces where they are: what an offset moved does to all others. */
    public HousingSum with(HousingSize size, double value) {
        Map<HousingSize, Double> changed = copy(known);
        changed.put(size, value);
        return new HousingSum(changed);
    }
}
