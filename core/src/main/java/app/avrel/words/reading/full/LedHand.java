package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import app.avrel.words.reading.frame.Landmarks;
import java.util.ArrayList;
import java.util.List;

/** The left hand leads the right to the forehead: both come there, and the left does not go to the right. */
final class LedHand {

    private LedHand() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 3 < said.size(); i++) {
            Item hand = said.get(i);
            Item led = said.get(i + 2);
            boolean leads = Parts.begins(said, i)
                    && hand.is(Term.Part.HAND)
                    && hand.sidedLimb()
                    && leads(said.get(i + 1), led)
                    && led.rel() == null
                    && led.who() == hand.who().opposite();
            boolean way = said.get(i + 3).term() instanceof Term.Way && i + 4 < said.size();
            Item goal = said.get(way ? i + 4 : i + 3);
            if (leads && goal.rel() == Term.Rel.TO && Landmarks.of(goal.term()).isPresent()) {
                said.set(i, new Item(hand.term(), null, Term.Who.BOTH, true, hand.from(), hand.to(), hand.text()));
                said.remove(i + 2);
            }
        }
        return said;
    }

    /** What goes left to the forehead takes nothing along; what takes the left there does. */
    private static boolean leads(Item verb, Item led) {
        boolean takes = verb.is(Term.Act.TAKE) || verb.is(Term.Act.DRAW);
        return takes && led.bareSide() || (takes || verb.is(Term.Act.MOVE)) && HandWords.hand(led);
    }
}
