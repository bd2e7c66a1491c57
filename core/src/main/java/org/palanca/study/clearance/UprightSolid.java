package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.UprightBody;

/** The shapes of what carries a wheel where it moves or turns by itself: its upright or knuckle with the hub, and its brake. */
final class UprightSolid {
    private final AxleModel model;
    private final UprightBody body;
    private final Vector3D outward;
    private final Vector3D centre;
    private final Carrier carrier;

    private UprightSolid(AxleModel model, UprightBody body) {
        this.model = model;
        this.body = body;
        int index = model.bodyIndex(body.body()).orElseThrow();
        Axle axle = model.axle();
        outward = axle.wheels().axis(body.side()).scalarMultiply(body.side().sign());
        centre = axle.wheelCentre(model.vehicle().wheelbase(), body.side()).subtract(model.originAtRide(index));
        carrier = CollisionBodies.carrier(index);
    }

    /** Those of an axle that stands at ride. */
    static List<CollisionBody> of(AxleModel model) {
        List<CollisionBody> all = new ArrayList<>();
        for (Side side : Side.values()) {
            UprightBody.of(model.axle(), model.vehicle().wheelbase(), side).ifPresent(body -> {
                UprightSolid solid = new UprightSolid(model, body);
                all.add(solid.upright());
                if (body.sizes().braked()) {
                    all.add(solid.brake());
                }
            });
        }
        return all;
    }

    private CollisionBody upright() {
        Upright sizes = body.sizes();
        List<Convex> pieces = new ArrayList<>();
        pieces.add(disc(sizes.hubDiameter(), sizes.hubWidth()));
        for (UprightBody.Arm arm : body.arms()) {
            pieces.add(Convex.capsule(onAxis(arm.out()), at(arm.mount()), sizes.thickness() / 2));
        }
        String key = model.axle().independent() ? "thing.upright." : "thing.knuckle.";
        Message name = Message.of(key + body.side().id());
        return new CollisionBody(
                Sort.ARM.of("upright " + body.side().id()),
                body.assumed() ? Message.of("thing.assumed", name, Message.length(sizes.thickness())) : name,
                Part.Kind.MOVING,
                carrier,
                Solid.of(pieces),
                belongs());
    }

    private CollisionBody brake() {
        return new CollisionBody(
                Sort.HOUSING.of("brake " + body.side().id()),
                Message.of("thing.brake." + body.side().id()),
                Part.Kind.MOVING,
                carrier,
                Solid.of(List.of(disc(body.sizes().brakeDiameter(), body.sizes().brakeWidth()))),
                belongs());
    }

    /** What is bolted to it, and what goes into its hub, is never compared with it. */
    private Set<String> belongs() {
        Set<String> all = new HashSet<>(Set.of(CollisionBodies.HOUSING, CollisionBodies.HUB));
        body.arms().forEach(arm -> all.add(arm.mount()));
        for (Mount mount : model.axle().mounts()) {
            if (mount.body().equals(body.body())) {
                all.add(mount.name());
            }
        }
        return all;
    }

    /** Round the wheel's axis, from its mounting face inward. */
    private Convex disc(double diameter, double width) {
        double shoulder = Math.min(width / 2, diameter / 2) / 4;
        return Convex.wheel(onAxis(body.face() - width / 2), outward, diameter / 2, width / 2, shoulder);
    }

    private Vector3D onAxis(double out) {
        return centre.add(out, outward);
    }

    private Vector3D at(String mount) {
        int index = model.bodyIndex(body.body()).orElseThrow();
        return model.axle().position(mount, model.vehicle().wheelbase()).subtract(model.originAtRide(index));
    }
}
