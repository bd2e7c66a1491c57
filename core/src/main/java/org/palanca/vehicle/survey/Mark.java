package org.palanca.vehicle.survey;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A point that a tape can be held to: punched in the frame, drawn on the floor, the middle of an axle end.
 *
 * @param name unique within its survey
 * @param near where it is [m], vehicle frame: true for the coordinates in {@code defined}, else to within a foot or two,
 *     which tells the adjustment on which side of everything it lies
 * @param defined the coordinates that are so by definition: a floor mark's height, a string's offset
 * @param photos names of picture files that show it
 */
public record Mark(String name, Vector3D near, Set<Axis> defined, List<String> photos) {
    public Mark {
        defined = Set.copyOf(new TreeSet<>(defined));
        photos = List.copyOf(photos);
    }

    /** A mark without pictures. */
    public Mark(String name, Vector3D near, Set<Axis> defined) {
        this(name, near, defined, List.of());
    }

    /** A mark of which every coordinate has to be measured. */
    public static Mark at(String name, Vector3D near) {
        return new Mark(name, near, Set.of());
    }

    public Mark withPhotos(List<String> other) {
        return new Mark(name, near, defined, other);
    }

    /** A mark on the vehicle itself, which can be cut away; a mark defined to lie on the floor can't. */
    public boolean onVehicle() {
        return !defined.contains(Axis.UP);
    }
}
