package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Stock;

/** Which piece is sawn from which length, in words. */
public final class StockWords {
    private StockWords() {}

    /** What to buy and whether less would do, then a line a length that is sawn up. */
    public static List<String> of(StockPlan plan, Stock stock, Words words) {
        List<String> all = new ArrayList<>();
        LinkTube tube = plan.tube();
        Object size = words.text(
                (tube.solid() ? "bench.stock_bar" : "bench.stock_tube")
                        + (tube.material().isEmpty() ? "" : "_of"),
                Message.length(tube.outside()),
                Message.fine(tube.wall()),
                tube.material());
        boolean assumed = stock.bars().stream().noneMatch(bar -> bar.count().isEmpty() && bar.fits(tube));
        if (plan.bought() > 0) {
            all.add(words.text(
                    assumed ? "stock.buy_assumed" : "stock.buy", size, bars(plan), words.text(verdict(plan))));
        } else if (!plan.sawn().isEmpty()) {
            all.add(words.text("stock.rack_does", size));
        }
        for (StockPlan.Sawn sawn : plan.sawn()) {
            StringBuilder pieces = new StringBuilder();
            for (StockPlan.Piece piece : sawn.pieces()) {
                pieces.append(pieces.isEmpty() ? "" : ", ")
                        .append(words.text("stock.piece", piece.name(), Message.length(piece.length())));
            }
            all.add(words.text(
                    sawn.stock().count().isPresent() ? "stock.from_rack" : "stock.from_bought",
                    Message.length(sawn.stock().length()),
                    pieces.toString(),
                    Message.length(sawn.left())));
        }
        for (String piece : plan.tooLong()) {
            all.add(words.text("stock.too_long", piece));
        }
        return all;
    }

    private static Message verdict(StockPlan plan) {
        return plan.proven()
                ? Message.of("stock.proven")
                : Message.of("stock.gap", Message.length(plan.bought() - plan.least()));
    }

    /** The lengths to buy: how many of each. */
    private static Message bars(StockPlan plan) {
        List<Double> lengths = plan.sawn().stream()
                .filter(sawn -> sawn.stock().count().isEmpty())
                .map(sawn -> sawn.stock().length())
                .toList();
        @Nullable Message all = null;
        for (double length : lengths.stream().distinct().toList()) {
            long count = lengths.stream().filter(one -> one == length).count();
            Message some = Message.of("stock.bars", Long.toString(count), Message.length(length));
            all = all == null ? some : Message.of("list.and", all, some);
        }
        return Objects.requireNonNull(all, "something is bought");
    }
}
