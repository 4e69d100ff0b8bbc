package app.avrel.words.reading;

import app.avrel.body.Side;
import app.avrel.floor.Direction;
import app.avrel.floor.Heading;
import app.avrel.floor.Turn;
import java.util.Optional;

/** Finds the direction in a clause: a heading of the hall in any vocabulary, or a way of the body. */
final class DirectionReading {

    private final Clause clause;
    private final ReadingContext hearing;

    DirectionReading(Clause clause, ReadingContext hearing) {
        this.clause = clause;
        this.hearing = hearing;
    }

    /** {@return a heading of the hall that the clause names} */
    Optional<Heading> hall() {
        Optional<Heading> clock = clause.take(Term.Hall.class).map(Term.Hall::heading);
        if (clock.isPresent()) {
            return clock;
        }
        Optional<Heading> compass = clause.take(Term.Compass.class)
                .map(point -> Heading.wrapping(point.point() * 45
                        - hearing.saying().directions().startFaces().degrees()));
        return compass.or(() -> clause.take(Term.Place.class).map(place -> Heading.wrapping(place.eighth() * 45)));
    }

    /** {@return the direction, with ways counted for a foot or hand of this side} */
    Optional<Direction> of(Side side) {
        Optional<Heading> hall = hall();
        if (hall.isPresent()) {
            clause.takeAny(Term.Way.FORWARD, Term.Way.OUT, Term.Way.SIDE, Term.Way.DIAGONAL);
            return hall.map(heading -> new Direction.OfPosture(hearing.ofPosture(heading)));
        }
        return ofBody(side).map(degrees -> new Direction.OfBody(new Turn(signed(degrees))));
    }

    static Direction ofBody(double degrees) {
        return new Direction.OfBody(new Turn(signed(degrees)));
    }

    /** {@return the same direction as more than -180 and at most 180 degrees} */
    private static double signed(double degrees) {
        double round = Heading.wrapping(degrees).degrees();
        return round > 180 ? round - 360 : round;
    }

    private Optional<Double> ofBody(Side side) {
        boolean ahead = clause.take(Term.Way.FORWARD) || clause.take(Term.Who.FRONT);
        boolean back = clause.take(Term.Way.BACK) || clause.take(Term.Who.REAR);
        boolean out = clause.takeAny(Term.Way.OUT, Term.Way.SIDE);
        boolean slanting = clause.take(Term.Way.DIAGONAL);
        Optional<Side> way = leftOrRight();
        Optional<Double> angle = way.flatMap(_ -> clause.take(Term.Angle.class)
                .map(Term.Angle::degrees)
                .or(() -> clause.take(Term.Num.class, number -> number.value() == Math.rint(number.value()))
                        .map(Term.Num::value)));
        if (angle.isPresent()) {
            return angle.map(degrees -> way.get().sign() * degrees);
        }
        double toSide = way.orElse(side).sign();
        if (ahead || back) {
            boolean aside = out || slanting || way.isPresent();
            double straight = ahead ? 0.0 : 180.0;
            return Optional.of(aside ? toSide * (ahead ? 45 : 135) : straight);
        }
        if (slanting) {
            return Optional.of(toSide * 45);
        }
        return way.isPresent() || out ? Optional.of(toSide * 90) : Optional.empty();
    }

    private Optional<Side> leftOrRight() {
        return clause.take(Term.Who.class, who -> Term.side(who) != null).map(Term::side);
    }
}
