package app.avrel.words.reading;

import app.avrel.words.reading.frame.Item;
import java.util.List;

/** Where the part between two commas, or what stands for one, begins and ends. */
final class CommaParts {

    private CommaParts() {}

    static int begin(List<Item> items, int at) {
        int begin = at;
        while (begin > 0 && !items.get(begin - 1).soft()) {
            begin--;
        }
        return begin;
    }

    /** {@return where the comma after it stands, or where the phrases end} */
    static int end(List<Item> items, int at) {
        int end = at;
        while (end < items.size() && !items.get(end).soft()) {
            end++;
        }
        return end;
    }
}
