package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The right hand waits at the hip: it is the hand that stays there, and not the whole count that stands still. */
final class WaitingLimb {

    private WaitingLimb() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i < said.size(); i++) {
            if (said.get(i).is(Term.Manner.HELD) && limb(said.get(i - 1)) && !timed(said, i + 1)) {
                said.set(i, said.get(i).as(Term.Act.STAY));
            }
        }
        return said;
    }

    private static boolean limb(Item item) {
        return item.rel() == null
                && (item.sidedLimb() || item.is(Term.Part.WEIGHT) || HandWords.hand(item) && item.both());
    }

    private static boolean timed(List<Item> items, int at) {
        return at < items.size()
                && (items.get(at).term() instanceof Term.Beats || items.get(at).term() instanceof Term.Num);
    }
}
