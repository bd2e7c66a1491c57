package org.palanca.study.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Survey;

class FitTest {
    private final Vehicle plan = Examples.vehicle("tarn-4.palanca.json");

    private Vehicle in(Surroundings around) {
        return plan.withBuild(plan.build().with(AxlePlace.REAR, around));
    }

    private static Surroundings with(WheelWell well, Obstacle... obstacles) {
        return Surroundings.NONE.withWell(well).withObstacles(List.of(obstacles));
    }

    /** Hand-worked at ride: 64 in track, 12 1/2 in tyre of 34 1/2 in, its middle 16 3/4 in up. */
    @Test
    void roomAtRideIsPlainSubtraction() {
        WheelWell well = new WheelWell(inches(-19), inches(20), inches(41), inches(23), inches(40), inches(1));
        TyreClearance room = TyreClearance.of(in(with(well)), AxlePlace.REAR);
        assertThat(atRide(room, TyreClearance.Wall.INNER)).isCloseTo(32 - 6.25 - 23, within(1e-6));
        assertThat(atRide(room, TyreClearance.Wall.OUTER)).isCloseTo(40 - 32 - 6.25, within(1e-6));
        assertThat(atRide(room, TyreClearance.Wall.TOP)).isCloseTo(41 - 16.75 - 17.25, within(1e-6));
        assertThat(atRide(room, TyreClearance.Wall.REAR_EDGE)).isCloseTo(19 - 17.25, within(1e-6));
        assertThat(atRide(room, TyreClearance.Wall.FRONT_EDGE)).isCloseTo(20 - 17.25, within(1e-6));
        TyreClearance.Room full = room.rooms().stream()
                .filter(one -> one.pose().left() > 0 && one.pose().right() > 0 && one.wall() == TyreClearance.Wall.TOP)
                .findFirst()
                .orElseThrow();
        assertThat(full.pose().left() / inches(1))
                .as("the stop is solid at the plan's bump")
                .isCloseTo(5.5, within(1e-3));
        assertThat((full.metres() + full.pose().left()) / inches(1)).isCloseTo(7, within(1e-6));
    }

    private static double atRide(TyreClearance room, TyreClearance.Wall wall) {
        return room.rooms().stream()
                        .filter(one -> one.pose().equals(WheelTravel.RIDE) && one.wall() == wall)
                        .mapToDouble(TyreClearance.Room::metres)
                        .findFirst()
                        .orElseThrow()
                / inches(1);
    }

    @Test
    void whatStopsTheAxleIsNamedWithItsDistance() {
        WheelWell well = new WheelWell(inches(-25), inches(20), inches(41), inches(23), inches(40), inches(1));
        double behind = -plan.wheelbase() - inches(17.25) - inches(3);
        Obstacle locker = new Obstacle("locker", new Box(behind - 0.2, behind, -1, 1, inches(16), inches(18)));
        TyreClearance room = TyreClearance.of(in(with(well, locker)), AxlePlace.REAR);
        TyreClearance.Way back = room.ways().get(0);
        assertThat(back.direction()).isEqualTo(Vector3D.MINUS_I);
        assertThat(back.metres()).isCloseTo(inches(3), within(1e-4));
        assertThat(back.stop().orElseThrow().obstacle()).isEqualTo("locker");
        TyreClearance.Way up = room.ways().get(2);
        assertThat(up.stop().orElseThrow().wall()).isEqualTo(TyreClearance.Wall.TOP);
        assertThat(up.metres()).isCloseTo(inches(7), within(1e-5));
    }

    /** Distances to boxes against a fine sampling of the tyre's skin. */
    @Test
    void tyreToBoxAgreesWithSampling() {
        Random random = new Random(5);
        for (int run = 0; run < 60; run++) {
            Vector3D axis = new Vector3D(0.2 * random.nextGaussian(), 1, 0.2 * random.nextGaussian()).normalize();
            TyreShape tyre = new TyreShape(Vector3D.ZERO, axis, new Tyre(0.88, 0.42, 0.3));
            double x = 0.9 * random.nextGaussian();
            double y = 0.6 * random.nextGaussian();
            double z = 0.9 * random.nextGaussian();
            Box box = new Box(x, x + 0.2, y, y + 0.1, z, z + 0.3);
            assertThat(tyre.distance(box)).isCloseTo(sampled(tyre, box), within(0.004));
        }
    }

    private static double sampled(TyreShape tyre, Box box) {
        double least = box.contains(tyre.centre()) ? 0 : Double.MAX_VALUE;
        Vector3D a = tyre.axis().orthogonal();
        Vector3D b = tyre.axis().crossProduct(a);
        for (double[] profile : profile(tyre.tyre())) {
            for (int j = 0; j < 720; j++) {
                double turn = Math.toRadians(j / 2.0);
                Vector3D skin = tyre.centre()
                        .add(profile[0], tyre.axis())
                        .add(profile[1] * Math.cos(turn), a)
                        .add(profile[1] * Math.sin(turn), b);
                least = Math.min(least, box.distance(skin));
            }
        }
        return least;
    }

    /** Along the axle and out from it [m]: faces, shoulders and tread of a tyre. */
    private static List<double[]> profile(Tyre tyre) {
        double shoulder = tyre.shoulder();
        double half = tyre.width() / 2 - shoulder;
        double core = tyre.diameter() / 2 - shoulder;
        List<double[]> profile = new ArrayList<>();
        for (int side : new int[] {1, -1}) {
            for (int k = 0; k <= 40; k++) {
                double turn = Math.PI / 2 * k / 40;
                profile.add(new double[] {side * (half + shoulder), core * k / 40});
                profile.add(new double[] {side * half * k / 40, core + shoulder});
                profile.add(new double[] {side * (half + shoulder * Math.cos(turn)), core + shoulder * Math.sin(turn)});
            }
        }
        return profile;
    }

    /** Hand-worked: ends 56 in apart, the right one 3/16 in back, marks straight ahead of square ends. */
    @Test
    void squareCheckOfAnAxleThatStandsAskew() {
        EnumSet<Axis> all = EnumSet.allOf(Axis.class);
        double x = -2.7;
        Survey survey = Survey.NONE
                .with(new Mark("left end", new Vector3D(x, inches(28) + inches(0.25), 0.4), all))
                .with(new Mark("right end", new Vector3D(x - inches(3.0 / 16), -inches(28) + inches(0.25), 0.4), all))
                .with(new Mark("frame left", new Vector3D(-1, 0.4, 0.6), all))
                .with(new Mark("frame right", new Vector3D(-1, -0.4, 0.6), all));
        SquareCheck check = SquareCheck.of(Adjustment.of(survey), Surroundings.NONE.withEnds("left end", "right end"))
                .orElseThrow();
        assertThat(check.thrust()).isCloseTo(-Math.atan(3.0 / 16 / 56), within(1e-9));
        assertThat(check.off()).isCloseTo(inches(0.25), within(1e-12));
        assertThat(SquareCheck.of(Adjustment.of(survey), Surroundings.NONE)).isEmpty();
    }

    /** Two right triangles: both ends 28 in out, the marks 16 in out and 66 in ahead, the right end 3/16 in back. */
    @Test
    void theDiagonalToTheEndThatStandsBackIsTheLongerOne() {
        EnumSet<Axis> all = EnumSet.allOf(Axis.class);
        double x = -inches(66);
        Survey survey = Survey.NONE
                .with(new Mark("left end", new Vector3D(x, inches(28), 0), all))
                .with(new Mark("right end", new Vector3D(x - inches(3.0 / 16), -inches(28), 0), all))
                .with(new Mark("frame left", new Vector3D(0, inches(16), 0), all))
                .with(new Mark("frame right", new Vector3D(0, -inches(16), 0), all));
        SquareCheck.Diagonals crossed = SquareCheck.of(
                        Adjustment.of(survey), Surroundings.NONE.withEnds("left end", "right end"))
                .orElseThrow()
                .diagonals()
                .orElseThrow();
        assertThat(crossed.toLeftEnd()).isCloseTo(inches(Math.hypot(66, 44)), within(1e-9));
        assertThat(crossed.toRightEnd()).isCloseTo(inches(Math.hypot(66 + 3.0 / 16, 44)), within(1e-9));
        assertThat(crossed.off()).isCloseTo(crossed.toRightEnd() - crossed.toLeftEnd(), within(1e-9));
    }

    @Test
    void marksThatAreNotOppositeDoNotFoolTheDiagonals() {
        EnumSet<Axis> all = EnumSet.allOf(Axis.class);
        Survey survey = Survey.NONE
                .with(new Mark("left end", new Vector3D(-2.7, 0.7, 0.4), all))
                .with(new Mark("right end", new Vector3D(-2.7, -0.7, 0.4), all))
                .with(new Mark("frame left", new Vector3D(-1, 0.41, 0.6), all))
                .with(new Mark("frame right", new Vector3D(-1.02, -0.4, 0.61), all));
        SquareCheck.Diagonals crossed = SquareCheck.of(
                        Adjustment.of(survey), Surroundings.NONE.withEnds("left end", "right end"))
                .orElseThrow()
                .diagonals()
                .orElseThrow();
        assertThat(crossed.toRightEnd()).isNotCloseTo(crossed.toLeftEnd(), within(0.005));
        assertThat(crossed.off()).isCloseTo(0, within(1e-12));
    }

    /** Hand-worked: 106 in on the left, 105 3/4 on the right, ends 56 in apart: a quarter in 56 out of parallel. */
    @Test
    void twoMeasuredAxlesAreHeldAgainstEachOther() {
        EnumSet<Axis> all = EnumSet.allOf(Axis.class);
        Survey survey = Survey.NONE
                .with(new Mark("front left", new Vector3D(0, inches(28), 0.4), all))
                .with(new Mark("front right", new Vector3D(0, -inches(28), 0.4), all))
                .with(new Mark("rear left", new Vector3D(-inches(106), inches(28), 0.4), all))
                .with(new Mark("rear right", new Vector3D(-inches(105.75), -inches(28), 0.4), all));
        Vehicle measured = plan.withBuild(Build.NONE
                .withSurvey(survey)
                .with(AxlePlace.FRONT, Surroundings.NONE.withEnds("front left", "front right"))
                .with(AxlePlace.REAR, Surroundings.NONE.withEnds("rear left", "rear right")));
        assertThat(FitWords.of(measured, AxlePlace.REAR, Adjustment.of(survey)))
                .filteredOn(said -> !said.good())
                .extracting(said -> Examples.WORDS.text(said.message()))
                .contains("Axle to axle: 106 in on the left, 105 3/4 in on the right, 0.3° out of parallel.");
    }

    /** Hand-worked: pinion level at 16 in, reach 13 in, gearbox at the same height: the shaft runs level, no angle. */
    @Test
    void aLevelShaftHasNoAngles() {
        Vehicle level =
                plan.withAxle(plan.axle(AxlePlace.REAR).orElseThrow().withAngles(0, java.util.OptionalDouble.empty()));
        double up = plan.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
        Driveline line = new Driveline(new Vector3D(-1.2, 0, up), 0, inches(13), 0, 0, inches(3));
        ShaftRun run = ShaftRun.at(new AxleModel(level, AxlePlace.REAR), line);
        assertThat(run.length()).isCloseTo(plan.wheelbase() - 1.2 - inches(13), within(1e-9));
        assertThat(run.atOutput()).isCloseTo(0, within(1e-6));
        assertThat(run.atPinion()).isCloseTo(0, within(1e-6));
        Driveline aside = new Driveline(new Vector3D(-1.2, 0, up), 0, inches(13), inches(2), 0, inches(3));
        ShaftRun askew = ShaftRun.at(new AxleModel(level, AxlePlace.REAR), aside);
        assertThat(askew.atOutput()).isCloseTo(Math.atan(inches(2) / run.length()), within(1e-6));
        assertThat(askew.across()).isCloseTo(inches(2), within(1e-9));
    }

    @Test
    void theOrderedShaftReachesAtEveryPose() {
        AxleModel model = new AxleModel(plan, AxlePlace.REAR);
        Driveline line = plan.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        ShaftOrder order = ShaftOrder.of(model, line);
        double home = order.ride().length() - order.outAtRide();
        for (double left = -0.16; left <= 0.13; left += 0.05) {
            for (double right = -0.16; right <= 0.13; right += 0.05) {
                if (model.moveTo(left, right)) {
                    double length = ShaftRun.at(model, line).length();
                    assertThat(length).isBetween(home - 0.002, home + line.slip() + 0.002);
                }
            }
        }
    }
}
