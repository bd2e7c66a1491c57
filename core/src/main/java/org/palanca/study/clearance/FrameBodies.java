package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.RailStation;
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

    /** The box round a whole rail. */
    private static Box rail(Vehicle vehicle, FrameRails rails, Side side) {
        List<RailStation> line = rails.line(vehicle.wheelbase());
        double outer = line.stream().mapToDouble(RailStation::out).max().orElseThrow();
        double inner = line.stream().mapToDouble(RailStation::out).min().orElseThrow() - rails.width();
        double low = line.stream().mapToDouble(RailStation::bottom).min().orElseThrow();
        double high = line.stream().mapToDouble(RailStation::bottom).max().orElseThrow() + rails.depth();
        return new Box(
                line.get(line.size() - 1).ahead(),
                line.get(0).ahead(),
                Math.min(side.sign() * inner, side.sign() * outer),
                Math.max(side.sign() * inner, side.sign() * outer),
                low,
                high);
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
            add(Sort.RAIL.of(side), Message.of("thing.rail." + side.id()), Solid.of(pieces(rails, side)));
        }
    }

    /** From station to station: a closed or unknown section as a solid bar, a channel as its three walls. */
    private List<Convex> pieces(FrameRails rails, Side side) {
        List<RailStation> line = rails.line(vehicle.wheelbase());
        List<Convex> pieces = new ArrayList<>();
        for (int i = 1; i < line.size(); i++) {
            RailStation ahead = line.get(i - 1);
            RailStation behind = line.get(i);
            double width = rails.width();
            double depth = rails.depth();
            Optional<RailSection> channel = rails.section().filter(one -> one.shape() != RailSection.Shape.BOX);
            if (channel.isEmpty()) {
                pieces.add(wall(ahead, behind, side, 0, width, 0, depth));
                continue;
            }
            double thick = Math.min(channel.get().wall(), Math.min(width, depth) / 2);
            boolean webOutside = channel.get().shape() == RailSection.Shape.CHANNEL_IN;
            pieces.add(wall(ahead, behind, side, webOutside ? 0 : width - thick, webOutside ? thick : width, 0, depth));
            pieces.add(wall(ahead, behind, side, 0, width, 0, thick));
            pieces.add(wall(ahead, behind, side, 0, width, depth - thick, depth));
        }
        return pieces;
    }

    /** One wall between two stations: from its outer to its inner face, both inward of the rail's own, and from low to high. */
    private static Convex wall(
            RailStation ahead, RailStation behind, Side side, double outer, double inner, double low, double high) {
        List<Vector3D> corners = new ArrayList<>();
        for (RailStation at : List.of(ahead, behind)) {
            for (double inward : new double[] {outer, inner}) {
                for (double up : new double[] {low, high}) {
                    corners.add(new Vector3D(at.ahead(), side.sign() * (at.out() - inward), at.bottom() + up));
                }
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
