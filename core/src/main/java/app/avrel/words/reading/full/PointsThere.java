package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** With the fingers looking up: no eyes do, it is the fingers that point there. */
final class PointsThere {

    private static final Set<Term> POINTING =
            Set.of(Term.Part.FINGERS, Term.Part.THUMB, Term.Part.KNUCKLES, Term.Part.TOES, Term.Part.TIP);

    private PointsThere() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i < said.size(); i++) {
            boolean ofFoot = i > 1 && said.get(i - 1).rel() == Term.Rel.OF;
            Item part = said.get(ofFoot ? i - 2 : i - 1);
            if (said.get(i).is(Term.Act.LOOK) && part.rel() == Term.Rel.WITH && POINTING.contains(part.term())) {
                said.set(i, said.get(i).saying(Term.Act.POINT));
            }
        }
        return said;
    }
}
