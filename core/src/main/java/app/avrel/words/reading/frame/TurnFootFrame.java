package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.move.FootPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Split;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.words.lexicon.Term;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** A foot that turns where it stands. */
final class TurnFootFrame implements Frame {

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
        boolean goes = (clause.said(Term.Act.MOVE)
                        || clause.said(Term.Act.TAKE) && !clause.has(item -> item.rel() == Term.Rel.TO))
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
                && !now.bothFeet()
                && now.last()
                        .filter(move -> move instanceof Move.Raise raise && raise.part() == FootPart.TOES)
                        .isPresent()
                && clause.said(Term.Act.TURN)
                && clause.items().stream()
                        .allMatch(item -> item.is(Term.Act.TURN)
                                || item.is(Term.Who.IT) && item.rel() == null
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
                                        && (item.rel() == null
                                                || item.rel() == Term.Rel.TO
                                                || item.rel() == Term.Rel.WITH)
                                || item.is(Term.Act.MOVE)
                                || item.is(Term.Act.STAY)
                                || item.is(Term.Act.TURN)
                                || Leftover.small(item));
    }

    /** One clause, while it is read. Toes of which nobody says that they turn, or where to, do not turn. */
    private static final class Reading {

        private final Clause clause;
        private final Situation now;
        private final TurnFootWords words;
        private boolean aimless;

        Reading(Clause clause, Situation now) {
            this.clause = clause;
            this.now = now;
            this.words = new TurnFootWords(clause, now);
        }

        Optional<Fit> read() {
            if (!words.ofFoot() || new TurnFootBorders(clause, now, words).within()) {
                return Optional.empty();
            }
            return new BothPivot(clause, now).read().or(this::one);
        }

        /** A foot that turns, or two that are named. */
        private Optional<Fit> one() {
            PivotOn on = new PivotOn(clause, now);
            Optional<Pivot> pivot = on.part(words.toes(), words.foot());
            boolean swings = swings(pivot);
            int owner = PivotOn.owner(clause);
            boolean amount =
                    words.toes() && clause.has(item -> Ways.amount(item.term()).isPresent());
            WhichFoot.Found which = owner >= 0 ? on.owned(owner) : WhichFoot.of(clause, now, amount);
            takeVerbs();
            Fit fit = turn(which, pivot, swings);
            return aimless && !words.verb() ? Optional.empty() : Optional.of(fit);
        }

        /** It is the heel that goes, and the toes the other way. */
        private boolean swings(Optional<Pivot> pivot) {
            boolean heelGoes = !words.toes() && clause.has(item -> item.is(Term.Part.HEEL) && item.rel() == null);
            boolean liftedHeel = !words.part() && words.it() && heelIsUp(now.lastFoot());
            return pivot.isEmpty() && !words.toes() && !words.foot() && (words.heel() || liftedHeel)
                    || heelGoes && pivot.equals(Optional.of(Pivot.BALL));
        }

        private void takeVerbs() {
            if (words.parallel()) {
                clause.takeAll(Term.Act.MOVE, Term.Act.STAY);
            }
            clause.takeAll(
                    Term.Act.TURN,
                    Term.Act.TWIST,
                    Term.Act.FACE,
                    Term.Act.POINT,
                    Term.Act.MOVE,
                    Term.Act.TAKE,
                    Term.Act.RETURN,
                    Term.Act.SWEEP,
                    Term.Act.SLIDE,
                    Term.Act.LOOK,
                    Term.Act.CROSS,
                    Term.Act.PUSH,
                    Term.Act.STRAIGHTEN,
                    Term.Act.FOLLOW);
            if (words.toes()) {
                clause.takeAll(Term.Act.DRAW);
            }
            clause.takeAll(Term.Manner.ON_THE_SPOT, Term.Way.ROUND);
        }

        /** A foot whose heel is up turns on what is left of it. */
        private boolean heelIsUp(Optional<Side> foot) {
            return now.raised().equals(Optional.of(FootPart.HEEL))
                    && now.lastFoot().equals(foot);
        }

        private Fit turn(WhichFoot.Found which, Optional<Pivot> pivot, boolean swings) {
            List<Side> sides = which.both()
                    ? List.of(Side.LEFT, Side.RIGHT)
                    : List.of(which.side().orElse(Side.LEFT));
            boolean points = words.onlyPoints();
            boolean toes = words.toes() || words.liftedTurns();
            pivotSubject().forEach(clause::use);
            Clause.Marks before = clause.marks();
            Map<Side, Optional<Toes>> each = new EnumMap<>(Side.class);
            ToesReading reading = new ToesReading(now, sides.getFirst());
            for (Side side : sides) {
                clause.restore(before);
                reading = new ToesReading(now, side);
                each.put(side, reading.of(clause, toes || points));
            }
            boolean unloads = clause.takeAll(Term.Manner.NONE) && which.side().isPresent();
            takeParts();
            Pivot on = pivot.orElse(swings || heelIsUp(which.side()) ? Pivot.BALL : Pivot.HEEL);
            if (swings) {
                each.replaceAll((_, to) -> to.map(Reading::other));
            }
            Optional<Toes> where = Objects.requireNonNull(each.get(sides.getFirst()));
            Optional<Fit> along = where.isEmpty() ? along(which, sides.getFirst(), on) : Optional.empty();
            if (along.isPresent()) {
                return along.get();
            }
            List<Move> moves = new ArrayList<>();
            if (unloads && now.weight().most(which.side().orElseThrow()) > 0) {
                moves.add(new Move.Shift(Split.on(which.side().orElseThrow().other(), 100)));
            }
            each.forEach((side, to) -> moves.add(new Move.TurnFoot(side, on, to)));
            Fit fit = Fit.of(moves).heading(reading.hall()).costs(which.cost());
            if (where.filter(Toes.TurnedSome.class::isInstance).isPresent()) {
                fit.holds("how far the foot turns is left open");
            }
            aimless = where.isEmpty();
            if (aimless) {
                fit.costs(Costs.RARE);
                askWay(fit);
            }
            boolean known = which.both() || which.side().isPresent();
            return known ? fit : WhichFoot.ask(fit, clause);
        }

        private void takeParts() {
            clause.takeAll(Term.Act.OPEN, Term.Act.CLOSE);
            clause.takeAll(
                    Term.Part.TOES,
                    Term.Part.FOOT,
                    Term.Part.LEG,
                    Term.Part.HEEL,
                    Term.Part.BALL,
                    Term.Way.UP,
                    Term.Manner.FLAT);
            clause.takeAll(Term.Manner.SOMEHOW, Term.Rel.THROUGH, Term.Way.ROUND);
            clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.IT);
            clause.takeAll(Term.Ref.THEM);
        }

        /** The foot that follows what turned, to the same heading or as far. */
        private Optional<Fit> along(WhichFoot.Found which, Side side, Pivot on) {
            if (clause.said(Term.Act.FOLLOW) && now.lastHeading().isPresent()) {
                Direction there =
                        new Direction.OfPosture(now.ofPosture(now.lastHeading().get()));
                return Optional.of(Fit.of(new Move.TurnFoot(side, on, Optional.of(new Toes.Toward(there))))
                        .heading(now.lastHeading())
                        .costs(which.cost()));
            }
            Optional<Toes> by = alongBy(side);
            return by.isPresent() && which.side().isPresent()
                    ? Optional.of(Fit.of(new Move.TurnFoot(side, on, by)).costs(which.cost()))
                    : Optional.empty();
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
