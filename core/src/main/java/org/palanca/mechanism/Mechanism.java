package org.palanca.mechanism;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Bodies, members and drivers. Immutable.
 *
 * @param bodies those that move; the chassis is not listed
 * @param members what ties them
 * @param drivers what sets the pose
 */
public record Mechanism(List<Body> bodies, List<Member> members, List<Driver> drivers) {
    /**
     * Checks that names are unique.
     *
     * @throws IllegalArgumentException naming the body, member or driver that stands twice
     */
    public Mechanism {
        bodies = List.copyOf(bodies);
        members = List.copyOf(members);
        drivers = List.copyOf(drivers);
        Set<String> names = new HashSet<>(Set.of(Body.GROUND));
        bodies.forEach(body -> unique(names, body.name()));
        Set<String> tied = new HashSet<>();
        members.forEach(member -> unique(tied, member.name()));
        drivers.forEach(driver -> unique(tied, driver.name()));
    }

    private static void unique(Set<String> names, String name) {
        if (!names.add(name)) {
            throw new IllegalArgumentException("\"" + name + "\" stands twice in the mechanism");
        }
    }

    /**
     * Index of a body in {@link #bodies}, or -1 for the chassis.
     *
     * @throws IllegalArgumentException when there is no such body
     */
    public int bodyIndex(String name) {
        for (int i = 0; i < bodies.size(); i++) {
            if (bodies.get(i).name().equals(name)) {
                return i;
            }
        }
        if (name.equals(Body.GROUND)) {
            return -1;
        }
        throw new IllegalArgumentException("no body \"" + name + "\" in the mechanism");
    }

    /** A point relative to its body's origin at the design pose, as {@link Configuration#locate} wants it [m]. */
    public double[] local(BodyPoint point) {
        int body = bodyIndex(point.body());
        Vector3D from = body < 0 ? Vector3D.ZERO : bodies.get(body).origin();
        return point.atDesign().subtract(from).toArray();
    }

    /** A configuration in the design pose. */
    public Configuration atDesign() {
        return new Configuration(this);
    }

    /** Unknowns: six a body. */
    public int unknowns() {
        return 6 * bodies.size();
    }
}
