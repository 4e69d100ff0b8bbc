package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.posture.move.Toes;
import java.util.List;
import java.util.Optional;

/** Finds where the toes shall point. */
final class ToesReading {

    private final ReadingContext hearing;
    private final Side side;

    ToesReading(ReadingContext hearing, Side side) {
        this.hearing = hearing;
        this.side = side;
    }

    /** {@return what is said of the toes after the word itself; the word and what belongs to it are taken} */
    Optional<Toes> afterWord(Clause clause) {
        int at = clause.indexOf(term -> term == Term.Part.TOES);
        if (at < 0) {
            return Optional.empty();
        }
        clause.takeAt(clause.tokens().get(at));
        Clause after = new Clause(Topic.FOOT, clause.tokens().subList(at + 1, end(clause.tokens(), at + 1)));
        Optional<Toes> toes = of(after);
        List<Token> open = after.left();
        clause.tokens().subList(at + 1, at + 1 + after.tokens().size()).stream()
                .filter(token -> !open.contains(token))
                .forEach(clause::takeAt);
        return toes.or(() -> after.tokens().isEmpty() ? of(clause) : Optional.empty());
    }

    /** What belongs to the toes ends with the next part of the foot, or a length. */
    private static int end(List<Token> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            Term term = tokens.get(i).term();
            if (Topic.foot(term) || term instanceof Term.Measure || term instanceof Term.Anchor) {
                return i;
            }
        }
        return tokens.size();
    }

    /** {@return where a foot points that a clause turns} */
    Optional<Toes> of(Clause clause) {
        int number = clause.indexOf(term -> term instanceof Term.Num || term instanceof Term.Angle);
        int way = clause.indexOf(term -> term == Term.Way.IN || term == Term.Way.OUT);
        boolean in = clause.has(Term.Way.IN);
        if (clause.take(Term.Manner.AS_FAR)) {
            clause.takeAny(Term.Way.IN, Term.Way.OUT);
            return Optional.of(in ? new Toes.InAsFarAsTheyGo() : new Toes.OutAsFarAsTheyGo());
        }
        if (way >= 0 && number < 0 && clause.take(Term.Manner.SOMEHOW)) {
            clause.takeAny(Term.Way.IN, Term.Way.OUT);
            return Optional.of(new Toes.TurnedSome(in ? Toes.TurnedSome.Way.IN : Toes.TurnedSome.Way.OUT));
        }
        if (number >= 0 && way >= 0) {
            return inOrOut(clause, in, number < way);
        }
        Optional<Heading> hall = new DirectionReading(clause, hearing).hall();
        if (hall.isPresent()) {
            return hall.map(heading -> new Toes.Toward(new Direction.OfPosture(hearing.ofPosture(heading))));
        }
        if (number >= 0) {
            return sideways(clause);
        }
        if (clause.take(Term.Way.FORWARD) || clause.take(Term.Manner.STRAIGHT)) {
            return Optional.of(new Toes.Toward(Direction.FORWARD));
        }
        return Optional.empty();
    }

    private static Optional<Double> degrees(Clause clause) {
        return clause.take(Term.Angle.class)
                .map(Term.Angle::degrees)
                .or(() -> clause.take(Term.Num.class).map(Term.Num::value));
    }

    private Optional<Toes> inOrOut(Clause clause, boolean in, boolean target) {
        double degrees = degrees(clause).orElseThrow();
        clause.takeAny(Term.Way.IN, Term.Way.OUT);
        if (Math.abs(degrees) > 180) {
            hearing.refuse(
                    Weighing.plain(degrees), "Toes turn at most 180°, but it says " + Weighing.plain(degrees) + ".");
            return Optional.empty();
        }
        double out = in ? -degrees : degrees;
        return Optional.of(target ? new Toes.AgainstPelvis(out) : new Toes.Turned(out));
    }

    /** Forty-five to the left; with no side, forty-five degrees is a heading where "to" stands before it. */
    private Optional<Toes> sideways(Clause clause) {
        Optional<Side> way =
                clause.take(Term.Who.class, who -> Term.side(who) != null).map(Term::side);
        boolean to = clause.has(Term.Rel.TO);
        double degrees = degrees(clause).orElseThrow();
        if (way.isPresent() && to) {
            return Optional.of(new Toes.Toward(DirectionReading.ofBody(way.get().sign() * degrees)));
        }
        if (way.isPresent()) {
            double turn = Math.clamp(degrees, -180, 180);
            return Optional.of(new Toes.Turned(way.get() == side ? turn : -turn));
        }
        return to && Math.abs(degrees) <= 360
                ? Optional.of(new Toes.Toward(new Direction.OfPosture(hearing.ofPosture(Heading.wrapping(degrees)))))
                : Optional.of(new Toes.Turned(Math.clamp(degrees, -180, 180)));
    }
}
