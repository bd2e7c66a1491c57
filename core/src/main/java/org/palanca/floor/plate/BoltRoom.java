package org.palanca.floor.plate;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * Room along a bolt's axis that has to be open when it comes out: as long as the bolt with its head on the side where it is drawn
 * out, and for a socket on either side. Hexagons are one and a half bolts across flats (ASME B18.2.1, from memory); a socket is a
 * third wider than that and, with its drive, two and a half inches long, a box wrench at the other end wants an inch beyond the
 * nut: common practice, no source.
 *
 * @param way that the bolt is drawn out through
 * @param wrench room for a wrench at its other end
 * @param when it has to be open
 */
public record BoltRoom(Rod way, Rod wrench, ServiceMoment when) {
    private static final double FLATS = 1.5;
    private static final double SOCKET = 4.0 / 3;
    private static final double HEAD = 0.65;
    private static final double SOCKET_LENGTH = Lengths.inches(2.5);
    private static final double WRENCH_LENGTH = Lengths.inches(1);

    /**
     * A round room with flat ends.
     *
     * @param from where it begins, vehicle frame at ride [m]
     * @param to where it ends [m]
     * @param radius [m]
     */
    public record Rod(Vector3D from, Vector3D to, double radius) {}

    /**
     * For a bolt.
     *
     * @param at its middle [m]
     * @param out which way it is drawn, along its axis, of length 1
     */
    static BoltRoom of(Ears ears, BoltChoice bolt, Vector3D at, Vector3D out, ServiceMoment when) {
        double radius = SOCKET * FLATS * ears.bolt() / 2;
        double face = bolt.grip() / 2;
        double way = Math.max(SOCKET_LENGTH, bolt.length() + HEAD * ears.bolt());
        double nut = bolt.length() - bolt.grip() + WRENCH_LENGTH;
        return new BoltRoom(
                new Rod(at.add(face, out), at.add(face + way, out), radius),
                new Rod(at.subtract(face, out), at.subtract(face + nut, out), radius),
                when);
    }
}
