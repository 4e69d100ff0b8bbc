package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.posture.hand.Pointing;
import app.avrel.posture.hand.Prop;
import app.avrel.posture.hand.PropAct;
import app.avrel.posture.move.Gaze;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;

/** Reads what the eyes do, and what is done with a prop. */
final class Others {

    /** Where the eyes are that look over a shoulder: behind it, on the diagonal. */
    private static final double OVER_SHOULDER = 135;

    private final Clause clause;
    private final ReadingContext hearing;

    Others(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    List<Move> gaze() {
        clause.takeAny(Term.Act.LOOK, Term.Part.EYES, Term.Part.HEAD);
        boolean past = clause.take(Term.Rel.PAST)
                || clause.has(term -> term instanceof Term.Anchor anchor && anchor.rel() == Term.Rel.PAST);
        Optional<Side> hand = hand();
        if (hand.isPresent()) {
            Gaze.AtHand.Aim aim = past ? Gaze.AtHand.Aim.PAST : Gaze.AtHand.Aim.AT;
            return List.of(new Move.Look(new Gaze.AtHand(hand.get(), aim)));
        }
        Optional<Side> shoulder = shoulder();
        if (shoulder.isPresent()) {
            return List.of(new Move.Look(
                    new Gaze.Toward(DirectionReading.ofBody(shoulder.get().sign() * OVER_SHOULDER))));
        }
        if (clause.takeAny(Term.Manner.WIDE, Term.Manner.WIDE_VIEW)) {
            clause.takeAny(Term.Way.FORWARD, Term.Manner.STRAIGHT, Term.Part.EYES);
            return List.of(new Move.Look(Gaze.AHEAD));
        }
        boolean forward = clause.has(Term.Way.FORWARD) && !clause.has(Term.Who.class::isInstance);
        Optional<Direction> direction = new DirectionReading(clause, hearing).of(Side.RIGHT);
        boolean ahead = forward || clause.take(Term.Manner.STRAIGHT);
        if (direction.isEmpty() && !ahead) {
            hearing.refuse(
                    clause.tokens().getFirst().text(),
                    "Say where the eyes go, such as \"look past the left hand\" or \"look to 3\".");
            return List.of();
        }
        return List.of(new Move.Look(ahead ? Gaze.AHEAD : new Gaze.Toward(direction.get())));
    }

    /** Over or past which shoulder the eyes go. */
    private Optional<Side> shoulder() {
        Optional<Side> anchored = clause.take(Term.Anchor.class, anchor -> anchor.part() == Term.Part.SHOULDER)
                .map(Term.Anchor::who)
                .or(() -> clause.take(Term.Height.class, height -> height.landmark() == Landmark.SHOULDER)
                        .map(Term.Height::who))
                .flatMap(hearing::side);
        return clause.take(Term.Part.SHOULDER) && anchored.isEmpty()
                ? clause.take(Term.Who.class).flatMap(hearing::side)
                : anchored;
    }

    private Optional<Side> hand() {
        Optional<Side> anchored = clause.take(Term.Anchor.class).flatMap(anchor -> hearing.side(anchor.who()));
        if (anchored.isPresent()) {
            return anchored;
        }
        int part = clause.indexOf(term -> Topic.hand(term) || term instanceof Term.Shaped);
        if (part < 0) {
            return Optional.empty();
        }
        clause.takeAt(clause.tokens().get(part));
        clause.takeAny(Term.Part.HAND, Term.Part.FINGERTIPS, Term.Part.PALM, Term.Way.FORWARD);
        return clause.take(Term.Who.class).flatMap(hearing::side).or(hearing::lastHand);
    }

    List<Move> prop() {
        Optional<Prop> prop = prop(clause);
        PropAct act = act();
        Optional<Side> hand = handHolding();
        clause.takeAny(Term.Part.HAND, Term.Part.PALM);
        Optional<Pointing> points = Palms.way(clause);
        Optional<Direction> toward = towards();
        clause.takeAny(Term.Way.FORWARD, Term.Manner.UPRIGHT, Term.Way.IN, Term.Way.OUT);
        Side by = hand.or(() -> hearing.pose().prop().map(held -> held.held())).orElse(Side.RIGHT);
        return List.of(new Move.HandleProp(by, act, prop, points, toward));
    }

    /** A hall direction, or an angle of the body where the prop leans. */
    private Optional<Direction> towards() {
        if (clause.has(Term.Act.LEAN) && clause.has(Term.Angle.class::isInstance)) {
            return new DirectionReading(clause, hearing).of(Side.RIGHT);
        }
        boolean hall = clause.has(
                term -> term instanceof Term.Hall || term instanceof Term.Compass || term instanceof Term.Place);
        return hall ? new DirectionReading(clause, hearing).of(Side.RIGHT) : Optional.empty();
    }

    private Optional<Side> handHolding() {
        Optional<Side> near = clause.take(Term.Anchor.class).flatMap(anchor -> hearing.side(anchor.who()));
        return near.or(() -> clause.take(Term.Who.class).flatMap(hearing::side));
    }

    private static Optional<Prop> prop(Clause clause) {
        if (clause.take(Term.Part.STAFF)) {
            return Optional.of(Prop.STAFF);
        }
        if (clause.take(Term.Part.SWORD)) {
            return Optional.of(Prop.SWORD);
        }
        if (clause.take(Term.Part.SABRE)) {
            return Optional.of(Prop.SABRE);
        }
        clause.take(Term.Part.PROP);
        return clause.take(Term.Part.FAN) ? Optional.of(Prop.FAN) : Optional.empty();
    }

    private PropAct act() {
        for (Token token : clause.tokens()) {
            if (token.term() instanceof Term.Act act) {
                return switch (act) {
                    case TAKE, LIFT -> PropAct.TAKE;
                    case OPEN -> PropAct.OPEN;
                    case CLOSE -> PropAct.CLOSE;
                    case PASS -> PropAct.PASS;
                    case PUT_AWAY, LOWER -> PropAct.PUT_AWAY;
                    case MOVE, HOLD -> hearing.pose().prop().isEmpty() ? PropAct.TAKE : PropAct.TURN;
                    default -> PropAct.TURN;
                };
            }
        }
        return PropAct.TURN;
    }
}
