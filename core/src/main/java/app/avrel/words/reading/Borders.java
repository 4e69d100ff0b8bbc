package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Subjects;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a line that is typed in one breath may have meant a comma: before a limb with its side, before the weight, the waist
 * or the eyes, before the body sinks. Left palm down to the knee sink; weight left right palm up.
 */
final class Borders {

    private Borders() {}

    /**
     * {@return the phrases with one comma more, in each way that may have been meant}
     *
     * @param said what is read without it: what it takes for two moves is parted already
     */
    static List<List<Item>> of(List<Item> items, LineReading said) {
        List<List<Item>> ways = new ArrayList<>();
        for (int i = 1; i < items.size(); i++) {
            if (ends(items, i - 1)
                    && (begins(items.get(i)) && !height(items, i) || acts(items, i))
                    && !parted(said, items.get(i - 1), items.get(i))) {
                List<Item> way = new ArrayList<>(items);
                int at = items.get(i).from();
                way.add(i, new Item(Term.Mark.COMMA, null, null, false, at, at, ""));
                ways.add(way);
            }
        }
        return ways;
    }

    private static boolean parted(LineReading said, Item before, Item item) {
        int first = said.moveOf(before.from());
        int second = said.moveOf(item.from());
        return first >= 0 && second >= 0 && first != second;
    }

    /** A verb goes with what follows it, unless it is the body that does it; after a mark there is a border already. */
    private static boolean ends(List<Item> items, int at) {
        Item item = items.get(at);
        boolean subject = at > 0 && items.get(at - 1).is(Term.Part.BODY);
        boolean oneWord = at > 0
                && items.get(at - 1).from() == item.from()
                && items.get(at - 1).term() instanceof Term.Act
                && !(at > 1 && items.get(at - 2).part());
        boolean goesOn = item.term() instanceof Term.Act && !subject
                || oneWord
                || item.term() instanceof Term.Rel
                || item.is(Term.Mark.NOT)
                || share(items, at);
        return !goesOn && !item.mark();
    }

    /** Half the weight. */
    private static boolean share(List<Item> items, int at) {
        return items.get(at).term() instanceof Term.Num(double value)
                && value < 1
                && items.get(at + 1).is(Term.Part.WEIGHT);
    }

    /** Knee up to the height of the waist: that is how high, and the waist does nothing. */
    private static boolean height(List<Item> items, int at) {
        return items.get(at - 1).is(Term.Manner.HEIGHT)
                || at + 1 < items.size() && items.get(at + 1).is(Term.Manner.HEIGHT);
    }

    private static boolean begins(Item item) {
        boolean hands = item.rel() == null
                && item.both()
                && (item.is(Term.Part.HAND) || item.is(Term.Part.ARM) || item.is(Term.Part.PALM));
        return item.sidedLimb() || Subjects.sideless(item) || hands;
    }

    /** The body sinks, or one looks: after where something else has gone, and not as what that does: with the palm looking out. */
    private static boolean acts(List<Item> items, int at) {
        Item item = items.get(at);
        Item before = items.get(at - 1);
        boolean act =
                item.is(Term.Act.SINK) || item.is(Term.Act.RISE) || item.is(Term.Act.LOWER) || item.is(Term.Act.LOOK);
        boolean loaded = (before.is(Term.Part.LEG) || before.is(Term.Part.FOOT))
                && items.subList(0, at).stream()
                        .anyMatch(weight -> weight.is(Term.Part.WEIGHT) || weight.is(Term.Act.SHIFT));
        boolean along = before.rel() == Term.Rel.OF || before.rel() == Term.Rel.WITH;
        boolean gone = before.rel() != null && !along || before.bareSide() || before.term() instanceof Term.Share;
        return act && (gone || loaded) && !(item.is(Term.Act.LOWER) && ofHand(items, at));
    }

    /** The left hand past the belly comes down: the hand does, which does nothing else. */
    private static boolean ofHand(List<Item> items, int at) {
        boolean hand = false;
        for (int i = at - 1; i >= 0 && !items.get(i).soft() && !items.get(i).mark(); i--) {
            Item item = items.get(i);
            if (item.term() instanceof Term.Act) {
                return false;
            }
            hand |= item.sidedLimb() && HandWords.hand(item);
        }
        return hand;
    }
}
