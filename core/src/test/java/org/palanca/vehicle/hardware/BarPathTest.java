package org.palanca.vehicle.hardware;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** Bends by hand: the fillet of two lines needs R tan(a/2) each way and is R a long. */
class BarPathTest {
    private static final double EXACT = 1e-12;

    /** A bar of 800 that is bent once in its middle by 2 x 36.87 degrees, of the triangle 3, 4, 5. */
    @Test
    void oneBendByHand() {
        BarPath bar = BarPath.of(0.8, List.of(new BarBend(0.4, 0.3, 0.15)));
        double turned = 2 * Math.atan2(3, 4);
        // tan of half of it is 3/4 by the triangle itself.
        assertThat(bar.angle(0)).isCloseTo(-turned, within(EXACT));
        assertThat(bar.setback(0)).isCloseTo(0.15 * 0.75, within(EXACT));
        assertThat(bar.straight(0)).isCloseTo(0.5 - 0.1125, within(EXACT));
        assertThat(bar.start(0)).isCloseTo(0.3875, within(EXACT));
        assertThat(bar.length()).isCloseTo(2 * 0.3875 + 0.15 * turned, within(EXACT));
        // The crown is a radius over its centre, which lies R / cos under the corner.
        assertThat(bar.offset()).isCloseTo(0.3 - 0.15 / 0.8 + 0.15, within(EXACT));
    }

    /** A step of two equal bends: between them the bar runs along its pins, and the offset is the step's own. */
    @Test
    void aStepByHand() {
        BarPath bar = BarPath.of(
                1,
                List.of(
                        new BarBend(0.3, 0, 0.1),
                        new BarBend(0.4, 0.1, 0.1),
                        new BarBend(0.7, 0.1, 0.1),
                        new BarBend(0.8, 0, 0.1)));
        assertThat(Math.toDegrees(bar.angle(0))).isCloseTo(45, within(1e-9));
        assertThat(Math.toDegrees(bar.angle(1))).isCloseTo(-45, within(1e-9));
        assertThat(bar.offset()).isCloseTo(0.1, within(EXACT));
        assertThat(bar.straight(1)).isCloseTo(Math.hypot(0.1, 0.1) - 2 * 0.1 * Math.tan(Math.PI / 8), within(EXACT));
        assertThat(BarPath.of(1, List.of()).length()).isEqualTo(1);
    }

    /** The length is that of the line that is drawn, and the offset the farthest place of it: a hundred bars of two bends. */
    @Test
    void lengthAndOffsetAreThoseOfTheLine() {
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            BarPath bar = BarPath.of(
                    1,
                    List.of(
                            new BarBend(0.3 + 0.05 * random.nextDouble(), 0.2 * (random.nextDouble() - 0.5), 0.08),
                            new BarBend(0.65 + 0.05 * random.nextDouble(), 0.2 * (random.nextDouble() - 0.5), 0.08)));
            List<Vector2D> line = bar.points(0, 0);
            double length = 0;
            double offset = 0;
            for (int k = 1; k < line.size(); k++) {
                length += line.get(k).distance(line.get(k - 1));
                offset = Math.max(offset, Math.abs(line.get(k).getY()));
            }
            // Steps of 6 degrees cut a 2200th off an arc, and at most a 700th of its radius off its crown.
            assertThat(length).isCloseTo(bar.length(), within(1e-4)).isLessThanOrEqualTo(bar.length() + EXACT);
            assertThat(offset).isCloseTo(bar.offset(), within(0.08 / 700));
        }
    }

    @Test
    void offsetsStandUpAtNoughtAndMirrorWithTheSide() {
        BarShape shape = new BarShape(Math.toRadians(30), List.of(), OptionalDouble.empty());
        Vector3D along = new Vector3D(-3, 1, 0).normalize();
        Vector3D mirrored = new Vector3D(-3, -1, 0).normalize();
        Vector3D left = shape.out(along);
        Vector3D right = shape.mirrored().out(mirrored);
        assertThat(left.dotProduct(along)).isCloseTo(0, within(EXACT));
        assertThat(left.getZ()).isCloseTo(Math.cos(Math.toRadians(30)), within(EXACT));
        assertThat(Vector3D.distance(right, new Vector3D(left.getX(), -left.getY(), left.getZ())))
                .isCloseTo(0, within(EXACT));
        assertThat(shape.withTurned(0).out(Vector3D.PLUS_K))
                .as("upright: ahead")
                .isEqualTo(Vector3D.PLUS_I);
    }
}
