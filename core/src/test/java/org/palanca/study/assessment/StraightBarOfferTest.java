package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
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
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;

/** A bent bar against a straight one between stepped brackets. */
class StraightBarOfferTest {
    private static final double GRID = Lengths.INCH / 16;

    /** The vehicle with a link bent twice, so that its middle runs beside the line of its pins. */
    private static Vehicle bent(AxlePlace place, String link, double turned, double off) {
        Vehicle vehicle = Examples.vehicle("tarn-4.palanca.json");
        Axle axle = vehicle.axle(place).orElseThrow();
        double pins = Vector3D.distance(
                axle.position(axle.link(link).orElseThrow().from(), vehicle.wheelbase()),
                axle.position(axle.link(link).orElseThrow().to(), vehicle.wheelbase()));
        BarShape shape = new BarShape(
                turned,
                List.of(new BarBend(pins / 3, off, inches(4)), new BarBend(2 * pins / 3, off, inches(4))),
                OptionalDouble.empty());
        List<Link> links = axle.links().stream()
                .map(one -> one.name().equals(link) ? one.withMake(one.make().withShape(Optional.of(shape))) : one)
                .toList();
        return vehicle.withAxle(axle.withLinkage(axle.linkage().withLinks(links)));
    }

    private static Vector3D run(Axle axle, double wheelbase, Link link) {
        return axle.position(link.to(), wheelbase).subtract(axle.position(link.from(), wheelbase));
    }

    /** Both pins go where the bent bar's middle ran: by hand 2 in up, square to their line. */
    @Test
    void theStraightBarLiesWhereTheBentOneRan() {
        Vehicle before = bent(AxlePlace.FRONT, "panhard", 0, inches(2));
        Axle axle = before.axle(AxlePlace.FRONT).orElseThrow();
        Link bar = axle.link("panhard").orElseThrow();
        StraightBarOffer offer = StraightBarOffer.of(before, AxlePlace.FRONT, "panhard", GRID, () -> true)
                .orElseThrow();
        Vector3D run = run(axle, before.wheelbase(), bar);
        Vector3D up = Vector3D.PLUS_K
                .subtract(Vector3D.PLUS_K.dotProduct(run) / run.getNormSq(), run)
                .normalize();
        assertThat(offer.by().subtract(up.scalarMultiply(inches(2))).getNormInf())
                .isLessThan(GRID / 2 + 1e-9);
        Axle after = offer.after().axle(AxlePlace.FRONT).orElseThrow();
        Link straight = after.link("panhard").orElseThrow();
        assertThat(straight.make().shape()).isEmpty();
        assertThat(run(after, before.wheelbase(), straight).subtract(run).getNorm())
                .as("as long and as steep as it was")
                .isCloseTo(0, within(1e-6));
        assertThat(axle.path(bar, before.wheelbase()).offset()).isCloseTo(inches(2), within(1e-9));
        assertThat(offer.worse())
                .isEqualTo(Assessment.of(offer.after(), () -> true)
                        .orElseThrow()
                        .worseThan(Assessment.of(before, () -> true).orElseThrow()));
        assertThat(Examples.WORDS.text(offer.said(before)))
                .startsWith("“panhard” straight between stepped brackets: panhard frame ")
                .contains("2 in up");
    }

    /** Bent the other way about, both go down. */
    @Test
    void theStepIsToTheSideThatTheBarBendsTo() {
        Vehicle before = bent(AxlePlace.FRONT, "panhard", 0, inches(-1.5));
        StraightBarOffer offer = StraightBarOffer.of(before, AxlePlace.FRONT, "panhard", GRID, () -> true)
                .orElseThrow();
        assertThat(offer.by().getZ()).isBetween(inches(-1.5) - GRID, inches(-1.25));
    }

    /** Of a pair whose brackets mirror one another both bars are straight afterwards, and both steps are each other's image. */
    @Test
    void theOtherSideFollows() {
        Vehicle before = bent(AxlePlace.REAR, "lower left", Math.toRadians(90), inches(1.5));
        StraightBarOffer offer = StraightBarOffer.of(before, AxlePlace.REAR, "lower left", GRID, () -> true)
                .orElseThrow();
        Axle was = before.axle(AxlePlace.REAR).orElseThrow();
        Axle is = offer.after().axle(AxlePlace.REAR).orElseThrow();
        String left = was.link("lower left").orElseThrow().from();
        Vector3D by = offer.by();
        String right = was.mirrorImage(left).orElseThrow().name();
        Vector3D other = is.position(right, before.wheelbase()).subtract(was.position(right, before.wheelbase()));
        assertThat(other.subtract(new Vector3D(by.getX(), -by.getY(), by.getZ()))
                        .getNorm())
                .isCloseTo(0, within(1e-6));
        assertThat(is.links()).noneMatch(link -> link.make().shape().isPresent());
    }

    @Test
    void aStraightBarIsOfferedNothing() {
        Vehicle tarn = Examples.vehicle("tarn-4.palanca.json");
        assertThat(StraightBarOffer.of(tarn, AxlePlace.FRONT, "panhard", GRID, () -> true)
                        .isPresent())
                .isFalse();
    }
}
