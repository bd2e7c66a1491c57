package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.Corners;
import org.palanca.Starts;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;

/** An arm is the same arm whether it is told as two links that meet, or as a hinge with a ball at its end. */
class ArmsHoweverDescribedTest {
    private static final List<String> TEST_RESULTS = List.of(
            "kingpin_caster.left",
            "kingpin_inclination.right",
            "scrub_radius.left",
            "mechanical_trail.right",
            "arm_crossing_inboard.left",
            "arm_crossing_side_height.right",
            "bump_steer.left",
            "camber.right",
            "roll_centre_height",
            "ackermann");

    private static Vehicle wishbones() {
        return Starts.front(Use.STREET, 2.6, 0.66, SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK);
    }

    private static Vehicle hinged(Vehicle vehicle, LinkRole role) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        String name = role.id();
        List<Link> links = new ArrayList<>(axle.links());
        links.removeIf(link -> link.role() == role);
        List<Joint> joints = new ArrayList<>(axle.joints());
        for (Side side : Side.values()) {
            String end = " " + side.id();
            joints.add(new Joint.Hinge(
                    name + " axis" + end, name + " front pivot" + end, name + " rear pivot" + end, BodyName.arm(side)));
            joints.add(new Joint.Ball(
                    name + " ball joint" + end, name + " ball" + end, BodyName.arm(side), OptionalDouble.empty()));
        }
        Linkage linkage = axle.linkage();
        return vehicle.withAxle(axle.withLinkage(
                new Linkage(linkage.type(), linkage.mounts(), links, joints, linkage.leaves(), linkage.steering())));
    }

    @Test
    void keepsItsSteeringAxisAndAllThatIsReadOffIt() {
        AxleModel links = new AxleModel(wishbones(), AxlePlace.FRONT);
        for (LinkRole role : List.of(LinkRole.LOWER, LinkRole.UPPER)) {
            AxleModel arms = new AxleModel(hinged(wishbones(), role), AxlePlace.FRONT);
            for (WheelTravel pose : List.of(new WheelTravel(0, 0, 0.5), new WheelTravel(0.06, -0.05, -0.7))) {
                assertThat(links.moveTo(pose)).isTrue();
                assertThat(arms.moveTo(pose)).isTrue();
                for (String id : TEST_RESULTS) {
                    assertThat(arms.outcome(arms.result(id)).number())
                            .as(role + " " + id)
                            .isCloseTo(links.outcome(links.result(id)).number(), within(1e-6));
                }
            }
        }
    }

    /** Arms drawn so that their planes cross at a place known beforehand, in both views. */
    @Test
    void thePlanesCrossWhereTheyWereDrawnTo() {
        // Both arms' inner axes run along the vehicle; in front view their lines aim at 1.2 m inboard of the wheel, 0.1
        // m up.
        double meetY = Corners.TRACK / 2 - 1.2;
        double meetZ = 0.1;
        double upperY = 0.6;
        double lowerY = 0.65;
        double upperZ = meetZ + (0.42 - meetZ) * (0.38 - meetY) / (upperY - meetY);
        double lowerZ = meetZ + (0.18 - meetZ) * (0.30 - meetY) / (lowerY - meetY);
        Vehicle vehicle = new Corners()
                .wishbone("upper", LinkRole.UPPER, new double[] {0, upperY, 0.42}, 0.38, upperZ)
                .wishbone("lower", LinkRole.LOWER, new double[] {0, lowerY, 0.18}, 0.30, lowerZ)
                .tieRod(new double[] {0.12, 0.33, 0.2}, new double[] {0.12, 0.62, 0.2})
                .build();
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        assertThat(model.outcome(model.result("arm_crossing_inboard.left")).number())
                .isCloseTo(1.2, within(1e-9));
        assertThat(model.outcome(model.result("arm_crossing_height.left")).number())
                .isCloseTo(meetZ, within(1e-9));
        assertThat(model.outcome(model.result("arm_crossing_ahead.left"))).isInstanceOf(Outcome.AtInfinity.class);
    }
}
