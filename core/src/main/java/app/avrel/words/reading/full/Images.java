package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Draws an image together, "as if closing a book": it says how, whatever its words mean elsewhere. */
final class Images {

    private Images() {}

    static List<Item> of(List<Item> items, String line) {
        List<Item> out = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            if (!item.is(Term.Mark.IMAGE)) {
                out.add(item);
                continue;
            }
            int end = i + 1;
            while (end < items.size()
                    && !ends(items.get(end))
                    && !another(items, end)
                    && !place(items, end)
                    && !items.get(end - 1).is(Term.Ref.SAME)) {
                end++;
            }
            int to = items.get(end - 1).to();
            out.add(new Item(Term.Manner.IMAGE, null, null, false, item.from(), to, line.substring(item.from(), to)));
            i = end - 1;
        }
        return out;
    }

    /** "And the left foot …": something else begins. */
    private static boolean another(List<Item> items, int at) {
        if (!items.get(at).is(Term.Mark.AND) || at + 1 >= items.size()) {
            return false;
        }
        Item next = items.get(at + 1);
        boolean trunk = next.is(Term.Part.EYES)
                || next.is(Term.Part.WEIGHT)
                || next.is(Term.Part.WAIST)
                || next.is(Term.Part.BODY);
        boolean counted = next.term() instanceof Term.Num
                && at + 2 < items.size()
                && (items.get(at + 2).who() != null || items.get(at + 2).is(Term.Part.WEIGHT));
        boolean side = next.bareSide() && next.rel() == null && at + 2 < items.size();
        boolean share = next.term() instanceof Term.Ratio || next.term() instanceof Term.Share || counted;
        boolean much = next.term() instanceof Term.Angle
                || next.term() instanceof Term.Related
                || next.is(Term.Manner.ABOUT)
                || next.is(Term.Manner.ALL)
                || next.is(Term.Manner.NONE);
        boolean limbs = next.part()
                && next.rel() == null
                && (next.who() != null || next.many() || next.prop() || next.is(Term.Part.CHEST));
        boolean turns = next.is(Term.Act.TURN) || next.is(Term.Act.STEP) || next.is(Term.Act.SHIFT);
        boolean act = turns || next.term() instanceof Term.Act && (goesOn(items, at + 2) || acts(items, at));
        return limbs || side || share || much || act || trunk && next.rel() == null || next.is(Term.Act.LOOK);
    }

    /** As if sitting down, and set the right heel in front; and carry seventy: an act with a limb or a number of its own. */
    private static boolean goesOn(List<Item> items, int at) {
        if (at >= items.size()) {
            return false;
        }
        Item item = items.get(at);
        boolean much =
                item.term() instanceof Term.Share || item.term() instanceof Term.Measure || item.is(Term.Manner.LITTLE);
        return much || item.part() && item.rel() == null;
    }

    /** Like a cross and sink: what is done, where the image is a thing; as if drawing and letting go is one image. */
    private static boolean acts(List<Item> items, int and) {
        for (int i = and - 1; i >= 0 && !items.get(i).is(Term.Mark.IMAGE); i--) {
            if (items.get(i).term() instanceof Term.Act) {
                return false;
            }
        }
        return true;
    }

    /** Round like a hoop at chest height: where the hands are is no image. */
    private static boolean place(List<Item> items, int at) {
        Item item = items.get(at);
        boolean high = at + 1 < items.size() && items.get(at + 1).is(Term.Manner.HEIGHT);
        boolean led = item.rel() == Term.Rel.AT || item.rel() == Term.Rel.BEFORE;
        return item.part() && (led || high);
    }

    private static boolean ends(Item item) {
        return item.term() instanceof Term.Mark mark && mark != Term.Mark.UNKNOWN && mark != Term.Mark.AND;
    }
}
