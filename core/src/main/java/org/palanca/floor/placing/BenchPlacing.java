package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;

/**
 * Where the brackets of an axle go while its housing lies on the bench, the pinion at the bench's angle: no floor, no marks,
 * only the housing itself. Lengths across are taken along the tube from the pinion plane and from the housing's end; the rest
 * in the plane square to the tube, from its centre.
 *
 * @param rows one a mount of the axle's own body, in the order of the file
 * @param pairs how unlike the two sides must read from their ends, where they must
 * @param missing what has to be known of the housing and is not
 */
public record BenchPlacing(List<Row> rows, List<Pair> pairs, List<Message> missing) {
    /** What a tape tells apart [m]: 1/32 in. */
    private static final double TOLD = 0.0254 / 32;

    public BenchPlacing {
        rows = List.copyOf(rows);
        pairs = List.copyOf(pairs);
        missing = List.copyOf(missing);
    }

    /**
     * One bracket.
     *
     * @param mount its name
     * @param side of the pinion plane
     * @param fromPinion along the tube from the pinion plane [m]
     * @param fromEnd inward along the tube from the housing's end on that side, negative beyond it [m]; empty where the half
     *     is not known
     * @param towardsNose from the tube's centre the way the pinion points, level on the bench [m]
     * @param up from the tube's centre, plumb on the bench [m]
     * @param clock how far round from the top the hole is, towards the pinion's nose positive [rad]
     * @param round the same along the tube's surface [m]; empty where its diameter is not known
     * @param padToHole from the tube's surface to the hole's centre, negative inside the tube [m]; empty likewise
     * @param bolts one a link that is bolted there
     */
    public record Row(
            String mount,
            Side side,
            double fromPinion,
            OptionalDouble fromEnd,
            double towardsNose,
            double up,
            double clock,
            OptionalDouble round,
            OptionalDouble padToHole,
            List<Bolt> bolts) {}

    /**
     * How a bolt lies on the bench.
     *
     * @param link that it holds
     * @param tilt of its left end, upward positive [rad]
     * @param turn of its left end towards the pinion's nose, in plan [rad]
     */
    public record Bolt(String link, double tilt, double turn) {}

    /**
     * Two mounts that are alike on the vehicle and must not read alike from the housing's ends.
     *
     * @param stem their name without its side
     * @param leftMore how much more the left one reads from its end than the right one [m]
     */
    public record Pair(String stem, double leftMore) {}

    /** Works it out; nothing of an axle without a housing, which independent wheels have. */
    public static BenchPlacing of(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        if (axle.independent()) {
            return new BenchPlacing(List.of(), List.of(), List.of());
        }
        Housing housing = vehicle.build().housing(place);
        HousingSum sum = housing.sum();
        List<Message> missing = new ArrayList<>();
        for (HousingSize size : List.of(
                HousingSize.PINION_OFFSET, HousingSize.HALF_LEFT, HousingSize.HALF_RIGHT, HousingSize.TUBE_DIAMETER)) {
            if (sum.size(size).isEmpty()) {
                missing.add(Message.of(HousingSum.name(size)));
            }
        }
        if (sum.size(HousingSize.PINION_OFFSET).isEmpty()) {
            return new BenchPlacing(List.of(), List.of(), missing);
        }
        List<Row> rows = axle.mounts().stream()
                .filter(mount -> mount.body().equals(BodyName.AXLE))
                .map(mount -> row(vehicle, axle, housing, sum, mount))
                .toList();
        return new BenchPlacing(rows, pairs(rows), missing);
    }

    private static Row row(Vehicle vehicle, Axle axle, Housing housing, HousingSum sum, Mount mount) {
        Vector3D at = axle.position(mount.name(), vehicle.wheelbase())
                .subtract(new Vector3D(
                        axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius()));
        double across = at.getY() - sum.size(HousingSize.PINION_OFFSET).getAsDouble();
        Side side = Side.of(across);
        OptionalDouble half = sum.size(side == Side.LEFT ? HousingSize.HALF_LEFT : HousingSize.HALF_RIGHT);
        Vector3D lies = turned(axle, housing, at);
        double clock = Math.atan2(lies.getX(), lies.getZ());
        OptionalDouble diameter = sum.size(HousingSize.TUBE_DIAMETER);
        return new Row(
                mount.name(),
                side,
                Math.abs(across),
                half.isPresent() ? OptionalDouble.of(half.getAsDouble() - Math.abs(across)) : OptionalDouble.empty(),
                lies.getX(),
                lies.getZ(),
                clock,
                diameter.isPresent() ? OptionalDouble.of(clock * diameter.getAsDouble() / 2) : OptionalDouble.empty(),
                diameter.isPresent()
                        ? OptionalDouble.of(Math.hypot(lies.getX(), lies.getZ()) - diameter.getAsDouble() / 2)
                        : OptionalDouble.empty(),
                bolts(vehicle, axle, housing, mount));
    }

    private static List<Bolt> bolts(Vehicle vehicle, Axle axle, Housing housing, Mount mount) {
        List<Bolt> bolts = new ArrayList<>();
        for (JointBolts.End end : JointBolts.of(axle, vehicle.wheelbase()).ends()) {
            if (axle.mounts().get(end.mount()).name().equals(mount.name())) {
                Vector3D way = turned(axle, housing, end.direction());
                Vector3D left = way.getY() < 0 ? way.negate() : way;
                bolts.add(new Bolt(
                        end.link(),
                        Math.asin(Math.max(-1, Math.min(1, left.getZ()))),
                        Math.atan2(left.getX(), left.getY())));
            }
        }
        return List.copyOf(bolts);
    }

    /**
     * Something of the housing as it lies on the bench: turned by what the pinion stands lower or higher there than at ride.
     *
     * @param at from the tube's centre at ride, vehicle frame
     * @return the way the pinion points, to the left, and up
     */
    private static Vector3D turned(Axle axle, Housing housing, Vector3D at) {
        double nose = -axle.place().outward() * at.getX();
        double by = housing.benchPinion() - axle.pinion();
        return new Vector3D(
                nose * Math.cos(by) - at.getZ() * Math.sin(by),
                at.getY(),
                at.getZ() * Math.cos(by) + nose * Math.sin(by));
    }

    private static List<Pair> pairs(List<Row> rows) {
        List<Pair> pairs = new ArrayList<>();
        for (Row left : rows) {
            SidedName name = SidedName.of(left.mount());
            if (name.side().equals(Optional.of(Side.LEFT)) && left.fromEnd().isPresent()) {
                rows.stream()
                        .filter(right -> right.mount().equals(name.mirrored())
                                && right.fromEnd().isPresent())
                        .map(right ->
                                left.fromEnd().getAsDouble() - right.fromEnd().getAsDouble())
                        .filter(more -> Math.abs(more) > TOLD)
                        .forEach(more -> pairs.add(new Pair(name.stem(), more)));
            }
        }
        return pairs;
    }
}
