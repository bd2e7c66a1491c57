package org.palanca.vehicle.housing;

import static org.palanca.vehicle.housing.HousingSize.ENDS;
import static org.palanca.vehicle.housing.HousingSize.END_OFFSET;
import static org.palanca.vehicle.housing.HousingSize.FRAME_OUT;
import static org.palanca.vehicle.housing.HousingSize.FRAME_ROOM;
import static org.palanca.vehicle.housing.HousingSize.KERF;
import static org.palanca.vehicle.housing.HousingSize.PINION_OFFSET;
import static org.palanca.vehicle.housing.HousingSize.TRACK;
import static org.palanca.vehicle.housing.HousingSize.TYRE_WIDTH;
import static org.palanca.vehicle.housing.HousingSize.WELD_GAP;
import static org.palanca.vehicle.housing.HousingSize.WHEEL_FACES;
import static org.palanca.vehicle.housing.HousingSize.WHEEL_OFFSET;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.palanca.base.geometry.Side;

/**
 * One sum that the sizes of a housing obey: whole = sum of the parts, each with its factor.
 *
 * @param whole what the parts make
 * @param parts with their factors, in the order they are said
 */
record HousingRelation(HousingSize whole, Map<HousingSize, Double> parts) {
    /** Every sum. Some follow from others, so that whichever sizes are known, the rest is found. */
    static final List<HousingRelation> ALL = all();

    private static List<HousingRelation> all() {
        List<HousingRelation> all = new ArrayList<>();
        all.add(of(WHEEL_FACES, 1, ENDS, 1, HousingSize.STACK_LEFT, 1, HousingSize.STACK_RIGHT));
        all.add(of(ENDS, 1, HousingSize.HALF_LEFT, 1, HousingSize.HALF_RIGHT));
        for (Side side : Side.values()) {
            // The left wheel face is at half the width, the pinion plane at its offset; the right one the other way.
            all.add(new HousingRelation(
                    size("HALF", side), parts(0.5, WHEEL_FACES, -side.sign(), PINION_OFFSET, -1, size("STACK", side))));
            all.add(of(size("HALF", side), 1, size("STOP", side), 1, size("TUBE_AND_END", side)));
            all.add(of(size("TUBE_AND_END", side), 1, size("TUBE", side), 1, size("END", side)));
            all.add(of(size("TUBE", side), 1, size("ENTERS", side), 1, size("BARE", side)));
            all.add(new HousingRelation(size("HALF", side), parts(0.5, ENDS, -side.sign(), END_OFFSET)));
            all.add(of(size("TUBE_BOUGHT", side), 1, size("TUBE", side), 1, size("TUBE_CUT_OFF", side)));
            all.add(of(size("OLD_HALF", side), 1, size("HALF", side), 1, size("CUT_OFF", side)));
            // An end that is used again: cut off behind its flange, put back where the housing is to end, a gap before
            // it.
            all.add(of(size("OLD_HALF", side), 1, size("END_MARK", side), 1, size("END_KEPT", side)));
            all.add(of(size("HALF", side), 1, size("TUBE_MARK", side), 1, WELD_GAP, 1, size("END_KEPT", side)));
            all.add(of(size("END_MARK", side), 1, size("TUBE_MARK", side), 1, size("RING", side), 2, KERF));
            all.add(of(size("GEAR", side), 1, size("SHAFT_INNER", side), 1, size("ENGAGED", side)));
            all.add(new HousingRelation(
                    size("SHAFT", side),
                    parts(1, size("HALF", side), 1, size("SHAFT_OUTER", side), -1, size("SHAFT_INNER", side))));
        }
        all.add(of(END_OFFSET, 1, PINION_OFFSET, 0.5, HousingSize.STACK_LEFT, -0.5, HousingSize.STACK_RIGHT));
        // Backspacing is half the wheel over its flanges and what the middle lies inside its face.
        all.add(of(HousingSize.BACKSPACING, 0.5, HousingSize.RIM_WIDTH, 0.5, HousingSize.RIM_LIPS, 1, WHEEL_OFFSET));
        all.add(of(WHEEL_FACES, 1, TRACK, 2, WHEEL_OFFSET));
        all.add(of(HousingSize.TUBE_DIAMETER, 1, HousingSize.TUBE_INSIDE, 2, HousingSize.TUBE_WALL));
        all.add(of(TRACK, 2, FRAME_OUT, 2, FRAME_ROOM, 1, TYRE_WIDTH));
        return List.copyOf(all);
    }

    private static HousingSize size(String name, Side side) {
        return HousingSize.of(name, side);
    }

    private static HousingRelation of(HousingSize whole, Object... parts) {
        return new HousingRelation(whole, parts(parts));
    }

    private static Map<HousingSize, Double> parts(Object... pairs) {
        Map<HousingSize, Double> parts = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            parts.put((HousingSize) pairs[i + 1], ((Number) pairs[i]).doubleValue());
        }
        return parts;
    }

    /** Everything that stands in it. */
    List<HousingSize> sizes() {
        List<HousingSize> sizes = new ArrayList<>(parts.keySet());
        sizes.add(0, whole);
        return sizes;
    }

    /** Factor with all on one side: sum of factor times size is nothing. */
    double factor(HousingSize size) {
        return size == whole ? -1 : parts.get(size);
    }
}
