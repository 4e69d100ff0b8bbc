package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Lexicon;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The left palm advances, la mano derecha retrocede: a hand goes that way, and no foot steps. */
final class HandAdvances {

    private HandAdvances() {}

    static List<Item> of(List<Item> items, Language language) {
        List<Item> said = new ArrayList<>(items);
        Item limb = null;
        for (int i = 0; i < said.size(); i++) {
            Item item = said.get(i);
            if (item.rel() == null && item.who() != null && item.part()) {
                limb = item;
            }
            if (!goes(said, i + 1)) {
                continue;
            }
            boolean hand = HandWords.hand(item) && item.rel() == null && item.who() != null;
            if (hand || limb != null && HandWords.hand(limb) && otherOf(limb, item, language)) {
                said.set(i, hand ? item : named(limb, item));
                said.set(i + 1, said.get(i + 1).as(Term.Act.MOVE));
            }
        }
        return said;
    }

    /** A step and its way in one word. */
    private static boolean goes(List<Item> items, int at) {
        return at + 1 < items.size()
                && items.get(at).is(Term.Act.STEP)
                && items.get(at + 1).term() instanceof Term.Way
                && items.get(at + 1).from() == items.get(at).from();
    }

    /** The other hand; in Spanish a side tells whether it is a hand's or a foot's. */
    private static boolean otherOf(Item limb, Item side, Language language) {
        boolean hand = language != Language.SPANISH || Lexicon.of(language).ofHand(side.text());
        return hand
                && side.bareSide()
                && side.rel() == null
                && side.who().side().isPresent()
                && side.who() != limb.who();
    }

    private static Item named(Item limb, Item side) {
        return new Item(limb.term(), null, side.who(), false, side.from(), side.to(), side.text());
    }
}
