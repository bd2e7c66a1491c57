package org.palanca.result;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;

/**
 * Which way the bolt of each link's end points at ride. Nothing says so in a description, so the ordinary way is taken:
 * square to the link, and as nearly across the vehicle as that allows for links that run fore and aft, as nearly upright
 * for those that run across, which have studs or eyes that lie flat. A joint is set without misalignment at ride.
 *
 * @param ends one an end, each link's {@code from} before its {@code to}
 */
public record JointBolts(List<End> ends) {
    public JointBolts {
        ends = List.copyOf(ends);
    }

    /**
     * One end of a link.
     *
     * @param link its name
     * @param mount index of the mount it is bolted to
     * @param other index of the mount at its other end
     * @param direction of the bolt at ride, of length 1, vehicle frame
     */
    public record End(String link, int mount, int other, Vector3D direction) {}

    /** The ends of all links of an axle. */
    public static JointBolts of(Axle axle, double wheelbase) {
        List<End> ends = new ArrayList<>();
        for (Link link : axle.links()) {
            int from = axle.mountIndex(link.from());
            int to = axle.mountIndex(link.to());
            Vector3D along = axle.position(link.to(), wheelbase)
                    .subtract(axle.position(link.from(), wheelbase))
                    .normalize();
            Vector3D bolt = bolt(along, link.role());
            ends.add(new End(link.name(), from, to, bolt));
            ends.add(new End(link.name(), to, from, bolt));
        }
        return new JointBolts(ends);
    }

    private static Vector3D bolt(Vector3D along, LinkRole role) {
        boolean flat = role == LinkRole.TIE_ROD || role == LinkRole.DRAG_LINK;
        boolean across = Math.abs(along.getY()) > Math.abs(along.getX());
        Vector3D wished = flat ? Vector3D.PLUS_K : across ? Vector3D.PLUS_I : Vector3D.PLUS_J;
        Vector3D square = wished.subtract(along.scalarMultiply(wished.dotProduct(along)));
        return square.getNorm() < 1e-6 ? along.orthogonal() : square.normalize();
    }
}
