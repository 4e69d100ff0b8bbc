package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Costs;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import app.avrel.words.reading.frame.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Finds the cheapest whole reading of a piece: which phrases make one clause, and what each clause says. */
final class Search {

    /** How many readings of the beginning are kept at each place. */
    private static final int KEPT = 2;

    /** The most limbs that one clause names: the two hands, and what they are placed against. */
    private static final int MOST_SUBJECTS = 3;

    /** The longest clause, in phrases. */
    private static final int LONGEST = 40;

    /**
     * A clause as it was read.
     *
     * @param items its phrases
     * @param fit what it says; null where these phrases are left over
     */
    record Said(List<Item> items, Fit fit) {

        String text() {
            return items.stream().map(Item::text).collect(Collectors.joining(" "));
        }
    }

    /** A reading of the beginning. */
    private record Path(@Nullable Path before, @Nullable Said last, double cost, Situation now) {}

    /** The cheapest reading: its clauses in order, and what is known after it. */
    record Found(List<Said> clauses, double cost, Situation now) {}

    private Search() {}

    static Found of(List<Item> items, Situation now) {
        return of(items, 0, now, new KnownFits());
    }

    /**
     * {@return the cheapest reading of a part of a piece}
     *
     * @param begin where in the piece the part begins
     * @param known what is known already of phrases of that piece
     */
    static Found of(List<Item> items, int begin, Situation now, KnownFits known) {
        int n = items.size();
        List<List<Path>> best = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            best.add(new ArrayList<>());
        }
        best.getFirst().add(new Path(null, null, 0, now));
        ToldApart apart = new ToldApart(items, begin, now, known);
        for (int from = 0; from < n; from++) {
            for (Path path : List.copyOf(best.get(from))) {
                leave(items, from, path, best);
                clauses(items, begin, from, path, best, apart, known);
            }
        }
        return found(best.get(n).getFirst());
    }

    /** One phrase that belongs to no clause. */
    private static void leave(List<Item> items, int from, Path path, List<List<Path>> best) {
        Item item = items.get(from);
        boolean small = Leftover.small(item) || item.soft();
        boolean lifted = from > 0 && path.last != null && path.last.fit != null && Cuts.severed(items, from);
        double cost = small ? Costs.SMALL / 2 : lifted ? 2 * Costs.LEFT_OVER + Costs.SEVERED : Costs.LEFT_OVER;
        add(best.get(from + 1), new Path(path, new Said(List.of(item), null), path.cost + cost, path.now));
    }

    private static void clauses(
            List<Item> items, int begin, int from, Path path, List<List<Path>> best, ToldApart told, KnownFits known) {
        if (items.get(from).soft()) {
            return;
        }
        double open = Cuts.cost(items, from);
        int most = Math.min(items.size(), from + LONGEST);
        int subjects = 0;
        double inside = 0;
        double passed = 0;
        for (int to = from + 1; to <= most; to++) {
            Item last = items.get(to - 1);
            if (last.soft()) {
                passed += last.is(Term.Mark.AND) ? Costs.AND_INSIDE : Costs.COMMA_INSIDE;
                continue;
            }
            inside += passed;
            passed = 0;
            subjects += last.part() && last.rel() == null && last.who() != null ? 1 : 0;
            if (subjects > MOST_SUBJECTS
                    || !worth(best.get(to), path.cost + open + Costs.CLAUSE + inside)
                    || inside > 0 && told.apart(from, to)) {
                continue;
            }
            List<Item> run = items.subList(from, to);
            boolean apart = open > 0 && Severed.from(items, from, to);
            double taken = (apart ? 2 * Costs.SEVERED : 0)
                    + Neighbours.cost(items, from, to)
                    + (KickSaid.elsewhere(items, from, to) ? 2 * Costs.LEFT_OVER : 0);
            double left = dearest(best.get(to)) - path.cost - open - taken;
            for (Fit fit : known.read(begin + from, run, path.now, left)) {
                double cost = path.cost + open + taken + fit.cost();
                cost += inside > 0 && worth(best.get(to), cost) ? told.swallowed(from, to, fit) : 0;
                if (worth(best.get(to), cost)) {
                    add(best.get(to), new Path(path, new Said(run, fit), cost, fit.after(path.now)));
                }
            }
        }
    }

    private static boolean worth(List<Path> kept, double cost) {
        return cost < dearest(kept);
    }

    /** What a reading may cost at most to be kept. */
    private static double dearest(List<Path> kept) {
        return kept.size() < KEPT ? Double.POSITIVE_INFINITY : kept.getLast().cost;
    }

    private static void add(List<Path> kept, Path path) {
        int at = 0;
        while (at < kept.size() && kept.get(at).cost <= path.cost) {
            at++;
        }
        kept.add(at, path);
        if (kept.size() > KEPT) {
            kept.removeLast();
        }
    }

    private static Found found(Path last) {
        List<Said> clauses = new ArrayList<>();
        for (Path path = last; path.last != null; path = path.before) {
            clauses.addFirst(path.last);
        }
        return new Found(clauses, last.cost, last.now);
    }
}
