package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * The right palm at the same time pushes forward, rises at the same time to the chest: what is said in the middle of a
 * clause joins the whole clause to the one before, and does not part the hand from what it does.
 */
final class AtTheSameTime {

    private AtTheSameTime() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            int begin = Parts.begin(said, i - 1);
            if (said.get(i).is(Term.Mark.WHILE) && begin < i && inside(said, begin, i)) {
                lead(said, begin, i);
            }
        }
        return said;
    }

    private static boolean inside(List<Item> items, int begin, int at) {
        Item next = items.get(at + 1);
        return subject(items.get(begin))
                && (at == begin + 1 && next.term() instanceof Term.Act
                        || at == begin + 2 && items.get(at - 1).term() instanceof Term.Act && goal(next));
    }

    private static boolean subject(Item item) {
        return item.rel() == null && item.part() && !item.mark();
    }

    private static boolean goal(Item item) {
        return item.rel() == Term.Rel.TO
                || item.term() instanceof Term.Num
                || item.term() instanceof Term.Angle
                || item.term() instanceof Term.Way;
    }

    /** Says it before the clause, in place of a comma or an "and"; where the line begins there is nothing to join it to. */
    private static void lead(List<Item> said, int begin, int at) {
        Item together = said.remove(at);
        int first = begin;
        while (first > 0 && said.get(first - 1).soft()) {
            said.remove(--first);
        }
        if (first > 0 && !said.get(first - 1).mark()) {
            said.add(first, together);
        }
    }
}
