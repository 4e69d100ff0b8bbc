package app.avrel.words.reading.frame;

import app.avrel.posture.move.Depth;
import app.avrel.posture.move.Move;
import app.avrel.words.lexicon.Term;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How the weight is shared. */
final class WeightFrame implements Frame {

    /** A share without any word of weight is short: seventy right. */
    private static final int LONGEST_BARE = 6;

    private static final double HOURS = 12;

    /** After the weight, "then to the left" is of the weight. */
    private static final double ON = 0.2;

    private static final Set<Term.Act> OF_FEET =
            EnumSet.of(Term.Act.DRAW, Term.Act.RAISE, Term.Act.LOWER, Term.Act.SLIDE, Term.Act.KICK, Term.Act.STAMP);

    private static final Set<Term.Act> OWN =
            EnumSet.of(Term.Act.SHIFT, Term.Act.EMPTY, Term.Act.BEAR, Term.Act.FILL, Term.Act.ROOT, Term.Act.SIT);

    private static final Set<Term.Act> FAIR = EnumSet.of(
            Term.Act.MOVE,
            Term.Act.RETURN,
            Term.Act.TURN,
            Term.Act.TAKE,
            Term.Act.STAY,
            Term.Act.LOWER,
            Term.Act.LAND,
            Term.Act.FORM,
            Term.Act.FOLLOW,
            Term.Act.HOLD,
            Term.Act.SLIDE,
            Term.Act.HANG,
            Term.Act.SPREAD,
            Term.Act.PUSH,
            Term.Act.DRAW,
            Term.Act.LEAN,
            Term.Act.PASS,
            Term.Act.STEP,
            Term.Act.LAY,
            Term.Act.RISE);

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> switch (item.term()) {
            case Term.Part part -> part == Term.Part.WEIGHT || part == Term.Part.LEG && item.rel() == Term.Rel.ON;
            case Term.Act act -> OWN.contains(act);
            case Term.Ratio _, Term.Share _, Term.Span _ -> true;
            case Term.Num _, Term.Who _ -> true;
            case Term.Manner manner ->
                switch (manner) {
                    case EVEN,
                            EVENLY,
                            MIDDLE,
                            HALFWAY,
                            ALL,
                            ALL_EMPTY,
                            ALL_FULL,
                            NONE,
                            LIGHT,
                            FULL,
                            REST_OF,
                            MORE,
                            HOUSE_FRONT,
                            HOUSE_LIGHT -> true;
                    default -> false;
                };
            default -> false;
        });
    }

    /** 左脚移到右脚旁: what moves there is the foot. */
    static boolean footShifts(Clause clause) {
        int shift = clause.find(Term.Act.SHIFT);
        boolean way = shift > 1
                && (clause.item(shift - 1).term() instanceof Term.Way
                        || clause.item(shift - 1).bareSide()
                                && clause.item(shift - 1).rel() == Term.Rel.TO);
        int subject = way ? shift - 2 : shift - 1;
        boolean foot = subject >= 0
                && shift + 1 < clause.size()
                && clause.item(subject).sidedLimb()
                && clause.item(subject).is(Term.Part.FOOT);
        return foot && (way && clause.item(shift + 1).term() instanceof Term.Measure || goal(clause, shift + 1));
    }

    private static boolean goal(Clause clause, int at) {
        Item item = clause.item(at);
        boolean flank =
                item.bareSide() && item.rel() == null && item.who().side().isPresent();
        boolean beside = item.is(Term.Part.FOOT) && item.rel() != null && item.rel() != Term.Rel.ON;
        return flank || beside || item.term() instanceof Term.Way || item.term() instanceof Term.Hall;
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** One clause, while it is read. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private boolean weight;
        private boolean own;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
        }

        Optional<Fit> read() {
            if (clause.has(Term.Part.TOES) || clause.has(Term.Part.EYES) || clause.has(Term.Part.WAIST)) {
                return Optional.empty();
            }
            if (stepsFirst()
                    || stepsBefore()
                    || stepsWithoutWeight()
                    || sinksFirst()
                    || turnsFirst()
                    || footShifts(clause)
                    || stepsAfter()
                    || pushesFirst()
                    || lowersAfter()) {
                return Optional.empty();
            }
            boolean rises = risesOnto() || clause.has(Term.Act.SHIFT) && clause.has(Term.Act.RISE);
            weight = clause.takeAll(Term.Part.WEIGHT);
            if (weight) {
                clause.takeAll(Term.Way.ACROSS);
            }
            own = takeActs(OWN);
            boolean number = clause.has(Term.Ratio.class) || clause.has(Term.Share.class) || rangeOn();
            boolean state = clause.has(item -> item.term() instanceof Term.Manner manner
                    && (manner == Term.Manner.FULL
                            || manner == Term.Manner.LIGHT
                            || manner == Term.Manner.NONE
                            || manner == Term.Manner.ALL_EMPTY
                            || manner == Term.Manner.ALL_FULL
                            || manner == Term.Manner.EVEN && even()
                            || manner == Term.Manner.REST_OF
                            || manner == Term.Manner.HOUSE_FRONT
                            || manner == Term.Manner.HOUSE_LIGHT));
            boolean all = clause.has(Term.Manner.ALL) && clause.has(item -> WhichLoad.limb(item) || item.bareSide());
            boolean middle = clause.has(Term.Manner.MIDDLE) && clause.has(Term.Act.RETURN);
            boolean bareNumber = clause.has(item ->
                            item.term() instanceof Term.Num && item.rel() != Term.Rel.TO && item.rel() != Term.Rel.AT)
                    && clause.size() <= LONGEST_BARE
                    && !turnsOn()
                    && !goesBack()
                    && !clause.has(Term.Act.PUSH)
                    && clause.has(item -> item.bareSide() && item.who().side().isPresent() || leg(item));
            boolean goesOn = now.topic() == Situation.Topic.WEIGHT
                    && clause.has(item -> item.bareSide()
                            && item.who().side().isPresent()
                            && (item.rel() != null || !clause.has(Term.Act.MOVE)))
                    && clause.has(item -> item.is(Term.Act.MOVE)
                            || item.is(Term.Act.RETURN)
                            || item.is(Term.Rel.ON)
                            || item.rel() == Term.Rel.ON);
            boolean back = now.topic() == Situation.Topic.WEIGHT && BackAgain.said(clause);
            boolean on = back
                    || onToShare()
                    || now.topic() == Situation.Topic.WEIGHT
                            && clause.items().stream()
                                    .allMatch(item -> Leftover.small(item)
                                            || item.bareSide()
                                                    && item.rel() == Term.Rel.TO
                                                    && item.who().side().isPresent());
            boolean movesOnto = clause.has(Term.Act.MOVE)
                    && !clause.has(item -> WhichFoot.foot(item) && item.rel() == null)
                    && clause.has(item -> item.is(Term.Part.LEG) && item.rel() == Term.Rel.ON && item.who() != null);
            boolean most = clause.has(Term.Manner.MORE)
                    && !clause.has(Item::part)
                    && clause.has(item -> item.bareSide()
                            && (item.rel() == Term.Rel.ON || item.rel() == null && clause.has(Term.Act.MOVE)));
            boolean stays = clause.has(Term.Act.STAY)
                    && clause.has(item -> item.rel() == Term.Rel.ON && (WhichLoad.limb(item) || item.bareSide()));
            if (!weight
                    && !own
                    && !number
                    && !state
                    && !all
                    && !middle
                    && !bareNumber
                    && !goesOn
                    && !on
                    && !movesOnto
                    && !most
                    && !stays) {
                return Optional.empty();
            }
            boolean turns = clause.has(Term.Act.TURN) || clause.has(Term.Act.TWIST);
            if (!weight && !own && clause.has(Term.Act.STEP)) {
                return Optional.empty();
            }
            if ((weight || own) && footNext()) {
                return Optional.empty();
            }
            if (!weight && !number && (clause.has(Term.Act.LAND) || turns && !own)) {
                return Optional.empty();
            }
            if (turns && !weight && turnsBefore()) {
                return Optional.empty();
            }
            boolean about = clause.has(Term.Manner.ABOUT);
            double cost = weight || own ? 0 : number || state || all ? Costs.NO_VERB : on ? ON : Costs.NO_VERB + 1;
            takeActs(FAIR);
            if (back) {
                clause.takeAll(Term.Way.BACK);
            }
            if (weight) {
                clause.takeAll(Term.Act.SINK, Term.Act.RAISE);
            }
            WhichLoad foot = new WhichLoad(clause, now, weight || own);
            Fit fit = new WeightShares(clause, now, foot, weight, about).split().costs(cost);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
            if (rises) {
                fit.moves().add(new Move.ChangeDepth(new Depth.Rise(Optional.empty())));
            }
            return Optional.of(fit);
        }

        /** Sixty on the right, a little lower: it is the body that goes lower. */
        private boolean lowersAfter() {
            int last = clause.size() - 1;
            int before = last > 0 && clause.item(last - 1).is(Term.Manner.LITTLE) ? last - 2 : last - 1;
            return before > 0
                    && clause.item(last).is(Term.Act.LOWER)
                    && clause.item(before).soft();
        }

        /** Squat a little lower, weight even: the body sinks, and then it is told how the weight is. */
        private boolean sinksFirst() {
            int sink = clause.find(Term.Act.SINK);
            int weight = clause.find(Term.Part.WEIGHT);
            boolean with = weight > sink && clause.item(weight).rel() == Term.Rel.WITH;
            return sink >= 0 && weight > sink && (with || clause.parted(sink, weight));
        }

        /** Shift 60, step the left foot beside it: the foot is another's part. */
        private boolean stepsAfter() {
            int step = clause.find(Term.Act.STEP);
            return step > 1
                    && clause.item(step - 1).soft()
                    && clause.items().subList(step, clause.size()).stream()
                            .anyMatch(item -> item.is(Term.Part.FOOT) && item.rel() == null);
        }

        /** The hand pushes, and the weight goes left: it is not the weight that is pushed. */
        private boolean pushesFirst() {
            int push = clause.find(Term.Act.PUSH);
            int weight = clause.find(item -> item.is(Term.Part.WEIGHT) || item.term() instanceof Term.Share);
            int amount = clause.find(item -> item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
            boolean toHour = push >= 0 && amount == push + 1 && clause.parted(amount, clause.size() - 1);
            int act = clause.find(item -> item.term() instanceof Term.Act && !item.is(Term.Act.PUSH));
            boolean side = push > 0 && clause.item(push - 1).bareSide() && act > push && clause.parted(push, act);
            return side || toHour || push >= 0 && weight > push && clause.parted(push, weight);
        }

        /** Turn right 45 with the weight on the left: the number is of the turn. */
        private boolean turnsFirst() {
            int amount = clause.find(item -> Ways.amount(item.term()).isPresent());
            int turn = clause.find(Term.Act.TURN);
            return turn >= 0 && amount > turn && clause.find(Term.Part.WEIGHT) > amount;
        }

        /** Right back 45: nobody says whether a foot goes there or how much that leg bears. */
        private boolean goesBack() {
            return clause.has(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK))
                    && !clause.has(item -> leg(item) || item.bareSide() && item.rel() != null);
        }

        /** Rise on the left leg: one goes up, and onto it. */
        private boolean risesOnto() {
            int rise = clause.indexOf(Term.Act.RISE);
            return rise >= 0
                    && rise + 1 < clause.size()
                    && clause.item(rise + 1).is(Term.Act.BEAR);
        }

        /** Weight back, lift the left foot: after the comma a foot does something of its own. */
        private boolean footNext() {
            int comma = clause.indexOf(Term.Mark.COMMA);
            return comma >= 0
                    && clause.indexOf(Term.Part.WEIGHT) < comma
                    && clause.items().subList(comma, clause.size()).stream()
                            .anyMatch(item -> item.term() instanceof Term.Act act && OF_FEET.contains(act))
                    && clause.items().subList(comma, clause.size()).stream()
                            .anyMatch(item -> WhichFoot.foot(item) && item.rel() == null);
        }

        /** Left foot steps forward weight onto it, with no comma: the step is a clause of its own. */
        private boolean stepsBefore() {
            int load =
                    clause.find(item -> item.is(Term.Part.WEIGHT) || item.is(Term.Act.SHIFT) || item.is(Term.Act.SIT));
            if (load <= 0) {
                return false;
            }
            List<Item> before = clause.items().subList(0, load);
            boolean part = before.stream().anyMatch(item -> WhichFoot.foot(item) && item.rel() == null);
            boolean side = before.stream().anyMatch(item -> item.bareSide() && item.rel() == Term.Rel.WITH);
            boolean steps = before.stream().anyMatch(item -> item.is(Term.Act.STEP) || item.is(Term.Act.SLIDE));
            boolean goes = before.stream()
                    .anyMatch(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK) || item.is(Term.Way.ACROSS));
            return part && (steps || goes) || side && steps;
        }

        /** Advance the left foot without moving the weight: the step is a clause of its own. */
        private boolean stepsWithoutWeight() {
            return clause.has(Term.Act.STAY)
                    && clause.has(item -> item.is(Term.Act.STEP)
                            || item.is(Term.Act.SLIDE)
                            || item.is(Term.Act.HALF_STEP)
                            || item.is(Term.Act.KICK)
                            || item.is(Term.Act.RAISE));
        }

        /**
         * A foot that goes somewhere before a comma steps, and only then the weight: left foot forward, shift 70; step
         * back and sit.
         */
        private boolean stepsFirst() {
            int border = clause.find(Item::soft);
            boolean sits = border > 0
                    && clause.items().subList(0, border).stream().anyMatch(item -> item.is(Term.Act.STEP))
                    && clause.items().subList(border, clause.size()).stream()
                            .anyMatch(item -> item.term() instanceof Term.Act act && OWN.contains(act));
            int comma = clause.indexOf(Term.Mark.COMMA);
            if (sits || comma < 0) {
                return sits;
            }
            List<Item> before = clause.items().subList(0, comma);
            boolean foot = before.stream().anyMatch(item -> WhichFoot.foot(item) && item.rel() == null);
            boolean steps = before.stream().anyMatch(item -> item.is(Term.Act.STEP));
            boolean led = before.stream()
                    .anyMatch(item -> item.rel() == Term.Rel.TO
                            && (item.term() instanceof Term.Num || item.term() instanceof Term.Hall));
            boolean goes = before.stream()
                    .anyMatch(item -> item.is(Term.Way.FORWARD) || item.is(Term.Way.BACK) || item.is(Term.Way.SIDE));
            return (foot || steps)
                    && (goes || led)
                    && clause.items().subList(comma, clause.size()).stream()
                            .anyMatch(item -> item.is(Term.Act.SHIFT)
                                    || (steps || led)
                                            && (item.is(Term.Part.WEIGHT)
                                                    || item.term() instanceof Term.Share
                                                    || item.term() instanceof Term.Ratio));
        }

        /** Turn left forty-five, then right ninety: the number goes on turning. */
        private boolean turnsOn() {
            return now.turned()
                    && now.turn().isPresent()
                    && !clause.has(Term.Act.MOVE)
                    && clause.has(TurnBodyFrame::likeDegrees)
                    && !clause.has(WhichLoad::limb)
                    && !clause.has(item -> item.rel() == Term.Rel.ON);
        }

        /** Turn left 45, sixty percent left: one turns, and the share is told after a comma. */
        private boolean turnsBefore() {
            int turn = clause.indexOf(Term.Act.TURN);
            int share = clause.find(item -> item.term() instanceof Term.Share || item.term() instanceof Term.Ratio);
            return turn >= 0 && share > turn && clause.parted(turn, share);
        }

        /** Sixty left, then eighty: the number goes on telling of the weight, and is no hour. */
        private boolean onToShare() {
            return now.topic() == Situation.Topic.WEIGHT
                    && clause.has(Term.Num.class)
                    && clause.items().stream()
                            .allMatch(item -> Leftover.small(item)
                                    || item.term() instanceof Term.Num(double share) && share > HOURS);
        }

        /** Between sixty and seventy on the left, and nothing that goes there. */
        private boolean rangeOn() {
            return clause.has(Term.Span.class)
                    && clause.items().stream()
                            .allMatch(item -> item.term() instanceof Term.Span
                                    || item.bareSide() && item.rel() == Term.Rel.ON
                                    || Leftover.small(item));
        }

        /** Even alone is a pace. */
        private boolean even() {
            return weight
                    || own
                    || clause.has(Term.Act.RETURN)
                    || clause.has(Term.Act.MOVE)
                    || clause.has(WhichLoad::limb);
        }

        private boolean takeActs(Set<Term.Act> acts) {
            boolean any = false;
            for (int i = 0; i < clause.size(); i++) {
                if (clause.open(i) && clause.item(i).term() instanceof Term.Act act && acts.contains(act)) {
                    clause.use(i);
                    any = true;
                }
            }
            return any;
        }

        private static boolean leg(Item item) {
            return item.is(Term.Part.LEG);
        }
    }
}
