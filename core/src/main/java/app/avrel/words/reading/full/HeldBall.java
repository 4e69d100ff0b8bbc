package app.avrel.words.reading.full;

import app.avrel.words.lexicon.Term;
import app.avrel.words.reading.frame.HandWords;
import app.avrel.words.reading.frame.Item;
import java.util.ArrayList;
import java.util.List;

/** Ball, right on top: where it is told next which hand is above, it is held, and no foot lands on it. */
final class HeldBall {

    /** How far behind the word it is told which hand is above. */
    private static final int NEAR = 6;

    private HeldBall() {}

    static List<Item> of(List<Item> items) {
        List<Item> said = new ArrayList<>(items);
        for (int i = 0; i + 2 < said.size(); i++) {
            Item ball = said.get(i);
            boolean hands =
                    i > 0 && HandWords.hand(said.get(i - 1)) && said.get(i - 1).many();
            boolean begins = Parts.begins(said, i) || hands;
            if (begins && ball.is(Term.Part.BALL) && ball.rel() == null && ball.who() == null && onTop(said, i + 1)) {
                said.set(i, ball.as(Term.Manner.BALL_HELD));
            }
        }
        return said;
    }

    private static boolean onTop(List<Item> items, int from) {
        for (int i = from;
                i < Math.min(items.size() - 1, from + NEAR) && !items.get(i).is(Term.Mark.THEN);
                i++) {
            Item side = items.get(i);
            boolean hand = side.bareSide() || HandWords.hand(side);
            if (hand
                    && side.who() != null
                    && side.who().side().isPresent()
                    && items.get(i + 1).is(Term.Rel.ABOVE)) {
                return true;
            }
        }
        return false;
    }
}
