package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Bajo la mano derecha a la cadera: who speaks lowers it there, and nothing lies under it. */
final class ComesDown {

    private ComesDown() {}

    /** {@return the phrases of a line in a language that says "under" and "I lower" with one word; others are left alone} */
    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.SPANISH) {
            return items;
        }
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean begins = Parts.begins(items, i);
            boolean under = item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW;
            if (begins && under && item.part() && goal(items, i + 1)) {
                said.add(new Item(Term.Act.LOWER, null, null, false, item.from(), item.from(), ""));
                said.add(new Item(item.term(), null, item.who(), item.many(), item.from(), item.to(), item.text()));
            } else {
                said.add(item);
            }
        }
        return said;
    }

    /** Where it comes to is told next. */
    private static boolean goal(List<Item> items, int at) {
        return at < items.size() && items.get(at).rel() == Term.Rel.TO;
    }
}
