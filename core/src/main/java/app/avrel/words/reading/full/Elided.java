package app.avrel.words.reading.full;

import app.avrel.label.Language;
import app.avrel.posture.hand.HandRelation;
import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Says in full what was only pointed at: the left fist drops to the hip and the right (fist) strikes; sixty (percent) on
 * it; the palm faces the hook (the other hand).
 */
final class Elided {

    private static final double LEAST_SHARE = 10;
    private static final double WHOLE = 100;

    private Elided() {}

    static List<Item> of(List<Item> items, Language language) {
        List<Item> whole = new ArrayList<>();
        Item fist = null;
        Item palm = null;
        boolean parted = false;
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean same = fist != null && stands(items, i) && item.who() != fist.who();
            boolean turns = palm != null && turnsOver(items, i) && item.who() != palm.who();
            parted |= item.is(Term.Act.SPREAD);
            Item said = parted && stacked(item)
                    ? as(item, Term.Mark.UNKNOWN, null)
                    : same
                            ? fist(item)
                            : turns
                                    ? as(item, Term.Part.PALM, item.who())
                                    : pushes(items, i, language) || bothPushed(items, i)
                                            ? as(item, Term.Part.HAND, item.who())
                                            : putBeside(items, i)
                                                    ? as(item, Term.Part.FOOT, item.who())
                                                    : meant(items, i);
            palm = said.is(Term.Part.PALM) && said.sidedLimb() ? said : ends(said) ? null : palm;
            fist = said.is(Term.Part.FIST) && said.sidedLimb() ? said : ends(said) ? null : fist;
            whole.add(said);
        }
        return whole;
    }

    /** Sixty on it: a share of the weight. The palm faces the hook: the other hand. */
    private static Item meant(List<Item> items, int at) {
        Item item = items.get(at);
        boolean share = item.term() instanceof Term.Num(double number)
                && item.rel() == null
                && number >= LEAST_SHARE
                && number <= WHOLE
                && at + 1 < items.size()
                && items.get(at + 1).bareSide()
                && items.get(at + 1).who() == Term.Who.IT
                && items.get(at + 1).rel() == Term.Rel.ON;
        if (share && item.term() instanceof Term.Num(double number)) {
            return as(item, new Term.Share(number), null);
        }
        boolean other = item.who() == null
                && (item.term() instanceof Term.Shaped || item.is(Term.Part.FIST))
                && at > 0
                && items.get(at - 1).is(Term.Act.FACE);
        return other ? as(item, Term.Part.HAND, Term.Who.OTHER) : item;
    }

    private static Item as(Item item, Term term, Term.@Nullable Who who) {
        return new Item(term, null, who, false, item.from(), item.to(), item.text());
    }

    /** A side without a noun, at the beginning of what is told of it, that does or reaches something a hand does. */
    private static boolean stands(List<Item> items, int at) {
        Item item = items.get(at);
        boolean begins =
                at > 0 && (items.get(at - 1).soft() || items.get(at - 1).mark());
        boolean side =
                item.bareSide() && item.rel() == null && item.who().side().isPresent();
        return side && begins && at + 1 < items.size() && ofHand(items.get(at + 1));
    }

    /** The right pushes: it is a palm that does; in Chinese that would be the way it goes. */
    private static boolean pushes(List<Item> items, int at, Language language) {
        Item side = items.get(at);
        boolean begins = Parts.begins(items, at);
        return language != Language.CHINESE
                && begins
                && side.bareSide()
                && side.rel() == null
                && side.who().side().isPresent()
                && at + 1 < items.size()
                && (items.get(at + 1).is(Term.Act.PUSH) || items.get(at + 1).is(Term.Act.PRESS));
    }

    /** Push both to the front. */
    private static boolean bothPushed(List<Item> items, int at) {
        Item both = items.get(at);
        Item verb = items.get(Math.max(0, at - 1));
        return both.bareSide()
                && both.who() == Term.Who.BOTH
                && both.rel() == null
                && (verb.is(Term.Act.PUSH) || verb.is(Term.Act.PRESS) || verb.is(Term.Act.PULL));
    }

    /** The hands part, right up and left down: neither lies on the other. */
    private static boolean stacked(Item item) {
        return item.term() instanceof Term.Related(var relation) && relation == HandRelation.STACKED;
    }

    /** The left palm turns up while the right turns down. */
    private static boolean turnsOver(List<Item> items, int at) {
        Item side = items.get(at);
        boolean begins =
                at > 0 && (items.get(at - 1).soft() || items.get(at - 1).mark());
        return begins
                && side.bareSide()
                && side.rel() == null
                && side.who().side().isPresent()
                && at + 2 < items.size()
                && (items.get(at + 1).is(Term.Act.TURN) || items.get(at + 1).is(Term.Act.TURN_OVER))
                && (items.get(at + 2).is(Term.Way.UP) || items.get(at + 2).is(Term.Way.DOWN));
    }

    /** Sube el izquierdo junto al derecho: it is a foot that is put beside the other. */
    private static boolean putBeside(List<Item> items, int at) {
        Item side = items.get(at);
        boolean goes = at > 0
                && (items.get(at - 1).is(Term.Act.RAISE) || items.get(at - 1).is(Term.Act.LOWER));
        return goes
                && side.bareSide()
                && side.rel() == null
                && at + 1 < items.size()
                && items.get(at + 1).bareSide()
                && items.get(at + 1).rel() == Term.Rel.BESIDE;
    }

    private static boolean ofHand(Item next) {
        return next.is(Term.Act.PUSH)
                || next.is(Term.Act.MOVE)
                || next.is(Term.Act.PRESS)
                || next.is(Term.Act.PASS)
                || next.part() && next.rel() != null && !next.is(Term.Part.FOOT) && !next.is(Term.Part.LEG);
    }

    /** Another limb or the whole body: the fist is spoken of no more. */
    private static boolean ends(Item item) {
        return item.part() && item.rel() == null;
    }

    private static Item fist(Item side) {
        return as(side, Term.Part.FIST, side.who());
    }
}
