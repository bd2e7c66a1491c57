package org.palanca.result.working;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** What a builder would scribe to find the number by hand. Places [m], vehicle frame. */
public sealed interface Construction {
    /** What a construction line stands for; decides how it is drawn. */
    enum Kind {
        /** A link drawn on beyond its mounts. */
        EXTENSION,
        /** The line along which thrust or braking acts on the chassis. */
        REACTION,
        /** The line the axle rolls about. */
        ROLL_AXIS,
        /** A distance that is measured. */
        MEASURE
    }

    /** A point with its name. */
    record Point(String label, Vector3D at) implements Construction {}

    /** A line from one place to another. */
    record Line(Kind kind, Vector3D from, Vector3D to) implements Construction {}
}
