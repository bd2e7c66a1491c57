package org.palanca.result;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.Driver;
import org.palanca.mechanism.HeightDriver;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Member;
import org.palanca.mechanism.Rod;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;

/** Turns a described axle into bodies, members and drivers. Every layout of links goes through here alike. */
public final class AxleMechanism {
    /** Driver of the left wheel's travel; the first. */
    public static final String LEFT_WHEEL = "left wheel";

    /** Driver of the right wheel's travel; the second. */
    public static final String RIGHT_WHEEL = "right wheel";

    private AxleMechanism() {}

    /**
     * The mechanism of one axle: the housing moves, the frame stands.
     *
     * @param wheelbase design wheelbase [m]
     * @throws IllegalArgumentException when a link names a mount that is not there
     */
    public static Mechanism of(Axle axle, double wheelbase) {
        Vector3D centre = new Vector3D(axle.lineX(wheelbase), 0, axle.tyre().loadedRadius());
        List<Member> members =
                axle.links().stream().map(link -> rod(axle, link, wheelbase)).toList();
        List<Driver> drivers = List.of(
                new HeightDriver(LEFT_WHEEL, wheel(axle, centre, 1)),
                new HeightDriver(RIGHT_WHEEL, wheel(axle, centre, -1)));
        return new Mechanism(List.of(new Body(Mount.AXLE, centre)), members, drivers);
    }

    private static Member rod(Axle axle, Link link, double wheelbase) {
        BodyPoint from = point(axle, link.from(), wheelbase);
        BodyPoint to = point(axle, link.to(), wheelbase);
        double apart = Vector3D.distance(from.atDesign(), to.atDesign());
        return new Rod(link.name(), from, to, link.length().orElse(apart));
    }

    private static BodyPoint point(Axle axle, String mount, double wheelbase) {
        Vector3D at = axle.position(mount, wheelbase);
        return new BodyPoint(axle.mount(mount).orElseThrow().body(), at);
    }

    private static BodyPoint wheel(Axle axle, Vector3D centre, int side) {
        return new BodyPoint(Mount.AXLE, centre.add(new Vector3D(0, side * axle.track() / 2, 0)));
    }
}
