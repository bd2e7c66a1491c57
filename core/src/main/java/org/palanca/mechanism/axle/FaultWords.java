package org.palanca.mechanism.axle;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.mechanism.solve.ClosureDiagnosis;
import org.palanca.mechanism.solve.Mobility;
import org.palanca.mechanism.solve.Solution;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;

/** Puts the solver's diagnosis into the trade's words: the member, the pose, the amount, and one thing to try. */
final class FaultWords {
    /** Under this a length is told to the thousandth [m]: 1/8 in. */
    private static final double TAPE = 0.003175;

    private FaultWords() {}

    /** Why an axle does not close. */
    static Message open(Axle axle, Solution.Open open) {
        Message place = axle(axle.place());
        ClosureDiagnosis diagnosis = open.diagnosis();
        if (!diagnosis.blocking().isEmpty()) {
            Mobility.Blocked blocked = diagnosis.blocking().get(0);
            return Message.of(blockedKey(axle), place, motion(blocked.motion()), names(axle, blocked.members()));
        }
        Optional<ClosureDiagnosis.Gap> bar =
                diagnosis.gaps().stream().filter(gap -> !gap.driver()).findFirst();
        if (bar.isPresent()) {
            double amount = bar.get().amount();
            return Message.of(
                    amount > 0 ? "fault.link_too_short" : "fault.link_too_long",
                    place,
                    bar.get().name(),
                    small(Math.abs(amount)));
        }
        if (!diagnosis.gaps().isEmpty()) {
            return outOfReach(axle, diagnosis.gaps().get(0));
        }
        if (!diagnosis.freedoms().loose().isEmpty()) {
            return loose(axle.place(), diagnosis.freedoms()).orElseThrow();
        }
        return diagnosis.between().size() < 2
                ? Message.of("fault.no_close", place)
                : Message.of(
                        "fault.between",
                        place,
                        diagnosis.between().get(0),
                        diagnosis.between().get(1));
    }

    /** Sloping links alike is no cure where leaf springs hold the axle, nor where each wheel has its own. */
    private static String blockedKey(Axle axle) {
        if (axle.independent()) {
            return "fault.blocked_corner";
        }
        return axle.linkage().leaves().isEmpty() ? "fault.blocked" : "fault.blocked_leaves";
    }

    /** A driver that stops short: a wheel or a rack by a length, a steering arm by an angle. */
    private static Message outOfReach(Axle axle, ClosureDiagnosis.Gap gap) {
        Message place = axle(axle.place());
        double amount = Math.abs(gap.amount());
        if (!gap.name().equals(AxleMechanism.STEER)) {
            return Message.of("fault.wheel_out_of_reach", place, gap.name(), small(amount));
        }
        boolean turns = axle.steering()
                .flatMap(steering -> axle.linkage().joint(steering.joint()))
                .filter(Joint.Hinge.class::isInstance)
                .isPresent();
        return Message.of("fault.lock_out_of_reach", place, turns ? Message.angle(amount) : small(amount));
    }

    /** What a tape's fractions would round to nothing is told finely. */
    private static Object small(double metres) {
        return metres < TAPE ? Message.fine(metres) : Message.length(metres);
    }

    static Optional<Message> unsound(Axle held, Mobility freedoms) {
        Message axle = axle(held.place());
        if (!freedoms.blocked().isEmpty()) {
            Mobility.Blocked first = freedoms.blocked().get(0);
            return Optional.of(
                    Message.of(blockedKey(held), axle, motion(first.motion()), names(held, first.members())));
        }
        return loose(held.place(), freedoms);
    }

    static Optional<Message> loose(AxlePlace place, Mobility freedoms) {
        return freedoms.loose().stream().findFirst().map(loose -> loose(axle(place), loose));
    }

    private static Message loose(Message axle, Mobility.Loose loose) {
        BodyName body = BodyName.of(loose.body());
        if (body == BodyName.AXLE) {
            return Message.of("fault.loose." + name(loose.motion()), axle);
        }
        Message named = Message.of("body." + body.id());
        boolean knuckle = Arrays.stream(Side.values()).anyMatch(side -> body == BodyName.knuckle(side));
        return knuckle && loose.motion() == Mobility.Motion.YAW
                ? Message.of("fault.loose.steer", axle, named)
                : Message.of("fault.loose.body", axle, named, motion(loose.motion()));
    }

    static Message pushedBeyond(Axle held, Solution.Strain most) {
        return Message.of(
                "fault.push_beyond",
                axle(held.place()),
                AxleMechanism.describedAs(held, most.member()),
                Message.length(Math.abs(most.off())));
    }

    /** A leaf spring's rigid half would block heave as well, so where there are leaves only the push is told. */
    static Message binds(Axle axle, Mobility freedoms, Solution.Strain most, double roll) {
        Message place = axle(axle.place());
        Message.Measure push = Message.length(Math.abs(most.off()));
        if (freedoms.blocked().isEmpty() || !axle.linkage().leaves().isEmpty()) {
            return Message.of("fault.pushes", place, most.member(), push, Message.angle(roll));
        }
        Mobility.Blocked first = freedoms.blocked().get(0);
        return Message.of(
                "fault.binds",
                place,
                motion(first.motion()),
                names(axle, first.members()),
                most.member(),
                push,
                Message.angle(roll));
    }

    /** Each joint once, whichever of its bushings are meant. */
    private static String names(Axle axle, List<String> members) {
        return members.stream()
                .map(member -> AxleMechanism.describedAs(axle, member))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static Message axle(AxlePlace place) {
        return Message.of("axle." + place.id());
    }

    private static Message motion(Mobility.Motion motion) {
        return Message.of("motion." + name(motion));
    }

    private static String name(Mobility.Motion motion) {
        return motion.name().toLowerCase(Locale.ROOT);
    }
}
