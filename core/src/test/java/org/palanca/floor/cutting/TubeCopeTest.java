package org.palanca.floor.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Copes against closed forms and against a general library's distance of a point from a line. */
class TubeCopeTest {
    /** Two equal tubes at a right angle, a closed form: the cut is R |cos p|, and R deep. */
    @Test
    void equalTubesSquare() {
        TubeCope cope = new TubeCope(0.025, 0.025, Math.PI / 2, 0);
        for (int degrees = 0; degrees < 360; degrees += 15) {
            double round = Math.toRadians(degrees);
            assertThat(cope.along(round)).isCloseTo(0.025 * Math.abs(Math.cos(round)), within(1e-9));
        }
        assertThat(cope.depth()).isCloseTo(0.025, within(1e-9));
        assertThat(cope.closes(0.3)).isTrue();
        // The skin below the cut, unrolled: the integral of R |cos p| R dp once round is 4 R^2.
        double area = new RombergIntegrator().integrate(100_000, p -> cope.along(p) * cope.tube(), 0, Math.PI / 2);
        assertThat(4 * area).isCloseTo(4 * 0.025 * 0.025, within(1e-9));
    }

    /** By hand, a triangle of 3, 4 and 5: r 1, R 1.25: the sides are 0.75 from the axis, the middle 1.25. */
    @Test
    void aTubeOnALargerOne() {
        TubeCope cope = new TubeCope(1, 1.25, Math.PI / 2, 0);
        assertThat(cope.along(0)).isCloseTo(1.25, within(1e-12));
        assertThat(cope.along(Math.PI / 2)).isCloseTo(0.75, within(1e-12));
        assertThat(cope.nearest()).isCloseTo(0.75, within(1e-9));
        assertThat(cope.middle()).isCloseTo(1.25, within(1e-12));
        // At 45 degrees by hand: the middle 1.25 / sin 45; at 0 it is (1.25 - cos 45) / sin 45, at 180 (1.25 + cos 45)
        // / sin 45.
        TubeCope slanting = new TubeCope(1, 1.25, Math.PI / 4, 0);
        assertThat(slanting.along(0)).isCloseTo(1.25 * Math.sqrt(2) - 1, within(1e-12));
        assertThat(slanting.along(Math.PI)).isCloseTo(1.25 * Math.sqrt(2) + 1, within(1e-12));
    }

    /** At any angle and offset every place of the cut lies on the other tube's skin, by the library's line. */
    @Test
    void everyPlaceLiesOnTheOther() {
        Random random = new Random(3);
        for (int draw = 0; draw < 500; draw++) {
            double other = 0.02 + 0.05 * random.nextDouble();
            double tube = other * (0.2 + 0.7 * random.nextDouble());
            double angle = Math.toRadians(25 + 65 * random.nextDouble());
            double offset = (other - tube) * (2 * random.nextDouble() - 1);
            TubeCope cope = new TubeCope(tube, other, angle, offset);
            assertThat(cope.closes(Math.toRadians(20))).isTrue();
            Line axis = new Line(Vector3D.ZERO, Vector3D.PLUS_I, 1e-12);
            Vector3D along = new Vector3D(Math.cos(angle), 0, Math.sin(angle));
            Vector3D inPlane = new Vector3D(-Math.sin(angle), 0, Math.cos(angle));
            // The tube leans to the front of the other: its skin at 0 looks back, to the blunt angle, and is the longer
            // there.
            assertThat(inPlane.getX()).isNegative();
            assertThat(cope.along(0)).isLessThan(cope.along(Math.PI));
            for (int i = 0; i < 12; i++) {
                double round = 2 * Math.PI * random.nextDouble();
                Vector3D place = along.scalarMultiply(cope.along(round))
                        .add(tube * Math.cos(round), inPlane)
                        .add(new Vector3D(0, tube * Math.sin(round) + offset, 0));
                assertThat(axis.distance(place)).isCloseTo(other, within(1e-10));
                assertThat(cope.along(round)).isBetween(cope.nearest() - 1e-5, cope.farthest() + 1e-5);
            }
        }
    }

    @Test
    void whatCannotCloseIsRefused() {
        assertThat(new TubeCope(1, 0.9, Math.PI / 2, 0).closes(0.3)).isFalse();
        assertThat(new TubeCope(1, 1.25, Math.PI / 2, 0.3).closes(0.3)).isFalse();
        assertThat(new TubeCope(1, 1.25, Math.toRadians(10), 0).closes(Math.toRadians(20)))
                .isFalse();
    }
}
