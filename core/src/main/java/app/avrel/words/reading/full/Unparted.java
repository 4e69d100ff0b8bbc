package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * 提左膝到胯高左手提到胸前: where one limb has come to its place and another is named, the next clause begins, with a comma or
 * without. So it does after how a palm looks, where that is told in a part of its own.
 */
final class Unparted {

    /** What the body does, of which no palm tells. */
    private static final Set<Term.Act> OF_THE_BODY = Set.of(
            Term.Act.SINK, Term.Act.RISE, Term.Act.TURN, Term.Act.LOOK, Term.Act.STEP, Term.Act.SHIFT, Term.Act.KICK);

    private final List<Item> items;
    /** Whether a limb stands before its verb, so that none before it moves it. */
    private final boolean parts;

    private Unparted(List<Item> items, boolean parts) {
        this.items = items;
        this.parts = parts;
    }

    static List<Item> of(List<Item> items, Language language) {
        return new Unparted(items, language == Language.CHINESE).parted();
    }

    private List<Item> parted() {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean limb = item.sidedLimb();
            boolean lifts = item.is(Term.Act.RAISE)
                    && i + 1 < items.size()
                    && items.get(i + 1).sidedLimb();
            boolean body = item.term() instanceof Term.Act act && OF_THE_BODY.contains(act) || lifts;
            if (limb && bows(i)
                    || i > 1
                            && (limb && reached(i - 1) || (limb || body) && palmTold(i) || looks(i) && turned(i - 1))) {
                said.add(Item.unspoken(Term.Mark.COMMA, null, item));
            }
            said.add(item);
        }
        return said;
    }

    /** To the hip, at the height of the chest: a limb has come there, and it is named before. */
    private boolean reached(int at) {
        Item item = items.get(at);
        boolean led = item.rel() == Term.Rel.TO || item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.BESIDE;
        boolean place = led && item.who() == null && Landmarks.of(item.term()).isPresent();
        boolean high = item.is(Term.Manner.HEIGHT)
                && Landmarks.of(items.get(at - 1).term()).isPresent();
        List<Item> before = items.subList(begin(at), at);
        return (place || high) && before.stream().anyMatch(Item::sidedLimb) || trunk(before, item);
    }

    /** The body sinks, the waist to two. */
    private static boolean trunk(List<Item> before, Item last) {
        boolean told = last.term() instanceof Term.Hall
                || last.term() instanceof Term.Angle
                || last.is(Term.Act.SINK)
                || last.is(Term.Act.RISE);
        return told
                && !before.isEmpty()
                && before.getFirst().rel() == null
                && (before.getFirst().is(Term.Part.BODY)
                        || before.getFirst().is(Term.Part.WAIST)
                        || before.getFirst().is(Term.Act.TURN));
    }

    /** A part of nothing but the palm and the way it looks. */
    private boolean palmTold(int at) {
        int begin = begin(at - 1);
        List<Item> part = items.subList(begin, at);
        return begin > 0
                && part.size() > 1
                && part.getFirst().is(Term.Part.PALM)
                && part.getFirst().who() == null
                && part.getLast().term() instanceof Term.Way
                && part.stream()
                        .skip(1)
                        .allMatch(item ->
                                item.term() instanceof Term.Way || item.is(Term.Act.FACE) || item.is(Term.Act.TURN));
    }

    /** 起身左手提到肩高: a whole part of the body's, before a limb that does something of its own. */
    private boolean bows(int at) {
        boolean body = at > 0
                && parts
                && items.get(at - 1).text().length() > 1
                && (items.get(at - 1).is(Term.Act.RISE) || items.get(at - 1).is(Term.Act.SINK))
                && begin(at - 1) == at - 1;
        return body && at + 1 < items.size() && items.get(at + 1).term() instanceof Term.Act;
    }

    private boolean looks(int at) {
        return items.get(at).bareSide()
                && items.get(at).rel() == Term.Rel.TO
                && at + 1 < items.size()
                && items.get(at + 1).is(Term.Act.LOOK);
    }

    private boolean turned(int at) {
        return items.get(at).term() instanceof Term.Angle;
    }

    private int begin(int at) {
        int begin = at;
        while (begin > 0
                && !items.get(begin - 1).soft()
                && !items.get(begin - 1).mark()) {
            begin--;
        }
        return begin;
    }
}
