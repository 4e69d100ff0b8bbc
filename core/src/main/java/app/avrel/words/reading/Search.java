package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Costs;
import app.avrel.words.reading.frame.Fit;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import app.avrel.words.reading.frame.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
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
        boolean lifted = from > 0 && path.last != null && path.last.fit != null && severed(items, from);
        double cost = small ? Costs.SMALL / 2 : lifted ? 2 * Costs.LEFT_OVER + Costs.SEVERED : Costs.LEFT_OVER;
        add(best.get(from + 1), new Path(path, new Said(List.of(item), null), path.cost + cost, path.now));
    }

    private static void clauses(
            List<Item> items, int begin, int from, Path path, List<List<Path>> best, ToldApart told, KnownFits known) {
        if (items.get(from).soft()) {
            return;
        }
        double open = boundary(items, from) ? 0 : Costs.NO_BOUNDARY + (severed(items, from) ? Costs.SEVERED : 0);
        open += open == 0
                        && from > 0
                        && items.get(from - 1).is(Term.Mark.UNTIL)
                        && items.get(from).is(Term.Part.THIGH)
                        && leg(items, from)
                ? Costs.SEVERED
                : 0;
        open += liftsTrunk(items, from) || aimed(items, from) ? 2 * Costs.LEFT_OVER : 0;
        open += from > 0 && turnsThere(items, from) ? Costs.SEVERED : 0;
        open += open > 0 && onlyWhere(items.get(from)) ? Costs.SEVERED : 0;
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

    /** Turn to the right: nothing steps there. */
    private static boolean turnsThere(List<Item> items, int at) {
        return items.get(at - 1).is(Term.Act.TURN) && items.get(at).bareSide();
    }

    private static final Set<Term> GOES_UP_OR_DOWN =
            Set.of(Term.Act.LOWER, Term.Act.RAISE, Term.Act.SINK, Term.Act.RISE);

    /** Lower the leg: the leg is what is lowered. */
    private static boolean severed(List<Item> items, int at) {
        Item before = items.get(at - 1);
        boolean carried = items.get(at).term() instanceof Term.Measure
                && at > 1
                && before.is(Term.Part.FOOT)
                && items.get(at - 2).is(Term.Act.TAKE);
        boolean limb = (before.is(Term.Act.LOWER)
                        || before.is(Term.Act.RAISE)
                        || before.is(Term.Act.DRAW) && items.get(at).prop())
                && items.get(at).part()
                && items.get(at).rel() == null
                && !Severed.hasSubject(items, at - 1);
        boolean side = (before.is(Term.Act.LOWER) || before.is(Term.Act.RAISE))
                && items.get(at).bareSide()
                && (items.get(at).rel() == null || items.get(at).rel() == Term.Rel.TO)
                && items.get(at).who().side().isPresent();
        boolean verb = GOES_UP_OR_DOWN.contains(items.get(at).term()) && hand(items, at);
        boolean turned = before.is(Term.Act.TURN)
                && (items.get(at).bareSide() || items.get(at).term() instanceof Term.Num);
        boolean shifted = items.get(at).bareSide()
                && items.get(at).rel() == Term.Rel.TO
                && (before.is(Term.Act.SHIFT) || at > 1 && items.get(at - 2).is(Term.Act.SHIFT));
        boolean followed = before.is(Term.Act.FOLLOW)
                && items.get(at).bareSide()
                && items.get(at).who().side().isPresent();
        boolean stands = before.prop() && before.rel() == null && items.get(at).is(Term.Act.RISE);
        Item here = items.get(at);
        boolean upOrDown = before.part() && (here.is(Term.Way.UP) || here.is(Term.Way.DOWN));
        boolean goes = before.rel() == null
                && (upOrDown
                        || (before.is(Term.Part.PALM) || before.is(Term.Part.TIP)) && here.term() instanceof Term.Way);
        boolean ofOneWord = here.prop() && here.from() == before.from();
        boolean height = here.is(Term.Manner.HEIGHT)
                || here.is(Term.Part.THIGH)
                || here.part() && (here.rel() == Term.Rel.AT || before.is(Term.Manner.HEIGHT));
        boolean howHigh = height && leg(items, at);
        boolean looks = (before.is(Term.Act.LOOK) || before.is(Term.Part.EYES) && before.rel() == null)
                && (here.is(Term.Way.UP) || here.is(Term.Way.DOWN));
        boolean towards = here.part()
                && here.rel() == Term.Rel.TO
                && (before.is(Term.Part.PALM) || before.is(Term.Act.LOOK) || before.is(Term.Act.FACE));
        boolean soFar = here.term() instanceof Term.Measure
                && (before.is(Term.Part.KNEES_BEND) || before.is(Term.Act.SINK) || before.is(Term.Act.RISE));
        boolean fingers = before.is(Term.Part.FINGERS) && here.is(Term.Act.POINT);
        return carried || limb || side || verb || turned || shifted || followed || stands || goes || howHigh || looks
                || fingers || soFar || towards || ofOneWord;
    }

    /** The tip down, pointing to the right foot: it is what is held that points, and no foot is turned. */
    private static boolean aimed(List<Item> items, int at) {
        boolean points = items.get(at).is(Term.Act.POINT) || items.get(at).is(Term.Act.FACE);
        if (!points || at + 1 == items.size() || !items.get(at + 1).is(Term.Part.FOOT)) {
            return false;
        }
        for (int i = at - 1; i >= 0 && !items.get(i).soft(); i--) {
            if (items.get(i).prop() || items.get(i).is(Term.Part.TIP)) {
                return true;
            }
        }
        return false;
    }

    /** Raise the knee to the height of the waist, till the thigh is level: it is the leg that is so high, and no hand. */
    private static boolean leg(List<Item> items, int at) {
        boolean found = false;
        for (int i = at - 1;
                i >= 0 && !items.get(i).is(Term.Mark.COMMA) && !items.get(i).is(Term.Mark.AND);
                i--) {
            Item item = items.get(i);
            boolean hand = item.term() instanceof Term.Part part && PhraseKinds.HAND_LIMBS.contains(part);
            if (hand || item.is(Term.Part.ARM)) {
                return false;
            }
            found |= item.rel() == null && (item.is(Term.Part.KNEE) || item.is(Term.Part.LEG));
        }
        return found;
    }

    /** The staff stands upright beside the right foot: that is where it stands, and no foot steps there. */
    private static boolean onlyWhere(Item first) {
        return first.rel() == Term.Rel.BESIDE && first.is(Term.Part.FOOT);
    }

    /** Lift the chest: no foot is lifted, and the chest is not begun anew. */
    private static boolean liftsTrunk(List<Item> items, int at) {
        Item item = items.get(at);
        boolean trunk = item.is(Term.Part.CHEST) || item.is(Term.Part.HEAD) || item.is(Term.Part.CROWN);
        return at > 0 && items.get(at - 1).is(Term.Act.RAISE) && trunk && item.rel() == null;
    }

    /** Whether a hand is spoken of between the last comma and here. */
    private static boolean hand(List<Item> items, int at) {
        for (int i = at - 1; i >= 0 && !items.get(i).soft(); i--) {
            Item item = items.get(i);
            boolean hand = item.is(Term.Part.HAND) || item.is(Term.Part.PALM) || item.is(Term.Part.ARM);
            if (hand && item.rel() == null) {
                return true;
            }
        }
        return false;
    }

    private static boolean boundary(List<Item> items, int at) {
        return at == 0 || items.get(at - 1).soft();
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
