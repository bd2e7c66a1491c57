package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.work.ServiceMoment;

/** What is fixed to one body is compared where it is, and a service room at its own moment. */
class OverlapTest {
    private static final AxlePlace REAR = AxlePlace.REAR;

    private static Vehicle with(Part... parts) {
        Vehicle tarn = Examples.tarn();
        Surroundings around = tarn.build().surroundings(REAR);
        List<Part> all = new ArrayList<>(around.parts());
        all.addAll(List.of(parts));
        return tarn.withBuild(tarn.build().with(REAR, around.withParts(all)));
    }

    private static List<String> said(Vehicle vehicle) {
        AxleModel model = new AxleModel(vehicle, REAR);
        return Overlap.of(model, new TravelEnvelope(model)).stream()
                .map(overlap -> Examples.WORDS.text(overlap.said()))
                .toList();
    }

    private static Part box(String name, BodyName body, Part.Kind kind, Box box) {
        return new Part(name, body, kind, new Part.BoxForm(box));
    }

    @Test
    void theDemoHasNothingInOneAnother() {
        assertThat(said(Examples.tarn())).isEmpty();
    }

    /** An exhaust through a crossmember: pair, depth and rule are told, until they are declared joined. */
    @Test
    void anExhaustThroughACrossmember() {
        Part member = box("crossmember", BodyName.FRAME, Part.Kind.FIXED, new Box(-1.8, -1.7, -0.36, 0.36, 0.74, 0.8));
        Vehicle vehicle = with(member);
        assertThat(said(vehicle))
                .anyMatch(text -> text.contains("exhaust")
                        && text.contains("crossmember")
                        && text.contains("interfere by")
                        && text.contains("fixed to one body"));
        assertThat(said(with(member.withJoined(Set.of("exhaust"))))).noneMatch(text -> text.contains("exhaust"));
    }

    /** A differential through the floor pan of an independent axle: both stand on the frame. */
    @Test
    void aTrussOverTheSocketsPathAndAMountInATank() {
        Part truss = new Part(
                "truss",
                BodyName.AXLE,
                Part.Kind.MOVING,
                new Part.TubeForm(
                        List.of(new Vector3D(-2.93, 0.6, 0.36), new Vector3D(-2.93, 0.3, 0.36)),
                        0.02,
                        OptionalDouble.empty()));
        assertThat(said(with(truss)))
                .anyMatch(text -> text.contains("truss")
                        && text.contains("socket on the lower shock bolt, left")
                        && text.contains("must be open at ride"));
        Part tank = box("tank two", BodyName.FRAME, Part.Kind.FIXED, new Box(-1.8, -1.6, 0.2, 0.4, 0.4, 0.65));
        assertThat(said(with(tank)))
                .anyMatch(text -> text.contains("lower frame left") && text.contains("inside the tank two"));
    }

    /** A room that must be open with the wheels off does not mind the wheel, and does not end the travel either. */
    @Test
    void aServiceRoomIsLookedAtAtItsMomentOnly() {
        Part room = box("hub puller", BodyName.FRAME, Part.Kind.SERVICE, new Box(-2.75, -2.6, 0.85, 1.1, 0.1, 0.5));
        assertThat(said(with(room))).anyMatch(text -> text.contains("left tyre") && text.contains("at ride"));
        Part off = room.withMoment(ServiceMoment.WHEELS_OFF);
        assertThat(said(with(off))).noneMatch(text -> text.contains("tyre"));
        for (TravelEnd.Way way : TravelEnd.Way.values()) {
            TravelEnd before = TravelEnd.of(limits(Examples.tarn()), way, 0);
            assertThat(TravelEnd.of(limits(with(room)), way, 0).travel()).isEqualTo(before.travel());
        }
    }

    private static Limits limits(Vehicle vehicle) {
        return new Limits(new Clearances(new AxleModel(vehicle, REAR)));
    }

    @Test
    void aStandThroughALowerLink() {
        Vehicle tarn = Examples.tarn();
        Survey survey = tarn.build().survey();
        List<Support> supports = new ArrayList<>(survey.supports());
        supports.add(new Support("stand", "the frame", new Box(-2.2, -2.05, 0.3, 0.5, 0, 0.5)));
        Vehicle vehicle = tarn.withBuild(tarn.build().withSurvey(survey.withSupports(supports)));
        assertThat(said(vehicle)).anyMatch(text -> text.contains("stand") && text.contains("lower left"));
    }

    /** Two things in one another at ride are named, stay in the study, and the travel is told without them, never as wanted. */
    @Test
    void whatOverlapsAtRideStays() {
        Part plate = box("plate", BodyName.FRAME, Part.Kind.FIXED, new Box(-2.72, -2.66, 0.1, 0.3, 0.4, 0.46));
        Vehicle vehicle = with(plate);
        Limits limits = limits(vehicle);
        assertThat(limits.passedAtRide()).isNotEmpty();
        for (TravelEnd end : TravelEnd.all(limits)) {
            assertThat(end.asWanted()).isFalse();
            if (end.verdict() == TravelEnd.Verdict.OVERLAPS) {
                assertThat(Examples.WORDS.text(CycleWords.end(end))).contains("at ride already is left out");
            }
        }
        ClearanceStudy study = ClearanceStudy.run(vehicle, REAR, Runnable::run, () -> true, any -> {});
        assertThat(study.tight())
                .anyMatch(tight -> tight.atRide() && tight.one().subject().equals("plate"));
    }
}
