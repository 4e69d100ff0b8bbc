package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.WhichFoot;
import java.util.ArrayList;
import java.util.List;

/** Levanta la espada con la punta hacia abajo: Spanish has one word for the toes and for the tip of what is held. */
final class TipOfProp {

    private TipOfProp() {}

    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.SPANISH) {
            return items;
        }
        List<Item> said = new ArrayList<>(items);
        boolean prop = false;
        for (int i = 0; i < said.size(); i++) {
            Item item = said.get(i);
            boolean bare = item.is(Term.Part.TOES) && item.who() == null && !item.many();
            if (prop && bare && item.rel() == Term.Rel.WITH) {
                said.set(i, new Item(Term.Part.TIP, item.rel(), null, false, item.from(), item.to(), item.text()));
            } else if (item.prop()) {
                prop = true;
            } else if (WhichFoot.foot(item)) {
                prop = false;
            }
        }
        return said;
    }
}
