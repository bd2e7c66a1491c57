package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * What has to lie on the bench before the first link is made, by hand of thread.
 *
 * @param links how many
 * @param unknown how many of them have no cut length yet
 * @param tubes length of each kind of tube, saw cuts included [m]
 * @param pieces joints, inserts and jam nuts by thread and hand, and what is welded in
 */
public record PartsCount(int links, int unknown, Map<LinkTube, Double> tubes, List<Piece> pieces) {
    /** What a piece is. */
    public enum What {
        JOINT,
        INSERT,
        JAM_NUT
    }

    /**
     * So many of one piece.
     *
     * @param what it is
     * @param kind of the end that it belongs to
     * @param name of that end as it is ordered
     * @param thread where it has one and that is known
     * @param hand of its thread; empty for what is welded
     * @param count needed
     * @param spare besides: one jam nut of each hand, for one short holds the job up
     */
    public record Piece(
            What what,
            LinkEnd.Kind kind,
            String name,
            Optional<Thread> thread,
            Optional<Hand> hand,
            int count,
            int spare) {
        private Piece more() {
            return new Piece(what, kind, name, thread, hand, count + 1, spare);
        }

        private boolean same(Piece other) {
            return what == other.what
                    && kind == other.kind
                    && (what == What.JAM_NUT || name.equals(other.name))
                    && thread.equals(other.thread)
                    && hand.equals(other.hand);
        }
    }

    /**
     * Counts for these links.
     *
     * @param kerf width of a saw cut [m]
     */
    public static PartsCount of(List<LinkCut> cuts, double kerf) {
        Map<LinkTube, Double> tubes = new LinkedHashMap<>();
        List<Piece> pieces = new ArrayList<>();
        int unknown = 0;
        for (LinkCut cut : cuts) {
            if (cut.tubeLength().isEmpty()) {
                unknown++;
            } else if (cut.makeable()) {
                tubes.merge(cut.tube(), cut.sawn().orElseThrow() + kerf, Double::sum);
            }
            for (EndCut end : cut.ends()) {
                add(end.end(), pieces);
            }
        }
        return new PartsCount(cuts.size(), unknown, tubes, List.copyOf(pieces));
    }

    private static void add(LinkEnd end, List<Piece> pieces) {
        if (end.kind() == LinkEnd.Kind.WELDED || end.kind() == LinkEnd.Kind.UNKNOWN) {
            return;
        }
        Optional<ThreadedShank> shank = end.shank().filter(one -> end.kind().threaded());
        Optional<Thread> thread = shank.flatMap(ThreadedShank::thread);
        Optional<Hand> hand = shank.map(ThreadedShank::hand);
        count(new Piece(What.JOINT, end.kind(), end.name(), thread, hand, 1, 0), pieces);
        if (shank.isPresent()) {
            count(new Piece(What.INSERT, LinkEnd.Kind.ROD_END, "", thread, hand, 1, 0), pieces);
            count(new Piece(What.JAM_NUT, LinkEnd.Kind.ROD_END, "", thread, hand, 1, 1), pieces);
        }
    }

    private static void count(Piece piece, List<Piece> pieces) {
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i).same(piece)) {
                pieces.set(i, pieces.get(i).more());
                return;
            }
        }
        pieces.add(piece);
    }

    /** How many of a piece are needed of a hand, whatever its thread; spares not counted. */
    public int needed(What what, Hand hand) {
        return pieces.stream()
                .filter(piece -> piece.what() == what && piece.hand().equals(Optional.of(hand)))
                .mapToInt(Piece::count)
                .sum();
    }
}
