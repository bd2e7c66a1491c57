package org.palanca.study.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Gap;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Carrier;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * How far a whole axle could be set back, forward or up before anything on it meets anything on the frame, at ride or at any of
 * the worst poses, lock included: tyres, housing, and what was described on the axle and its knuckles. Links, shocks and shafts
 * are made for where it goes, and are not looked at.
 */
public final class AxleClearance {
    /** How far an axle is tried [m]. */
    private static final double FARTHEST = 0.3;

    /** Nearer than this two things touch [m]. */
    private static final double TOUCH = 1e-4;

    private static final int MOST_STEPS = 200;

    /**
     * How far the axle could go before something stops it.
     *
     * @param direction of length 1
     * @param metres [m]; the whole way tried where nothing stops it
     * @param stop what stops it; empty where nothing does
     * @param pose at which pose
     */
    public record Way(Vector3D direction, double metres, Optional<Message> stop, WheelTravel pose) {}

    private final Clearances clearances;
    private final List<WheelTravel> poses = new ArrayList<>();
    private final List<Integer> pairs = new ArrayList<>();
    private final Gap gap = new Gap();

    private AxleClearance(Vehicle vehicle, AxlePlace place) {
        clearances = new Clearances(new AxleModel(vehicle, place));
        poses.add(WheelTravel.RIDE);
        boolean steers = clearances.model().axle().steering().isPresent();
        if (steers) {
            poses.add(WheelTravel.RIDE.withSteer(1));
            poses.add(WheelTravel.RIDE.withSteer(-1));
        }
        new TravelEnvelope(clearances.model()).worst().forEach(worst -> poses.add(worst.pose()));
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            boolean frame = thing(pair.one()).carrier() instanceof Carrier.Frame
                    || thing(pair.other()).carrier() instanceof Carrier.Frame;
            boolean axle = thing(pair.one()).carrier() instanceof Carrier.Moving
                    || thing(pair.other()).carrier() instanceof Carrier.Moving;
            if (frame && axle && !clearances.atRide(i) && !ears(pair)) {
                pairs.add(i);
            }
        }
    }

    /** Brackets are welded where the links want them. */
    private boolean ears(Clearances.Pair pair) {
        return bracket(thing(pair.one())) || bracket(thing(pair.other()));
    }

    private static boolean bracket(CollisionBody thing) {
        return thing.sort() == CollisionId.Sort.EARS || thing.sort() == CollisionId.Sort.BACK;
    }

    private CollisionBody thing(int index) {
        return clearances.things().get(index);
    }

    /**
     * Back, forward and up, whatever stops it soonest at any pose.
     *
     * @param tyres room of its tyres in their well
     */
    public static List<Way> ways(Vehicle vehicle, AxlePlace place, TyreClearance tyres) {
        AxleClearance room = new AxleClearance(vehicle, place);
        return List.of(
                nearer(room.way(Vector3D.MINUS_I), tyres, TyreClearance.Wall.REAR_EDGE),
                nearer(room.way(Vector3D.PLUS_I), tyres, TyreClearance.Wall.FRONT_EDGE),
                nearer(room.way(Vector3D.PLUS_K), tyres, TyreClearance.Wall.TOP));
    }

    /** A well's wall is met by as much as there is room to it, at the pose where that is least. */
    private static Way nearer(Way way, TyreClearance tyres, TyreClearance.Wall wall) {
        return tyres.rooms().stream()
                .filter(room -> room.wall() == wall)
                .min(Comparator.comparingDouble(TyreClearance.Room::metres))
                .filter(room -> room.metres() < way.metres())
                .map(room -> new Way(
                        way.direction(),
                        Math.max(0, room.metres()),
                        Optional.of(Message.of(
                                "fit.meets",
                                Message.of("thing.tyre." + room.side().id()),
                                FitWords.name(room))),
                        room.pose()))
                .orElse(way);
    }

    private Way way(Vector3D direction) {
        Way least = new Way(direction, FARTHEST, Optional.empty(), WheelTravel.RIDE);
        for (WheelTravel pose : poses) {
            clearances.model().toRide();
            if (clearances.moveTo(pose)) {
                Way here = way(direction, pose, least.metres());
                least = here.stop().isPresent() ? here : least;
            }
        }
        clearances.model().toRide();
        return least;
    }

    /** Goes on by as much as there is room, until there is none: two convex things can't meet in less. */
    private Way way(Vector3D direction, WheelTravel pose, double most) {
        double gone = 0;
        for (int step = 0; step < MOST_STEPS && gone < most; step++) {
            double room = most - gone + TOUCH;
            int nearest = -1;
            for (int pair : pairs) {
                double there = room(pair, direction.scalarMultiply(gone), room);
                if (there < room) {
                    room = there;
                    nearest = pair;
                }
            }
            if (nearest >= 0 && room < TOUCH) {
                Clearances.Pair two = clearances.pairs().get(nearest);
                Message stop = Message.of(
                        "limit.touch",
                        thing(two.one()).name(),
                        thing(two.other()).name());
                return new Way(direction, gone, Optional.of(stop), pose);
            }
            gone += Math.max(room, TOUCH);
        }
        return new Way(direction, Math.min(gone, most), Optional.empty(), pose);
    }

    private double room(int pair, Vector3D shift, double enough) {
        Clearances.Pair two = clearances.pairs().get(pair);
        return gap.between(
                thing(two.one()).solid(),
                place(two.one(), shift),
                thing(two.other()).solid(),
                place(two.other(), shift),
                enough,
                new double[3]);
    }

    private BodyFrame place(int index, Vector3D shift) {
        BodyFrame place = new BodyFrame();
        place.set(clearances.place(index));
        if (thing(index).carrier() instanceof Carrier.Moving) {
            double[] by = shift.toArray();
            double[] origin = place.at(Vector3D.ZERO).toArray();
            for (int i = 0; i < by.length; i++) {
                place.origin(i, origin[i] + by[i]);
            }
        }
        return place;
    }
}
