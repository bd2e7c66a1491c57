package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Outline;

/**
 * A plate where it stands at ride, vehicle frame.
 *
 * @param outline round it [m]
 * @param openings what is cut out of it [m]
 * @param thickness [m]
 * @param origin of its outline, in the middle of its thickness [m]
 * @param right which way its outline's x runs, of length 1
 * @param up which way its outline's y runs, of length 1
 */
public record PlacedPlate(
        Outline outline, List<Outline> openings, double thickness, Vector3D origin, Vector3D right, Vector3D up) {
    public PlacedPlate {
        openings = List.copyOf(openings);
    }

    /** Square to it, of length 1. */
    public Vector3D normal() {
        return right.crossProduct(up);
    }

    /** A place of its drawing in space [m]. */
    public Vector3D place(Vector2D at, double off) {
        return origin.add(at.getX(), right).add(at.getY(), up).add(off, normal());
    }

    /** Places along its edge on both faces [m]: its hull is the plate's, but for what is cut out between its feet. */
    public List<Vector3D> rim(double stray) {
        List<Vector3D> all = new ArrayList<>();
        for (Vector2D at : outline.points(stray)) {
            all.add(place(at, -thickness / 2));
            all.add(place(at, thickness / 2));
        }
        return all;
    }
}
