package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.Optional;

/** Sinks until the rear knee meets the calf of the other leg. */
final class KneeToCalfFrame implements Frame {

    @Override
    public boolean may(Clause clause) {
        return clause.has(KneeToCalfFrame::knee) && clause.has(KneeToCalfFrame::calf);
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        Optional<Item> knee = clause.takeItem(KneeToCalfFrame::knee);
        Optional<Item> calf = clause.takeItem(KneeToCalfFrame::calf);
        boolean meets = clause.takeAll(Term.Act.MEET, Term.Act.LAND)
                || calf.filter(item -> item.rel() != null).isPresent();
        boolean sinks = clause.takeAll(Term.Act.SINK, Term.Act.LOWER, Term.Act.SIT);
        if (!meets || clause.has(HandWords::hand)) {
            return Optional.empty();
        }
        clause.takeAll(
                Term.Act.MOVE,
                Term.Act.CLOSE,
                Term.Act.HOLD,
                Term.Part.BODY,
                Term.Part.HIPS,
                Term.Way.DOWN,
                Term.Manner.DEEPER,
                Term.Manner.MORE);
        Optional<Side> rear = side(knee.orElseThrow(), now)
                .or(() -> side(calf.orElseThrow(), now).map(Side::other));
        return Optional.of(
                Fit.of(new Move.ChangeDepth(new Depth.UntilKneeMeetsCalf(rear))).costs(sinks ? 0 : Costs.NO_VERB));
    }

    private static boolean knee(Item item) {
        return item.is(Term.Part.KNEE) && (item.rel() == null || item.rel() == Term.Rel.TO);
    }

    private static boolean calf(Item item) {
        return item.is(Term.Part.SHIN);
    }

    /** Whose it is, where left or right is said: the rear and the front one are told by the feet. */
    private static Optional<Side> side(Item item, Situation now) {
        return item.whose().filter(who -> who.side().isPresent()).flatMap(now::foot);
    }
}
