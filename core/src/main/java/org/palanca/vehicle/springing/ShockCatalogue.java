package org.palanca.vehicle.springing;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.Lengths;

/**
 * Shocks to choose from. Those that ship are generic: strokes and bodies that are common, lengths as such shocks usually have
 * (common practice, no source). A shop adds its own from a file.
 */
public final class ShockCatalogue {
    private ShockCatalogue() {}

    /** What ships: coilovers of 8 to 16 in stroke with bodies of 2.0 and 2.5 in, and air shocks. */
    public static List<ShockSize> generic() {
        List<ShockSize> sizes = new ArrayList<>();
        for (double body : new double[] {2.0, 2.5}) {
            for (int stroke : new int[] {8, 10, 12, 14, 16}) {
                // An eye to eye length pushed home of stroke and about 4 in for eyes, piston and gas.
                double collapsed = stroke + (body > 2 ? 5.0 : 4.25);
                sizes.add(new ShockSize(
                        stroke + " in coilover, " + body + " in body",
                        Lengths.inches(collapsed),
                        Lengths.inches(collapsed + stroke),
                        Lengths.inches(body),
                        Lengths.inches(body > 2 ? 3.75 : 3.25),
                        Lengths.inches(1.5)));
            }
        }
        for (int stroke : new int[] {10, 12, 14}) {
            sizes.add(new ShockSize(
                    stroke + " in air shock, 2.0 in body",
                    Lengths.inches(stroke + 4.5),
                    Lengths.inches(2 * stroke + 4.5),
                    Lengths.inches(2.0),
                    Lengths.inches(2.0),
                    Lengths.inches(1.5)));
        }
        return sizes;
    }

    /** A catalogue with another put before it; of two of one name the first counts. */
    public static List<ShockSize> with(List<ShockSize> catalogue, List<ShockSize> more) {
        List<ShockSize> all = new ArrayList<>(more);
        catalogue.stream()
                .filter(size -> more.stream().noneMatch(own -> own.model().equals(size.model())))
                .forEach(all::add);
        return all;
    }
}
