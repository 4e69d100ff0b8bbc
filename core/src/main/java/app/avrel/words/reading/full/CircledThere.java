package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** Circles outward and sinks to the hip: the circle is the way there, and no round of its own. */
final class CircledThere {

    private CircledThere() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            if (!(items.get(i).is(Term.Mark.AND) && circles(items, i) && ends(items, i + 1))) {
                said.add(items.get(i));
            }
        }
        return said;
    }

    private static boolean circles(List<Item> items, int at) {
        int before = at - 1;
        while (before >= 0 && items.get(before).term() instanceof Term.Way) {
            before--;
        }
        return before >= 0 && items.get(before).is(Term.Act.CIRCLE);
    }

    private static boolean ends(List<Item> items, int from) {
        int at = from;
        while (at < items.size() && SecondLimb.goes(items.get(at))) {
            at++;
        }
        return at > from
                && at < items.size()
                && items.get(at).rel() == Term.Rel.TO
                && Landmarks.of(items.get(at).term()).isPresent();
    }
}
