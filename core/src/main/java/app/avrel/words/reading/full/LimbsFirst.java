package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Subjects;
import java.util.List;
import java.util.Set;

/**
 * 起身左手提到肩高，右拳前打左掌上提: where a limb stands before its verb, one that is named after a verb, and does something of
 * its own, begins a clause.
 */
final class LimbsFirst {

    /** What ends with itself: nothing that is named after it is moved by it. */
    private static final Set<Term.Act> DONE =
            Set.of(Term.Act.PUSH, Term.Act.LOWER, Term.Act.SINK, Term.Act.RISE, Term.Act.SPREAD);

    private static final Set<Term.Part> GOES = Set.of(
            Term.Part.HAND,
            Term.Part.PALM,
            Term.Part.FIST,
            Term.Part.ARM,
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.TOES,
            Term.Part.HEEL);

    private final List<Item> items;
    private final boolean parts;

    LimbsFirst(List<Item> items, Language language) {
        this.items = items;
        this.parts = language == Language.CHINESE;
    }

    boolean begins(int at) {
        Item item = items.get(at);
        boolean goesOn = at + 1 < items.size()
                && !items.get(at + 1).soft()
                && !items.get(at + 1).mark();
        if (!parts || !goesOn) {
            return false;
        }
        return limb(item) && (bows(at - 1) || goes(item) && done(at - 1, item) && acts(at + 1))
                || trunk(item) && done(at - 1, item)
                || lifts(at);
    }

    private static boolean limb(Item item) {
        return item.sidedLimb() || item.part() && item.rel() == null && item.who() == Term.Who.BOTH;
    }

    /** 起身: a whole part of the body's. */
    private boolean bows(int at) {
        Item item = items.get(at);
        boolean whole = item.text().length() > 1 && (item.is(Term.Act.RISE) || item.is(Term.Act.SINK));
        return whole && Parts.begins(items, at);
    }

    private static boolean trunk(Item item) {
        boolean part = item.is(Term.Part.WEIGHT) || Subjects.trunk(item);
        return item.rel() == null && item.who() == null && part;
    }

    private static boolean goes(Item item) {
        return item.term() instanceof Term.Part part && GOES.contains(part);
    }

    /** 右拳前打: the limb before it has done what it does; a foot lifts no hand, and one has looked. */
    private boolean done(int at, Item next) {
        Item item = items.get(at);
        boolean verb = item.term() instanceof Term.Act act && DONE.contains(act)
                || item.term() instanceof Term.Way
                        && at > 0
                        && items.get(at - 1).term() instanceof Term.Act;
        int first = Parts.begin(items, at);
        Item limb = items.get(first);
        boolean lifted = item.is(Term.Act.RAISE) && foot(limb) && HandWords.hand(next);
        boolean there = item.rel() != null
                && (item.is(Term.Part.WRIST) || item.is(Term.Part.ELBOW) || item.is(Term.Part.FOREARM))
                && limb.sidedLimb();
        boolean looked = item.is(Term.Act.LOOK) && limb.bareSide();
        return first < at && (verb && limb(limb) || lifted || looked || there || shifted(first, at));
    }

    /** 重心右移: where the weight goes is told before the verb. */
    private boolean shifted(int first, int at) {
        Item way = items.get(Math.max(first, at - 1));
        return items.get(at).is(Term.Act.SHIFT)
                && items.get(first).is(Term.Part.WEIGHT)
                && (way.bareSide() || way.term() instanceof Term.Way);
    }

    private boolean acts(int at) {
        return items.stream().skip(at).limit(2).anyMatch(item -> item.term() instanceof Term.Act || item.rel() != null);
    }

    private static boolean foot(Item item) {
        return item.sidedLimb()
                && (item.is(Term.Part.FOOT)
                        || item.is(Term.Part.HEEL)
                        || item.is(Term.Part.TOES)
                        || item.is(Term.Part.LEG));
    }

    /** 左手搭在右腕提右膝到胯高: a knee is lifted by nobody's hand. */
    private boolean lifts(int at) {
        Item item = items.get(at);
        Item next = items.get(at + 1);
        boolean knee = item.is(Term.Act.RAISE) && next.is(Term.Part.KNEE);
        boolean drawn = item.is(Term.Act.DRAW) && next.is(Term.Part.FOOT);
        return (knee || drawn) && next.sidedLimb() && limb(items.get(Parts.begin(items, at - 1)));
    }
}
