package org.palanca.study.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

/** Notches by hand: a circle of tube and room that goes straight up into a level rail. */
class RailNotchTest {
    private final Vehicle plan = new StarterVehicle(
                    "rails",
                    Use.STREET,
                    inches(110),
                    inches(28),
                    Optional.empty(),
                    StarterLayout.of(SuspensionType.PARALLEL_PANHARD))
            .build();
    private final double up = plan.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
    private final double bump = plan.axle(AxlePlace.REAR).orElseThrow().travel().bump();

    private Vehicle railsAt(double bottom) {
        return plan.withRails(Optional.of(
                new FrameRails(inches(20), inches(30), bottom, bottom + inches(5), inches(20), inches(2.5))));
    }

    /** The tube is 3 in across and 1/4 in is kept: at full bump it reaches bump + 1 3/4 in over the axle's height at ride. */
    @Test
    void theNotchIsAsDeepAsTheTubeGoesIn() {
        double bottom = up + bump - inches(1);
        List<RailNotch> notches = RailNotch.of(railsAt(bottom), AxlePlace.REAR);
        assertThat(notches).hasSize(2).allSatisfy(notch -> {
            double room = notch.room();
            assertThat(room).isCloseTo(inches(0.25), within(1e-9));
            assertThat(notch.depth())
                    .isGreaterThan(inches(1) + inches(1.75) - 1e-3)
                    .isLessThan(inches(1) + inches(1.75) + 0.02);
            // The circle is wider than it is deep where its middle is over the underside.
            assertThat(notch.ahead() + notch.behind()).isGreaterThan(2 * inches(1.75) - 1e-4);
            assertThat(notch.through()).isFalse();
            assertThat(notch.atRide()).isFalse();
        });
        assertThat(RailNotch.of(railsAt(up + bump + inches(3)), AxlePlace.REAR)).isEmpty();
        assertThat(RailNotch.of(railsAt(up - inches(2)), AxlePlace.REAR))
                .allSatisfy(notch -> assertThat(notch.atRide()).isTrue());
        assertThat(RailNotch.of(railsAt(up - inches(9)), AxlePlace.REAR))
                .as("the axle runs over the rail")
                .isEmpty();
        assertThat(FitWords.of(
                                railsAt(bottom),
                                AxlePlace.REAR,
                                Adjustment.of(plan.build().survey()))
                        .stream()
                        .map(one -> Examples.WORDS.text(one.message())))
                .anyMatch(text -> text.startsWith("Notch the left frame rail 2 3/4 in deep from below"));
    }

    /** A rail that kicks up over the axle by 6 in needs none, and is drawn and kept clear of where it goes. */
    @Test
    void aKickUpLetsTheAxleThrough() {
        double bottom = up + bump - inches(1);
        double line = -plan.wheelbase();
        Vehicle kicked = plan.withRails(railsAt(bottom)
                .rails()
                .map(rails -> rails.withStations(List.of(
                        new RailStation(inches(20), bottom, inches(20)),
                        new RailStation(line + inches(16), bottom, inches(20)),
                        new RailStation(line + inches(10), bottom + inches(6), inches(18)),
                        new RailStation(line - inches(30), bottom + inches(6), inches(18))))));
        assertThat(RailNotch.of(kicked, AxlePlace.REAR)).isEmpty();
        RailStation middle = kicked.rails().orElseThrow().at(line + inches(13), plan.wheelbase());
        assertThat(middle.bottom()).isCloseTo(bottom + inches(3), within(1e-9));
        assertThat(middle.out()).isCloseTo(inches(19), within(1e-9));
        double under = room(kicked, new Vector3D(line, inches(17), bottom + inches(4)));
        assertThat(under)
                .as("2 in under the kicked rail, less a ball of 1 in")
                .isCloseTo(inches(1), within(inches(0.26)));
        double straight = room(railsAt(bottom), new Vector3D(line, inches(18.75), bottom + inches(4)));
        assertThat(straight).isNegative();
    }

    /** A ball of 1 in on the axle, inside a channel of 5 in: clear of its walls where its open side looks to it, in it where not. */
    @Test
    void anOpenSideIsOpen() {
        double bottom = up - inches(2.5);
        double line = -plan.wheelbase();
        FrameRails rails = new FrameRails(inches(20), inches(30), bottom, bottom + inches(5), inches(20), inches(4))
                .withSection(Optional.of(new RailSection(RailSection.Shape.CHANNEL_IN, inches(0.25))));
        Vector3D inside = new Vector3D(line, inches(17.5), up);
        assertThat(room(plan.withRails(Optional.of(rails)), inside)).isPositive();
        Vector3D web = new Vector3D(line, inches(19.5), up);
        assertThat(room(plan.withRails(Optional.of(rails)), web)).isNegative();
        FrameRails box = rails.withSection(Optional.of(new RailSection(RailSection.Shape.BOX, inches(0.25))));
        assertThat(room(plan.withRails(Optional.of(box)), inside)).isNegative();
    }

    /** Between the left rail and a ball of 1 in on the axle at ride [m]. */
    private static double room(Vehicle vehicle, Vector3D at) {
        Part ball = new Part("ball", BodyName.AXLE, Part.Kind.MOVING, new Part.PointsForm(List.of(at), inches(1)));
        Clearances clearances = new Clearances(new AxleModel(
                vehicle.withBuild(Build.NONE.with(AxlePlace.REAR, Surroundings.NONE.withParts(List.of(ball)))),
                AxlePlace.REAR));
        for (int i = 0; i < clearances.pairs().size(); i++) {
            CollisionBody one =
                    clearances.things().get(clearances.pairs().get(i).one());
            CollisionBody other =
                    clearances.things().get(clearances.pairs().get(i).other());
            List<CollisionId> both = List.of(one.id(), other.id());
            if (both.contains(CollisionId.Sort.RAIL.of(Side.LEFT)) && (one.described() || other.described())) {
                return clearances.gap(i);
            }
        }
        throw new AssertionError("not compared");
    }
}
