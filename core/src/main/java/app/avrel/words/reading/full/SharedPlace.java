package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** Right palm up, left palm down, at belly height: where both are is said once, after what is said of each. */
final class SharedPlace {

    private SharedPlace() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int at = 0; at < said.size(); at++) {
            int second = begin(said, at);
            int first = second > 0 ? begin(said, second - 1) : 0;
            boolean sameStage =
                    second > 0 && said.subList(first, second).stream().noneMatch(SharedPlace::ends);
            boolean begins =
                    sameStage && at > 0 && said.get(at - 1).is(Term.Mark.COMMA) && second < at && first < second;
            if (begins && place(said, at) && eachOfOne(said, first, second, at)) {
                said.add(at, new Item(Term.Part.HAND, null, Term.Who.BOTH, true, at(said, at), at(said, at), ""));
                at++;
            }
        }
        return said;
    }

    /** What is told after a "while" or a "then" is told of the hand there. */
    private static boolean ends(Item item) {
        return item.mark() && !item.soft();
    }

    private static int at(List<Item> items, int index) {
        return items.get(index).from();
    }

    /** Where the part begins that ends with the comma before a phrase. */
    private static int begin(List<Item> items, int at) {
        return Parts.begin(items, Math.max(0, at - 1));
    }

    /** A part of nothing but a height, and how far apart. */
    private static boolean place(List<Item> items, int from) {
        boolean height = false;
        for (int i = from; i < items.size() && !items.get(i).mark(); i++) {
            Item item = items.get(i);
            boolean high = item.rel() != null && Landmarks.of(item.term()).isPresent() && item.who() == null;
            boolean levelled = Landmarks.of(item.term()).isPresent() && item.who() == null && beside(items, i);
            height |= high || levelled;
            boolean rest = item.is(Term.Manner.HEIGHT)
                    || item.is(Term.Manner.APART)
                    || item.is(Term.Act.MOVE)
                    || item.term() instanceof Term.Measure
                    || item.is(Term.Manner.ALL)
                    || item.is(Term.Manner.ABOUT);
            if (!(high || levelled || rest)) {
                return false;
            }
        }
        return height;
    }

    private static boolean beside(List<Item> items, int at) {
        return at > 0 && items.get(at - 1).is(Term.Manner.HEIGHT)
                || at + 1 < items.size() && items.get(at + 1).is(Term.Manner.HEIGHT);
    }

    /** Whether each part tells of one hand, and of no height. */
    private static boolean eachOfOne(List<Item> items, int first, int second, int end) {
        Item one = items.get(first);
        Item other = items.get(second);
        boolean hands = HandWords.hand(one)
                && HandWords.hand(other)
                && one.sidedLimb()
                && other.sidedLimb()
                && one.who() != other.who();
        return hands
                && items.subList(first, end).stream().filter(HandWords::hand).count() == 2
                && items.subList(first, end).stream()
                        .noneMatch(
                                item -> Landmarks.of(item.term()).isPresent() || item.term() instanceof Term.Related);
    }
}
