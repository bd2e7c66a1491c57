package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** Least room over the envelope against looking at every pair at every pose, and shapes of every form. */
class ClearanceTest {
    private static Vehicle with(Part... parts) {
        Vehicle tarn = Examples.tarn();
        Surroundings around = Surroundings.NONE.withParts(List.of(parts));
        return tarn.withBuild(Build.NONE.with(AxlePlace.REAR, around));
    }

    private static Part box(String name, Box box) {
        return new Part(name, BodyName.of("frame"), Part.Kind.FIXED, new Part.BoxForm(box));
    }

    /** A rack goes across with the steering alone: to name a travel would send somebody looking for nothing. */
    @Test
    void whatDoesNotDependOnTravelIsToldAtRideHeight() {
        AxleModel front = new AxleModel(Examples.vehicle("plover.palanca.json"), AxlePlace.FRONT);
        List<ClearanceStudy.Tight> found = new ArrayList<>(
                ClearanceStudy.run(front.vehicle(), AxlePlace.FRONT, Runnable::run, () -> true, any -> {})
                        .tight());
        found.addAll(ClearanceStudy.tooTight(new Clearances(front), new TravelEnvelope(front)));
        assertThat(found)
                .filteredOn(tight -> tight.one().id().sort() == CollisionId.Sort.RAIL
                        && tight.other().id().toString().startsWith("ears:tie rod inner"))
                .isNotEmpty()
                .allSatisfy(tight -> assertThat(tight.pose().withSteer(0)).isEqualTo(WheelTravel.RIDE));
    }

    @Test
    void theStudyFindsWhatLookingEverywhereFinds() {
        Vehicle tarn = Examples.tarn();
        ClearanceStudy study =
                ClearanceStudy.run(tarn, AxlePlace.REAR, ForkJoinPool.commonPool(), () -> true, any -> {});
        assertThat(study.done()).isEqualTo(1);
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        Clearances clearances = new Clearances(model);
        TravelEnvelope envelope = new TravelEnvelope(model);
        double[] least = new double[clearances.pairs().size()];
        Arrays.fill(least, 0.3);
        for (int i = 0; i < ClearanceStudy.FINEST; i += 2) {
            for (int j = 0; j < ClearanceStudy.FINEST; j += 2) {
                double droop = envelope.lowest();
                double whole = droop + envelope.highest();
                WheelTravel pose = new WheelTravel(-droop + whole * j / 40, -droop + whole * i / 40);
                assertThat(clearances.moveTo(pose)).isTrue();
                if (!envelope.bounds().hold()) {
                    continue;
                }
                for (int k = 0; k < least.length; k++) {
                    least[k] = Math.min(least[k], clearances.gap(k));
                }
            }
        }
        int near = 0;
        for (ClearanceStudy.Tight tight : study.tight()) {
            for (int k = 0; k < least.length; k++) {
                Clearances.Pair pair = clearances.pairs().get(k);
                if (!clearances.things().get(pair.one()).id().equals(tight.one().id())
                        || !clearances
                                .things()
                                .get(pair.other())
                                .id()
                                .equals(tight.other().id())
                        || tight.one().sort() == CollisionId.Sort.SHOCK
                        || tight.other().sort() == CollisionId.Sort.SHOCK) {
                    continue;
                }
                near++;
                assertThat(tight.room())
                        .as("%s and %s", tight.one().id(), tight.other().id())
                        .isLessThanOrEqualTo(least[k] + 1e-7)
                        .isGreaterThan(least[k] - inches(0.5));
            }
        }
        assertThat(near).isGreaterThan(25);
    }

    /** Both nearest places are told: they lie as far apart as the room says. */
    @Test
    void theNearestPlacesAreAsFarApartAsTheRoom() {
        ClearanceStudy study =
                ClearanceStudy.run(Examples.tarn(), AxlePlace.REAR, ForkJoinPool.commonPool(), () -> true, any -> {});
        for (ClearanceStudy.Tight tight : study.tight()) {
            if (tight.room() > 0) {
                assertThat(Vector3D.distance(tight.onOne(), tight.onOther())).isCloseTo(tight.room(), within(1e-7));
            }
        }
    }

    @Test
    void theFirstAnswerOnlyGetsSharperAndCanBeGivenUp() {
        List<ClearanceStudy> soFar = new ArrayList<>();
        ClearanceStudy.run(Examples.tarn(), AxlePlace.REAR, ForkJoinPool.commonPool(), () -> true, soFar::add);
        assertThat(soFar).hasSizeGreaterThan(2);
        for (int i = 1; i < soFar.size(); i++) {
            double before = soFar.get(i - 1).tight().get(0).missing();
            assertThat(soFar.get(i).tight().get(0).missing()).isGreaterThanOrEqualTo(before - 1e-9);
            assertThat(soFar.get(i).done()).isGreaterThan(soFar.get(i - 1).done());
        }
        AtomicInteger asked = new AtomicInteger();
        ClearanceStudy given = ClearanceStudy.run(
                Examples.tarn(),
                AxlePlace.REAR,
                ForkJoinPool.commonPool(),
                () -> asked.incrementAndGet() < 12,
                any -> {});
        assertThat(given.done()).isLessThan(1);
    }

    /** Paint and the give of bushings come off every gap: no rounding of theirs may pass for less room than there is. */
    @ParameterizedTest
    @CsvSource({"0, 0", "0.0007, 0.0013", "0.0001, 0.0029"})
    void moreRoomThanWasEnoughIsNeverToldAsLess(double paint, double give) {
        Vehicle tarn = Examples.tarn();
        ClearanceRules rules = tarn.build().rules();
        Vehicle painted = tarn.withBuild(tarn.build()
                .withRules(new ClearanceRules(
                        rules.worst(),
                        rules.fixed(),
                        rules.moving(),
                        rules.tyre(),
                        rules.driveline(),
                        paint,
                        give,
                        rules.joint(),
                        rules.joints())));
        Clearances clearances = new Clearances(new AxleModel(painted, AxlePlace.REAR));
        clearances.moveTo(new WheelTravel(inches(2), inches(1)));
        Random random = new Random(1);
        for (int i = 0; i < clearances.pairs().size(); i++) {
            double gap = clearances.gap(i);
            for (int k = 0; k < 20; k++) {
                double enough = 0.2 * random.nextDouble();
                if (gap > enough) {
                    assertThat(clearances.gap(i, enough)).isGreaterThanOrEqualTo(enough);
                }
            }
        }
    }

    /** A plate level over the axle tube: at bump the room is the plate's height less the tube's top, to the hair. */
    @Test
    void aPlateOverTheAxleIsMetByItsHeight() {
        Vehicle tarn = Examples.tarn();
        double line = tarn.axle(AxlePlace.REAR).orElseThrow().lineX(tarn.wheelbase());
        double centre = tarn.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
        Box plate = new Box(line - 0.5, line + 0.5, 0.42, 0.48, 0.75, 0.76);
        AxleModel model = new AxleModel(with(box("plate", plate)), AxlePlace.REAR);
        Clearances clearances = new Clearances(model);
        int pair = pair(clearances, "part:plate", "housing:tube");
        clearances.moveTo(WheelTravel.both(0.1));
        double expected = 0.75 - (centre + 0.1 + inches(1.5));
        assertThat(clearances.gap(pair)).isCloseTo(expected, within(1e-6));
        // The stated give and two coats of paint come off.
        Vehicle painted = model.vehicle()
                .withBuild(model.vehicle()
                        .build()
                        .withRules(new ClearanceRules(0, 0, 0, 0, 0, 0.001, 0.002, 0.4, new TreeMap<>())));
        Clearances coated = new Clearances(new AxleModel(painted, AxlePlace.REAR));
        coated.moveTo(WheelTravel.both(0.1));
        assertThat(coated.gap(pair(coated, "part:plate", "housing:tube"))).isCloseTo(expected - 0.004, within(1e-6));
    }

    private static int pair(Clearances clearances, String one, String other) {
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            String a = clearances.things().get(pair.one()).id().toString();
            String b = clearances.things().get(pair.other()).id().toString();
            if (a.equals(one) && b.equals(other) || a.equals(other) && b.equals(one)) {
                return i;
            }
        }
        throw new AssertionError("no pair " + one + ", " + other);
    }

    /** The same block as a box, an outline, a mesh and as tubes along its edges is as near to an axle tube below it. */
    @Test
    void everyFormOfAShapeIsAsNear() {
        Vehicle tarn = Examples.tarn();
        double x = tarn.axle(AxlePlace.REAR).orElseThrow().lineX(tarn.wheelbase());
        Box block = new Box(x - 0.1, x + 0.1, 0.4, 0.5, 0.8, 0.9);
        List<Part.OutlineForm.Corner> outline = List.of(
                new Part.OutlineForm.Corner(x - 0.1, 0.8),
                new Part.OutlineForm.Corner(x + 0.1, 0.8),
                new Part.OutlineForm.Corner(x + 0.1, 0.9),
                new Part.OutlineForm.Corner(x, 0.85),
                new Part.OutlineForm.Corner(x - 0.1, 0.9));
        List<Vector3D> corners = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            corners.add(
                    new Vector3D(x + ((i & 1) == 0 ? -0.1 : 0.1), (i & 2) == 0 ? 0.4 : 0.5, (i & 4) == 0 ? 0.8 : 0.9));
        }
        int[][] faces = {
            {0, 1, 3}, {0, 3, 2}, {4, 5, 7}, {4, 7, 6}, {0, 1, 5}, {0, 5, 4}, {2, 3, 7}, {2, 7, 6}, {0, 2, 6},
            {0, 6, 4}, {1, 3, 7}, {1, 7, 5}
        };
        List<Part.MeshForm.Triangle> triangles = new ArrayList<>();
        for (int[] f : faces) {
            triangles.add(new Part.MeshForm.Triangle(f[0], f[1], f[2]));
        }
        List<Part.Form> forms = List.of(
                new Part.BoxForm(block),
                new Part.OutlineForm(Axis.LEFT, outline, 0.4, 0.5),
                new Part.MeshForm(corners, triangles, 0),
                new Part.TubeForm(
                        List.of(new Vector3D(x, 0.42, 0.82), new Vector3D(x, 0.48, 0.82)),
                        0.02,
                        OptionalDouble.empty()),
                new Part.PointsForm(List.of(new Vector3D(x, 0.45, 0.81)), 0.01));
        for (Part.Form form : forms) {
            Vehicle vehicle = with(new Part("block", BodyName.of("frame"), Part.Kind.FIXED, form));
            assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))).isFalse();
            Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.REAR));
            double centre = tarn.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
            assertThat(clearances.gap(pair(clearances, "part:block", "housing:tube")))
                    .as("%s", form.getClass().getSimpleName())
                    .isCloseTo(0.8 - centre - inches(1.5), within(1e-6));
        }
    }

    @Test
    void whatIsInOneAnotherAtRideIsSaidAndLimitsNothing() {
        Vehicle tarn = Examples.tarn();
        double x = tarn.axle(AxlePlace.REAR).orElseThrow().lineX(tarn.wheelbase());
        Vehicle vehicle = with(box("pan", new Box(x - 0.1, x + 0.1, -0.1, 0.1, 0.35, 0.5)));
        Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.REAR));
        assertThat(clearances.atRide(pair(clearances, "part:pan", "housing:differential")))
                .isTrue();
        assertThat(clearances.atRide(pair(clearances, "part:pan", "link:lower left")))
                .isFalse();
    }

    @Test
    void badShapesAreNamedWithWhatIsWrong() {
        Vector3D[] p = {new Vector3D(0, 0, 1), new Vector3D(0.1, 0, 1), new Vector3D(0.1, 0.1, 1)};
        Part open = new Part(
                "flap",
                BodyName.of("frame"),
                Part.Kind.FIXED,
                new Part.MeshForm(List.of(p), List.of(new Part.MeshForm.Triangle(0, 1, 2)), 0));
        Part bent = new Part(
                "hose",
                BodyName.of("frame"),
                Part.Kind.FIXED,
                new Part.TubeForm(List.of(p), 0.01, OptionalDouble.of(0.15)));
        Part crossed = new Part(
                "gusset",
                BodyName.of("frame"),
                Part.Kind.FIXED,
                new Part.OutlineForm(
                        Axis.UP,
                        List.of(
                                new Part.OutlineForm.Corner(0, 0),
                                new Part.OutlineForm.Corner(0.1, 0.1),
                                new Part.OutlineForm.Corner(0.1, 0),
                                new Part.OutlineForm.Corner(0, 0.1)),
                        1,
                        1.1));
        Part lost = new Part(
                "guard", BodyName.of("knuckle left"), Part.Kind.MOVING, new Part.BoxForm(new Box(0, 1, 0, 1, 1, 2)));
        assertThat(said(with(open))).anyMatch(text -> text.contains("The mesh “flap” does not close: 3 open edges"));
        assertThat(said(with(bent))).anyMatch(text -> text.contains("“hose” can’t bend at point 2: 90.0°"));
        assertThat(said(with(crossed)))
                .anyMatch(text -> text.contains("outline of “gusset” crosses itself near 1 15/16"));
        assertThat(said(with(lost))).anyMatch(text -> text.contains("Part “guard” is on the left knuckle"));
        assertThat(said(with(open, open))).anyMatch(text -> text.contains("Two parts are called “flap”"));
    }

    private static List<String> said(Vehicle vehicle) {
        return VehicleCheck.findings(vehicle).stream()
                .map(Finding::message)
                .map(Examples.WORDS::text)
                .toList();
    }

    /** Examples are layouts that can be built: nothing of them stands in anything else at ride. */
    @Test
    void nothingOfAnExampleStandsInAnotherAtRide() {
        for (String file : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(file);
            for (Axle axle : vehicle.axles()) {
                Clearances clearances = new Clearances(new AxleModel(vehicle, axle.place()));
                for (int k = 0; k < clearances.pairs().size(); k++) {
                    Clearances.Pair pair = clearances.pairs().get(k);
                    assertThat(clearances.atRide(k))
                            .as(
                                    "%s: %s and %s",
                                    file,
                                    clearances.things().get(pair.one()).id(),
                                    clearances.things().get(pair.other()).id())
                            .isFalse();
                }
            }
        }
    }

    /** What reaches into a wheel touches it while the wheel counts as filled, and is free in a measured rim. */
    @Test
    void aMeasuredRimIsHollow() {
        Vehicle marram = Examples.vehicle("marram.palanca.json");
        Axle axle = marram.axle(AxlePlace.FRONT).orElseThrow();
        double up = axle.tyre().loadedRadius();
        double face = (axle.track() - axle.tyre().width()) / 2;
        Box room = new Box(-inches(2), inches(2), face - inches(1), face + inches(2), up - inches(3), up + inches(3));
        Part brake = new Part("brake bracket", BodyName.of("axle"), Part.Kind.MOVING, new Part.BoxForm(room));
        Vehicle braked =
                marram.withBuild(Build.NONE.with(AxlePlace.FRONT, Surroundings.NONE.withParts(List.of(brake))));
        assertThat(room(braked, 0)).as("filled").isNegative();

        // 17 in across its seats, 1 in deeper in its well: 7 1/2 in, less the corner of the box at hypot(2, 3).
        double expected = inches(7.5 - Math.hypot(2, 3));
        Rim rim = new Rim(inches(17), inches(9), inches(4.5));
        Vehicle rimmed = braked.withAxle(axle.withWheels(axle.wheels().withRim(rim)));
        double disc = axle.track() / 2 + rim.offset() - (face + inches(2));
        assertThat(disc).as("the disc at the mounting face is the nearer").isLessThan(expected);
        assertThat(room(rimmed, 0)).isCloseTo(disc, within(1e-6));
        Rim deep = new Rim(inches(17), inches(9), inches(9));
        Vehicle away = braked.withAxle(axle.withWheels(axle.wheels().withRim(deep)));
        assertThat(room(away, 0)).isBetween(expected - 0.002, expected + 1e-9);
        assertThat(room(away, 1))
                .as("steered, the rim comes round its kingpin")
                .isLessThan(expected - inches(0.25))
                .isPositive();
        Rim shallow = new Rim(inches(17), inches(9), inches(0.5));
        assertThat(room(braked.withAxle(axle.withWheels(axle.wheels().withRim(shallow))), 0))
                .isNegative();
    }

    private static double room(Vehicle vehicle, double steer) {
        Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.FRONT));
        assertThat(clearances.moveTo(new WheelTravel(0, 0, steer))).isTrue();
        for (int k = 0; k < clearances.pairs().size(); k++) {
            Clearances.Pair pair = clearances.pairs().get(k);
            List<String> both = List.of(
                    clearances.things().get(pair.one()).id().toString(),
                    clearances.things().get(pair.other()).id().toString());
            if (both.contains("part:brake bracket") && both.contains("tyre:left")) {
                return clearances.gap(k);
            }
        }
        throw new AssertionError("the bracket and the tyre are not compared");
    }
}
