package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A stance tells of what leads into it. Step forward into a left bow stance: it is the left foot that steps. Shift forward
 * into it: the weight goes to the left. A bow stance, right foot in front: the side is said after it, and nothing steps.
 */
final class StanceTells {

    private final List<Item> items;

    private final boolean sideAfter;

    private StanceTells(List<Item> items, boolean sideAfter) {
        this.items = new ArrayList<>(items);
        this.sideAfter = sideAfter;
    }

    static List<Item> of(List<Item> items, Language language) {
        if (items.stream().noneMatch(item -> item.term() instanceof Term.Standing)) {
            return items;
        }
        StanceTells telling = new StanceTells(items, language == Language.SPANISH);
        for (int at = 0; at < telling.items.size(); at++) {
            if (telling.items.get(at).term() instanceof Term.Standing) {
                at = telling.part(telling.lead(telling.drawIn(at)));
                telling.faces(at);
            }
        }
        return telling.items;
    }

    /** Arco derecho mirando a las nueve: so the stance faces, and not the eyes alone. */
    private void faces(int stance) {
        int at = stance + 1;
        while (at < items.size()
                && (items.get(at).bareSide()
                        || items.get(at).is(Term.Manner.STANCE_WORD)
                        || items.get(at).is(Term.Mark.COMMA)
                                && items.get(at).text().isEmpty())) {
            at++;
        }
        boolean heading = at + 1 < items.size()
                && (items.get(at + 1).term() instanceof Term.Hall
                        || items.get(at + 1).term() instanceof Term.Num
                                && items.get(at + 1).rel() == Term.Rel.TO);
        if (heading && items.get(at).is(Term.Act.LOOK)) {
            items.set(at, items.get(at).as(Term.Act.FACE));
        }
    }

    /** Draws the foot in front to the stance it is said of; returns where the stance is then. */
    private int drawIn(int stance) {
        boolean word = stance + 1 < items.size() && items.get(stance + 1).is(Term.Manner.STANCE_WORD);
        int comma = word ? stance + 2 : stance + 1;
        boolean ahead = comma + 2 < items.size()
                && items.get(comma).is(Term.Mark.COMMA)
                && side(items.get(comma + 1)).isPresent()
                && items.get(comma + 2).is(Term.Way.FORWARD)
                && (comma + 3 == items.size() || items.get(comma + 3).mark());
        if (!ahead || whose(stance).isPresent()) {
            return stance;
        }
        Item side = items.get(comma + 1);
        Item front = items.get(comma + 2);
        items.subList(comma, comma + 3).clear();
        String said = side.text() + " " + front.text();
        items.add(stance, new Item(side.who(), null, side.who(), false, side.from(), front.to(), said));
        return stance + 1;
    }

    /** Parts the stance and its side from the step before them; returns where the stance is then. */
    private int part(int stance) {
        boolean sided =
                stance > 1 && whose(stance - 1, stance) && items.get(stance - 1).bareSide();
        Item before = sided ? items.get(stance - 2) : items.get(stance);
        if (!sided
                || before.soft()
                || before.mark()
                || before.term() instanceof Term.Act && !before.is(Term.Act.STEP)) {
            return stance;
        }
        items.add(stance - 1, Item.unspoken(Term.Mark.COMMA, null, items.get(stance - 1)));
        return stance + 1;
    }

    /** Says which foot steps, or where the weight goes, where only the stance tells; returns where the stance is then. */
    private int lead(int stance) {
        Optional<Term.Who> whose = whose(stance);
        int from = stance;
        while (from > 0 && !items.get(from - 1).mark()) {
            from--;
        }
        List<Item> before = items.subList(from, stance);
        boolean sided = before.stream()
                .limit(before.size() - (whose(stance - 1, stance) ? 1 : 0))
                .anyMatch(item -> item.who() != null);
        int way = way(before);
        if (whose.isEmpty() || sided || way < 0) {
            return stance;
        }
        boolean forward = before.get(way).is(Term.Way.FORWARD);
        Term.Who side = forward == (whose.get() == Term.Who.LEFT) ? Term.Who.LEFT : Term.Who.RIGHT;
        boolean weight = before.stream()
                .anyMatch(item -> item.is(Term.Part.WEIGHT) || item.is(Term.Act.SHIFT) || item.is(Term.Act.SIT));
        if (weight) {
            items.add(
                    from + way + 1,
                    new Item(
                            side,
                            Term.Rel.TO,
                            side,
                            false,
                            before.get(way).to(),
                            before.get(way).to(),
                            ""));
            return stance + 1;
        }
        if (before.stream().anyMatch(item -> item.is(Term.Act.STEP))) {
            items.add(from, Item.unspoken(Term.Part.FOOT, side, before.getFirst()));
            return stance + 1;
        }
        return stance;
    }

    private static int way(List<Item> before) {
        for (int i = 0; i < before.size(); i++) {
            if (before.get(i).is(Term.Way.FORWARD) || before.get(i).is(Term.Way.BACK)) {
                return i;
            }
        }
        return -1;
    }

    /** The side of the leg in front, said before the stance or after it. */
    private Optional<Term.Who> whose(int stance) {
        if (whose(stance - 1, stance)) {
            return side(items.get(stance - 1));
        }
        boolean after =
                sideAfter && stance + 1 < items.size() && items.get(stance + 1).bareSide();
        return after ? side(items.get(stance + 1)) : Optional.empty();
    }

    private boolean whose(int at, int stance) {
        return !sideAfter && at >= 0 && at < stance && side(items.get(at)).isPresent();
    }

    private static Optional<Term.Who> side(Item item) {
        boolean foot = item.bareSide() || item.is(Term.Part.FOOT) || item.is(Term.Part.LEG);
        return foot ? item.whose().filter(who -> who.side().isPresent()) : Optional.empty();
    }
}
