package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Everything that holds and steers the wheels of an axle. Two ways of holding the same axle differ in this alone.
 *
 * @param type what the trade calls it
 * @param mounts in the order of the file
 * @param links in the order of the file
 * @param joints in the order of the file
 * @param leaves in the order of the file
 * @param steering empty where the wheels are not steered
 */
public record Linkage(
        SuspensionType type,
        List<Mount> mounts,
        List<Link> links,
        List<Joint> joints,
        List<LeafSpring> leaves,
        Optional<Steering> steering) {
    public Linkage {
        mounts = List.copyOf(mounts);
        links = List.copyOf(links);
        joints = List.copyOf(joints);
        leaves = List.copyOf(leaves);
    }

    /** Links alone, as four-links and three-links have them. */
    public static Linkage ofLinks(SuspensionType type, List<Mount> mounts, List<Link> links) {
        return new Linkage(type, mounts, links, List.of(), List.of(), Optional.empty());
    }

    public Linkage withMounts(List<Mount> other) {
        return new Linkage(type, other, links, joints, leaves, steering);
    }

    public Linkage withLinks(List<Link> other) {
        return new Linkage(type, mounts, other, joints, leaves, steering);
    }

    public Linkage withSteering(Optional<Steering> other) {
        return new Linkage(type, mounts, links, joints, leaves, other);
    }

    /** The joint of that name. */
    public Optional<Joint> joint(String name) {
        return joints.stream().filter(joint -> joint.name().equals(name)).findFirst();
    }

    /** This linkage with every link changed. */
    public Linkage mapLinks(UnaryOperator<Link> change) {
        List<Link> next = new ArrayList<>(links);
        next.replaceAll(change);
        return withLinks(next);
    }
}
