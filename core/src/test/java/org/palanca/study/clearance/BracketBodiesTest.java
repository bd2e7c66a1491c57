package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.plate.Brackets;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.work.ServiceMoment;

/** Brackets collide as their plates stand. */
class BracketBodiesTest {
    private static final AxlePlace REAR = AxlePlace.REAR;
    private static final String LOWER = "lower frame left";

    /** Room between two at ride [m]; empty where they are not compared. */
    private static OptionalDouble room(Vehicle vehicle, CollisionId one, CollisionId other) {
        Clearances clearances = new Clearances(new AxleModel(vehicle, REAR));
        Set<CollisionId> ids = Set.of(one, other);
        return IntStream.range(0, clearances.pairs().size())
                .filter(i -> ids.equals(Set.of(
                        clearances.things().get(clearances.pairs().get(i).one()).id(),
                        clearances
                                .things()
                                .get(clearances.pairs().get(i).other())
                                .id())))
                .mapToDouble(clearances::gap)
                .min();
    }

    /** A back that is put where the link leaves its bolt is hit by its own link; one behind the joint is not. */
    @Test
    void aLinkIsComparedWithTheBackOfItsOwnBracket() {
        CollisionId link = Sort.LINK.of("lower left");
        CollisionId back = Sort.BACK.of(LOWER);
        Bracket inTheWay = Brackets.onFace(Bracket.Form.CLEVIS, Way.BEHIND, inches(2.5));
        Bracket clear = Brackets.onFace(Bracket.Form.CLEVIS, Way.UP, inches(3.5));
        assertThat(room(Brackets.with(Brackets.tarn(), LOWER, inTheWay), link, back)
                        .getAsDouble())
                .isNegative();
        assertThat(room(Brackets.with(Brackets.tarn(), LOWER, clear), link, back)
                        .getAsDouble())
                .isPositive();
    }

    /** Without a bracket a mount inside the tube has it to itself; with one, what is bolted there is held against it. */
    @Test
    void aLinkIsComparedWithTheTubeOnceItsBracketIsTold() {
        CollisionId link = Sort.LINK.of("lower left");
        CollisionId tube = Sort.HOUSING.of("tube");
        assertThat(room(Examples.tarn(), link, tube)).isEmpty();
        Vehicle told = Brackets.with(Brackets.tarn(), "lower axle left", Bracket.PLAIN);
        assertThat(room(told, link, tube).getAsDouble()).isPositive();
    }

    /** The bolt of an ear comes out 3 in or more: a tank beside it is told, at its moment, and what stands elsewhere is not. */
    @Test
    void aTankInTheWayOfABolt() {
        Bracket in = Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3))
                .withOut(Optional.of(Way.IN), ServiceMoment.STANDS);
        Bracket out = in.withOut(Optional.of(Way.OUT), ServiceMoment.STANDS);
        Vehicle vehicle = tank(Brackets.tarn());
        assertThat(said(Brackets.with(vehicle, LOWER, in)))
                .anyMatch(text -> text.contains("tank two")
                        && text.contains("way out of the bolt of " + LOWER)
                        && text.contains("on stands"));
        assertThat(said(Brackets.with(vehicle, LOWER, out))).noneMatch(text -> text.contains("way out"));
    }

    /** From 1 in beside the inner ear on inwards, at the bolt's height. */
    private static Vehicle tank(Vehicle vehicle) {
        var at = vehicle.axle(REAR).orElseThrow().position(LOWER, vehicle.wheelbase());
        double left = at.getY() - inches(2.625 / 2 + 0.25 + 2);
        Part tank = new Part(
                "tank two",
                BodyName.FRAME,
                Part.Kind.FIXED,
                new Part.BoxForm(new Box(
                        at.getX() - 0.1, at.getX() + 0.1, left - 0.1, left, at.getZ() - 0.03, at.getZ() + 0.03)));
        Surroundings around = vehicle.build().surroundings(REAR);
        List<Part> parts = new ArrayList<>(around.parts());
        parts.add(tank);
        return vehicle.withBuild(vehicle.build().with(REAR, around.withParts(parts)));
    }

    private static List<String> said(Vehicle vehicle) {
        AxleModel model = new AxleModel(vehicle, REAR);
        return Overlap.of(model, new TravelEnvelope(model)).stream()
                .map(overlap -> Examples.WORDS.text(overlap.said()))
                .toList();
    }

    /** A bolt that is drawn across can't come out upward. */
    @Test
    void aBoltComesOutAlongItself() {
        Bracket up = Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3))
                .withOut(Optional.of(Way.UP), ServiceMoment.STANDS);
        assertThat(Brackets.plan(Brackets.tarn(), LOWER, up).faults().stream().map(Examples.WORDS::text))
                .anyMatch(text -> text.contains("can’t come out up"));
    }
}
