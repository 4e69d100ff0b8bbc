package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.words.lexicon.Term;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A foot that goes to another place: steps, slides, half steps, feet drawn in. */
final class StepFrame implements Frame {

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
        private final StepBorders borders;
        private final StepVerbs verbs;
        private boolean asksTogether;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
            this.near = new NearSteps(clause, now);
            this.far = new FarStep(clause, now);
            this.borders = new StepBorders(clause, now);
            this.verbs = new StepVerbs(clause, now, near);
        }

        Optional<Fit> read() {
            near.takeHeelThatFollows();
            if (borders.within() || !verbs.take(borders) || nobodys() || borders.ofOthers()) {
                return Optional.empty();
            }
            boolean toesLand = far.toesLand(verbs.lands());
            if (borders.onlyToes(verbs, toesLand)) {
                return Optional.empty();
            }
            asksTogether = together();
            if (asksTogether) {
                clause.takeAll(Term.Act.CLOSE);
            }
            WhichFoot.Found which = WhichFoot.of(clause, now, true);
            if (subjectOfElse(which)) {
                return Optional.empty();
            }
            if (which.both() && !asksTogether) {
                return both(verbs.steps() || verbs.slides() || verbs.draws());
            }
            Side foot = sideOfStep(which);
            if (borders.saidOfAnother(verbs)) {
                return Optional.empty();
            }
            Side side = foot != null ? foot : Side.LEFT;
            Fit fit = goes(side, which, toesLand);
            return fit == null ? Optional.empty() : Optional.of(said(fit, which, Optional.ofNullable(foot)));
        }

        private boolean nobodys() {
            return !verbs.part() && !verbs.verb() && !clause.has(Item::bareSide);
        }

        /** Feet together, or so far apart: one of the two goes there. */
        private boolean together() {
            return clause.has(Term.Part.FOOT) && clause.has(Term.Manner.TOGETHER)
                    || clause.has(item -> item.is(Term.Part.FOOT) && item.both())
                            && (clause.has(Term.Act.CLOSE)
                                    || clause.has(
                                            item -> item.term() instanceof Term.Measure(var _, boolean wide) && wide));
        }

        /** What is named is where something goes, a knee, a sole, or the toes of the other foot. */
        private boolean subjectOfElse(WhichFoot.Found which) {
            Item subject = which.at() < 0 ? null : clause.item(which.at());
            boolean goal = subject != null && (subject.rel() == Term.Rel.TO || subject.rel() == Term.Rel.ON);
            boolean knee = subject != null && (subject.is(Term.Part.KNEE) || subject.is(Term.Part.THIGH));
            boolean sole = subject != null && subject.is(Term.Part.SOLE);
            return knee
                    || (goal || sole) && !verbs.verb()
                    || which.side().filter(borders::otherToes).isPresent();
        }

        private @Nullable Fit goes(Side side, WhichFoot.Found which, boolean toesLand) {
            Term part = which.at() < 0 ? null : clause.item(which.at()).term();
            Fit fit;
            if (verbs.half()) {
                fit = near.halfStep(side);
            } else if (verbs.draws() && !clause.has(Term.Way.BACK) && !apart() && !behind()
                    || near.ankle(verbs.steps())) {
                fit = near.drawIn(side);
            } else {
                fit = far.step(side, verbs.slides(), part, toesLand, verbs.beside());
            }
            if (fit != null) {
                clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT && item.rel() == null);
            }
            return fit;
        }

        /** Draw the right foot in behind the left: it goes behind, and touches nothing beside it. */
        private boolean behind() {
            return clause.has(item -> (WhichFoot.foot(item) || item.bareSide()) && item.rel() == Term.Rel.BEHIND);
        }

        /** The step with its costs; with a question where nobody says which foot goes, or whether it is a foot. */
        private Fit said(Fit fit, WhichFoot.Found which, Optional<Side> foot) {
            if (borders.unnamed(verbs)) {
                return fit.ask(clause.text(), "foot_or_hand", Map.of("side", clause.text()), "foot", "hand");
            }
            fit.costs(verbCost() + limbCost(which, foot) + (followsItself(which, foot) ? Costs.BEGINS_ANEW * 2 : 0));
            if (foot.isPresent()) {
                return fit;
            }
            return asksTogether ? WhichFoot.ask(new Fit(), clause).costs(fit.cost()) : WhichFoot.ask(fit, clause);
        }

        private double verbCost() {
            if (verbs.brings()) {
                return Costs.NO_BOUNDARY;
            }
            return verbs.verb() ? 0 : verbs.moves() ? 0.1 : Costs.NO_VERB;
        }

        private static double limbCost(WhichFoot.Found which, Optional<Side> foot) {
            if (foot.isEmpty()) {
                return 0;
            }
            return which.at() < 0 && which.side().isEmpty() ? Costs.LIMB_ELIDED : which.cost();
        }

        /** A foot that stepped does not follow itself. */
        private boolean followsItself(WhichFoot.Found which, Optional<Side> foot) {
            return verbs.half() && which.at() < 0 && now.lastFoot().equals(Optional.of(foot.orElse(Side.LEFT)));
        }

        /** Drawn in beside the other, a fist apart: how far apart they stand is a place for it. */
        private boolean apart() {
            return clause.has(item -> item.rel() == Term.Rel.BESIDE)
                    && clause.has(item -> item.term() instanceof Term.Measure measure && measure.wide());
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
                boolean straight = way
                        && !clause.has(Term.Way.DIAGONAL)
                        && !clause.has(item -> Ways.amount(item.term()).isPresent());
                boolean toHour = clause.has(item -> item.rel() == Term.Rel.TO
                        && item.term() instanceof Term.Num
                        && Ways.named(item).isPresent());
                if (own && (straight || toHour)) {
                    clause.use(bare);
                }
                return side;
            }
            return which.side().orElse(null);
        }

        private Optional<Fit> both(boolean goes) {
            if (!goes && !clause.has(Term.Act.RAISE) || clause.has(Term.Mark.UNKNOWN) || clause.has(Term.Act.TURN)) {
                return Optional.empty();
            }
            clause.useAll();
            return Optional.of(new Fit().refuse("both", "one_foot", Map.of()).costs(-Costs.REFUSAL + 2));
        }
    }
}
