package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** The right hand follows the left to the hip: the left is a hand too, and goes nowhere by this. */
final class FollowedHand {

    private FollowedHand() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 2; i < said.size(); i++) {
            Item side = said.get(i);
            Item hand = said.get(i - 2);
            boolean other =
                    side.bareSide() && side.rel() == null && side.who().side().isPresent() && hand.who() != side.who();
            if (other && said.get(i - 1).is(Term.Act.FOLLOW) && HandWords.hand(hand) && hand.sidedLimb()) {
                said.set(i, new Item(Term.Part.HAND, null, side.who(), false, side.from(), side.to(), side.text()));
            }
        }
        return said;
    }
}
