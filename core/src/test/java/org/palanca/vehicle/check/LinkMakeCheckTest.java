package org.palanca.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.SetBolts;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/** Each piece that can't be is named with its link or mount, its place in the file, the sizes, and the limit. */
class LinkMakeCheckTest {
    private static final String AT = "/axles/rear/links/lower left/made";

    private static List<Finding> findings(LinkMake made) {
        Vehicle tarn = Examples.tarn();
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Vehicle vehicle = tarn.withAxle(rear.withLinkage(
                rear.linkage().mapLinks(link -> link.name().equals("lower left") ? link.withMake(made) : link)));
        return VehicleCheck.findings(vehicle).stream()
                .filter(finding -> finding.place().startsWith(AT))
                .toList();
    }

    private static LinkMake threaded(UnaryOperator<ThreadedShank> how) {
        LinkEnd end = LinkHardware.STARTER.end(true);
        return LinkMake.USUAL.withFrom(Optional.of(end.withShank(end.shank().map(how))));
    }

    private static void says(LinkMake made, String place, String... parts) {
        assertThat(findings(made)).singleElement().satisfies(finding -> {
            assertThat(finding.severity()).isEqualTo(Finding.Severity.ERROR);
            assertThat(finding.place()).isEqualTo(AT + place);
            assertThat(Examples.WORDS.text(finding.message())).contains(parts);
        });
    }

    @Test
    void whatCanNotBeIsNamed() {
        assertThat(findings(threaded(shank -> shank))).isEmpty();
        says(
                LinkMake.USUAL.withTube(Optional.of(new LinkTube(0.0508, 0.0254 + 1e-4, ""))),
                "/tube/wall_mm",
                "lower left",
                "2.000 in outside");
        says(
                threaded(shank -> shank.withThread(Thread.parse("1/4-4"))),
                "/from/shank/thread",
                "lower frame left",
                "1/4-4");
        says(
                threaded(shank -> shank.withJamNut(0.1).withSet(OptionalDouble.empty())),
                "/from/shank/jam_nut_mm",
                "3 in long");
        says(
                threaded(shank -> shank.withSet(OptionalDouble.of(0.09))),
                "/from/shank/exposed_mm",
                "1/2 in (the jam nut) to 3 in");
        says(
                LinkMake.USUAL.withBolts(Optional.of(new SetBolts(Vector3D.ZERO, 0, Vector3D.PLUS_K, 0))),
                "/bolts/from_way_mm",
                "lower left",
                "points nowhere");
        assertThat(findings(LinkMake.USUAL.withTube(Optional.of(new LinkTube(0.0508, 0.0254, "")))))
                .as("a solid bar")
                .isEmpty();
    }

    private static LinkMake bent(double... numbers) {
        List<BarBend> bends = new ArrayList<>();
        for (int i = 0; i < numbers.length; i += 3) {
            bends.add(new BarBend(inches(numbers[i]), inches(numbers[i + 1]), inches(numbers[i + 2])));
        }
        return LinkMake.USUAL.withShape(Optional.of(new BarShape(0, bends, OptionalDouble.empty())));
    }

    /** By hand: of the triangle 3, 4, 5 a bend of 2 x 36.87 degrees needs 3/4 of its radius each way. */
    @Test
    void bendsThatNoBenderMakesAreRefused() {
        assertThat(findings(bent(15, 3, 6, 27, 3, 6))).isEmpty();
        says(bent(43, 3, 6), "/shape/bends/0/along_mm", "Bend 1 of “lower left” stands at 43 in", "0 to 42 1/16 in");
        says(
                bent(15, 3, 6, 14, 3, 6),
                "/shape/bends/1/along_mm",
                "Bend 2",
                "at 14 in",
                "the bend before it at 15 in and the pin at 42 1/16 in");
        says(bent(15, 3, 1, 27, 3, 6), "/shape/bends/0/radius_mm", "radius of 1 in", "over 1 in");
        // From the first pin to the corner there are 5 in, and 8 x 3/4 are needed.
        says(
                bent(4, 3, 8, 20, -9, 1.1),
                "/shape/bends/0/radius_mm",
                "needs 6 in of straight towards the pin, and there are 5 in",
                "at most 6 11/16 in");
        says(bent(15, 3, 6, 18, 6, 6, 25, 6, 6), "/shape/bends/1/radius_mm", "Bends 1 and 2", "apart");
    }
}
