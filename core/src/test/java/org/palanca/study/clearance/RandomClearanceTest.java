package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;

/** Parts thrown about an axle: what is remembered between poses, mirrored and moved changes no gap. */
class RandomClearanceTest {
    private static final Vehicle GORSE = Examples.vehicle("gorse.palanca.json");

    private static Vehicle with(List<Part> parts) {
        return GORSE.withBuild(Build.NONE.with(AxlePlace.REAR, Surroundings.NONE.withParts(parts)));
    }

    private static List<Part> thrown(Random random) {
        double line = GORSE.axle(AxlePlace.REAR).orElseThrow().lineX(GORSE.wheelbase());
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Vector3D at = new Vector3D(
                    line + random.nextDouble() - 0.5,
                    1.2 * (random.nextDouble() - 0.5),
                    0.9 + 0.4 * random.nextDouble());
            Part.Form form = i % 2 == 0
                    ? new Part.BoxForm(
                            new Box(at.getX(), at.getX() + 0.2, at.getY(), at.getY() + 0.1, at.getZ(), at.getZ() + 0.1))
                    : new Part.TubeForm(
                            List.of(at, at.add(new Vector3D(0.3, 0.1, 0.05))), 0.03, OptionalDouble.empty());
            parts.add(new Part("part " + i, i == 4 ? BodyName.AXLE : BodyName.FRAME, Part.Kind.FIXED, form));
        }
        return parts;
    }

    private static WheelTravel pose(Random random) {
        return new WheelTravel(0.2 * (random.nextDouble() - 0.5), 0.2 * (random.nextDouble() - 0.5));
    }

    /** Whatever way it came, and whatever was enough before, a gap is what it is when asked afresh. */
    @Drawn(40)
    void rememberingChangesNoGap(Draw draw) {
        Random random = draw.random();
        Vehicle vehicle = with(thrown(random));
        Clearances walked = new Clearances(new AxleModel(vehicle, AxlePlace.REAR));
        for (int step = 0; step < 12; step++) {
            WheelTravel pose = pose(random);
            assertThat(walked.moveTo(pose)).isTrue();
            Clearances fresh = new Clearances(new AxleModel(vehicle, AxlePlace.REAR));
            assertThat(fresh.moveTo(pose)).isTrue();
            for (int pair = 0; pair < walked.pairs().size(); pair += 3) {
                double enough = random.nextBoolean() ? 0.05 : 0.4;
                double exact = fresh.gap(pair);
                double asked = walked.gap(pair, enough);
                assertThat(Math.min(asked, enough)).isCloseTo(Math.min(exact, enough), within(1e-7));
            }
        }
    }

    /** Parts, and the pose, mirrored left for right: as much room. */
    @Drawn(25)
    void mirroredPartsHaveAsMuchRoom(Draw draw) {
        Random random = draw.random();
        List<Part> parts = thrown(random);
        List<Part> mirrored = parts.stream()
                .map(part -> new Part(part.name(), part.body(), part.kind(), mirror(part.form())))
                .toList();
        Clearances one = new Clearances(new AxleModel(with(parts), AxlePlace.REAR));
        Clearances other = new Clearances(new AxleModel(with(mirrored), AxlePlace.REAR));
        WheelTravel pose = pose(random);
        one.moveTo(pose);
        other.moveTo(new WheelTravel(pose.right(), pose.left()));
        assertThat(least(one)).isCloseTo(least(other), within(1e-6));
    }

    private static double least(Clearances clearances) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            boolean part = clearances.things().get(pair.one()).sort() == CollisionId.Sort.PART
                    || clearances.things().get(pair.other()).sort() == CollisionId.Sort.PART;
            if (part) {
                least = Math.min(least, clearances.gap(i));
            }
        }
        return least;
    }

    private static Part.Form mirror(Part.Form form) {
        if (form instanceof Part.BoxForm b) {
            Box box = b.box();
            return new Part.BoxForm(
                    new Box(box.rear(), box.front(), -box.left(), -box.right(), box.bottom(), box.top()));
        }
        Part.TubeForm tube = (Part.TubeForm) form;
        return new Part.TubeForm(
                tube.points().stream()
                        .map(p -> new Vector3D(p.getX(), -p.getY(), p.getZ()))
                        .toList(),
                tube.radius(),
                tube.bend());
    }

    /** Taking a part away never shortens the travel. */
    @Drawn(15)
    void fewerPartsNeverStopTheAxleSooner(Draw draw) {
        List<Part> parts = thrown(draw.random());
        double all = up(with(parts));
        double fewer = up(with(parts.subList(0, 3)));
        assertThat(fewer).isGreaterThanOrEqualTo(all - 1e-5);
    }

    private static double up(Vehicle vehicle) {
        Limits limits = new Limits(new Clearances(new AxleModel(vehicle, AxlePlace.REAR)));
        return TravelEnd.of(limits, TravelEnd.Way.UP, 0).travel();
    }
}
