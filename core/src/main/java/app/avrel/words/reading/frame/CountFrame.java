package app.avrel.words.reading.frame;

import app.avrel.posture.count.Pace;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Standing still: hold; everything stays as it is. */
final class CountFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> item.is(Term.Manner.EVEN)
                || item.is(Term.Act.HOLD)
                || item.is(Term.Act.STAY)
                || item.is(Term.Part.BREATH));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean alone = clause.items().stream()
                .allMatch(item -> item.is(Term.Act.HOLD)
                        || item.is(Term.Act.STAY)
                        || item.is(Term.Part.BREATH)
                        || item.is(Term.Act.TAKE)
                        || item.is(Term.Manner.EVEN)
                        || Leftover.small(item)
                        || item.is(Term.Manner.ALL)
                        || item.is(Term.Part.FLOOR) && clause.has(Term.Act.STAY)
                        || WhichFoot.foot(item) && (item.both() || item.who() == null) && clause.has(Term.Act.STAY)
                        || item.is(Term.Rel.OWN_PLACE));
        if (!alone) {
            return Optional.empty();
        }
        boolean feet = clause.has(WhichFoot::foot);
        boolean holds = !feet && (clause.has(Term.Act.HOLD) || clause.has(Term.Act.STAY));
        boolean even = clause.has(Term.Manner.EVEN);
        clause.useAll();
        if (even) {
            return Optional.of(Fit.of(
                    new CountManner(Optional.empty(), Optional.of(Pace.EVEN), Optional.empty(), Optional.empty())));
        }
        return Optional.of(
                holds
                        ? Fit.of(new CountManner(
                                Optional.empty(), Optional.of(Pace.HELD), Optional.empty(), Optional.empty()))
                        : feet ? new Fit().holds("the feet stay") : new Fit());
    }
}
