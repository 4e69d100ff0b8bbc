package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The left leg passes behind the right: a leg that does so crosses there. */
final class PassesFoot {

    private PassesFoot() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 1; i + 1 < said.size(); i++) {
            Item passed = said.get(i + 1);
            boolean there = passed.rel() == Term.Rel.BEHIND || passed.rel() == Term.Rel.BEFORE;
            boolean other = there && (passed.bareSide() || leg(passed));
            if (said.get(i).is(Term.Act.PASS)
                    && leg(said.get(i - 1))
                    && said.get(i - 1).sidedLimb()
                    && other) {
                said.set(i, said.get(i).as(Term.Act.CROSS));
            }
        }
        return said;
    }

    private static boolean leg(Item item) {
        return item.is(Term.Part.FOOT) || item.is(Term.Part.LEG);
    }
}
