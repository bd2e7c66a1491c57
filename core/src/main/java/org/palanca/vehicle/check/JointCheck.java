package org.palanca.vehicle.check;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Steering;

/** Looks over what ties bodies together besides links: joints, leaf springs, steering, and whether a body is held at all. */
final class JointCheck {
    /** Shortest line that a hinge, guide, strut or clamp is taken to have [m]: shorter, its direction is a guess. */
    private static final double SHORTEST_LINE = Lengths.inches(0.25);

    /** Shortest half of a leaf spring outside its clamp [m]. */
    private static final double SHORTEST_HALF = Lengths.inches(4);

    private final Axle axle;
    private final double wheelbase;
    private final String at;
    private final Set<String> broken;
    private final List<Finding> findings;
    private final Set<String> used = new HashSet<>();

    private JointCheck(Axle axle, double wheelbase, String at, Set<String> broken, List<Finding> findings) {
        this.axle = axle;
        this.wheelbase = wheelbase;
        this.at = at;
        this.broken = broken;
        this.findings = findings;
    }

    /**
     * Adds what is found.
     *
     * @param broken mounts that have no place
     * @return the mounts that joints and leaf springs use
     */
    static Set<String> of(Axle axle, double wheelbase, String at, Set<String> broken, List<Finding> findings) {
        JointCheck check = new JointCheck(axle, wheelbase, at, broken, findings);
        check.names();
        axle.joints().forEach(check::joint);
        axle.linkage().leaves().forEach(check::leaf);
        axle.steering().ifPresent(check::steering);
        check.wheelsAreCarried();
        return check.used;
    }

    /** Links, joints and springs share one set of names: messages name them. */
    private void names() {
        Set<String> seen = new HashSet<>();
        for (Link link : axle.links()) {
            seen.add(link.name());
        }
        for (Joint joint : axle.joints()) {
            if (!seen.add(joint.name())) {
                error("/joints/" + joint.name(), "check.name_twice", joint.name());
            }
        }
        for (LeafSpring leaf : axle.linkage().leaves()) {
            if (!seen.add(leaf.name())) {
                error("/leaves/" + leaf.name(), "check.name_twice", leaf.name());
            }
        }
    }

    private void joint(Joint joint) {
        String here = "/joints/" + joint.name();
        if (!placed(joint.name(), joint.mounts(), here)) {
            return;
        }
        BodyName own = body(joint.mounts().get(0));
        if (joint instanceof Joint.Strut strut) {
            if (body(strut.foot()).equals(own)) {
                error(here, "check.joint_one_body", joint.name(), own);
            }
        } else if (joint.body().equals(own)) {
            error(here, "check.joint_one_body", joint.name(), own);
        } else if (!joint.mounts().stream().allMatch(mount -> body(mount).equals(own))) {
            error(here, "check.joint_mounts_apart", joint.name(), String.join(", ", joint.mounts()));
        }
        if (joint.mounts().size() > 1) {
            double line = apart(joint.mounts().get(0), joint.mounts().get(1));
            if (line < SHORTEST_LINE) {
                error(
                        here,
                        "check.joint_no_axis",
                        joint.name(),
                        String.join(", ", joint.mounts()),
                        Message.length(line),
                        Message.length(SHORTEST_LINE));
            }
        }
    }

    private void leaf(LeafSpring leaf) {
        String here = "/leaves/" + leaf.name();
        if (!placed(leaf.name(), leaf.mounts(), here)) {
            return;
        }
        boolean onFrame = body(leaf.fixedEye()).equals(BodyName.FRAME)
                && body(leaf.shacklePivot()).equals(BodyName.FRAME);
        boolean onShackle =
                List.of(BodyName.SHACKLE_LEFT, BodyName.SHACKLE_RIGHT).contains(body(leaf.shackleEye()));
        if (!onFrame || !onShackle || !body(leaf.seat()).equals(BodyName.AXLE)) {
            error(here, "check.leaf_bodies", leaf.name());
        }
        for (String eye : List.of(leaf.fixedEye(), leaf.shackleEye())) {
            double half = apart(eye, leaf.seat()) - leaf.clamp() / 2;
            if (half < SHORTEST_HALF) {
                error(here, "check.leaf_short", leaf.name(), eye, Message.length(half), Message.length(SHORTEST_HALF));
            }
        }
        if (apart(leaf.shackleEye(), leaf.shacklePivot()) < SHORTEST_LINE) {
            error(
                    here,
                    "check.joint_no_axis",
                    leaf.name(),
                    leaf.shackleEye() + ", " + leaf.shacklePivot(),
                    Message.length(apart(leaf.shackleEye(), leaf.shacklePivot())),
                    Message.length(SHORTEST_LINE));
        }
    }

    private double apart(String one, String other) {
        return Vector3D.distance(axle.position(one, wheelbase), axle.position(other, wheelbase));
    }

    private void steering(Steering steering) {
        Optional<Joint> joint = axle.linkage().joint(steering.joint());
        boolean drives = joint.filter(found -> found instanceof Joint.Guide || found instanceof Joint.Hinge)
                .isPresent();
        if (!drives) {
            error(
                    "/steering/joint",
                    "check.steering_joint",
                    steering.joint(),
                    NearestName.of(
                            steering.joint(),
                            axle.joints().stream().map(Joint::name).toList()));
        }
        boolean turns = joint.orElse(null) instanceof Joint.Hinge;
        if (!(steering.lock() > 0) || turns && steering.lock() > Math.PI / 2) {
            error("/steering", "check.lock");
        }
    }

    private void wheelsAreCarried() {
        for (Side side : Side.values()) {
            BodyName knuckle = BodyName.knuckle(side);
            if (axle.independent() && !axle.hasBody(knuckle)) {
                error("/mounts", "check.no_knuckle", knuckle);
            }
        }
        if (axle.independent() && axle.hasBody(BodyName.AXLE)) {
            error("/type", "check.housing_on_corner");
        }
    }

    private boolean placed(String owner, List<String> mounts, String here) {
        boolean all = true;
        for (String mount : mounts) {
            used.add(mount);
            if (axle.mount(mount).isEmpty()) {
                String nearest = NearestName.of(
                        mount, axle.mounts().stream().map(Mount::name).toList());
                error(
                        here,
                        "check.joint_mount_missing",
                        owner,
                        mount,
                        axle.place().id(),
                        nearest);
                all = false;
            }
            all &= !broken.contains(mount);
        }
        return all;
    }

    private BodyName body(String mount) {
        return axle.mount(mount).map(Mount::body).orElseThrow();
    }

    private void error(String place, String key, Object... arguments) {
        findings.add(Finding.error(at + place, Message.of(key, arguments)));
    }
}
