package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The palm turns from facing in to facing out: where it looked before is no place it goes to. */
final class Turned {

    private Turned() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        boolean palm = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            palm = !(item.term() instanceof Term.Mark) && (palm || item.is(Term.Part.PALM) && item.rel() == null);
            int end = palm ? begun(items, i) : i;
            if (end > i && goesOn(items, end)) {
                i = to(items, end) - 1;
            } else {
                said.add(item);
            }
        }
        return said;
    }

    /** Past "from facing in", where that begins here; here, where it does not. */
    private static int begun(List<Item> items, int at) {
        Item item = items.get(at);
        boolean way = item.term() instanceof Term.Way;
        if (way && (item.rel() == Term.Rel.FROM || item.rel() == Term.Rel.OF)) {
            return at + 1;
        }
        if (!item.is(Term.Rel.FROM)) {
            return at;
        }
        int next = at + 1;
        while (next < items.size()
                && (items.get(next).is(Term.Act.FACE) || items.get(next).is(Term.Act.POINT))) {
            next++;
        }
        return next < items.size() && items.get(next).term() instanceof Term.Way ? next + 1 : at;
    }

    /** Whether it is told before the next mark where the palm looks then. */
    private static boolean goesOn(List<Item> items, int from) {
        for (int i = from; i < items.size() && !(items.get(i).term() instanceof Term.Mark); i++) {
            if (items.get(i).term() instanceof Term.Way) {
                return true;
            }
        }
        return false;
    }

    private static int to(List<Item> items, int end) {
        return end < items.size() && items.get(end).is(Term.Rel.TO) ? end + 1 : end;
    }
}
