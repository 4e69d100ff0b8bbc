package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import app.avrel.words.reading.frame.Subjects;
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
    private final LimbsFirst limbsFirst;

    private Unparted(List<Item> items, Language language) {
        this.items = items;
        this.limbsFirst = new LimbsFirst(items, language);
    }

    static List<Item> of(List<Item> items, Language language) {
        return new Unparted(items, language).parted();
    }

    private List<Item> parted() {
        List<Item> said = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            if (i > 0 && !items.get(i - 1).mark() && (begins(i) || limbsFirst.begins(i))) {
                said.add(Item.unspoken(Term.Mark.COMMA, null, items.get(i)));
            }
            said.add(items.get(i));
        }
        return said;
    }

    private boolean begins(int at) {
        Item item = items.get(at);
        boolean lifts = item.is(Term.Act.RAISE)
                && at + 1 < items.size()
                && items.get(at + 1).sidedLimb();
        boolean body = item.term() instanceof Term.Act act && OF_THE_BODY.contains(act) || lifts;
        boolean height =
                nobodys(item) && at + 1 < items.size() && items.get(at + 1).is(Term.Manner.HEIGHT);
        boolean girdle = item.rel() == null
                && (item.is(Term.Part.HIPS) || item.is(Term.Part.CHEST))
                && at + 2 < items.size()
                && items.get(at + 1).bareSide()
                && items.get(at + 2).is(Term.Act.TURN);
        boolean limb = limb(item) && !height || girdle;
        boolean share = item.term() instanceof Term.Share;
        return ballTold(at)
                || (limb || body && bodyNamed(at) || turns(at)) && reached(at - 1)
                || (limb || body || share) && lookTold(at)
                || looks(at) && told(at - 1);
    }

    /** What may begin a clause: a limb with its side, both of a kind, the trunk, the weight. */
    private static boolean limb(Item item) {
        return item.sidedLimb() || item.part() && item.rel() == null && item.who() == Term.Who.BOTH || nobodys(item);
    }

    private static boolean nobodys(Item item) {
        return Subjects.whole(item) && item.who() == null;
    }

    /** To the hip, at the height of the chest: a limb has come there, and it is named before. */
    private boolean reached(int at) {
        Item item = items.get(at);
        boolean led = item.rel() == Term.Rel.TO || item.rel() == Term.Rel.BEFORE || item.rel() == Term.Rel.BESIDE;
        boolean drawn = at > 0
                && (items.get(at - 1).is(Term.Act.DRAW) || items.get(at - 1).is(Term.Act.MOVE));
        boolean place = (led || drawn) && Landmarks.of(item.term()).isPresent();
        boolean high = at > 0
                && item.is(Term.Manner.HEIGHT)
                && Landmarks.of(items.get(at - 1).term()).isPresent();
        List<Item> before = items.subList(Parts.begin(items, at), at);
        boolean named = before.stream().anyMatch(Unparted::limb);
        boolean onlyHigh = Parts.begin(items, at) > 1
                && high
                && before.stream()
                        .allMatch(other -> other.is(Term.Manner.HEIGHT)
                                || Landmarks.of(other.term()).isPresent());
        boolean soFar = item.term() instanceof Term.Angle;
        return (place || high || soFar) && named || onlyHigh || turned(before, item) || seen(before, item);
    }

    /** The body sinks, the waist to two. */
    private static boolean turned(List<Item> before, Item last) {
        boolean told = last.term() instanceof Term.Hall
                || last.term() instanceof Term.Angle
                || last.is(Term.Act.SINK)
                || last.is(Term.Act.RISE);
        boolean looks = last.is(Term.Way.FORWARD) && before.size() == 1;
        if (!before.isEmpty() && before.getFirst().is(Term.Act.LOOK)) {
            return told || looks;
        }
        if (!told || before.isEmpty()) {
            return false;
        }
        Item first = before.getFirst();
        boolean part = first.rel() == null && (first.is(Term.Part.CHEST) || first.is(Term.Part.HIPS));
        return nobodys(first) || part || first.is(Term.Act.TURN);
    }

    /** The eyes follow the right hand: what else is named is another limb. */
    private static boolean seen(List<Item> before, Item last) {
        return last.sidedLimb()
                && !before.isEmpty()
                && (before.getFirst().is(Term.Part.EYES) || before.getFirst().is(Term.Act.LOOK));
    }

    /** A part of nothing but the palm, or the fingers, and the way it looks. */
    private boolean lookTold(int at) {
        int begin = Parts.begin(items, at - 1);
        List<Item> part = items.subList(begin, at);
        Item first = part.getFirst();
        boolean looks = first.is(Term.Part.PALM) || first.is(Term.Part.FINGERS) || first.is(Term.Part.FINGERTIPS);
        return begin > 0
                && part.size() > 1
                && looks
                && first.who() == null
                && part.getLast().term() instanceof Term.Way
                && part.stream()
                        .skip(1)
                        .allMatch(item -> item.term() instanceof Term.Way
                                || item.is(Term.Act.FACE)
                                || item.is(Term.Act.POINT)
                                || item.is(Term.Act.TURN));
    }

    /** Holding a ball, left hand above: that is all of it. */
    private boolean ballTold(int at) {
        int begin = Parts.begin(items, at - 1);
        return begin == at - 2
                && begin > 1
                && items.get(at - 1).is(Term.Rel.ABOVE)
                && items.get(begin).sidedLimb()
                && !items.get(at).soft()
                && !items.get(at).mark()
                && items.get(begin - 2).is(Term.Manner.BALL_HELD);
    }

    /** 转体: the body is in the word. */
    private boolean bodyNamed(int at) {
        return at + 1 < items.size()
                && items.get(at + 1).from() == items.get(at).from()
                && nobodys(items.get(at + 1));
    }

    /** To the left, turn: after a hand is at its place, the body does. */
    private boolean turns(int at) {
        return items.get(at).bareSide()
                && items.get(at).rel() == Term.Rel.TO
                && at + 1 < items.size()
                && items.get(at + 1).is(Term.Act.TURN);
    }

    private boolean looks(int at) {
        return items.get(at).bareSide()
                && items.get(at).rel() == Term.Rel.TO
                && at + 1 < items.size()
                && items.get(at + 1).is(Term.Act.LOOK);
    }

    /** How far, or what a limb has done: nothing is looked at before it. */
    private boolean told(int at) {
        Item item = items.get(at);
        List<Item> before = items.subList(Parts.begin(items, at), at);
        boolean done = (item.term() instanceof Term.Act || item.term() instanceof Term.Way)
                && before.stream().anyMatch(Item::sidedLimb);
        return item.term() instanceof Term.Angle || done;
    }
}
