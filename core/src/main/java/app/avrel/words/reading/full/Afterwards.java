package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * 重心移到左脚后，右脚上步: weight goes to no place behind a foot. It goes to the foot, and what follows is done after that. So it
 * is where the word for "behind" stands after an act, and not before one: 左脚上步后重心前移.
 */
final class Afterwards {

    /** Acts that go to no place behind. */
    private static final List<Term.Act> DONE = List.of(
            Term.Act.RAISE,
            Term.Act.LOWER,
            Term.Act.LAND,
            Term.Act.DRAW,
            Term.Act.CLOSE,
            Term.Act.RETURN,
            Term.Act.PUSH,
            Term.Act.KICK,
            Term.Act.PRESS,
            Term.Act.SINK,
            Term.Act.RISE);

    private final List<Item> items;
    private final List<Item> out = new ArrayList<>();

    private Afterwards(List<Item> items) {
        this.items = items;
    }

    /** {@return the phrases of a line in a language that says "after" and "behind" with one word; others are left alone} */
    static List<Item> of(List<Item> items, Language language) {
        return language == Language.CHINESE ? new Afterwards(items).parted() : items;
    }

    private List<Item> parted() {
        int weight = -1;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            weight = item.soft() || item.mark() ? -1 : weight < 0 && weighs(item) ? out.size() : weight;
            if (secondOfTwo(i)) {
                i = then(i);
            } else if (i == 0 || i + 1 == items.size()) {
                out.add(item);
            } else if (weight >= 0 && goal(item)) {
                waited(weight);
                out.add(reached(item));
                i = then(i);
            } else if (seen(item, i)) {
                out.add(item.led(null));
                i = then(i);
            } else if (hip(item) && items.get(i + 1).sidedLimb() || pushesThen(item, items.get(i + 1))) {
                out.add(reached(item));
                i = then(i);
            } else if (item.is(Term.Way.BACK) && item.rel() == null && item.to() - item.from() == 1 && after(i)) {
                i = then(i);
            } else {
                out.add(item);
            }
        }
        return out;
    }

    /** What weight goes to: a foot, a side. */
    private static boolean goal(Item item) {
        boolean foot = item.rel() == Term.Rel.BEHIND && (item.is(Term.Part.FOOT) || item.is(Term.Part.LEG));
        return foot || item.rel() == null && (item.is(Term.Way.LEFT_BACK) || item.is(Term.Way.RIGHT_BACK));
    }

    /** 右手按到胯后左手前推: at the hip, when another hand is named right after. */
    private static boolean hip(Item item) {
        return item.is(Term.Part.HIPS) && item.rel() == Term.Rel.BEHIND;
    }

    /** 眼随左手后: nobody looks behind it. */
    private boolean seen(Item item, int at) {
        boolean eyes = part(at).stream().anyMatch(before -> before.is(Term.Part.EYES) || before.is(Term.Act.LOOK));
        return eyes
                && item.rel() == Term.Rel.BEHIND
                && item.is(Term.Part.HAND)
                && items.get(at + 1).soft();
    }

    /** 先左手到胸前，后右手到胯旁: first the one, then the other. */
    private boolean secondOfTwo(int at) {
        return at > 0
                && at + 1 < items.size()
                && items.get(at).is(Term.Way.BACK)
                && items.get(at - 1).soft()
                && items.get(at + 1).sidedLimb()
                && items.subList(0, at).stream().anyMatch(item -> item.is(Term.Manner.FIRST));
    }

    /** 右手升到肩后推出: to the shoulder, and then it pushes. */
    private static boolean pushesThen(Item item, Item next) {
        boolean place = item.is(Term.Part.SHOULDER) || item.is(Term.Part.EAR) || item.is(Term.Part.HIPS);
        return place && item.rel() == Term.Rel.BEHIND && next.is(Term.Act.PUSH);
    }

    /** Ends a stage after a phrase; {@return the last phrase that is taken with that} */
    private int then(int at) {
        Item item = items.get(at);
        out.add(new Item(Term.Mark.THEN, null, null, false, item.to(), item.to(), ""));
        int last = at;
        while (last + 1 < items.size() && items.get(last + 1).soft()) {
            last++;
        }
        return last;
    }

    /** Whether what stands here comes after something that is done, and before what another limb does. */
    private boolean after(int at) {
        Item before = items.get(at - 1);
        Item next = items.get(at + 1);
        boolean twice = before.is(Term.Way.BACK) && !next.soft();
        if (before.from() == items.get(at).from()
                || twice
                || !acts(at) && !((next.soft() || another(next)) && told(at))) {
            return false;
        }
        boolean ends = DONE.stream().anyMatch(before::is);
        boolean done = ends || !(before.term() instanceof Term.Act) || directed(at);
        boolean acts = next.term() instanceof Term.Act && (ends || at + 2 < items.size() && another(items.get(at + 2)));
        return next.soft() && done || another(next) || acts;
    }

    private static boolean another(Item next) {
        boolean eyes = next.is(Term.Part.EYES) || next.is(Term.Act.LOOK);
        boolean trunk = next.rel() == null && (next.is(Term.Part.WAIST) || next.is(Term.Part.BODY));
        return next.sidedLimb() || next.is(Term.Part.WEIGHT) || trunk || eyes || next.both();
    }

    /** Whether something is done before this in its clause. */
    private boolean acts(int at) {
        return part(at).stream()
                .anyMatch(item -> item.term() instanceof Term.Act
                        || item.is(Term.Manner.FLAT)
                        || item.is(Term.Manner.FIRST)
                        || item.is(Term.Part.PALM)
                                && item.rel() == null
                                && items.get(at - 1).term() instanceof Term.Way);
    }

    /** 与肩同高后: more than a limb is told in this part. */
    private boolean told(int at) {
        Item before = items.get(at - 1);
        boolean limb = before.part() && before.rel() == null;
        boolean breath = before.is(Term.Manner.IN_BREATH) || before.is(Term.Manner.OUT_BREATH);
        return breath || part(at).size() > 1 && !limb;
    }

    /** 左脚向左迈一步后: where it goes is told already, and that is not back. */
    private boolean directed(int at) {
        return part(at).stream()
                .anyMatch(item -> item.term() instanceof Term.Hall
                        || item.term() instanceof Term.Way
                        || item.bareSide() && item.rel() == Term.Rel.TO);
    }

    /** What is said before it in its part. */
    private List<Item> part(int at) {
        return items.subList(Parts.begin(items, at), at);
    }

    private static boolean weighs(Item item) {
        return item.is(Term.Part.WEIGHT) || item.is(Term.Act.SIT) || item.is(Term.Act.SHIFT);
    }

    /** 等重心移到左脚后: until then nobody holds still. */
    private void waited(int weight) {
        if (weight > 0 && out.get(weight - 1).is(Term.Manner.HELD)) {
            out.remove(weight - 1);
        }
    }

    private static Item reached(Item item) {
        Term.Who side = item.is(Term.Way.LEFT_BACK) ? Term.Who.LEFT : Term.Who.RIGHT;
        return item.part()
                ? new Item(item.term(), Term.Rel.TO, item.who(), false, item.from(), item.to(), item.text())
                : new Item(side, null, side, false, item.from(), item.to(), item.text());
    }
}
