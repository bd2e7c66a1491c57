package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/**
 * What one result does when one mount alone is not where the plan has it. The value is the one its band is held against: at
 * ride, or the worst in the travel.
 *
 * @param result which
 * @param band what is wanted
 * @param planned as planned
 * @param there with the mount elsewhere
 */
public record Effect(Result result, TargetBand band, double planned, double there) {
    /** Step of the differences [m]. */
    private static final double STEP = 0.0005;

    /** How much it changes. */
    public double change() {
        return there - planned;
    }

    /** Whether it leaves its band although the plan is within. */
    public boolean leavesBand() {
        return band.distance(planned) == 0 && band.distance(there) != 0;
    }

    /** Part of the band's width that is used up; of the value where a band has one end. */
    public double severity() {
        double width = band.high() - band.low();
        double scale = Double.isInfinite(width) ? Math.max(Math.abs(planned), 1e-6) : width;
        return Double.isNaN(there) ? Double.POSITIVE_INFINITY : Math.abs(change()) / scale;
    }

    /** Every banded result of the axle with the mount moved, hardest hit first. */
    public static List<Effect> of(Vehicle vehicle, MountRef mount, Vector3D to) {
        return effects(scorecard(vehicle, mount.axle()), scorecard(moved(vehicle, mount, to), mount.axle()));
    }

    /**
     * The most that each banded result can lose with the mount anywhere within a distance of its place, hardest hit first:
     * the length of its gradient times the distance, to the side where it does harm.
     */
    public static List<Effect> within(Vehicle vehicle, MountRef mount, double distance) {
        Vector3D at = position(vehicle, mount);
        Scorecard plan = scorecard(vehicle, mount.axle());
        List<Vector3D> axes = List.of(Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K);
        List<Scorecard> ahead = axes.stream()
                .map(axis -> scorecard(moved(vehicle, mount, at.add(STEP, axis)), mount.axle()))
                .toList();
        List<Scorecard> behind = axes.stream()
                .map(axis -> scorecard(moved(vehicle, mount, at.subtract(STEP, axis)), mount.axle()))
                .toList();
        List<Effect> effects = new ArrayList<>();
        for (int i = 0; i < plan.marks().size(); i++) {
            Scorecard.Mark mark = plan.marks().get(i);
            double square = 0;
            for (int axis = 0; axis < axes.size(); axis++) {
                double slope = (ahead.get(axis).marks().get(i).value()
                                - behind.get(axis).marks().get(i).value())
                        / (2 * STEP);
                square += slope * slope;
            }
            double reach = Math.sqrt(square) * distance;
            double up = mark.band().distance(mark.value() + reach);
            double down = mark.band().distance(mark.value() - reach);
            double there = Math.abs(down) > Math.abs(up) ? mark.value() - reach : mark.value() + reach;
            if (!Double.isNaN(mark.value())) {
                effects.add(new Effect(mark.result(), mark.band(), mark.value(), there));
            }
        }
        return sorted(effects);
    }

    private static List<Effect> effects(Scorecard plan, Scorecard other) {
        List<Effect> effects = new ArrayList<>();
        for (int i = 0; i < plan.marks().size(); i++) {
            Scorecard.Mark mark = plan.marks().get(i);
            if (!Double.isNaN(mark.value())) {
                effects.add(new Effect(
                        mark.result(),
                        mark.band(),
                        mark.value(),
                        other.marks().get(i).value()));
            }
        }
        return sorted(effects);
    }

    private static List<Effect> sorted(List<Effect> effects) {
        effects.sort(Comparator.comparingDouble((Effect effect) -> -effect.severity()));
        return List.copyOf(effects);
    }

    private static Scorecard scorecard(Vehicle vehicle, AxlePlace place) {
        return Scorecard.of(new AxleModel(vehicle, place));
    }

    /** Where the plan has a mount at ride [m], vehicle frame. */
    public static Vector3D position(Vehicle vehicle, MountRef mount) {
        return vehicle.axle(mount.axle()).orElseThrow().position(mount.mount(), vehicle.wheelbase());
    }

    /** The vehicle with one mount elsewhere and its mirror image left where it is. */
    static Vehicle moved(Vehicle vehicle, MountRef ref, Vector3D to) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Vehicle alone = vehicle;
        for (Mount mount : axle.mounts()) {
            boolean follows = mount.placement() instanceof Placement.MirrorOf mirror
                    && (mount.name().equals(ref.mount()) || mirror.mount().equals(ref.mount()));
            if (follows) {
                alone = MountMoves.mirror(alone, new MountRef(ref.axle(), mount.name()), null);
            }
        }
        return MountMoves.moveTo(alone, ref, to);
    }
}
