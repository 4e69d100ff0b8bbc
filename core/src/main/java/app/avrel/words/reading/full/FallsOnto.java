package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Drop onto the left heel: that foot comes down so, and the body goes no deeper. */
final class FallsOnto {

    private FallsOnto() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 1 < said.size(); i++) {
            boolean falls = said.get(i).is(Term.Act.SINK) || said.get(i).is(Term.Act.LOWER);
            if (falls && Parts.begins(said, i) && onto(said.get(i + 1))) {
                said.set(i, said.get(i).as(Term.Act.LAND));
            }
        }
        return said;
    }

    private static boolean onto(Item item) {
        boolean sole = item.is(Term.Part.HEEL) || item.is(Term.Part.BALL) || item.is(Term.Part.TOES);
        return sole
                && item.rel() == Term.Rel.ON
                && item.whose().flatMap(Term.Who::side).isPresent();
    }
}
