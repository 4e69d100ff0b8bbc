package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;

/**
 * What is not to be done: do not let the heel come up, without turning the hips. Nothing is recorded of it, and the words
 * stay with the count as a note.
 */
final class NotFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Mark.NOT) || clause.has(Term.Act.STAY);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        int not = clause.find(Term.Mark.NOT);
        if (not < 0) {
            return stays(clause);
        }
        boolean acts = false;
        boolean limb = false;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean part = item.part() || item.bareSide() && item.who() == Term.Who.IT || item.is(Term.Ref.THEM);
            if (item.soft() || item.is(Term.Mark.UNKNOWN) || i < not && !(part && item.rel() == null)) {
                return Optional.empty();
            }
            acts |= i > not && item.term() instanceof Term.Act;
            limb |= part || item.is(Term.Act.LEAN);
        }
        if (!acts || !limb) {
            return Optional.empty();
        }
        clause.useAll();
        return Optional.of(new Fit().noted().holds("what is not done"));
    }

    /** The right foot stays: nothing of it moves. */
    private static Optional<Fit> stays(Clause clause) {
        boolean foot = clause.size() == 2
                && WhichFoot.foot(clause.item(0))
                && clause.item(0).sidedLimb()
                && clause.item(1).is(Term.Act.STAY);
        if (!foot) {
            return Optional.empty();
        }
        clause.useAll();
        return Optional.of(new Fit().holds("the feet stay"));
    }
}
