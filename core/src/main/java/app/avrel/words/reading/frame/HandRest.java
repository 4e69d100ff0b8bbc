package app.avrel.words.reading.frame;

import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.Set;

/** Takes the verbs, the parts and the ways that only say how a hand gets to its place. */
final class HandRest {

    private static final Set<Term.Act> VERBS = EnumSet.of(
            Term.Act.MOVE,
            Term.Act.RETURN,
            Term.Act.TURN,
            Term.Act.TURN_OVER,
            Term.Act.ROLL,
            Term.Act.TWIST,
            Term.Act.FACE,
            Term.Act.POINT,
            Term.Act.DRAW,
            Term.Act.LOWER,
            Term.Act.RAISE,
            Term.Act.SINK,
            Term.Act.RISE,
            Term.Act.LOOK,
            Term.Act.HOLD,
            Term.Act.PUSH,
            Term.Act.PRESS,
            Term.Act.RAISE_PALM,
            Term.Act.WARD,
            Term.Act.PULL,
            Term.Act.PULL_BACK,
            Term.Act.CLOSE,
            Term.Act.FORM,
            Term.Act.OPEN,
            Term.Act.SPREAD,
            Term.Act.STAY,
            Term.Act.SWEEP,
            Term.Act.HANG,
            Term.Act.LAND,
            Term.Act.MEET,
            Term.Act.SLIDE,
            Term.Act.SHIFT,
            Term.Act.TAKE,
            Term.Act.LAY,
            Term.Act.PASS,
            Term.Act.HOVER,
            Term.Act.CIRCLE,
            Term.Act.DO,
            Term.Act.CROSS,
            Term.Act.SIT,
            Term.Act.STEP,
            Term.Act.FOLD);

    private final Clause clause;

    HandRest(Clause clause) {
        this.clause = clause;
    }

    /** Takes the verbs, the parts and the ways that only say how the hand gets there; {@return whether a way was} */
    boolean take() {
        boolean carries = clause.indexOf(Term.Act.TAKE) < 0
                && (clause.has(Term.Act.DRAW)
                        || clause.has(Term.Act.PULL)
                        || clause.has(Term.Act.MOVE)
                        || clause.has(Term.Act.RAISE)
                        || clause.has(Term.Act.RETURN));
        if (carries) {
            clause.takeItem(item -> item.rel() == null && item.prop());
        }
        int look = clause.indexOf(Term.Act.LOOK);
        boolean looked = look > 0
                && (HandWords.hand(clause.item(look - 1))
                        || clause.item(look - 1).is(Term.Mark.UNTIL)
                        || clause.item(look - 1).bareSide());
        boolean deep = clause.indexOf(Term.Act.SINK) >= 0 || clause.indexOf(Term.Act.RISE) >= 0;
        for (int i = 0; i < clause.size(); i++) {
            Item item = clause.item(i);
            boolean verb = item.term() instanceof Term.Act act && VERBS.contains(act);
            boolean length = item.is(Term.Part.FIST) && item.who() == null && deep;
            boolean part = !length
                            && HandWords.hand(item)
                            && (item.rel() == null || item.rel() == Term.Rel.WITH)
                            && item.who() == null
                    || !length && HandWords.hand(item) && own(item);
            boolean looks = item.is(Term.Act.LOOK) && !looked;
            if (clause.open(i) && (verb && !looks || part)) {
                clause.use(i);
            }
        }
        boolean way = clause.takeAll(Term.Way.UP, Term.Way.DOWN);
        boolean moves = clause.items().stream().anyMatch(item -> item.term() instanceof Term.Act || item.rel() != null);
        if (moves) {
            takeWays();
        }
        clause.takeAll(
                Term.Manner.FIRST,
                Term.Manner.ALL,
                Term.Manner.BENT,
                Term.Manner.TOGETHER,
                Term.Manner.TURNED,
                Term.Ref.TOO,
                Term.Rel.OVER,
                Term.Rel.THROUGH,
                Term.Rel.PAST,
                Term.Rel.WHERE);
        clause.takeItem(item -> item.is(Term.Part.BODY) && item.rel() != null && item.rel() != Term.Rel.BEHIND);
        clause.takeAll(Term.Ref.THEM);
        clause.takeItem(item -> item.bareSide() && (item.who() == Term.Who.IT || item.who() == Term.Who.BOTH));
        return way;
    }

    /** Takes the ways to a place; what sweeps back from there, or pushes on, goes a way of its own. */
    private void takeWays() {
        for (int i = 0; i < clause.size(); i++) {
            Item way = clause.item(i);
            boolean straight = way.is(Term.Way.FORWARD) || way.is(Term.Way.BACK);
            boolean aside = way.is(Term.Way.OUT) || way.is(Term.Way.IN);
            if (clause.open(i) && (aside || straight && !onward(i))) {
                clause.use(i);
            }
        }
    }

    private boolean onward(int way) {
        boolean last = way + 1 == clause.size() || clause.item(way + 1).soft();
        return last
                && way > 2
                && (clause.item(way - 1).is(Term.Act.SWEEP)
                        || clause.item(way - 1).is(Term.Act.PUSH))
                && clause.item(way - 2).soft()
                && clause.items().subList(0, way - 2).stream()
                        .anyMatch(item -> Landmarks.of(item.term()).isPresent());
    }

    /** Whether a phrase names the hand that moves once more. */
    private boolean own(Item item) {
        return (item.rel() == null || item.rel() == Term.Rel.WITH)
                && (item.both() || item.who() == null || subject(item.who()));
    }

    private boolean subject(Term.Who who) {
        return clause.items().stream()
                .filter(item ->
                        HandWords.hand(item) && (item.rel() == null || item.rel() == Term.Rel.WITH) || item.bareSide())
                .filter(item -> item.who() != null && item.who().side().isPresent())
                .findFirst()
                .filter(item -> item.who() == who)
                .isPresent();
    }
}
