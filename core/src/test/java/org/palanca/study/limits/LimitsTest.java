package org.palanca.study.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.ShockSize;

/** Ends of the travel: named, just where they are, and moved out by what is said to move them out. */
class LimitsTest {
    private static Limits limits(Vehicle vehicle) {
        return new Limits(new Clearances(new AxleModel(vehicle, AxlePlace.REAR)));
    }

    private static TravelEnd end(Vehicle vehicle, TravelEnd.Way way) {
        return TravelEnd.of(limits(vehicle), way, 0);
    }

    @Test
    void theDemoIsStoppedByItsTankGuard() {
        TravelEnd up = end(Examples.tarn(), TravelEnd.Way.UP);
        assertThat(up.reached()).isFalse();
        assertThat(up.travel()).isBetween(inches(4), inches(5));
        assertThat(Examples.WORDS.text(up.border().orElseThrow().limit().what()))
                .isEqualTo("the tank guard meets the bracket of upper axle left");
        assertThat(end(Examples.tarn(), TravelEnd.Way.DOWN).reached()).isTrue();
    }

    /** Every border: nothing is passed just before it, and something of its kind just after. */
    @Test
    void aBorderLiesBetweenWhatIsClearAndWhatIsNot() {
        Limits limits = limits(Examples.tarn());
        for (TravelEnd end : TravelEnd.all(limits)) {
            if (end.border().isEmpty()) {
                continue;
            }
            WheelTravel at = end.border().get().pose();
            assertThat(limits.passed(at)).as("%s", end.way()).isEmpty();
            double further = 1 + inches(0.02) / Math.max(Math.abs(at.left()), Math.abs(at.right()));
            assertThat(limits.passedAt(new WheelTravel(at.left() * further, at.right() * further)))
                    .as("%s", end.way())
                    .anyMatch(passed -> passed.limit()
                            .id()
                            .equals(end.border().get().limit().id()));
        }
    }

    /** With the room around taken away the shock itself ends the travel: where its length is its collapsed length. */
    @Test
    void aShockEndsTheTravelWhereItIsHome() {
        Vehicle bare = Examples.tarn().withBuild(Build.NONE);
        Axle axle = bare.axle(AxlePlace.REAR).orElseThrow();
        AxleModel model = new AxleModel(bare, AxlePlace.REAR);
        double ride = model.outcome(model.result("shock_length.coilover left")).number();
        ShockSize size = axle.springing().shocks().get(0).size().orElseThrow();
        ShockSize longer = new ShockSize("long", ride - 0.05, size.extended(), size.body(), size.coil(), size.eye());
        Vehicle shocked = bare.withAxle(axle.withSpringing(axle.springing()
                .withStops(List.of())
                .mapShocks(shock -> shock.withSize(Optional.of(longer)).withSpring(Optional.empty()))));
        TravelEnd up = end(shocked, TravelEnd.Way.UP);
        assertThat(up.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.SHOCK_COLLAPSED);
        AxleModel there = new AxleModel(shocked, AxlePlace.REAR);
        there.moveTo(up.border().get().pose());
        assertThat(there.outcome(there.result("shaft_left_up.coilover left")).number())
                .isCloseTo(0, within(5e-5));
    }

    /** A strap of 1 in less ends the droop before, by its own motion; a nearer limit saves a farther one. */
    @Test
    void aShorterStrapEndsTheDroopSooner() {
        Vehicle tarn = Examples.tarn();
        Axle axle = tarn.axle(AxlePlace.REAR).orElseThrow();
        Vehicle shorter = tarn.withAxle(axle.withSpringing(axle.springing()
                .withStraps(axle.springing().straps().stream()
                        .map(strap -> strap.withLength(strap.length() - inches(1)))
                        .toList())));
        TravelEnd down = end(shorter, TravelEnd.Way.DOWN);
        assertThat(down.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.STRAP);
        double before = end(tarn, TravelEnd.Way.DOWN).travel();
        assertThat(before - down.travel()).isBetween(inches(0.7), inches(1.6));
    }

    /** Each gain is had: the vehicle it gives really goes as far, looked at afresh. */
    @Test
    void gainsAreComputedByTryingThem() {
        Vehicle tarn = Examples.tarn();
        TravelEnd up = end(tarn, TravelEnd.Way.UP);
        List<TravelGain> gains = TravelGain.of(tarn, AxlePlace.REAR, up, () -> true);
        assertThat(gains).isNotEmpty();
        for (TravelGain gain : gains) {
            TravelEnd afresh = end(gain.after(), TravelEnd.Way.UP);
            assertThat(afresh.travel()).isCloseTo(gain.end().travel(), within(1e-9));
            assertThat(gain.gained()).isCloseTo(afresh.travel() - up.travel(), within(1e-9));
        }
        assertThat(gains).allMatch(gain -> gain.worse().isEmpty());
        TravelGain guard = gains.stream()
                .filter(gain -> Examples.WORDS.text(gain.what()).equals("moving the tank guard 3/4 in up"))
                .findFirst()
                .orElseThrow();
        // What is raised takes nothing away elsewhere; a second, smaller step reaches the plan.
        Vehicle raised = guard.after();
        assertThat(TravelEnd.all(raised, AxlePlace.REAR))
                .filteredOn(end -> end.way() != TravelEnd.Way.UP)
                .allMatch(TravelEnd::reached);
        List<TravelGain> second = TravelGain.of(raised, AxlePlace.REAR, end(raised, TravelEnd.Way.UP), () -> true);
        assertThat(second.get(0).end().reached()).isTrue();
        assertThat(second)
                .anyMatch(gain -> Examples.WORDS.text(gain.what()).equals("moving the tank guard 3/8 in up"))
                .allMatch(gain -> gain.worse().isEmpty());
        assertThat(TravelGain.of(tarn, AxlePlace.REAR, up, () -> false)).isEmpty();
    }

    /** The map says the same along its middle lines as looking along them does. */
    @Test
    void theMapAgreesWithTheEndsOfTheTravel() {
        Limits limits = limits(Examples.tarn());
        int size = 41;
        LimitMap map = LimitMap.of(limits, 0, size, () -> true).orElseThrow();
        Travel span = map.span();
        for (WorstPose worst : limits.envelope().worst()) {
            assertThat(List.of(worst.pose().left(), worst.pose().right()))
                    .as("%s lies on the map", worst.id())
                    .allMatch(travel -> travel >= -span.droop() && travel <= span.bump());
        }
        double up = end(Examples.tarn(), TravelEnd.Way.UP).travel();
        double whole = span.bump() + span.droop();
        for (int i = 0; i < size; i++) {
            double travel = -span.droop() + whole * i / (size - 1);
            boolean blocked = travel > up;
            if (Math.abs(travel - up) > whole / size && travel > 0) {
                assertThat(map.at(i, i).isPresent()).as("%s", travel).isEqualTo(blocked);
            }
        }
        assertThat(map.at(size - 1, size - 1).orElseThrow().kind()).isEqualTo(Limit.Kind.TOUCH);
        int ride = (int) Math.round(span.droop() / whole * (size - 1));
        assertThat(map.at(ride, ride)).isEmpty();
        assertThat(LimitMap.of(limits, 0, size, () -> false)).isEmpty();
    }

    @Test
    void theWorstPosesArePutOneUpAndOneHanging() {
        Limits limits = limits(Examples.tarn());
        List<WorstPose> poses = limits.envelope().worst();
        assertThat(poses).extracting(WorstPose::id).containsExactly("bump", "droop", "left_up", "right_up");
        assertThat(poses.get(2).pose().left()).isPositive();
        assertThat(poses.get(2).pose().right()).isNegative();
        Clearances clearances = new Clearances(new AxleModel(Examples.tarn(), AxlePlace.REAR));
        List<NearAtPose> near =
                NearAtPose.of(clearances, poses.get(0).pose(), 4).orElseThrow();
        assertThat(near).hasSize(4);
        assertThat(near.get(0).room())
                .as("the guard is in the bracket at full bump")
                .isNegative();
    }

    @Test
    void theSteeredExampleIsLookedAtOnBothLocks() {
        Vehicle marram = Examples.vehicle("marram.palanca.json");
        Limits limits = new Limits(new Clearances(new AxleModel(marram, AxlePlace.FRONT)));
        List<WorstPose> poses = limits.envelope().worst();
        assertThat(poses).hasSize(12);
        assertThat(poses).anyMatch(pose -> pose.id().equals("left_up.right"));
    }
}
