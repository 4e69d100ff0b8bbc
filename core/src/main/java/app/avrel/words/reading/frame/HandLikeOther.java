package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** What a hand does because another does: it follows that, or does the same. */
final class HandLikeOther {

    private final Clause clause;
    private final Situation now;

    HandLikeOther(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return whether the hands only go along with another, wherever that goes} */
    boolean follows(List<Side> hands) {
        if (!clause.has(Term.Act.FOLLOW)) {
            return false;
        }
        boolean underElbow = clause.has(
                item -> item.is(Term.Part.ELBOW) && (item.rel() == Term.Rel.UNDER || item.rel() == Term.Rel.BELOW));
        if (!underElbow) {
            followed(hands);
        }
        if (underElbow
                || clause.has(item -> item.rel() != null
                        && item.rel() != Term.Rel.WITH
                        && Landmarks.of(item.term()).isPresent())) {
            clause.takeAll(Term.Act.FOLLOW);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null);
            return false;
        }
        clause.takeAll(Term.Act.FOLLOW, Term.Part.HAND, Term.Part.ARM, Term.Part.PALM);
        clause.takeAll(Term.Act.RAISE, Term.Act.RISE, Term.Act.LOWER, Term.Act.SINK, Term.Act.MOVE);
        clause.takeAll(Term.Way.UP, Term.Way.DOWN);
        clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
        clause.takeAll(Term.Rel.WITH);
        return !hands.isEmpty();
    }

    /** The right hand follows the left: the left is what it follows. */
    private void followed(List<Side> hands) {
        int follow = clause.find(Term.Act.FOLLOW);
        for (int i = follow + 1; i < clause.size() && hands.size() == 1; i++) {
            Item item = clause.item(i);
            boolean other = item.whose()
                    .flatMap(now::hand)
                    .filter(side -> side != hands.getFirst())
                    .isPresent();
            boolean foot = WhichFoot.foot(item) && item.rel() != null;
            if (foot || other && (item.bareSide() || HandWords.hand(item))) {
                clause.use(i);
            }
        }
    }

    /** {@return the same as the hand before it does: the other hand the same; empty where that is not said} */
    Optional<Fit> sameAsLast(List<Side> hands) {
        boolean same = clause.has(Term.Ref.SAME)
                || clause.has(Term.Ref.TOO)
                        && !clause.has(item -> Landmarks.of(item.term()).isPresent());
        if (!same || now.lastPlace().isEmpty() || hands.size() != 1) {
            return Optional.empty();
        }
        clause.takeAll(
                Term.Ref.SAME,
                Term.Ref.TOO,
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.FIST,
                Term.Part.ARM,
                Term.Act.DO,
                Term.Act.MOVE);
        return Optional.of(
                Fit.of(new Move.PlaceHand(hands.getFirst(), now.lastPlace().get(), Optional.empty())));
    }
}
