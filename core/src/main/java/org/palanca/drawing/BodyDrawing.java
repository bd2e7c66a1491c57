package org.palanca.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.drawing.Shape.Role;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.UprightBody;
import org.palanca.vehicle.Wishbone;

/**
 * Everything that moves and is neither tyre, housing nor link: uprights and knuckles with hubs and brakes, arms,
 * bellcranks, rack, leaf springs. What has no size in the file is drawn by the lines between its mounts.
 */
final class BodyDrawing {
    /** Points of a drawn leaf, and how deep it sags against its chord, as part of that. */
    private static final int LEAF_POINTS = 12;

    private static final double LEAF_SAG = 0.05;

    /** Strokes of a quarter of what is drawn round. */
    private static final int QUARTER = 6;

    private final AxleModel model;
    private final Axle axle;
    private final Scriber scriber;

    BodyDrawing(AxleModel model, Scriber scriber) {
        this.model = model;
        this.axle = model.axle();
        this.scriber = scriber;
    }

    void draw() {
        List.of(BodyName.values()).stream()
                .filter(body -> !body.equals(BodyName.FRAME) && !body.equals(BodyName.AXLE))
                .forEach(this::body);
        for (Side side : Side.values()) {
            UprightBody.of(axle, model.vehicle().wheelbase(), side).ifPresent(this::hub);
        }
        if (!axle.independent()) {
            brakes();
        }
        axle.joints().forEach(this::joint);
        axle.links(LinkRole.TORQUE_ARM).forEach(this::torqueArm);
        axle.linkage().leaves().forEach(this::leaf);
    }

    private void body(BodyName body) {
        if (body.isWishbone()) {
            Wishbone.of(axle).stream()
                    .filter(arm -> arm.body() == body)
                    .findFirst()
                    .ifPresent(this::brackets);
            return;
        }
        List<Vector3D> points = axle.mounts().stream()
                .filter(mount -> mount.body().equals(body))
                .map(mount -> at(mount.name()))
                .toList();
        Optional<Vector3D> hub = hub(body);
        boolean onPin = axle.joints().stream().anyMatch(joint -> joint.body().equals(body));
        if (body.isKnuckle() && !onPin) {
            return; // Its arms go out from its hub.
        }
        if (hub.isPresent()) {
            points.forEach(point -> line(hub.get(), point));
        } else {
            for (int i = 1; i < points.size(); i++) {
                line(points.get(i - 1), points.get(i));
            }
        }
    }

    /** What a wishbone carries, each from the nearest place of its legs, which are drawn as links. */
    private void brackets(Wishbone arm) {
        Vector3D ball = at(arm.ball());
        for (Mount mount : axle.mounts()) {
            if (mount.body() == arm.body()) {
                Vector3D there = at(mount.name());
                Vector3D front = nearest(there, at(arm.front()), ball);
                Vector3D rear = nearest(there, at(arm.rear()), ball);
                line(there.distance(front) < there.distance(rear) ? front : rear, there);
            }
        }
    }

    private static Vector3D nearest(Vector3D point, Vector3D from, Vector3D to) {
        Vector3D along = to.subtract(from);
        double part = point.subtract(from).dotProduct(along) / along.getNormSq();
        return from.add(Math.max(0, Math.min(1, part)), along);
    }

    /** A wheel's centre for what carries a wheel, the pin for what turns on one. */
    private Optional<Vector3D> hub(BodyName body) {
        for (Side side : Side.values()) {
            if (body.equals(BodyName.knuckle(side))) {
                return Optional.of(wheel(side));
            }
        }
        for (Joint joint : axle.joints()) {
            if (joint instanceof Joint.Hinge hinge && hinge.body().equals(body)) {
                return Optional.of(at(hinge.from()));
            }
        }
        return Optional.empty();
    }

    /** The hub where the wheel bolts on, the brake, and the arms from the hub to what carries it. */
    private void hub(UprightBody upright) {
        Upright sizes = upright.sizes();
        drum(upright.side(), Role.BODY, upright.face(), sizes.hubWidth(), sizes.hubDiameter());
        if (sizes.braked()) {
            drum(upright.side(), Role.BODY, upright.face(), sizes.brakeWidth(), sizes.brakeDiameter());
        }
        Vector3D outward = outward(upright.side());
        Vector3D centre = wheel(upright.side());
        upright.arms().forEach(arm -> line(centre.add(arm.out(), outward), at(arm.mount())));
    }

    /** Brakes that are described with a housing turn with the wheels all the same. */
    private void brakes() {
        HousingBody housing = HousingBody.of(model.vehicle(), axle);
        housing.brake().ifPresent(brake -> {
            for (Side side : Side.values()) {
                double face = housing.end(side) + brake.width() - axle.track() / 2;
                drum(side, Role.HOUSING, face, brake.width(), brake.diameter());
            }
        });
    }

    private Vector3D outward(Side side) {
        WheelMotion wheel = model.motion().wheel(side.sign());
        return new Vector3D(side.sign(), new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2)));
    }

    /** Something round about the wheel's axis, from a face inward; the face is outward from the middle of the tyre. */
    private void drum(Side side, Role role, double face, double width, double diameter) {
        Vector3D outward = outward(side);
        Vector3D centre = wheel(side);
        Vector3D ahead = Vector3D.crossProduct(outward, Vector3D.PLUS_K).normalize();
        Vector3D up = Vector3D.crossProduct(ahead, outward);
        // In quarters: a whole ring that is seen edge on would turn back on itself, which draws spikes.
        for (int quarter = 0; quarter < 4; quarter++) {
            List<Vector3D> outer = new ArrayList<>();
            List<Vector3D> inner = new ArrayList<>();
            for (int i = 0; i <= QUARTER; i++) {
                double angle = Math.PI / 2 * (quarter + (double) i / QUARTER);
                Vector3D rim = new Vector3D(diameter / 2 * Math.cos(angle), ahead, diameter / 2 * Math.sin(angle), up);
                outer.add(centre.add(face, outward).add(rim));
                inner.add(centre.add(face - width, outward).add(rim));
            }
            scriber.path(role, outer, false);
            scriber.path(role, inner, false);
            scriber.line(role, outer.get(0), inner.get(0));
        }
    }

    private void joint(Joint joint) {
        joint.visit(
                ball -> {
                    if (onHousing(ball.mount())) {
                        fromHousing(at(ball.mount()));
                    }
                },
                this::pin,
                guide -> line(at(guide.from()), at(guide.to())),
                strut -> line(at(strut.foot()), at(strut.top())),
                this::clamp);
    }

    private void pin(Joint.Hinge hinge) {
        line(at(hinge.from()), at(hinge.to()));
        if (axle.independent()) {
            hub(hinge.body()).ifPresent(hub -> {
                line(hub, at(hinge.from()));
                line(hub, at(hinge.to()));
            });
        }
    }

    private void clamp(Joint.Clamp clamp) {
        line(at(clamp.front()), at(clamp.rear()));
        for (Mount mount : axle.mounts()) {
            if (mount.body().equals(clamp.body())) {
                line(at(mount.name()), at(clamp.front()));
            }
        }
    }

    private void torqueArm(Link link) {
        String end = onHousing(link.from()) ? link.from() : link.to();
        fromHousing(at(end));
    }

    /** An arm that is fixed to the housing, from the axle line beside it to its far end. */
    private void fromHousing(Vector3D end) {
        AxleMotion motion = model.motion();
        line(new Vector3D(motion.centreX(), end.getY(), motion.centreZ()), end);
    }

    private boolean onHousing(String mount) {
        return axle.mount(mount).map(Mount::body).filter(BodyName.AXLE::equals).isPresent();
    }

    private void leaf(LeafSpring leaf) {
        half(at(leaf.fixedEye()), at(leaf.seat()));
        half(at(leaf.shackleEye()), at(leaf.seat()));
        line(at(leaf.shackleEye()), at(leaf.shacklePivot()));
    }

    /** Half a leaf, bent below its chord as a loaded one is drawn. */
    private void half(Vector3D eye, Vector3D seat) {
        Vector3D span = eye.subtract(seat);
        Vector3D sag = new Vector3D(0, 0, -LEAF_SAG * span.getNorm());
        List<Vector3D> points = new ArrayList<>();
        for (int i = 0; i <= LEAF_POINTS; i++) {
            double part = (double) i / LEAF_POINTS;
            points.add(seat.add(span.scalarMultiply(part)).add(sag.scalarMultiply(4 * part * (1 - part))));
        }
        scriber.path(Role.BODY, points, false);
    }

    private Vector3D wheel(Side side) {
        AxleMotion motion = model.motion();
        return motion.wheelCentre(side.sign());
    }

    private Vector3D at(String mount) {
        return AxleDrawing.mount(model, mount);
    }

    private void line(Vector3D from, Vector3D to) {
        scriber.line(Role.BODY, from, to);
    }
}
