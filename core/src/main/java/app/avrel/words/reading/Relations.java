package app.avrel.words.reading;

import app.avrel.body.Landmark;
import app.avrel.body.Length;
import app.avrel.body.Side;
import app.avrel.posture.hand.HandPlace;
import app.avrel.posture.hand.HandRelation;
import app.avrel.posture.hand.Palm;
import app.avrel.posture.move.Move;
import java.util.List;
import java.util.Optional;

/** Reads how the two hands stand to each other. */
final class Relations {

    private final Clause clause;
    private final ReadingContext hearing;

    Relations(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    List<Move> read() {
        boolean ball = clause.take(Term.Manner.BALL_HELD);
        clause.take(Term.Manner.BALL_HELD);
        Optional<HandRelation> relation = clause.take(Term.Related.class).map(Term.Related::relation);
        clause.take(Term.Related.class);
        Optional<Palm> palm = new Palms(clause).read(HandPlace.UNSAID).palm();
        Optional<Side> beside = ball ? beside() : Optional.empty();
        Optional<Side> leading = leading(ball);
        Optional<Landmark> height = clause.take(Term.Height.class).map(Term.Height::landmark);
        Optional<Length> gap = clause.take(Term.Measure.class).map(Term.Measure::length);
        clause.takeAny(
                Term.Who.BOTH,
                Term.Part.HAND,
                Term.Part.PALM,
                Term.Part.ARM,
                Term.Part.WRIST,
                Term.Part.FOREARM,
                Term.Part.HAND,
                Term.Part.BODY,
                Term.Manner.ROUNDED,
                Term.Manner.CENTRE_LINE,
                Term.Manner.HEIGHT,
                Term.Way.FORWARD,
                Term.Manner.TOGETHER,
                Term.Way.DOWN,
                Term.Way.UP,
                Term.Manner.CROSSED);
        clause.take(Term.Shaped.class);
        if (ball) {
            return leading.map(above -> List.<Move>of(new Move.HoldBall(above, height, gap, beside)))
                    .orElseGet(() -> ask("above"));
        }
        HandRelation found = relation.orElse(HandRelation.APART);
        boolean alike = found == HandRelation.PALMS_TOGETHER || found == HandRelation.APART;
        Optional<Side> side = leading.or(() -> alike ? Optional.of(Side.RIGHT) : Optional.empty());
        return side.map(first -> List.<Move>of(new Move.RelateHands(found, first, height, gap, palm)))
                .orElseGet(() -> ask(found.leading()));
    }

    /** The side of the body: "at the left side", and "on the left" where no hand follows. */
    private Optional<Side> beside() {
        for (int i = 0; i < clause.tokens().size(); i++) {
            Token token = clause.tokens().get(i);
            if (!(token.term() instanceof Term.Who who) || Term.side(who) == null) {
                continue;
            }
            Optional<Token> next = clause.near(i, 1);
            Optional<Token> before = clause.near(i, -1);
            boolean aside = next.filter(some -> some.is(Term.Way.SIDE)).isPresent();
            boolean on = before.filter(some -> some.is(Term.Rel.ON) || some.is(Term.Rel.AT) || some.is(Term.Rel.TO))
                    .isPresent();
            if (aside || on && next.filter(some -> Topic.hand(some.term())).isEmpty()) {
                clause.takeAt(token);
                next.filter(_ -> aside).ifPresent(clause::takeAt);
                return Optional.of(Term.side(who));
            }
        }
        return Optional.empty();
    }

    private List<Move> ask(String place) {
        hearing.sideIsOpen();
        hearing.ask(
                clause.tokens().getFirst().text(),
                "Which hand is " + place + "?",
                List.of(
                        new Question.Choice("left", "left hand " + place + ", "),
                        new Question.Choice("right", "right hand " + place + ", ")));
        return List.of();
    }

    /** The hand that is above, inside, under the elbow: with "below" or "outside" it is the other one. */
    private Optional<Side> leading(boolean ball) {
        Optional<Term.Anchor> under = clause.take(Term.Anchor.class);
        int at = clause.indexOf(term -> term == Term.Who.LEFT || term == Term.Who.RIGHT);
        if (at < 0) {
            return under.map(Term.Anchor::who).flatMap(hearing::side).map(Side::other);
        }
        Token token = clause.tokens().get(at);
        clause.takeAt(token);
        boolean otherWay = clause.has(Term.Rel.BELOW)
                || clause.has(Term.Rel.OUTSIDE)
                || ball && (clause.has(Term.Rel.UNDER) || clause.has(Term.Way.DOWN));
        Side side = Term.side((Term.Who) token.term());
        clause.take(Term.Who.class);
        return Optional.of(otherWay ? side.other() : side);
    }
}
