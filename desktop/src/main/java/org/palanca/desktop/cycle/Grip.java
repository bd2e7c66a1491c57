package org.palanca.desktop.cycle;

import org.palanca.vehicle.MountRef;

/** Something on the board of an axle that a hand can take hold of. */
public sealed interface Grip {
    /** What the shop calls it. */
    String name();

    /** A part with a shape, by its name. */
    static Grip part(String name) {
        return new OnPart("part:" + name);
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
     * @param id tells it from the others, as {@link org.palanca.vehicle.edit.DescribedPart#id}
     */
    record OnPart(String id) implements Grip {
        @Override
        public String name() {
            return id.substring(id.indexOf(':') + 1);
        }
    }
}
