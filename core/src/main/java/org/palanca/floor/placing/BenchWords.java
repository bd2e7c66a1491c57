package org.palanca.floor.placing;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Message;

/** Where brackets go on the bench, in words. */
public final class BenchWords {
    /** An angle finder shows a tenth of a degree; half of that is nothing [rad]. */
    private static final double NOTHING = Math.toRadians(0.05);

    private BenchWords() {}

    /** One bracket: along the tube, square to it, round it, and its bolts, a sentence each. */
    public static List<Message> of(BenchPlacing.Row row) {
        List<Message> all = new ArrayList<>();
        String side = "side." + row.side().id();
        all.add(
                row.fromEnd().isPresent()
                        ? Message.of(
                                "bench_placing.along",
                                Message.length(row.fromEnd().getAsDouble()),
                                Message.of(side),
                                Message.length(row.fromPinion()))
                        : Message.of("bench_placing.along_pinion", Message.length(row.fromPinion()), Message.of(side)));
        all.add(Message.of(
                "bench_placing.square",
                Message.length(Math.abs(row.towardsNose())),
                Message.of(row.towardsNose() < 0 ? "bench_placing.behind" : "bench_placing.ahead"),
                Message.length(Math.abs(row.up())),
                Message.of(row.up() < 0 ? "bench_placing.below" : "bench_placing.above")));
        Message way = Message.of(row.clock() < 0 ? "bench_placing.from_nose" : "bench_placing.to_nose");
        all.add(
                row.round().isPresent()
                        ? Message.of(
                                "bench_placing.round",
                                Message.angle(Math.abs(row.clock())),
                                way,
                                Message.length(Math.abs(row.round().getAsDouble())),
                                Message.length(row.padToHole().orElseThrow()))
                        : Message.of("bench_placing.clock", Message.angle(Math.abs(row.clock())), way));
        row.bolts().forEach(bolt -> all.add(bolt(bolt)));
        return all;
    }

    private static Message bolt(BenchPlacing.Bolt bolt) {
        Message tilt = Math.abs(bolt.tilt()) < NOTHING
                ? Message.of("placing.bolt_level")
                : Message.of(
                        bolt.tilt() > 0 ? "placing.bolt_left_up" : "placing.bolt_left_down",
                        Message.angle(Math.abs(bolt.tilt())));
        Message turn = Math.abs(bolt.turn()) < NOTHING
                ? Message.of("placing.turn_straight")
                : Message.of(
                        bolt.turn() > 0 ? "bench_placing.turn_nose" : "bench_placing.turn_away",
                        Message.angle(Math.abs(bolt.turn())));
        return Message.of("bench_placing.bolt", bolt.link(), tilt, turn);
    }

    /** How unlike the two sides must read from their ends. */
    public static Message of(BenchPlacing.Pair pair) {
        return Message.of(
                "bench_placing.pair",
                pair.stem(),
                Message.length(Math.abs(pair.leftMore())),
                Message.of(pair.leftMore() > 0 ? "bench_placing.more" : "bench_placing.less"));
    }
}
