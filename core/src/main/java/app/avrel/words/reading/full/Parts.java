package app.avrel.words.reading.full;

import app.avrel.words.reading.frame.Item;
import java.util.List;

/** The parts of a line: what stands between two borders, a comma, an "and", a mark. */
final class Parts {

    private Parts() {}

    static boolean border(Item item) {
        return item.soft() || item.mark();
    }

    /** {@return whether a part begins at a place} */
    static boolean begins(List<Item> items, int at) {
        return at == 0 || border(items.get(at - 1));
    }

    /** {@return where the part begins that a phrase belongs to} */
    static int begin(List<Item> items, int at) {
        int begin = at;
        while (begin > 0 && !border(items.get(begin - 1))) {
            begin--;
        }
        return begin;
    }

    /** {@return where the border after a place stands, or where the phrases end} */
    static int end(List<Item> items, int from) {
        int end = from;
        while (end < items.size() && !border(items.get(end))) {
            end++;
        }
        return end;
    }
}
