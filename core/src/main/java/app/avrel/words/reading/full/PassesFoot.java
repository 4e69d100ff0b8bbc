package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/**
 * The left leg passes behind the right: a leg that does so crosses there. The right foot steps past the left: it goes on
 * ahead of it, where no other way is said.
 */
final class PassesFoot {

    private PassesFoot() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i < said.size(); i++) {
            Item passed = said.get(i);
            boolean verb = said.get(i - 1).is(Term.Act.PASS);
            boolean limb = passed.bareSide() || leg(passed);
            if (limb
                    && verb
                    && crosses(passed)
                    && i > 1
                    && leg(said.get(i - 2))
                    && said.get(i - 2).sidedLimb()) {
                said.set(i - 1, said.get(i - 1).as(Term.Act.CROSS));
            } else if (limb
                    && passed.who() != null
                    && (passed.rel() == Term.Rel.PAST || verb && passed.rel() == null)) {
                past(said, i, verb);
            }
        }
        return said;
    }

    private static boolean crosses(Item passed) {
        return passed.rel() == Term.Rel.BEHIND || passed.rel() == Term.Rel.BEFORE;
    }

    /** Where it is a foot that goes past: before it is named which, or with which one steps. */
    private static void past(List<Item> said, int at, boolean verb) {
        List<Item> part = said.subList(Parts.begin(said, at), Parts.end(said, at));
        Term.Who other = said.get(at).who();
        boolean foot = part.stream()
                .anyMatch(item -> leg(item)
                        && item.who() != null
                        && item.who() != other
                        && (item.rel() == null || item.rel() == Term.Rel.WITH));
        boolean steps = part.stream().anyMatch(item -> item.is(Term.Act.STEP))
                && part.stream().noneMatch(Item::sidedLimb);
        if (!foot && !steps) {
            return;
        }
        boolean way = part.stream().anyMatch(PassesFoot::way);
        said.set(at, said.get(at).as(way ? Term.Rel.THROUGH : Term.Way.FORWARD));
        if (verb) {
            said.set(at - 1, said.get(at - 1).as(Term.Act.STEP));
        }
    }

    private static boolean way(Item item) {
        boolean toNumber = item.term() instanceof Term.Num && item.rel() == Term.Rel.TO;
        boolean toSide = item.bareSide() && item.rel() == Term.Rel.TO;
        return item.term() instanceof Term.Way || item.term() instanceof Term.Hall || toNumber || toSide;
    }

    private static boolean leg(Item item) {
        return item.is(Term.Part.FOOT) || item.is(Term.Part.LEG);
    }
}
