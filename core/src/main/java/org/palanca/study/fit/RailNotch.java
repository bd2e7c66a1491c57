package org.palanca.study.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Vehicle;

/**
 * What has to come out of a frame rail from below so that the axle's tube keeps its room from ride to everywhere its stops and
 * straps let it get to. The tube is cut in the plane of the rail's middle, where it is a circle but for its lean.
 *
 * @param side which rail
 * @param tube what comes up into it, with its size where that is an ordinary one
 * @param depth from the rail's underside up, at the deepest [m]
 * @param ahead front end of the notch, ahead of the axle's line [m]
 * @param behind rear end, behind the axle's line [m]
 * @param room kept round the tube [m]
 * @param pose where it reaches deepest
 * @param through whether nothing of the rail would be left
 * @param atRide whether the tube with its room is in the rail at ride height already
 */
public record RailNotch(
        Side side,
        Message tube,
        double depth,
        double ahead,
        double behind,
        double room,
        WheelTravel pose,
        boolean through,
        boolean atRide) {
    private static final int WAY = 12;

    /** Places looked at across the tube with its room. */
    private static final int ACROSS = 121;

    /** The tube's middle in the plane of a rail, at a pose. */
    private record Centre(double x, double z, WheelTravel pose) {}

    /** Of each rail that the tube of a live axle comes into from below; empty where it keeps out, or no straight tube goes across. */
    public static List<RailNotch> of(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        if (axle.independent() || vehicle.rails().isEmpty()) {
            return List.of();
        }
        AxleModel model = new AxleModel(vehicle, place);
        Set<CollisionId> there =
                CollisionBodies.of(model).stream().map(CollisionBody::id).collect(Collectors.toSet());
        List<RailNotch> found = new ArrayList<>();
        for (Side side : Side.values()) {
            // A rail that boxes describe, notched and all, is looked at by these.
            if (there.contains(CollisionId.Sort.RAIL.of(side))) {
                of(model, vehicle.rails().get(), side).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<RailNotch> of(AxleModel model, FrameRails rails, Side side) {
        Vehicle vehicle = model.vehicle();
        double room = vehicle.build().rules().wanted(Part.Kind.FIXED, Part.Kind.DRIVELINE);
        HousingBody.Round tube = HousingBody.of(vehicle, model.axle()).tube();
        double radius = tube.radius() + room;
        List<Centre> centres = centres(model, rails, side);
        Centre ride = centres.get(0);
        if (ride.z() > rails.at(ride.x(), vehicle.wheelbase()).bottom() + rails.depth()) {
            // It runs over the rail: what it needs is cut from above, if anything.
            return Optional.empty();
        }
        double line = model.axle().lineX(vehicle.wheelbase());
        double deepest = 0;
        double front = Double.NEGATIVE_INFINITY;
        double back = Double.POSITIVE_INFINITY;
        Centre worst = ride;
        for (Centre centre : centres) {
            for (int i = 0; i < ACROSS; i++) {
                double off = radius * (2.0 * i / (ACROSS - 1) - 1);
                double x = centre.x() + off;
                double reach = centre.z() + Math.sqrt(radius * radius - off * off);
                double depth = reach - rails.at(x, vehicle.wheelbase()).bottom();
                if (depth > 0) {
                    front = Math.max(front, x);
                    back = Math.min(back, x);
                }
                if (depth > deepest) {
                    deepest = depth;
                    worst = centre;
                }
            }
        }
        if (deepest <= 0) {
            return Optional.empty();
        }
        boolean atRide =
                ride.z() + radius > rails.at(ride.x(), vehicle.wheelbase()).bottom();
        return Optional.of(new RailNotch(
                side,
                tube.named("thing.axle_tube"),
                deepest,
                front - line,
                line - back,
                room,
                worst.pose(),
                deepest >= rails.depth(),
                atRide));
    }

    /** At ride, and on the way up to every worst pose. Leaves the model at ride. */
    private static List<Centre> centres(AxleModel model, FrameRails rails, Side side) {
        List<Centre> all = new ArrayList<>();
        model.toRide();
        all.add(centre(model, rails, side, WheelTravel.RIDE));
        TravelEnvelope envelope = new TravelEnvelope(model);
        for (WorstPose worst : envelope.worst()) {
            model.toRide();
            for (int i = 1; i <= WAY; i++) {
                double part = (double) i / WAY;
                WheelTravel pose = new WheelTravel(
                        part * worst.pose().left(),
                        part * worst.pose().right(),
                        worst.pose().steer());
                if (model.placeAt(pose)) {
                    all.add(centre(model, rails, side, pose));
                }
            }
        }
        model.toRide();
        return all;
    }

    private static Centre centre(AxleModel model, FrameRails rails, Side side, WheelTravel pose) {
        AxleMotion motion = model.motion();
        Vector3D middle = new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ());
        Vector3D along = new Vector3D(motion.turned(0, 0, 1, 0), motion.turned(1, 0, 1, 0), motion.turned(2, 0, 1, 0));
        double y = side.sign()
                * (rails.at(middle.getX(), model.vehicle().wheelbase()).out() - rails.width() / 2);
        Vector3D there = middle.add((y - middle.getY()) / along.getY(), along);
        return new Centre(there.getX(), there.getZ(), pose);
    }
}
