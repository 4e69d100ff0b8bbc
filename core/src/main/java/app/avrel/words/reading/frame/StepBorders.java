package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;

/** Clauses that speak of feet and in which no foot goes anywhere, or another one does. */
final class StepBorders {

    /** A number over the hours, of which nobody says that it is a foot's, is a share of the weight. */
    private static final double HOURS = 12;

    private final Clause clause;
    private final Situation now;

    StepBorders(Clause clause, Situation now) {
        this.clause = clause;
        this.now = now;
    }

    /** {@return whether the clause is none of a foot that goes to another place, before anything of it is taken} */
    boolean within() {
        boolean onto = clause.has(item -> item.bareSide() && item.rel() == Term.Rel.ON);
        return turnsThenSteps()
                || stepsWithEach()
                || clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.FROM)
                || followsHand()
                || HandWords.goesBack(clause, now)
                || TurnFootFrame.heelSwings(clause)
                || TurnFootFrame.parallel(clause)
                || stepsThenSlides()
                || onto
                        && (clause.has(Term.Act.STEP)
                                || weighs()
                                || clause.has(item -> item.term() instanceof Term.Num))
                || onlyPivots()
                || reaches()
                || !clause.has(WhichFoot::foot) && clause.has(item -> item.bareSide() && item.rel() == Term.Rel.PAST)
                || onlyCrosses();
    }

    /** After a hand the left one stretches forward: that is the other hand. */
    private boolean reaches() {
        return now.topic() == Situation.Topic.HAND
                && clause.has(Term.Manner.EXTENDED)
                && clause.has(Item::bareSide)
                && !clause.has(WhichFoot::foot)
                && !clause.has(Term.Act.STEP);
    }

    /** {@return whether the clause is about the weight or a hand} */
    boolean ofOthers() {
        return clause.has(Term.Part.WEIGHT) || clause.has(item -> HandWords.hand(item) && item.rel() == null);
    }

    /** {@return whether toes are spoken of that only turn or touch} */
    boolean onlyToes(StepVerbs verbs, boolean land) {
        boolean toAnkle = verbs.draws() && clause.has(item -> item.is(Term.Part.ANKLE) && item.rel() != null);
        return clause.has(Term.Part.TOES)
                && !land
                && !verbs.steps()
                && !verbs.slides()
                && !toAnkle
                && !clause.has(Term.Part.FOOT)
                && !clause.has(item -> item.is(Term.Part.HEEL) && !keptDown(item));
    }

    /** Toes out 30, the heel stays on the floor: it is what one turns on. */
    private boolean keptDown(Item heel) {
        int at = clause.items().indexOf(heel);
        boolean toes = clause.has(item -> item.is(Term.Part.TOES) && item.sidedLimb());
        return toes
                && clause.near(at, 1)
                        .filter(next -> next.is(Term.Way.DOWN) || next.is(Term.Act.STAY) || next.is(Term.Part.FLOOR))
                        .isPresent();
    }

    /** {@return whether an amount, a share or a side is said of the body, of the weight or of a hand that was spoken of} */
    boolean saidOfAnother(StepVerbs verbs) {
        return goesBack(verbs)
                || bends(verbs)
                || shares(verbs)
                || sideOnly(verbs)
                || ofHandOrEyes(verbs)
                || ofProp(verbs);
    }

    /** Shift left, then back to the right: the weight goes back, or the eyes, or the body turns. */
    private boolean goesBack(StepVerbs verbs) {
        boolean others = now.topic() == Situation.Topic.WEIGHT
                || now.topic() == Situation.Topic.TURN
                || now.topic() == Situation.Topic.EYES;
        return others && !verbs.part() && BackAgain.said(clause);
    }

    private boolean bends(StepVerbs verbs) {
        return !verbs.part()
                && !verbs.verb()
                && !verbs.moves()
                && clause.items().stream()
                        .anyMatch(item -> Ways.amount(item.term()).isPresent()
                                && item.rel() != Term.Rel.TO
                                && item.rel() != Term.Rel.AT);
    }

    private boolean shares(StepVerbs verbs) {
        return !verbs.part()
                && !verbs.verb()
                && clause.has(item -> item.bareSide() && item.rel() == Term.Rel.TO)
                && clause.has(item -> item.term() instanceof Term.Num(double share) && share > HOURS);
    }

    private boolean sideOnly(StepVerbs verbs) {
        return !verbs.part() && !verbs.verb() && clause.has(item -> item.bareSide() && item.rel() == null);
    }

    private boolean ofHandOrEyes(StepVerbs verbs) {
        boolean slidesOnly = verbs.slides() && !verbs.steps() && !verbs.lands();
        return !verbs.part()
                && (!verbs.verb() || slidesOnly && now.topic() == Situation.Topic.HAND)
                && !verbs.moves()
                && (now.topic() == Situation.Topic.EYES || now.topic() == Situation.Topic.HAND);
    }

    private boolean ofProp(StepVerbs verbs) {
        return now.topic() == Situation.Topic.PROP
                && !verbs.verb()
                && clause.items().stream().noneMatch(item -> WhichFoot.foot(item) && item.rel() == null);
    }

    /** {@return whether nobody says whether it is a foot or a hand that goes there} */
    boolean unnamed(StepVerbs verbs) {
        return !verbs.part()
                && !verbs.verb()
                && !verbs.moves()
                && now.topic() == Situation.Topic.NOTHING
                && clause.items().stream()
                        .noneMatch(item -> item.term() instanceof Term.Hall
                                || Ways.amount(item.term()).isPresent()
                                || item.term() instanceof Term.Measure);
    }

    /** Seventy on the left, rest on the right: the weight is spoken of, and no foot. */
    private boolean weighs() {
        return now.topic() == Situation.Topic.WEIGHT && !clause.has(WhichFoot::foot);
    }

    /** On the left heel, to 6: the heel is what one turns on, and nobody says that a foot steps. */
    private boolean onlyPivots() {
        boolean pivot = clause.has(item -> (item.is(Term.Part.HEEL) || item.is(Term.Part.BALL))
                && (item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH));
        boolean goes = clause.has(item -> item.is(Term.Act.STEP)
                || item.is(Term.Act.SLIDE)
                || item.is(Term.Act.LAND)
                || item.is(Term.Act.MOVE)
                || item.is(Term.Act.HALF_STEP)
                || item.is(Term.Act.DRAW));
        return pivot && !goes && !clause.has(item -> WhichFoot.foot(item) && item.rel() == null);
    }

    /** The right hand leads, the left follows: that is the other hand, and no foot. */
    private boolean followsHand() {
        return now.topic() == Situation.Topic.HAND
                && clause.has(Term.Act.FOLLOW)
                && !clause.has(WhichFoot::foot)
                && !clause.has(Term.Act.HALF_STEP)
                && !clause.has(Term.Manner.HALF_STEP_LONG);
    }

    /** Step behind the right foot, crossing: that is how the step before goes, and no other step. */
    private boolean onlyCrosses() {
        return now.topic() == Situation.Topic.FOOT
                && clause.has(Term.Act.CROSS)
                && !clause.has(item -> item.who() != null)
                && !clause.has(item -> item.term() instanceof Term.Way);
    }

    /** A step to the side with each foot, left first: those are two steps, and no count holds them as one. */
    private boolean stepsWithEach() {
        return clause.has(Term.Act.STEP)
                && clause.has(item -> item.is(Term.Part.FOOT) && item.both() && item.rel() == Term.Rel.WITH);
    }

    /** Turn left forty-five and step out: the number is of the turn. */
    private boolean turnsThenSteps() {
        int amount = clause.find(item -> Ways.amount(item.term()).isPresent());
        int steps = clause.find(Term.Act.STEP);
        return amount >= 0
                && steps > amount
                && clause.items().subList(0, amount).stream().noneMatch(WhichFoot::foot)
                && clause.parted(amount, steps);
    }

    /** Step back with the right and drag the left heel: one foot steps, and then the other slides. */
    private boolean stepsThenSlides() {
        int steps = clause.find(Term.Act.STEP);
        int slides = clause.find(Term.Act.SLIDE);
        return steps >= 0 && slides > steps && clause.parted(steps, slides);
    }

    /** {@return whether the toes are not of the foot that steps: step the left foot forward and the right toes out} */
    boolean otherToes(Side foot) {
        return clause.has(item -> item.is(Term.Part.TOES)
                && item.rel() == null
                && item.who() != null
                && item.who().side().filter(side -> side != foot).isPresent());
    }

    /** {@return whether between two borders a foot is neither drawn nor spoken of: breathe in and gather} */
    boolean drawsNothing() {
        int draw = clause.find(Term.Act.DRAW);
        if (draw < 0 || now.topic() == Situation.Topic.FOOT) {
            return false;
        }
        int from = draw;
        while (from > 0 && !clause.item(from - 1).soft()) {
            from--;
        }
        int to = draw;
        while (to < clause.size() && !clause.item(to).soft()) {
            to++;
        }
        return to - from == 1 && clause.size() > 1;
    }
}
