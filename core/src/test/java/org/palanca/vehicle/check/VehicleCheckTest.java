package org.palanca.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.units.Lengths.inches;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;

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
        assertThat(said(tarn.withMass(new MassProperties(2000, 1.2, 0))))
                .anySatisfy(text -> assertThat(text).startsWith("ERROR").contains("must be above it"));
    }

    @Test
    void sharesThatDoNotAddUpAreDoubtful() {
        Axle more = new Axle(
                rear.place(),
                rear.tyre(),
                rear.track(),
                rear.pinion(),
                rear.caster(),
                rear.travel(),
                0.9,
                rear.brakeShare(),
                rear.mounts(),
                rear.links());
        assertThat(said(tarn.withAxle(more)))
                .singleElement()
                .satisfies(text -> assertThat(text).contains("drive_share", "120 %"));
    }

    /** What the schema would refuse in a file is refused before it can be saved. */
    @Test
    void sizesThatNoFileMayHoldAreErrors() {
        Axle wrong = new Axle(
                rear.place(),
                rear.tyre(),
                0,
                2,
                rear.caster(),
                new Travel(-0.1, 0.1),
                1.3,
                rear.brakeShare(),
                rear.mounts(),
                rear.links());
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
        Axle fewer = new Axle(
                rear.place(),
                rear.tyre(),
                rear.track(),
                rear.pinion(),
                rear.caster(),
                rear.travel(),
                rear.driveShare(),
                rear.brakeShare(),
                rear.mounts(),
                rear.links().subList(0, 3));
        assertThat(said(tarn.withAxle(fewer)))
                .allSatisfy(text -> assertThat(text).startsWith("WARNING"))
                .anySatisfy(text -> assertThat(text).contains("No link uses mount “lower frame right”"));
    }

    @Test
    void aLinkToNowhereProposesTheNearestName() {
        Link lost =
                new Link("upper left", LinkRole.UPPER, "upper fram left", "upper axle left", OptionalDouble.empty());
        assertThat(said(tarn.withAxle(rear.withLink(lost))))
                .anySatisfy(text -> assertThat(text)
                        .startsWith("ERROR /axles/rear/links/upper left/from")
                        .contains("nearest name is “upper frame left”"));
    }
}
