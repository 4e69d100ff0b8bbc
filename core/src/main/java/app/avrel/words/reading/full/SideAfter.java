package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The hand on the right, the foot on the left: the limb of that side, said the longer way. */
final class SideAfter {

    private static final Set<Term> LIMBS = Set.of(
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.FIST,
            Term.Part.ARM,
            Term.Part.ELBOW,
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.KNEE,
            Term.Part.HEEL,
            Term.Part.TOES);

    private SideAfter() {}

    static List<Item> of(List<Item> items) {
        List<Item> sided = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (i + 1 < items.size() && limb(item) && side(items, i + 1)) {
                Item side = items.get(i + 1);
                sided.add(new Item(
                        item.term(),
                        item.rel(),
                        side.who(),
                        false,
                        item.from(),
                        side.to(),
                        item.text() + " " + side.text()));
                i++;
            } else {
                sided.add(item);
            }
        }
        return sided;
    }

    private static boolean limb(Item item) {
        return LIMBS.contains(item.term()) && item.who() == null && (!item.many() || item.is(Term.Part.TOES));
    }

    /** On the right, and not on the right side or on the right foot. */
    private static boolean side(List<Item> items, int at) {
        Item side = items.get(at);
        boolean flank = at + 1 < items.size() && items.get(at + 1).is(Term.Way.SIDE);
        return side.bareSide() && side.rel() == Term.Rel.ON && side.who().side().isPresent() && !flank;
    }
}
