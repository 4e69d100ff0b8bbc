package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;

/** What a clause says that a foot does on its way, taken out of the clause as it is read. */
final class StepVerbs {

    private final Clause clause;
    private final Situation now;
    private final NearSteps near;
    private boolean part;
    private boolean steps;
    private boolean slides;
    private boolean half;
    private boolean draws;
    private boolean lands;
    private boolean moves;
    private boolean brings;
    private boolean beside;
    private boolean goes;

    StepVerbs(Clause clause, Situation now, NearSteps near) {
        this.clause = clause;
        this.now = now;
        this.near = near;
    }

    /** {@return whether a foot, or a part of one, is named} */
    boolean part() {
        return part;
    }

    boolean steps() {
        return steps;
    }

    boolean slides() {
        return slides;
    }

    boolean half() {
        return half;
    }

    boolean draws() {
        return draws;
    }

    boolean lands() {
        return lands;
    }

    /** {@return whether it moves, and nothing more of how} */
    boolean moves() {
        return moves;
    }

    /** {@return whether it is brought in, and nothing more of where to} */
    boolean brings() {
        return brings;
    }

    /** {@return whether it ends beside the other foot} */
    boolean beside() {
        return beside;
    }

    /** {@return whether some verb says that a foot goes somewhere} */
    boolean verb() {
        return steps || slides || half || draws || lands || goes;
    }

    /** {@return whether the clause may be of a foot; false where what is drawn there is none} */
    boolean take(StepBorders borders) {
        outOfVerb();
        part = clause.has(WhichFoot::foot);
        steps = clause.take(Term.Act.STEP);
        clause.takeAll(Term.Act.STEP);
        slides = clause.takeAll(Term.Act.SLIDE);
        if (sweepsRound() && clause.takeAll(Term.Act.SWEEP)) {
            clause.takeAll(Term.Way.ROUND);
            steps = true;
        }
        takeHalf();
        if (borders.drawsNothing()) {
            return false;
        }
        boolean arc = drawsArc();
        draws = clause.takeAll(Term.Act.DRAW) && !arc;
        steps |= arc;
        lands = clause.takeAll(Term.Act.LAND);
        if (half) {
            clause.takeAll(Term.Act.RISE, Term.Way.UP);
        }
        boolean comesUp = takeMoves();
        boolean closes = closes() | comesUp;
        boolean opens = opens();
        if (closes) {
            close(comesUp);
        }
        if (opens) {
            clause.takeAll(Term.Act.OPEN, Term.Act.SPREAD);
        }
        boolean behind = part && clause.has(item -> WhichFoot.foot(item) && item.rel() == Term.Rel.BEHIND);
        goes = behind && clause.takeAll(Term.Act.CLOSE);
        goes |= closes || opens || clause.has(Term.Act.CROSS) || back();
        return true;
    }

    private boolean sweepsRound() {
        return part
                && !clause.has(Term.Manner.INNER)
                && !clause.has(Term.Manner.OUTER)
                && (clause.has(Term.Way.ROUND)
                        || clause.has(Term.Way.BACK)
                        || clause.has(Term.Way.FORWARD) && clause.has(Term.Act.LAND)
                        || KickReading.along(clause));
    }

    /** Draw a half circle with the left foot: nothing is drawn in. */
    private boolean drawsArc() {
        int draw = clause.find(Term.Act.DRAW);
        return part
                && draw >= 0
                && clause.near(draw, 1).filter(item -> item.is(Term.Manner.ARC)).isPresent();
    }

    private void takeHalf() {
        boolean slanted = near.slanted();
        steps |= slanted && clause.said(Term.Act.HALF_STEP);
        boolean drawn = clause.has(Term.Act.DRAW) && clause.has(item -> item.is(Term.Part.FOOT) && item.rel() != null);
        half = (clause.takeAll(Term.Act.HALF_STEP) && !drawn)
                | (!slanted && clause.take(Term.Manner.HALF_STEP_LONG))
                | near.halfFollows()
                | (steps && near.upBehind());
    }

    /** Takes what says only that it moves; whether it comes up to the other. */
    private boolean takeMoves() {
        boolean taken = part && clause.has(Term.Act.TAKE) && FootPlaces.said(clause);
        if (steps || half || taken || part && clause.has(Term.Measure.class)) {
            clause.takeAll(Term.Act.TAKE, Term.Act.DO);
        }
        boolean comesUp = comesUp();
        moves = taken | clause.takeAll(Term.Act.MOVE, Term.Act.RETURN, Term.Act.FOLLOW, Term.Act.PULL_BACK);
        moves |= WeightFrame.footShifts(clause) && clause.takeAll(Term.Act.SHIFT);
        brings = moves && bringsIn();
        draws |= brings;
        return comesUp;
    }

    private boolean closes() {
        return FootPlaces.closesUp(clause, now)
                || clause.has(Term.Act.CLOSE)
                        && part
                        && clause.has(item -> (item.bareSide() || item.is(Term.Part.FOOT))
                                && item.who() != null
                                && (item.rel() == Term.Rel.TO
                                        || item.rel() == Term.Rel.BESIDE
                                        || item.rel() == Term.Rel.WITH && !clause.has(Term.Part.TOES)));
    }

    private boolean opens() {
        return (clause.has(Term.Act.OPEN) || clause.has(Term.Act.SPREAD))
                && part
                && (clause.has(item -> item.term() instanceof Term.Measure) || FootPlaces.opened(clause));
    }

    private void close(boolean comesUp) {
        clause.takeAll(Term.Act.CLOSE, Term.Act.RISE, Term.Act.RAISE);
        clause.takeAll(Term.Way.IN, Term.Way.UP);
        if (comesUp && slides) {
            clause.takeAll(Term.Way.BACK);
        }
        clause.takeItem(item -> item.bareSide() && item.rel() == Term.Rel.TO);
        beside = true;
    }

    /** Back where it was. */
    private boolean back() {
        return clause.has(Term.Rel.OWN_PLACE)
                && (part || moves && (now.topic() == Situation.Topic.FOOT || clause.has(Item::bareSide)));
    }

    /** El pie sale adelante: a verb that says "goes out" adds no way to the one that is said. */
    private void outOfVerb() {
        boolean way = clause.has(item -> item.is(Term.Way.FORWARD)
                || item.is(Term.Way.BACK)
                || item.is(Term.Act.HALF_STEP)
                || item.term() instanceof Term.Hall);
        if (way) {
            clause.takeItem(item ->
                    item.is(Term.Way.OUT) && clause.has(verb -> verb.is(Term.Act.MOVE) && verb.from() == item.from()));
        }
    }

    /** The right foot comes up to the left, is brought in to the left: beside it, neither off the floor nor across. */
    private boolean comesUp() {
        int foot = clause.find(item -> item.sidedLimb() && (item.is(Term.Part.FOOT) || item.is(Term.Part.LEG)));
        boolean slidesBack = clause.said(Term.Act.SLIDE) && clause.has(Term.Way.BACK);
        boolean slidesUp = clause.said(Term.Act.SLIDE) && clause.has(Term.Way.UP);
        boolean comes = slidesBack
                || slidesUp
                || clause.has(Term.Act.RISE)
                || clause.has(Term.Act.RETURN)
                || clause.said(Term.Act.STEP) && clause.has(Term.Way.UP)
                || clause.said(Term.Act.MOVE)
                || foot < clause.find(Term.Act.RAISE);
        boolean steps = clause.has(Term.Act.STEP) || clause.said(Term.Act.STEP) && !clause.has(Term.Way.UP);
        if (foot < 0 || !comes || steps || clause.has(Term.Way.ACROSS)) {
            return false;
        }
        Side own = clause.item(foot).who().side().orElseThrow();
        return clause.has(to -> (to.bareSide() || to.is(Term.Part.FOOT))
                && (to.rel() == Term.Rel.TO || to.rel() == Term.Rel.BESIDE && !clause.has(Term.Act.RAISE))
                && to.whose().flatMap(now::foot).filter(side -> side != own).isPresent());
    }

    /** Bring the left foot in, and nothing more of where to: it is drawn in. */
    private boolean bringsIn() {
        return clause.has(Term.Way.IN)
                && clause.has(item -> (item.is(Term.Part.FOOT) || item.is(Term.Part.LEG)) && item.rel() == null)
                && !clause.has(Term.Part.TOES)
                && !clause.has(Term.Measure.class)
                && !clause.has(item -> Ways.amount(item.term()).isPresent())
                && !clause.has(item -> item.term() instanceof Term.Way way && way != Term.Way.IN
                        || item.term() instanceof Term.Hall
                        || item.rel() != null);
    }
}
