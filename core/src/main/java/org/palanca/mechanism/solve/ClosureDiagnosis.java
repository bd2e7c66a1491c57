package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Member;
import org.palanca.mechanism.Rod;

/**
 * Why a mechanism does not close: for each bar and driver that may be to blame, everything else is held and that one is let
 * go; what it then lacks at best is its gap. A gap is named only after the bar was changed by it, or the driver held back by
 * it, and the mechanism closed. A bar that does not even fit in the design pose comes first, since it is the one that was
 * changed; then the smallest gap, which is the cheapest to mend.
 *
 * @param gaps of every bar or driver whose change alone lets the rest close, likeliest first
 * @param between where no single change does: the bars that stand in each other's way most, likeliest first
 * @param freedoms what is free, loose and blocked at the last pose that closed
 * @param blocking what is blocked there of that which was asked for; then no single change is looked for
 */
public record ClosureDiagnosis(
        List<Gap> gaps, List<String> between, Mobility freedoms, List<Mobility.Blocked> blocking) {
    /** A member that misses its length by more than this in the design pose does not fit there [m]. */
    private static final double FITS = 1e-6;

    /**
     * Just reaching is a dead point, at which nothing closes with certainty: so much more is added, the least that serves
     * [m or rad].
     */
    private static final double[] MORE = {2e-4, 1e-3, 3e-3};

    /** Confirmed gaps that are looked for: the first is what is said. */
    private static final int ENOUGH = 2;

    private static final int BETWEEN = 2;

    public ClosureDiagnosis {
        gaps = List.copyOf(gaps);
        between = List.copyOf(between);
        blocking = List.copyOf(blocking);
    }

    /**
     * What one member or driver lacks.
     *
     * @param name the member's or driver's name
     * @param driver whether it is a driver: then the pose asked for is out of reach by the amount
     * @param amount for a bar, by how much it is too short: changed by so much it lets the rest close; for a driver, value
     *     that closes less value asked for [m or rad]
     */
    public record Gap(String name, boolean driver, double amount) {}

    /** Looks for what is in the way of the drivers' values. */
    public static ClosureDiagnosis of(Mechanism mechanism, Configuration from, double[] drivers) {
        List<Suspect> suspects = new ArrayList<>();
        List<String> bars = new ArrayList<>();
        int members = mechanism.members().size();
        for (int i : ClosureCandidates.of(mechanism, from, drivers)) {
            boolean driver = i >= members;
            if (!driver && rod(mechanism.members().get(i)).isEmpty()) {
                continue;
            }
            String name = driver
                    ? mechanism.drivers().get(i - members).name()
                    : mechanism.members().get(i).name();
            if (!driver) {
                bars.add(name);
            }
            new MemberRelease(mechanism, i)
                    .leastGap(from, drivers)
                    .ifPresent(amount -> suspects.add(new Suspect(i, new Gap(name, driver, amount))));
        }
        Set<String> misfits = misfits(mechanism);
        suspects.sort(Comparator.comparing(
                        (Suspect suspect) -> !misfits.contains(suspect.gap().name()))
                .thenComparingDouble(suspect -> Math.abs(suspect.gap().amount())));
        List<Gap> confirmed = new ArrayList<>();
        for (Suspect suspect : suspects) {
            if (confirmed.size() < ENOUGH) {
                confirmed(mechanism, suspect, drivers).ifPresent(confirmed::add);
            }
        }
        List<String> between = confirmed.isEmpty() ? bars.subList(0, Math.min(BETWEEN, bars.size())) : List.of();
        Mobility freedoms = Mobility.at(mechanism, from);
        return new ClosureDiagnosis(confirmed, between, freedoms, freedoms.blocking(way(from, drivers)));
    }

    private static double[] way(Configuration from, double[] drivers) {
        double[] way = drivers.clone();
        for (int i = 0; i < way.length; i++) {
            way[i] -= from.driver(i);
        }
        return way;
    }

    /** One that may be to blame, by its place among members and drivers. */
    private record Suspect(int place, Gap gap) {}

    /** The bar that a member is, rigid or in bushings. */
    private static Optional<Rod> rod(Member member) {
        Member rigid = member instanceof CompliantMember bushed ? bushed.rigid() : member;
        return rigid instanceof Rod rod ? Optional.of(rod) : Optional.empty();
    }

    /** The change by which the mechanism really closes: tried. */
    private static Optional<Gap> confirmed(Mechanism mechanism, Suspect suspect, double[] drivers) {
        Gap gap = suspect.gap();
        for (double more : MORE) {
            double amount = gap.amount() + Math.copySign(more, gap.amount());
            boolean closes = gap.driver()
                    ? closes(
                            mechanism,
                            drivers,
                            suspect.place() - mechanism.members().size(),
                            amount)
                    : PoseSolver.of(changed(mechanism, suspect.place(), amount)).moveTo(drivers);
            if (closes) {
                return Optional.of(new Gap(gap.name(), gap.driver(), amount));
            }
        }
        return Optional.empty();
    }

    private static boolean closes(Mechanism mechanism, double[] drivers, int driver, double amount) {
        double[] held = drivers.clone();
        held[driver] += amount;
        return PoseSolver.of(mechanism).moveTo(held);
    }

    /** The mechanism with one bar longer. */
    private static Mechanism changed(Mechanism mechanism, int place, double amount) {
        List<Member> members = new ArrayList<>(mechanism.members());
        Member member = members.get(place);
        Rod rod = rod(member).orElseThrow();
        Rod longer = new Rod(rod.name(), rod.a(), rod.b(), Math.max(0, rod.length() + amount));
        members.set(
                place, member instanceof CompliantMember bushed ? new CompliantMember(longer, bushed.rate()) : longer);
        return new Mechanism(mechanism.bodies(), members, mechanism.drivers());
    }

    private static Set<String> misfits(Mechanism mechanism) {
        Linearisation equations = new Linearisation(mechanism);
        equations.at(mechanism.atDesign());
        Set<String> names = new HashSet<>();
        for (int i = 0; i < mechanism.members().size(); i++) {
            for (int row = 0; row < equations.equations(i); row++) {
                if (Math.abs(equations.residual[equations.firstRow(i) + row]) > FITS) {
                    names.add(mechanism.members().get(i).name());
                }
            }
        }
        return names;
    }
}
