package app.avrel.words.reading;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Costs;
import app.avrel.words.reading.frame.Item;
import java.util.List;
import java.util.Set;

/** What it costs to begin a clause somewhere: little after a comma, and more where that cuts off what belongs to what stands before. */
final class Cuts {

    private static final Set<Term> GOES_UP_OR_DOWN =
            Set.of(Term.Act.LOWER, Term.Act.RAISE, Term.Act.SINK, Term.Act.RISE);

    private Cuts() {}

    /** {@return what a clause costs more that begins at a place} */
    static double cost(List<Item> items, int from) {
        double open = boundary(items, from) ? 0 : Costs.NO_BOUNDARY + (severed(items, from) ? Costs.SEVERED : 0);
        open += open == 0
                        && from > 0
                        && items.get(from - 1).is(Term.Mark.UNTIL)
                        && items.get(from).is(Term.Part.THIGH)
                        && leg(items, from)
                ? Costs.SEVERED
                : 0;
        open += liftsTrunk(items, from) || aimed(items, from) ? 2 * Costs.LEFT_OVER : 0;
        open += from > 0 && turnsThere(items, from) ? Costs.SEVERED : 0;
        open += open > 0 && onlyWhere(items.get(from)) ? Costs.SEVERED : 0;
        return open;
    }

    /** Turn to the right: nothing steps there. */
    private static boolean turnsThere(List<Item> items, int at) {
        return items.get(at - 1).is(Term.Act.TURN) && items.get(at).bareSide();
    }

    /** Lower the leg: the leg is what is lowered. */
    static boolean severed(List<Item> items, int at) {
        Item before = items.get(at - 1);
        boolean carried = items.get(at).term() instanceof Term.Measure
                && at > 1
                && before.is(Term.Part.FOOT)
                && items.get(at - 2).is(Term.Act.TAKE);
        boolean limb = (before.is(Term.Act.LOWER)
                        || before.is(Term.Act.RAISE)
                        || before.is(Term.Act.DRAW) && items.get(at).prop())
                && items.get(at).part()
                && items.get(at).rel() == null
                && !Severed.hasSubject(items, at - 1);
        boolean side = (before.is(Term.Act.LOWER) || before.is(Term.Act.RAISE))
                && items.get(at).bareSide()
                && (items.get(at).rel() == null || items.get(at).rel() == Term.Rel.TO)
                && items.get(at).who().side().isPresent();
        boolean verb = GOES_UP_OR_DOWN.contains(items.get(at).term()) && hand(items, at);
        boolean turned = before.is(Term.Act.TURN)
                && (items.get(at).bareSide() || items.get(at).term() instanceof Term.Num);
        boolean shifted = items.get(at).bareSide()
                && items.get(at).rel() == Term.Rel.TO
                && (before.is(Term.Act.SHIFT) || at > 1 && items.get(at - 2).is(Term.Act.SHIFT));
        boolean followed = before.is(Term.Act.FOLLOW)
                && items.get(at).bareSide()
                && items.get(at).who().side().isPresent();
        boolean stands = before.prop()
                && before.rel() == null
                && (items.get(at).is(Term.Act.RISE) || items.get(at).is(Term.Act.TURN));
        Item here = items.get(at);
        boolean upOrDown = before.part() && (here.is(Term.Way.UP) || here.is(Term.Way.DOWN));
        boolean goes = before.rel() == null
                && (upOrDown
                        || (before.is(Term.Part.PALM) || before.is(Term.Part.TIP)) && here.term() instanceof Term.Way);
        boolean ofOneWord = here.prop() && here.from() == before.from();
        boolean height = here.is(Term.Manner.HEIGHT)
                || here.is(Term.Part.THIGH)
                || here.part() && (here.rel() == Term.Rel.AT || before.is(Term.Manner.HEIGHT));
        boolean howHigh = height && leg(items, at);
        boolean looks = (before.is(Term.Act.LOOK) || before.is(Term.Part.EYES) && before.rel() == null)
                && (here.is(Term.Way.UP) || here.is(Term.Way.DOWN));
        boolean towards = here.part()
                && here.rel() == Term.Rel.TO
                && (before.is(Term.Part.PALM) || before.is(Term.Act.LOOK) || before.is(Term.Act.FACE));
        boolean soFar = here.term() instanceof Term.Measure
                && (before.is(Term.Part.KNEES_BEND) || before.is(Term.Act.SINK) || before.is(Term.Act.RISE));
        boolean pushes = before.is(Term.Manner.PUSHES_OFF);
        boolean fingers = before.is(Term.Part.FINGERS) && here.is(Term.Act.POINT);
        return carried || limb || side || verb || turned || shifted || followed || stands || goes || howHigh || looks
                || fingers || soFar || towards || ofOneWord || pushes;
    }

    /** The tip down, pointing to the right foot: it is what is held that points, and no foot is turned. */
    private static boolean aimed(List<Item> items, int at) {
        boolean points = items.get(at).is(Term.Act.POINT) || items.get(at).is(Term.Act.FACE);
        if (!points || at + 1 == items.size() || !items.get(at + 1).is(Term.Part.FOOT)) {
            return false;
        }
        for (int i = at - 1; i >= 0 && !items.get(i).soft(); i--) {
            if (items.get(i).prop() || items.get(i).is(Term.Part.TIP)) {
                return true;
            }
        }
        return false;
    }

    /** Raise the knee to the height of the waist, till the thigh is level: it is the leg that is so high, and no hand. */
    private static boolean leg(List<Item> items, int at) {
        boolean found = false;
        for (int i = at - 1;
                i >= 0 && !items.get(i).is(Term.Mark.COMMA) && !items.get(i).is(Term.Mark.AND);
                i--) {
            Item item = items.get(i);
            boolean hand = item.term() instanceof Term.Part part && PhraseKinds.HAND_LIMBS.contains(part);
            if (hand || item.is(Term.Part.ARM)) {
                return false;
            }
            found |= item.rel() == null && (item.is(Term.Part.KNEE) || item.is(Term.Part.LEG));
        }
        return found;
    }

    /** The staff stands upright beside the right foot: that is where it stands, and no foot steps there. */
    private static boolean onlyWhere(Item first) {
        return first.rel() == Term.Rel.BESIDE && first.is(Term.Part.FOOT);
    }

    /** Lift the chest: no foot is lifted, and the chest is not begun anew. */
    private static boolean liftsTrunk(List<Item> items, int at) {
        Item item = items.get(at);
        boolean trunk = item.is(Term.Part.CHEST) || item.is(Term.Part.HEAD) || item.is(Term.Part.CROWN);
        return at > 0 && items.get(at - 1).is(Term.Act.RAISE) && trunk && item.rel() == null;
    }

    /** Whether a hand is spoken of between the last comma and here. */
    private static boolean hand(List<Item> items, int at) {
        for (int i = at - 1; i >= 0 && !items.get(i).soft(); i--) {
            Item item = items.get(i);
            boolean hand = item.is(Term.Part.HAND) || item.is(Term.Part.PALM) || item.is(Term.Part.ARM);
            if (hand && item.rel() == null) {
                return true;
            }
        }
        return false;
    }

    private static boolean boundary(List<Item> items, int at) {
        return at == 0 || items.get(at - 1).soft();
    }
}
