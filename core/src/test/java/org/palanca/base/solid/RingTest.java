package org.palanca.base.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/**
 * Rings of pieces against the closed form of a ring with rounded edges: a rounded rectangle turned about the axle. From
 * inside, the pieces may be too thick by the depth of their chords and by no more.
 */
class RingTest {
    private static final double INNER = 0.2159;
    private static final double OUTER = 0.5;
    private static final double HALF = 0.16;
    private static final double ROUNDING = 0.045;
    private static final int PIECES = 24;
    private static final double CHORD = (INNER + ROUNDING) * (1 - Math.cos(Math.PI / PIECES));

    private static final Vector3D CENTRE = new Vector3D(0.1, -0.2, 0.3);
    private static final Vector3D AXIS = new Vector3D(0.1, 2, -0.15).normalize();

    private final Random random = new Random(23);
    private final Gap gap = new Gap();
    private final Solid ring = Solid.of(Convex.ring(CENTRE, AXIS, INNER, OUTER, HALF, ROUNDING, PIECES));

    /** Distance of a place outside of the ring. */
    private static double closed(Vector3D place) {
        Vector3D from = place.subtract(CENTRE);
        double along = Math.abs(from.dotProduct(AXIS));
        double out = Math.sqrt(Math.max(0, from.getNormSq() - along * along));
        double beside = Math.max(0, along - (HALF - ROUNDING));
        double radial = Math.max(0, Math.max(INNER + ROUNDING - out, out - (OUTER - ROUNDING)));
        return Math.hypot(beside, radial) - ROUNDING;
    }

    private Vector3D place(double spread) {
        return CENTRE.add(new Vector3D(
                spread * (random.nextDouble() - 0.5),
                spread * (random.nextDouble() - 0.5),
                spread * (random.nextDouble() - 0.5)));
    }

    private double toRing(Convex piece) {
        return gap.between(ring, new BodyFrame(), Solid.of(List.of(piece)), new BodyFrame());
    }

    @Test
    void aPlaceIsAsFarAsTheClosedFormSays() {
        int inside = 0;
        for (int i = 0; i < 2000; i++) {
            Vector3D at = place(1.6);
            double expected = closed(at);
            if (expected < 0.001) {
                continue;
            }
            double out = Vector3D.crossProduct(at.subtract(CENTRE), AXIS).getNorm();
            boolean within = out < INNER + ROUNDING;
            inside += within ? 1 : 0;
            double found = toRing(Convex.ball(at, 0));
            assertThat(found).as("place %d", i).isLessThan(expected + 1e-6);
            assertThat(found).as("place %d", i).isGreaterThan(expected - (within ? CHORD : 0) - 1e-6);
        }
        assertThat(inside).isGreaterThan(50);
    }

    @Test
    void aBarIsAsFarAsItsNearestPlace() {
        for (int i = 0; i < 200; i++) {
            Vector3D from = place(1.8);
            Vector3D to = place(1.8);
            double least = Double.MAX_VALUE;
            for (int k = 0; k <= 2000; k++) {
                least = Math.min(least, closed(from.add(k / 2000.0, to.subtract(from))));
            }
            double found = toRing(Convex.capsule(from, to, 0.02));
            if (least < 0.021) {
                continue;
            }
            assertThat(found).as("bar %d", i).isBetween(least - 0.02 - CHORD - 1e-4, least - 0.02 + 1e-6);
        }
    }

    /** An axle through the hole touches nothing, and its gap is the hole's radius less its own. */
    @Test
    void anAxleThroughTheHoleIsFree() {
        Convex axle = Convex.capsule(CENTRE.subtract(AXIS), CENTRE.add(AXIS), 0.05);
        assertThat(toRing(axle)).isBetween(INNER - 0.05 - CHORD - 1e-9, INNER - 0.05 + 1e-9);
        Convex wheel = Convex.wheel(CENTRE, AXIS, OUTER, HALF, ROUNDING);
        assertThat(gap.between(Solid.of(List.of(wheel)), new BodyFrame(), Solid.of(List.of(axle)), new BodyFrame()))
                .isNegative();
    }

    /** From outside, a ring and a filled wheel of its size are the same. */
    @Test
    void fromOutsideARingIsAWheel() {
        Solid wheel = Solid.of(List.of(Convex.wheel(CENTRE, AXIS, OUTER, HALF, ROUNDING)));
        for (int i = 0; i < 300; i++) {
            Vector3D out = new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            Vector3D at = CENTRE.add(0.75, out.normalize());
            if (Vector3D.crossProduct(at.subtract(CENTRE), AXIS).getNorm() < INNER + ROUNDING) {
                continue;
            }
            Solid ball = Solid.of(List.of(Convex.ball(at, 0.05)));
            double byWheel = gap.between(wheel, new BodyFrame(), ball, new BodyFrame());
            assertThat(gap.between(ring, new BodyFrame(), ball, new BodyFrame()))
                    .as("ball %d", i)
                    .isCloseTo(byWheel, within(1e-6));
        }
    }

    /** What is pressed into the tread by 10 mm is 10 mm deep. */
    @Test
    void depthInTheTreadIsTheShallowestWayOut() {
        Vector3D radial = AXIS.orthogonal();
        Convex ball = Convex.ball(CENTRE.add(OUTER + 0.02, radial), 0.03);
        assertThat(toRing(ball)).isCloseTo(-0.01, within(1e-5));
    }

    /** A cover says when the pieces need not be looked at; what comes back is the same with and without. */
    @Test
    void aCoverChangesNoAnswer() {
        List<Convex> pieces = Convex.ring(CENTRE, AXIS, INNER, OUTER, HALF, ROUNDING, PIECES);
        Solid covered = Solid.within(Convex.wheel(CENTRE, AXIS, OUTER, HALF, ROUNDING), pieces);
        double[] direction = new double[3];
        double[] none = new double[3];
        Vector3D from = place(1.5);
        Vector3D step = place(0.02).subtract(CENTRE);
        for (int i = 0; i < 400; i++) {
            from = Vector3D.distance(from, CENTRE) > 1.2 ? place(1.5) : from.add(step);
            if (i % 20 == 0) {
                step = place(0.05).subtract(CENTRE);
            }
            Solid bar = Solid.of(List.of(Convex.capsule(from, from.add(0.3, Vector3D.PLUS_K), 0.02)));
            double enough = 0.3 * random.nextDouble();
            double plain = gap.between(ring, new BodyFrame(), bar, new BodyFrame(), enough, none);
            double found = gap.between(covered, new BodyFrame(), bar, new BodyFrame(), enough, direction);
            assertThat(Math.min(found, enough)).as("bar %d", i).isCloseTo(Math.min(plain, enough), within(1e-9));
            double whole = gap.between(ring, new BodyFrame(), bar, new BodyFrame());
            gap.between(covered, new BodyFrame(), bar, new BodyFrame(), enough, direction);
            assertThat(gap.known()).as("bar %d", i).isLessThanOrEqualTo(whole + 1e-9);
        }
    }
}
