package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;

/**
 * One link as it is made. A right-hand joint goes to the frame end and a left-hand one to the axle end, so that turning
 * the tube changes the length by both pitches together.
 *
 * @param axle where it goes
 * @param link which one
 * @param pinToPin centre to centre of its joints [m]
 * @param tube length of the tube between the insert shoulders [m]; not positive when the joints alone are too long
 * @param mid engagement of each joint at the mid setting
 * @param out engagement with both joints turned out by the wanted adjustment
 * @param in engagement with both turned in
 */
public record LinkCut(
        Axle axle,
        Link link,
        double pinToPin,
        double tube,
        ThreadEngagement mid,
        ThreadEngagement out,
        ThreadEngagement in) {
    /** Every link of the vehicle that is a bar of its own, in the order of the file. */
    public static List<LinkCut> list(Vehicle vehicle) {
        List<LinkCut> cuts = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            for (Link link : axle.links()) {
                if (!partOfArm(axle, link)) {
                    cuts.add(of(vehicle, axle, link));
                }
            }
        }
        return List.copyOf(cuts);
    }

    /** Legs that meet in one mount are welded into a wishbone or a bar of triangles, and are no tube with two inserts. */
    private static boolean partOfArm(Axle axle, Link link) {
        return axle.links().stream()
                .filter(other -> other != link)
                .anyMatch(
                        other -> other.from().equals(link.from()) || other.to().equals(link.to()));
    }

    private static LinkCut of(Vehicle vehicle, Axle axle, Link link) {
        LinkHardware hardware = vehicle.hardware();
        double apart = Vector3D.distance(
                axle.position(link.from(), vehicle.wheelbase()), axle.position(link.to(), vehicle.wheelbase()));
        double pinToPin = link.length().orElse(apart);
        return new LinkCut(
                axle,
                link,
                pinToPin,
                pinToPin - 2 * jointReach(hardware),
                ThreadEngagement.at(hardware, 0),
                ThreadEngagement.at(hardware, hardware.adjustment()),
                ThreadEngagement.at(hardware, -hardware.adjustment()));
    }

    /** From the centre of the ball to the tube's end at the mid setting [m]. */
    public static double jointReach(LinkHardware hardware) {
        return hardware.eyeToShank() + ThreadEngagement.midExposed(hardware) + hardware.insertShoulder();
    }

    /** Whether there is tube enough for both inserts. */
    public boolean makeable(LinkHardware hardware) {
        return tube >= 2 * hardware.insertThread();
    }
}
