package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** 左脚一落地，右掌就打出: a one between what moves and its verb says that the rest is done as soon as that is. */
final class AsSoonAs {

    private AsSoonAs() {}

    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.CHINESE) {
            return items;
        }
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            int begin = Parts.begin(said, i);
            int end = Parts.end(said, i);
            boolean once = said.get(i).term() instanceof Term.Num(double one)
                    && one == 1
                    && said.get(i).rel() == null;
            boolean more = end < said.size() && said.get(end).is(Term.Mark.COMMA);
            if (once && more && said.get(i - 1).part() && said.get(i + 1).term() instanceof Term.Act) {
                said.add(begin, said.remove(i).as(Term.Mark.AFTER));
            }
        }
        return said;
    }
}
