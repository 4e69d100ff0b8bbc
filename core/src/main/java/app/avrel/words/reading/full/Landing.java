package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * How a foot comes down. Heel first, toes down: in two parts, the second after the first. Forward toes first: no toes are
 * turned forward, they are first.
 */
final class Landing {

    private Landing() {}

    static List<Item> of(List<Item> items) {
        List<Item> out = new ArrayList<>(items);
        for (int i = 1; i + 1 < out.size(); i++) {
            if (out.get(i + 1).is(Term.Manner.FIRST)
                    && sole(out.get(i))
                    && out.get(i - 1).is(Term.Way.FORWARD)) {
                out.add(i, Item.unspoken(Term.Mark.COMMA, null, out.get(i)));
                i++;
            }
        }
        swungRound(out);
        settles(out);
        for (int i = 2; i + 1 < out.size(); i++) {
            boolean lands =
                    out.get(i - 1).is(Term.Manner.FIRST) || out.get(i - 1).is(Term.Act.LAND);
            boolean first = lands && sole(out.get(i - 2));
            if (first && out.get(i).soft() && comesDown(out, i + 1)) {
                out.set(i, out.get(i).saying(Term.Mark.THEN));
            }
        }
        return out;
    }

    /** The right heel settles, onto the floor: no weight is told of, and the heel comes down. */
    private static void settles(List<Item> items) {
        for (int i = 1; i < items.size(); i++) {
            List<Item> part = items.subList(Parts.begin(items, i), Parts.end(items, i));
            boolean only = part.stream()
                    .allMatch(item -> sole(item)
                            || item.is(Term.Act.SHIFT)
                            || item.is(Term.Way.DOWN)
                            || item.is(Term.Part.FLOOR)
                            || item.is(Term.Manner.FLAT));
            if (items.get(i).is(Term.Act.SHIFT) && only && sole(items.get(i - 1))) {
                items.set(i, items.get(i).as(Term.Act.LOWER));
            }
        }
    }

    /** A foot that swings round, said in either order. */
    private static void swungRound(List<Item> items) {
        for (int i = 0; i + 2 < items.size(); i++) {
            boolean verbFirst = items.get(i).is(Term.Act.TURN);
            int verb = verbFirst ? i : i + 1;
            boolean swings = items.get(verb).is(Term.Act.TURN)
                    && foot(items.get(verbFirst ? i + 1 : i))
                    && items.get(i + 2).is(Term.Way.ROUND);
            if (swings && lands(items, i)) {
                items.set(verb, items.get(verb).as(Term.Act.STEP));
                items.remove(i + 2);
            }
        }
    }

    private static boolean foot(Item item) {
        return item.sidedLimb() && (item.is(Term.Part.FOOT) || item.is(Term.Part.LEG));
    }

    /** The foot swings round to 6 and lands there: it goes there, and does not turn where it stands. */
    private static boolean lands(List<Item> items, int from) {
        int next = Parts.end(items, from) + 1;
        return next < items.size()
                && items.get(next - 1).soft()
                && items.get(next).is(Term.Act.LAND);
    }

    /** Toes down, then the whole foot down, the heel comes down: nothing else in this part. */
    private static boolean comesDown(List<Item> items, int from) {
        int to = from;
        boolean part = false;
        boolean down = false;
        while (to < items.size() && !items.get(to).soft() && !items.get(to).mark()) {
            Item item = items.get(to++);
            boolean falls = item.is(Term.Way.DOWN)
                    || item.is(Term.Act.LOWER)
                    || item.is(Term.Act.SINK)
                    || item.is(Term.Manner.FLAT);
            boolean how = item.is(Term.Manner.SLOW) || item.is(Term.Manner.GENTLY);
            if (!falls && !how && !sole(item) && !item.is(Term.Act.MOVE) && !item.is(Term.Act.LAND)) {
                return false;
            }
            part |= sole(item) || item.is(Term.Part.FOOT) || item.is(Term.Manner.FLAT);
            down |= falls;
        }
        return part && down;
    }

    private static boolean sole(Item item) {
        return item.rel() == null
                && (item.is(Term.Part.HEEL)
                        || item.is(Term.Part.TOES)
                        || item.is(Term.Part.BALL)
                        || item.is(Term.Part.SOLE));
    }
}
