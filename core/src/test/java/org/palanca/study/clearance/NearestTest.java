package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;

/** What comes nearest to one thing, against every pair worked out in full; and things that are moved wherever they stand. */
class NearestTest {
    private static final AxlePlace REAR = AxlePlace.REAR;
    private static final List<WheelTravel> POSES = List.of(
            WheelTravel.RIDE,
            new WheelTravel(inches(4), inches(4)),
            new WheelTravel(inches(-5), inches(-5)),
            new WheelTravel(inches(4), inches(-5)));

    private final Vehicle tarn = Examples.tarn();

    /** Every pair that has to do with the things, by the slow way. */
    private double least(WheelTravel pose, Predicate<CollisionBody> about) {
        Clearances all = new Clearances(new AxleModel(tarn, REAR));
        assertThat(all.moveTo(pose)).isTrue();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < all.pairs().size(); i++) {
            Clearances.Pair pair = all.pairs().get(i);
            if (about.test(all.things().get(pair.one()))
                    || about.test(all.things().get(pair.other()))) {
                least = Math.min(least, all.gap(i) - pair.wanted());
            }
        }
        return least;
    }

    @Test
    void aPartsNearestNeighbourIsTheOneThatLookingAtAllFinds() {
        for (DescribedPart part : DescribedPart.all(tarn, REAR)) {
            if (part.part().kind() == Part.Kind.SERVICE) {
                assertThat(Nearest.of(tarn, REAR, POSES.get(0), Nearest.thing(CollisionId.of(part.ref()))))
                        .as("room to keep open meets nothing in travel")
                        .isEmpty();
                continue;
            }
            for (WheelTravel pose : POSES) {
                Optional<ClearanceStudy.Tight> found =
                        Nearest.of(tarn, REAR, pose, Nearest.thing(CollisionId.of(part.ref())));
                assertThat(found).as("%s", part.ref()).isPresent();
                assertThat(-found.get().missing())
                        .as("%s at %s", part.ref(), pose)
                        .isCloseTo(least(pose, Nearest.thing(CollisionId.of(part.ref()))), within(1e-7));
                assertThat(List.of(found.get().one().id(), found.get().other().id()))
                        .contains(CollisionId.of(part.ref()));
            }
        }
    }

    @Test
    void whatHangsOnAMountIsMovedWithIt() {
        var axle = tarn.axle(REAR).orElseThrow();
        axle.mounts().forEach(mount -> {
            Predicate<CollisionBody> about = Nearest.boltedAt(axle, mount.name());
            for (WheelTravel pose : POSES) {
                Nearest.of(tarn, REAR, pose, about)
                        .ifPresent(found -> assertThat(-found.missing())
                                .as(mount.name())
                                .isCloseTo(least(pose, about), within(1e-7)));
            }
        });
    }

    @Test
    void aPoseThatIsOutOfReachHasNoNearest() {
        WheelTravel beyond = new WheelTravel(inches(60), inches(60));
        assertThat(Nearest.of(tarn, REAR, beyond, Nearest.thing(CollisionId.of(PartRef.part("tank guard")))))
                .isEmpty();
    }

    /** The same by hand: a guard lowered by what it has left touches, by 1/8 in more goes in by as much. */
    @Test
    void aGuardLoweredByItsRoomTouches() {
        WheelTravel bump = new WheelTravel(inches(4), inches(4));
        DescribedPart guard =
                DescribedPart.find(tarn, REAR, PartRef.part("tank guard")).orElseThrow();
        double room = Nearest.of(tarn, REAR, bump, Nearest.thing(CollisionId.of(guard.ref())))
                .orElseThrow()
                .room();
        assertThat(room).isPositive();
        Vehicle lowered = guard.moved(tarn, new Vector3D(0, 0, -2 * room));
        double after = Nearest.of(lowered, REAR, bump, Nearest.thing(CollisionId.of(guard.ref())))
                .orElseThrow()
                .room();
        assertThat(after).isLessThan(1e-9);
    }

    @Test
    void everythingDescribedIsMovedByItsOwnWayAndNothingElse() {
        Vector3D by = new Vector3D(inches(1), inches(-0.5), inches(0.25));
        List<DescribedPart> all = DescribedPart.all(tarn, REAR);
        assertThat(all).extracting(DescribedPart::ref).doesNotHaveDuplicates().hasSizeGreaterThan(8);
        for (DescribedPart part : all) {
            Vehicle after = part.moved(tarn, by);
            for (DescribedPart other : DescribedPart.all(after, REAR)) {
                DescribedPart before =
                        DescribedPart.find(tarn, REAR, other.ref()).orElseThrow();
                Part.Form wanted = other.ref().equals(part.ref())
                        ? before.part().form().moved(by)
                        : before.part().form();
                assertThat(other.part().form()).as("%s", other.ref()).isEqualTo(wanted);
            }
        }
        assertThat(DescribedPart.find(tarn, REAR, PartRef.part("notched rail, left")))
                .as("that is a box on the frame, not a part")
                .isEmpty();
    }
}
