package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Look left, then right, then ahead; the weight goes left, right, left: one verb, and the places it goes to one after the
 * other. Nobody looks two ways at once, so that each place is a stage, with the verb said again. Half the weight left, then
 * three quarters: so is each share.
 */
final class VerbOfMany {

    private final List<Item> items;
    private final List<Item> said = new ArrayList<>();
    private @Nullable Item verb;
    private @Nullable Item side;
    private @Nullable Item hand;

    private VerbOfMany(List<Item> items) {
        this.items = items;
    }

    static List<Item> of(List<Item> items) {
        return new VerbOfMany(items).said();
    }

    private List<Item> said() {
        boolean reached = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (verb(item)) {
                verb = item;
                side = null;
                hand = null;
                reached = false;
            } else if (verb != null && reached && border(i - 1) && alone(i, verb)) {
                again(item, verb);
                item = hand != null && item.bareSide() && item.who().side().isPresent() ? hand.of(item.who()) : item;
            } else if (verb != null && reached && more(i, verb)) {
                said.add(Item.unspoken(verb.term(), null, item));
                said.add(item);
                item = side;
            } else if (verb != null && goal(item, verb)) {
                reached = true;
                hand = seen(item, verb) ? item : hand;
                side = item.bareSide() && item.who().side().isPresent() ? item : side;
            } else if (!(border(i) || amount(item) || item.is(Term.Act.MOVE))) {
                verb = null;
            }
            said.add(item);
        }
        return said;
    }

    private static boolean verb(Item item) {
        return item.rel() == null
                && (item.is(Term.Act.LOOK)
                        || item.is(Term.Part.EYES)
                        || item.is(Term.Part.WEIGHT)
                        || item.is(Term.Act.SHIFT)
                        || item.is(Term.Act.KICK)
                        || item.is(Term.Act.TURN));
    }

    /** Which way the eyes, the weight, a turn goes. */
    private static boolean goal(Item item, Item verb) {
        boolean side = item.bareSide() && item.who().side().isPresent();
        boolean middle = item.is(Term.Manner.EVEN) || item.is(Term.Manner.MIDDLE);
        boolean ahead = item.is(Term.Way.FORWARD) || item.bareSide() && item.who() == Term.Who.FRONT;
        boolean looked = (verb.is(Term.Act.LOOK) || verb.is(Term.Part.EYES))
                && (item.term() instanceof Term.Way
                        || item.term() instanceof Term.Hall
                        || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
        return side || looked || seen(item, verb) || (weight(verb) ? middle : ahead);
    }

    /** Look at the left hand, then at the right; a hook or a fist that nothing leads to is what a hand becomes. */
    private static boolean seen(Item item, Item verb) {
        boolean made = item.rel() == null && (item.term() instanceof Term.Shaped || item.is(Term.Part.FIST));
        return !made
                && (verb.is(Term.Act.LOOK) || verb.is(Term.Part.EYES))
                && HandWords.hand(item)
                && item.whose().flatMap(Term.Who::side).isPresent();
    }

    /** Half the weight left, then three quarters: more of it goes the same way. */
    private boolean more(int at, Item verb) {
        return weight(verb)
                && side != null
                && ends(items.get(at - 1))
                && amount(items.get(at))
                && items.get(at).rel() == null
                && (at + 1 == items.size() || border(at + 1));
    }

    private static boolean weight(Item verb) {
        return verb.is(Term.Part.WEIGHT) || verb.is(Term.Act.SHIFT);
    }

    private static boolean amount(Item item) {
        return item.term() instanceof Term.Num || item.term() instanceof Term.Angle;
    }

    private boolean border(int at) {
        return items.get(at).soft() || ends(items.get(at));
    }

    private static boolean ends(Item item) {
        return item.is(Term.Mark.THEN) || item.is(Term.Mark.THEN_OR_MORE);
    }

    /** A goal between two borders; how far one turns is no list, and needs a "then". */
    private boolean alone(int at, Item verb) {
        boolean then = ends(items.get(at - 1));
        boolean limb = items.get(at).part() && items.get(at).rel() == null;
        return !limb
                && goal(items.get(at), verb)
                && (at + 1 == items.size() || border(at + 1) || overBeats(at + 1))
                && (then || !verb.is(Term.Act.TURN));
    }

    /** Over three beats: the beats are told already, and "over" stands alone at the end. */
    private boolean overBeats(int at) {
        Item item = items.get(at);
        return at + 1 == items.size() && (item.term() instanceof Term.Rel || item.is(Term.Way.IN));
    }

    private void again(Item goal, Item verb) {
        if (!ends(said.getLast())) {
            said.add(Item.unspoken(Term.Mark.THEN, null, goal));
        }
        said.add(Item.unspoken(verb.term(), null, goal));
    }
}
