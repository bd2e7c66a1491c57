package org.palanca.study.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.AxlePlace;

/** Says how the vehicle stands on its ground and when it tips. */
public final class EquilibriumWords {
    private static final String[] WHEELS = {"front_left", "front_right", "rear_left", "rear_right"};

    private EquilibriumWords() {}

    /** What each wheel carries, how the chassis leans, and which wheels are off the ground. */
    public static List<Message> of(StandingVehicle vehicle, Optional<StaticEquilibrium> rest) {
        List<Message> said = new ArrayList<>();
        if (rest.isEmpty()) {
            said.add(Message.of("rest.none"));
            return said;
        }
        StaticEquilibrium at = rest.get();
        said.add(Message.of(
                "rest.loads",
                force(at.loads().get(0)),
                force(at.loads().get(1)),
                force(at.loads().get(2)),
                force(at.loads().get(3))));
        said.add(Message.of(
                "rest.leans",
                Message.angle(Math.abs(at.pitch())),
                Message.of(at.pitch() >= 0 ? "rest.nose_up" : "rest.nose_down"),
                Message.angle(Math.abs(at.roll())),
                Message.of(at.roll() >= 0 ? "side.right" : "side.left")));
        for (int wheel = 0; wheel < 4; wheel++) {
            if (at.lifted(wheel)) {
                said.add(Message.of("rest.lifted", wheel(wheel)));
            }
        }
        double thrust = vehicle.weight() * Math.sin(Math.abs(at.ground().climb()));
        double moved = thrust
                * vehicle.vehicle().mass().centreHeight()
                / vehicle.vehicle().wheelbase();
        if (at.ground().climb() != 0) {
            said.add(Message.of("rest.transfer", force(thrust), force(moved)));
        }
        for (AxlePlace place : AxlePlace.values()) {
            if (vehicle.standIn(place)) {
                said.add(Message.of("rest.stand_in", Message.of("axle." + place.id())));
            }
        }
        return said;
    }

    private static Message.Measure force(double newtons) {
        return new Message.Measure(newtons, Quantity.FORCE);
    }

    /** A wheel's name. */
    public static Message wheel(int wheel) {
        return Message.of("wheel." + WHEELS[wheel]);
    }

    /** When it tips one way and what lets go first. */
    public static Message tip(TipStudy tip) {
        int first =
                tip.letting().isEmpty() ? tip.lightest() : tip.letting().get(0).wheel();
        double at = tip.letting().isEmpty() ? tip.angle() : tip.letting().get(0).angle();
        return Message.of(
                "rest.tip." + tip.way().name().toLowerCase(Locale.ROOT),
                Message.angle(tip.angle()),
                wheel(first),
                Message.angle(at),
                Message.angle(tip.block()));
    }
}
