package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Situation;
import java.util.ArrayList;
import java.util.List;

/**
 * Before the fan opens turn the waist to two: two things, and a word of order before the first. Where no comma stands between
 * them, the second begins where the whole reading has its second clause.
 */
final class OrderTold {

    private OrderTold() {}

    /** {@return the phrases, with a comma between what is told to be first and what is next} */
    static List<Item> parted(List<Item> items, Situation before) {
        List<Item> said = new ArrayList<>(items);
        for (int i = items.size() - 1; i >= 0; i--) {
            if (leads(items, i)) {
                int next = second(items.subList(i + 1, end(items, i + 1)), before);
                if (next > 0) {
                    said.add(i + 1 + next, Item.unspoken(Term.Mark.COMMA, null, items.get(i + 1 + next)));
                }
            }
        }
        return said;
    }

    /** Whether a word of order begins what is told here. */
    private static boolean leads(List<Item> items, int at) {
        Item item = items.get(at);
        boolean order = item.is(Term.Mark.BEFORE) || item.is(Term.Mark.AFTER);
        return order && (at == 0 || Stages.parts(items.get(at - 1).term()));
    }

    /** Where a comma stands, or another word of order. */
    private static int end(List<Item> items, int from) {
        int end = from;
        while (end < items.size()
                && (!(items.get(end).term() instanceof Term.Mark)
                        || items.get(end).is(Term.Mark.AND)
                        || items.get(end).is(Term.Mark.UNTIL))) {
            end++;
        }
        return end;
    }

    /** A verb, a limb with its side, the trunk: what only tells how the first is done begins nothing. */
    private static boolean begins(List<Item> clause) {
        Item item = clause.stream()
                .filter(other -> !(other.term() instanceof Term.Manner))
                .findFirst()
                .orElse(clause.getFirst());
        boolean named = item.sidedLimb()
                || item.bareSide()
                || item.both()
                || item.who() == null && item.part() && !item.is(Term.Part.PALM);
        boolean acts = item.term() instanceof Term.Act || item.term() instanceof Term.Shaped;
        return acts || item.rel() == null && named;
    }

    /** Where the second clause begins that does something and is not joined to the first; 0 where there is none. */
    private static int second(List<Item> piece, Situation before) {
        if (piece.isEmpty()) {
            return 0;
        }
        int at = 0;
        boolean first = false;
        for (Search.Said said : Search.of(piece, before).clauses()) {
            boolean does = said.fit() != null && !said.fit().moves().isEmpty();
            if (does && first && !piece.get(at - 1).is(Term.Mark.AND) && begins(said.items())) {
                return at;
            }
            first |= does;
            at += said.items().size();
        }
        return 0;
    }
}
