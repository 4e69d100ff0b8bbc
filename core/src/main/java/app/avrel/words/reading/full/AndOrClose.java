package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * 并左脚: the foot closes. 右掌推出并左脚上步: and. One word for both is two phrases at one place, of which one is meant: "and"
 * between two things that are done.
 */
final class AndOrClose {

    private AndOrClose() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            boolean both = i + 1 < items.size()
                    && items.get(i).is(Term.Mark.AND)
                    && items.get(i + 1).is(Term.Act.DRAW)
                    && items.get(i).from() == items.get(i + 1).from();
            if (both) {
                boolean and = i > Parts.begin(items, i) && goesOn(items, i + 2);
                said.add(items.get(and ? i : i + 1));
                i++;
            } else {
                said.add(items.get(i));
            }
        }
        return said;
    }

    /** Whether a limb is named here, or the trunk, and something is told of it. */
    private static boolean goesOn(List<Item> items, int at) {
        boolean limb = at + 1 < items.size()
                && items.get(at).part()
                && (items.get(at).rel() == null || items.get(at).rel() == Term.Rel.ON);
        return limb && !items.get(at + 1).soft() && !items.get(at + 1).mark();
    }
}
