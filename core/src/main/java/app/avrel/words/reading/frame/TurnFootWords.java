package app.avrel.words.reading.frame;

import app.avrel.posture.hand.HandShape;
import app.avrel.words.lexicon.Term;
import java.util.Set;

/** What a clause says of a foot that turns where it stands: the parts that are named, and the verbs. */
final class TurnFootWords {

    /** Toes that something is on, over or past do not turn. */
    private static final Set<Term.Rel> NO_SUBJECT =
            Set.of(Term.Rel.ON, Term.Rel.WITH, Term.Rel.OVER, Term.Rel.PAST, Term.Rel.ABOVE, Term.Rel.UNDER);

    private final Clause clause;
    private final Situation now;
    private final boolean parallel;
    private final boolean turns;
    private final boolean opens;
    private final boolean points;
    private final boolean toes;
    private final boolean part;
    private final boolean heel;
    private final boolean foot;

    TurnFootWords(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
        parallel = TurnFootFrame.parallel(clause);
        turns = clause.has(Term.Act.TURN)
                || hooks()
                || inBySoMuch()
                || parallel
                || TurnFootFrame.heelSwings(clause)
                || clause.has(Term.Act.TWIST)
                || clause.has(Term.Act.FOLLOW) && now.turning()
                || clause.has(Term.Act.PUSH) && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null);
        opens = clause.has(Term.Act.OPEN) || clause.has(Term.Act.CLOSE);
        points = clause.has(Term.Act.FACE) || clause.has(Term.Act.POINT) || clause.has(Term.Act.LOOK);
        toes = clause.has(item -> item.is(Term.Part.TOES) && (item.rel() == null || !NO_SUBJECT.contains(item.rel())));
        part = clause.has(WhichFoot::foot);
        heel = clause.has(item -> item.is(Term.Part.HEEL) || item.is(Term.Part.BALL) || item.is(Term.Part.SOLE));
        foot = clause.has(item -> item.is(Term.Part.FOOT));
    }

    boolean parallel() {
        return parallel;
    }

    boolean turns() {
        return turns;
    }

    boolean opens() {
        return opens;
    }

    boolean toes() {
        return toes;
    }

    boolean part() {
        return part;
    }

    /** {@return whether a heel, a ball or a sole is named} */
    boolean heel() {
        return heel;
    }

    boolean foot() {
        return foot;
    }

    boolean verb() {
        return turns || opens || points;
    }

    /** {@return whether the toes are said to point somewhere, and not to turn there} */
    boolean onlyPoints() {
        return points && !turns && !opens || many();
    }

    /** {@return whether both feet are said to be toward something} */
    boolean many() {
        return clause.has(item -> item.is(Term.Part.FOOT) && item.both())
                && (clause.has(Term.Hall.class) || clause.has(Term.Way.FORWARD) || there());
    }

    /** {@return whether a foot is spoken of, and how it turns} */
    boolean ofFoot() {
        boolean inOrOut = clause.has(Term.Way.IN) || clause.has(Term.Way.OUT);
        boolean onSide = clause.has(item -> item.bareSide() && item.rel() == null);
        boolean sideOnly = !part && turns && onSide && !clause.has(Item::soft) && inOrOut;
        boolean limb = toes || again(inOrOut) || foot || heel && turns || sideOnly;
        return limb && (verb() || toes || many());
    }

    /** Turn it out: the foot that was spoken of. */
    private boolean again(boolean inOrOut) {
        boolean it = opens && it();
        return !part
                && (turns || it)
                && now.topic() == Situation.Topic.FOOT
                && now.lastFoot().isPresent()
                && (it || liftedTurns() || inOrOut && !clause.has(Item::bareSide));
    }

    /** Right foot in 20: a foot that is led in by an angle, and by nothing else, turns. */
    private boolean inBySoMuch() {
        return clause.has(Term.Way.IN)
                && clause.has(item -> Ways.amount(item.term()).isPresent())
                && clause.has(item -> item.is(Term.Part.FOOT) && item.sidedLimb() && item.rel() == null)
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Way.IN)
                                || item.is(Term.Part.FOOT)
                                || Ways.amount(item.term()).isPresent()
                                || Leftover.small(item));
    }

    /** The toes hook in: no hand has that shape here. */
    private boolean hooks() {
        return clause.has(Term.Way.IN)
                && !clause.has(item -> item.rel() == Term.Rel.BEHIND)
                && clause.takeItem(item -> item.term() instanceof Term.Shaped(HandShape shape)
                                && shape == HandShape.HOOK
                                && clause.has(foot -> foot.sidedLimb() && WhichFoot.foot(foot)))
                        .isPresent();
    }

    /** {@return whether what was lifted turns: the toes come up, swivel them 45 to the left, pivot to 10} */
    boolean liftedTurns() {
        return now.raised().isPresent() && clause.has(Term.Ref.THEM) || TurnFootFrame.toesUpTurnTo(clause, now);
    }

    /** Both feet to 9; the feet too, after the body has turned to a heading. */
    private boolean there() {
        boolean too = clause.has(Term.Ref.TOO) || clause.has(Term.Ref.THERE);
        return too && now.turned() && now.lastHeading().isPresent()
                || clause.has(item -> item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
    }

    /** {@return whether "it" is said: lift the heel and turn it out} */
    boolean it() {
        return clause.has(item -> item.bareSide() && item.who() == Term.Who.IT);
    }
}
