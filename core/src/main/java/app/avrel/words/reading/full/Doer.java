package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** With the right palm, push: the hand that a part begins with, before what it does, is what does it, and nothing lies on it. */
final class Doer {

    private Doer() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 1 < said.size(); i++) {
            Item item = said.get(i);
            boolean first = i == 0 || said.get(i - 1).mark();
            boolean does = said.get(i + 1).term() instanceof Term.Act
                    || said.get(i + 1).term() instanceof Term.Way;
            boolean on = item.rel() == Term.Rel.ON && HandWords.hand(item) && item.who() != null;
            if (first && on && does) {
                said.set(i, item.led(null));
            }
        }
        return said;
    }
}
