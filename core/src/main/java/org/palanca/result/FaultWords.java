package org.palanca.result;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.mechanism.solve.ClosureDiagnosis;
import org.palanca.mechanism.solve.Freedoms;
import org.palanca.mechanism.solve.Solution;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.words.Message;

/** Puts the solver's diagnosis into the trade's words: the member, the pose, the amount, and one thing to try. */
final class FaultWords {
    private FaultWords() {}

    static Message open(AxlePlace place, Solution.Open open) {
        Message axle = axle(place);
        List<ClosureDiagnosis.Gap> gaps = open.diagnosis().gaps();
        Optional<Message> unsound = unsound(place, open.diagnosis().freedoms());
        Optional<ClosureDiagnosis.Gap> member =
                gaps.stream().filter(gap -> !gap.driver()).findFirst();
        if (unsound.isPresent() && !open.diagnosis().freedoms().blocked().isEmpty()) {
            return unsound.get();
        }
        if (member.isPresent()) {
            double amount = member.get().amount();
            return Message.of(
                    amount > 0 ? "fault.link_too_short" : "fault.link_too_long",
                    axle,
                    member.get().name(),
                    Message.length(Math.abs(amount)));
        }
        return gaps.stream()
                .findFirst()
                .map(gap -> Message.of(
                        "fault.wheel_out_of_reach", axle, gap.name(), Message.length(Math.abs(gap.amount()))))
                .orElse(Message.of("fault.no_close", axle));
    }

    static Optional<Message> unsound(AxlePlace place, Freedoms freedoms) {
        Message axle = axle(place);
        if (!freedoms.blocked().isEmpty()) {
            Freedoms.Blocked first = freedoms.blocked().get(0);
            return Optional.of(Message.of("fault.blocked", axle, motion(first.motion()), names(first.members())));
        }
        return loose(place, freedoms);
    }

    static Optional<Message> loose(AxlePlace place, Freedoms freedoms) {
        Message axle = axle(place);
        return freedoms.loose().stream().findFirst().map(loose -> Message.of("fault.loose." + name(loose), axle));
    }

    /** A leaf spring's rigid half would block heave as well, so where there are leaves only the push is told. */
    static Message binds(Axle axle, Freedoms freedoms, Solution.Strain most, double roll) {
        Message place = axle(axle.place());
        Message.Measure push = Message.length(Math.abs(most.off()));
        if (freedoms.blocked().isEmpty() || !axle.linkage().leaves().isEmpty()) {
            return Message.of("fault.pushes", place, most.member(), push, Message.angle(roll));
        }
        Freedoms.Blocked first = freedoms.blocked().get(0);
        return Message.of(
                "fault.binds",
                place,
                motion(first.motion()),
                names(first.members()),
                most.member(),
                push,
                Message.angle(roll));
    }

    /** Each joint once, whichever of its bushings are meant. */
    private static String names(List<String> members) {
        return members.stream()
                .map(name -> name.split(AxleMechanism.AT)[0])
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static Message axle(AxlePlace place) {
        return Message.of("axle." + place.id());
    }

    private static Message motion(Freedoms.Motion motion) {
        return Message.of("motion." + name(motion));
    }

    private static String name(Freedoms.Motion motion) {
        return motion.name().toLowerCase(Locale.ROOT);
    }
}
