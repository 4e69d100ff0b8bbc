package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Way;
import app.avrel.posture.hand.HandShape;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A foot that turns where it stands. */
final class TurnFootFrame implements Frame {

    /** Toes that something is on, over or past do not turn. */
    private static final Set<Term.Rel> NO_SUBJECT =
            Set.of(Term.Rel.ON, Term.Rel.WITH, Term.Rel.OVER, Term.Rel.PAST, Term.Rel.ABOVE, Term.Rel.UNDER);

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> WhichFoot.foot(item) && !item.is(Term.Part.KNEE))
                || clause.has(Term.Act.OPEN) && clause.has(item -> item.bareSide() && item.who() == Term.Who.IT)
                || clause.has(Term.Act.TURN)
                        && (clause.has(Item::bareSide)
                                || clause.has(Term.Way.IN)
                                || clause.has(Term.Way.OUT)
                                || clause.has(item -> item.term() instanceof Term.Hall || item.rel() == Term.Rel.TO));
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        return new Reading(clause, now).read();
    }

    /** The left heel slides out twenty: it swings, and the foot goes nowhere. */
    static boolean heelSwings(Clause clause) {
        boolean far = clause.has(item -> Ways.amount(item.term()).isPresent());
        boolean goes = clause.said(Term.Act.MOVE)
                && !clause.has(Term.Part.FOOT)
                && !clause.has(item -> item.soft() || item.bareSide());
        return (far && clause.has(Term.Act.SLIDE) || heelAlone(clause) || goes)
                && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null)
                && (clause.has(Term.Way.OUT) || clause.has(Term.Way.IN))
                && !clause.has(Term.Measure.class)
                && !clause.has(Term.Hall.class);
    }

    /** {@return whether something turns to an hour or a wall right after the toes were lifted: it is what they were lifted for} */
    static boolean toesUpTurnTo(Clause clause, Situation now) {
        return now.topic() == Situation.Topic.FOOT
                && now.raised().equals(Optional.of(FootPart.TOES))
                && clause.said(Term.Act.TURN)
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Act.TURN)
                                || item.term() instanceof Term.Hall
                                || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO
                                || Leftover.small(item));
    }

    /** Right heel in 45, and nobody says how it goes there. */
    private static boolean heelAlone(Clause clause) {
        return clause.has(item -> item.is(Term.Part.HEEL) && item.sidedLimb())
                && clause.items().stream()
                        .noneMatch(item -> item.term() instanceof Term.Act
                                || item.is(Term.Part.TOES)
                                || item.is(Term.Part.FOOT)
                                || item.is(Term.Manner.FIRST));
    }

    /** The left foot is parallel to the right: it turns there, and steps nowhere. */
    static boolean parallel(Clause clause) {
        return clause.has(Term.Manner.PARALLEL)
                && clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null && item.sidedLimb())
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Manner.PARALLEL)
                                || (item.is(Term.Part.FOOT) || item.bareSide())
                                        && (item.rel() == null || item.rel() == Term.Rel.TO)
                                || item.is(Term.Act.MOVE)
                                || item.is(Term.Act.STAY)
                                || item.is(Term.Act.TURN)
                                || Leftover.small(item));
    }

    /** One clause, while it is read. Toes of which nobody says that they turn, or where to, do not turn. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private boolean aimless;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
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

        Optional<Fit> read() {
            boolean parallel = parallel(clause);
            boolean turns = clause.has(Term.Act.TURN)
                    || hooks()
                    || parallel
                    || heelSwings(clause)
                    || clause.has(Term.Act.TWIST)
                    || clause.has(Term.Act.FOLLOW) && now.turning()
                    || clause.has(Term.Act.PUSH) && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null);
            if (!clause.has(Term.Act.TURN) && AirFrame.strikes(clause)) {
                return Optional.empty();
            }
            boolean opens = clause.has(Term.Act.OPEN) || clause.has(Term.Act.CLOSE);
            boolean points = clause.has(Term.Act.FACE) || clause.has(Term.Act.POINT) || clause.has(Term.Act.LOOK);
            boolean toes = clause.has(
                    item -> item.is(Term.Part.TOES) && (item.rel() == null || !NO_SUBJECT.contains(item.rel())));
            boolean part = clause.has(WhichFoot::foot);
            boolean heel =
                    clause.has(item -> item.is(Term.Part.HEEL) || item.is(Term.Part.BALL) || item.is(Term.Part.SOLE));
            boolean foot = clause.has(item -> item.is(Term.Part.FOOT));
            boolean cutOff = clause.size() > 1
                    && clause.item(clause.size() - 1).is(Term.Part.TOES)
                    && clause.item(clause.size() - 2).is(Term.Mark.COMMA);
            boolean inAndOut = clause.has(Term.Way.IN) && clause.has(Term.Way.OUT);
            boolean bothThenOne = clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null && item.both())
                    && clause.has(item -> item.is(Term.Part.FOOT) && item.sidedLimb());
            int landed = clause.find(Term.Manner.FIRST);
            boolean landsOn = landed > 0 && clause.item(landed - 1).is(Term.Part.TOES) || landsOnHeel();
            if (cutOff || inAndOut || bothThenOne || landsOn) {
                return Optional.empty();
            }
            if (clause.has(item -> item.is(Term.Part.KNEE) && item.rel() == null)) {
                return Optional.empty();
            }
            boolean onSide = clause.has(item -> item.bareSide() && item.rel() == null);
            boolean many = clause.has(item -> item.is(Term.Part.FOOT) && item.both())
                    && (clause.has(Term.Hall.class) || clause.has(Term.Way.FORWARD) || there());
            boolean it = opens && clause.has(item -> item.bareSide() && item.who() == Term.Who.IT);
            boolean again = !part
                    && (turns || it)
                    && now.topic() == Situation.Topic.FOOT
                    && now.lastFoot().isPresent()
                    && (it
                            || liftedTurns()
                            || (clause.has(Term.Way.IN) || clause.has(Term.Way.OUT)) && !clause.has(Item::bareSide));
            boolean limb = toes
                    || again
                    || foot
                    || heel && turns
                    || !part
                            && turns
                            && onSide
                            && !clause.has(Item::soft)
                            && (clause.has(Term.Way.IN) || clause.has(Term.Way.OUT));
            if (!limb
                    || !(turns
                            || opens
                            || points
                            || toes
                            || many
                            || clause.has(Term.Way.IN)
                            || clause.has(Term.Way.OUT))
                    || clause.has(Term.Act.STEP)
                    || clause.has(Term.Part.WEIGHT)
                    || clause.has(item -> HandWords.hand(item) && item.rel() == null)) {
                return Optional.empty();
            }
            boolean steps = opens && !toes && clause.has(Term.Measure.class) || FootPlaces.opened(clause);
            if (turnsTwice() || steps || turns && TurnBodyFrame.far(clause)) {
                return Optional.empty();
            }
            boolean body =
                    clause.has(item -> item.rel() == null && (item.is(Term.Part.BODY) || item.is(Term.Part.WAIST)))
                            && owner() >= 0;
            if (body) {
                return Optional.empty();
            }
            boolean together =
                    !toes && clause.has(Term.Act.CLOSE) && clause.has(item -> item.is(Term.Part.FOOT) && item.both());
            if (together) {
                return Optional.empty();
            }
            boolean verb = turns || opens || points;
            boolean lands =
                    flatFirst() || landsFirst() || clause.has(Term.Act.LAND) || clause.has(Term.Manner.FLAT) && !toes;
            if (lands) {
                return Optional.empty();
            }
            if (!verb && !toes && !many) {
                return Optional.empty();
            }
            Optional<Fit> both = bothPivot();
            if (both.isPresent()) {
                return both;
            }
            boolean heelGoes = !toes && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null);
            Optional<Pivot> pivot = pivot(toes, foot);
            boolean swings = pivot.isEmpty() && !toes && !foot && (heel || !part && it() && heelIsUp(now.lastFoot()))
                    || heelGoes && pivot.equals(Optional.of(Pivot.BALL));
            int owner = owner();
            WhichFoot.Found which = owner >= 0
                    ? owned(owner)
                    : WhichFoot.of(
                            clause,
                            now,
                            toes && clause.has(item -> Ways.amount(item.term()).isPresent()));
            if (parallel) {
                clause.takeAll(Term.Act.MOVE, Term.Act.STAY);
            }
            clause.takeAll(
                    Term.Act.TURN,
                    Term.Act.TWIST,
                    Term.Act.FACE,
                    Term.Act.POINT,
                    Term.Act.MOVE,
                    Term.Act.RETURN,
                    Term.Act.SWEEP,
                    Term.Act.SLIDE,
                    Term.Act.LOOK,
                    Term.Act.CROSS,
                    Term.Act.PUSH,
                    Term.Act.STRAIGHTEN,
                    Term.Act.FOLLOW);
            clause.takeAll(Term.Manner.ON_THE_SPOT, Term.Way.ROUND);
            List<Side> sides = which.both()
                    ? List.of(Side.LEFT, Side.RIGHT)
                    : List.of(which.side().orElse(Side.LEFT));
            Fit fit = turn(
                    sides, which, pivot, swings, toes || liftedTurns(), points && !turns && !opens || many);
            return aimless && !verb ? Optional.empty() : Optional.of(fit);
        }

        /** The toes come up, swivel them 45 to the left, pivot to 10. */
        private boolean liftedTurns() {
            return now.raised().isPresent() && clause.has(Term.Ref.THEM) || toesUpTurnTo(clause, now);
        }

        /** Both feet to 9; the feet too, after the body has turned to a heading. */
        private boolean there() {
            boolean too = clause.has(Term.Ref.TOO) || clause.has(Term.Ref.THERE);
            return too && now.turned() && now.lastHeading().isPresent()
                    || clause.has(item -> item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
        }

        /** Heel first; but 左脚先内扣 turns first. */
        private boolean landsFirst() {
            int first = clause.find(Term.Manner.FIRST);
            return first >= 0
                    && clause.near(first, 1)
                            .filter(next -> next.is(Term.Act.TURN))
                            .isEmpty();
        }

        /** The foot goes flat, and then, after a comma, its toes turn. */
        private boolean flatFirst() {
            int flat = clause.find(Term.Manner.FLAT);
            int toes = clause.find(Term.Part.TOES);
            return flat >= 0 && toes > flat && clause.parted(flat, toes);
        }

        /** Lift the heel and turn it out: it is the heel that goes there. */
        private boolean it() {
            return clause.has(item -> item.bareSide() && item.who() == Term.Who.IT);
        }

        /** A foot whose heel is up turns on what is left of it. */
        private boolean heelIsUp(Optional<Side> foot) {
            return now.raised().equals(Optional.of(FootPart.HEEL))
                    && now.lastFoot().equals(foot);
        }

        /** Turn to the rear, pivoting the left foot: two things turn. */
        private boolean turnsTwice() {
            int first = clause.indexOf(Term.Act.TURN);
            for (int i = first + 1; first >= 0 && i < clause.size(); i++) {
                boolean limb = clause.item(i - 1).sidedLimb()
                        && i > 1
                        && clause.item(i - 2).soft();
                if (clause.item(i).is(Term.Act.TURN) && (clause.item(i - 1).soft() || limb)) {
                    return true;
                }
            }
            return false;
        }

        /** Pivot on both heels to the right: one foot turns in, the other out. */
        private Optional<Fit> bothPivot() {
            int on = clause.find(item -> pivotOf(item.term()) != null
                    && (item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH)
                    && item.both());
            int way = clause.find(item -> item.bareSide() && item.who().side().isPresent());
            if (on < 0 && way >= 0 && clause.said(Term.Act.TURN) && !clause.has(Term.Part.TOES)) {
                on = clause.find(item -> item.is(Term.Part.FOOT) && item.both() && item.rel() == null);
            }
            boolean there = clause.has(item ->
                    item.term() instanceof Term.Hall || item.term() instanceof Term.Num && item.rel() == Term.Rel.TO);
            if (on < 0 || way < 0 || there) {
                boolean pivots = on >= 0 && pivotOf(clause.item(on).term()) != null;
                return pivots ? bothToward(on) : Optional.empty();
            }
            Pivot pivot = Optional.ofNullable(pivotOf(clause.item(on).term()))
                    .or(() -> pivot(false, true))
                    .orElse(Pivot.HEEL);
            Side to = clause.item(way).who().side().orElseThrow();
            clause.use(on);
            clause.use(way);
            clause.takeAll(Term.Act.TURN, Term.Act.TWIST, Term.Part.FOOT, Term.Part.TOES);
            Optional<Double> by = new Ways(clause, now).degrees();
            Fit fit = new Fit();
            for (Side side : Side.values()) {
                Toes toes = by.<Toes>map(degrees -> new Toes.Turned(side == to ? degrees : -degrees))
                        .orElseGet(() ->
                                new Toes.TurnedSome(side == to ? Toes.TurnedSome.Way.OUT : Toes.TurnedSome.Way.IN));
                fit.moves().add(new Move.TurnFoot(side, pivot, Optional.of(toes)));
            }
            if (by.isEmpty()) {
                fit.holds("how far the foot turns is left open");
            }
            return Optional.of(fit);
        }

        /** The right foot forward onto the heel, toes up: it steps, and no toes are turned forward. */
        private boolean landsOnHeel() {
            int toes = clause.find(item -> item.is(Term.Part.TOES) && item.rel() == null);
            return toes > 0
                    && clause.near(toes, 1).filter(up -> up.is(Term.Way.UP)).isPresent()
                    && clause.has(Term.Way.FORWARD)
                    && clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null)
                    && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == Term.Rel.ON);
        }

        /** Turn on both heels to the east: both feet turn there, and the body with them. */
        private Optional<Fit> bothToward(int on) {
            if (!clause.has(Term.Act.TURN) || clause.has(Term.Part.TOES)) {
                return Optional.empty();
            }
            boolean feet = clause.has(item -> item.is(Term.Part.FOOT) && item.rel() == null);
            Clause.Marks before = clause.marks();
            clause.use(on);
            clause.takeAll(
                    Term.Act.TURN, Term.Act.FACE, Term.Part.FOOT, Term.Part.WAIST, Term.Part.BODY, Term.Way.ROUND);
            Ways ways = new Ways(clause, now);
            Optional<Heading> hall = ways.hall();
            if (hall.isEmpty()) {
                clause.restore(before);
                return Optional.empty();
            }
            Way round = ways.leftOrRight()
                    .map(side -> side == Side.LEFT ? Way.LEFT : Way.RIGHT)
                    .orElse(Way.SHORTER);
            clause.take(Term.Angle.class);
            Pivot pivot = pivotOf(clause.item(on).term());
            Toes toes = new Toes.Toward(new Direction.OfPosture(now.ofPosture(hall.get())));
            Turning turning = new Turning.To(now.ofPosture(hall.get()), round);
            Fit fit = feet ? new Fit() : Fit.of(new Move.TurnBody(BodyPart.WHOLE, Optional.of(turning)));
            fit = fit.heading(hall);
            for (Side side : Side.values()) {
                fit.moves().add(new Move.TurnFoot(side, pivot, Optional.of(toes)));
            }
            return Optional.of(fit);
        }

        /** Pivot on the right heel: the heel says whose foot it is, where nothing else does. */
        private int owner() {
            return clause.find(item -> pivotOf(item.term()) != null
                    && (item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH)
                    && item.who() != null
                    && item.who().side().isPresent());
        }

        private WhichFoot.Found owned(int owner) {
            clause.use(owner);
            return new WhichFoot.Found(now.foot(clause.item(owner).who()), owner, 0, false);
        }

        /** The part that stays: on the heel; 脚跟为轴, which names the heel beside the toes that turn. */
        private Optional<Pivot> pivot(boolean toes, boolean foot) {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                boolean on = item.rel() == Term.Rel.ON || item.rel() == Term.Rel.WITH || item.rel() == Term.Rel.AT;
                boolean beside = (toes || foot) && item.rel() == null;
                Pivot pivot = pivotOf(item.term());
                if (pivot != null && clause.open(i) && (on || beside)) {
                    boolean whose = item.who() == null || item.who().side().isEmpty();
                    if (whose) {
                        clause.use(i);
                    } else if (!named(i)) {
                        return Optional.of(pivot);
                    } else {
                        clause.use(i);
                    }
                    return Optional.of(pivot);
                }
            }
            boolean ball = !foot && clause.has(item -> item.is(Term.Part.BALL) && item.rel() == null);
            return ball ? Optional.of(Pivot.BALL) : Optional.empty();
        }

        /** Whether another phrase names the foot. */
        private boolean named(int except) {
            for (int i = 0; i < clause.size(); i++) {
                Item item = clause.item(i);
                if (i != except
                        && WhichFoot.foot(item)
                        && item.who() != null
                        && item.who().side().isPresent()) {
                    return true;
                }
            }
            return false;
        }

        static @Nullable Pivot pivotOf(Term term) {
            if (term == Term.Part.HEEL) {
                return Pivot.HEEL;
            }
            if (term == Term.Part.BALL) {
                return Pivot.BALL;
            }
            return term == Term.Part.SOLE ? Pivot.SOLE : null;
        }

        private Fit turn(
                List<Side> sides,
                WhichFoot.Found which,
                Optional<Pivot> pivot,
                boolean swings,
                boolean toes,
                boolean points) {
            List<Integer> subject = pivotSubject();
            subject.forEach(clause::use);
            Clause.Marks before = clause.marks();
            Map<Side, Optional<Toes>> each = new EnumMap<>(Side.class);
            ToesReading reading = new ToesReading(now, sides.getFirst());
            for (Side side : sides) {
                clause.restore(before);
                reading = new ToesReading(now, side);
                each.put(side, reading.of(clause, toes || points));
            }
            Optional<Toes> where = Objects.requireNonNull(each.get(sides.getFirst()));
            clause.takeAll(Term.Act.OPEN, Term.Act.CLOSE);
            clause.takeAll(
                    Term.Part.TOES,
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.HEEL,
                    Term.Part.BALL,
                    Term.Way.UP,
                    Term.Manner.FLAT);
            clause.takeAll(Term.Manner.NONE, Term.Manner.SOMEHOW, Term.Rel.THROUGH, Term.Way.ROUND);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
            clause.takeAll(Term.Ref.THEM);
            Pivot on = pivot.orElse(swings || heelIsUp(which.side()) ? Pivot.BALL : Pivot.HEEL);
            Optional<Toes> pointed = swings ? where.map(Reading::other) : where;
            List<Move> moves = new ArrayList<>();
            each.forEach((side, to) -> moves.add(new Move.TurnFoot(side, on, swings ? to.map(Reading::other) : to)));
            Fit fit = Fit.of(moves).heading(reading.hall()).costs(which.cost());
            if (pointed.filter(Toes.TurnedSome.class::isInstance).isPresent()) {
                fit.holds("how far the foot turns is left open");
            }
            boolean along = pointed.isEmpty()
                    && clause.said(Term.Act.FOLLOW)
                    && now.lastHeading().isPresent();
            if (along) {
                Direction there =
                        new Direction.OfPosture(now.ofPosture(now.lastHeading().get()));
                return Fit.of(new Move.TurnFoot(sides.getFirst(), on, Optional.of(new Toes.Toward(there))))
                        .heading(now.lastHeading())
                        .costs(which.cost());
            }
            Optional<Toes> withBody = alongBy(sides.getFirst());
            if (pointed.isEmpty() && withBody.isPresent() && which.side().isPresent()) {
                return Fit.of(new Move.TurnFoot(sides.getFirst(), on, withBody)).costs(which.cost());
            }
            aimless = pointed.isEmpty();
            if (aimless) {
                fit.costs(Costs.RARE);
                askWay(fit);
            }
            boolean known = which.both() || which.side().isPresent();
            return known ? fit : WhichFoot.ask(fit, clause);
        }

        /** Turn right thirty, the right foot follows: it turns as far as the body does. */
        private Optional<Toes> alongBy(Side side) {
            return clause.said(Term.Act.FOLLOW)
                    ? now.turn()
                            .flatMap(Move.TurnBody::turning)
                            .filter(Turning.By.class::isInstance)
                            .map(by -> new Toes.Turned(
                                    side.sign() * ((Turning.By) by).turn().degrees()))
                    : Optional.empty();
        }

        /** A number of degrees, or a foot that goes along with the body, and nobody says which way. */
        private void askWay(Fit fit) {
            if (clause.said(Term.Act.FOLLOW)) {
                fit.ask(clause.text(), "out_or_in", "out", "in", "somehow");
            }
            clause.takeItem(item -> Ways.amount(item.term()).isPresent())
                    .ifPresent(number -> fit.ask(number.text(), "out_or_in", "out", "in", "somehow"));
        }

        private List<Integer> pivotSubject() {
            List<Integer> found = new ArrayList<>();
            for (int i = 0; i < clause.size(); i++) {
                if (clause.open(i)
                        && WhichFoot.foot(clause.item(i))
                        && clause.item(i).rel() != Term.Rel.TO) {
                    found.add(i);
                }
            }
            return found;
        }

        /** A heel that goes out turns the toes in. */
        private static Toes other(Toes toes) {
            return switch (toes) {
                case Toes.Turned(double out) -> new Toes.Turned(-out);
                case Toes.TurnedSome(var way) ->
                    new Toes.TurnedSome(
                            way == Toes.TurnedSome.Way.OUT ? Toes.TurnedSome.Way.IN : Toes.TurnedSome.Way.OUT);
                case Toes.AgainstPelvis(double out) -> new Toes.AgainstPelvis(-out);
                case Toes.OutAsFarAsTheyGo _ -> new Toes.InAsFarAsTheyGo();
                case Toes.InAsFarAsTheyGo _ -> new Toes.OutAsFarAsTheyGo();
                case Toes.Toward toward -> toward;
            };
        }
    }
}
