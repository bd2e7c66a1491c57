package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;

/**
 * What an axle may meet that is not of its own: frame rails, boxes on the frame, and what the user described round it. Rails
 * are drawn straight unless a box describes them better.
 */
final class FrameBodies {
    private final Vehicle vehicle;
    private final AxleModel model;
    private final Axle axle;
    private final List<CollisionBody> things = new ArrayList<>();

    private FrameBodies(AxleModel model) {
        this.model = model;
        vehicle = model.vehicle();
        axle = model.axle();
    }

    /** All of them, for an axle that stands at ride. */
    static List<CollisionBody> of(AxleModel model) {
        FrameBodies all = new FrameBodies(model);
        all.fixed();
        all.parts();
        return all.things;
    }

    private void add(CollisionId id, Message name, Solid solid) {
        things.add(new CollisionBody(id, name, Part.Kind.FIXED, new Carrier.Frame(), solid, Set.of()));
    }

    private void fixed() {
        vehicle.rails().ifPresent(this::rails);
        for (AxlePlace place : AxlePlace.values()) {
            Surroundings around = vehicle.build().surroundings(place);
            for (Obstacle obstacle : around.obstacles()) {
                add(
                        Sort.OBSTACLE.of(obstacle.name()),
                        Message.of("thing.part", obstacle.name()),
                        PartSolid.of(obstacle.part().form(), Vector3D.ZERO));
            }
        }
    }

    private static Box rail(Vehicle vehicle, FrameRails rails, Side side) {
        double outer = side.sign() * rails.out();
        double inner = side.sign() * (rails.out() - rails.width());
        return new Box(
                -vehicle.wheelbase() - rails.rear(),
                rails.front(),
                Math.min(inner, outer),
                Math.max(inner, outer),
                rails.bottom(),
                rails.top());
    }

    /** Obstacles that are the frame's rails themselves, notched and all: they take up room of the straight rails. */
    static List<Obstacle> railsAmong(Vehicle vehicle, List<Obstacle> obstacles) {
        List<Obstacle> found = new ArrayList<>();
        vehicle.rails().ifPresent(rails -> {
            for (Obstacle obstacle : obstacles) {
                for (Side side : Side.values()) {
                    if (isRail(obstacle, rail(vehicle, rails, side))) {
                        found.add(obstacle);
                    }
                }
            }
        });
        return found;
    }

    private static boolean isRail(Obstacle obstacle, Box rail) {
        return obstacle.room().shared(rail).volume() > obstacle.room().volume() / 2;
    }

    private void rails(FrameRails rails) {
        for (Side side : Side.values()) {
            Box box = rail(vehicle, rails, side);
            if (describedBetter(box)) {
                continue;
            }
            add(Sort.RAIL.of(side), Message.of("thing.rail." + side.id()), Solid.of(List.of(sloping(box, rails))));
        }
    }

    /** A rail's eight corners, each as low as the frame is there. */
    private Convex sloping(Box box, FrameRails rails) {
        List<Vector3D> corners = new ArrayList<>();
        for (double x : new double[] {box.rear(), box.front()}) {
            double drop = rails.dropAt(x, vehicle.wheelbase());
            for (double y : new double[] {box.right(), box.left()}) {
                corners.add(new Vector3D(x, y, box.bottom() - drop));
                corners.add(new Vector3D(x, y, box.top() - drop));
            }
        }
        return Convex.hull(corners, 0);
    }

    /** Rails are drawn straight; where obstacles on the frame take up room of a rail they are that rail, notched and all. */
    private boolean describedBetter(Box rail) {
        for (AxlePlace place : AxlePlace.values()) {
            for (Obstacle obstacle : vehicle.build().surroundings(place).obstacles()) {
                if (isRail(obstacle, rail)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What the user described: of this axle all, of the other what stands on the frame. */
    private void parts() {
        for (AxlePlace place : AxlePlace.values()) {
            for (Part part : vehicle.build().surroundings(place).parts()) {
                OptionalInt body = model.bodyIndex(part.body());
                if (body.isEmpty() || place != axle.place() && !part.onFrame()) {
                    continue;
                }
                things.add(new CollisionBody(
                        Sort.PART.of(part.name()),
                        Message.of("thing.part", part.name()),
                        part.kind(),
                        CollisionBodies.carrier(body.getAsInt()),
                        PartSolid.of(part.form(), model.originAtRide(body.getAsInt())),
                        Set.of(),
                        part.joined(),
                        part.moment()));
            }
        }
    }
}
