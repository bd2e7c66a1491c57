package org.palanca.floor.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.palanca.Examples;
import org.palanca.base.outline.Edge;
import org.palanca.base.outline.Outline;
import org.palanca.base.words.Message;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.HoleClass;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.housing.HousingSize;

/** Against sums by hand and JTS, a general geometry library. */
class BracketPlanTest {
    private static final double EXACT = 1e-9;
    private static final GeometryFactory JTS = new GeometryFactory();

    private static List<String> said(List<Message> messages) {
        return messages.stream().map(Examples.WORDS::text).toList();
    }

    /** Bolt 3 in under a rail: eye 1.5 x 9/16 in round, foot by the rule. */
    @Test
    void anEarUnderARailStandsAsFarFromItsBoltAsTheRailDoes() {
        BracketPlan plan = Brackets.plan(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
        assertThat(plan.makeable()).as(said(plan.faults()).toString()).isTrue();
        FlatPart ear = plan.parts().get(0);
        assertThat(plan.parts()).hasSize(1);
        assertThat(ear.count()).isEqualTo(2);
        double eye = inches(1.5 * 0.5625);
        assertThat(ear.outline().bounds().height()).isCloseTo(inches(3) + eye, within(1e-6));
        assertThat(ear.outline().bounds().width()).isCloseTo(2 * eye + 0.5 * (inches(3) - eye), within(1e-6));
        // Both stand with their near faces half the gap from the bolt's middle, and reach up to the rail.
        for (PlacedPlate placed : plan.ears()) {
            double highest =
                    placed.rim(1e-5).stream().mapToDouble(Vector3D::getZ).max().orElseThrow();
            assertThat(highest).isCloseTo(inches(20.25 + 3), within(1e-6));
        }
        double apart = Math.abs(
                plan.ears().get(0).origin().getY() - plan.ears().get(1).origin().getY());
        assertThat(apart).isCloseTo(inches(2.625 + 0.25), within(EXACT));
    }

    /** The lower mounts stand 1 in behind the middle of the axle, and 13 1/2 in up. */
    @Test
    void aSaddleHasTheTubesOwnRadiusAndItsClockAngleFollowsFromTheMount() {
        BracketPlan plan = Brackets.plan(Brackets.tarn(), "lower axle left", Bracket.PLAIN);
        assertThat(plan.makeable())
                .as(said(plan.faults()) + "" + said(plan.missing()))
                .isTrue();
        FlatPart ear = plan.parts().get(0);
        Edge saddle = ear.outline().edges().stream()
                .filter(edge -> edge.bulge() < 0)
                .findFirst()
                .orElseThrow();
        assertThat(saddle.radius()).isCloseTo(inches(1.5), within(EXACT));
        Vehicle tarn = Examples.tarn();
        double up = tarn.axles().get(1).tyre().loadedRadius() - inches(Brackets.LOWER);
        double distance = Math.hypot(inches(1), up);
        assertThat(saddle.centre().getY()).isCloseTo(-distance, within(EXACT));
        assertThat(saddle.centre().getX()).isCloseTo(0, within(EXACT));
        // In space the saddle's middle line is the axle's.
        PlacedPlate placed = plan.ears().get(0);
        Vector3D middle = placed.place(saddle.centre(), 0);
        assertThat(middle.getZ()).isCloseTo(tarn.axles().get(1).tyre().loadedRadius(), within(EXACT));
        assertThat(middle.getX()).isCloseTo(-tarn.wheelbase(), within(EXACT));
    }

    /** A bolt square to a tube: its ears' planes cut the tube in level lines, lower the farther they are off its middle. */
    @Test
    void anEarThatStandsAlongItsTubeReachesDownBesideIt() {
        Seat tube = new Seat.Tube(inches(2), BoltWay.ALONG, 0, inches(3), OptionalDouble.empty());
        BracketPlan plan = Brackets.plan(
                Brackets.tarn(new Ears(inches(1.5), inches(0.25), inches(0.5), inches(0.53125)), BoltWay.ACROSS),
                "lower frame left",
                Bracket.PLAIN.withSeat(Optional.of(tube)));
        // The ears' middles stand 7/8 in off the tube's middle plane: its skin there is sqrt(1 - 49/64) in above it.
        double reach = inches(3) - inches(Math.sqrt(1 - 49.0 / 64));
        assertThat(plan.parts().get(0).outline().bounds().bottom()).isCloseTo(-reach, within(1e-6));
    }

    /**
     * Inside radius 1/4 in, plate 1/4 in, ears 2 5/8 in apart, bolt 3 in from the outside of the back: flat between the holes
     * 2 (3 - 1/4 - 1/4) + (2 5/8 - 1/2) + 2 (0.64 x 1/4 + 1.5708 x 1/4) in.
     */
    @Test
    void theFlatOfAFoldIsThatOfTheHandbook() {
        BracketPlan plan = Brackets.plan(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.FOLDED, Way.UP, inches(3)));
        assertThat(plan.makeable()).as(said(plan.faults()).toString()).isTrue();
        FlatPart folded = plan.parts().get(0);
        double holes = Vector2D.distance(
                folded.openings().get(0).centre(), folded.openings().get(1).centre());
        double expected = 2 * 2.5 + 2.125 + 2 * (0.64 * 0.25 + Math.PI / 2 * 0.25);
        assertThat(holes).isCloseTo(inches(expected), within(1e-9));
        assertThat(folded.folds()).hasSize(2);
        assertThat(polygon(folded.outline()).isValid()).isTrue();
        // Both outsides less both deductions is the same length.
        Fold fold = new Fold(inches(0.25), inches(0.25), Bracket.K_FACTOR, Math.PI / 2);
        assertThat(holes).isCloseTo(inches(2 * 3 + 3.125) - 2 * fold.deduction(), within(1e-9));
        assertThat(folded.handed()).isFalse();
    }

    @Test
    void aFoldedBracketOnATubeHasItsBackOnTheFlankThatTheLinkLeavesFree() {
        BracketPlan plan = Brackets.plan(
                Brackets.tarn(new Ears(inches(2.625), inches(0.1875), inches(0.5), inches(0.53125)), BoltWay.ACROSS),
                "lower axle left",
                Bracket.PLAIN
                        .withForm(Bracket.Form.FOLDED)
                        .withSeat(Optional.of(new Seat.Tube(
                                inches(4), BoltWay.ACROSS, Math.toRadians(-160), inches(4), OptionalDouble.empty()))));
        assertThat(plan.makeable()).as(said(plan.faults()).toString()).isTrue();
        Vector3D bolt =
                plan.ears().get(0).origin().add(plan.ears().get(1).origin()).scalarMultiply(0.5);
        Vector3D back = plan.back().orElseThrow().origin().subtract(bolt);
        assertThat(back.dotProduct(plan.bolted().orElseThrow().away())).isNegative();
        FlatPart folded = plan.parts().get(0);
        Polygon flat = polygon(folded.outline());
        assertThat(flat.isValid()).as(folded.outline().toString()).isTrue();
        for (Opening hole : folded.openings()) {
            assertThat(folded.outline().contains(hole.centre())).isTrue();
            assertThat(folded.outline().distance(hole.centre())).isCloseTo(inches(0.75), within(1e-6));
        }
    }

    @Test
    void aNotchTakesItsTab() {
        BracketPlan plan = Brackets.plan(
                Brackets.tarn(),
                "lower frame left",
                Brackets.onFace(Bracket.Form.CLEVIS, Way.UP, inches(3)).withLocating(true));
        assertThat(plan.makeable()).as(said(plan.faults()).toString()).isTrue();
        FlatPart ear = plan.parts().get(0);
        FlatPart back = plan.parts().get(1);
        double foot = ear.outline().bounds().width();
        BracketPlan plain = Brackets.plan(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.CLEVIS, Way.UP, inches(3)));
        double notch = plain.parts().get(0).outline().area() - ear.outline().area();
        double tab = (back.outline().area() - plain.parts().get(1).outline().area()) / 2;
        assertThat(tab).isCloseTo(0.4 * foot * inches(0.25), within(1e-9));
        // A fifth of a millimetre of room round three sides of the tab.
        assertThat(notch).isCloseTo((0.4 * foot + 0.0004) * (inches(0.25) + 0.0002), within(1e-9));
        assertThat(back.outline().bounds().height()).isCloseTo(inches(2.625 + 0.5), within(1e-9));
    }

    @Test
    void whatCannotBeIsRefusedWithTheAmount() {
        Vehicle tarn = Brackets.tarn();
        assertThat(said(Brackets.plan(tarn, "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(0.7)))
                        .faults()))
                .anySatisfy(text -> assertThat(text).contains("11/16 in of plate is left"));
        assertThat(said(Brackets.plan(tarn, "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.OUT, inches(3)))
                        .faults()))
                .anySatisfy(text -> assertThat(text).contains("points into the face"));
        assertThat(said(Brackets.plan(
                                tarn,
                                "lower frame left",
                                Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3))
                                        .withEdge(OptionalDouble.of(inches(0.7))))
                        .faults()))
                .anySatisfy(text -> assertThat(text).contains("is the least for that bolt"));
        assertThat(said(Brackets.plan(
                                tarn,
                                "lower frame left",
                                Brackets.onFace(Bracket.Form.FOLDED, Way.UP, inches(3))
                                        .withFold(OptionalDouble.of(inches(0.125)), OptionalDouble.empty()))
                        .faults()))
                .anySatisfy(text -> assertThat(text).contains("it may crack"));
        assertThat(said(Brackets.plan(tarn, "lower axle left", Bracket.PLAIN.withFoot(OptionalDouble.of(inches(3.2))))
                        .faults()))
                .anySatisfy(text -> assertThat(text).contains("does not stand on its tube"));
    }

    /** The upper mounts stand over the differential, where there is no bare tube to fit an ear to. */
    @Test
    void overTheDifferentialItIsAskedWhatABracketIsWeldedOn() {
        Vehicle tarn = Brackets.tarn();
        Vehicle wide = tarn.withBuild(tarn.build()
                .with(
                        AxlePlace.REAR,
                        tarn.build()
                                .housing(AxlePlace.REAR)
                                .with(HousingSize.DIFFERENTIAL_DIAMETER, OptionalDouble.of(inches(12)))));
        BracketPlan plan = Brackets.plan(wide, "upper axle left", Bracket.PLAIN);
        assertThat(plan.makeable()).isFalse();
        assertThat(said(plan.missing())).anySatisfy(text -> assertThat(text).contains("the differential"));
    }

    @Test
    void theTwoSidesOfAVehicleHaveOneBracketSeenInAMirror() {
        Vehicle tarn = Brackets.with(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
        List<BracketPlan> plans = BracketPlan.of(tarn, tarn.axles().get(1));
        assertThat(plans)
                .extracting(plan -> plan.mount().mount())
                .containsExactly("lower frame left", "lower frame right");
        assertThat(plans.get(0).parts().get(0).serves(plans.get(1).parts().get(0)))
                .isTrue();
        assertThat(plans.get(1).ears().get(0).origin().getY()).isNegative();
    }

    /** ASME B18.2.8 normal fit has 9/16 for 1/2 and 11/16 for 5/8 in, ISO 273 medium 13.5 mm for M12: from memory. */
    @Test
    void holesAreThoseOfTheStandards() {
        assertThat(HoleClass.NORMAL.hole(inches(0.5))).isCloseTo(inches(0.5625), within(EXACT));
        assertThat(HoleClass.NORMAL.hole(inches(0.625))).isCloseTo(inches(0.6875), within(EXACT));
        assertThat(HoleClass.CLOSE.hole(inches(0.75))).isCloseTo(inches(0.78125), within(EXACT));
        assertThat(HoleClass.LOOSE.hole(inches(0.375))).isCloseTo(inches(0.421875), within(EXACT));
        assertThat(HoleClass.NORMAL.hole(0.012)).isCloseTo(0.0135, within(EXACT));
        assertThat(HoleClass.CLOSE.hole(0.016)).isCloseTo(0.017, within(EXACT));
        assertThat(HoleClass.SHOP.hole(inches(0.625))).isCloseTo(inches(0.6875), within(EXACT));
    }

    /** Grip 3 1/8 in, two washers, a 9/16 in nut: threads over 1 3/8 in stay out of the far ear's near face. */
    @Test
    void aBoltHasItsPlainPartAcrossBothPlanesThatAreSheared() {
        BoltChoice bolt = BoltChoice.of(Brackets.EARS);
        assertThat(bolt.grip()).isCloseTo(inches(3.125), within(EXACT));
        // 0.1 + 0.25 + 2.625 + 1.375 = 4.35, by quarters 4 1/2 in; least for the nut 3.125 + 0.2 + 0.577 = 3.9 in.
        assertThat(bolt.length()).isCloseTo(inches(4.5), within(EXACT));
        assertThat(bolt.plain()).isCloseTo(inches(3.125), within(EXACT));
        assertThat(bolt.washers()).isEqualTo(1);
    }

    /**
     * A thousand draws of every form on faces and tubes, bolts slanting and straight: what is not refused closes, crosses itself
     * nowhere, and keeps the least distance round every hole.
     */
    @Test
    void aThousandPlatesCloseAndKeepTheirEdges() {
        Random random = new Random(16);
        int made = 0;
        int drawn = 0;
        while (made < 1000) {
            drawn++;
            double bolt = (6 + random.nextInt(9)) / 16.0;
            Ears ears = new Ears(
                    inches(1 + 2 * random.nextDouble()),
                    inches(0.125 + 0.25 * random.nextDouble()),
                    inches(bolt),
                    HoleClass.values()[random.nextInt(4)].hole(inches(bolt)));
            Bracket.Form form = Bracket.Form.values()[random.nextInt(3)];
            double distance = inches(1 + 5 * random.nextDouble());
            Seat seat = random.nextBoolean()
                    ? new Seat.Face(Way.values()[random.nextInt(6)], distance, OptionalDouble.empty())
                    : new Seat.Tube(
                            inches(1.5 + 3 * random.nextDouble()),
                            BoltWay.values()[random.nextInt(3)],
                            Math.PI * (2 * random.nextDouble() - 1),
                            distance,
                            OptionalDouble.empty());
            Bracket bracket = Bracket.PLAIN
                    .withForm(form)
                    .withSeat(Optional.of(seat))
                    .withLocating(random.nextBoolean())
                    .withShift(random.nextInt(3) == 0 ? inches(random.nextGaussian()) : 0)
                    .withFoot(
                            random.nextBoolean()
                                    ? OptionalDouble.empty()
                                    : OptionalDouble.of(inches(1 + 4 * random.nextDouble())));
            BoltWay way = BoltWay.values()[random.nextInt(3)];
            Vehicle tarn = Brackets.tarn(ears, way);
            BracketPlan plan =
                    Brackets.plan(tarn, random.nextBoolean() ? "lower frame left" : "upper axle left", bracket);
            assertThat(plan.makeable()
                            || !plan.faults().isEmpty()
                            || !plan.missing().isEmpty())
                    .isTrue();
            if (!plan.makeable()) {
                continue;
            }
            for (FlatPart part : plan.parts()) {
                made++;
                Polygon polygon = polygon(part.outline());
                assertThat(polygon.isValid()).as(drawn + " " + bracket + part).isTrue();
                assertThat(part.outline().area()).as(drawn + " " + part).isPositive();
                assertThat(part.outline().area()).isCloseTo(polygon.getArea(), within(1e-6 * polygon.getArea()));
                for (Opening hole : part.openings()) {
                    Geometry round = JTS.createPoint(new Coordinate(
                                    hole.centre().getX(), hole.centre().getY()))
                            .buffer(EdgeDistance.least(inches(bolt)) * 0.99999, 90);
                    assertThat(polygon.contains(round))
                            .as(drawn + " " + bracket + part)
                            .isTrue();
                }
            }
        }
        assertThat(drawn).isLessThan(20000);
    }

    static Polygon polygon(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.points(1e-8).forEach(at -> ring.add(new Coordinate(at.getX(), at.getY())));
        ring.add(ring.get(0).copy());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
