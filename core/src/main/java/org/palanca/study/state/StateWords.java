package org.palanca.study.state;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.fit.FitWords;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose.Way;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Survey;

/** Says what a state changes against the plan: how the axles stand, what up travel is left, what touches, how low the frame is. */
public final class StateWords {
    /** Less than this is not worth a sentence [m]. */
    private static final double TOLD = Lengths.inches(1.0 / 32);

    /** Pairs that are told one by one. */
    private static final int LISTED = 5;

    private StateWords() {}

    /** In the order of work; a state that an axle does not reach says so alone. */
    public static List<Verdict> of(Vehicle plan, RideState state) {
        List<Verdict> said = new ArrayList<>();
        Vehicle stands;
        try {
            stands = VehicleInState.of(plan, state);
        } catch (StateOutOfReachException e) {
            return List.of(new Verdict(false, e.said()));
        }
        for (Axle axle : plan.axles()) {
            axle(plan, state, stands, axle.place(), said);
        }
        plan.rails().ifPresent(rails -> ground(plan, rails, stands, said));
        return said;
    }

    private static void axle(Vehicle plan, RideState state, Vehicle stands, AxlePlace place, List<Verdict> said) {
        AxleModel before = new AxleModel(plan, place);
        AxleModel after = new AxleModel(stands, place);
        Message name = Message.of("axle." + place.id());
        Message where = shift(before, state.standing(place).lower());
        said.add(new Verdict(
                true,
                before.axle().independent()
                        ? corners(before, after, name, where)
                        : Message.of(
                                "state.stands",
                                name,
                                where,
                                Message.angle(before.axle().pinion()),
                                Message.angle(after.axle().pinion()))));
        TravelEnvelope was = new TravelEnvelope(before);
        TravelEnvelope is = new TravelEnvelope(after);
        double up = travel(is, Way.BUMP);
        said.add(Verdict.lacking(
                up > TOLD,
                (TOLD - up) / Lengths.INCH,
                "state_up_" + place.id(),
                Message.of(
                        up > TOLD ? "state.travel" : "state.on_stops",
                        name,
                        Message.length(up),
                        Message.length(travel(is, Way.DROOP)),
                        Message.length(travel(was, Way.BUMP)),
                        Message.length(travel(was, Way.DROOP)))));
        touches(before, after, said);
        fit(plan, stands, place, said);
    }

    /** What fits in the plan and does not as it stands, or fits worse than there: the tyre in its well, the tube under its rail. */
    private static void fit(Vehicle plan, Vehicle stands, AxlePlace place, List<Verdict> said) {
        Adjustment unmeasured = Adjustment.of(Survey.NONE);
        Map<String, Double> lacked = new HashMap<>();
        FitWords.of(plan, place, unmeasured).stream()
                .filter(one -> !one.good())
                .forEach(one -> lacked.merge(one.about(), one.lacks(), Math::max));
        FitWords.of(stands, place, unmeasured).stream()
                .filter(one -> !one.good()
                        && (!lacked.containsKey(one.about())
                                || one.lacks() > lacked.get(one.about()) + TOLD / Lengths.INCH))
                .forEach(said::add);
    }

    /** Wheels of their own lean and toe. */
    private static Message corners(AxleModel before, AxleModel after, Message name, Message where) {
        return Message.of(
                "state.corners",
                name,
                where,
                Message.angle(before.axle().wheels().camber()),
                Message.angle(after.axle().wheels().camber()),
                Message.angle(before.axle().wheels().toe()),
                Message.angle(after.axle().wheels().toe()));
    }

    /** How far both wheels go together one way, as stops, straps and shocks let them, or as planned where nothing does [m]. */
    private static double travel(TravelEnvelope envelope, Way way) {
        return Math.abs(envelope.worst(way).pose().left());
    }

    /** How far an axle goes fore or aft in the chassis; leaves the model at ride. */
    private static Message shift(AxleModel model, double lower) {
        model.toRide();
        double was = ahead(model);
        model.moveTo(WheelTravel.both(lower));
        double by = ahead(model) - was;
        model.toRide();
        return Math.abs(by) < TOLD
                ? Message.of("state.in_place")
                : Message.of(by > 0 ? "state.ahead" : "state.behind", Message.length(Math.abs(by)));
    }

    private static double ahead(AxleModel model) {
        return (model.motion().wheelCentre(1, 0) + model.motion().wheelCentre(-1, 0)) / 2;
    }

    /** What shares room at ride in the state and did not in the plan. */
    private static void touches(AxleModel before, AxleModel after, List<Verdict> said) {
        Set<String> known = new HashSet<>();
        pairs(new Clearances(before)).forEach(pair -> known.add(id(pair)));
        int told = 0;
        for (List<CollisionBody> pair : pairs(new Clearances(after))) {
            if (!known.contains(id(pair)) && told++ < LISTED) {
                said.add(new Verdict(
                        false,
                        Message.of(
                                "state.touches", pair.get(0).name(), pair.get(1).name())));
            }
        }
        if (told > LISTED) {
            said.add(new Verdict(false, Message.of("state.touch_more", Integer.toString(told - LISTED))));
        }
    }

    private static List<List<CollisionBody>> pairs(Clearances clearances) {
        List<List<CollisionBody>> all = new ArrayList<>();
        for (int i = 0; i < clearances.pairs().size(); i++) {
            if (clearances.atRide(i)) {
                Clearances.Pair pair = clearances.pairs().get(i);
                all.add(List.of(
                        clearances.things().get(pair.one()), clearances.things().get(pair.other())));
            }
        }
        return all;
    }

    private static String id(List<CollisionBody> pair) {
        return pair.get(0).id() + " " + pair.get(1).id();
    }

    private static void ground(Vehicle plan, FrameRails before, Vehicle stands, List<Verdict> said) {
        FrameRails after = stands.rails().orElse(before);
        said.add(new Verdict(
                true,
                Message.of(
                        "state.rails",
                        Message.length(after.at(0, stands.wheelbase()).bottom()),
                        Message.length(after.at(-stands.wheelbase(), stands.wheelbase())
                                .bottom()),
                        Message.length(before.at(0, plan.wheelbase()).bottom()),
                        Message.length(
                                before.at(-plan.wheelbase(), plan.wheelbase()).bottom()),
                        Message.length(stands.wheelbase()),
                        Message.length(plan.wheelbase()))));
    }
}
