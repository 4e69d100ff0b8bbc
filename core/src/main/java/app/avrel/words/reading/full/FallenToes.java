package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * Lift the right knee, let the toes drop: of a foot in the air the toes that fall hang, and the foot stays up. The shin
 * that hangs straight down is the same.
 */
final class FallenToes {

    private FallenToes() {}

    static List<Item> of(List<Item> items) {
        List<Item> out = new ArrayList<>();
        boolean lifted = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean points = i > 1
                    && toes(items.get(i - 2))
                    && (items.get(i - 1).is(Term.Act.POINT) || items.get(i - 1).is(Term.Act.FACE));
            boolean before = i > 0 && toes(items.get(i - 1)) || points;
            boolean after = i + 1 < items.size() && toes(items.get(i + 1));
            boolean falls = item.is(Term.Act.LOWER) || item.is(Term.Way.DOWN) && before;
            if (before && hangs(item) && (lifted || items.get(i - 1).is(Term.Part.SHIN))) {
                out.set(out.size() - 1, out.getLast().saying(Term.Part.TOES));
                out.add(item);
                i += i + 1 < items.size() && items.get(i + 1).is(Term.Way.DOWN) ? 1 : 0;
            } else if (lifted && falls && (before || after) && !touches(items, i)) {
                if (points) {
                    out.removeLast();
                }
                hang(out, items, i, before);
                i += before ? 0 : 1;
            } else {
                lifted = lifted ? !comesDown(item) : inTheAir(item) && lifts(items, i);
                out.add(item);
            }
        }
        return out;
    }

    private static void hang(List<Item> out, List<Item> items, int fall, boolean before) {
        Item falls = items.get(fall);
        boolean let = !before && !out.isEmpty() && out.getLast().is(Term.Act.MOVE);
        int from = let ? out.removeLast().from() : falls.from();
        if (!before) {
            out.add(items.get(fall + 1));
        }
        out.add(new Item(Term.Manner.HANGING, null, null, false, from, falls.to(), falls.text()));
    }

    private static boolean hangs(Item item) {
        return item.is(Term.Manner.HANGING) || item.is(Term.Act.HANG);
    }

    private static boolean inTheAir(Item item) {
        boolean with = item.rel() == Term.Rel.WITH && item.is(Term.Part.KNEE);
        return with
                || item.rel() == null
                        && (item.is(Term.Part.KNEE) || item.is(Term.Part.FOOT) || item.is(Term.Part.THIGH));
    }

    private static boolean toes(Item item) {
        return (item.is(Term.Part.TOES) || item.is(Term.Part.SHIN))
                && (item.rel() == null || item.rel() == Term.Rel.WITH);
    }

    /** The knee, or the foot, goes up: a verb before or after it, or only the way, or how high it is. */
    private static boolean lifts(List<Item> items, int knee) {
        return items.subList(Math.max(0, knee - 1), Math.min(items.size(), knee + 2)).stream()
                .anyMatch(item -> item.is(Term.Act.RAISE)
                        || item.is(Term.Act.RISE)
                        || item.is(Term.Way.UP)
                        || item.is(Term.Part.HIPS) && item.rel() == Term.Rel.AT);
    }

    private static boolean touches(List<Item> items, int from) {
        int to = from;
        while (to < items.size() && !items.get(to).soft() && !items.get(to).mark()) {
            to++;
        }
        return items.subList(from, to).stream().anyMatch(FallenToes::comesDown);
    }

    private static boolean comesDown(Item item) {
        return item.is(Term.Part.FLOOR)
                || item.is(Term.Act.LAND)
                || item.is(Term.Act.STEP)
                || item.is(Term.Mark.THEN)
                || item.is(Term.Manner.FIRST);
    }
}
