package org.palanca.desktop.board;

import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PartRef;

/** Something on the board of an axle that a hand can take hold of. */
public sealed interface Grip {
    /** What the shop calls it. */
    String name();

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
    }
}
