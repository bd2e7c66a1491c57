package org.palanca.floor.plate;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;

/**
 * What is bolted at a mount, as its bracket has to take it.
 *
 * @param name of the link or shock
 * @param link whether it is a link, whose end says what its ears are
 * @param width across what the ears clamp [m]
 * @param ears gap, thickness, bolt and hole; empty where nobody said
 * @param bolt direction of the bolt at ride, of length 1, vehicle frame
 * @param away direction in which it leaves the bolt at ride, of length 1
 * @param head how far its joint, sleeve or eye reaches out round the bolt [m]
 */
public record Bolted(
        String name,
        boolean link,
        OptionalDouble width,
        Optional<Ears> ears,
        Vector3D bolt,
        Vector3D away,
        OptionalDouble head) {
    private static final double ALONG = 1e-6;

    /** What is bolted there; empty where nothing is that a bracket could be made for. */
    public static Optional<Bolted> at(Vehicle vehicle, Axle axle, String mount) {
        int index = axle.mountIndex(mount);
        Optional<Bolted> link = JointBolts.of(axle, vehicle.wheelbase()).ends().stream()
                .filter(end -> end.mount() == index)
                .findFirst()
                .map(end -> of(vehicle, axle, end));
        return link.isPresent()
                ? link
                : axle.springing().shocks().stream()
                        .filter(shock ->
                                shock.upper().equals(mount) || shock.lower().equals(mount))
                        .findFirst()
                        .map(shock -> of(vehicle, axle, mount, shock));
    }

    private static Bolted of(Vehicle vehicle, Axle axle, JointBolts.End end) {
        Link link = axle.link(end.link()).orElseThrow();
        LinkEnd made = vehicle.hardware().end(link, end.first());
        return new Bolted(
                link.name(), true, made.width(), made.ears(), end.direction(), end.shank(), made.headRadius());
    }

    private static Bolted of(Vehicle vehicle, Axle axle, String mount, Shock shock) {
        String other = shock.upper().equals(mount) ? shock.lower() : shock.upper();
        Vector3D away = axle.position(other, vehicle.wheelbase())
                .subtract(axle.position(mount, vehicle.wheelbase()))
                .normalize();
        Optional<Bracket> bracket = axle.bracket(mount);
        // A shock leans a little, and its bracket stands square all the same: the eye's bushing takes that up.
        Vector3D wished = bracket.flatMap(Bracket::bolt).orElse(BoltWay.ALONG).direction();
        return new Bolted(
                shock.name(),
                false,
                shock.size().map(ShockSize::eye).map(OptionalDouble::of).orElseGet(OptionalDouble::empty),
                bracket.flatMap(Bracket::ears),
                wished.crossProduct(away).getNorm() < ALONG ? away.orthogonal() : wished,
                away,
                OptionalDouble.empty());
    }
}
