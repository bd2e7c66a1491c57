package org.palanca.study.ride;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.MountLine;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Strap;

/** Puts a shock's upper mount where the split of its stroke is as wanted, and stops and straps where they end the travel. */
public final class ShockPlacing {
    private ShockPlacing() {}

    /**
     * Where the upper mount goes so that a share of the stroke is up travel at ride, at a given lean; the lower stays.
     *
     * @param up share of the stroke that is up travel at ride, 0 to 1
     * @param leanBack of the shock in side view, top rearward positive [rad]
     * @param leanIn of the shock in front view, top inward positive [rad]
     * @return place of the upper mount at ride [m], vehicle frame
     * @throws IllegalArgumentException when the shock has no size or no such name
     */
    public static Vector3D upper(
            Vehicle vehicle, AxlePlace place, String shockName, double up, double leanBack, double leanIn) {
        Axle axle = vehicle.axle(place).orElseThrow();
        Shock shock = axle.springing()
                .shock(shockName)
                .filter(one -> one.size().isPresent())
                .orElseThrow(() -> new IllegalArgumentException("no shock \"" + shockName + "\" of known size"));
        double length = shock.size().get().collapsed() + up * shock.size().get().stroke();
        Vector3D lower = axle.position(shock.lower(), vehicle.wheelbase());
        double inward = -Math.signum(lower.getY());
        Vector3D way = new Vector3D(-Math.tan(leanBack), inward * Math.tan(leanIn), 1).normalize();
        return lower.add(length, way);
    }

    /** The vehicle with the upper mount there; a mirrored mount follows. */
    public static Vehicle withSplit(
            Vehicle vehicle, AxlePlace place, String shockName, double up, double leanBack, double leanIn) {
        String mount = vehicle.axle(place)
                .orElseThrow()
                .springing()
                .shock(shockName)
                .orElseThrow()
                .upper();
        Vector3D at = upper(vehicle, place, shockName, up, leanBack, leanIn);
        return MountMoves.moveTo(vehicle, new MountRef(place, mount), at);
    }

    /** The vehicle with all bump stops of an axle packed so that they are solid just at a bump travel of both wheels [m]. */
    public static Vehicle stopsAt(Vehicle vehicle, AxlePlace place, double bump) {
        Axle axle = vehicle.axle(place).orElseThrow();
        AxleModel model = new AxleModel(vehicle, place);
        model.moveTo(WheelTravel.both(bump));
        return vehicle.withAxle(axle.withSpringing(axle.springing()
                .withStops(axle.springing().stops().stream()
                        .map(stop -> solidAt(
                                stop, MountLine.of(axle, stop.from(), stop.to()).length(model.motion())))
                        .toList())));
    }

    /** The same rubber on a block that is higher or lower: how far it is squeezed and how hard stays. */
    private static BumpStop solidAt(BumpStop stop, double apart) {
        double solid = Quantity.LENGTH.onGrid(Math.max(0, apart));
        double free = Quantity.LENGTH.onGrid(solid + stop.room());
        return new BumpStop(stop.name(), stop.from(), stop.to(), free, solid, stop.forces());
    }

    /** The vehicle with all straps of an axle cut so that they are tight just at a droop travel of both wheels [m]. */
    public static Vehicle strapsAt(Vehicle vehicle, AxlePlace place, double droop) {
        Axle axle = vehicle.axle(place).orElseThrow();
        AxleModel model = new AxleModel(vehicle, place);
        model.moveTo(WheelTravel.both(-droop));
        return vehicle.withAxle(axle.withSpringing(axle.springing()
                .withStraps(axle.springing().straps().stream()
                        .map((Strap strap) -> strap.withLength(Quantity.LENGTH.onGrid(
                                MountLine.of(axle, strap.from(), strap.to()).length(model.motion()))))
                        .toList())));
    }
}
