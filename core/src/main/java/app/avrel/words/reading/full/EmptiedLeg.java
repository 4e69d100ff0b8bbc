package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Leftover;
import java.util.ArrayList;
import java.util.List;

/** Empty the right leg, then lift: it is that leg which is lifted, and the body does not rise. */
final class EmptiedLeg {

    private EmptiedLeg() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        Item leg = null;
        int from = 0;
        while (from < items.size()) {
            int to = Parts.end(items, from);
            List<Item> part = items.subList(from, to);
            said.addAll(part);
            if (leg != null && onlyLifts(part)) {
                said.add(leg);
            }
            leg = part.isEmpty() ? leg : emptied(part);
            if (to < items.size()) {
                said.add(items.get(to));
            }
            from = to + 1;
        }
        return said;
    }

    private static Item emptied(List<Item> part) {
        boolean empties = part.stream().anyMatch(item -> item.is(Term.Act.EMPTY));
        return part.stream()
                .filter(item -> empties
                        && item.sidedLimb()
                        && item.rel() == null
                        && (item.is(Term.Part.LEG) || item.is(Term.Part.FOOT)))
                .findFirst()
                .orElse(null);
    }

    private static boolean onlyLifts(List<Item> part) {
        return part.stream().anyMatch(item -> item.is(Term.Act.RAISE))
                && part.stream()
                        .allMatch(item -> item.is(Term.Act.RAISE) || item.is(Term.Act.MOVE) || Leftover.small(item));
    }
}
