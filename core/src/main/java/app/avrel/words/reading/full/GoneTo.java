package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** 再落到腹: a verb of going that begins a part, and a height right after it, which is where what was spoken of goes. */
final class GoneTo {

    private GoneTo() {}

    static List<Item> of(List<Item> items, Language language) {
        if (language != Language.CHINESE) {
            return items;
        }
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i < said.size(); i++) {
            Item place = said.get(i);
            boolean bare = place.part() && place.rel() == null && place.who() == null;
            boolean last = i + 1 == said.size() || Parts.border(said.get(i + 1));
            boolean led = i > 1 && leads(said.get(i - 1)) && stage(said, i - 2);
            if (bare && last && led && Landmarks.of(place.term()).isPresent()) {
                said.set(
                        i,
                        new Item(
                                place.term(), Term.Rel.TO, null, place.many(), place.from(), place.to(), place.text()));
            }
        }
        return said;
    }

    /** After a comma alone it goes on telling of the clause before; 呼气，落到 begins with how one breathes. */
    private static boolean stage(List<Item> items, int border) {
        int begin = items.get(border).is(Term.Mark.COMMA)
                        && border > 1
                        && items.get(border - 1).term() instanceof Term.Manner
                ? border - 2
                : border;
        Item mark = items.get(begin);
        return mark.mark() && !mark.soft();
    }

    /** 落到, and 收到; but 收腹 goes nowhere: a verb that leads somewhere is not of one character. */
    private static boolean leads(Item verb) {
        boolean whole = verb.text().length() > 1
                && (verb.is(Term.Act.DRAW) || verb.is(Term.Act.LOWER) || verb.is(Term.Act.RAISE));
        return whole || verb.is(Term.Act.MOVE);
    }
}
