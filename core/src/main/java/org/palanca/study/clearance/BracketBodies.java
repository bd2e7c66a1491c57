package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.floor.plate.BoltRoom;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.PlacedPlate;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * A bracket as its plates stand: its ears, which belong to what is bolted between them; its back, which that may hit; and the room
 * that its bolt comes out through.
 *
 * @param all its bodies; none where its plates can't be made
 */
record BracketBodies(List<CollisionBody> all) {
    /** Round edges are drawn with chords that stray so far from them [m]. */
    private static final double STRAY = 2e-4;

    private static final double SHOULDER = 1e-4;

    static BracketBodies of(AxleModel model, BracketPlan plan) {
        Axle axle = model.axle();
        String mount = plan.mount().mount();
        int body = model.bodyIndex(axle.mount(mount).orElseThrow().body()).orElseThrow();
        Carrier carrier = CollisionBodies.carrier(body);
        Part.Kind kind = body < 0 ? Part.Kind.FIXED : Part.Kind.MOVING;
        Vector3D origin = model.originAtRide(body);
        List<CollisionBody> all = new ArrayList<>();
        if (!plan.ears().isEmpty()) {
            List<Convex> ears =
                    plan.ears().stream().map(ear -> piece(ear, origin)).toList();
            all.add(new CollisionBody(
                    Sort.EARS.of(mount),
                    Message.of("thing.ears", mount),
                    kind,
                    carrier,
                    Solid.of(ears),
                    Set.of(mount)));
        }
        plan.back()
                .ifPresent(back -> all.add(new CollisionBody(
                        Sort.BACK.of(mount),
                        Message.of("thing.back", mount),
                        kind,
                        carrier,
                        Solid.of(List.of(piece(back, origin))),
                        Set.of())));
        Optional<BoltRoom> room = plan.boltRoom();
        room.ifPresent(open -> {
            all.add(room(mount, "thing.bolt_way", open.way(), open, carrier, origin));
            all.add(room(mount, "thing.wrench", open.wrench(), open, carrier, origin));
        });
        return new BracketBodies(List.copyOf(all));
    }

    private static Convex piece(PlacedPlate plate, Vector3D origin) {
        return Convex.hull(
                plate.rim(STRAY).stream().map(at -> at.subtract(origin)).toList(), 0);
    }

    private static CollisionBody room(
            String mount, String word, BoltRoom.Rod rod, BoltRoom open, Carrier carrier, Vector3D origin) {
        Vector3D along = rod.to().subtract(rod.from());
        Solid solid = Solid.of(List.of(Convex.wheel(
                rod.from().add(0.5, along).subtract(origin),
                along.normalize(),
                rod.radius(),
                along.getNorm() / 2,
                SHOULDER)));
        ServiceMoment when = open.when();
        return new CollisionBody(
                Sort.BOLT_ROOM.of(mount),
                Message.of(word, mount),
                Part.Kind.SERVICE,
                carrier,
                solid,
                Set.of(mount),
                Set.of(),
                when);
    }
}
