package org.palanca.base.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.bulletphysics.collision.narrowphase.DiscreteCollisionDetectorInterface;
import com.bulletphysics.collision.narrowphase.GjkEpaPenetrationDepthSolver;
import com.bulletphysics.collision.narrowphase.GjkPairDetector;
import com.bulletphysics.collision.narrowphase.PointCollector;
import com.bulletphysics.collision.narrowphase.VoronoiSimplexSolver;
import com.bulletphysics.collision.shapes.BoxShape;
import com.bulletphysics.collision.shapes.ConvexShape;
import com.bulletphysics.collision.shapes.CylinderShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import javax.vecmath.Matrix3f;
import javax.vecmath.Vector3f;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.BOBYQAOptimizer;
import org.junit.jupiter.api.Test;

/**
 * Gaps against libraries for general use (a bounded optimiser of Hipparchus for lines in space, JBullet's GJK for boxes and
 * cylinders, in single precision), against separating planes, sampling and hand-worked cases.
 */
class GapTest {
    private static final int TRIES = 400;

    private final Random random = new Random(11);
    private final Gap gap = new Gap();

    private Vector3D place(double spread) {
        return new Vector3D(
                spread * (random.nextDouble() - 0.5),
                spread * (random.nextDouble() - 0.5),
                spread * (random.nextDouble() - 0.5));
    }

    private double size() {
        return 0.05 + 0.3 * random.nextDouble();
    }

    private Rotation turn() {
        return new Rotation(
                random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), true);
    }

    private static BodyFrame at(Rotation turn, Vector3D origin) {
        BodyFrame place = new BodyFrame();
        Vector3D[] columns = {
            turn.applyTo(Vector3D.PLUS_I), turn.applyTo(Vector3D.PLUS_J), turn.applyTo(Vector3D.PLUS_K)
        };
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                place.rotation(row, column, columns[column].toArray()[row]);
            }
            place.origin(row, origin.toArray()[row]);
        }
        return place;
    }

    private static Solid solid(Convex piece) {
        return Solid.of(List.of(piece));
    }

    @Test
    void tubesAreAsFarApartAsAnOptimiserFinds() {
        for (int i = 0; i < TRIES; i++) {
            Vector3D[] p = {place(2), place(2), place(2), place(2)};
            if (i % 10 == 0) {
                p[3] = p[2].add(p[1].subtract(p[0]));
            }
            double r1 = 0.1 * random.nextDouble();
            double r2 = 0.1 * random.nextDouble();
            double expected = segments(p) - r1 - r2;
            double found = gap.between(
                    solid(Convex.capsule(p[0], p[1], r1)),
                    new BodyFrame(),
                    solid(Convex.capsule(p[2], p[3], r2)),
                    new BodyFrame());
            assertThat(found).as("pair %d", i).isCloseTo(expected, within(1e-6));
            assertThat(Vector3D.distance(gap.onFirst(), gap.onSecond())).isCloseTo(Math.abs(found), within(1e-9));
        }
    }

    private static double segments(Vector3D[] p) {
        MultivariateFunction square = st -> {
            Vector3D one = p[0].add(st[0], p[1].subtract(p[0]));
            Vector3D other = p[2].add(st[1], p[3].subtract(p[2]));
            return Vector3D.distanceSq(one, other);
        };
        double least = new BOBYQAOptimizer(5, 0.3, 1e-9)
                .optimize(
                        new MaxEval(5000),
                        new ObjectiveFunction(square),
                        GoalType.MINIMIZE,
                        new SimpleBounds(new double[] {0, 0}, new double[] {1, 1}),
                        new InitialGuess(new double[] {0.5, 0.5}))
                .getValue();
        return Math.sqrt(least);
    }

    @Test
    void boxesAndWheelsAreAsFarApartAsInACollisionLibrary() {
        int apart = 0;
        int likeWheels = 0;
        for (int i = 0; i < TRIES; i++) {
            Vector3D half = new Vector3D(size(), size(), size());
            boolean wheel = i % 2 == 0;
            Vector3D other = wheel ? new Vector3D(0.2 + size(), size(), 0) : new Vector3D(size(), size(), size());
            Rotation turn = turn();
            Rotation otherTurn = turn();
            Vector3D at = place(1.6);
            double expected = bullet(half, turn, at, other, wheel, otherTurn);
            Convex piece = wheel
                    ? Convex.wheel(Vector3D.ZERO, Vector3D.PLUS_J, other.getX(), other.getY(), 0)
                    : Convex.box(other.negate(), other);
            double found = gap.between(
                    solid(Convex.box(half.negate(), half)), at(turn, at), solid(piece), at(otherTurn, Vector3D.ZERO));
            if (expected > 0.01) {
                apart++;
                // The library stops early on round shapes: the planes of the next test show which of the two is nearer.
                assertThat(found).as("pair %d", i).isLessThan(expected + 2e-4);
                if (!wheel) {
                    assertThat(found).as("pair %d", i).isCloseTo(expected, within(2e-4));
                } else if (Math.abs(found - expected) < 1e-3) {
                    likeWheels++;
                }
            } else if (expected < -0.01) {
                assertThat(found).as("pair %d", i).isNegative();
            }
        }
        assertThat(apart).isGreaterThan(TRIES / 4);
        assertThat(likeWheels).isGreaterThan(TRIES / 8);
    }

    private static double bullet(
            Vector3D half, Rotation turn, Vector3D at, Vector3D other, boolean wheel, Rotation otherTurn) {
        ConvexShape one = new BoxShape(new Vector3f((float) half.getX(), (float) half.getY(), (float) half.getZ()));
        ConvexShape two = wheel
                ? new CylinderShape(new Vector3f((float) other.getX(), (float) other.getY(), (float) other.getX()))
                : new BoxShape(new Vector3f((float) other.getX(), (float) other.getY(), (float) other.getZ()));
        one.setMargin(1e-4f);
        two.setMargin(1e-4f);
        GjkPairDetector detector = new GjkPairDetector();
        detector.init(one, two, new VoronoiSimplexSolver(), new GjkEpaPenetrationDepthSolver());
        DiscreteCollisionDetectorInterface.ClosestPointInput input =
                new DiscreteCollisionDetectorInterface.ClosestPointInput();
        input.init();
        place(input.transformA.basis, turn);
        input.transformA.origin.set((float) at.getX(), (float) at.getY(), (float) at.getZ());
        place(input.transformB.basis, otherTurn);
        input.transformB.origin.set(0, 0, 0);
        input.maximumDistanceSquared = 100;
        PointCollector collector = new PointCollector();
        detector.getClosestPoints(input, collector, null);
        return collector.hasResult ? collector.distance : Double.NaN;
    }

    private static void place(Matrix3f basis, Rotation turn) {
        Vector3D[] columns = {
            turn.applyTo(Vector3D.PLUS_I), turn.applyTo(Vector3D.PLUS_J), turn.applyTo(Vector3D.PLUS_K)
        };
        for (int column = 0; column < 3; column++) {
            basis.setColumn(column, (float) columns[column].getX(), (float) columns[column].getY(), (float)
                    columns[column].getZ());
        }
    }

    /** Two planes square to the line between the nearest points part the two: nothing of either lies between them. */
    @Test
    void aPlanePartsWhatIsApart() {
        int apart = 0;
        for (int i = 0; i < TRIES; i++) {
            Convex a = any();
            Convex b = any();
            BodyFrame pa = at(turn(), place(2));
            BodyFrame pb = at(turn(), place(2));
            double found = gap.between(solid(a), pa, solid(b), pb);
            if (found < 1e-6) {
                continue;
            }
            apart++;
            Vector3D n = gap.onFirst().subtract(gap.onSecond()).normalize();
            assertThat(Vector3D.distance(gap.onFirst(), gap.onSecond())).isCloseTo(found, within(1e-9));
            double[] sa = new double[3];
            double[] sb = new double[3];
            pa.support(a, -n.getX(), -n.getY(), -n.getZ(), sa);
            pb.support(b, n.getX(), n.getY(), n.getZ(), sb);
            double planes = new Vector3D(sa).subtract(new Vector3D(sb)).dotProduct(n) - a.radius() - b.radius();
            assertThat(planes).as("pair %d", i).isCloseTo(found, within(1e-5));
        }
        assertThat(apart).isGreaterThan(TRIES / 3);
    }

    private Convex any() {
        return switch (random.nextInt(4)) {
            case 0 -> Convex.capsule(place(0.6), place(0.6), 0.02 + 0.05 * random.nextDouble());
            case 1 -> {
                Vector3D half = new Vector3D(size(), size(), size());
                yield Convex.box(half.negate(), half);
            }
            case 2 -> Convex.wheel(place(0.2), place(1), 0.2 + size(), 0.06 + size() / 3, 0.05);
            default -> {
                List<Vector3D> points = new ArrayList<>();
                for (int i = 0; i < 9; i++) {
                    points.add(place(0.7));
                }
                yield Convex.hull(points, 0.01);
            }
        };
    }

    /** The fifteen axes on which two boxes can lie apart (Gottschalk, 1996): another method for the same depth. */
    @Test
    void boxesInOneAnotherAreAsDeepAsTheShallowestAxisSays() {
        int deep = 0;
        for (int i = 0; i < TRIES; i++) {
            Vector3D h1 = new Vector3D(size(), size(), size());
            Vector3D h2 = new Vector3D(size(), size(), size());
            Rotation t1 = turn();
            Rotation t2 = turn();
            Vector3D at = place(0.5);
            double expected = shallowest(h1, t1, h2, t2, at);
            double found = gap.between(
                    solid(Convex.box(h1.negate(), h1)),
                    at(t1, at),
                    solid(Convex.box(h2.negate(), h2)),
                    at(t2, Vector3D.ZERO));
            if (expected > 1e-4) {
                deep++;
                assertThat(found).as("pair %d", i).isCloseTo(-expected, within(1e-6));
                assertThat(Vector3D.distance(gap.onFirst(), gap.onSecond()))
                        .as("the deepest places of pair %d", i)
                        .isCloseTo(expected, within(1e-4));
            } else if (expected < -1e-4) {
                assertThat(found).as("pair %d", i).isPositive();
            }
        }
        assertThat(deep).isGreaterThan(TRIES / 4);
    }

    /**
     * Boxes on a coarse grid, square to one another: faces, edges and corners coincide, and often the two only touch. The
     * shallowest of the three axes is exact; what only touches must not keep the search busy.
     */
    @Test
    void boxesThatShareFacesAndEdgesAreAsDeepAsTheShallowestAxisSays() {
        for (int i = 0; i < TRIES; i++) {
            Vector3D[] at = {onGrid(), onGrid()};
            Vector3D[] half = {onGrid().add(new Vector3D(5, 5, 5)), onGrid().add(new Vector3D(5, 5, 5))};
            double[] apart = at[0].subtract(at[1]).toArray();
            double least = Double.MAX_VALUE;
            for (int k = 0; k < 3; k++) {
                least = Math.min(least, half[0].toArray()[k] + half[1].toArray()[k] - Math.abs(apart[k]));
            }
            double found = gap.between(
                    solid(Convex.box(at[0].subtract(half[0]), at[0].add(half[0]))),
                    new BodyFrame(),
                    solid(Convex.box(at[1].subtract(half[1]), at[1].add(half[1]))),
                    new BodyFrame());
            if (least >= 0) {
                assertThat(found).as("pair %d", i).isCloseTo(-least, within(1e-9));
            } else {
                assertThat(found).as("pair %d", i).isPositive();
            }
        }
    }

    private Vector3D onGrid() {
        return new Vector3D(random.nextInt(9) - 4, random.nextInt(9) - 4, random.nextInt(9) - 4);
    }

    private static double shallowest(Vector3D h1, Rotation t1, Vector3D h2, Rotation t2, Vector3D apart) {
        Vector3D[] unit = {Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K};
        List<Vector3D> axes = new ArrayList<>();
        for (Vector3D u : unit) {
            axes.add(t1.applyTo(u));
            axes.add(t2.applyTo(u));
            for (Vector3D w : unit) {
                axes.add(Vector3D.crossProduct(t1.applyTo(u), t2.applyTo(w)));
            }
        }
        double least = Double.MAX_VALUE;
        for (Vector3D axis : axes) {
            if (axis.getNorm() < 1e-9) {
                continue;
            }
            Vector3D n = axis.normalize();
            double reach = 0;
            for (int k = 0; k < 3; k++) {
                reach += h1.toArray()[k] * Math.abs(t1.applyTo(unit[k]).dotProduct(n));
                reach += h2.toArray()[k] * Math.abs(t2.applyTo(unit[k]).dotProduct(n));
            }
            least = Math.min(least, reach - Math.abs(apart.dotProduct(n)));
        }
        return least;
    }

    @Test
    void noSampledPointsLieNearerThanTheGap() {
        for (int i = 0; i < 40; i++) {
            Vector3D low = place(0.4).subtract(new Vector3D(0.3, 0.3, 0.3));
            Vector3D high = low.add(new Vector3D(size(), size(), size()));
            Vector3D axis = place(1);
            Convex wheel = Convex.wheel(new Vector3D(0.8, 0, 0), axis, 0.4, 0.15, 0.06);
            double found = gap.between(solid(Convex.box(low, high)), new BodyFrame(), solid(wheel), new BodyFrame());
            double least = Double.MAX_VALUE;
            for (int k = 0; k < 4000; k++) {
                Vector3D inBox = new Vector3D(
                        low.getX() + random.nextDouble() * (high.getX() - low.getX()),
                        low.getY() + random.nextDouble() * (high.getY() - low.getY()),
                        low.getZ() + random.nextDouble() * (high.getZ() - low.getZ()));
                double[] s = new double[3];
                Vector3D n = place(1).normalize();
                wheel.support(n.getX(), n.getY(), n.getZ(), s);
                Vector3D onWheel = new Vector3D(s).add(wheel.radius(), n);
                least = Math.min(least, Vector3D.distance(inBox, onWheel));
            }
            assertThat(found).isLessThanOrEqualTo(least + 1e-12);
        }
    }

    @Test
    void aSkinOfTrianglesIsAsFarAsItsNearestTriangle() {
        List<Vector3D[]> skin = ball(0.4, 10);
        Solid mesh = Solid.closedMesh(skin, 0);
        for (int i = 0; i < 60; i++) {
            Convex tube = Convex.capsule(place(3), place(3), 0.03);
            double least = Double.MAX_VALUE;
            for (Vector3D[] triangle : skin) {
                least = Math.min(
                        least,
                        gap.between(
                                solid(Convex.hull(List.of(triangle), 0)),
                                new BodyFrame(),
                                solid(tube),
                                new BodyFrame()));
            }
            double found = gap.between(mesh, new BodyFrame(), solid(tube), new BodyFrame());
            assertThat(Math.abs(found)).as("tube %d", i).isCloseTo(Math.abs(least), within(1e-9));
        }
    }

    /** A skin with dents, and things of each sort that go past it and into it: triangle by triangle, without any tree. */
    @Test
    void whatHoldsManyTrianglesOnlySparesWork() {
        double off = 0.003;
        List<Vector3D[]> skin = ball(0.4, 16).stream()
                .map(triangle -> Arrays.stream(triangle).map(GapTest::dented).toArray(Vector3D[]::new))
                .toList();
        Solid mesh = Solid.openMesh(skin, off);
        List<Solid> things = List.of(
                solid(Convex.wheel(Vector3D.ZERO, Vector3D.PLUS_J, 0.4, 0.15, 0.05)),
                solid(Convex.capsule(new Vector3D(-0.4, 0, 0), new Vector3D(0.4, 0.1, 0), 0.02)),
                solid(Convex.box(new Vector3D(-0.3, -0.05, -0.05), new Vector3D(0.3, 0.05, 0.05))),
                Solid.of(Convex.ring(Vector3D.ZERO, Vector3D.PLUS_K, 0.2, 0.3, 0.1, 0.02, 24)));
        int apart = 0;
        for (Solid thing : things) {
            double[] memory = new double[3];
            Rotation turn = turn();
            for (int i = 0; i < 30; i++) {
                BodyFrame place = at(turn, new Vector3D(0.95 - 0.02 * i, 0.01 * i, 0.3));
                double least = Double.POSITIVE_INFINITY;
                for (Vector3D[] triangle : skin) {
                    Solid alone = solid(Convex.hull(List.of(triangle), off));
                    least = Math.min(least, gap.between(alone, new BodyFrame(), thing, place));
                }
                double enough = i % 2 == 0 ? 0.1 : Double.POSITIVE_INFINITY;
                double found = gap.between(mesh, new BodyFrame(), thing, place, enough, memory);
                assertThat(found).as("step %d", i).isCloseTo(Math.min(enough, least), within(1e-9));
                assertThat(gap.known()).as("step %d", i).isLessThanOrEqualTo(least + 1e-9);
                apart += least > 0 ? 1 : 0;
            }
        }
        assertThat(apart).isBetween(20, 100);
    }

    private static Vector3D dented(Vector3D place) {
        double dent = 0.08 * Math.sin(20 * place.getX()) * Math.cos(15 * place.getY() + 12 * place.getZ());
        return place.scalarMultiply(1 - dent);
    }

    @Test
    void whatLiesWithinAClosedSkinIsInside() {
        Solid mesh = Solid.closedMesh(ball(0.4, 10), 0);
        Solid small = solid(Convex.ball(new Vector3D(0.05, 0.02, 0), 0.1));
        double found = gap.between(mesh, new BodyFrame(), small, new BodyFrame());
        // From the ball to the skin it is 0.4 less where its middle is and its radius, less what the flat faces cut
        // off.
        assertThat(found).isBetween(-0.26, -0.21);
        Solid outside = solid(Convex.ball(new Vector3D(0.6, 0, 0), 0.1));
        assertThat(gap.between(mesh, new BodyFrame(), outside, new BodyFrame())).isBetween(0.0999, 0.12);
    }

    @Test
    void aKnownDirectionOnlySparesWork() {
        double[] memory = new double[3];
        Convex box = Convex.box(new Vector3D(-0.2, -0.1, -0.1), new Vector3D(0.2, 0.1, 0.1));
        Convex wheel = Convex.wheel(Vector3D.ZERO, Vector3D.PLUS_J, 0.4, 0.15, 0.05);
        for (int i = 0; i < 200; i++) {
            BodyFrame place = at(turn(), new Vector3D(0.9 + 0.002 * i, 0.01 * i, 0));
            double enough = i % 3 == 0 ? 0.1 : Double.POSITIVE_INFINITY;
            double remembered = gap.between(solid(box), new BodyFrame(), solid(wheel), place, enough, memory);
            double fresh = gap.between(solid(box), new BodyFrame(), solid(wheel), place);
            assertThat(remembered).isCloseTo(Math.min(enough, fresh), within(1e-9));
        }
    }

    /** A ball of triangles by rings and sectors. */
    private static List<Vector3D[]> ball(double radius, int rings) {
        List<Vector3D[]> skin = new ArrayList<>();
        for (int i = 0; i < rings; i++) {
            for (int j = 0; j < 2 * rings; j++) {
                Vector3D[] corner = new Vector3D[4];
                for (int k = 0; k < 4; k++) {
                    double down = Math.PI * (i + (k >> 1)) / rings;
                    double round = Math.PI * (j + (k & 1)) / rings;
                    corner[k] = new Vector3D(
                            radius * Math.sin(down) * Math.cos(round),
                            radius * Math.sin(down) * Math.sin(round),
                            radius * Math.cos(down));
                }
                skin.add(new Vector3D[] {corner[0], corner[1], corner[3]});
                skin.add(new Vector3D[] {corner[0], corner[3], corner[2]});
            }
        }
        return skin;
    }
}
