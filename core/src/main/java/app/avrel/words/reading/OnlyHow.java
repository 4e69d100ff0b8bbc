package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.List;

/** A part that only tells how the one before it is: the palm up, the ball only, which of two hands is above. */
final class OnlyHow {

    private OnlyHow() {}

    /** {@return whether the part that begins at a place, up to its comma, is told of what was before it} */
    static boolean at(List<Item> items, int from) {
        int to = CommaParts.end(items, from);
        List<Item> part = items.subList(from, to);
        boolean goesOn = to < items.size() && items.get(to).is(Term.Mark.COMMA);
        boolean how = part.stream().allMatch(OnlyHow::how) && part.stream().anyMatch(Item::part);
        boolean above = part.size() == 2
                && whichIsAbove(part)
                && items.subList(0, from).stream().anyMatch(OnlyHow::together);
        return goesOn && (how || above || from > 1 && load(items.get(from - 2)) && loaded(part));
    }

    /** {@return whether it is what a foot comes down on} */
    static boolean lands(Item item) {
        boolean end = item.is(Term.Part.TOES) || item.is(Term.Part.HEEL) || item.is(Term.Part.BALL);
        return end && item.who() == null;
    }

    /** {@return whether it tells how a leg is loaded: full, or empty} */
    static boolean load(Item item) {
        return item.is(Term.Manner.LIGHT) || item.is(Term.Manner.FULL);
    }

    /** Right leg full, left one empty: of the weight it was told just before. */
    private static boolean loaded(List<Item> part) {
        return part.size() == 2 && part.getLast().rel() == null && load(part.getLast());
    }

    /** Left hand on top, right outside: which of the two is. */
    private static boolean whichIsAbove(List<Item> part) {
        Item hand = part.getFirst();
        Item where = part.getLast();
        boolean side = hand.sidedLimb() || hand.bareSide() && hand.who().side().isPresent();
        return side
                && (where.is(Term.Rel.ABOVE)
                        || where.is(Term.Rel.OUTSIDE)
                        || where.is(Term.Rel.INSIDE)
                        || where.is(Term.Way.OUT)
                        || where.is(Term.Way.IN)
                        || where.is(Term.Way.UP));
    }

    /** Holding a ball, crossed, stacked: one thing that two hands do. */
    private static boolean together(Item item) {
        return item.is(Term.Manner.BALL_HELD)
                || item.term() instanceof Term.Related
                || item.is(Term.Act.CROSS)
                || item.is(Term.Act.STACK)
                || item.is(Term.Act.FOLD);
    }

    private static boolean how(Item item) {
        boolean part = item.is(Term.Part.PALM)
                || item.is(Term.Part.FINGERS)
                || item.is(Term.Part.FINGERTIPS)
                || item.is(Term.Part.THUMB)
                || item.is(Term.Part.KNUCKLES)
                || item.is(Term.Part.BACK_OF_HAND)
                || item.is(Term.Part.ELBOW);
        return part && item.who() == null
                || lands(item)
                || item.term() instanceof Term.Way
                || item.is(Term.Act.FACE)
                || item.is(Term.Act.LOOK)
                || item.is(Term.Act.POINT)
                || item.is(Term.Act.TURN)
                || item.is(Term.Act.LAND)
                || item.is(Term.Manner.FIRST)
                || item.is(Term.Part.FLOOR);
    }
}
