package org.palanca.desktop.board;

import java.util.function.Predicate;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.clearance.Nearest;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PartRef;

/** Something on the board of an axle that a hand can take hold of. */
public sealed interface Grip {
    /** What the shop calls it. */
    String name();

    /** Tells the bodies of an axle that are it, or are bolted at it. */
    Predicate<CollisionBody> bodies(Axle axle);

    /** A part with a shape, by its name. */
    static Grip part(String name) {
        return new OnPart(PartRef.part(name));
    }

    /** A mount of what locates or carries the axle. */
    record OnMount(MountRef ref) implements Grip {
        @Override
        public String name() {
            return ref.mount();
        }

        @Override
        public Predicate<CollisionBody> bodies(Axle axle) {
            return Nearest.boltedAt(axle, ref.mount());
        }
    }

    /**
     * Something the user described.
     *
     * @param ref which
     */
    record OnPart(PartRef ref) implements Grip {
        @Override
        public String name() {
            return ref.name();
        }

        @Override
        public Predicate<CollisionBody> bodies(Axle axle) {
            return Nearest.thing(CollisionId.of(ref));
        }
    }
}
