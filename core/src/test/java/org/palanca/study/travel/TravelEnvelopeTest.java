package org.palanca.study.travel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ForkJoinPool;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.Starts;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.MountLine;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.driveline.ShaftStudy;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.ride.RideWords;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.survey.Box;

/** The worst poses are where the hardware lets the axle get to, and everything is judged there. */
class TravelEnvelopeTest {
    private static final AxlePlace REAR = AxlePlace.REAR;

    private static double length(AxleModel model, String from, String to) {
        return MountLine.of(model.axle(), from, to).length(model.motion());
    }

    /** At left on its stop, right hanging the left stop is solid and the right strap tight, each to a tenth of a millimetre. */
    @Test
    void oneWheelIsOnItsStopAndTheOtherHangs() {
        for (AxlePlace place : AxlePlace.values()) {
            AxleModel model = new AxleModel(Examples.tarn(), place);
            Springing springing = model.axle().springing();
            TravelEnvelope envelope = new TravelEnvelope(model);
            WorstPose worst = envelope.worst(WorstPose.Way.LEFT_UP);
            assertThat(worst.up().orElseThrow().kind()).isEqualTo(TravelBounds.Kind.STOP);
            assertThat(worst.down().orElseThrow().kind()).isEqualTo(TravelBounds.Kind.STRAP);
            assertThat(model.moveTo(worst.pose())).isTrue();
            BumpStop stop = springing.stops().get(0);
            Strap strap = springing.straps().get(1);
            assertThat(length(model, stop.from(), stop.to())).isCloseTo(stop.collapsed(), within(1e-4));
            assertThat(length(model, strap.from(), strap.to())).isCloseTo(strap.length(), within(1e-4));
            // Far past the travel that was typed: there the stop would not even be touched.
            assertThat(worst.pose().left()).isGreaterThan(model.axle().travel().bump() + inches(1));
            assertThat(worst.pose().right()).isLessThan(-model.axle().travel().droop() - inches(1));
        }
    }

    /** Stops set inboard of the shocks: twisted, a shock is home before the stop is solid, and that is a fault. */
    @Test
    void aShockThatEndsTheTravelIsAlwaysAFault() {
        Vehicle tarn = Examples.tarn();
        Axle axle = tarn.axle(REAR).orElseThrow();
        Axle inboard = axle;
        for (String name : List.of("stop left", "stop pad left")) {
            var mount = axle.mount(name).orElseThrow();
            var taped = (Placement.Taped) mount.placement();
            inboard = inboard.withMount(
                    mount.withPlacement(new Placement.Taped(taped.ahead(), taped.side(), inches(15.75), taped.up())));
        }
        Vehicle changed = tarn.withAxle(inboard);
        WorstPose worst = new TravelEnvelope(new AxleModel(changed, REAR)).worst(WorstPose.Way.LEFT_UP);
        assertThat(worst.up().orElseThrow().kind()).isEqualTo(TravelBounds.Kind.SHOCK_COLLAPSED);
        assertThat(RideWords.of(RideStudy.of(changed, REAR)))
                .filteredOn(said -> !said.good())
                .extracting(said -> Examples.WORDS.text(said.message()))
                .anyMatch(text -> text.contains("is bottomed at left up, right hanging"));
        // A shock upright at the axle's end that is home half an inch past the plan's travel, and nothing else to stop
        // it.
        ShockSize size = new ShockSize("short", 0.6 - inches(5.5), 0.6 + inches(5.5), 0.05, 0.05, 0.03);
        Vehicle bare = Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.5, 1.0),
                new Vector3D(0, 0.5, 0.4),
                Optional.of(size),
                Sprung.coil(20_000, 0.05));
        TravelEnd up = TravelEnd.of(new Limits(new Clearances(new AxleModel(bare, REAR))), TravelEnd.Way.UP, 0);
        assertThat(up.travel()).isGreaterThan(up.wanted());
        assertThat(up.verdict()).isEqualTo(TravelEnd.Verdict.ON_THE_SHOCK);
        assertThat(Examples.WORDS.text(CycleWords.end(up))).contains("The shock takes the blow");
    }

    /** No stop and no strap: it is said that nothing bounds it, and it is never as wanted. */
    @Test
    void withNothingToBoundItItIsSaid() {
        Vehicle sedge = Examples.vehicle("sedge.palanca.json");
        for (TravelEnd end : TravelEnd.all(sedge, REAR)) {
            assertThat(end.asWanted()).isFalse();
            if (end.verdict() == TravelEnd.Verdict.UNBOUNDED) {
                assertThat(Examples.WORDS.text(CycleWords.end(end))).contains("nothing bounds it");
            }
        }
        AxleModel model = new AxleModel(sedge, REAR);
        for (WorstPose worst : new TravelEnvelope(model).worst()) {
            assertThat(worst.bounded()).isFalse();
            assertThat(Examples.WORDS.text(CycleWords.bounds(worst))).contains("nothing bounds it");
        }
    }

    /** A stop without a strap: the rising wheel goes to its stop, the falling one as far as was wished. */
    @Test
    void whatOnlyAStopBoundsIsToldSo() {
        Vehicle tarn = Examples.tarn();
        Axle axle = tarn.axle(REAR).orElseThrow();
        Vehicle strapless = tarn.withAxle(
                axle.withSpringing(axle.springing().withStraps(List.of()).withShocks(List.of())));
        WorstPose worst = new TravelEnvelope(new AxleModel(strapless, REAR)).worst(WorstPose.Way.LEFT_UP);
        assertThat(worst.up().orElseThrow().kind()).isEqualTo(TravelBounds.Kind.STOP);
        assertThat(worst.down()).isEmpty();
        assertThat(worst.bounded()).isFalse();
        assertThat(worst.pose().right()).isEqualTo(-axle.travel().droop());
    }

    /** A steered start of random size with shocks, stops and straps hung on it, and a few parts near its tyres. */
    private static Vehicle sprung(Random random) {
        SuspensionType[] types = {
            SuspensionType.TRIANGULATED_UPPERS, SuspensionType.THREE_LINK_PANHARD, SuspensionType.DOUBLE_WISHBONE
        };
        SuspensionType type = types[random.nextInt(types.length)];
        StarterSteering steering = type.independent() ? StarterSteering.RACK : StarterSteering.HIGH_STEER;
        Vehicle vehicle =
                Starts.front(Use.TRAIL, 2.4 + random.nextDouble(), 0.7 + 0.3 * random.nextDouble(), type, steering);
        return hung(vehicle, AxlePlace.FRONT, random);
    }

    private static Vehicle hung(Vehicle vehicle, AxlePlace place, Random random) {
        Axle axle = vehicle.axle(place).orElseThrow();
        BodyName body = axle.independent() ? BodyName.KNUCKLE_LEFT : BodyName.AXLE;
        double radius = axle.tyre().loadedRadius();
        double out = axle.track() / 2 - axle.tyre().width() / 2 - inches(3 + 2 * random.nextDouble());
        List<Mount> mounts = new ArrayList<>(axle.mounts());
        for (String name : List.of("stop", "strap")) {
            mounts.add(new Mount(
                    name + " top left", BodyName.of("frame"), new Placement.Taped(0.02, Side.LEFT, out, radius + 0.3)));
            mounts.add(new Mount(name + " foot left", body, new Placement.Taped(0.02, Side.LEFT, out, radius + 0.02)));
            mounts.add(
                    new Mount(name + " top right", BodyName.of("frame"), new Placement.MirrorOf(name + " top left")));
            mounts.add(new Mount(name + " foot right", body.mirrored(), new Placement.MirrorOf(name + " foot left")));
        }
        double solid = 0.28 - inches(3 + random.nextDouble());
        double tight = 0.28 + inches(3 + random.nextDouble());
        List<BumpStop> stops = new ArrayList<>();
        List<Strap> straps = new ArrayList<>();
        for (String side : List.of("left", "right")) {
            stops.add(new BumpStop(
                    "bump stop " + side,
                    "stop top " + side,
                    "stop foot " + side,
                    solid + 0.03,
                    solid,
                    List.of(9000.0)));
            straps.add(new Strap("strap " + side, "strap top " + side, "strap foot " + side, tight));
        }
        Axle sprung = axle.withMounts(mounts)
                .withSpringing(axle.springing().withStops(stops).withStraps(straps));
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            double x = axle.lineX(vehicle.wheelbase()) + 0.5 * (2 * random.nextDouble() - 1);
            double y = axle.track() / 2 * (2 * random.nextDouble() - 1);
            double z = radius + 0.45 + 0.2 * random.nextDouble();
            parts.add(new Part(
                    "part " + i,
                    BodyName.of("frame"),
                    Part.Kind.FIXED,
                    new Part.BoxForm(new Box(x, x + 0.1, y, y + 0.1, z, z + 0.1))));
        }
        return vehicle.withAxle(sprung)
                .withBuild(vehicle.build()
                        .with(place, vehicle.build().surroundings(place).withParts(parts)));
    }

    /** A finer grid than the study's own finds no pose of any pair that is tighter than the one the study names. */
    @Test
    void aBruteSearchFindsNothingWorse() {
        Random random = new Random(12);
        int vehicles = 4 * Integer.getInteger("palanca.draws", 1);
        int pairs = 0;
        for (int k = 0; k < vehicles; k++) {
            Vehicle vehicle = sprung(random);
            AxlePlace place = AxlePlace.FRONT;
            ClearanceStudy study = ClearanceStudy.run(vehicle, place, ForkJoinPool.commonPool(), () -> true, any -> {});
            AxleModel model = new AxleModel(vehicle, place);
            TravelEnvelope envelope = new TravelEnvelope(model);
            assertThat(envelope.worst()).hasSize(12);
            Clearances clearances = new Clearances(model, CollisionBodies.of(model));
            double[] least = new double[clearances.pairs().size()];
            Arrays.fill(least, 0.25);
            int size = 31;
            for (int s = 0; s <= 4; s++) {
                model.toRide();
                for (int i = 0; i < size; i++) {
                    for (int n = 0; n < size; n++) {
                        int j = i % 2 == 0 ? n : size - 1 - n;
                        double whole = envelope.highest() + envelope.lowest();
                        WheelTravel pose = new WheelTravel(
                                -envelope.lowest() + whole * j / (size - 1),
                                -envelope.lowest() + whole * i / (size - 1),
                                -1 + s / 2.0);
                        if (clearances.moveTo(pose) && envelope.bounds().hold()) {
                            for (int p = 0; p < least.length; p++) {
                                least[p] = Math.min(least[p], clearances.gap(p, least[p]));
                            }
                        }
                    }
                }
            }
            for (ClearanceStudy.Tight tight :
                    study.tight().subList(0, Math.min(25, study.tight().size()))) {
                for (int p = 0; p < least.length; p++) {
                    boolean same = clearances
                                    .things()
                                    .get(clearances.pairs().get(p).one())
                                    .id()
                                    .equals(tight.one().id())
                            && clearances
                                    .things()
                                    .get(clearances.pairs().get(p).other())
                                    .id()
                                    .equals(tight.other().id());
                    if (same && least[p] > 0 && least[p] < 0.2) {
                        pairs++;
                        assertThat(tight.room())
                                .as(
                                        "%s to %s at %s",
                                        tight.one().id(), tight.other().id(), tight.pose())
                                .isLessThanOrEqualTo(least[p] + 1e-4);
                    }
                }
            }
        }
        assertThat(pairs).isGreaterThan(5 * vehicles);
    }

    /** A shaft's joint is judged where the axle really hangs, not where it was wished to. */
    @Test
    void theShaftIsJudgedAtTheWorstPoses() {
        Vehicle tarn = Examples.tarn();
        ShaftStudy study = ShaftStudy.of(tarn, REAR).orElseThrow();
        TravelEnvelope envelope = new TravelEnvelope(new AxleModel(tarn, REAR));
        assertThat(study.at().get(3).pose())
                .isEqualTo(envelope.worst(WorstPose.Way.LEFT_UP).pose());
    }
}
