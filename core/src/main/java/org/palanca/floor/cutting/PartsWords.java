package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.vehicle.hardware.Thread;

/** What has to lie on the bench, in words. */
public final class PartsWords {
    private PartsWords() {}

    /** A line a tube and a piece: how many, of what thread and hand, with the spares. */
    public static List<String> of(PartsCount count, Words words) {
        List<String> all = new ArrayList<>();
        count.tubes()
                .forEach((tube, length) -> all.add(words.text(
                        (tube.solid() ? "bench.bar" : "bench.tube")
                                + (tube.material().isEmpty() ? "" : "_of"),
                        Message.length(length),
                        Message.length(tube.outside()),
                        Message.fine(tube.wall()),
                        tube.material())));
        for (PartsCount.Piece piece : count.pieces()) {
            String thread = piece.thread().map(Thread::text).orElseGet(() -> words.text("bench.thread_unknown"));
            String name = piece.what() == PartsCount.What.JOINT
                    ? (piece.name().isEmpty() ? words.text("end." + piece.kind().id()) : piece.name())
                    : words.text("bench." + (piece.what() == PartsCount.What.INSERT ? "insert" : "jam_nut"));
            String line = piece.hand()
                    .map(hand -> words.text(
                            "bench.threaded",
                            Integer.toString(piece.count() + piece.spare()),
                            name,
                            thread,
                            words.text("hand." + hand.id())))
                    .orElseGet(() -> words.text("bench.welded", Integer.toString(piece.count()), name));
            all.add(piece.spare() > 0 ? line + " " + words.text("bench.spare") : line);
        }
        if (count.unknown() > 0) {
            all.add(words.text("bench.unknown", Integer.toString(count.unknown())));
        }
        return all;
    }
}
