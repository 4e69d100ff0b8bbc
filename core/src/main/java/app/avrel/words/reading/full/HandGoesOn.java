package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import app.avrel.words.reading.frame.Leftover;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The right hand comes to the chest and goes out to the left: it is the hand that does, and no foot steps there. */
final class HandGoesOn {

    private HandGoesOn() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        Optional<Item> hand = Optional.empty();
        boolean there = false;
        boolean acts = false;
        int from = 0;
        while (from < items.size()) {
            int to = Parts.end(items, from);
            List<Item> part = items.subList(from, to);
            if (hand.isPresent() && (goes(part) || acts && said.getLast().is(Term.Mark.AND) && upOrDown(part))) {
                if (there && said.getLast().soft()) {
                    said.set(said.size() - 1, said.getLast().as(Term.Mark.THEN));
                }
                said.add(same(hand.get(), part.getFirst()));
            } else if (!part.isEmpty()) {
                hand = carried(part);
                there = part.stream().anyMatch(HandGoesOn::place);
                acts = part.stream().anyMatch(item -> item.term() instanceof Term.Act);
            }
            said.addAll(part);
            if (to < items.size()) {
                said.add(items.get(to));
            }
            from = to + 1;
        }
        return said;
    }

    private static Item same(Item hand, Item at) {
        return new Item(Term.Part.HAND, null, hand.who(), hand.many(), at.from(), at.from(), "");
    }

    /** The hand that a part begins with, and that goes somewhere in it. */
    private static Optional<Item> carried(List<Item> part) {
        Item first = part.getFirst();
        boolean goes = part.stream().skip(1).anyMatch(item -> item.term() instanceof Term.Act || item.rel() != null);
        return first.sidedLimb() && first.rel() == null && HandWords.hand(first) && goes
                ? Optional.of(first)
                : Optional.empty();
    }

    /** A part that only tells that something goes on, and which way. */
    private static boolean goes(List<Item> part) {
        return !part.isEmpty()
                && part.getFirst().is(Term.Act.MOVE)
                && part.stream().anyMatch(HandGoesOn::way)
                && part.stream().allMatch(item -> item.is(Term.Act.MOVE) || way(item) || Leftover.small(item));
    }

    /** The hand rises to the chest and sinks: after what a hand did it is the hand that does that too. */
    private static boolean upOrDown(List<Item> part) {
        return part.size() == 1
                && (part.getFirst().is(Term.Act.SINK) || part.getFirst().is(Term.Act.RISE));
    }

    /** Where it came to: what goes on from there comes after it. */
    private static boolean place(Item item) {
        return item.rel() != null && Landmarks.of(item.term()).isPresent();
    }

    private static boolean way(Item item) {
        return item.term() instanceof Term.Way || item.bareSide() && item.rel() == Term.Rel.TO;
    }
}
