package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The left palm touches the right, the left foot meets the right: the other limb, and no way that the left one goes. */
final class TouchedLimb {

    private TouchedLimb() {}

    static List<Item> of(List<Item> items, Language language) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i < said.size(); i++) {
            int act = i > 1 && said.get(i - 1).is(Term.Act.MOVE) ? i - 2 : i - 1;
            Item hand = said.get(Math.max(0, act - 1));
            Item other = said.get(i);
            boolean subject = act > 0 && HandWords.hand(hand) && hand.sidedLimb();
            if (subject && touches(said.get(act), language) && touched(hand, other)) {
                there(said, i, Term.Rel.TO);
            } else if (subject && struck(hand, said.get(act), other)) {
                said.set(act, said.get(act).as(Term.Act.LAND));
                there(said, i, Term.Rel.TO);
            } else if (struckWith(said, i)) {
                Item with = said.remove(i + 1);
                said.set(i - 1, said.get(i - 1).as(Term.Act.LAND));
                there(said, i, Term.Rel.TO);
                said.add(i - 1, with.led(null));
            } else if (i > 1 && meets(said, i)) {
                said.set(i - 1, said.get(i - 1).as(Term.Act.MOVE));
                said.set(i, other.saying(Term.Part.FOOT).led(Term.Rel.BESIDE));
            } else if (other.rel() == Term.Rel.ON && HandWords.shaped(other) && backOf(said, i)) {
                there(said, i, Term.Rel.ON);
            }
        }
        return said;
    }

    /** The left fist strikes the right palm: it ends there, and no hand pushes. */
    private static boolean struck(Item hand, Item act, Item other) {
        return act.is(Term.Act.PUSH)
                && hand.is(Term.Part.FIST)
                && (other.is(Term.Part.PALM) || other.is(Term.Part.HAND))
                && touched(hand, other);
    }

    /** Strike the right palm, touch it, with the left fist: the hand that does it is named last. */
    private static boolean struckWith(List<Item> said, int at) {
        if (at + 1 >= said.size()) {
            return false;
        }
        Item act = said.get(at - 1);
        Item with = said.get(at + 1);
        boolean does = (act.is(Term.Act.PUSH) && with.is(Term.Part.FIST) || act.is(Term.Act.LAND))
                && (at == 1 || said.get(at - 2).mark());
        return does
                && HandWords.hand(with)
                && with.rel() == Term.Rel.WITH
                && with.whose().flatMap(Term.Who::side).isPresent()
                && touched(with, said.get(at));
    }

    /** The left foot meets the right: it comes beside it. */
    private static boolean meets(List<Item> said, int at) {
        Item foot = said.get(at - 2);
        Item other = said.get(at);
        boolean limb = other.bareSide() || other.is(Term.Part.FOOT);
        return foot.is(Term.Part.FOOT)
                && foot.sidedLimb()
                && said.get(at - 1).is(Term.Act.MEET)
                && limb
                && (other.rel() == null || other.rel() == Term.Rel.BESIDE)
                && other.whose().flatMap(Term.Who::side).isPresent()
                && other.who() != foot.who();
    }

    /** The hand that is touched, whatever shape it has, and whichever side of it. */
    private static void there(List<Item> said, int at, Term.Rel rel) {
        Item other = said.get(at);
        int to = backOf(said, at) ? said.remove(at + 1).to() : other.to();
        said.set(at, new Item(Term.Part.HAND, rel, other.who(), false, other.from(), to, other.text()));
    }

    private static boolean backOf(List<Item> said, int at) {
        return at + 1 < said.size() && said.get(at + 1).is(Term.Part.BACK_OF_HAND);
    }

    /** Spanish says "a la derecha" for a way; "roza la derecha" is the hand. */
    private static boolean touches(Item item, Language language) {
        return item.term() instanceof Term.Act act
                && (HandWords.TOUCHING.contains(act) || act == Term.Act.SWEEP && language == Language.SPANISH);
    }

    private static boolean touched(Item hand, Item other) {
        boolean bare = other.bareSide()
                || other.is(Term.Part.PALM)
                || other.is(Term.Part.HAND)
                || other.is(Term.Part.BACK_OF_HAND)
                || HandWords.shaped(other);
        return bare
                && other.rel() == null
                && other.whose().flatMap(Term.Who::side).isPresent()
                && other.who() != hand.who();
    }
}
