package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The weight on the right leg, turn in the other foot: other than the leg that was named last. */
final class OtherFoot {

    private static final Set<Term.Part> LEGS = EnumSet.of(
            Term.Part.FOOT,
            Term.Part.LEG,
            Term.Part.HEEL,
            Term.Part.BALL,
            Term.Part.TOES,
            Term.Part.SOLE,
            Term.Part.KNEE);

    private static final Set<Term.Act> BEARS = EnumSet.of(Term.Act.SHIFT, Term.Act.SIT);

    private OtherFoot() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>();
        Term.@Nullable Who last = null;
        boolean weight = false;
        for (Item item : items) {
            boolean leg = item.term() instanceof Term.Part part && LEGS.contains(part) && item.rel() != Term.Rel.AT;
            Term.@Nullable Who other =
                    leg && item.rel() == null && item.who() == Term.Who.OTHER && last != null ? opposite(last) : null;
            said.add(other == null ? item : item.sided(other));
            weight = (weight || bears(item)) && !(item.term() instanceof Term.Mark);
            boolean names = leg || weight && item.bareSide();
            last = other != null ? other : names && sided(item) ? item.who() : last;
        }
        return said;
    }

    private static boolean bears(Item item) {
        return item.is(Term.Part.WEIGHT) || item.term() instanceof Term.Act act && BEARS.contains(act);
    }

    private static boolean sided(Item item) {
        return item.whose().flatMap(Term.Who::side).isPresent();
    }

    private static Term.Who opposite(Term.Who side) {
        return side == Term.Who.LEFT ? Term.Who.RIGHT : Term.Who.LEFT;
    }
}
