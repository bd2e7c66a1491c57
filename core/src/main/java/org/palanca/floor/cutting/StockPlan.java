package org.palanca.floor.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Stock;

/**
 * Which pieces of one tube are sawn from which length, so that as little as can be is bought: what lies in the rack first.
 *
 * <p>The one-dimensional cutting stock problem, by patterns (P. C. Gilmore and R. E. Gomory, "A linear programming approach to the
 * cutting-stock problem", Operations Research 9, 1961; from memory): the linear programme's dual is solved, a knapsack finds the
 * pattern that breaks it most, until none does. What it then costs is a bound that no plan can go under; the patterns that were
 * found are combined to whole numbers by a general optimiser. Where the two meet the plan is proven the least.
 *
 * @param tube of all pieces
 * @param sawn each length that is sawn, with its pieces in order
 * @param bought how much is bought in all [m]
 * @param least no plan buys less [m]
 * @param tooLong pieces that no length is long enough for, by name
 */
public record StockPlan(LinkTube tube, List<Sawn> sawn, double bought, double least, List<String> tooLong) {
    /** Lengths are counted in so many parts of a metre: half millimetres, pieces rounded up and bars down. */
    private static final double UNITS = 2_000;

    private static final double SLACK = 1e-7;
    /** With more patterns than this whole numbers are not looked for: rounding does nearly as well. */
    private static final int MOST_PATTERNS = 400;

    /** So long the patterns may take, and then the whole numbers [ms]; what is not proven by then is told as it is. */
    private static final long PATIENCE = 600;

    /**
     * A piece to be sawn.
     *
     * @param name what is punched into it
     * @param length [m]
     */
    public record Piece(String name, double length) {}

    /**
     * One length that is sawn up.
     *
     * @param stock where it is from
     * @param pieces from one end, the longest first
     * @param left what remains of it, without its last kerf [m]
     */
    public record Sawn(Stock.Bar stock, List<Piece> pieces, double left) {
        public Sawn {
            pieces = List.copyOf(pieces);
        }
    }

    public StockPlan {
        sawn = List.copyOf(sawn);
        tooLong = List.copyOf(tooLong);
    }

    /** Whether nothing less can be bought. */
    public boolean proven() {
        return bought <= least + SLACK;
    }

    /** A plan for each tube that links are made of, in the order of the links; those without a length are left out. */
    public static List<StockPlan> of(List<LinkCut> cuts, Stock stock) {
        List<String> marks = PunchMarks.of(cuts);
        Map<LinkTube, List<Piece>> byTube = new LinkedHashMap<>();
        for (int i = 0; i < cuts.size(); i++) {
            LinkCut cut = cuts.get(i);
            if (cut.makeable() && cut.sawn().isPresent()) {
                byTube.computeIfAbsent(cut.tube(), tube -> new ArrayList<>())
                        .add(new Piece(marks.get(i), cut.sawn().getAsDouble()));
            }
        }
        List<StockPlan> plans = new ArrayList<>();
        Stock left = stock;
        for (Map.Entry<LinkTube, List<Piece>> one : byTube.entrySet()) {
            StockPlan plan = of(one.getKey(), one.getValue(), left);
            plans.add(plan);
            // A bar whose material nobody said fits more than one tube, but is sawn up once.
            left = plan.without(left);
        }
        return plans;
    }

    /** The stock without what is sawn of the rack. */
    private Stock without(Stock stock) {
        List<Stock.Bar> bars = new ArrayList<>(stock.bars());
        for (Sawn one : sawn) {
            for (int i = 0; i < bars.size(); i++) {
                Stock.Bar bar = bars.get(i);
                boolean same = bar.tube().equals(one.stock().tube())
                        && bar.length() == one.stock().length();
                if (same && one.stock().count().isPresent() && bar.count().orElse(0) > 0) {
                    bars.set(
                            i,
                            new Stock.Bar(
                                    bar.tube(),
                                    bar.length(),
                                    OptionalInt.of(bar.count().getAsInt() - 1)));
                    break;
                }
            }
        }
        return stock.withBars(bars);
    }

    /** A plan for the pieces of one tube. */
    public static StockPlan of(LinkTube tube, List<Piece> pieces, Stock stock) {
        List<Stock.Bar> bars = stock.of(tube);
        double sold = bars.stream()
                .filter(bar -> bar.count().isEmpty())
                .mapToDouble(Stock.Bar::length)
                .max()
                .orElse(0);
        // A piece longer than what is sold needs a bar of the rack to itself, or has none.
        List<Double> longBars = new ArrayList<>();
        bars.stream()
                .filter(bar -> bar.count().isPresent() && bar.length() > sold)
                .forEach(bar -> longBars.addAll(Collections.nCopies(bar.count().getAsInt(), bar.length())));
        longBars.sort(null);
        List<Piece> fitting = new ArrayList<>();
        List<String> tooLong = new ArrayList<>();
        for (Piece piece : pieces) {
            Optional<Double> own = longBars.stream()
                    .filter(bar -> bar >= piece.length() - SLACK)
                    .findFirst();
            if (piece.length() <= sold + SLACK) {
                fitting.add(piece);
            } else if (own.isPresent()) {
                longBars.remove(own.get());
                fitting.add(piece);
            } else {
                tooLong.add(piece.name());
            }
        }
        if (fitting.isEmpty()) {
            return new StockPlan(tube, List.of(), 0, 0, tooLong);
        }
        return new Search(tube, bars, fitting, stock.kerf(), tooLong).run();
    }

    /** So many of each size out of one kind of bar. */
    private record Pattern(int bar, int[] counts) {
        boolean same(Pattern other) {
            return bar == other.bar && Arrays.equals(counts, other.counts);
        }
    }

    /** Pieces of one size: as long as the longest of them that rounds to the same. */
    private record Size(int units, List<Piece> pieces) {}

    private static final class Search {
        private final LinkTube tube;
        private final List<Stock.Bar> bars;
        private final double kerf;
        private final List<String> tooLong;
        private final List<Size> sizes = new ArrayList<>();
        private final int[] capacity;
        private final List<Pattern> patterns = new ArrayList<>();

        Search(LinkTube tube, List<Stock.Bar> bars, List<Piece> pieces, double kerf, List<String> tooLong) {
            this.tube = tube;
            this.bars = bars;
            this.kerf = kerf;
            this.tooLong = tooLong;
            List<Piece> sorted = new ArrayList<>(pieces);
            sorted.sort(Comparator.comparingDouble(Piece::length).reversed());
            for (Piece piece : sorted) {
                int units = (int) Math.ceil((piece.length() + kerf) * UNITS - SLACK);
                Size last = sizes.isEmpty() ? null : sizes.get(sizes.size() - 1);
                if (last != null && last.units() == units) {
                    last.pieces().add(piece);
                } else {
                    sizes.add(new Size(units, new ArrayList<>(List.of(piece))));
                }
            }
            // A last piece that ends where the bar does needs no cut.
            capacity = bars.stream()
                    .mapToInt(bar -> (int) Math.floor((bar.length() + kerf) * UNITS + SLACK))
                    .toArray();
        }

        StockPlan run() {
            List<List<Pattern>> plans = new ArrayList<>();
            for (int bar = 0; bar < bars.size(); bar++) {
                if (bars.get(bar).count().isEmpty()) {
                    plans.add(longestFirst(bar, List.of()));
                }
            }
            plans.forEach(plan -> plan.forEach(this::keep));
            begin();
            double least = Math.max(byLength(), bound());
            double[] parts = parts();
            for (int bar = 0; bar < bars.size(); bar++) {
                if (bars.get(bar).count().isEmpty()) {
                    plans.add(longestFirst(bar, rounded(parts)));
                }
            }
            List<Pattern> best = cheapest(plans);
            if (cost(best) > least + SLACK && patterns.size() <= MOST_PATTERNS) {
                plans.add(whole());
                best = cheapest(plans);
            }
            return plan(best, least);
        }

        /** The least cost by lengths alone: no bar yields more than its length. */
        private double byLength() {
            double wanted = sizes.stream()
                    .mapToDouble(size -> (double) size.units() * size.pieces().size())
                    .sum();
            double least = Double.MAX_VALUE;
            for (int bar = 0; bar < bars.size(); bar++) {
                if (bars.get(bar).count().isEmpty()) {
                    least = Math.min(least, cost(bar) / capacity[bar]);
                }
            }
            for (int bar = 0; bar < bars.size(); bar++) {
                wanted -= (double) capacity[bar] * bars.get(bar).count().orElse(0);
            }
            return Math.max(0, wanted) * least;
        }

        private List<Pattern> cheapest(List<List<Pattern>> plans) {
            return plans.stream()
                    .filter(plan -> !plan.isEmpty())
                    .min(Comparator.comparingDouble((List<Pattern> plan) -> Math.round(cost(plan) * UNITS))
                            .thenComparingDouble(plan -> -outOfRack(plan)))
                    .orElseThrow();
        }

        /** How much of what is sawn comes out of the rack: offcuts are used up first where no more is bought by that. */
        private double outOfRack(List<Pattern> plan) {
            double all = 0;
            for (Pattern pattern : plan) {
                for (int i = 0;
                        i < sizes.size() && bars.get(pattern.bar()).count().isPresent();
                        i++) {
                    all += (double) pattern.counts()[i] * sizes.get(i).units();
                }
            }
            return all;
        }

        private double cost(List<Pattern> plan) {
            return plan.stream().mapToDouble(one -> cost(one.bar())).sum();
        }

        /** What is bought with it: what lies in the rack costs nothing. */
        private double cost(int bar) {
            Stock.Bar one = bars.get(bar);
            return one.count().isPresent() ? 0 : one.length();
        }

        /** One pattern a size and bar: what the linear programme begins with. */
        private void begin() {
            for (int bar = 0; bar < bars.size(); bar++) {
                for (int i = 0; i < sizes.size(); i++) {
                    int[] counts = new int[sizes.size()];
                    counts[i] = Math.min(
                            sizes.get(i).pieces().size(),
                            capacity[bar] / sizes.get(i).units());
                    keep(new Pattern(bar, counts));
                }
            }
        }

        /**
         * The rack's bars and then bars of one length that is sold, each filled with the longest that still fits; begun with some
         * that are sawn already. Empty where a piece fits into none.
         */
        private List<Pattern> longestFirst(int sold, List<Pattern> begun) {
            List<Pattern> all = new ArrayList<>(begun);
            int[] left = sizes.stream().mapToInt(size -> size.pieces().size()).toArray();
            int[] rack = bars.stream().mapToInt(bar -> bar.count().orElse(0)).toArray();
            for (Pattern pattern : begun) {
                rack[pattern.bar()]--;
                for (int i = 0; i < left.length; i++) {
                    left[i] = Math.max(0, left[i] - pattern.counts()[i]);
                }
            }
            List<Integer> order = new ArrayList<>();
            for (int bar = 0; bar < bars.size(); bar++) {
                for (int count = 0; count < rack[bar]; count++) {
                    order.add(bar);
                }
            }
            // What only a long bar of the rack takes must find it still there.
            order.sort(Comparator.comparingInt((Integer bar) -> -capacity[bar]));
            for (int next = 0; Arrays.stream(left).sum() > 0; next++) {
                int bar = next < order.size() ? order.get(next) : sold;
                int[] counts = new int[left.length];
                int room = capacity[bar];
                for (int i = 0; i < counts.length; i++) {
                    counts[i] = Math.min(left[i], room / sizes.get(i).units());
                    room -= counts[i] * sizes.get(i).units();
                    left[i] -= counts[i];
                }
                if (Arrays.stream(counts).sum() > 0) {
                    all.add(new Pattern(bar, counts));
                } else if (next >= order.size()) {
                    return List.of();
                }
            }
            return all;
        }

        /** The whole part of how often each pattern is sawn where parts of a bar could be. */
        private List<Pattern> rounded(double[] parts) {
            List<Pattern> all = new ArrayList<>();
            for (int p = 0; p < parts.length; p++) {
                for (int time = 1; time <= parts[p] + SLACK; time++) {
                    all.add(patterns.get(p));
                }
            }
            return all;
        }

        private boolean keep(Pattern pattern) {
            boolean empty = Arrays.stream(pattern.counts()).sum() == 0;
            if (empty || patterns.stream().anyMatch(pattern::same)) {
                return false;
            }
            patterns.add(pattern);
            return true;
        }

        /**
         * The linear programme by its dual: what a piece of each size is worth, and a bar of the rack. Gives the least cost, or
         * where time runs out what the worths bound it by once they are scaled down to break no pattern (A. A. Farley, "A note
         * on bounding a class of linear programming problems", Operations Research 38, 1990; from memory).
         */
        private double bound() {
            int n = sizes.size();
            long end = System.nanoTime() + PATIENCE * 1_000_000;
            double least = 0;
            while (System.nanoTime() < end) {
                ExpressionsBasedModel model = new ExpressionsBasedModel();
                List<Variable> worth = new ArrayList<>();
                for (Size size : sizes) {
                    worth.add(model.newVariable("size" + worth.size())
                            .lower(0)
                            .weight(size.pieces().size()));
                }
                for (Stock.Bar bar : bars) {
                    int count = bar.count().orElse(0);
                    Variable rack = model.newVariable("rack" + worth.size()).lower(0);
                    worth.add(
                            bar.count().isPresent()
                                    ? rack.weight(-count)
                                    : rack.upper(0).weight(0));
                }
                for (int p = 0; p < patterns.size(); p++) {
                    Pattern pattern = patterns.get(p);
                    Expression sum = model.newExpression("pattern" + p).upper(cost(pattern.bar()));
                    for (int i = 0; i < n; i++) {
                        if (pattern.counts()[i] > 0) {
                            sum.set(worth.get(i), pattern.counts()[i]);
                        }
                    }
                    sum.set(worth.get(n + pattern.bar()), -1);
                }
                Optimisation.Result dual = model.maximise();
                if (!dual.getState().isOptimal()) {
                    return least;
                }
                boolean more = false;
                double broken = 1;
                double given = 0;
                double[] worths = new double[n];
                for (int i = 0; i < n; i++) {
                    worths[i] = dual.doubleValue(i);
                }
                for (int bar = 0; bar < bars.size(); bar++) {
                    Pattern best = best(bar, worths);
                    double value = -dual.doubleValue(n + bar);
                    for (int i = 0; i < n; i++) {
                        value += best.counts()[i] * worths[i];
                    }
                    if (bars.get(bar).count().isPresent()) {
                        // Its own worth takes up what a pattern of it breaks.
                        given += Math.max(0, value) * bars.get(bar).count().getAsInt();
                    } else {
                        broken = Math.max(broken, value / cost(bar));
                    }
                    more |= value > cost(bar) + SLACK && keep(best);
                }
                least = Math.max(least, (dual.getValue() - given) / broken);
                if (!more) {
                    return least;
                }
            }
            return least;
        }

        /** How often each pattern is sawn where a part of a bar may be: the linear programme itself. */
        private double[] parts() {
            Optimisation.Result result = model(false).minimise();
            double[] parts = new double[patterns.size()];
            for (int p = 0; p < parts.length; p++) {
                parts[p] = result.getState().isFeasible() ? result.doubleValue(p) : 0;
            }
            return parts;
        }

        /** The pattern of most worth out of a bar: a knapsack with no more of a size than are wanted. */
        private Pattern best(int bar, double[] worth) {
            int room = capacity[bar];
            double[] value = new double[room + 1];
            int[][] taken = new int[sizes.size()][room + 1];
            for (int i = 0; i < sizes.size(); i++) {
                int length = sizes.get(i).units();
                int most = sizes.get(i).pieces().size();
                double[] next = value.clone();
                for (int at = length; at <= room; at++) {
                    for (int count = 1; count <= most && count * length <= at; count++) {
                        double with = value[at - count * length] + count * worth[i];
                        if (with > next[at] + SLACK) {
                            next[at] = with;
                            taken[i][at] = count;
                        }
                    }
                }
                value = next;
            }
            int[] counts = new int[sizes.size()];
            int at = room;
            for (int i = sizes.size() - 1; i >= 0; i--) {
                counts[i] = taken[i][at];
                at -= counts[i] * sizes.get(i).units();
            }
            return new Pattern(bar, counts);
        }

        /** In whole numbers; empty where none was found in time. */
        private List<Pattern> whole() {
            Optimisation.Result result = model(true).minimise();
            List<Pattern> all = new ArrayList<>();
            if (result.getState().isFeasible()) {
                for (int p = 0; p < patterns.size(); p++) {
                    all.addAll(Collections.nCopies((int) Math.round(result.doubleValue(p)), patterns.get(p)));
                }
            }
            return all;
        }

        /** As often as each pattern is sawn, at the least cost, every piece is made and the rack has the bars. */
        private ExpressionsBasedModel model(boolean wholeNumbers) {
            ExpressionsBasedModel model = new ExpressionsBasedModel();
            model.options.time_abort = PATIENCE;
            List<Variable> times = new ArrayList<>();
            for (int p = 0; p < patterns.size(); p++) {
                times.add(model.newVariable("pattern" + p)
                        .lower(0)
                        .upper(wanted(patterns.get(p)))
                        .integer(wholeNumbers)
                        .weight(cost(patterns.get(p).bar())));
            }
            for (int i = 0; i < sizes.size(); i++) {
                Expression made = model.newExpression("size" + i)
                        .lower(sizes.get(i).pieces().size());
                for (int p = 0; p < patterns.size(); p++) {
                    if (patterns.get(p).counts()[i] > 0) {
                        made.set(times.get(p), patterns.get(p).counts()[i]);
                    }
                }
            }
            for (int k = 0; k < bars.size(); k++) {
                if (bars.get(k).count().isPresent()) {
                    Expression rack = model.newExpression("rack" + k)
                            .upper(bars.get(k).count().getAsInt());
                    for (int p = 0; p < patterns.size(); p++) {
                        if (patterns.get(p).bar() == k) {
                            rack.set(times.get(p), 1);
                        }
                    }
                }
            }
            return model;
        }

        /** A pattern is sawn no more often than uses up what it makes. */
        private int wanted(Pattern pattern) {
            int most = 0;
            for (int i = 0; i < sizes.size(); i++) {
                if (pattern.counts()[i] > 0) {
                    int size = sizes.get(i).pieces().size();
                    most = Math.max(most, (size + pattern.counts()[i] - 1) / pattern.counts()[i]);
                }
            }
            return most;
        }

        private StockPlan plan(List<Pattern> chosen, double leastCost) {
            List<List<Piece>> left = new ArrayList<>();
            sizes.forEach(size -> left.add(new ArrayList<>(size.pieces())));
            List<Sawn> all = new ArrayList<>();
            double bought = 0;
            for (Pattern pattern : chosen) {
                List<Piece> pieces = new ArrayList<>();
                for (int i = 0; i < sizes.size(); i++) {
                    for (int count = 0;
                            count < pattern.counts()[i] && !left.get(i).isEmpty();
                            count++) {
                        pieces.add(left.get(i).remove(0));
                    }
                }
                if (!pieces.isEmpty()) {
                    Stock.Bar bar = bars.get(pattern.bar());
                    double used = pieces.stream()
                            .mapToDouble(piece -> piece.length() + kerf)
                            .sum();
                    all.add(new Sawn(bar, pieces, Math.max(0, bar.length() - used)));
                    bought += bar.count().isPresent() ? 0 : bar.length();
                }
            }
            all.sort(Comparator.comparing((Sawn one) -> one.stock().count().isEmpty())
                    .thenComparingDouble(Sawn::left));
            return new StockPlan(tube, all, bought, least(leastCost, bought), tooLong);
        }

        /** The bound on what is bought: lengths are sold whole, so it is rounded up where they are all alike. */
        private double least(double bound, double bought) {
            double[] sold = bars.stream()
                    .filter(bar -> bar.count().isEmpty())
                    .mapToDouble(Stock.Bar::length)
                    .distinct()
                    .toArray();
            double least = sold.length == 1 ? sold[0] * Math.ceil(bound / sold[0] - 1e-6) : bound;
            return Math.min(bought, least);
        }
    }
}
