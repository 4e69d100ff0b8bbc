package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A foot that goes to another place: steps, slides, half steps, feet drawn in. */
final class StepFrame implements Frame {

    /** From so much on, of which nobody says that it is a foot's, one speaks of the weight. */
    private static final double HALF = 50;

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> WhichFoot.foot(item)
                || item.bareSide()
                || item.is(Term.Act.STEP)
                || item.is(Term.Act.SLIDE)
                || item.is(Term.Act.DRAW)
                || item.is(Term.Act.HALF_STEP)
                || item.is(Term.Act.CROSS)
                || item.is(Term.Act.LAND)
                || item.is(Term.Rel.OWN_PLACE)
                || item.is(Term.Act.FOLLOW));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private final NearSteps near;
        private final FarStep far;
        private boolean beside;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
            this.near = new NearSteps(clause, now);
            this.far = new FarStep(clause, now);
        }

        Optional<Fit> read() {
            boolean onto = clause.has(item -> item.bareSide() && item.rel() == Term.Rel.ON);
            if (turnsThenSteps()
                    || clause.has(item -> item.is(Term.Part.FLOOR) && item.rel() == Term.Rel.FROM)
                    || followsHand()
                    || HandWords.goesBack(clause, now)
                    || TurnFootFrame.heelSwings(clause)
                    || TurnFootFrame.parallel(clause)
                    || stepsThenSlides()
                    || onto && (clause.has(Term.Act.STEP) || weighs())
                    || onlyPivots()
                    || !clause.has(WhichFoot::foot)
                            && clause.has(item -> item.bareSide() && item.rel() == Term.Rel.PAST)
                    || onlyCrosses()) {
                return Optional.empty();
            }
            outOfVerb();
            boolean part = clause.has(WhichFoot::foot);
            boolean steps = clause.take(Term.Act.STEP);
            clause.takeAll(Term.Act.STEP);
            boolean slides = clause.takeAll(Term.Act.SLIDE);
            boolean sweepsRound = part
                    && !clause.has(Term.Manner.INNER)
                    && !clause.has(Term.Manner.OUTER)
                    && (clause.has(Term.Way.ROUND)
                            || clause.has(Term.Way.BACK)
                            || clause.has(Term.Way.FORWARD) && clause.has(Term.Act.LAND)
                            || KickReading.along(clause));
            if (sweepsRound && clause.takeAll(Term.Act.SWEEP)) {
                clause.takeAll(Term.Way.ROUND);
                steps = true;
            }
            boolean slanted = near.slanted();
            steps |= slanted && clause.said(Term.Act.HALF_STEP);
            boolean half = clause.takeAll(Term.Act.HALF_STEP)
                    | (!slanted && clause.take(Term.Manner.HALF_STEP_LONG))
                    | near.halfFollows()
                    | (steps && near.upBehind());
            if (drawsNothing()) {
                return Optional.empty();
            }
            boolean draws = clause.takeAll(Term.Act.DRAW);
            boolean lands = clause.takeAll(Term.Act.LAND);
            if (half) {
                clause.takeAll(Term.Act.RISE, Term.Way.UP);
            }
            boolean taken = part && clause.has(Term.Act.TAKE) && FootPlaces.said(clause);
            if (steps || half || taken || part && clause.has(Term.Measure.class)) {
                clause.takeAll(Term.Act.TAKE, Term.Act.DO);
            }
            boolean comesUp = comesUp();
            boolean moves = taken | clause.takeAll(Term.Act.MOVE, Term.Act.RETURN, Term.Act.FOLLOW, Term.Act.PULL_BACK);
            moves |= WeightFrame.footShifts(clause) && clause.takeAll(Term.Act.SHIFT);
            boolean brings = moves && bringsIn();
            draws |= brings;
            boolean closes = clause.has(Term.Act.CLOSE)
                    && part
                    && clause.has(item -> (item.bareSide() || item.is(Term.Part.FOOT))
                            && item.who() != null
                            && (item.rel() == Term.Rel.TO
                                    || item.rel() == Term.Rel.BESIDE
                                    || item.rel() == Term.Rel.WITH && !clause.has(Term.Part.TOES)));
            boolean opens = (clause.has(Term.Act.OPEN) || clause.has(Term.Act.SPREAD))
                    && part
                    && (clause.has(item -> item.term() instanceof Term.Measure) || FootPlaces.opened(clause));
            closes |= comesUp;
            if (closes) {
                clause.takeAll(Term.Act.CLOSE, Term.Act.RISE, Term.Act.RAISE);
                clause.takeAll(Term.Way.IN, Term.Way.UP);
                if (comesUp && slides) {
                    clause.takeAll(Term.Way.BACK);
                }
                clause.takeItem(item -> item.bareSide() && item.rel() == Term.Rel.TO);
                beside = true;
            }
            if (opens) {
                clause.takeAll(Term.Act.OPEN, Term.Act.SPREAD);
            }
            boolean goes = closes
                    || opens
                    || clause.has(Term.Act.CROSS)
                    || clause.has(Term.Rel.OWN_PLACE)
                            && (part || moves && (now.topic() == Situation.Topic.FOOT || clause.has(Item::bareSide)));
            boolean verb = steps || slides || half || draws || lands || goes;
            if (!part && !verb && !clause.has(Item::bareSide)) {
                return Optional.empty();
            }
            if (clause.has(Term.Part.WEIGHT) || clause.has(item -> HandWords.hand(item) && item.rel() == null)) {
                return Optional.empty();
            }
            boolean toesLand = far.toesLand(lands);
            if (clause.has(Term.Part.TOES)
                    && !toesLand
                    && !steps
                    && !slides
                    && !(draws && clause.has(item -> item.is(Term.Part.ANKLE) && item.rel() != null))
                    && !clause.has(Term.Part.FOOT)
                    && !clause.has(Term.Part.HEEL)) {
                return Optional.empty();
            }
            boolean asksTogether = clause.has(Term.Part.FOOT) && clause.has(Term.Manner.TOGETHER)
                    || clause.has(item -> item.is(Term.Part.FOOT) && item.both())
                            && (clause.has(Term.Act.CLOSE)
                                    || clause.has(
                                            item -> item.term() instanceof Term.Measure(var _, boolean wide) && wide));
            if (asksTogether) {
                clause.takeAll(Term.Act.CLOSE);
            }
            WhichFoot.Found which = WhichFoot.of(clause, now, true);
            Term subjectPart = which.at() < 0 ? null : clause.item(which.at()).term();
            boolean goal = which.at() >= 0
                    && (clause.item(which.at()).rel() == Term.Rel.TO
                            || clause.item(which.at()).rel() == Term.Rel.ON);
            if (goal && !verb) {
                return Optional.empty();
            }
            boolean knee = subjectPart == Term.Part.KNEE || subjectPart == Term.Part.THIGH;
            boolean sole = subjectPart == Term.Part.SOLE && !verb;
            if (sole || knee) {
                return Optional.empty();
            }
            if (which.side().isPresent() && otherToes(which.side().get())) {
                return Optional.empty();
            }
            if (which.both() && !asksTogether) {
                return both(steps || slides || draws);
            }
            Side foot = sideOfStep(which);
            boolean bend = !part
                    && !verb
                    && !moves
                    && clause.items().stream()
                            .anyMatch(item -> Ways.amount(item.term()).isPresent()
                                    && item.rel() != Term.Rel.TO
                                    && item.rel() != Term.Rel.AT);
            if (bend) {
                return Optional.empty();
            }
            boolean shares = !part
                    && !verb
                    && clause.has(item -> item.bareSide() && item.rel() == Term.Rel.TO)
                    && clause.has(item -> item.term() instanceof Term.Num(double share) && share >= HALF);
            if (shares) {
                return Optional.empty();
            }
            boolean onlySide = !part && !verb && clause.has(item -> item.bareSide() && item.rel() == null);
            boolean others = !part
                    && (!verb || slides && !steps && !lands && now.topic() == Situation.Topic.HAND)
                    && !moves
                    && (now.topic() == Situation.Topic.EYES || now.topic() == Situation.Topic.HAND);
            boolean ofProp = now.topic() == Situation.Topic.PROP
                    && !verb
                    && clause.items().stream().noneMatch(item -> WhichFoot.foot(item) && item.rel() == null);
            if (onlySide || others || ofProp) {
                return Optional.empty();
            }
            boolean known = foot != null;
            Side side = known ? foot : Side.LEFT;
            Fit fit = half
                    ? near.halfStep(side)
                    : draws && !clause.has(Term.Way.BACK) && !apart() || near.ankle(steps)
                            ? near.drawIn(side, draws)
                            : far.step(side, slides, subjectPart, toesLand, beside);
            if (fit == null) {
                return Optional.empty();
            }
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null);
            boolean unnamed = !part
                    && !verb
                    && !moves
                    && now.topic() == Situation.Topic.NOTHING
                    && clause.items().stream()
                            .noneMatch(item -> item.term() instanceof Term.Hall
                                    || Ways.amount(item.term()).isPresent()
                                    || item.term() instanceof Term.Measure);
            if (unnamed) {
                return Optional.of(
                        fit.ask(clause.text(), "foot_or_hand", Map.of("side", clause.text()), "foot", "hand"));
            }
            double verbCost = brings ? Costs.NO_BOUNDARY : verb ? 0 : moves ? 0.1 : Costs.NO_VERB;
            double limbCost = known ? which.at() < 0 && which.side().isEmpty() ? Costs.LIMB_ELIDED : which.cost() : 0;
            boolean follows = half
                    && which.at() < 0
                    && now.lastFoot().filter(side::equals).isPresent();
            fit.costs(verbCost + limbCost + (follows ? Costs.BEGINS_ANEW * 2 : 0));
            if (asksTogether && !known) {
                return Optional.of(WhichFoot.ask(new Fit(), clause).costs(fit.cost()));
            }
            return Optional.of(known ? fit : WhichFoot.ask(fit, clause));
        }

        /** El pie sale adelante: a verb that says "goes out" adds no way to the one that is said. */
        private void outOfVerb() {
            boolean way = clause.has(item -> item.is(Term.Way.FORWARD)
                    || item.is(Term.Way.BACK)
                    || item.is(Term.Act.HALF_STEP)
                    || item.term() instanceof Term.Hall);
            if (way) {
                clause.takeItem(item -> item.is(Term.Way.OUT)
                        && clause.has(verb -> verb.is(Term.Act.MOVE) && verb.from() == item.from()));
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
                    || clause.said(Term.Act.MOVE)
                    || foot < clause.find(Term.Act.RAISE);
            if (foot < 0 || !comes || clause.has(Term.Act.STEP) || clause.has(Term.Way.ACROSS)) {
                return false;
            }
            Side own = clause.item(foot).who().side().orElseThrow();
            return clause.has(to -> (to.bareSide() || to.is(Term.Part.FOOT))
                    && (to.rel() == Term.Rel.TO || to.rel() == Term.Rel.BESIDE && !clause.has(Term.Act.RAISE))
                    && to.whose().flatMap(now::foot).filter(side -> side != own).isPresent());
        }

        /** Seventy on the left, rest on the right: the weight is spoken of, and no foot. */
        private boolean weighs() {
            return now.topic() == Situation.Topic.WEIGHT && !clause.has(WhichFoot::foot);
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

        /** Drawn in beside the other, a fist apart: how far apart they stand is a place for it. */
        private boolean apart() {
            return clause.has(item -> item.rel() == Term.Rel.BESIDE)
                    && clause.has(item -> item.term() instanceof Term.Measure measure && measure.wide());
        }

        /** Step behind the right foot, crossing: that is how the step before goes, and no other step. */
        private boolean onlyCrosses() {
            return now.topic() == Situation.Topic.FOOT
                    && clause.has(Term.Act.CROSS)
                    && !clause.has(item -> item.who() != null)
                    && !clause.has(item -> item.term() instanceof Term.Way);
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

        /** Step the left foot forward and the right toes out: the toes are not of the foot that steps. */
        private boolean otherToes(Side foot) {
            return clause.has(item -> item.is(Term.Part.TOES)
                    && item.rel() == null
                    && item.who() != null
                    && item.who().side().filter(side -> side != foot).isPresent());
        }

        /** Breathe in and gather: between two borders a foot is neither drawn nor spoken of. */
        private boolean drawsNothing() {
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

        /** Step out right: the side says both which foot and which way. */
        private @Nullable Side sideOfStep(WhichFoot.Found which) {
            int bare = clause.find(item -> item.bareSide()
                    && item.who().side().isPresent()
                    && (item.rel() == null || item.rel() == Term.Rel.TO));
            boolean understood = which.side().isEmpty() || which.cost() == Costs.LIMB_UNDERSTOOD;
            if (understood && bare >= 0) {
                Side side = clause.item(bare).who().side().orElseThrow();
                boolean broughtTo = clause.item(bare).rel() == Term.Rel.TO
                        && clause.items().stream().anyMatch(item -> item.bareSide() && item.who() == Term.Who.IT);
                if (broughtTo) {
                    clause.use(bare);
                    return side.other();
                }
                boolean way = clause.has(Term.Way.FORWARD)
                        || clause.has(Term.Way.BACK)
                        || clause.has(Term.Way.ACROSS)
                        || clause.has(item -> item.rel() == Term.Rel.OVER || item.rel() == Term.Rel.BEHIND)
                        || clause.has(Term.Hall.class);
                boolean own = clause.item(bare).rel() == null;
                if (way
                        && own
                        && !clause.has(Term.Way.DIAGONAL)
                        && !clause.has(item -> Ways.amount(item.term()).isPresent())) {
                    clause.use(bare);
                }
                return side;
            }
            return which.side().orElse(null);
        }

        private Optional<Fit> both(boolean goes) {
            if (!goes && !clause.has(Term.Act.RAISE) || clause.has(Term.Mark.UNKNOWN)) {
                return Optional.empty();
            }
            clause.useAll();
            return Optional.of(new Fit().refuse("both", "one_foot", Map.of()).costs(-Costs.REFUSAL + 2));
        }
    }
}
