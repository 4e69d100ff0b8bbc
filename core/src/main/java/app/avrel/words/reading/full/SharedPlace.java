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
        return elbows(said);
    }

    /** Right palm at the ear, left palm at the belly, elbows down: that is told of both elbows. */
    private static List<Item> elbows(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int at = 2; at < said.size(); at++) {
            Item elbows = said.get(at);
            boolean both = elbows.is(Term.Part.ELBOW) && elbows.many() && elbows.who() == null && elbows.rel() == null;
            if (both && Parts.begins(said, at) && eachHand(said, at)) {
                said.set(
                        at,
                        new Item(
                                Term.Part.ELBOW, null, Term.Who.BOTH, true, elbows.from(), elbows.to(), elbows.text()));
            }
        }
        return said;
    }

    /** Whether a hand of each side was told of since the stage began. */
    private static boolean eachHand(List<Item> items, int end) {
        List<Term.Who> hands = new ArrayList<>();
        for (int i = end - 1; i >= 0 && !items.get(i).is(Term.Mark.THEN); i--) {
            if (HandWords.hand(items.get(i)) && items.get(i).sidedLimb()) {
                hands.add(items.get(i).who());
            }
        }
        return hands.contains(Term.Who.LEFT) && hands.contains(Term.Who.RIGHT);
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
