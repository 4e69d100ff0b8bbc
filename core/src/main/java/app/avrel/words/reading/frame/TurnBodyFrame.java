package app.avrel.words.reading.frame;

import app.avrel.body.Side;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import app.avrel.floor.Way;
import app.avrel.posture.move.BodyPart;
import app.avrel.posture.move.Move;
import app.avrel.posture.move.Pivot;
import app.avrel.posture.move.Toes;
import app.avrel.posture.move.Turning;
import app.avrel.words.lexicon.Term;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Turns of the body: by an angle, to a heading, to a side. */
final class TurnBodyFrame implements Frame {

    private static final double BACK = 180;

    /** From so many degrees on, to a side, it is the body that turns on a foot. */
    private static final double FAR = 90;

    private static final double FULL = 360;
    /** Fractions are written with two digits: to so many degrees they are exact. */
    private static final double STEP = 5;

    @Override
    public boolean may(Clause clause) {
        return clause.has(item -> trunk(item)
                || item.is(Term.Act.TURN)
                || item.is(Term.Act.FACE)
                || item.is(Term.Act.RETURN)
                || item.is(Term.Act.TWIST)
                || item.term() instanceof Term.Angle
                || item.term() instanceof Term.Num);
    }

    private static boolean trunk(Item item) {
        return item.rel() == null && (Subjects.trunk(item) || item.is(Term.Part.SHOULDER) && item.many());
    }

    /** Takes a part of the trunk; what is at the height of it is another thing, and no chest that turns. */
    private static boolean turns(Clause clause, Term.Part part) {
        boolean any = false;
        while (clause.takeItem(item -> item.is(part) && !besides(item)).isPresent()) {
            any = true;
        }
        return any;
    }

    private static boolean besides(Item item) {
        return item.rel() == Term.Rel.AT
                || item.rel() == Term.Rel.BESIDE
                || item.rel() == Term.Rel.BEFORE
                || item.rel() == Term.Rel.BEHIND;
    }

    @Override
    public Optional<Fit> read(Clause clause, Situation now) {
        boolean part = clause.has(TurnBodyFrame::trunk)
                || clause.has(item -> item.is(Term.Part.WAIST) && item.rel() == Term.Rel.WITH);
        boolean verb = clause.has(Term.Act.TURN)
                || clause.has(Term.Act.FACE)
                || clause.has(Term.Act.TWIST)
                || now.topic() != Situation.Topic.EYES && returns(clause);
        boolean half = clause.has(item -> item.term() instanceof Term.Angle(double degrees) && degrees == BACK);
        boolean limb = clause.has(item -> (WhichFoot.foot(item) || HandWords.hand(item)) && item.rel() == null);
        boolean onSide = clause.has(item -> item.bareSide() && item.rel() == Term.Rel.ON);
        boolean bend = !onSide
                && clause.has(item -> degrees(item, now))
                && clause.items().stream()
                        .allMatch(item -> degrees(item, now) || item.bareSide() || Leftover.small(item));
        boolean looks = part && clause.has(Term.Act.LOOK);
        if (!part && !verb && !half && !bend || limb && !part || clause.has(Term.Part.WEIGHT)) {
            return Optional.empty();
        }
        if (looks && looksFirst(clause) || BearingFrame.within(clause) || somethingElse(clause, now)) {
            return Optional.empty();
        }
        boolean oneShoulder = clause.has(item -> item.is(Term.Part.SHOULDER) && !item.many() && item.rel() == null);
        if (oneShoulder) {
            return Optional.empty();
        }
        boolean far = far(clause);
        Optional<Side> over = overShoulder(clause);
        boolean soFar = clause.has(item -> item.is(Term.Part.WAIST) || item.is(Term.Part.BODY))
                && clause.has(item -> Ways.amount(item.term()).isPresent());
        boolean chestGoes = chestGoes(clause);
        boolean turns = soFar || chestGoes || clause.has(Term.Act.TURN) || clause.has(Term.Act.TWIST);
        boolean hipsStay = (verb || soFar || chestGoes) && hipsStay(clause);
        if (hipsStay && !turns) {
            clause.useAll();
            return Optional.of(new Fit().noted().holds("the hips stay"));
        }
        boolean hips = turns(clause, Term.Part.HIPS) && !hipsStay;
        boolean chest = turns(clause, Term.Part.CHEST) | turns(clause, Term.Part.SHOULDER);
        boolean whole = turns(clause, Term.Part.WAIST) | turns(clause, Term.Part.BODY);
        BodyPart bodyPart = hipsStay
                ? BodyPart.CHEST
                : whole || chest && hips || !hips && !chest ? BodyPart.WHOLE : hips ? BodyPart.HIPS : BodyPart.CHEST;
        clause.takeAll(
                Term.Act.TURN,
                Term.Act.FACE,
                Term.Act.TWIST,
                Term.Act.MOVE,
                Term.Act.TAKE,
                Term.Act.OPEN,
                Term.Act.RETURN,
                Term.Act.FOLLOW,
                Term.Act.STAY,
                Term.Act.POINT);
        if (looks) {
            clause.takeAll(Term.Act.LOOK);
        }
        clause.takeAll(
                Term.Manner.ALL,
                Term.Manner.STRAIGHT,
                Term.Rel.THROUGH,
                Term.Way.ROUND,
                Term.Rel.BESIDE,
                Term.Manner.ON_THE_SPOT);
        boolean stays = clause.indexOf(Term.Act.STAY) >= 0 && !hipsStay;
        Ways ways = new Ways(clause, now);
        Optional<Heading> hall = ways.hall().or(() -> front(clause)).or(() -> back(clause));
        Optional<Side> way = over.or(() -> going(clause)).or(ways::leftOrRight);
        clause.takeAll(Term.Way.SIDE, Term.Way.BACK, Term.Manner.SOMEHOW);
        int one = pivot(clause);
        int both = hall.isEmpty() ? clause.find(item -> on(item) && item.both()) : -1;
        int pivot = part || far ? Math.max(one, both) : -1;
        double cost = part ? verb ? 0 : Costs.NO_VERB : Costs.LIMB_ELIDED;
        return reading(clause, now, bodyPart, hall, way, stays)
                .map(fit -> fit.heading(hall).costs(cost))
                .map(fit -> pivot < 0 ? fit : goesAlong(fit, clause, pivot, now));
    }

    /** Chest to eleven, hips stay: it is the chest that goes there. */
    private static boolean chestGoes(Clause clause) {
        return clause.has(item -> item.is(Term.Part.CHEST) && item.rel() == null)
                && clause.has(item -> item.term() instanceof Term.Hall
                        || item.rel() == Term.Rel.TO && item.term() instanceof Term.Num);
    }

    /** Swing the staff from the left hip to 3; toes up, pivot to 10: it is the staff that turns, or the foot. */
    private static boolean somethingElse(Clause clause, Situation now) {
        return TurnFootFrame.toesUpTurnTo(clause, now)
                || clause.has(item -> item.prop() && item.rel() == null)
                || clause.has(item -> item.is(Term.Part.HIPS) && item.rel() == Term.Rel.FROM && item.who() != null);
    }

    /** Back to the front, in one word. */
    private static boolean returns(Clause clause) {
        int returns = clause.indexOf(Term.Act.RETURN);
        int ahead = clause.indexOf(Term.Way.FORWARD);
        return returns >= 0
                && ahead >= 0
                && clause.item(returns).from() == clause.item(ahead).from();
    }

    /** Look left, the chest stays to the front: the eyes turn, and the chest is another clause. */
    private static boolean looksFirst(Clause clause) {
        int look = clause.find(Term.Act.LOOK);
        int trunk = clause.find(TurnBodyFrame::trunk);
        return look < trunk && clause.parted(look, trunk);
    }

    /** {@return whether so much is turned to the left or the right, or to where one faces then, that no foot alone does it} */
    static boolean far(Clause clause) {
        boolean faces = pivot(clause) >= 0
                && clause.has(Term.Act.FACE)
                && clause.has(item -> item.term() instanceof Term.Num || item.term() instanceof Term.Hall);
        boolean toSide = clause.has(item -> item.bareSide() && item.who().side().isPresent())
                && clause.has(item -> item.term() instanceof Term.Angle(double degrees) && degrees >= FAR
                        || item.term() instanceof Term.Num(double number) && item.rel() == null && number >= FAR
                        || pivot(clause) >= 0
                                && item.rel() == Term.Rel.TO
                                && (item.term() instanceof Term.Num || item.term() instanceof Term.Hall));
        return (faces || toSide)
                && clause.items().stream().noneMatch(item -> WhichFoot.foot(item) && item.rel() != Term.Rel.ON);
    }

    /** On the left heel: where that stands; below 0 where it is not said. */
    private static int pivot(Clause clause) {
        return clause.find(
                item -> on(item) && item.who() != null && item.who().side().isPresent());
    }

    private static boolean on(Item item) {
        return (item.is(Term.Part.HEEL) || item.is(Term.Part.BALL)) && item.rel() == Term.Rel.ON;
    }

    /** Turn the body so far on the left heel: that foot turns along. How far it goes to a heading nobody says: that is left open. */
    private static Fit goesAlong(Fit fit, Clause clause, int pivot, Situation now) {
        Item on = clause.item(pivot);
        Pivot part = on.is(Term.Part.HEEL) ? Pivot.HEEL : Pivot.BALL;
        List<Side> feet = on.both()
                ? List.of(Side.values())
                : List.of(now.foot(Objects.requireNonNull(on.who())).orElseThrow());
        for (Move move : List.copyOf(fit.moves())) {
            if (move instanceof Move.TurnBody(var _, var turning)
                    && turning.orElse(null) instanceof Turning.By(Turn turn)
                    && Math.abs(turn.degrees()) <= BACK) {
                clause.use(pivot);
                feet.forEach(foot -> fit.moves()
                        .add(new Move.TurnFoot(
                                foot, part, Optional.of(new Toes.Turned(turn.degrees() * foot.sign())))));
            } else if (move instanceof Move.TurnBody(var _, var turning)
                    && turning.orElse(null) instanceof Turning.To) {
                clause.use(pivot);
                feet.forEach(foot -> fit.moves().add(new Move.TurnFoot(foot, part, Optional.empty())));
                fit.holds("how far the foot turns is left open");
            }
        }
        return fit;
    }

    /** Turn left, the hips stay where they are: what turns is the chest. */
    private static boolean hipsStay(Clause clause) {
        int hips = clause.find(Term.Part.HIPS);
        if (hips < 0) {
            return false;
        }
        boolean stay = clause.near(hips, -1)
                        .filter(before -> before.is(Term.Act.STAY) || before.is(Term.Mark.NOT))
                        .isPresent()
                || clause.near(hips, 1).filter(after -> after.is(Term.Act.STAY)).isPresent();
        if (stay) {
            clause.takeAll(Term.Act.STAY, Term.Mark.NOT, Term.Rel.WHERE, Term.Rel.OWN_PLACE);
        }
        return stay;
    }

    /** Degrees; after a turn by so much, a number alone goes on turning; after one to an hour it does not. */
    private static boolean degrees(Item item, Situation now) {
        return item.term() instanceof Term.Angle
                || now.turned() && now.turn().isPresent() && likeDegrees(item) && item.rel() == null;
    }

    /** {@return whether a number may be one of degrees, or a part of a circle: nobody turns by three, but three tenths bear} */
    static boolean likeDegrees(Item item) {
        return item.term() instanceof Term.Num(double number) && (number < 1 || number == STEP || number >= 2 * STEP);
    }

    /** Turn to the rear over the right shoulder: that way round. */
    private static Optional<Side> overShoulder(Clause clause) {
        return clause.takeItem(item -> item.is(Term.Part.SHOULDER)
                        && item.rel() == Term.Rel.OVER
                        && item.who() != null
                        && item.who().side().isPresent())
                .flatMap(item -> Objects.requireNonNull(item.who()).side());
    }

    private static Optional<Side> going(Clause clause) {
        if (clause.take(Term.Manner.GOING_LEFT) || clause.take(Term.Manner.ANTICLOCKWISE)) {
            return Optional.of(Side.LEFT);
        }
        return clause.take(Term.Manner.GOING_RIGHT) || clause.take(Term.Manner.CLOCKWISE)
                ? Optional.of(Side.RIGHT)
                : Optional.empty();
    }

    private static Optional<Heading> front(Clause clause) {
        boolean front = clause.takeItem(item -> item.bareSide() && item.who() == Term.Who.FRONT)
                        .isPresent()
                || clause.takeAll(Term.Way.FORWARD);
        return front ? Optional.of(Heading.FRONT) : Optional.empty();
    }

    /** To the back of the hall; "turn back" alone says nothing. */
    private static Optional<Heading> back(Clause clause) {
        int at = clause.find(Term.Way.BACK);
        boolean faced = at > 0 && clause.item(at - 1).is(Term.Act.FACE);
        boolean back = at >= 0 && (faced || clause.item(at).rel() == Term.Rel.TO);
        if (back) {
            clause.use(at);
        }
        return back ? Optional.of(new Heading(BACK)) : Optional.empty();
    }

    private static Optional<Fit> reading(
            Clause clause, Situation now, BodyPart part, Optional<Heading> hall, Optional<Side> way, boolean stays) {
        if (hall.isPresent()) {
            Way round =
                    way.map(side -> side == Side.LEFT ? Way.LEFT : Way.RIGHT).orElse(Way.SHORTER);
            return turned(part, new Turning.To(now.ofPosture(hall.get()), round));
        }
        Optional<Term.Span> span = clause.take(Term.Span.class);
        if (span.isPresent() && way.isPresent()) {
            double sign = way.get().sign();
            double least = Math.min(span.get().least(), span.get().most());
            double most = Math.max(span.get().least(), span.get().most());
            return turned(part, new Turning.Between(new Turn(sign * least), new Turn(sign * most)));
        }
        Optional<Double> degrees = new Ways(clause, now).degrees().map(TurnBodyFrame::ofCircle);
        if (degrees.isPresent() && way.isPresent()) {
            return turned(part, new Turning.By(new Turn(way.get().sign() * degrees.get())));
        }
        if (degrees.isPresent()) {
            return Optional.of(new Fit().ask(clause.text(), "way_round", "to_the_left", "to_the_right"));
        }
        if (stays || clause.has(Term.Named.class)) {
            return stays ? Optional.empty() : Optional.of(Fit.of(new Move.TurnBody(part, Optional.empty())));
        }
        if (way.isEmpty()) {
            boolean somehow = clause.indexOf(Term.Manner.SOMEHOW) >= 0;
            return Optional.of(
                    somehow
                            ? Fit.of(new Move.TurnBody(part, Optional.empty()))
                            : new Fit().refuse(clause.text(), "way_of_turn", Map.of()));
        }
        boolean open = now.hears() || clause.has(Term.Manner.LITTLE) || clause.indexOf(Term.Manner.SOMEHOW) >= 0;
        if (open) {
            return turned(part, new Turning.Some(way.get()))
                    .map(fit -> fit.holds("how far the body turns is left open"));
        }
        return Optional.of(new Fit()
                .ask(
                        clause.text(),
                        way.get() == Side.LEFT ? "how_far_left" : "how_far_right",
                        "degrees_45",
                        "degrees_90",
                        "somehow"));
    }

    /** A third to the right: of the whole way round. */
    private static double ofCircle(double said) {
        return said > 0 && said < 1 ? STEP * Math.rint(said * FULL / STEP) : said;
    }

    private static Optional<Fit> turned(BodyPart part, Turning turning) {
        return Optional.of(Fit.of(new Move.TurnBody(part, Optional.of(turning))));
    }
}
