package org.palanca.study.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;

/** Says how an axle fits, each thing in a sentence: what is good and what is not. */
public final class FitWords {
    private static final double NOTHING = 1e-4;

    /** An axle this near to the centreline stands on it, to a tape: 1/32 in. */
    private static final double ON_CENTRE = Lengths.INCH / 32;

    private FitWords() {}

    /** Everything known of an axle's fit, tyre room first. Empty where nothing of its surroundings is described. */
    public static List<Verdict> of(Vehicle vehicle, AxlePlace place, Adjustment adjustment) {
        Surroundings around = vehicle.build().surroundings(place);
        List<Verdict> said = new ArrayList<>();
        if (around.well().isPresent() || !around.obstacles().isEmpty()) {
            TyreClearance room = TyreClearance.of(vehicle, place);
            room.least().forEach(one -> said.add(room(one, room.wanted())));
            AxleClearance.ways(vehicle, place, room).forEach(way -> said.add(way(way)));
        }
        RailNotch.of(vehicle, place).forEach(notch -> said.add(notch(notch)));
        said.addAll(square(vehicle, place, adjustment));
        around.driveline().ifPresent(line -> {
            ShaftOrder order = ShaftOrder.of(new AxleModel(vehicle, place), line);
            said.add(new Verdict(
                    true,
                    Message.of(
                            "fit.shaft",
                            Message.length(order.ride().length()),
                            Message.angle(order.ride().atOutput()),
                            Message.angle(order.ride().atPinion()),
                            Message.length(Math.abs(order.ride().across())),
                            Message.of(order.ride().across() > 0 ? "side.left" : "side.right"))));
            said.add(Verdict.lacking(
                    order.spare() >= 0,
                    order.spare() / Lengths.INCH,
                    "shaft slip",
                    Message.of(
                            order.spare() >= 0 ? "fit.slip" : "fit.slip_short",
                            Message.length(order.plunge()),
                            Message.length(order.slip()))));
        });
        return said;
    }

    /** How an axle stands: wheelbase, thrust line, centred, diagonals, parallel. Empty where its ends are not measured. */
    public static List<Verdict> square(Vehicle vehicle, AxlePlace place, Adjustment adjustment) {
        List<Verdict> said = new ArrayList<>();
        SquareCheck.of(adjustment, vehicle.build().surroundings(place))
                .ifPresent(square -> said.addAll(square(vehicle, place, square)));
        parallel(vehicle, place, adjustment).ifPresent(said::add);
        return said;
    }

    /** Whether the two axles stand parallel, where both are measured. */
    private static Optional<Verdict> parallel(Vehicle vehicle, AxlePlace place, Adjustment adjustment) {
        AxlePlace other = place == AxlePlace.FRONT ? AxlePlace.REAR : AxlePlace.FRONT;
        Optional<SquareCheck> here = SquareCheck.of(adjustment, vehicle.build().surroundings(place));
        Optional<SquareCheck> there = SquareCheck.of(adjustment, vehicle.build().surroundings(other));
        if (here.isEmpty() || there.isEmpty()) {
            return Optional.empty();
        }
        double left = Math.abs(here.get().leftAhead() - there.get().leftAhead());
        double right = Math.abs(here.get().rightAhead() - there.get().rightAhead());
        return Optional.of(new Verdict(
                Math.abs(left - right) <= SquareCheck.COMMON_RULE,
                Message.of(
                        "fit.parallel",
                        Message.length(left),
                        Message.length(right),
                        Message.angle(Math.abs(here.get().thrust() - there.get().thrust())))));
    }

    private static Verdict notch(RailNotch notch) {
        return Verdict.lacking(
                false,
                notch.depth() / Lengths.INCH,
                "notch_" + notch.side().id(),
                Message.of(
                        notch.through() ? "fit.notch_through" : notch.atRide() ? "fit.notch_ride" : "fit.notch",
                        Message.of("thing.rail." + notch.side().id()),
                        Message.length(notch.depth()),
                        Message.length(notch.ahead()),
                        Message.length(notch.behind()),
                        Message.length(notch.room()),
                        Message.length(notch.pose().left()),
                        Message.length(notch.pose().right()),
                        notch.tube()));
    }

    private static Verdict room(TyreClearance.Room room, double wanted) {
        Message what = name(room);
        Message pose = pose(room.pose());
        Message side = Message.of("side." + room.side().id());
        if (room.metres() <= NOTHING) {
            return Verdict.lacking(
                    false,
                    (wanted - room.metres()) / Lengths.INCH,
                    "tyre " + room.wall() + " " + room.obstacle(),
                    room.metres() < -NOTHING
                            ? Message.of("fit.through", side, what, pose, Message.length(-room.metres()))
                            : Message.of("fit.touches", side, what, pose));
        }
        boolean good = room.metres() >= wanted;
        return Verdict.lacking(
                good,
                (wanted - room.metres()) / Lengths.INCH,
                "tyre " + room.wall() + " " + room.obstacle(),
                Message.of(
                        good ? "fit.room" : "fit.tight",
                        side,
                        what,
                        pose,
                        Message.length(room.metres(), wanted),
                        Message.length(wanted)));
    }

    /** What a tyre comes near to. */
    public static Message name(TyreClearance.Room room) {
        return room.wall() == TyreClearance.Wall.OBSTACLE
                ? Message.of("fit.obstacle", room.obstacle())
                : Message.of("fit.wall." + room.wall().id());
    }

    /** A pose in a word or two. */
    public static Message pose(WheelTravel pose) {
        String steer = pose.steer() > 0 ? ".left" : pose.steer() < 0 ? ".right" : "";
        String travel =
                pose.left() == 0 && pose.right() == 0 ? "ride" : pose.left() * pose.right() > 0 ? "bump" : "twist";
        return Message.of("fit.pose." + travel + steer);
    }

    private static Verdict way(AxleClearance.Way way) {
        String direction = way.direction().getZ() > 0 ? "up" : way.direction().getX() > 0 ? "forward" : "back";
        return new Verdict(
                true,
                way.stop()
                        .map(what -> Message.of(
                                "fit.way." + direction, Message.length(way.metres()), what, pose(way.pose())))
                        .orElse(Message.of("fit.free." + direction, Message.length(way.metres()))));
    }

    private static List<Verdict> square(Vehicle vehicle, AxlePlace place, SquareCheck square) {
        List<Verdict> said = new ArrayList<>();
        Axle axle = vehicle.axle(place).orElseThrow();
        said.add(wheelbase(square, axle.lineX(vehicle.wheelbase())));
        said.add(thrust(square, axle.track()));
        said.add(new Verdict(
                Math.abs(square.off()) <= SquareCheck.COMMON_RULE,
                Math.abs(square.off()) < ON_CENTRE
                        ? Message.of("fit.on_centre")
                        : Message.of(
                                "fit.centred",
                                Message.length(Math.abs(square.off())),
                                Message.of(square.off() > 0 ? "side.left" : "side.right"))));
        square.diagonals().ifPresent(crossed -> said.add(diagonals(crossed)));
        return said;
    }

    private static Verdict wheelbase(SquareCheck square, double line) {
        return new Verdict(
                Math.max(Math.abs(square.leftAhead() - line), Math.abs(square.rightAhead() - line))
                        <= SquareCheck.COMMON_RULE,
                Message.of(
                        "fit.wheelbase",
                        Message.length(Math.abs(square.leftAhead())),
                        Message.length(Math.abs(square.rightAhead())),
                        Message.length(Math.abs(line))));
    }

    /** Square within the rule over the track, or within what the readings can tell. */
    private static Verdict thrust(SquareCheck square, double track) {
        double straight = Math.max(2 * square.thrustDeviation(), SquareCheck.COMMON_RULE / track);
        return new Verdict(
                Math.abs(square.thrust()) <= straight,
                Message.of(
                        "fit.thrust",
                        Message.angle(Math.abs(square.thrust())),
                        Message.of(square.thrust() > 0 ? "side.left" : "side.right"),
                        Message.angle(square.thrustDeviation())));
    }

    private static Verdict diagonals(SquareCheck.Diagonals crossed) {
        return new Verdict(
                Math.abs(crossed.off()) <= SquareCheck.COMMON_RULE,
                Message.of(
                        Math.abs(crossed.expected()) < NOTHING ? "fit.diagonals" : "fit.diagonals_uneven",
                        crossed.leftMark(),
                        crossed.rightMark(),
                        Message.length(crossed.toRightEnd()),
                        Message.length(crossed.toLeftEnd()),
                        Message.length(Math.abs(crossed.off()), SquareCheck.COMMON_RULE),
                        Message.length(Math.abs(crossed.expected())),
                        Message.of(crossed.expected() > 0 ? "fit.longer" : "fit.shorter")));
    }
}
