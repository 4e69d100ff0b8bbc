package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** 右脚落下，与左脚并拢; baja el pie derecho y júntalo con el izquierdo: the foot that is named last is where the other comes to. */
final class JoinsOther {

    private JoinsOther() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        int from = 0;
        while (from < items.size()) {
            int to = Parts.end(items, from);
            List<Item> part = items.subList(from, to);
            int other = joined(part);
            boolean comes = other >= 0
                    && items.subList(0, from + other).stream().anyMatch(foot -> comes(foot, part.get(other)));
            said.addAll(comes ? joining(part, other) : part);
            if (to < items.size()) {
                said.add(items.get(to));
            }
            from = to + 1;
        }
        return said;
    }

    /** Where the foot stands that is joined; below 0 where none is. */
    private static int joined(List<Item> part) {
        for (int i = 1; i < part.size(); i++) {
            boolean with = part.get(i).rel() == Term.Rel.WITH
                    && (part.get(i).bareSide() || part.get(i).is(Term.Part.FOOT))
                    && part.stream().anyMatch(item -> item.is(Term.Act.DRAW));
            boolean and = part.get(i - 1).is(Term.Manner.HEIGHT)
                    && part.get(i).is(Term.Part.FOOT)
                    && i + 1 < part.size()
                    && part.get(i + 1).is(Term.Manner.TOGETHER);
            if ((with || and) && part.get(i).whose().flatMap(Term.Who::side).isPresent()) {
                return i;
            }
        }
        return -1;
    }

    /** Whether it is the other foot, by itself, and was told of before. */
    private static boolean comes(Item foot, Item joined) {
        return foot.rel() == null
                && joined.who().opposite() == foot.who()
                && (foot.is(Term.Part.FOOT) || foot.bareSide());
    }

    private static List<Item> joining(List<Item> part, int at) {
        List<Item> said = new ArrayList<>(part.subList(0, at));
        Item goal = part.get(at);
        boolean own = said.stream().anyMatch(item -> comes(item, goal));
        said.removeIf(item -> item.is(Term.Manner.HEIGHT));
        if (!own) {
            int begin = part.getFirst().from();
            said.add(new Item(Term.Part.FOOT, null, goal.who().opposite(), false, begin, begin, ""));
        }
        said.add(new Item(goal.who(), Term.Rel.BESIDE, goal.who(), false, goal.from(), goal.to(), goal.text()));
        said.addAll(part.subList(at + 1, part.size()));
        return said;
    }
}
