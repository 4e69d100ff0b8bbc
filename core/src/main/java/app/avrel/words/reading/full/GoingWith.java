package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** 随着腰左转，重心右移: what follows goes with what is told first, and nothing follows the waist. */
final class GoingWith {

    private GoingWith() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 1 < said.size(); i++) {
            boolean begins = i == 0 || said.get(i - 1).soft() || said.get(i - 1).mark();
            if (begins && said.get(i).is(Term.Act.FOLLOW) && moves(said, i + 1)) {
                said.set(i, said.get(i).as(Term.Mark.WHILE));
            }
        }
        return said;
    }

    /** A limb or the trunk that does something of its own, up to a comma; one looks at what one's eyes follow. */
    private static boolean moves(List<Item> items, int from) {
        boolean lifted = items.get(from).is(Term.Act.RAISE) && from + 1 < items.size();
        Item first = items.get(lifted ? from + 1 : from);
        boolean trunk = first.is(Term.Part.WAIST) || first.is(Term.Part.BODY) || first.is(Term.Part.WEIGHT);
        boolean moves = false;
        int at = from;
        while (at < items.size() && !items.get(at).soft() && !items.get(at).mark()) {
            Item item = items.get(at++);
            if (item.is(Term.Act.LOOK)) {
                return false;
            }
            moves |= item.term() instanceof Term.Act || item.term() instanceof Term.Hall;
        }
        return moves && first.rel() == null && (first.sidedLimb() || trunk) && at < items.size();
    }
}
