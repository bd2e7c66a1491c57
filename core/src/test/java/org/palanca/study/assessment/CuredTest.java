package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

/**
 * A vehicle whose mounts were put in wrong places at random, cured by whatever is offered until nothing is: each change makes
 * everything together better, what it makes worse was said, and it comes to rest.
 */
class CuredTest {
    private static final int MOST = 14;

    @ParameterizedTest
    @EnumSource(
            value = SuspensionType.class,
            names = {
                "TRIANGULATED_UPPERS",
                "THREE_LINK_PANHARD",
                "WATTS_ON_AXLE",
                "LADDER_BARS",
                "LEAF_SPRINGS",
                "DOUBLE_WISHBONE",
                "STRUT"
            })
    void followedUntilNothingIsOfferedItComesToRestAndNothingGetsWorseUnsaid(SuspensionType type) {
        Random random = new Random(type.ordinal());
        Vehicle vehicle = spoiled(type, random);
        int changes = 0;
        boolean offered = true;
        while (offered) {
            assertThat(changes).as("%s never comes to rest", type).isLessThan(MOST);
            Optional<Offer> offer = offer(vehicle);
            offered = offer.isPresent();
            if (offered) {
                Assessment before = Assessment.of(vehicle);
                Assessment after = Assessment.of(offer.get().after());
                assertThat(after.badness()).as("%s: as a whole", type).isLessThan(before.badness());
                Set<String> said = ids(offer.get().worse());
                assertThat(said).as("%s: what gets worse is said", type).containsAll(ids(after.worseThan(before)));
                vehicle = offer.get().after();
                changes++;
            }
        }
        System.out.printf("%s came to rest after %d changes%n", type, changes);
    }

    private record Offer(Vehicle after, List<Fault> worse) {}

    private static Set<String> ids(List<Fault> faults) {
        return faults.stream()
                .map(fault -> fault.step() + " " + fault.axle() + " " + fault.id())
                .collect(Collectors.toSet());
    }

    /** What the foot line offers first, then what Cycle does. */
    private static Optional<Offer> offer(Vehicle vehicle) {
        Scorecard card = Scorecard.of(new AxleModel(vehicle, AxlePlace.REAR));
        for (Scorecard.Mark mark : card.marks().stream()
                .filter(one -> one.severity() > 0)
                .sorted((one, other) -> Double.compare(other.severity(), one.severity()))
                .limit(2)
                .toList()) {
            Optional<Offer> remedy = Remedy.find(
                            vehicle, AxlePlace.REAR, mark.result().id(), () -> true)
                    .map(found -> new Offer(found.after(), found.worse()));
            if (remedy.isPresent()) {
                return remedy;
            }
        }
        Limits limits = new Limits(new Clearances(new AxleModel(vehicle, AxlePlace.REAR)));
        return CycleWords.worstFirst(TravelEnd.all(limits)).stream()
                .filter(end -> !end.reached())
                .findFirst()
                .flatMap(end -> TravelGain.of(vehicle, AxlePlace.REAR, end, () -> true).stream()
                        .findFirst())
                .map(gain -> new Offer(gain.after(), gain.worse()));
    }

    /** A start with each mount up to two inches from where it belongs. */
    private static Vehicle spoiled(SuspensionType type, Random random) {
        Vehicle vehicle = new StarterVehicle(
                        "spoiled",
                        Use.TRAIL,
                        inches(104 + 8 * random.nextDouble()),
                        inches(34),
                        Optional.empty(),
                        StarterLayout.of(type))
                .build();
        Axle axle = vehicle.axle(AxlePlace.REAR).orElseThrow();
        for (Mount mount : axle.mounts()) {
            if (mount.mirrored()) {
                continue;
            }
            Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
            Vector3D by = new Vector3D(random.nextGaussian(), 0, random.nextGaussian()).scalarMultiply(inches(0.8));
            Vehicle moved = MountMoves.moveTo(vehicle, new MountRef(AxlePlace.REAR, mount.name()), at.add(by));
            boolean sound = !VehicleCheck.hasErrors(VehicleCheck.findings(moved))
                    && new AxleModel(moved, AxlePlace.REAR).closed();
            vehicle = sound ? moved : vehicle;
        }
        return vehicle;
    }
}
