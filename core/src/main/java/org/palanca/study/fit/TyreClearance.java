package org.palanca.study.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;

/**
 * The tyres of an axle in their wells: room to every wall and to everything near, at ride, at full bump and twisted as far as
 * stops and straps allow, and at full lock in each. The free diameter is used, since only the foot of a tyre is pressed flat.
 */
public final class TyreClearance {
    /** Room wanted round a tyre where nothing else is said [m]: 1 in, common practice, no source. */
    public static final double USUAL = 0.0254;

    /** How far an axle is tried backwards, forwards and up [m]. */
    private static final double FARTHEST = 0.3;

    private static final int HALVINGS = 24;

    private final AxleModel model;
    private final Surroundings around;
    private final List<Room> rooms = new ArrayList<>();

    /** What a tyre comes near to. */
    public enum Wall {
        FRONT_EDGE,
        REAR_EDGE,
        TOP,
        INNER,
        OUTER,
        OBSTACLE;

        /** The name in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Room between a tyre and one thing at one pose.
     *
     * @param pose where the axle is
     * @param side which tyre
     * @param wall what it comes near to
     * @param obstacle name of the obstacle; empty text for a wall of the well
     * @param metres room left [m]; negative where the tyre is through a wall
     */
    public record Room(WheelTravel pose, Side side, Wall wall, String obstacle, double metres) {}

    /**
     * How far the axle could go before something stops it.
     *
     * @param direction of length 1
     * @param metres [m]; the whole way tried where nothing stops it
     * @param stop what stops it; empty where nothing does
     */
    public record Way(Vector3D direction, double metres, Optional<Room> stop) {}

    private TyreClearance(Vehicle vehicle, AxlePlace place) {
        model = new AxleModel(vehicle, place);
        around = vehicle.build().surroundings(place);
        for (WheelTravel pose : poses()) {
            model.toRide();
            if (model.placeAt(pose)) {
                for (Side side : Side.values()) {
                    around(pose, side, tyre(side), rooms);
                }
            }
        }
        model.toRide();
    }

    /** Looks at every pose that matters. Nothing where no well and no obstacle is described. */
    public static TyreClearance of(Vehicle vehicle, AxlePlace place) {
        return new TyreClearance(vehicle, place);
    }

    private List<WheelTravel> poses() {
        List<WheelTravel> poses = new ArrayList<>(List.of(WheelTravel.RIDE));
        if (model.axle().steering().isPresent()) {
            poses.add(WheelTravel.RIDE.withSteer(1));
            poses.add(WheelTravel.RIDE.withSteer(-1));
        }
        new TravelEnvelope(model)
                .worst().stream()
                        .filter(worst -> worst.way() != WorstPose.Way.DROOP)
                        .forEach(worst -> poses.add(worst.pose()));
        return poses;
    }

    private TyreShape tyre(Side side) {
        WheelMotion wheel = model.motion().wheel(side.sign());
        return new TyreShape(
                new Vector3D(wheel.centre(0), wheel.centre(1), wheel.centre(2)),
                new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2)),
                model.axle().tyre());
    }

    private void around(WheelTravel pose, Side side, TyreShape tyre, List<Room> out) {
        walls(pose, side, tyre, out);
        for (Obstacle obstacle : around.obstacles()) {
            out.add(new Room(pose, side, Wall.OBSTACLE, obstacle.name(), tyre.distance(obstacle.room())));
        }
    }

    private void walls(WheelTravel pose, Side side, TyreShape tyre, List<Room> out) {
        double line = model.axle().lineX(model.vehicle().wheelbase());
        around.well().ifPresent(well -> {
            Vector3D at = tyre.centre();
            double y = side.sign() * at.getY();
            Vector3D outward = new Vector3D(0, side.sign(), 0);
            add(out, pose, side, Wall.FRONT_EDGE, line + well.frontEdge() - at.getX() - tyre.reach(Vector3D.PLUS_I));
            add(out, pose, side, Wall.REAR_EDGE, at.getX() - tyre.reach(Vector3D.PLUS_I) - line - well.rearEdge());
            add(out, pose, side, Wall.TOP, well.top() - at.getZ() - tyre.reach(Vector3D.PLUS_K));
            add(out, pose, side, Wall.INNER, y - tyre.reachAbove(outward.negate()) - well.inner());
            add(out, pose, side, Wall.OUTER, well.outer() - y - tyre.reachAbove(outward));
        });
    }

    private static void add(List<Room> out, WheelTravel pose, Side side, Wall wall, double metres) {
        out.add(new Room(pose, side, wall, "", metres));
    }

    /** Every room at every pose. */
    public List<Room> rooms() {
        return List.copyOf(rooms);
    }

    /** The least room of each thing, over both tyres and all poses, least first. */
    public List<Room> least() {
        List<Room> least = new ArrayList<>();
        for (Room room : rooms) {
            boolean nearer = rooms.stream()
                    .filter(other ->
                            other.wall() == room.wall() && other.obstacle().equals(room.obstacle()))
                    .allMatch(other -> other.metres() >= room.metres());
            boolean said = least.stream()
                    .anyMatch(other ->
                            other.wall() == room.wall() && other.obstacle().equals(room.obstacle()));
            if (nearer && !said) {
                least.add(room);
            }
        }
        least.sort(Comparator.comparingDouble(Room::metres));
        return least;
    }

    /** Room that should stay [m]. */
    public double wanted() {
        return around.well().map(WheelWell::wanted).orElse(USUAL);
    }

    /** What stops the axle going back, forward and up from where it is planned, at ride with the wheels straight. */
    public List<Way> ways() {
        return List.of(way(Vector3D.MINUS_I), way(Vector3D.PLUS_I), way(Vector3D.PLUS_K));
    }

    private Way way(Vector3D direction) {
        Optional<Room> blocked = stopAt(direction, FARTHEST);
        if (blocked.isEmpty()) {
            return new Way(direction, FARTHEST, Optional.empty());
        }
        double free = 0;
        double stopped = FARTHEST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (free + stopped) / 2;
            if (stopAt(direction, middle).isPresent()) {
                stopped = middle;
            } else {
                free = middle;
            }
        }
        return new Way(direction, free, stopAt(direction, stopped));
    }

    /** What leaves no room with the axle moved: a wall passed, or an obstacle touched anywhere on the way there. */
    private Optional<Room> stopAt(Vector3D direction, double metres) {
        List<Room> there = new ArrayList<>();
        for (Side side : Side.values()) {
            walls(WheelTravel.RIDE, side, tyre(side).moved(direction.scalarMultiply(metres)), there);
            swept(side, direction, metres, there);
        }
        return there.stream().filter(room -> room.metres() <= 0).min(Comparator.comparingDouble(Room::metres));
    }

    /** The tyre could jump over a thin obstacle between two places; the way there is looked at in tyre-thin steps. */
    private void swept(Side side, Vector3D direction, double metres, List<Room> out) {
        int steps = Math.max(1, (int) Math.ceil(metres / (model.axle().tyre().width() / 4)));
        for (Obstacle obstacle : around.obstacles()) {
            for (int i = 1; i <= steps; i++) {
                if (tyre(side)
                        .moved(direction.scalarMultiply(metres * i / steps))
                        .touches(obstacle.room())) {
                    out.add(new Room(WheelTravel.RIDE, side, Wall.OBSTACLE, obstacle.name(), 0));
                }
            }
        }
    }

    /** A well that just fits what is planned, to be corrected by the tape. */
    public static WheelWell usualWell(Axle axle) {
        double radius = axle.tyre().diameter() / 2;
        double half = axle.tyre().width() / 2;
        return new WheelWell(
                -radius - 2 * USUAL,
                radius + 2 * USUAL,
                axle.tyre().loadedRadius() + radius + axle.travel().bump() + USUAL,
                axle.track() / 2 - half - 2 * USUAL,
                axle.track() / 2 + half + 2 * USUAL,
                USUAL);
    }
}
