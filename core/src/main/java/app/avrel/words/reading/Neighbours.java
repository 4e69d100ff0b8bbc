package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Costs;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.List;

/** What a run of phrases must not take from the clause before it or the one after it. */
final class Neighbours {

    private Neighbours() {}

    /** {@return what it costs to read the phrases from one place up to another as one clause, for what is not theirs} */
    static double cost(List<Item> items, int from, int to) {
        List<Item> run = items.subList(from, to);
        boolean others = verbOfNext(items, from, to) || palmOfLast(items, from, to);
        return wayOfNext(run) + (others ? 2 * Costs.LEFT_OVER : 0);
    }

    /** Up, hands to the shoulders; forward to 70, palm out: a way and then a comma is not said of what comes next, but of a foot. */
    private static double wayOfNext(List<Item> run) {
        Item first = run.getFirst();
        int at = first.term() instanceof Term.Way && first.rel() == null ? 1 : run.size();
        while (at < run.size() && !run.get(at).part() && !(run.get(at).term() instanceof Term.Act)) {
            if (run.get(at++).is(Term.Mark.COMMA)) {
                boolean footGoes = at == 2 && at < run.size() && run.get(at).is(Term.Part.FOOT);
                return footGoes ? 0 : at * Costs.LEFT_OVER;
            }
        }
        return 0;
    }

    /** Turn sixty left, move sixty to the right: a verb after a comma is said of what follows it. */
    private static boolean verbOfNext(List<Item> items, int from, int to) {
        return to - from > 1
                && to < items.size()
                && items.get(to - 1).term() instanceof Term.Act
                && (items.get(to - 1).is(Term.Act.MOVE)
                        || items.get(to).part() && items.get(to).rel() == null)
                && items.get(to - 2).soft()
                && !items.get(to).soft()
                && !items.get(to).mark();
    }

    /** Right hand to the eyes, the palm looks up, the left down: the palm is the hand's that was spoken of. */
    private static boolean palmOfLast(List<Item> items, int from, int to) {
        Item first = items.get(from);
        return first.is(Term.Part.PALM)
                && first.who() == null
                && from > 1
                && items.subList(from + 1, to).stream().anyMatch(Neighbours::hand)
                && handBefore(items, from - 1);
    }

    private static boolean handBefore(List<Item> items, int at) {
        int begin = CommaParts.begin(items, at);
        return items.subList(begin, at).stream().anyMatch(Neighbours::hand);
    }

    private static boolean hand(Item item) {
        return item.sidedLimb() && HandWords.hand(item);
    }
}
