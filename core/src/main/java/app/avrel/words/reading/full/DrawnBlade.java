package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Draw the sword with the right hand: it is taken up. Draw the sword back to the hip: the hand that has it goes there. */
final class DrawnBlade {

    private DrawnBlade() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 1 < said.size(); i++) {
            boolean blade =
                    said.get(i + 1).is(Term.Part.SWORD) || said.get(i + 1).is(Term.Part.SABRE);
            if (said.get(i).is(Term.Act.DRAW) && blade && said.get(i + 1).rel() == null && !goes(said, i + 2)) {
                said.set(i, said.get(i).as(Term.Act.TAKE));
            }
        }
        return said;
    }

    /** Whether it is drawn somewhere: back, to the hip, across. */
    private static boolean goes(List<Item> items, int from) {
        for (int i = from;
                i < items.size() && !items.get(i).soft() && !items.get(i).mark();
                i++) {
            Item item = items.get(i);
            if (item.term() instanceof Term.Way || item.part() && item.rel() != null && item.rel() != Term.Rel.WITH) {
                return true;
            }
        }
        return false;
    }
}
