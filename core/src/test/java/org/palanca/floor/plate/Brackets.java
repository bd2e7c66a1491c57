package org.palanca.floor.plate;

import static org.palanca.base.units.Lengths.inches;

import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.housing.HousingSize;

/** Vehicles with brackets for tests. */
public final class Brackets {
    /** A 9/16 in bolt in 5/8 in holes, quarter-inch ears 2 5/8 in apart. */
    public static final Ears EARS = new Ears(inches(2.625), inches(0.25), inches(0.5625), inches(0.625));

    /** The lower mounts' bolts above the ground [in]: clear of the tube. */
    static final double LOWER = 13.5;

    private Brackets() {}

    /** The demo with a tube of 3 in on its rear axle, the lower mounts clear under it, every link end as wide as its ears take, its bolt across. */
    public static Vehicle tarn() {
        return tarn(EARS, BoltWay.ACROSS);
    }

    /** The same with ears and bolts of a kind. */
    public static Vehicle tarn(Ears ears, BoltWay bolt) {
        Vehicle tarn = Examples.tarn();
        // What the demo has of its own is no concern of these tests.
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow().withBracket("shock upper left", Optional.empty());
        for (Link link : rear.links()) {
            LinkEnd from = end(tarn, link, true, ears, bolt);
            LinkEnd to = end(tarn, link, false, ears, bolt);
            rear = rear.withLink(
                    link.withMake(link.make().withFrom(Optional.of(from)).withTo(Optional.of(to))));
        }
        Mount lower = rear.mount("lower axle left").orElseThrow();
        Vehicle with = tarn.withAxle(rear.withMount(
                lower.withPlacement(new Placement.Taped(-inches(1), Side.LEFT, inches(19.5), inches(LOWER)))));
        return with.withBuild(with.build()
                .with(
                        AxlePlace.REAR,
                        with.build()
                                .housing(AxlePlace.REAR)
                                .with(HousingSize.TUBE_DIAMETER, OptionalDouble.of(inches(3)))));
    }

    private static LinkEnd end(Vehicle vehicle, Link link, boolean first, Ears ears, BoltWay bolt) {
        return vehicle.hardware()
                .end(link, first)
                .withEars(Optional.of(ears))
                .withWidth(OptionalDouble.of(ears.gap() - inches(1.0 / 16)))
                .withBolt(Optional.of(bolt));
    }

    /** A vehicle with a bracket at a mount of its rear axle. */
    public static Vehicle with(Vehicle vehicle, String mount, Bracket bracket) {
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        return vehicle.withAxle(rear.withMount(rear.mount(mount).orElseThrow().withBracket(Optional.of(bracket))));
    }

    /** The plan of that. */
    public static BracketPlan plan(Vehicle vehicle, String mount, Bracket bracket) {
        Vehicle with = with(vehicle, mount, bracket);
        return BracketPlan.of(with, with.axle(AxlePlace.REAR).orElseThrow(), mount)
                .orElseThrow();
    }

    /** Two ears on a face. */
    public static Bracket onFace(Bracket.Form form, Way way, double distance) {
        return Bracket.PLAIN
                .withForm(form)
                .withSeat(Optional.of(new Seat.Face(way, distance, OptionalDouble.of(inches(0.1875)))));
    }
}
