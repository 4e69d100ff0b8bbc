package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** What points to another count: understood as that, and pointed at, for no move holds it. */
final class SameFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(Term.Ref.class);
    }

    @Override
    public boolean joins() {
        return true;
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean refers = clause.has(Term.Ref.SAME) || clause.has(Term.Ref.COUNT) || clause.has(Term.Ref.OTHER_SIDE);
        if (!refers) {
            return Optional.empty();
        }
        for (int i = 0; i < clause.size(); i++) {
            if (!clause.item(i).soft() && !Leftover.small(clause.item(i))) {
                clause.keep(i);
            }
        }
        return Optional.of(new Fit());
    }
}
