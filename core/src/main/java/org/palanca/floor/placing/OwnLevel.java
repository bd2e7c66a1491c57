package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.geometry.euclidean.twod.hull.MonotoneChain;
import org.palanca.base.words.Message;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.survey.Mark;

/**
 * The vehicle's own level, for where there is no floor: a plane over three of its marks that is level when the vehicle stands at
 * ride. Turned until that plane is level, either way up, plumb and level read on it as they do on the floor.
 *
 * @param blocks how far each mark lies under the plane, the highest first with nothing
 */
public record OwnLevel(List<Block> blocks) {
    /**
     * What goes between a mark and the straight edge or string that lies in the plane.
     *
     * @param mark which
     * @param height of the block [m]
     */
    public record Block(String mark, double height) {}

    public OwnLevel {
        blocks = List.copyOf(blocks);
    }

    /** The lasting marks that are on the frame: none on the floor, and none at the end of an axle, which may be out. */
    static List<Mark> marks(Build build, Adjustment adjustment) {
        return DatumLife.lasting(adjustment).stream()
                .filter(Mark::onVehicle)
                .filter(mark -> !build.axleEnds().contains(mark.name()))
                .toList();
    }

    /** The three of these that span most in plan; empty where no three do. */
    public static Optional<OwnLevel> of(Build build, Adjustment adjustment) {
        List<Mark> marks = outermost(marks(build, adjustment), adjustment);
        double most = 0;
        List<Mark> best = List.of();
        for (int i = 0; i < marks.size(); i++) {
            for (int j = i + 1; j < marks.size(); j++) {
                for (int k = j + 1; k < marks.size(); k++) {
                    List<Mark> three = List.of(marks.get(i), marks.get(j), marks.get(k));
                    double area = area(adjustment, three);
                    if (area > most) {
                        most = area;
                        best = three;
                    }
                }
            }
        }
        if (best.isEmpty()) {
            return Optional.empty();
        }
        double top = best.stream()
                .mapToDouble(mark -> adjustment.place(mark.name()).getZ())
                .max()
                .orElseThrow();
        List<Block> blocks = new ArrayList<>();
        best.forEach(mark -> blocks.add(
                new Block(mark.name(), top - adjustment.place(mark.name()).getZ())));
        blocks.sort(Comparator.comparingDouble(Block::height));
        return Optional.of(new OwnLevel(blocks));
    }

    /** The marks on the hull of all in plan: the three that span most are among them. */
    private static List<Mark> outermost(List<Mark> marks, Adjustment adjustment) {
        if (marks.size() <= 3) {
            return marks;
        }
        Map<Vector2D, Mark> inPlan = new LinkedHashMap<>();
        for (Mark mark : marks) {
            Vector3D at = adjustment.place(mark.name());
            inPlan.put(new Vector2D(at.getX(), at.getY()), mark);
        }
        if (inPlan.size() <= 3) {
            return List.copyOf(inPlan.values());
        }
        return new MonotoneChain()
                .findHullVertices(inPlan.keySet()).stream().map(inPlan::get).toList();
    }

    /** Of their triangle in plan [m2]. */
    private static double area(Adjustment adjustment, List<Mark> three) {
        Vector3D a = adjustment.place(three.get(0).name());
        Vector3D b = adjustment.place(three.get(1).name()).subtract(a);
        Vector3D c = adjustment.place(three.get(2).name()).subtract(a);
        return Math.abs(b.getX() * c.getY() - b.getY() * c.getX()) / 2;
    }

    /** What is to be set up where a vehicle is off the floor, or that it can't be; empty on the floor. */
    public static Optional<Message> told(Build build, Adjustment adjustment, PlacingLimits limits) {
        return limits.offFloor()
                ? Optional.of(
                        of(build, adjustment).map(OwnLevel::said).orElseGet(() -> Message.of("placing.no_own_level")))
                : Optional.empty();
    }

    /** How to set it up, in a sentence. */
    public Message said() {
        return Message.of(
                "placing.own_level",
                blocks.get(0).mark(),
                Message.length(blocks.get(1).height()),
                blocks.get(1).mark(),
                Message.length(blocks.get(2).height()),
                blocks.get(2).mark());
    }
}
