package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Lower the right hand without moving the left: that is told of the left hand, and of nothing that the right one does. */
final class Unmoved {

    private Unmoved() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        Item limb = null;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            limb = item.sidedLimb() && (item.rel() == null || item.rel() == Term.Rel.WITH)
                    ? item
                    : ends(item) ? null : limb;
            boolean stays = i > 0 && items.get(i - 1).is(Term.Act.STAY);
            if (stays && limb != null && otherOf(limb, item)) {
                Item border = said.removeLast();
                said.add(new Item(Term.Mark.COMMA, null, null, false, border.from(), border.from(), ""));
                said.add(border);
                said.add(new Item(limb.term(), null, item.who(), false, item.from(), item.to(), item.text()));
            } else {
                said.add(item);
            }
        }
        return said;
    }

    private static boolean otherOf(@Nullable Item limb, Item side) {
        return limb != null
                && side.bareSide()
                && side.rel() == null
                && side.who().side().isPresent()
                && side.who() != limb.who();
    }

    private static boolean ends(Item item) {
        return item.term() instanceof Term.Mark && !item.is(Term.Mark.AND);
    }
}
