package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Point the fingertips at the floor: they point down, and nothing goes there. */
final class PointedDown {

    private PointedDown() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i < said.size(); i++) {
            Item floor = said.get(i);
            boolean goal = floor.rel() == Term.Rel.AT || floor.rel() == Term.Rel.TO;
            if (floor.is(Term.Part.FLOOR) && goal && points(said, i)) {
                said.set(i, new Item(Term.Way.DOWN, null, null, false, floor.from(), floor.to(), floor.text()));
            }
        }
        return said;
    }

    private static boolean points(List<Item> items, int floor) {
        return items.subList(Parts.begin(items, floor), floor).stream().anyMatch(item -> item.is(Term.Act.POINT));
    }
}
