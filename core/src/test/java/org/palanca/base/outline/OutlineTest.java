package org.palanca.base.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Against closed forms and JTS, a general geometry library. */
class OutlineTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    @Test
    void aCircleASlotAndARoundedRectangleHaveTheAreasOfTheirClosedForms() {
        assertThat(Outline.circle(new Vector2D(0.3, -0.1), 0.02).area()).isCloseTo(Math.PI * 4e-4, within(1e-15));
        Outline slot = Outline.slot(new Vector2D(1, 2), 0.01, 0.03, 0.7);
        assertThat(slot.area()).isCloseTo(Math.PI * 25e-6 + 0.01 * 0.02, within(1e-12));
        assertThat(slot.length()).isCloseTo(Math.PI * 0.01 + 0.04, within(1e-12));
        Outline plate = Outline.rectangle(-1, -2, 3, 1, 0.25);
        assertThat(plate.area()).isCloseTo(12 - (4 - Math.PI) * 0.0625, within(1e-12));
        assertThat(plate.corners()).hasSize(8);
    }

    @Test
    void theHullOfAnEyeAndTwoFeetHasTheTangentsOfItsClosedForm() {
        double r = 0.02;
        Outline ear = Outline.hull(List.of(Disc.at(0, 0, r), Disc.at(-0.04, -0.06, 0), Disc.at(0.04, -0.06, 0)));
        // From a point at distance d from a circle's middle the tangent is sqrt(d^2 - r^2) long.
        double tangent = Math.sqrt(0.04 * 0.04 + 0.06 * 0.06 - r * r);
        double sweep = 2 * (Math.PI - Math.atan2(0.04, 0.06) - Math.acos(r / Math.hypot(0.04, 0.06)));
        assertThat(ear.corners()).hasSize(4);
        assertThat(ear.length()).isCloseTo(2 * tangent + 0.08 + r * sweep, within(1e-12));
    }

    @Test
    void hullsOfRandomDiscsAreThoseOfAGeneralLibrary() {
        Random random = new Random(11);
        for (int draw = 0; draw < 300; draw++) {
            List<Disc> discs = new ArrayList<>();
            List<Geometry> buffers = new ArrayList<>();
            int count = 1 + random.nextInt(7);
            for (int i = 0; i < count; i++) {
                double radius = random.nextInt(3) == 0 ? 0 : 0.2 * random.nextDouble();
                Disc disc = Disc.at(random.nextGaussian(), random.nextGaussian(), radius);
                discs.add(disc);
                Geometry point = JTS.createPoint(
                        new Coordinate(disc.centre().getX(), disc.centre().getY()));
                buffers.add(radius == 0 ? point : point.buffer(radius, 720));
            }
            if (discs.stream().allMatch(disc -> disc.radius() == 0)) {
                discs.add(Disc.at(0, 0, 0.1));
                buffers.add(JTS.createPoint(new Coordinate(0, 0)).buffer(0.1, 720));
            }
            Outline hull = Outline.hull(discs);
            Geometry expected = JTS.createGeometryCollection(buffers.toArray(Geometry[]::new))
                    .convexHull();
            assertThat(hull.area()).as("draw " + draw).isCloseTo(expected.getArea(), within(1e-5));
            Polygon polygon = polygon(hull);
            assertThat(polygon.isValid())
                    .as("draw " + draw + " " + discs + hull)
                    .isTrue();
            assertThat(polygon.symDifference(expected.buffer(0)).getArea()).isLessThan(2e-5);
        }
    }

    @Test
    void distanceToAnEdgeIsThatOfAGeneralLibrary() {
        Random random = new Random(5);
        Outline ear = Outline.hull(List.of(Disc.at(0, 0, 2), Disc.at(-4, -6, 0.5), Disc.at(5, -6, 0)));
        Polygon polygon = polygon(ear);
        for (int i = 0; i < 200; i++) {
            Vector2D at = new Vector2D(20 * random.nextDouble() - 10, 20 * random.nextDouble() - 10);
            Geometry point = JTS.createPoint(new Coordinate(at.getX(), at.getY()));
            assertThat(ear.distance(at)).isCloseTo(polygon.getBoundary().distance(point), within(1e-4));
            assertThat(ear.contains(at)).isEqualTo(polygon.contains(point));
        }
    }

    @Test
    void turnedOverTwiceItIsItselfAndAnEarThatIsNotEvenIsOfOneHand() {
        Outline even = Outline.hull(List.of(Disc.at(0, 0, 2), Disc.at(-4, -6, 0), Disc.at(4, -6, 0)));
        Outline uneven = Outline.hull(List.of(Disc.at(0, 0, 2), Disc.at(-4, -6, 0), Disc.at(7, -6, 0)));
        assertThat(even.congruent(even.mirrored(), 1e-6)).isTrue();
        assertThat(uneven.congruent(uneven.mirrored(), 1e-6)).isFalse();
        assertThat(uneven.congruent(uneven.mirrored().mirrored().turned(1).moved(new Vector2D(3, 4)), 1e-6))
                .isTrue();
        assertThat(uneven.mirrored().area()).isCloseTo(uneven.area(), within(1e-9));
    }

    /** Arcs by fine chords. */
    static Polygon polygon(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.points(1e-6).forEach(at -> ring.add(new Coordinate(at.getX(), at.getY())));
        ring.add(ring.get(0).copy());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
