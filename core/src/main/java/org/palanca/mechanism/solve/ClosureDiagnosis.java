package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Why a mechanism does not close: for each member and driver that may be to blame, everything else is held and that one is let go;
 * what it then lacks at best is its gap. A member that does not even fit in the design pose comes first, since it is the
 * one that was changed; then the smallest gap, which is the cheapest to mend.
 *
 * @param gaps one for every member or driver whose change alone would let the rest close, likeliest first
 * @param freedoms what is free, loose and blocked at the last pose that closed
 */
public record ClosureDiagnosis(List<Gap> gaps, Freedoms freedoms) {
    /** A member that misses its length by more than this in the design pose does not fit there [m]. */
    private static final double FITS = 1e-6;

    public ClosureDiagnosis {
        gaps = List.copyOf(gaps);
    }

    /**
     * What one member or driver lacks.
     *
     * @param name the member's or driver's name
     * @param driver whether it is a driver: then the pose asked for is out of reach by the amount
     * @param amount for a rod, distance of its ends less its length [m]: positive when the rod is too short; for a
     *     driver, value reached less value asked for
     */
    public record Gap(String name, boolean driver, double amount) {}

    /** Looks for what is in the way of the drivers' values. */
    public static ClosureDiagnosis of(Mechanism mechanism, Configuration from, double[] drivers) {
        List<Gap> gaps = new ArrayList<>();
        int members = mechanism.members().size();
        for (int i : Suspects.of(mechanism, from, drivers)) {
            boolean driver = i >= members;
            String name = driver
                    ? mechanism.drivers().get(i - members).name()
                    : mechanism.members().get(i).name();
            new LetGo(mechanism, i)
                    .leastGap(from, drivers)
                    .ifPresent(amount -> gaps.add(new Gap(name, driver, amount)));
        }
        Set<String> misfits = misfits(mechanism);
        gaps.sort(Comparator.comparing((Gap gap) -> !misfits.contains(gap.name()))
                .thenComparingDouble(gap -> Math.abs(gap.amount())));
        return new ClosureDiagnosis(gaps, Freedoms.at(mechanism, from));
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
