package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** Of the shoulder to the hip, as some languages say it: what a place that one goes to follows is where one comes from. */
final class FromThere {

    private FromThere() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            Item from = said.get(i);
            boolean leaves = from.rel() == Term.Rel.OF && place(from) && place(said.get(i + 1));
            boolean goes = said.get(i + 1).rel() == Term.Rel.TO && !HandWords.hand(said.get(i - 1));
            if (leaves && goes) {
                said.set(i, from.led(Term.Rel.FROM));
            }
        }
        return said;
    }

    private static boolean place(Item item) {
        return Landmarks.of(item.term()).isPresent();
    }
}
