package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.BallJoint;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Driver;
import org.palanca.mechanism.Guide;
import org.palanca.mechanism.HeightDriver;
import org.palanca.mechanism.Hinge;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Member;
import org.palanca.mechanism.PointOnLine;
import org.palanca.mechanism.PointOnPlane;
import org.palanca.mechanism.Rod;
import org.palanca.mechanism.SlideDriver;
import org.palanca.mechanism.TurnDriver;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.Wishbone;

/**
 * Turns a described axle into bodies, members and drivers. Every suspension goes through here alike: what differs is the
 * description.
 */
public final class AxleMechanism {
    /** Driver of the left wheel's travel; the first. */
    public static final String LEFT_WHEEL = "left wheel";

    /** Driver of the right wheel's travel; the second. */
    public static final String RIGHT_WHEEL = "right wheel";

    /** Driver of the steering; the third, where there is one. */
    public static final String STEER = "steering";

    /**
     * Rate along a link where none is stated and the axle binds, both ends' bushings together [N/m]. Equal for all, so
     * that pushes in inches do not depend on it: common practice, no source.
     */
    public static final double EQUAL_RATE = 5e6;

    /** How far beside the line of a clamp's bushings they hold the arm against spinning [m]: of the size of a bushing. */
    private static final double CLAMP_GRIP = Lengths.inches(3);

    /** Bodies between which a bushing gives where an axle binds; what steers stays rigid. */
    private static final Set<BodyName> LOCATING = Set.of(
            BodyName.FRAME, BodyName.AXLE, BodyName.BELLCRANK, BodyName.arm(Side.LEFT), BodyName.arm(Side.RIGHT));

    private final Axle axle;
    private final double wheelbase;
    private final List<Member> members = new ArrayList<>();

    /** Members that stay as they are where others give: a leaf's links are steel, its own rates are all it has. */
    private final Set<String> stiff = new HashSet<>();

    /** Wishbones that something is fixed to: only these are bodies of their own, the others are two rods. */
    private final List<Wishbone> arms;

    private AxleMechanism(Axle axle, double wheelbase, Set<BodyName> bearing) {
        this.axle = axle;
        this.wheelbase = wheelbase;
        arms = Wishbone.of(axle).stream()
                .filter(arm -> bearing.contains(arm.body()) || axle.hasBody(arm.body()))
                .toList();
    }

    /**
     * The mechanism of one axle. The frame stands; the housing or the uprights carry the wheels.
     *
     * @param wheelbase design wheelbase [m]
     * @throws IllegalArgumentException when a link or joint names a mount that is not there
     */
    public static Mechanism of(Axle axle, double wheelbase) {
        return of(axle, wheelbase, Set.of());
    }

    /**
     * The same, of an axle that something is fixed to besides its mounts.
     *
     * @param bearing the bodies that it is fixed to
     */
    public static Mechanism of(Axle axle, double wheelbase, Set<BodyName> bearing) {
        return new AxleMechanism(axle, wheelbase, bearing).build();
    }

    /** The body whose wheel centre's rise is the travel of a side. */
    public static BodyName carrier(Axle axle, Side side) {
        return axle.independent() ? BodyName.knuckle(side) : BodyName.AXLE;
    }

    /** The body that a wheel turns on: the knuckle where there is one. */
    public static BodyName wheelBody(Axle axle, Side side) {
        return axle.hasBody(BodyName.knuckle(side)) ? BodyName.knuckle(side) : carrier(axle, side);
    }

    private Mechanism build() {
        axle.links().stream()
                .filter(link -> arms.stream().noneMatch(arm -> arm.legs().contains(link)))
                .forEach(link -> members.add(rod(link)));
        arms.forEach(this::arm);
        axle.joints().forEach(this::joint);
        axle.linkage().leaves().forEach(this::leaf);
        List<Driver> drivers = new ArrayList<>();
        drivers.add(height(LEFT_WHEEL, Side.LEFT));
        drivers.add(height(RIGHT_WHEEL, Side.RIGHT));
        axle.steering().ifPresent(steering -> drivers.add(steer(steering)));
        List<Body> bodies = bodies();
        Mechanism rigid = new Mechanism(bodies, members, drivers);
        return equations(rigid) > rigid.unknowns() ? letLocatorsGive(rigid) : rigid;
    }

    private List<Body> bodies() {
        Set<BodyName> names = new LinkedHashSet<>();
        for (Side side : Side.values()) {
            names.add(carrier(axle, side));
        }
        axle.mounts().forEach(mount -> names.add(mount.body()));
        axle.joints().forEach(joint -> names.add(joint.body()));
        arms.forEach(arm -> names.add(arm.body()));
        names.remove(BodyName.FRAME);
        return names.stream().map(name -> new Body(name.id(), origin(name))).toList();
    }

    /** Wheel carriers at their wheel's centre, a housing at its middle, anything else at the middle of its mounts. */
    private Vector3D origin(BodyName body) {
        if (body.equals(BodyName.AXLE)) {
            return new Vector3D(axle.lineX(wheelbase), 0, axle.tyre().loadedRadius());
        }
        for (Side side : Side.values()) {
            if (body.equals(BodyName.knuckle(side))) {
                return axle.wheelCentre(wheelbase, side);
            }
        }
        Vector3D sum = Vector3D.ZERO;
        int count = 0;
        for (Mount mount : axle.mounts()) {
            if (mount.body().equals(body)) {
                sum = sum.add(at(mount.name()));
                count++;
            }
        }
        for (Wishbone arm : arms) {
            if (count == 0 && arm.body() == body) {
                return at(arm.ball());
            }
        }
        return count == 0 ? sum : sum.scalarMultiply(1.0 / count);
    }

    private Driver height(String name, Side side) {
        return new HeightDriver(name, new BodyPoint(carrier(axle, side).id(), axle.wheelCentre(wheelbase, side)));
    }

    private Driver steer(Steering steering) {
        Joint joint = axle.linkage()
                .joint(steering.joint())
                .orElseThrow(() -> new IllegalArgumentException("no joint \"" + steering.joint() + "\""));
        return joint.match(
                ball -> notDriven(ball),
                hinge -> new TurnDriver(STEER, body(hinge.from()), hinge.body().id(), at(hinge.from()), at(hinge.to())),
                this::slide,
                strut -> notDriven(strut),
                clamp -> notDriven(clamp));
    }

    private Driver slide(Joint.Guide guide) {
        Vector3D from = at(guide.from());
        Vector3D along = at(guide.to()).subtract(from).normalize();
        return new SlideDriver(
                STEER, body(guide.from()), along, new BodyPoint(guide.body().id(), from));
    }

    private static Driver notDriven(Joint joint) {
        throw new IllegalArgumentException("joint \"" + joint.name() + "\" can't be driven");
    }

    private Member rod(Link link) {
        double apart = Vector3D.distance(at(link.from()), at(link.to()));
        Rod rod = new Rod(
                link.name(), point(link.from()), point(link.to()), link.length().orElse(apart));
        return bushed(rod, link.rate());
    }

    /** An arm of one piece on the line of its pivots, with the upright's ball at its end; each member goes by a leg's name. */
    private void arm(Wishbone arm) {
        String body = arm.body().id();
        String pivots = arm.legs().get(0).name();
        String outer = arm.legs().get(1).name();
        members.add(new Hinge(pivots, body(arm.front()), body, at(arm.front()), at(arm.rear())));
        members.add(new BallJoint(outer, point(arm.ball()), new BodyPoint(body, at(arm.ball()))));
    }

    private void joint(Joint joint) {
        joint.visit(
                this::ball,
                hinge -> members.add(new Hinge(
                        hinge.name(), body(hinge.from()), hinge.body().id(), at(hinge.from()), at(hinge.to()))),
                guide -> members.add(new Guide(
                        guide.name(), body(guide.from()), guide.body().id(), at(guide.from()), at(guide.to()))),
                this::strut,
                this::clamp);
    }

    private void ball(Joint.Ball ball) {
        Vector3D at = at(ball.mount());
        members.add(bushed(
                new BallJoint(
                        ball.name(),
                        point(ball.mount()),
                        new BodyPoint(ball.body().id(), at)),
                ball.rate()));
    }

    private void strut(Joint.Strut strut) {
        Vector3D along = at(strut.top()).subtract(at(strut.foot()));
        members.add(new PointOnLine(strut.name(), body(strut.foot()), along, point(strut.top())));
    }

    /** Two bushings, and what keeps the arm from spinning in them: a point of their grip beside their line. */
    private void clamp(Joint.Clamp clamp) {
        OptionalDouble rate = OptionalDouble.of(clamp.rate().orElse(EQUAL_RATE));
        for (String mount : clamp.mounts()) {
            BodyPoint onArm = new BodyPoint(clamp.body().id(), at(mount));
            members.add(bushed(new BallJoint(bushing(clamp, mount), point(mount), onArm), rate));
        }
        Vector3D line = at(clamp.rear()).subtract(at(clamp.front())).normalize();
        Vector3D beside = line.orthogonal();
        Vector3D point = at(clamp.front()).add(beside.scalarMultiply(CLAMP_GRIP));
        members.add(bushed(
                new PointOnPlane(
                        bushing(clamp, TWIST),
                        body(clamp.front()),
                        Vector3D.crossProduct(line, beside),
                        new BodyPoint(clamp.body().id(), point)),
                rate));
    }

    private static final String TWIST = "its twist";

    private static String bushing(Joint.Clamp clamp, String which) {
        return clamp.name() + " at " + which;
    }

    /** What the description calls a member: the joint's own name where it stands for one of its bushings. */
    static String describedAs(Axle axle, String member) {
        return axle.joints().stream()
                .filter(joint -> joint instanceof Joint.Clamp clamp
                        && Stream.concat(clamp.mounts().stream(), Stream.of(TWIST))
                                .anyMatch(which -> bushing(clamp, which).equals(member)))
                .map(Joint::name)
                .findFirst()
                .orElse(member);
    }

    private static Member bushed(Member member, OptionalDouble rate) {
        return rate.isPresent() ? new CompliantMember(member, rate.getAsDouble()) : member;
    }

    private void leaf(LeafSpring spring) {
        List<Member> parts = new LeafModel(spring, this::point).members();
        members.addAll(parts);
        parts.forEach(part -> stiff.add(part.name()));
    }

    private static int equations(Mechanism mechanism) {
        int rows = mechanism.drivers().size();
        for (Member member : mechanism.members()) {
            rows += member.bind(mechanism).equations();
        }
        return rows;
    }

    /** More equations than freedoms: what locates the axle gives, all alike unless a rate is stated. */
    private Mechanism letLocatorsGive(Mechanism rigid) {
        List<Member> giving = new ArrayList<>();
        for (Member member : rigid.members()) {
            boolean gives = !(member instanceof CompliantMember) && !stiff.contains(member.name()) && locates(member);
            giving.add(gives ? new CompliantMember(member, EQUAL_RATE) : member);
        }
        return new Mechanism(rigid.bodies(), giving, rigid.drivers());
    }

    private static boolean locates(Member member) {
        if (member instanceof Rod rod) {
            return locating(rod.a().body()) && locating(rod.b().body());
        }
        return member instanceof BallJoint ball
                && locating(ball.a().body())
                && locating(ball.b().body());
    }

    private static boolean locating(String body) {
        return LOCATING.contains(BodyName.of(body));
    }

    private BodyPoint point(String mount) {
        return new BodyPoint(body(mount), at(mount));
    }

    private String body(String mount) {
        return axle.mount(mount)
                .orElseThrow(() -> new IllegalArgumentException("no mount \"" + mount + "\""))
                .body()
                .id();
    }

    private Vector3D at(String mount) {
        return axle.position(mount, wheelbase);
    }

    /** Places of the members that are bushings and give where the axle binds; the bending of a leaf spring is none. */
    public static List<Integer> bushings(Mechanism mechanism) {
        List<Integer> bushings = new ArrayList<>();
        for (int i = 0; i < mechanism.members().size(); i++) {
            Member member = mechanism.members().get(i);
            boolean bends = member instanceof CompliantMember bushed && bushed.rigid() instanceof PointOnPlane;
            if (member instanceof CompliantMember && !(bends && member.name().endsWith(LeafModel.BENDING))) {
                bushings.add(i);
            }
        }
        return bushings;
    }
}
