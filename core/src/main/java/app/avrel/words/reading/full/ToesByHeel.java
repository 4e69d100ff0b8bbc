package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The left foot slides back until the toes are beside the right heel: so far it goes, and does not step again. */
final class ToesByHeel {

    private ToesByHeel() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            boolean until = said.get(i - 1).is(Term.Mark.UNTIL);
            Item toes = said.get(i);
            Item heel = said.get(i + 1);
            if (until && toes.is(Term.Part.TOES) && heel.is(Term.Part.HEEL) && heel.rel() == Term.Rel.BESIDE) {
                said.set(i + 1, heel.led(Term.Rel.LEVEL_WITH));
            }
        }
        return said;
    }
}
