package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;

/**
 * The shape of what carries one wheel, for whoever draws it or keeps clear of it: a hub on the wheel's axis, and an arm from the
 * hub straight to each mount. Places along the wheel's axis are outward from the middle of the tyre. What nobody typed is
 * ordinary: common practice, no source.
 *
 * @param body the knuckle
 * @param side of the vehicle
 * @param sizes typed or ordinary
 * @param assumed whether nobody typed them
 * @param face where the wheel bolts on [m]
 * @param arms one to each end of its kingpin and to each mount that the kingpin does not carry
 */
public record UprightBody(BodyName body, Side side, Upright sizes, boolean assumed, double face, List<Arm> arms) {
    /**
     * An arm from the hub.
     *
     * @param mount where it ends
     * @param out where on the wheel's axis it begins [m]
     */
    public record Arm(String mount, double out) {}

    public UprightBody {
        arms = List.copyOf(arms);
    }

    /** That of one side; empty where the wheel is fixed to what carries both. */
    public static Optional<UprightBody> of(Axle axle, double wheelbase, Side side) {
        BodyName body = BodyName.knuckle(side);
        if (!axle.hasBody(body)) {
            return Optional.empty();
        }
        Optional<Upright> typed = axle.wheels().upright();
        Upright sizes = typed.orElse(Upright.ORDINARY);
        double face = axle.wheels().rim().map(Rim::offset).orElse(Rim.FLANGE);
        Vector3D centre = axle.wheelCentre(wheelbase, side);
        Vector3D outward = axle.wheels().axis(side).scalarMultiply(side.sign());
        List<Arm> arms = new ArrayList<>();
        for (String mount : held(axle, body)) {
            double beside = axle.position(mount, wheelbase).subtract(centre).dotProduct(outward);
            arms.add(new Arm(mount, Math.max(face - sizes.hubWidth(), Math.min(face, beside))));
        }
        return Optional.of(new UprightBody(body, side, sizes, typed.isEmpty(), face, arms));
    }

    /** What its arms go to: the ends of its kingpin, from which its own levers go on, or else its mounts. */
    private static List<String> held(Axle axle, BodyName body) {
        for (Joint joint : axle.joints()) {
            if (joint instanceof Joint.Hinge hinge && hinge.body().equals(body)) {
                // A semi-trailing arm turns on pins of its own and ends at the hub.
                return axle.independent() ? List.of() : List.of(hinge.from(), hinge.to());
            }
        }
        return axle.mounts().stream()
                .filter(mount -> mount.body().equals(body))
                .map(Mount::name)
                .toList();
    }

    /** Where its hub ends inward [m]. */
    public double inner() {
        return face - sizes.hubWidth();
    }
}
