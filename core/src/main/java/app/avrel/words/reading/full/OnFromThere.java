package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Circle the hand down in front of the hips and up to the ear: it goes on from there, and the ear is a stage of its own. */
final class OnFromThere {

    private OnFromThere() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        Item hand = null;
        boolean placed = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (item.term() instanceof Term.Mark && !item.is(Term.Mark.AND)) {
                hand = null;
            } else if (hand(item)) {
                hand = item;
                placed = false;
            } else if (hand != null && placed && goesOn(items, i)) {
                onward(said, hand, item.from());
                hand = null;
            }
            placed |= item.is(Term.Part.ABOVE_HEAD) || item.part() && item.rel() == Term.Rel.BEFORE;
            said.add(item);
        }
        return said;
    }

    private static boolean hand(Item item) {
        boolean part =
                item.is(Term.Part.HAND) || item.is(Term.Part.PALM) || item.is(Term.Part.FIST) || item.is(Term.Part.ARM);
        return part && item.rel() == null && (item.who() != null || item.many());
    }

    private static boolean goesOn(List<Item> items, int at) {
        Item item = items.get(at);
        boolean way = item.is(Term.Way.UP) || item.is(Term.Way.DOWN);
        if (!way || !items.get(at - 1).is(Term.Mark.AND) || at + 1 == items.size()) {
            return false;
        }
        Item goal = items.get(at + 1);
        return goal.is(Term.Manner.AT_SIDES) || goal.part() && goal.rel() == Term.Rel.TO;
    }

    /** In place of the "and": then the same hand again. */
    private static void onward(List<Item> said, Item hand, int at) {
        said.removeLast();
        said.add(unspoken(Term.Mark.THEN, null, false, at));
        said.add(unspoken(hand.term(), hand.who(), hand.many(), at));
    }

    private static Item unspoken(Term term, Term.@Nullable Who who, boolean many, int at) {
        return new Item(term, null, who, many, at, at, "");
    }
}
