package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Turn right and take the right arm along, carry the arm with it: the arm follows what turns, and goes nowhere else. */
final class TakenAlong {

    private TakenAlong() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            said.add(items.get(i));
            boolean ends = i + 1 == items.size() || items.get(i + 1).mark();
            if (i > 1 && ends && along(items.get(i)) && arm(items.get(i - 1)) && carries(items.get(i - 2))) {
                Item last = said.removeLast();
                Item arm = said.removeLast();
                Item carries = said.removeLast();
                said.add(new Item(arm.term(), null, arm.who(), arm.many(), carries.from(), arm.to(), arm.text()));
                said.add(new Item(Term.Act.FOLLOW, null, null, false, last.from(), last.to(), last.text()));
            }
        }
        return said;
    }

    private static boolean along(Item item) {
        boolean withIt = item.bareSide() && item.who() == Term.Who.IT && item.rel() == Term.Rel.WITH;
        return withIt || item.is(Term.Act.FOLLOW);
    }

    private static boolean arm(Item item) {
        return HandWords.hand(item) && item.rel() == null;
    }

    private static boolean carries(Item item) {
        return item.is(Term.Act.TAKE) || item.is(Term.Act.MOVE) || item.is(Term.Act.DRAW);
    }
}
