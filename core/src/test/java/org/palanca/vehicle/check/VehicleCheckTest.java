package org.palanca.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.housing.HousingSize;

class VehicleCheckTest {
    private final Vehicle tarn = Examples.tarn();
    private final Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();

    private static List<String> said(Vehicle vehicle) {
        return VehicleCheck.findings(vehicle).stream()
                .map(finding ->
                        finding.severity() + " " + finding.place() + ": " + Examples.WORDS.text(finding.message()))
                .toList();
    }

    private Vehicle with(Mount mount) {
        return tarn.withAxle(rear.withMount(mount));
    }

    @Test
    void soundExamplesHaveNothingToSay() {
        for (String example : Examples.FILES) {
            assertThat(VehicleCheck.findings(Examples.vehicle(example))).isEmpty();
        }
    }

    @Test
    void aLostDigitInTheWheelbaseIsNamed() {
        assertThat(said(tarn.withWheelbase(inches(10))))
                .anySatisfy(text ->
                        assertThat(text).startsWith("ERROR /wheelbase_mm").contains("10 in", "40 in", "digit lost"));
    }

    @Test
    void aCentreOfGravityOutsideTheWheelbaseIsDoubtfulOnly() {
        MassProperties mass = new MassProperties(2000, -0.2, 0.7);
        assertThat(said(tarn.withMass(mass)))
                .singleElement()
                .satisfies(text -> assertThat(text).startsWith("WARNING").contains("outside the wheelbase"));
        assertThat(said(tarn.withMass(new MassProperties(2000, inches(400), 0.7))))
                .anySatisfy(text -> assertThat(text).startsWith("ERROR").contains("400 in behind", "106 in apart"));
        assertThat(said(tarn.withMass(new MassProperties(2000, 1.2, 0))))
                .anySatisfy(text -> assertThat(text).startsWith("ERROR").contains("must be above it"));
    }

    @Test
    void sharesThatDoNotAddUpAreDoubtful() {
        Axle more = rear.withTraction(rear.traction().withShares(0.9, rear.brakeShare()));
        assertThat(said(tarn.withAxle(more)))
                .singleElement()
                .satisfies(text -> assertThat(text).contains("drive_share", "120 %"));
    }

    /** What the schema would refuse in a file is refused before it can be saved. */
    @Test
    void sizesThatNoFileMayHoldAreErrors() {
        Axle wrong = rear.withWheels(Wheels.upright(rear.tyre(), 0))
                .withAngles(2, rear.caster())
                .withTravel(new Travel(-0.1, 0.1))
                .withTraction(rear.traction().withShares(1.3, rear.brakeShare()));
        assertThat(said(tarn.withAxle(wrong).withName(" ")))
                .anySatisfy(text -> assertThat(text).startsWith("ERROR /name"))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/rear/track_mm")
                        .contains("more than 0"))
                .anySatisfy(text -> assertThat(text).startsWith("ERROR /axles/rear/travel/bump_mm"))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/rear/drive_share")
                        .contains("130 %"))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/rear/pinion_deg")
                        .contains("114.6°"));
    }

    @Test
    void aMirrorOfAMirrorAndOneOnAnotherBodyAreNamed() {
        Mount right = rear.mount("upper frame right").orElseThrow();
        Mount left = rear.mount("upper frame left").orElseThrow();
        assertThat(said(with(left.withPlacement(new Placement.MirrorOf("upper frame right")))))
                .anySatisfy(text -> assertThat(text).contains("is a mirror image itself"));
        assertThat(said(with(right.withPlacement(new Placement.MirrorOf("upper axle left")))))
                .anySatisfy(text -> assertThat(text).contains("is on the frame but mirrors", "on the axle"));
    }

    @Test
    void aLinkTooShortForItsJointsIsNamed() {
        Mount frame = rear.mount("upper frame left").orElseThrow();
        Vector3D near = rear.position("upper axle left", tarn.wheelbase()).add(new Vector3D(0.02, 0, 0));
        assertThat(said(with(frame.withPlacement(new Placement.At(near)))))
                .anySatisfy(text -> assertThat(text).contains("upper left", "13/16 in long", "no room for joints"));
    }

    @Test
    void aMountThatNothingUsesIsDoubtful() {
        Axle fewer = rear.withLinkage(rear.linkage().withLinks(rear.links().subList(0, 3)));
        assertThat(said(tarn.withAxle(fewer)))
                .allSatisfy(text -> assertThat(text).startsWith("WARNING"))
                .anySatisfy(text -> assertThat(text).contains("No link uses mount “lower frame right”"));
    }

    @Test
    void aLinkToNowhereProposesTheNearestName() {
        Link lost = new Link("upper left", LinkRole.UPPER, "upper fram left", "upper axle left");
        assertThat(said(tarn.withAxle(rear.withLink(lost))))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/rear/links/upper left/from")
                        .contains("nearest name is “upper frame left”"));
    }

    /** A hinge whose two mounts meet has no axis, and a leaf whose eye is in its clamp is no spring. */
    @Test
    void jointsWithoutALineAndSpringsWithoutLengthAreNamed() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        Mount housing = front.mount("rack housing left").orElseThrow();
        Vector3D across =
                front.position("rack housing right", plover.wheelbase()).add(new Vector3D(0, 0.002, 0));
        Axle met = front.withMount(housing.withPlacement(new Placement.At(across)));
        Mount right = met.mount("rack housing right").orElseThrow();
        Axle apart = met.withMount(right.withPlacement(new Placement.At(across.add(new Vector3D(0, -0.002, 0)))));
        assertThat(said(plover.withAxle(apart)))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/front/joints/rack guide")
                        .contains("points nowhere"));
        Vehicle wain = Examples.vehicle("wain.palanca.json");
        Axle rear2 = wain.axle(AxlePlace.REAR).orElseThrow();
        Vector3D seat = rear2.position("spring seat left", wain.wheelbase());
        Mount eye = rear2.mount("spring fixed eye left").orElseThrow();
        Axle wrong = rear2.withMount(eye.withPlacement(new Placement.At(seat.add(new Vector3D(0.1, 0, 0)))));
        assertThat(said(wain.withAxle(wrong)))
                .anySatisfy(text -> assertThat(text).contains("it is no spring", "spring fixed eye left"));
    }

    @Test
    void whatDoesNotBelongTogetherIsNamed() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        Linkage linkage = front.linkage();
        Axle lost = front.withLinkage(linkage.withSteering(Optional.of(new Steering("rack", 0.05))));
        assertThat(said(plover.withAxle(lost)))
                .anySatisfy(text -> assertThat(text).contains("no guide or hinge", "rack guide"));
        Axle locked = front.withLinkage(linkage.withSteering(Optional.of(new Steering("rack guide", 0))));
        assertThat(said(plover.withAxle(locked)))
                .anySatisfy(text -> assertThat(text).contains("lock must be more"));
        Vehicle elsewhere =
                Examples.vehicle("sedge.palanca.json").withSchemes(List.of(new Scheme("odd", "", List.of(front))));
        assertThat(said(elsewhere)).anySatisfy(text -> assertThat(text).contains("does not have"));
    }

    @Test
    void aHousingThatIsNotThePlannedAxlesIsDoubtful() {
        Vehicle tarn = Examples.tarn();
        Vehicle wider = tarn.withBuild(tarn.build()
                .with(
                        AxlePlace.REAR,
                        tarn.build()
                                .housing(AxlePlace.REAR)
                                .with(HousingSize.TRACK, OptionalDouble.of(Lengths.inches(65)))));
        assertThat(VehicleCheck.findings(wider))
                .extracting(finding -> Examples.WORDS.text(finding.message()))
                .containsExactly(
                        "between tyre middles: the housing’s sizes make it 65 in, the axle is planned with 64 in."
                                + " Correct the one that is wrong.");
    }
}
