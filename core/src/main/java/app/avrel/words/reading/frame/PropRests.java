package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.hand.PropRest;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** What a prop lies against. */
final class PropRests {

    private PropRests() {}

    /** {@return whether it rests at a side, which is taken} */
    static boolean aside(Clause clause) {
        boolean found = false;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean next =
                    clause.near(i, 1).filter(after -> after.is(Term.Way.SIDE)).isPresent();
            boolean side = item.is(Term.Way.SIDE)
                    || item.is(Term.Part.BODY) && item.rel() != null && item.rel() != Term.Rel.BEFORE
                    || item.bareSide() && next
                    || (item.bareSide() || PropWords.foot(item))
                            && item.rel() != null
                            && item.rel() != Term.Rel.WITH
                            && item.rel() != Term.Rel.FROM;
            if (clause.open(i) && side) {
                clause.use(i);
                found = true;
            }
        }
        return found;
    }

    /** {@return where it lies, in words that say just that} */
    static Optional<PropRest> lies(Clause clause) {
        if (clause.takeAll(Term.Manner.RESTS_OWN_ARM)) {
            return Optional.of(PropRest.OWN_FOREARM);
        }
        if (clause.takeAll(Term.Manner.RESTS_OTHER_ARM)) {
            return Optional.of(PropRest.OTHER_FOREARM);
        }
        if (clause.takeAll(Term.Manner.RESTS_FLOOR)) {
            return Optional.of(PropRest.FLOOR);
        }
        return clause.takeAll(Term.Manner.RESTS_SIDE) ? Optional.of(PropRest.SIDE) : Optional.empty();
    }

    /** {@return what it lies against; the forearm is the other one where the other side is named, or nothing is} */
    static Optional<PropRest> on(Optional<Item> forearm, Side by, boolean touches, boolean aside) {
        if (forearm.isPresent()) {
            boolean own = forearm.get().whose().flatMap(Term.Who::side).equals(Optional.of(by))
                    || forearm.get().whose().equals(Optional.of(Term.Who.OWN))
                    || forearm.get().who() == null && forearm.get().rel() == Term.Rel.BEHIND;
            return Optional.of(own ? PropRest.OWN_FOREARM : PropRest.OTHER_FOREARM);
        }
        return touches ? Optional.of(PropRest.FLOOR) : aside ? Optional.of(PropRest.SIDE) : Optional.empty();
    }
}
